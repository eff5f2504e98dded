import { z } from 'zod';

interface StartingValue {
  readonly name: string;
  readonly unit: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;
}

/**
 * The values that Kobby starts from and a home may change: the one table of them. All are Kobby's own starting
 * points from practice, not limits of any law.
 */
export const STARTING_VALUES = {
  sittingMinutesPerYear: { name: 'Sitting still, a year of age', unit: 'minutes', value: 3, min: 1, max: 15 },
  songLineSeconds: { name: 'One line of a song', unit: 'seconds', value: 5, min: 1, max: 30 },
  circleSettleSeconds: {
    name: 'Settling between two pieces of a circle',
    unit: 'seconds',
    value: 15,
    min: 0,
    max: 120,
  },
  storyMinutes: { name: 'Reading a story aloud', unit: 'minutes', value: 5, min: 1, max: 30 },
  talkMinutes: { name: 'Talking about something in a circle', unit: 'minutes', value: 2, min: 1, max: 20 },
  gameMinutes: { name: 'A game or a song without written words', unit: 'minutes', value: 2, min: 1, max: 20 },
  movingGivesBackPercent: {
    name: 'A lively piece gives back, of what was sat before',
    unit: '%',
    value: 50,
    min: 0,
    max: 100,
  },
  patienceStepPercent: {
    name: 'What one record moves what is learned from it, at most',
    unit: '%',
    value: 25,
    min: 0,
    max: 100,
  },
  doughShareMl: { name: "A child's share of dough", unit: 'mL', value: 240, min: 30, max: 2000 },
  weighedShareG: { name: "A child's share of what is weighed", unit: 'g', value: 60, min: 5, max: 2000 },
  binSurfaceCm2: { name: 'Bin surface for one child', unit: 'cm²', value: 900, min: 100, max: 10_000 },
  fillerDepthPercent: { name: 'Filler, of the depth of a bin', unit: '%', value: 33, min: 5, max: 100 },
  piecesPerSpare: { name: 'Pieces for which there is one spare', unit: 'pieces', value: 8, min: 1, max: 100 },
  cuttingSecondsPerCard: { name: 'Cutting a card', unit: 'seconds', value: 15, min: 1, max: 300 },
  laminatingSecondsPerSheet: { name: 'Laminating a sheet', unit: 'seconds', value: 60, min: 5, max: 600 },
  printingSecondsPerPage: { name: 'Printing a page', unit: 'seconds', value: 20, min: 1, max: 300 },
  messyPerDay: { name: 'Messy things in a day', unit: 'at most', value: 1, min: 0, max: 20 },
  plannedPerDay: { name: 'Planned things in a day', unit: 'at most', value: 3, min: 0, max: 20 },
  headingEveryDays: {
    name: 'Something under each heading, whatever the style says, every',
    unit: 'days',
    value: 5,
    min: 1,
    max: 60,
  },
  settingOutSeconds: {
    name: 'Finding one thing and setting it out',
    unit: 'seconds',
    value: 45,
    min: 5,
    max: 600,
  },
  slotOverMinutes: {
    name: 'A time for making ready may run over by',
    unit: 'minutes',
    value: 10,
    min: 0,
    max: 60,
  },
  shoppingMinutes: { name: 'One round of shopping', unit: 'minutes', value: 45, min: 5, max: 240 },
  askingMinutes: { name: 'Ordering, asking or borrowing', unit: 'minutes', value: 5, min: 1, max: 60 },
  collectingMinutes: { name: 'Collecting outdoors', unit: 'minutes', value: 20, min: 5, max: 240 },
  finishingSecondsPerSheet: {
    name: 'One finishing step, a copy of a sheet',
    unit: 'seconds',
    value: 40,
    min: 5,
    max: 600,
  },
  folderMinutes: { name: 'Filling a day folder', unit: 'minutes', value: 3, min: 1, max: 30 },
  binMinutes: { name: "Filling one child's bin", unit: 'minutes', value: 4, min: 1, max: 30 },
  firstDayMinutes: {
    name: 'Making a unit ready for its first day',
    unit: 'minutes',
    value: 60,
    min: 0,
    max: 1200,
  },
  lateUseDays: { name: 'Not used lately means not within', unit: 'days', value: 60, min: 1, max: 400 },
  heatStopC: { name: 'Too hot outdoors, as it feels, from', unit: '°C', value: 36, min: 25, max: 50 },
  chillStopC: { name: 'Too cold outdoors, as it feels, down to', unit: '°C', value: -15, min: -40, max: 5 },
  airStop: {
    name: 'Too much in the air outdoors, air-quality index from',
    unit: '',
    value: 150,
    min: 50,
    max: 500,
  },
  wetDaysPercent: { name: 'Days on which it rains or snows', unit: '%', value: 30, min: 0, max: 100 },
  childComesPercent: {
    name: 'A child comes who is expected, before more is known',
    unit: '%',
    value: 90,
    min: 10,
    max: 100,
  },
  adultComesPercent: { name: 'An assistant comes who is expected', unit: '%', value: 98, min: 10, max: 100 },
  turnSpreadPercent: {
    name: 'A turn takes more or less, before more is known, mostly by',
    unit: '%',
    value: 20,
    min: 0,
    max: 100,
  },
  spoiltPercent: { name: 'Pieces that are spoilt or lost', unit: '%', value: 10, min: 0, max: 90 },
  draftPrepPercent: { name: 'In drafts, little to prepare weighs', unit: '%', value: 100, min: 0, max: 400 },
  draftOnHandPercent: { name: 'In drafts, what is here weighs', unit: '%', value: 100, min: 0, max: 400 },
  draftFreshPercent: {
    name: 'In drafts, what is new to you weighs',
    unit: '%',
    value: 100,
    min: 0,
    max: 400,
  },
  draftOutdoorsPercent: { name: 'In drafts, being outdoors weighs', unit: '%', value: 100, min: 0, max: 400 },
  draftCalmPercent: { name: 'In drafts, calm weighs', unit: '%', value: 100, min: 0, max: 400 },
  readinessMonths: { name: 'One step of readiness', unit: 'months', value: 6, min: 0, max: 24 },
} as const satisfies Record<string, StartingValue>;
export type StartingValueId = keyof typeof STARTING_VALUES;

const IDS = Object.keys(STARTING_VALUES) as [StartingValueId, ...StartingValueId[]];

/** The values that a home has changed; each within the limits of {@link STARTING_VALUES}. */
export const changedValuesSchema = z
  .partialRecord(z.enum(IDS), z.number('A number is needed here'))
  .superRefine((values, context) => {
    for (const [id, value] of Object.entries(values)) {
      const { min, max } = STARTING_VALUES[id as StartingValueId];
      if (value < min || max < value)
        context.addIssue({ code: 'custom', path: [id], message: `Between ${min} and ${max}` });
    }
  })
  .default({});

/** A value as it stands in a home: its own where it changed it, else the one that Kobby starts from. */
export const valueIn = (
  home: { readonly values: Readonly<Partial<Record<StartingValueId, number>>> },
  id: StartingValueId,
): number => home.values[id] ?? STARTING_VALUES[id].value;
