import { Temporal } from 'temporal-polyfill';
import type { Minutes } from './clock-time.ts';
import type { PlainDay } from './plain-day.ts';

/** A moment in time, in whole minutes since 1970 (UTC): a night on which the clocks change counts as long as it is. */
export type Moment = number & { readonly __brand: 'Moment' };

const MS_A_MINUTE = 60_000;
const MINUTES_AN_HOUR = 60;
const known = new Map<string, Moment>();

/**
 * The moment at which a clock in a zone shows a time of a day, in minutes since midnight (24 × 60 is the end of the day).
 * A time that the clock leaves out counts as the one after it; of one that it shows twice, the first.
 * @throws {RangeError} for an unknown zone.
 */
export function momentOf(day: PlainDay, minutes: number, zone: string): Moment {
  const key = `${zone} ${day} ${minutes}`;
  const told = known.get(key);
  if (told !== undefined) return told;
  const days = Math.floor(minutes / (24 * MINUTES_AN_HOUR));
  const rest = minutes - days * 24 * MINUTES_AN_HOUR;
  const time = Temporal.PlainDate.from(day)
    .add({ days })
    .toZonedDateTime({
      timeZone: zone,
      plainTime: { hour: Math.floor(rest / MINUTES_AN_HOUR), minute: rest % MINUTES_AN_HOUR },
    });
  const moment = Math.floor(time.epochMilliseconds / MS_A_MINUTE) as Moment;
  // A few thousand are enough for years of planning; a server that runs on begins anew.
  if (known.size > 20_000) known.clear();
  known.set(key, moment);
  return moment;
}

/** The moment of an instant as it is kept, such as `2027-03-11T19:20:00.000Z`. */
export const momentOfInstant = (at: string): Moment =>
  Math.floor(Temporal.Instant.from(at).epochMilliseconds / MS_A_MINUTE) as Moment;

/** A moment so many minutes later, or earlier when negative. */
export const laterBy = (moment: Moment, minutes: number): Moment => (moment + minutes) as Moment;

/** From one moment to another. */
export const minutesBetween = (from: Moment, to: Moment): Minutes => (to - from) as Minutes;

/**
 * The moment so many hours after a time of a day, in minutes since its midnight. Whole days are days of the calendar: a fortnight ends at the
 * same time of the day, also when clocks were changed in it; the rest are hours as they pass.
 */
export function afterHours(day: PlainDay, minutes: number, hours: number, zone: string): Moment {
  const days = Math.floor(hours / 24);
  const rest = Math.round((hours - days * 24) * MINUTES_AN_HOUR);
  return laterBy(momentOf(day, days * 24 * MINUTES_AN_HOUR + minutes, zone), rest);
}

/** The day and the time that a clock in a zone shows at a moment. */
export function clockAt(moment: Moment, zone: string): { readonly day: PlainDay; readonly minutes: Minutes } {
  const time = Temporal.Instant.fromEpochMilliseconds(moment * MS_A_MINUTE).toZonedDateTimeISO(zone);
  return {
    day: time.toPlainDate().toString() as PlainDay,
    minutes: (time.hour * MINUTES_AN_HOUR + time.minute) as Minutes,
  };
}
