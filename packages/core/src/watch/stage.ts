import { z } from 'zod';
import { minutesSchema } from '../calendar/index.ts';
import { supplyIdSchema } from '../cupboard/index.ts';
import { waitingPlaceKindSchema } from '../house/index.ts';
import { entityKind } from '../kind/index.ts';
import { amountSchema, idSchema, lineSchema, textSchema, versionSchema } from '../measure/index.ts';

/** What is measured while something is watched. Heights in millimetres, masses in grams, temperatures in degrees Celsius. */
export const WATCH_MEASURES = {
  height: { name: 'Height', unit: 'mm', min: 0, max: 10_000 },
  mass: { name: 'Mass', unit: 'g', min: 0, max: 100_000 },
  temperature: { name: 'Temperature', unit: '°C', min: -60, max: 120 },
  count: { name: 'Count', unit: '', min: 0, max: 100_000 },
} as const;
export type WatchMeasure = keyof typeof WATCH_MEASURES;
export const watchMeasureSchema = z.enum(
  Object.keys(WATCH_MEASURES) as [WatchMeasure, ...WatchMeasure[]],
  'This is not something to measure',
);

const lookSchema = z.discriminatedUnion(
  'kind',
  [
    z.object({ kind: z.literal('daily') }),
    z.object({ kind: z.literal('closed') }),
    z.object({
      kind: z.literal('every'),
      days: z.int('Whole days are needed here').min(2, 'At least two').max(60, 'At most 60'),
    }),
  ],
  'It is looked at daily, every so many days, or left closed',
);

const daysSchema = z
  .int('Whole days are needed here')
  .min(1, 'A stage takes at least a day')
  .max(200, 'At most 200 days');

/** A stage: how long it takes, roughly, how often it is looked at, and what it brings along. */
export const watchStageSchema = z
  .object({
    id: idSchema,
    name: lineSchema,
    leastDays: daysSchema,
    mostDays: daysSchema,
    /** Looked at daily, every so many days, or left closed. */
    look: lookSchema.default({ kind: 'daily' }),
    /** How one sees that it has begun. */
    sign: textSchema.default(''),
    /** What is made ready before it begins. */
    tasks: z
      .array(
        z.object({
          id: idSchema,
          text: textSchema.min(1, 'Say what is made ready'),
          minutes: minutesSchema,
        }),
      )
      .max(6, 'At most 6')
      .default([]),
    /** What it needs, in the units of the supplies. */
    supplies: z
      .array(
        z.object({
          supplyId: supplyIdSchema,
          amount: amountSchema.gt(0, 'An amount above zero is needed here'),
        }),
      )
      .max(12, 'At most 12')
      .default([]),
    /** The kind of place that it takes up meanwhile; null for none that is counted. */
    place: waitingPlaceKindSchema.nullable().default(null),
    /** What there is from its beginning on, in words that activities use: seedlings, crystals. */
    makes: z.array(lineSchema).max(10, 'At most 10').default([]),
    /** Its first day wants everyone to be there. */
    fullHouse: z.boolean().default(false),
  })
  .refine((stage) => stage.leastDays <= stage.mostDays, {
    path: ['mostDays'],
    message: 'This cannot be less than the days above',
  });
export type WatchStage = z.infer<typeof watchStageSchema>;

/** What is said of something that is watched, in a pattern and in what is made from it. */
export const watchFields = {
  title: lineSchema,
  about: textSchema.default(''),
  measures: z.array(watchMeasureSchema).max(4).default([]),
  stages: z.array(watchStageSchema).min(1, 'It has at least one stage').max(12, 'At most 12 stages'),
  /** Alive: it is counted, looked after on closed days too, and set free. */
  living: z.boolean().default(false),
  /** What it needs on each day on which it is looked at. */
  care: textSchema.default(''),
  /** Who looks on closed days, or what it does without: `takes it home`, `a wet sponge lasts two days`. */
  closedDays: textSchema.default(''),
  /** What is done when nothing comes of it. */
  planB: textSchema.default(''),
};

/** Something to watch, kept for next time. */
export const watchPatternSchema = z.object({
  id: idSchema.brand<'WatchPatternId'>(),
  version: versionSchema,
  ...watchFields,
  retired: z.boolean().default(false),
});
export type WatchPattern = z.infer<typeof watchPatternSchema>;

/** What a thing to watch is to the book. */
export const watchPatternKind = entityKind({
  schema: watchPatternSchema,
  word: 'a thing to watch',
  name: ({ title }) => title,
});
