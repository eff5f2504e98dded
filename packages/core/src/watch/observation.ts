import { z } from 'zod';
import { instantSchema, plainDaySchema } from '../calendar/index.ts';

import { entityKind, idOf } from '../kind/index.ts';
import { idSchema, lineSchema, textSchema, versionSchema } from '../measure/index.ts';
import { unitIdSchema } from '../unit/index.ts';
import { WATCH_MEASURES, watchFields, watchMeasureSchema } from './stage.ts';

export const observationIdSchema = idOf('observations').brand<'ObservationId'>();
export type ObservationId = z.infer<typeof observationIdSchema>;

/** Something that is watched over days or weeks. Its stages are a copy: later edits of a pattern never change it. */
export const observationSchema = z.object({
  id: observationIdSchema,
  version: versionSchema,
  /** The unit that started it: it goes on when that one ends. */
  unitId: unitIdSchema,
  ...watchFields,
  startedOn: plainDaySchema,
  /** Where it stands, in the home's own words. */
  keptIn: lineSchema.nullable().default(null),
  /** Given up or finished; null while it goes on. */
  endedOn: plainDaySchema.nullable().default(null),
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
};

const isSomething = (sighting: {
  stageId: string | null;
  seen: string;
  measured: readonly unknown[];
}): boolean => sighting.stageId !== null || sighting.seen !== '' || sighting.measured.length > 0;
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
