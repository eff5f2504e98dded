import { z } from 'zod';
import { instantSchema } from '../calendar/index.ts';
import { supplyIdSchema, type SupplyId } from '../cupboard/index.ts';
import { entityKind } from '../kind/index.ts';
import { lineSchema, versionSchema } from '../measure/index.ts';
import { dayNumberSchema, placementIdSchema, type PlacementId } from '../unit/index.ts';

// Three ids with separators: longer than other ids.
export const tickIdSchema = z
  .string('An id is needed here')
  .regex(/^[A-Za-z0-9:._-]{1,200}$/, 'This is not an id')
  .brand<'TickId'>();
export type TickId = z.infer<typeof tickIdSchema>;

/** What a tick is about: something placed, on a numbered day; with a supply, only that thing of it. */
export const tickSubjectSchema = z.object({
  placementId: placementIdSchema,
  day: dayNumberSchema,
  supplyId: supplyIdSchema.nullable(),
});
export type TickSubject = z.infer<typeof tickSubjectSchema>;

/** Something was ticked off: by whom and when. There is at most one tick a subject, whoever makes it. */
export const tickSchema = tickSubjectSchema.extend({
  id: tickIdSchema,
  version: versionSchema,
  /** Name of the person or label of the link that made it. */
  by: lineSchema,
  at: instantSchema,
});
export type Tick = z.infer<typeof tickSchema>;

/** What a tick is to the book. */
export const tickKind = entityKind({
  schema: tickSchema,
  word: 'a tick',
  name: null,
  dropped: 'never',
  undone: 'never',
  atOnce: 'commute',
});

/** The id of the one tick about a subject, so that two people ticking the same thing make one tick. */
export const tickIdOf = (subject: {
  readonly placementId: PlacementId;
  readonly day: number;
  readonly supplyId: SupplyId | null;
}): TickId => `${subject.placementId}:${subject.day}:${subject.supplyId ?? ''}` as TickId;
