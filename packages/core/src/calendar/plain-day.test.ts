import fc from 'fast-check';
import { Temporal } from 'temporal-polyfill';
import { describe, expect, test } from 'vitest';
import {
  addDays,
  countByMonth,
  daysBetween,
  firstOf,
  formatMonth,
  monthOf,
  monthsUpTo,
  plainDay,
  weekdayOf,
} from './index.ts';

const anyDay = fc
  .date({ min: new Date('1900-01-01'), max: new Date('2199-12-31'), noInvalidDate: true })
  .map((date) => plainDay(date.toISOString().slice(0, 10)));

describe('days are counted', () => {
  test('as the calendar counts them, over leap days and ends of years', () => {
    fc.assert(
      fc.property(anyDay, fc.integer({ min: -4000, max: 4000 }), (day, count) => {
        const there = Temporal.PlainDate.from(day).add({ days: count });
        expect(addDays(day, count)).toBe(there.toString());
        expect(daysBetween(day, addDays(day, count))).toBe(count);
        expect(weekdayOf(addDays(day, count))).toBe(there.dayOfWeek);
      }),
    );
  });

  test('whatever zone the machine is in: no day is lost where clocks change', () => {
    expect(addDays(plainDay('2027-03-13'), 1)).toBe('2027-03-14');
    expect(addDays(plainDay('2027-03-14'), 1)).toBe('2027-03-15');
    expect(addDays(plainDay('2027-11-07'), 1)).toBe('2027-11-08');
  });
});

describe('months', () => {
  test('are counted back over the ends of years', () => {
    expect(monthsUpTo(plainDay('2027-02-11'), 4)).toEqual(['2026-11', '2026-12', '2027-01', '2027-02']);
    expect(monthsUpTo(plainDay('2027-12-31'), 1)).toEqual(['2027-12']);
    expect(monthsUpTo(plainDay('2027-01-01'), 2).map(formatMonth)).toEqual(['Dec 2026', 'Jan 2027']);
  });

  test('hold their days', () => {
    const months = monthsUpTo(plainDay('2027-02-11'), 3);
    const days = ['2026-11-30', '2026-12-01', '2026-12-31', '2027-02-28'].map(plainDay);
    expect(countByMonth(days, months)).toEqual([2, 0, 1]);
    fc.assert(
      fc.property(anyDay, (day) => {
        expect(monthOf(firstOf(monthOf(day)))).toBe(monthOf(day));
        expect(monthsUpTo(day, 12).at(-1)).toBe(monthOf(day));
      }),
    );
  });
});
