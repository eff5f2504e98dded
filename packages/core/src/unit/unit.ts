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
import type { Closure, Home } from '../house/index.ts';
import { idSchema, lineSchema, versionSchema } from '../measure/index.ts';

/** The four schools of planning, each with what a new unit starts from. */
export const STYLES = {
  theme: { name: 'A theme in every corner', hint: 'one idea, spread over the whole room', days: 10 },
  letter: { name: 'A letter or number', hint: 'every subject hung on it', days: 5 },
  passion: {
    name: "One child's passion",
    hint: 'carried through all areas, until interest runs out',
    days: 10,
  },
  individual: { name: 'A shelf of individual work', hint: 'chosen child by child', days: 10 },
} as const;
export type StyleId = keyof typeof STYLES;
export const styleIdSchema = z.enum(
  Object.keys(STYLES) as [StyleId, ...StyleId[]],
  'Choose one of the four styles',
);

const DAY_TEXT = `Days are numbered from 1 to ${MAX_PROGRAM_DAYS}`;
const SPAN_TEXT = `A unit has ${MIN_PROGRAM_DAYS} to ${MAX_PROGRAM_DAYS} program days`;
const dayCountSchema = z.int(SPAN_TEXT).min(MIN_PROGRAM_DAYS, SPAN_TEXT).max(MAX_PROGRAM_DAYS, SPAN_TEXT);
/** The number of a program day: 1 to {@link MAX_PROGRAM_DAYS}. It may lie past the unit's end: that is a finding. */
export const dayNumberSchema = z.int(DAY_TEXT).min(1, DAY_TEXT).max(MAX_PROGRAM_DAYS, DAY_TEXT);

export const unitIdSchema = idSchema.brand<'UnitId'>();
export type UnitId = z.infer<typeof unitIdSchema>;

/** A themed unit: what it is about, when it begins and how many program days it has. */
export const unitSchema = z.object({
  id: unitIdSchema,
  version: versionSchema,
  title: lineSchema,
  style: styleIdSchema,
  start: plainDaySchema,
  dayCount: dayCountSchema,
});
export type Unit = z.infer<typeof unitSchema>;

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

/** The real dates of a unit's numbered days, and the closures that fall inside it. */
export const unitDays = (unit: Unit, home: Home, closures: readonly Closure[]): UnitDays =>
  programDays(unit.start, unit.dayCount, calendarOf(home, closures));
