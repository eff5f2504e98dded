import { z } from 'zod';
import { daysBetween, instantSchema, parsePlainDay, plainDaySchema } from '../calendar/index.ts';

import { entityKind, idOf } from '../kind/index.ts';
import { idSchema, lineSchema, textSchema, versionSchema } from '../measure/index.ts';
import { unitIdSchema } from '../unit/index.ts';
import { WATCH_MEASURES, watchFields, watchMeasureSchema } from './stage.ts';

/** How many a living thing may be. */
const MOST_LIVING = 100_000;
const headsSchema = z
  .int('A whole number is needed here')
  .min(0, 'This cannot be below zero')
  .max(MOST_LIVING, `At most ${MOST_LIVING}`);

/** The longest window in which something may come. */
const LONGEST_WAIT_DAYS = 90;

/** Something that has not come yet: until when it is expected, until when it has to be ordered, and how it comes. It is over when it is here. */
export const awaitedSchema = z.object({
  /** The last day on which it may come; the first is the day on which its observation begins. */
  until: plainDaySchema,
  orderBy: plainDaySchema.nullable().default(null),
  ordered: z.boolean().default(false),
  /** `by post`, `from the beekeeper`. */
  how: textSchema.default(''),
});
export type Awaited = z.infer<typeof awaitedSchema>;

export const observationIdSchema = idOf('observations').brand<'ObservationId'>();
export type ObservationId = z.infer<typeof observationIdSchema>;

const observationFields = z.object({
  id: observationIdSchema,
  version: versionSchema,
  /** The unit that started it: it goes on when that one ends. */
  unitId: unitIdSchema,
  ...watchFields,
  /** The pattern that it was made from: what it takes teaches the next one. */
  patternId: idOf('watchPatterns').nullable().default(null),
  /** The day on which it began or is to begin; of what is awaited, the first on which it may come. */
  startedOn: plainDaySchema,
  awaited: awaitedSchema.nullable().default(null),
  /** Of something alive, how many at the beginning. */
  heads: headsSchema.nullable().default(null),
  /** Where it stands, in the home's own words. */
  keptIn: lineSchema.nullable().default(null),
  /** Given up or finished; null while it goes on. */
  endedOn: plainDaySchema.nullable().default(null),
});

/** Something that is watched over days or weeks. Its stages are a copy: later edits of a pattern never change it. */
export const observationSchema = observationFields.superRefine(({ startedOn, awaited }, context) => {
  if (awaited === null) return;
  const { until, orderBy } = awaited;
  // What is no day is told by its own field.
  if (![startedOn, until].every(parsePlainDay)) return;
  const wrong = (field: string, message: string): void =>
    context.addIssue({ code: 'custom', path: ['awaited', field], message });
  if (until < startedOn) wrong('until', 'The last day lies before the first');
  else if (daysBetween(startedOn, until) > LONGEST_WAIT_DAYS)
    wrong('until', `No more than ${LONGEST_WAIT_DAYS} days after the first`);
  if (orderBy !== null && orderBy > until) wrong('orderBy', 'It would come before it is ordered');
});
export type Observation = z.infer<typeof observationSchema>;

/** What an observation is to the book. */
export const observationKind = entityKind({
  schema: observationSchema,
  word: 'an observation',
  name: ({ title }) => title,
});

const measuredSchema = z
  .object({ kind: watchMeasureSchema, value: z.number('A number is needed here') })
  .superRefine(({ kind, value }, context) => {
    const { min, max } = WATCH_MEASURES[kind];
    if (value < min || max < value)
      context.addIssue({ code: 'custom', path: ['value'], message: `Between ${min} and ${max}` });
  });

const SIGHTING = {
  id: idSchema.brand<'SightingId'>(),
  observationId: observationIdSchema,
  on: plainDaySchema,
  /** The stage that was seen to begin; null when nothing new began. */
  stageId: idSchema.nullable().default(null),
  seen: textSchema.default(''),
  measured: z.array(measuredSchema).max(4, 'At most 4').default([]),
  /** Of something alive, how many were lost, and how many were set free. */
  lost: headsSchema.default(0),
  setFree: headsSchema.default(0),
};

const isSomething = (sighting: {
  stageId: string | null;
  seen: string;
  measured: readonly unknown[];
  lost: number;
  setFree: number;
}): boolean =>
  sighting.stageId !== null ||
  sighting.seen !== '' ||
  sighting.measured.length > 0 ||
  sighting.lost + sighting.setFree > 0;
const NOTHING = { path: ['seen'], message: 'Say what was seen, measure something, or choose a stage' };

/** What somebody saw, as it is told. */
export const sightingOrderSchema = z.object(SIGHTING).refine(isSomething, NOTHING);

/** What was seen of something that is watched: on which day, by whom. */
export const sightingSchema = z
  .object({ ...SIGHTING, version: versionSchema, by: lineSchema, at: instantSchema })
  .refine(isSomething, NOTHING);
export type Sighting = z.infer<typeof sightingSchema>;

/** What a line of an observation is to the book. */
export const sightingKind = entityKind({
  schema: sightingSchema,
  word: 'a line of an observation',
  name: null,
});
