import { expect, test } from 'vitest';
import { randomOf } from './random.ts';

const first = (seed: number, many: number): readonly number[] => {
  const random = randomOf(seed);
  return Array.from({ length: many }, random);
};

test('the same seed gives the same numbers, another one others', () => {
  expect(first(7, 50)).toEqual(first(7, 50));
  expect(first(7, 50)).not.toEqual(first(8, 50));
});

test('they lie from 0 to below 1, spread evenly', () => {
  const many = 20_000;
  const numbers = first(20_270_308, many);
  expect(Math.min(...numbers)).toBeGreaterThanOrEqual(0);
  expect(Math.max(...numbers)).toBeLessThan(1);
  const tenths = Array.from({ length: 10 }, (_, at) => numbers.filter((one) => Math.floor(one * 10) === at));
  // Five standard deviations of how many fall into a tenth.
  const most = 5 * Math.sqrt(many * 0.1 * 0.9);
  for (const one of tenths) expect(Math.abs(one.length - many / 10)).toBeLessThan(most);
});
