import { expect, test } from 'vitest';
import { formatQuantity, multiplied, plus, quantity, shortfall } from './index.ts';

test.each([
  [quantity(6, 'piece'), '6'],
  [quantity(1680, 'mL'), '1.68 L'],
  [quantity(999, 'mL'), '999 mL'],
  [quantity(400, 'g'), '400 g'],
  [quantity(12_000, 'mm'), '12 m'],
  [quantity(0, 'g'), '0 g'],
])('%o is written %s', (q, text) => expect(formatQuantity(q)).toBe(text));

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
