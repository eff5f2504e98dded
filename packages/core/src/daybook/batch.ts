import { z } from 'zod';
import { instantSchema, plainDaySchema } from '../calendar/index.ts';
import { supplyIdSchema } from '../cupboard/index.ts';
import { shareIdSchema } from '../handover/share.ts';
import { allergenIdSchema } from '../house/index.ts';
import { entityKind } from '../kind/index.ts';
import { recipeIdSchema } from '../library/index.ts';
import {
  amountSchema,
  idSchema,
  lineSchema,
  measureSchema,
  textSchema,
  versionSchema,
} from '../measure/index.ts';

export const batchIdSchema = idSchema.brand<'BatchId'>();

/** Something that was made by a recipe, or tried out: when, how much, with which own values, and what became of it. */
export const batchSchema = z.object({
  id: batchIdSchema,
  version: versionSchema,
  recipeId: recipeIdSchema,
  madeOn: plainDaySchema,
  amount: amountSchema.gt(0, 'An amount above zero is needed here'),
  unit: measureSchema,
  /** Allergens that were swapped out of it. */
  without: z.array(allergenIdSchema).max(20).default([]),
  /** For whom it was made, by the names that a home shows; empty for everyone. */
  label: lineSchema.nullable().default(null),
  keptHow: textSchema.default(''),
  /** What really went in where it was another amount, in the unit of the supply, for what was made. */
  own: z
    .array(z.object({ supplyId: supplyIdSchema, amount: amountSchema }))
    .max(20, 'At most 20')
    .default([]),
  /** Tried out beforehand: nothing of it is kept. */
  trial: z.boolean().default(false),
  /** What a try or a test gave, such as `12 seconds`. */
  found: lineSchema.nullable().default(null),
  note: textSchema.default(''),
  /** Used by somebody who fell ill since. */
  illSince: plainDaySchema.nullable().default(null),
  /** Thrown away or used up. */
  goneOn: plainDaySchema.nullable().default(null),
});
export type Batch = z.infer<typeof batchSchema>;

/** What a batch is to the book. */
export const batchKind = entityKind({
  schema: batchSchema,
  word: 'a batch',
  name: null,
});

/** A timer that runs to an end: stored, so that every device of the home knows it. */
export const timerSchema = z
  .object({
    id: idSchema.brand<'TimerId'>(),
    version: versionSchema,
    label: lineSchema,
    startedAt: instantSchema,
    endsAt: instantSchema,
    recipeId: recipeIdSchema.nullable().default(null),
    /** The link with which it was started; null when somebody who is signed in did. */
    shareId: shareIdSchema.nullable().default(null),
  })
  .refine(({ startedAt, endsAt }) => startedAt < endsAt, {
    path: ['endsAt'],
    message: 'A timer ends after it begins',
  });
export type Timer = z.infer<typeof timerSchema>;

/** What a timer is to the book. */
export const timerKind = entityKind({
  schema: timerSchema,
  word: 'a timer',
  name: null,
  atOnce: 'commute',
});
