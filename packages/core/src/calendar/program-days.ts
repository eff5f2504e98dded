import { addDays, weekdayOf, type PlainDay, type Weekday } from './plain-day.ts';

/** Fewest and most program days of a unit. */
export const MIN_PROGRAM_DAYS = 1;
export const MAX_PROGRAM_DAYS = 60;

// Ten years: far more than sixty program days need, so that a home closed for good still ends the search.
const LONGEST_SEARCH_DAYS = 3660;

/** A stretch of days, first and last included, on which the home is closed. */
export interface ClosedSpan {
  readonly from: PlainDay;
  readonly to: PlainDay;
  readonly why: string;
}

/** What decides whether a date is a program day. */
export interface ProgramCalendar {
  readonly workingWeekdays: readonly Weekday[];
  readonly closures: readonly ClosedSpan[];
}

/** A numbered day of a unit: `number` counts from 1. */
export interface ProgramDay {
  readonly number: number;
  readonly date: PlainDay;
}

/** A working day inside a unit's span on which the home is closed. */
export interface SkippedDay {
  readonly date: PlainDay;
  readonly why: string;
}

/** Why a date is no program day; null when it is one. */
export function closedBecause(day: PlainDay, calendar: ProgramCalendar): string | null {
  const closure = calendar.closures.find((span) => span.from <= day && day <= span.to);
  if (closure) return closure.why;
  return calendar.workingWeekdays.includes(weekdayOf(day)) ? null : 'not a working day';
}

/**
 * The real dates of `count` program days from `start` on: closures and non-working days are skipped.
 * `skipped` lists the closures met on working days between the first and the last program day, for showing.
 * Fewer days than asked come back when the home has none within ten years.
 */
export function programDays(
  start: PlainDay,
  count: number,
  calendar: ProgramCalendar,
): { readonly days: readonly ProgramDay[]; readonly skipped: readonly SkippedDay[] } {
  const days: ProgramDay[] = [];
  const skipped: SkippedDay[] = [];
  let date = start;
  for (let step = 0; days.length < count && step < LONGEST_SEARCH_DAYS; step++, date = addDays(date, 1)) {
    const why = closedBecause(date, calendar);
    if (why === null) days.push({ number: days.length + 1, date });
    else if (calendar.workingWeekdays.includes(weekdayOf(date))) skipped.push({ date, why });
  }
  return { days, skipped };
}
