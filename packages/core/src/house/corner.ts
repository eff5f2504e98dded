import { z } from 'zod';
import { entityKind, idOf } from '../kind/index.ts';
import { amountSchema, lineSchema, orderKeySchema, versionSchema } from '../measure/index.ts';

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

export const cornerIdSchema = idOf('corners').brand<'CornerId'>();
export type CornerId = z.infer<typeof cornerIdSchema>;

/** Something that stands in a corner for good: no set-up there takes it from the cupboard again. */
export const standingSchema = z.object({
  supplyId: idOf('supplies'),
  /** In the unit of the supply. */
  amount: amountSchema.gt(0, 'An amount above zero is needed here'),
});

/** A learning centre of the home: a cubby on the shelf. */
export const cornerSchema = z.object({
  id: cornerIdSchema,
  version: versionSchema,
  name: lineSchema,
  kind: cornerKindSchema,
  outdoors: z.boolean(),
  /** Somebody sleeps there, or in a seat beside it, while other things go on. */
  sleptIn: z.boolean().default(false),
  /** How many children fit at once. */
  places: z.int('A whole number is needed here').min(1, 'At least one child fits').max(30, 'At most 30'),
  /** Expected to hold something in every unit. */
  expected: z.boolean(),
  /** The corner with which it shares a table; null when it has its own place. */
  sharesTableWith: cornerIdSchema.nullable().default(null),
  standingKit: z.array(standingSchema).max(40, 'At most 40').default([]),
  /** Taken off the shelf: kept so that earlier units stay readable. */
  retired: z.boolean().default(false),
  /** Place on the shelf: a fractional key. */
  order: orderKeySchema,
});
export type Corner = z.infer<typeof cornerSchema>;

/** What a corner is to the book. */
export const cornerKind = entityKind({
  schema: cornerSchema,
  word: 'a corner',
  name: ({ name }) => name,
});

/** Corners in the order of the shelf. */
export const inShelfOrder = (corners: readonly Corner[]): readonly Corner[] =>
  corners.toSorted((a, b) => (a.order < b.order ? -1 : a.order > b.order ? 1 : 0));
