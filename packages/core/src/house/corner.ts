import { z } from 'zod';
import { idSchema, lineSchema, versionSchema } from '../measure/index.ts';

/** The kinds of learning centre. An activity says which kinds it suits, a home's corner is of one kind. */
export const CORNER_KINDS = [
  'blocks',
  'pretend-play',
  'sensory-bin',
  'light-table',
  'easel',
  'dough',
  'writing',
  'science',
  'table-trays',
  'books',
  'floor-games',
  'felt-board',
  'music',
  'outdoors',
  'other',
] as const;
export const cornerKindSchema = z.enum(CORNER_KINDS, 'This is not a kind of learning centre');
export type CornerKind = z.infer<typeof cornerKindSchema>;

export const cornerIdSchema = idSchema.brand<'CornerId'>();
export type CornerId = z.infer<typeof cornerIdSchema>;

/** A learning centre of the home: a cubby on the shelf. */
export const cornerSchema = z.object({
  id: cornerIdSchema,
  version: versionSchema,
  name: lineSchema,
  kind: cornerKindSchema,
  outdoors: z.boolean(),
  /** How many children fit at once. */
  places: z.int('A whole number is needed here').min(1, 'At least one child fits').max(30, 'At most 30'),
  /** Expected to hold something in every unit. */
  expected: z.boolean(),
  /** Place on the shelf: a fractional key. */
  order: z.string().regex(/^[0-9A-Za-z]{1,40}$/, 'This is not an order key'),
});
export type Corner = z.infer<typeof cornerSchema>;
