import { z } from 'zod';
import { instantSchema, minutesSchema } from '../calendar/index.ts';
import { childIdSchema } from '../house/index.ts';
import { entityKind } from '../kind/index.ts';
import {
  MOST_WAYS,
  resultSchema,
  testBySchema,
  testMeasureSchema,
  versionIdSchema,
} from '../library/index.ts';
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

/** The most values of one kind in a test: sixty children, eight ways. */
const MOST_RESULTS = 480;
const wayIndexSchema = z
  .int('A whole number is needed here')
  .min(0)
  .max(MOST_WAYS - 1);
const resultsSchema = z.array(resultSchema).min(1, 'At least one').max(10, 'At most 10');

/** A real test: one thing was changed from way to way, each child guessed which has the most, and it was measured. */
export const testResultSchema = z.object({
  question: textSchema.default(''),
  measure: testMeasureSchema,
  /** Who tried: a result for all stands with its way, results of children and groups by themselves. */
  by: testBySchema.default('all'),
  /** What was different in each way, and what came out where all tried together. */
  tries: z
    .array(z.object({ label: lineSchema, result: resultSchema.nullable() }))
    .min(1, 'A test has at least one try')
    .max(MOST_WAYS, 'At most eight tries'),
  /** For which way each child guessed; the way by its place in the list, from 0. */
  guesses: z
    .array(z.object({ childId: childIdSchema, tryIndex: wayIndexSchema }))
    .max(60)
    .default([]),
  /** What came out for each child: as often as it tried. */
  own: z
    .array(z.object({ childId: childIdSchema, tryIndex: wayIndexSchema, results: resultsSchema }))
    .max(MOST_RESULTS)
    .default([]),
  /** What came out for each group, counted from 1. */
  groups: z
    .array(
      z.object({
        group: z.int('A whole number is needed here').min(1, 'Groups count from 1').max(12, 'At most 12'),
        tryIndex: wayIndexSchema,
        results: resultsSchema,
      }),
    )
    .max(MOST_RESULTS)
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
  /** How many minutes a turn of it took, where somebody looked at the clock. */
  turnTook: minutesSchema.nullable().default(null),
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
