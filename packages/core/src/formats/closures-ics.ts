import ICAL from 'ical.js';
import { addDays, parsePlainDay, type PlainDay } from '../calendar/index.ts';
import { lineSchema } from '../measure/index.ts';
import { noPreview, type ImportPreview, type ImportRow } from './rows.ts';

/** The largest calendar file that is read, in characters, and the most dates of it. */
export const MAX_CALENDAR_LENGTH = 1_000_000;
export const MAX_CALENDAR_DATES = 500;

/** A stretch of days on which the home is closed, as a calendar file has it. */
export interface CalendarClosure {
  readonly from: PlainDay;
  readonly to: PlainDay;
  readonly why: string;
}

/**
 * Reads the whole-day events of a calendar file (iCalendar, RFC 5545) as closures between two dates, both
 * included; repeating ones are laid out. Events with a clock time are shown as not taken: a closure is whole
 * days. The end of a whole-day event in the file is the day after its last one.
 */
export function readClosures(text: string, from: PlainDay, to: PlainDay): ImportPreview<CalendarClosure> {
  if (text.length > MAX_CALENDAR_LENGTH)
    return noPreview('This file is too large for a calendar of closures.');
  if (!/^\s*BEGIN:VCALENDAR/i.test(text))
    return noPreview('This is not a calendar file: it does not begin as one.');
  const calendar = parseCalendar(text);
  if (!calendar) return noPreview('This calendar file is damaged and cannot be read.');
  const rows = calendar
    .getAllSubcomponents('vevent')
    .flatMap((component, i) => rowsOf(component, i + 1, { from, to }));
  if (rows.length > MAX_CALENDAR_DATES)
    return noPreview(`There are more than ${MAX_CALENDAR_DATES} dates in it. Make a smaller calendar.`);
  return rows.length === 0 ? noPreview('There is no event in this calendar.') : { rows, problem: null };
}

function parseCalendar(text: string): ICAL.Component | null {
  try {
    return new ICAL.Component(ICAL.parse(text) as unknown[] as never);
  } catch {
    return null;
  }
}

type Range = Readonly<Record<'from' | 'to', PlainDay>>;

function rowsOf(component: ICAL.Component, line: number, range: Range): ImportRow<CalendarClosure>[] {
  const summary = String(component.getFirstPropertyValue('summary') ?? '').trim();
  const text = summary || 'An event without a title';
  const bad = (why: string): ImportRow<CalendarClosure>[] => [{ line, text, ok: false, why }];
  try {
    const event = new ICAL.Event(component);
    const { startDate } = event;
    if (!startDate) return bad('It has no date');
    if (!areRealDays(component)) return bad('There is no such day');
    if (!startDate.isDate) return bad('It has a clock time; a closure is whole days');
    const why = lineSchema.safeParse(summary || 'Closed');
    if (!why.success) return bad(`Its title: ${why.error.issues[0]!.message}`);
    const spans = datesOf(event, range);
    if (spans === null) return bad('Its dates cannot be read');
    if (spans.length === 0) return bad(`It lies outside of ${range.from} to ${range.to}`);
    return spans.map((span) => ({ line, text, ok: true, value: { ...span, why: why.data }, hints: [] }));
  } catch {
    return bad('It is damaged');
  }
}

// The library turns the 45th of a month into a day of the next one; Kobby does not guess.
function areRealDays(component: ICAL.Component): boolean {
  const written = ['dtstart', 'dtend'].flatMap((name) => component.getFirstProperty(name)?.toJSON()[3] ?? []);
  return written.every((date) => parsePlainDay(String(date).slice(0, 10)) !== null);
}

// Null when a date cannot be read; only what touches the range.
function datesOf(event: ICAL.Event, range: Range): { from: PlainDay; to: PlainDay }[] | null {
  const days = Math.max(1, Math.round(event.duration.toSeconds() / 86_400));
  const spans: { from: PlainDay; to: PlainDay }[] = [];
  const take = (start: ICAL.Time): boolean | null => {
    const from = parsePlainDay(start.toString().slice(0, 10));
    if (!from) return null;
    if (from > range.to) return false;
    const to = addDays(from, days - 1);
    if (to >= range.from) spans.push({ from, to });
    return spans.length <= MAX_CALENDAR_DATES;
  };
  if (!event.isRecurring()) return take(event.startDate) === null ? null : spans;
  const iterator = event.iterator();
  // A yearly event from long ago: far more steps than any calendar of closures needs.
  for (let step = 0; step < 5000; step++) {
    const next = iterator.next() as ICAL.Time | null;
    if (!next) break;
    const goesOn = take(next);
    if (goesOn === null) return null;
    if (!goesOn) break;
  }
  return spans;
}
