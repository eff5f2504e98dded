import { z } from 'zod';
import {
  MAX_PROGRAM_DAYS,
  MIN_PROGRAM_DAYS,
  plainDaySchema,
  programDays,
  type ProgramCalendar,
  type ProgramDay,
  type SkippedDay,
} from '../calendar/index.ts';
import type { Closure, CornerKind, Home } from '../house/index.ts';
import { entityKind, idOf } from '../kind/index.ts';
import {
  amountSchema,
  idSchema,
  lineSchema,
  moneySchema,
  textSchema,
  versionSchema,
} from '../measure/index.ts';
import type { LensId } from '../skills/index.ts';
import { featureSchema } from './featured.ts';

interface Style {
  readonly name: string;
  readonly hint: string;
  /** Program days that a new unit begins with. */
  readonly days: number;
  /** Through which headings its balance is looked at first; null for the home's own. */
  readonly lens: LensId | null;
  /** Under each heading something is hoped for at least once in so many days; null for one idea a heading in all. */
  readonly headingEveryDays: number | null;
  /** The kinds of corner that it expects to be filled; null for all that the home expects. */
  readonly fills: readonly CornerKind[] | null;
}

/** The four schools of planning, each with what a new unit starts from. Kobby's own starting points from practice. */
export const STYLES = {
  theme: {
    name: 'A theme in every corner',
    hint: 'one idea, spread over the whole room',
    days: 10,
    lens: null,
    headingEveryDays: 5,
    fills: null,
  },
  letter: {
    name: 'A letter or number',
    hint: 'every subject hung on it',
    days: 5,
    lens: 'subjects',
    headingEveryDays: null,
    fills: ['writing', 'books', 'table-trays', 'easel', 'science'],
  },
  passion: {
    name: "One child's passion",
    hint: 'carried through all areas, until interest runs out',
    days: 10,
    lens: 'development',
    headingEveryDays: 3,
    fills: ['pretend-play', 'blocks', 'books', 'science'],
  },
  individual: {
    name: 'A shelf of individual work',
    hint: 'chosen child by child',
    days: 10,
    lens: 'individual-work',
    headingEveryDays: 2,
    fills: ['table-trays', 'sensory-bin', 'writing', 'books'],
  },
} as const satisfies Record<string, Style>;
export type StyleId = keyof typeof STYLES;
export const styleIdSchema = z.enum(
  Object.keys(STYLES) as [StyleId, ...StyleId[]],
  'Choose one of the four styles',
);

const DAY_TEXT = `Days are numbered from 1 to ${MAX_PROGRAM_DAYS}`;
const SPAN_TEXT = `A unit has ${MIN_PROGRAM_DAYS} to ${MAX_PROGRAM_DAYS} program days`;
export const dayCountSchema = z
  .int(SPAN_TEXT)
  .min(MIN_PROGRAM_DAYS, SPAN_TEXT)
  .max(MAX_PROGRAM_DAYS, SPAN_TEXT);
/** The number of a program day: 1 to {@link MAX_PROGRAM_DAYS}. It may lie past the unit's end: that is a finding. */
export const dayNumberSchema = z.int(DAY_TEXT).min(1, DAY_TEXT).max(MAX_PROGRAM_DAYS, DAY_TEXT);

export const unitIdSchema = idOf('units').brand<'UnitId'>();
export type UnitId = z.infer<typeof unitIdSchema>;

/** How often something is hoped for under a heading, by `lens/heading`. */
const targetsSchema = z
  .record(
    z.string().max(80),
    z.int('A whole number is needed here').min(0, 'This cannot be below zero').max(200),
  )
  .default({});

const linesSchema = z.array(lineSchema).max(40, 'At most 40').default([]);

/** What a unit is about, in whichever way it was begun. */
export const sparkFields = {
  title: lineSchema,
  style: styleIdSchema,
  /** The idea in a sentence or two. */
  about: textSchema.default(''),
  featured: z.array(featureSchema).max(12, 'At most 12').default([]),
  /** New words. */
  words: linesSchema,
  /** Books of the library that belong to it. */
  bookIds: z.array(idOf('bookTitles')).max(40, 'At most 40').default([]),
  /** Pictures for the wall. */
  pictures: linesSchema,
};

/** A line of one's own on a unit's supply list: something is needed on a day, for no activity of the plan. */
const ownNeedSchema = z.object({
  id: idSchema,
  supplyId: idOf('supplies').brand<'SupplyId'>(),
  /** In the unit of the supply. */
  amount: amountSchema.gt(0, 'An amount above zero is needed here'),
  day: dayNumberSchema,
});
export type OwnNeed = z.infer<typeof ownNeedSchema>;

/** A themed unit: what it is about, when it begins and how many program days it has. */
export const unitSchema = z.object({
  id: unitIdSchema,
  version: versionSchema,
  ...sparkFields,
  /** Its first program day; null while it is only an idea, which has no days yet. */
  start: plainDaySchema.nullable(),
  dayCount: dayCountSchema,
  /** What may be spent on it; null when nothing was said. */
  budget: moneySchema.nullable().default(null),
  targets: targetsSchema,
  needs: z.array(ownNeedSchema).max(60, 'At most 60').default([]),
});
export type Unit = z.infer<typeof unitSchema>;

/** What a unit is to the book. */
export const unitKind = entityKind({
  schema: unitSchema,
  word: 'a unit',
  name: ({ title }) => title,
  columns: { start: 'blank' },
});

/** A unit's days on the calendar. */
export interface UnitDays {
  readonly days: readonly ProgramDay[];
  readonly skipped: readonly SkippedDay[];
}

/** The calendar of program days that a home's rules and closures make. */
export const calendarOf = (home: Home, closures: readonly Closure[]): ProgramCalendar => ({
  workingWeekdays: home.workingWeekdays,
  closures,
});

const NO_DAYS: UnitDays = { days: [], skipped: [] };

/** The real dates of a unit's numbered days, and the closures that fall inside it. An idea has none. */
export const unitDays = (
  unit: Pick<Unit, 'start' | 'dayCount'>,
  home: Home,
  closures: readonly Closure[],
): UnitDays =>
  unit.start === null ? NO_DAYS : programDays(unit.start, unit.dayCount, calendarOf(home, closures));
