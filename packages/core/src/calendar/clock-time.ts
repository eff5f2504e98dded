import { z } from 'zod';

/** A time on the home's clock, `HH:MM` from 00:00 to 23:59. Compares correctly as text. */
export type ClockTime = string & z.core.$brand<'ClockTime'>;
export const clockTimeSchema = z
  .string('A time is needed here')
  .regex(/^(?:[01]\d|2[0-3]):[0-5]\d$/, 'Write the time as 09:30')
  .transform((text) => text as ClockTime);

/** A length of time in whole minutes. */
export type Minutes = number & z.core.$brand<'Minutes'>;
export const minutesSchema = z
  .int('Whole minutes are needed here')
  .min(0, 'This cannot be below zero')
  .max(24 * 60, 'This is longer than a day')
  .transform((value) => value as Minutes);

/** A stretch of one day, in minutes since its midnight; the end is not part of it. */
export interface ClockSpan {
  readonly from: Minutes;
  readonly to: Minutes;
}

/** The whole of a day. */
export const WHOLE_DAY: ClockSpan = { from: 0 as Minutes, to: (24 * 60) as Minutes };

/** Minutes since midnight. */
export function minutesSinceMidnight(time: ClockTime): Minutes {
  const [hours, minutes] = time.split(':').map(Number);
  return (hours! * 60 + minutes!) as Minutes;
}

/** The stretch that begins at `start` and lasts `length` minutes, cut off at midnight. */
export function clockSpan(start: ClockTime, length: Minutes): ClockSpan {
  const from = minutesSinceMidnight(start);
  return { from, to: Math.min(from + length, WHOLE_DAY.to) as Minutes };
}

/** Whether two stretches share at least a minute; touching ends do not. */
export const spansMeet = (a: ClockSpan, b: ClockSpan): boolean => a.from < b.to && b.from < a.to;

/** `09:30`, for minutes since midnight. */
export const formatMinutes = (minutes: number): string =>
  `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;

/** How long something takes, in words: `8 min`, `2 h`, `2 h 20 min`, `1 day`, `1 day 2 h`. Negative counts as nothing. */
export function formatDuration(minutes: number): string {
  const all = Math.max(0, Math.round(minutes));
  const [days, hours, rest] = [Math.floor(all / 1440), Math.floor((all % 1440) / 60), all % 60];
  const texts = [
    days > 0 ? `${days} ${days === 1 ? 'day' : 'days'}` : '',
    hours > 0 ? `${hours} h` : '',
    rest > 0 ? `${rest} min` : '',
  ].filter((text) => text !== '');
  return texts.length === 0 ? '0 min' : texts.slice(0, 2).join(' ');
}
