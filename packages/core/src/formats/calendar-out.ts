import ical, { ICalCalendarMethod } from 'ical-generator';
import { Temporal } from 'temporal-polyfill';
import { momentOf, type Minutes, type PlainDay } from '../calendar/index.ts';

/** Something for a calendar: on a day, at a time or all day. */
export interface CalendarEntry {
  /** The same for the same matter, so that a calendar that takes the file in again replaces it. */
  readonly id: string;
  readonly title: string;
  readonly detail: string;
  readonly date: PlainDay;
  /** Minutes since midnight, and how long; null for the whole day. */
  readonly at: { readonly from: Minutes; readonly minutes: Minutes } | null;
}

const MS_A_MINUTE = 60_000;

/**
 * A calendar file (iCalendar, RFC 5545). Times stand in UTC, worked out by the home's zone, so that a phone elsewhere shows
 * them right. `stamp` is the instant at which it is made, in milliseconds since 1970.
 */
export function calendarFile(
  name: string,
  entries: readonly CalendarEntry[],
  { zone, stamp }: { readonly zone: string; readonly stamp: number },
): string {
  const calendar = ical({
    name,
    prodId: { company: 'Kobby', product: 'Kobby', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
  });
  for (const { id, title, detail, date, at } of entries) {
    const { start, end } = spanOf(date, at, zone);
    calendar.createEvent({
      id,
      stamp: Temporal.Instant.fromEpochMilliseconds(stamp),
      start,
      end,
      allDay: at === null,
      summary: title,
      ...(detail === '' ? {} : { description: detail }),
    });
  }
  return calendar.toString();
}

// Days have no zone and are written as they stand; the end of a whole day is the next one. What takes no time still shows.
function spanOf(date: PlainDay, at: CalendarEntry['at'], zone: string) {
  if (at === null) {
    const start = Temporal.PlainDate.from(date);
    return { start, end: start.add({ days: 1 }) };
  }
  const begins = momentOf(date, at.from, zone) * MS_A_MINUTE;
  const ends = begins + Math.max(1, at.minutes) * MS_A_MINUTE;
  return {
    start: Temporal.Instant.fromEpochMilliseconds(begins),
    end: Temporal.Instant.fromEpochMilliseconds(ends),
  };
}
