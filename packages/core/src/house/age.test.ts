import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { addDays, plainDay } from '../calendar/index.ts';
import { ageInMonths, formatAge } from './index.ts';

const age = (birth: string, on: string) => ageInMonths(plainDay(birth), plainDay(on));

describe('age in completed months', () => {
  test.each([
    ['on the day before', '2026-05-20', '2026-06-19', 0],
    ['on the same day number', '2026-05-20', '2026-06-20', 1],
    ['on the first day of a month', '2026-05-01', '2027-05-01', 12],
    ['on the last day before', '2026-05-01', '2027-04-30', 11],
    ['born on the 31st, on the last day of February', '2026-01-31', '2026-02-28', 0],
    ['born on the 31st, on the first of March', '2026-01-31', '2026-03-01', 1],
    ['born on the 31st, on the 30th of April', '2026-01-31', '2026-04-30', 2],
    ['born on the 31st, on the first of May', '2026-01-31', '2026-05-01', 3],
    ['born on 29 February, on 28 February', '2024-02-29', '2025-02-28', 11],
    ['born on 29 February, on 1 March', '2024-02-29', '2025-03-01', 12],
    ['born on 29 February, on the next one', '2024-02-29', '2028-02-29', 48],
    ['on the day of birth', '2027-03-11', '2027-03-11', 0],
  ])('%s', (_, birth, on, months) => expect(age(birth, on)).toBe(months));

  test('agrees with counting month by month', () => {
    const day = fc.integer({ min: 0, max: 3000 }).map((n) => addDays(plainDay('2019-12-01'), n));
    fc.assert(
      fc.property(day, fc.integer({ min: 0, max: 2500 }), (birth, days) => {
        const on = addDays(birth, days);
        // The n-th month is complete on the same day number, or on the first of the month after where there is none.
        const completeOn = (n: number): string => {
          const [year, month, date] = birth.split('-').map(Number) as [number, number, number];
          const first = new Date(Date.UTC(year, month - 1 + n, 1));
          const length = new Date(Date.UTC(first.getUTCFullYear(), first.getUTCMonth() + 1, 0)).getUTCDate();
          first.setUTCDate(date <= length ? date : length + 1);
          return first.toISOString().slice(0, 10);
        };
        let months = 0;
        while (completeOn(months + 1) <= on) months += 1;
        expect(ageInMonths(birth, on)).toBe(months);
      }),
    );
  });
});

test('ages are written for people', () => {
  expect([1, 9, 23, 24, 28, 72].map(formatAge)).toEqual([
    '1 month',
    '9 months',
    '23 months',
    '2 y',
    '2 y 4 m',
    '6 y',
  ]);
});
