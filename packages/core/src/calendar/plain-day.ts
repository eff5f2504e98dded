import { Temporal } from 'temporal-polyfill';
import { z } from 'zod';
import type { Minutes } from './clock-time.ts';

/** A calendar date without a time or a zone, as `YYYY-MM-DD`. Compares correctly as text. */
export type PlainDay = string & z.core.$brand<'PlainDay'>;

/** Day of the week by ISO 8601: 1 is Monday, 7 is Sunday. */
export type Weekday = 1 | 2 | 3 | 4 | 5 | 6 | 7;
export const WEEKDAYS: readonly Weekday[] = [1, 2, 3, 4, 5, 6, 7];

const SHAPE = /^(?:19|20|21)\d\d-\d\d-\d\d$/;
const WEEKDAY_NAMES = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];
const MONTH_NAMES = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
];

/** Reads `YYYY-MM-DD` between 1900 and 2199; null for anything else, 30 February included. */
export function parsePlainDay(text: string): PlainDay | null {
  if (!SHAPE.test(text)) return null;
  try {
    Temporal.PlainDate.from(text, { overflow: 'reject' });
    return text as PlainDay;
  } catch {
    return null;
  }
}

/**
 * A date written in the program's own text.
 * @throws {RangeError} when there is no such day; for input from outside use {@link parsePlainDay} or the schema.
 */
export function plainDay(text: string): PlainDay {
  const day = parsePlainDay(text);
  if (!day) throw new RangeError(`no such day: ${text}`);
  return day;
}

export const plainDaySchema = z
  .string('A date is needed here')
  .refine((text) => parsePlainDay(text) !== null, 'There is no such day; write it as 2027-03-08')
  .transform((text) => text as PlainDay);

const MS_A_DAY = 86_400_000;
// Planning steps over days all the time: the engine's own count of days from a date without a time is Greenwich's, and costs nothing.
const epochDay = (day: PlainDay): number => Date.parse(day) / MS_A_DAY;

/** The day `count` days later (earlier when negative). */
export const addDays = (day: PlainDay, count: number): PlainDay =>
  new Date((epochDay(day) + count) * MS_A_DAY).toISOString().slice(0, day.length) as PlainDay;

const DAYS_A_WEEK = 7;
// 1 January 1970 was a Thursday.
const MONDAY_BEFORE_EPOCH = -3;

/** Day of the week, 1 (Monday) to 7 (Sunday). */
export function weekdayOf(day: PlainDay): Weekday {
  const since = (epochDay(day) - MONDAY_BEFORE_EPOCH) % DAYS_A_WEEK;
  return ((since < 0 ? since + DAYS_A_WEEK : since) + 1) as Weekday;
}

/** Full name of a day of the week. */
export const weekdayName = (weekday: Weekday): string => WEEKDAY_NAMES[weekday - 1]!;

/** `Thu 11` (within a month that is clear), `Thu 11 March` or `Thursday 11 March 2027`. */
export function formatDay(day: PlainDay, style: 'brief' | 'medium' | 'full' = 'medium'): string {
  const date = Temporal.PlainDate.from(day);
  const weekday = weekdayName(weekdayOf(day));
  const month = MONTH_NAMES[date.month - 1]!;
  if (style === 'brief') return `${weekday.slice(0, 3)} ${date.day}`;
  if (style === 'medium') return `${weekday.slice(0, 3)} ${date.day} ${month}`;
  return `${weekday} ${date.day} ${month} ${date.year}`;
}

/**
 * The date in a time zone at an instant (milliseconds since 1970, UTC). The only bridge from clocks to days:
 * the caller reads the clock.
 * @throws {RangeError} for an unknown zone; zones are checked by {@link zoneSchema} on the way in.
 */
export const dayInZone = (epochMs: number, zone: string): PlainDay =>
  Temporal.Instant.fromEpochMilliseconds(epochMs)
    .toZonedDateTimeISO(zone)
    .toPlainDate()
    .toString() as PlainDay;

/** The time of day that a clock in a zone shows at an instant, in minutes since midnight. @throws {RangeError} for an unknown zone. */
export function minutesInZone(epochMs: number, zone: string): Minutes {
  const { hour, minute } = Temporal.Instant.fromEpochMilliseconds(epochMs).toZonedDateTimeISO(zone);
  return (hour * 60 + minute) as Minutes;
}

/**
 * The instant at which the home's clock shows a day, at the time of day that it is now (milliseconds since 1970).
 * On the day itself that is now; it differs where the home's date stands still, as in a demo.
 * @throws {RangeError} for an unknown zone.
 */
export function instantOn(day: PlainDay, epochMs: number, zone: string): string {
  const now = Temporal.Instant.fromEpochMilliseconds(epochMs).toZonedDateTimeISO(zone);
  const there = now.toPlainDate().toString() === day ? now : atDay(now, day);
  return there.toInstant().toString({ fractionalSecondDigits: 3 });
}

const atDay = (time: Temporal.ZonedDateTime, day: PlainDay): Temporal.ZonedDateTime => {
  const { year, month, day: date } = Temporal.PlainDate.from(day);
  return time.with({ year, month, day: date });
};

/** An IANA time zone that this machine knows, such as `America/Chicago`. */
export const zoneSchema = z
  .string('A time zone is needed here')
  .max(64, 'This is not a time zone')
  .refine((zone) => {
    try {
      dayInZone(0, zone);
      return true;
    } catch {
      return false;
    }
  }, 'This is not a time zone, such as America/Chicago');

/** Days from one date to another; negative when the second comes first. */
export const daysBetween = (from: PlainDay, to: PlainDay): number => epochDay(to) - epochDay(from);
