import { z } from 'zod';
import { lineSchema } from './text.ts';

/** The kinds of files that a home may keep, by their content. */
export const FILE_TYPES = {
  'application/pdf': 'PDF',
  'image/png': 'PNG picture',
  'image/jpeg': 'JPEG picture',
  'image/webp': 'WebP picture',
} as const;
export type FileType = keyof typeof FILE_TYPES;

/** The largest file that is taken in, in bytes. */
export const MAX_FILE_BYTES = 20_000_000;

/** A file that the home keeps outside of its database, named by the checksum of its content. */
export const keptFileSchema = z.object({
  /** SHA-256 of the content, in hexadecimal. */
  sha256: z.string().regex(/^[0-9a-f]{64}$/, 'This is not a checksum'),
  bytes: z.int().min(1).max(MAX_FILE_BYTES),
  type: z.enum(Object.keys(FILE_TYPES) as [FileType, ...FileType[]], 'Kobby does not keep this kind of file'),
  /** The name that it came with. */
  name: lineSchema,
});
export type KeptFile = z.infer<typeof keptFileSchema>;

/**
 * The picture that somebody chose for something: one that ships with Kobby, by its id there; a photo or drawing of the home; or none on
 * purpose. Null where nobody chose: then it is found by the name. Why by name and not kept: a renamed thing shows its new self.
 */
export const pictureSchema = z
  .discriminatedUnion(
    'from',
    [
      z.object({
        from: z.literal('kobby'),
        id: z.string().regex(/^[a-z0-9][a-z0-9-]{0,59}$/, 'This is not a picture of Kobby'),
      }),
      z.object({
        from: z.literal('home'),
        file: keptFileSchema.refine(({ type }) => type !== 'application/pdf', {
          message: 'A picture is needed here, not a PDF',
        }),
      }),
      z.object({ from: z.literal('none') }),
    ],
    'A picture is one of Kobby’s, one of the home’s, or none',
  )
  .nullable()
  .default(null);
export type Picture = z.infer<typeof pictureSchema>;

/** What something is shown by: the picture that was chosen, else the one that goes by its name. */
export const shownBySchema = z.strictObject({ name: z.string(), picture: pictureSchema });
export type ShownBy = z.infer<typeof shownBySchema>;

/** The files of the home that a value names, wherever in it they stand; each once, in the order of their first place. */
export function keptFilesIn(value: unknown): readonly KeptFile[] {
  const found = new Map<string, KeptFile>();
  const walk = (inner: unknown): void => {
    if (typeof inner !== 'object' || inner === null) return;
    if ('sha256' in inner && 'bytes' in inner) found.set((inner as KeptFile).sha256, inner as KeptFile);
    else for (const part of Object.values(inner)) walk(part);
  };
  walk(value);
  return [...found.values()];
}

/** A value with the files that it names put for others; a picture or file for which there is none is nothing. */
export function withKeptFiles<T>(value: T, kept: ReadonlyMap<string, KeptFile>): T {
  if (typeof value !== 'object' || value === null) return value;
  if (Array.isArray(value)) return value.map((one: unknown) => withKeptFiles(one, kept)) as T;
  if ('sha256' in value && 'bytes' in value)
    return (kept.get((value as unknown as KeptFile).sha256) ?? null) as T;
  const made = Object.fromEntries(
    Object.entries(value).map(([key, inner]) => [key, withKeptFiles(inner as unknown, kept)]),
  );
  return (made.from === 'home' && made.file === null ? null : made) as T;
}
