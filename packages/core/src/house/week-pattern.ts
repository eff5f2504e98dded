import { z } from 'zod';
import type { Weekday } from '../calendar/index.ts';
import { partIdSchema, weekdayKeySchema, type Home, type PartId } from './home.ts';

/** The parts of the day on which somebody is usually there, a list for each weekday that has any. */
export const weekPatternSchema = z.partialRecord(weekdayKeySchema, z.array(partIdSchema).max(8));
export type WeekPattern = z.infer<typeof weekPatternSchema>;

/** The parts of the day that a week pattern gives for a weekday. */
export const partsOn = (pattern: WeekPattern, weekday: Weekday): readonly PartId[] =>
  pattern[String(weekday) as keyof WeekPattern] ?? [];

/** A part that begins before this is of an ordinary day; what begins later is for whoever comes after school. */
const ORDINARY_BEFORE = '14:00';

/**
 * The week that is proposed for one more of a group: as the last one of it comes, for the first one every working day without what is for
 * after school. Why: most of a home come alike, and a week that stands there is changed faster than an empty one is filled.
 */
export function proposedWeek(home: Home, weeks: readonly WeekPattern[]): WeekPattern {
  const last = weeks.at(-1);
  if (last) return last;
  const parts = home.parts.filter(({ from }) => from < ORDINARY_BEFORE).map(({ id }) => id);
  return Object.fromEntries(home.workingWeekdays.map((weekday) => [String(weekday), parts]));
}
