import { z } from 'zod';
import { instantSchema } from '../calendar/index.ts';
import { childIdSchema } from '../house/index.ts';
import { entityKind } from '../kind/index.ts';
import { versionIdSchema } from '../library/index.ts';
import { lineSchema, textSchema, versionSchema } from '../measure/index.ts';
import { dayNumberSchema, placementIdSchema, unitIdSchema } from '../unit/index.ts';

/** How something went, for all or for one child. */
export const OUTCOMES = {
  loved: { name: 'Loved it', hint: 'wanted more' },
  fine: { name: 'Fine', hint: 'held them' },
  lost: { name: 'Lost them', hint: 'too hard, too long or too easy' },
  skipped: { name: 'Skipped', hint: 'did not happen' },
} as const;
export type DoneOutcome = keyof typeof OUTCOMES;
const outcomeSchema = z.enum(Object.keys(OUTCOMES) as [DoneOutcome, ...DoneOutcome[]], 'Say how it went');

/** What a test was measured by. */
export const TEST_MEASURES = {
  seconds: { name: 'Time', unit: 's' },
  cm: { name: 'Distance', unit: 'cm' },
  count: { name: 'Count', unit: '' },
  'yes-no': { name: 'Yes or no', unit: '' },
} as const;
export type TestMeasure = keyof typeof TEST_MEASURES;

/** A real test: one thing was changed from try to try, each child guessed which try has the most, and it was measured. */
export const testResultSchema = z.object({
  measure: z.enum(Object.keys(TEST_MEASURES) as [TestMeasure, ...TestMeasure[]], 'Say what was measured'),
  /** What was different in each try, and what came out: yes is 1, no is 0. */
  tries: z
    .array(
      z.object({
        label: lineSchema,
        result: z
          .number('A number is needed here')
          .min(0, 'This cannot be below zero')
          .max(1_000_000)
          .nullable(),
      }),
    )
    .min(1, 'A test has at least one try')
    .max(8, 'At most eight tries'),
  /** For which try each child guessed; the try by its place in the list, from 0. */
  guesses: z
    .array(z.object({ childId: childIdSchema, tryIndex: z.int().min(0).max(7) }))
    .max(60)
    .default([]),
});
export type TestResult = z.infer<typeof testResultSchema>;

/** What somebody says about something that ended, as it is said. */
export const recordOrderSchema = z.object({
  unitId: unitIdSchema,
  placementId: placementIdSchema,
  day: dayNumberSchema,
  outcome: outcomeSchema,
  /** Begun and not finished: it stays out and is carried on. */
  unfinished: z.boolean().default(false),
  /** Done in another version than planned, by all; null for as planned. */
  versionId: versionIdSchema.nullable().default(null),
  note: textSchema.default(''),
  /** Where it was otherwise for one child. */
  children: z
    .array(z.object({ childId: childIdSchema, outcome: outcomeSchema }))
    .max(60, 'At most 60')
    .default([]),
  test: testResultSchema.nullable().default(null),
});
export type RecordOrder = z.infer<typeof recordOrderSchema>;

/** How something placed went on a day, by whom and when. There is one a placement and day: said again, it is corrected. */
export const recordSchema = recordOrderSchema.extend({
  id: z
    .string('An id is needed here')
    .regex(/^[A-Za-z0-9:._-]{1,200}$/, 'This is not an id')
    .brand<'RecordId'>(),
  version: versionSchema,
  by: lineSchema,
  at: instantSchema,
});
export type DayRecord = z.infer<typeof recordSchema>;

/** What a record of a day is to the book. */
export const recordKind = entityKind({
  schema: recordSchema,
  word: 'a record of a day',
  name: null,
  undone: 'never',
});

/** The id of the one record of something on a day. */
export const recordIdOf = (placementId: string, day: number): DayRecord['id'] =>
  `${placementId}:${day}` as DayRecord['id'];
