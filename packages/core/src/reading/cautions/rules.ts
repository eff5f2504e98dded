import type { CautionRule } from './rule.ts';
import { RULES_BY_SHAPE } from './rules-by-shape.ts';
import { RULES_BY_STUFF } from './rules-by-stuff.ts';

/** Which rows speak for a thing before another one: that one is silent for whom they speak. */
export const BEFORE: ReadonlyMap<number, ReadonlySet<number>> = new Map([
  [1, new Set([2, 10, 22, 27, 39, 57])],
  [34, new Set([60])],
]);

/** Every row of docs/cautions.md that a supply can meet, in its order. */
export const CAUTION_RULES: readonly CautionRule[] = [...RULES_BY_SHAPE, ...RULES_BY_STUFF].toSorted(
  (a, b) => a.row - b.row,
);

/** The row about standing water, which an activity meets and not a supply: under 60 months, somebody stays. */
export const WATER_RULE = {
  row: 21,
  about: 'standing water',
  underMonths: 60,
  instead: 'Within arm’s reach, with nothing else to do. Empty it at once.',
  basis: 'drowning prevention',
} as const;
