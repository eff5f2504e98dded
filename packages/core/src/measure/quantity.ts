import { z } from 'zod';

/**
 * The units that supplies are counted and measured in. Amounts are stored in these and nothing else:
 * pieces, millilitres, grams and millimetres; other units are a matter of showing and reading.
 */
export const MEASURES = ['piece', 'mL', 'g', 'mm'] as const;
export type MeasureId = (typeof MEASURES)[number];
export const measureSchema = z.enum(MEASURES, 'Use piece, mL, g or mm');

/** Largest amount that can be stored in any unit: a ton, a cubic metre, ten kilometres are all below it. */
export const MAX_AMOUNT = 10_000_000;

/** An amount that is asked for or held: zero to {@link MAX_AMOUNT}, finite. */
export const amountSchema = z
  .number('A number is needed here')
  .min(0, 'This cannot be below zero')
  .max(MAX_AMOUNT, 'This is more than Kobby can count');

/** An amount with its unit. Quantities of different units never meet in one sum. */
export interface Quantity {
  readonly amount: number;
  readonly unit: MeasureId;
}

// Sums of thousandths stay exact to the eye: floating-point dust below a millionth of a unit is dropped.
const tidy = (amount: number): number => Math.round(amount * 1e6) / 1e6;

/** Makes a quantity; dust below a millionth of the unit is dropped. */
export const quantity = (amount: number, unit: MeasureId): Quantity => ({ amount: tidy(amount), unit });

/**
 * Adds two quantities of the same unit.
 * @throws {RangeError} when the units differ: that is a mistake in the program, never in the input.
 */
export function plus(a: Quantity, b: Quantity): Quantity {
  requireSameUnit(a, b);
  return quantity(a.amount + b.amount, a.unit);
}

/**
 * What is missing of `need` when `have` is there: never below zero.
 * @throws {RangeError} when the units differ.
 */
export function shortfall(need: Quantity, have: Quantity): Quantity {
  requireSameUnit(need, have);
  return quantity(Math.max(0, need.amount - have.amount), need.unit);
}

/** The quantity `times` over. */
export const multiplied = (q: Quantity, times: number): Quantity => quantity(q.amount * times, q.unit);

function requireSameUnit(a: Quantity, b: Quantity): void {
  if (a.unit !== b.unit) throw new RangeError(`cannot combine ${a.unit} with ${b.unit}`);
}
