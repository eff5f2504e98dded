import type { Quantity } from './quantity.ts';
import { formatQuantity, fractionText, type UnitSystem } from './units.ts';

const SECONDS_A_MINUTE = 60;
const STEP_SECONDS = 5;

/**
 * A length of time as people can use it: `45 s` to five seconds, from a minute on to half a minute, `2½ min`. What is added up and
 * explained stays exact: this is only how it is told.
 */
export function aboutSeconds(seconds: number): string {
  const short = Math.round(seconds / STEP_SECONDS) * STEP_SECONDS;
  if (short < SECONDS_A_MINUTE) return `${short} s`;
  return `${fractionText(Math.round((seconds / SECONDS_A_MINUTE) * 2) / 2)} min`;
}

// Up to each size, a step that nobody would measure finer.
const STEPS: readonly (readonly [upTo: number, step: number])[] = [
  [10, 1],
  [100, 5],
  [1000, 10],
  [10_000, 100],
];
const LARGEST_STEP = 1000;

/** An amount as people can use it: `about 560 mL`, `about 3.2 kg`; what is counted stays a number. */
export function aboutQuantity(q: Quantity, system: UnitSystem): string {
  if (q.unit === 'piece') return formatQuantity({ ...q, amount: Math.round(q.amount) }, system);
  const step = STEPS.find(([upTo]) => q.amount <= upTo)?.[1] ?? LARGEST_STEP;
  const amount = Math.max(step, Math.round(q.amount / step) * step);
  const text = formatQuantity({ ...q, amount }, system);
  return Math.abs(amount - q.amount) < 1e-6 ? text : `about ${text}`;
}
