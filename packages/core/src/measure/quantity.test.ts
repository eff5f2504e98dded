import { expect, test } from 'vitest';
import { multiplied, plus, quantity, shortfall } from './index.ts';

test('sums leave no floating-point dust', () => {
  expect(plus(quantity(0.1, 'g'), quantity(0.2, 'g')).amount).toBe(0.3);
  expect(multiplied(quantity(0.1, 'mL'), 3).amount).toBe(0.3);
});

test('what is missing is never below zero', () => {
  expect(shortfall(quantity(5, 'piece'), quantity(8, 'piece')).amount).toBe(0);
  expect(shortfall(quantity(8, 'piece'), quantity(5, 'piece')).amount).toBe(3);
});

test('different units never meet in one sum', () => {
  expect(() => plus(quantity(1, 'g'), quantity(1, 'mL'))).toThrow(RangeError);
});
