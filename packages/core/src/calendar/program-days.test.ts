import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import {
  instantOn,
  addDays,
  closedBecause,
  dayInZone,
  formatDay,
  parsePlainDay,
  plainDay,
  programDays,
  weekdayOf,
  type Weekday,
} from './index.ts';

const MON_TO_FRI: Weekday[] = [1, 2, 3, 4, 5];
const datesOf = (
  start: string,
  count: number,
  closures: { from: string; to: string }[] = [],
  weekdays = MON_TO_FRI,
) =>
  programDays(plainDay(start), count, {
    workingWeekdays: weekdays,
    closures: closures.map(({ from, to }) => ({ from: plainDay(from), to: plainDay(to), why: 'closed' })),
  });

describe('program days', () => {
  test('skip weekends', () => {
    const { days } = datesOf('2027-03-11', 4);
    expect(days.map((d) => [d.number, d.date])).toEqual([
      [1, '2027-03-11'],
      [2, '2027-03-12'],
      [3, '2027-03-15'],
      [4, '2027-03-16'],
    ]);
  });

  test('skip a closure and tell it, but no weekend inside it', () => {
    const { days, skipped } = datesOf('2027-03-11', 3, [{ from: '2027-03-13', to: '2027-03-15' }]);
    expect(days.map((d) => d.date)).toEqual(['2027-03-11', '2027-03-12', '2027-03-16']);
    expect(skipped.map((d) => d.date)).toEqual(['2027-03-15']);
  });

  test('begin in the middle of a week', () => {
    expect(datesOf('2027-03-10', 5).days.map((d) => formatDay(d.date, 'brief'))).toEqual([
      'Wed 10',
      'Thu 11',
      'Fri 12',
      'Mon 15',
      'Tue 16',
    ]);
  });

  test('count 29 February in a leap year and not in another', () => {
    expect(datesOf('2028-02-28', 3).days.map((d) => d.date)).toEqual([
      '2028-02-28',
      '2028-02-29',
      '2028-03-01',
    ]);
    expect(datesOf('2027-02-26', 2).days.map((d) => d.date)).toEqual(['2027-02-26', '2027-03-01']);
  });

  test.each([
    ['in spring', '2027-03-12', ['2027-03-12', '2027-03-15', '2027-03-16']],
    ['in autumn', '2027-11-05', ['2027-11-05', '2027-11-08', '2027-11-09']],
  ])('pass over the change of clocks %s, also when the home works on that Sunday', (_, start, dates) => {
    expect(datesOf(start, 3).days.map((d) => d.date)).toEqual(dates);
    const everyDay = datesOf(start, 4, [], [1, 2, 3, 4, 5, 6, 7]).days.map((d) => d.date);
    expect(everyDay).toEqual([0, 1, 2, 3].map((n) => addDays(plainDay(start), n)));
  });

  test('a start that became closed moves to the next open day', () => {
    expect(datesOf('2027-03-08', 1, [{ from: '2027-03-08', to: '2027-03-09' }]).days[0]?.date).toBe(
      '2027-03-10',
    );
  });

  test('a home that is closed for good has none', () => {
    expect(datesOf('2027-03-08', 5, [{ from: '2027-01-01', to: '2099-12-31' }]).days).toEqual([]);
  });

  const day = fc.integer({ min: 0, max: 4000 }).map((n) => addDays(plainDay('2020-01-01'), n));
  const closure = fc
    .tuple(day, fc.integer({ min: 0, max: 20 }))
    .map(([from, n]) => ({ from, to: addDays(from, n) }));

  test('are the first open days from the start on, found one by one by an oracle', () => {
    fc.assert(
      fc.property(
        day,
        fc.integer({ min: 1, max: 60 }),
        fc.array(closure, { maxLength: 6 }),
        fc.uniqueArray(fc.integer({ min: 1, max: 7 }), { minLength: 1 }),
        (start, count, closures, weekdays) => {
          const { days } = datesOf(start, count, closures, weekdays as Weekday[]);
          const open: string[] = [];
          // The oracle knows the calendar only through UTC milliseconds.
          for (let ms = Date.parse(start); open.length < count; ms += 86_400_000) {
            const date = new Date(ms).toISOString().slice(0, 10);
            const weekday = new Date(ms).getUTCDay() || 7;
            if (weekdays.includes(weekday) && !closures.some((c) => c.from <= date && date <= c.to))
              open.push(date);
          }
          expect(days.map((d) => d.date)).toEqual(open);
          expect(days.map((d) => d.number)).toEqual(open.map((_, i) => i + 1));
        },
      ),
    );
  });
});

describe('plain days', () => {
  test.each([
    '2027-02-29',
    '2027-13-01',
    '2027-00-10',
    '2027-3-8',
    '1899-01-01',
    'tomorrow',
    '2027-03-08T00:00',
  ])('refuse %s', (text) => expect(parsePlainDay(text)).toBeNull());

  test('know their weekday and why they are closed', () => {
    expect(weekdayOf(plainDay('2028-02-29'))).toBe(2);
    const calendar = { workingWeekdays: MON_TO_FRI, closures: [] };
    expect(closedBecause(plainDay('2027-03-14'), calendar)).toBe('not a working day');
    expect(closedBecause(plainDay('2027-03-15'), calendar)).toBeNull();
  });

  test.each([
    // An hour before and after midnight on the nights on which the clocks change in Chicago.
    ['2027-03-14T05:30:00Z', '2027-03-13'],
    ['2027-03-14T06:30:00Z', '2027-03-14'],
    ['2027-03-15T04:30:00Z', '2027-03-14'],
    ['2027-03-15T05:30:00Z', '2027-03-15'],
    ['2027-11-07T04:30:00Z', '2027-11-06'],
    ['2027-11-07T05:30:00Z', '2027-11-07'],
    ['2027-11-08T05:30:00Z', '2027-11-07'],
    ['2027-11-08T06:30:00Z', '2027-11-08'],
  ])('at %s it is %s in Chicago, whatever zone the machine is in', (instant, day) => {
    expect(dayInZone(Date.parse(instant), 'America/Chicago')).toBe(day);
  });

  test('are written for people', () => {
    const day = plainDay('2027-03-11');
    expect([formatDay(day, 'brief'), formatDay(day), formatDay(day, 'full')]).toEqual([
      'Thu 11',
      'Thu 11 March',
      'Thursday 11 March 2027',
    ]);
  });
});

describe("an instant by the home's clock", () => {
  const now = Date.UTC(2026, 10, 24, 3, 16, 5, 7);

  test('is now on the day itself', () => {
    expect(instantOn(plainDay('2026-11-23'), now, 'America/Chicago')).toBe('2026-11-24T03:16:05.007Z');
  });

  test('keeps the time of day on another day, over changes of the clock as well', () => {
    expect(instantOn(plainDay('2027-03-11'), now, 'America/Chicago')).toBe('2027-03-12T03:16:05.007Z');
    expect(instantOn(plainDay('2027-03-15'), now, 'America/Chicago')).toBe('2027-03-16T02:16:05.007Z');
    // Half past two does not exist on the night on which clocks go forward.
    const night = Date.UTC(2026, 10, 24, 8, 30);
    expect(instantOn(plainDay('2027-03-14'), night, 'America/Chicago')).toBe('2027-03-14T08:30:00.000Z');
  });
});
