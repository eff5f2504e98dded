import { describe, expect, test } from 'vitest';
import type { Months } from './age.ts';
import { adultsNeeded, ratioRuleSchema } from './ratio.ts';

const BANDS = [
  { fromMonths: 24, perAdult: 6 },
  { fromMonths: 0, perAdult: 3 },
  { fromMonths: 48, perAdult: 10 },
];
const needed = (counting: 'youngest' | 'shares', ...ages: number[]): number =>
  adultsNeeded(ratioRuleSchema.parse({ counting, bands: BANDS }), ages as Months[]);

describe('adults that a group needs', () => {
  test.each<[readonly number[], number, number]>([
    // Ages; when the youngest decides for all; when each takes a part of an adult.
    [[], 0, 0],
    [[60], 1, 1],
    [[12, 12, 12], 1, 1],
    [[12, 12, 12, 12], 2, 2],
    [[23, 23, 23, 23], 2, 2],
    [[24, 24, 24, 24], 1, 1],
    [[24, 24, 24, 24, 24, 24], 1, 1],
    [[24, 24, 24, 24, 24, 24, 24], 2, 2],
    [[47, 60, 60, 60, 60, 60, 60], 2, 1],
    [[48, 60, 60, 60, 60, 60, 60], 1, 1],
    [[0, 60, 60, 60], 2, 1],
    [[12, 24, 24, 24], 2, 1],
    [[12, 12, 24, 24, 48], 2, 2],
  ])('%o', (ages, youngest, shares) => {
    expect([needed('youngest', ...ages), needed('shares', ...ages)]).toEqual([youngest, shares]);
  });

  test('younger than the lowest band counts as it', () => {
    const rule = ratioRuleSchema.parse({ bands: [{ fromMonths: 12, perAdult: 4 }] });
    expect(adultsNeeded(rule, Array(5).fill(3) as Months[])).toBe(2);
    expect(adultsNeeded(rule, Array(4).fill(3) as Months[])).toBe(1);
  });

  test('is nought without a rule', () => {
    expect(adultsNeeded(ratioRuleSchema.parse({}), [12, 24] as Months[])).toBe(0);
  });
});
