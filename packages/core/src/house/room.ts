import { z } from 'zod';
import { plainDaySchema } from '../calendar/index.ts';
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

export const closureIdSchema = idSchema.brand<'ClosureId'>();
/** A stretch of days, first and last included, on which the home is closed. At most a year. */
export const closureSchema = z
  .object({
    id: closureIdSchema,
    version: versionSchema,
    from: plainDaySchema,
    to: plainDaySchema,
    why: lineSchema,
  })
  .refine((closure) => closure.from <= closure.to, {
    path: ['to'],
    message: 'The last day comes after the first',
  });
export type Closure = z.infer<typeof closureSchema>;

export const personIdSchema = idSchema.brand<'PersonId'>();
export type PersonId = z.infer<typeof personIdSchema>;
/** Someone who works in the home. */
export const personSchema = z.object({
  id: personIdSchema,
  version: versionSchema,
  name: lineSchema,
  role: z.enum(['provider', 'assistant'], 'A person is the provider or an assistant'),
});
export type Person = z.infer<typeof personSchema>;
