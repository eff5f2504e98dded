import { z } from 'zod';
import {
  clockTimeSchema,
  instantSchema,
  minutesSchema,
  minutesSinceMidnight,
  zoneSchema,
  type Weekday,
} from '../calendar/index.ts';
import { entityKind, idOf } from '../kind/index.ts';
import {
  currencySchema,
  idSchema,
  lineSchema,
  textSchema,
  unitSystemSchema,
  versionSchema,
} from '../measure/index.ts';
import { ownSkillIdSchema, lensSchema, ownHeadingSchema } from '../skills/index.ts';
import { ratioRuleSchema } from './ratio.ts';
import { changedValuesSchema } from './starting-values.ts';

export const partIdSchema = idSchema.brand<'PartId'>();
/** Id of a part of the day. */
export type PartId = z.infer<typeof partIdSchema>;
export const blockIdSchema = idOf('blocks').brand<'BlockId'>();
/** Id of a block of the day. */
export type BlockId = z.infer<typeof blockIdSchema>;
export const homeIdSchema = z.literal('home').brand<'HomeId'>();
/** There is one home in a book, and this is its id. */
export const HOME_ID = homeIdSchema.parse('home');

export const weekdaySchema = z
  .int('A day of the week is a number from 1 to 7')
  .min(1, 'A day of the week is a number from 1 to 7')
  .max(7, 'A day of the week is a number from 1 to 7')
  .transform((day) => day as Weekday);

/** A part of the day with its clock times: attendance and work are entered by part and computed in time. */
export const partSchema = z
  .object({ id: partIdSchema, name: lineSchema, from: clockTimeSchema, to: clockTimeSchema })
  .refine((part) => part.from < part.to, { path: ['to'], message: 'A part of the day ends after it begins' });
export type Part = z.infer<typeof partSchema>;

/** A block of the day, such as circle or table time: a start and a length in minutes. */
export const blockSchema = z.object({
  id: blockIdSchema,
  name: lineSchema,
  start: clockTimeSchema,
  minutes: minutesSchema,
  /** Kept for circle time: nothing else is proposed for it. */
  isCircle: z.boolean().default(false),
});
export type Block = z.infer<typeof blockSchema>;

/** The days of the week as keys, `1` for Monday. */
export const weekdayKeySchema = z.enum(['1', '2', '3', '4', '5', '6', '7']);

/** When a time for making ready begins that nobody gave a beginning: in the evening, which loses no time by mistake. */
const EVENING = clockTimeSchema.parse('19:30');

/** Time for making ready: from when, minutes on each weekday, and whose time it is; null for whoever is there. */
export const prepSlotSchema = z.object({
  id: idSchema,
  name: lineSchema,
  start: clockTimeSchema.default(EVENING),
  minutes: z.partialRecord(weekdayKeySchema, minutesSchema).default({}),
  personId: idSchema.nullable().default(null),
});
export type PrepSlot = z.infer<typeof prepSlotSchema>;

/** The kinds of place in which something waits until it is used. */
export const WAITING_PLACES = {
  freezer: 'freezer',
  fridge: 'fridge',
  'drying-line': 'drying line',
  'drying-rack': 'drying rack',
  'window-shelf': 'window shelf',
  press: 'press',
  oven: 'oven',
  shelf: 'shelf out of reach',
} as const;
export type WaitingPlaceKind = keyof typeof WAITING_PLACES;
export const waitingPlaceKindSchema = z.enum(
  Object.keys(WAITING_PLACES) as [WaitingPlaceKind, ...WaitingPlaceKind[]],
  'This is not a place where things wait',
);

/** A place that holds things while they wait, and how many at once. */
export const waitingPlaceSchema = z.object({
  id: idSchema,
  name: lineSchema,
  kind: waitingPlaceKindSchema,
  holds: z.int('A whole number is needed here').min(1, 'At least one fits').max(200, 'At most 200'),
});
export type WaitingPlace = z.infer<typeof waitingPlaceSchema>;

/** At most so many recorded minutes a day, for children below an age in months; null for all. */
export const recordedLimitSchema = z.object({
  underMonths: z.int('Whole months are needed here').min(1).max(216).nullable().default(null),
  minutes: minutesSchema,
});

/** What is true of the home as a whole. */
export const homeSchema = z.object({
  id: homeIdSchema,
  version: versionSchema,
  name: lineSchema,
  zone: zoneSchema,
  workingWeekdays: z.array(weekdaySchema).min(1, 'A home works on at least one day of the week').max(7),
  parts: z.array(partSchema).min(1, 'A day has at least one part').max(8, 'At most 8 parts of a day'),
  blocks: z.array(blockSchema).min(1, 'A day has at least one block').max(24, 'At most 24 blocks of a day'),
  emergencyNumber: lineSchema.nullable(),
  poisonCentreNumber: lineSchema.nullable(),
  /** How hot the water of the tap gets, as somebody measured it; null when nobody did. */
  tapC: z
    .number('A temperature is needed here')
    .min(0, 'Above freezing')
    .max(100, 'At most 100 °C')
    .nullable()
    .default(null),
  units: unitSystemSchema.default('metric'),
  currency: currencySchema.default('USD'),
  lens: lensSchema.default('corners'),
  ownHeadings: z.array(ownHeadingSchema).max(12, 'At most 12 headings').default([]),
  /** Skills in the home's own words, under their areas. */
  ownSkills: z.array(ownSkillIdSchema).max(60, 'At most 60').default([]),
  pictures: z.enum(['any', 'realistic'], 'Pictures are of any kind, or realistic only').default('any'),
  /** What happens when filler leaves a bin, in the home's own words: printed on the bin card. */
  binRule: textSchema.default(''),
  /** What holds when something is collected outdoors. */
  collectRule: textSchema.default(''),
  prepSlots: z.array(prepSlotSchema).max(20, 'At most 20').default([]),
  waitingPlaces: z.array(waitingPlaceSchema).max(20, 'At most 20').default([]),
  recordedLimits: z.array(recordedLimitSchema).max(8, 'At most 8').default([]),
  /** What is told of circles counts for the patience of this group from then on; null for all that was told. */
  patienceSince: instantSchema.nullable().default(null),
  /** Minutes that turns and preparation took count from then on; null for all that was measured. */
  minutesSince: instantSchema.nullable().default(null),
  ratio: ratioRuleSchema.default(ratioRuleSchema.parse({})),
  values: changedValuesSchema,
});
export type Home = z.infer<typeof homeSchema>;

/** What a home is to the book. */
export const homeKind = entityKind({
  schema: homeSchema,
  word: 'a home',
  name: ({ name }) => name,
  dropped: 'never',
});

/** The parts of the day, at least a minute of which lies in the stretch from `start` on. */
export function partsDuring(
  home: Home,
  span: { readonly from: number; readonly to: number },
): readonly PartId[] {
  return home.parts
    .filter((part) => minutesSinceMidnight(part.from) < span.to && span.from < minutesSinceMidnight(part.to))
    .map((part) => part.id);
}

/** The ids of a home's parts of the day; none for a book without a home. */
export const partIdsOf = (home: Home | undefined): ReadonlySet<string> =>
  new Set(home?.parts.map((part) => part.id));
