import { z } from 'zod';
import { instantSchema, minutesSchema } from '../calendar/index.ts';

import { personIdSchema } from '../house/index.ts';
import { entityKind } from '../kind/index.ts';
import { idSchema, lineSchema, textSchema, versionSchema } from '../measure/index.ts';
import { dayNumberSchema, unitIdSchema } from './unit.ts';

/** What is made ready has no entity of its own: it follows from the plan, and its id from what it is for. */
export const prepTaskIdSchema = z
  .string('An id is needed here')
  .regex(/^[A-Za-z0-9:._-]{1,180}$/, 'This is not an id')
  .brand<'PrepTaskId'>();
export type PrepTaskId = z.infer<typeof prepTaskIdSchema>;

/** A time for making ready: a day and which one, such as `2027-03-12:nap`. */
export const prepSlotIdSchema = z
  .string('An id is needed here')
  .regex(/^[A-Za-z0-9:._-]{1,100}$/, 'This is not a time for making ready');

/** What somebody decided about one task of making ready; what it says nothing of is left to the plan. */
export const prepChoiceSchema = z.object({
  id: prepTaskIdSchema,
  version: versionSchema,
  unitId: unitIdSchema,
  /** Done in this time and no other. */
  slotId: prepSlotIdSchema.nullable().default(null),
  /** Done in the times of this person. */
  personId: personIdSchema.nullable().default(null),
  /** Done in so many parts, each in a time of its own. */
  parts: z.int('A whole number is needed here').min(1, 'At least one').max(6, 'At most 6').default(1),
  /** Prepared otherwise: which of the ways that its activity tells, counted from 0. */
  instead: z.int('A whole number is needed here').min(0).max(5).nullable().default(null),
  /** Done with the children, or not, whatever its activity says. */
  withChildren: z.boolean().nullable().default(null),
  /** Not done at all: a made set is there already, or it is done without. */
  skip: z.enum(['made', 'left-out'], 'It is made already, or left out').nullable().default(null),
  note: textSchema.default(''),
});
export type PrepChoice = z.infer<typeof prepChoiceSchema>;

/** What a decision about making ready is to the book. */
export const prepChoiceKind = entityKind({
  schema: prepChoiceSchema,
  word: 'a decision about making ready',
  name: null,
});

/** A task that somebody adds, such as trying something out, ready before a numbered day. */
export const ownTaskSchema = z.object({
  id: idSchema.brand<'OwnTaskId'>(),
  version: versionSchema,
  unitId: unitIdSchema,
  text: lineSchema,
  minutes: minutesSchema,
  day: dayNumberSchema,
  personId: personIdSchema.nullable().default(null),
});
export type OwnTask = z.infer<typeof ownTaskSchema>;

/** What a task of making ready is to the book. */
export const ownTaskKind = entityKind({
  schema: ownTaskSchema,
  word: 'a task of making ready',
  name: null,
});

const PUBLISHED = {
  unitId: unitIdSchema,
  entries: z
    .array(z.object({ taskId: prepTaskIdSchema, slotId: prepSlotIdSchema }))
    .max(1000, 'At most 1000 tasks'),
};

/** A schedule as it is to be shown to people. */
export const prepPlanOrderSchema = z.object(PUBLISHED);

/** What people were shown: which task in which time, since when. One a unit: its id is the unit's. */
export const prepPlanSchema = z
  .object({ id: unitIdSchema, version: versionSchema, ...PUBLISHED, by: lineSchema, at: instantSchema })
  .refine(({ id, unitId }) => id === unitId, { path: ['id'], message: 'This is the id of another unit' });
export type PrepPlan = z.infer<typeof prepPlanSchema>;

/** What a published preparation is to the book. */
export const prepPlanKind = entityKind({
  schema: prepPlanSchema,
  word: 'a published preparation',
  name: null,
  dropped: 'never',
});

/** How many minutes a task took, and how many were written for it then. */
export const prepTookSchema = z.object({
  minutes: minutesSchema.refine((minutes) => minutes >= 1, 'At least a minute'),
  planned: minutesSchema.refine((minutes) => minutes >= 1, 'At least a minute'),
});

/** A task of making ready is done: by whom and when. There is one a task, whoever ticks it. */
export const prepMarkSchema = z.object({
  id: prepTaskIdSchema,
  version: versionSchema,
  unitId: unitIdSchema,
  by: lineSchema,
  at: instantSchema,
  took: prepTookSchema.nullable().default(null),
});
export type PrepMark = z.infer<typeof prepMarkSchema>;

/** What a tick of making ready is to the book. */
export const prepMarkKind = entityKind({
  schema: prepMarkSchema,
  word: 'a tick of making ready',
  name: null,
  dropped: 'never',
  atOnce: 'commute',
});
