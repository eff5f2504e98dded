import ICAL from 'ical.js';
import fc from 'fast-check';
import { convertIcsCalendar } from 'ts-ics';
import { describe, expect, test } from 'vitest';
import { addDays, plainDay, type Minutes } from '../calendar/index.ts';
import { read } from '../reading/index.ts';
import { A_MONDAY, after, anActivity, onDay, TEST_HOME, TEST_UNIT, testBook } from '../testing/home.ts';
import { calendarFile, eventEntries, preparationEntries, type CalendarEntry } from './index.ts';

const STAMP = Date.parse('2027-03-01T12:00:00Z');
const eventsIn = (text: string) =>
  new ICAL.Component(ICAL.parse(text) as never)
    .getAllSubcomponents('vevent')
    .map((one) => new ICAL.Event(one));
const anEntry = (rest: Partial<CalendarEntry> = {}): CalendarEntry => ({
  id: 'one@kites.kobby',
  title: 'Kite party',
  detail: '',
  date: A_MONDAY,
  at: null,
  ...rest,
});
const at = (from: number, minutes: number) => ({ from: from as Minutes, minutes: minutes as Minutes });
const written = (zone: string, ...entries: CalendarEntry[]) =>
  eventsIn(calendarFile('Wind and Kites', entries, { zone, stamp: STAMP }));

describe('a calendar file, read by another parser', () => {
  test('has whole days as they stand, whatever the zone', () => {
    for (const zone of ['America/Chicago', 'Pacific/Auckland', 'UTC']) {
      const [event] = written(zone, anEntry());
      expect([event!.startDate.isDate, event!.startDate.toString(), event!.endDate.toString()]).toEqual([
        true,
        '2027-03-08',
        '2027-03-09',
      ]);
    }
  });

  test('has times at which the clock of the home shows them, also when the clocks change', () => {
    const [before, after14th] = written(
      'America/Chicago',
      anEntry({ at: at(9 * 60 + 30, 30) }),
      anEntry({ id: 'two', date: plainDay('2027-03-16'), at: at(9 * 60 + 30, 0) }),
    );
    expect(before!.startDate.toJSDate().toISOString()).toBe('2027-03-08T15:30:00.000Z');
    expect(before!.endDate.toJSDate().toISOString()).toBe('2027-03-08T16:00:00.000Z');
    expect(after14th!.startDate.toJSDate().toISOString()).toBe('2027-03-16T14:30:00.000Z');
    // What takes no time still shows in a calendar.
    expect(after14th!.duration.toSeconds()).toBe(60);
  });

  test('is read alike by a second one', () => {
    const entries = [
      anEntry({ title: 'Kite party; bring tails, please', detail: 'Two lines:\nfirst, second' }),
      anEntry({ id: 'two@kites.kobby', date: plainDay('2027-03-16'), at: at(9 * 60 + 30, 45) }),
    ];
    const text = calendarFile('Wind and Kites', entries, { zone: 'America/Chicago', stamp: STAMP });
    const { events = [] } = convertIcsCalendar(undefined, text);
    const told = eventsIn(text);
    expect(events.map(({ uid, summary, description }) => [uid, summary, description ?? ''])).toEqual(
      told.map(({ uid, summary, description }) => [uid, summary, description ?? '']),
    );
    expect(events.map(({ start }) => start.date.toISOString())).toEqual([
      '2027-03-08T00:00:00.000Z',
      '2027-03-16T14:30:00.000Z',
    ]);
    expect(told[1]!.startDate.toJSDate().toISOString()).toBe('2027-03-16T14:30:00.000Z');
  });

  test('keeps every text as it was, however odd, and every id once', () => {
    const text = fc
      .string({ unit: 'grapheme', minLength: 1, maxLength: 90 })
      .map((one) => one.replaceAll(/\p{C}/gu, ' ').trim() || 'x');
    fc.assert(
      fc.property(fc.array(fc.tuple(text, text, fc.nat(30)), { minLength: 1, maxLength: 6 }), (list) => {
        const entries = list.map(([title, detail, days], i) =>
          anEntry({ id: `e${i}`, title, detail, date: addDays(A_MONDAY, days) }),
        );
        const read = written('UTC', ...entries);
        expect(read.map(({ uid, summary, description }) => [uid, summary, description])).toEqual(
          entries.map(({ id, title, detail }) => [id, title, detail]),
        );
      }),
      { numRuns: 60, seed: 3 },
    );
  });
});

describe('what goes into a calendar', () => {
  const party = {
    ...{ id: 'party', unitId: TEST_UNIT, title: 'Kite party', when: { kind: 'day' as const, day: 4 } },
    plan: [
      { start: '10:00', text: 'Guests come' },
      { start: '11:15', text: 'Kites go up' },
    ],
  };

  test('are special events, from their first time to half an hour after the last', () => {
    const book = testBook({ type: 'unit/put-event', event: party });
    const [entry] = eventEntries(read(book, TEST_UNIT, A_MONDAY));
    expect(entry).toMatchObject({ title: 'Kite party', date: '2027-03-11', at: { from: 600, minutes: 105 } });
    const plain = after(book, { type: 'unit/put-event', event: { ...party, plan: [] } });
    expect(eventEntries(read(plain, TEST_UNIT, A_MONDAY))[0]?.at).toBeNull();
    const lost = after(book, {
      type: 'unit/put-event',
      event: { ...party, when: { kind: 'date', date: '2027-03-13' as never } },
    });
    expect(eventEntries(read(lost, TEST_UNIT, A_MONDAY))).toEqual([]);
  });

  test('is what is made ready, in its time, until it is done', () => {
    const week = Object.fromEntries(['1', '2', '3', '4', '5'].map((day) => [day, 60]));
    const book = testBook(
      {
        type: 'house/put-home',
        home: { ...TEST_HOME, prepSlots: [{ id: 'nap', name: 'Nap time', start: '13:00', minutes: week }] },
      },
      anActivity('paint', { prep: [{ id: 'cut', text: 'Cut strips', minutes: 10 }] }),
      onDay('p', 'paint', 3),
    );
    const titles = (now: typeof book) =>
      preparationEntries(read(now, TEST_UNIT, A_MONDAY)).map(({ title, at: when }) => [title, when?.from]);
    expect(titles(book)).toContainEqual(['Cut strips', 13 * 60]);
    const done = after(book, { type: 'ready/done', unitId: TEST_UNIT, taskId: 'p:cut' as never });
    expect(titles(done)).not.toContainEqual(['Cut strips', 13 * 60]);
  });
});
