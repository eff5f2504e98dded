import { Fraction } from 'fraction.js';

/** An exact number, as a fraction of two integers. Recipes are computed in these: scaling there and back is exact. */
export type Exact = Fraction;

/**
 * The exact value of a number as it is written: 0.1 is one tenth, not the binary number next to it.
 * @throws {RangeError} for what is not finite: that is a mistake in the program, never in the input.
 */
export function exact(value: number | Exact): Exact {
  if (value instanceof Fraction) return value;
  if (!Number.isFinite(value)) throw new RangeError(`not a finite number: ${value}`);
  // A number in scientific notation is spelled out: the library reads digits only.
  const text = String(value);
  return new Fraction(text.includes('e') ? value.toFixed(12) : text);
}

/** Nothing, exactly. */
export const EXACT_ZERO: Exact = exact(0);
/** One, exactly. */
export const EXACT_ONE: Exact = exact(1);

/** The sum of exact numbers; nothing for none. */
export const sumOf = (values: readonly Exact[]): Exact =>
  values.reduce((sum, value) => sum.add(value), EXACT_ZERO);

/** The nearest number that a computer holds. */
export const toNumber = (value: Exact): number => value.valueOf();

/** Up to the next multiple of a step above zero; the value itself when it is one. */
export const upTo = (value: Exact, step: Exact): Exact => value.div(step).ceil().mul(step);

/** To the nearest multiple of a step above zero, halves upwards. */
export const nearestOf = (value: Exact, step: Exact): Exact => value.div(step).round().mul(step);
