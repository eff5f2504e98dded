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

const MINUTES_AN_HOUR = 60;
const MINUTES_A_DAY = 1440;
const DAYS_A_WEEK = 7;
// From so many on, nobody counts them one by one.
const HOURS_ONE_BY_ONE = 48;
const DAYS_ONE_BY_ONE = 14;

const inHalves = (amount: number): number => Math.round(amount * 2) / 2;
const named = (amount: number, one: string): string =>
  `${fractionText(amount)} ${amount > 1 ? `${one}s` : one}`;
const about = (text: string, isExact: boolean): string => (isExact ? text : `about ${text}`);

/**
 * How long something takes or waits as people can use it: `45 min`; from an hour on in half hours, `about 2½ h`; from two days
 * on in half days; from two weeks on in half weeks.
 */
export function aboutDuration(minutes: number): string {
  const all = Math.max(0, Math.round(minutes));
  if (all < MINUTES_AN_HOUR) return `${all} min`;
  const hours = all / MINUTES_AN_HOUR;
  if (hours < HOURS_ONE_BY_ONE) return about(`${fractionText(inHalves(hours))} h`, hours === inHalves(hours));
  const days = all / MINUTES_A_DAY;
  if (days < DAYS_ONE_BY_ONE) return about(named(inHalves(days), 'day'), days === inHalves(days));
  const weeks = days / DAYS_A_WEEK;
  return about(named(inHalves(weeks), 'week'), weeks === inHalves(weeks));
}

/** A span of days as people can use it: `6 to 11 days`, `about 2½ to 5½ weeks`, one length where both are told the same. */
export function aboutDays(least: number, most: number): string {
  const inWeeks = most >= DAYS_ONE_BY_ONE && least >= DAYS_A_WEEK;
  const [from, to] = [least, most].map((days) =>
    inWeeks ? inHalves(days / DAYS_A_WEEK) : Math.round(days),
  ) as [number, number];
  const unit = inWeeks ? 'week' : 'day';
  const text = from === to ? named(to, unit) : `${fractionText(from)} to ${named(to, unit)}`;
  const exact = inWeeks ? from * DAYS_A_WEEK === least && to * DAYS_A_WEEK === most : true;
  return about(text, exact);
}
