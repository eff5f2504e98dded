/** A reading of something that is learned, as times what is known of it otherwise: 1.5 is half as much again. */
export interface Reading {
  readonly times: number;
  /** It shows only that it is at least so much. */
  readonly atLeast?: boolean;
}

/** The bounds of what is learned. Kobby's own limits. */
export const LEARNED = {
  /** Never further than half or twice what is known otherwise: a home is not another world. */
  least: 0.5,
  most: 2,
  /** So many of the latest readings count: children grow, hands get quicker. */
  recent: 30,
  /** How much one reading scatters, as a share, where a home has not shown it yet, and for how many readings that counts. */
  scatter: 0.25,
  scatterCounts: 4,
} as const;

/** The standard deviation of a normal scatter over its median deviation. */
const PER_MEDIAN_DEVIATION = 1.4826;
/** How much a median scatters more than a mean. */
const MEDIAN_SCATTERS = 1.2533;
/** Below this nothing is told apart: something that took no time at all was not measured. */
const SMALLEST = 0.05;
/** A least says half as much as a reading. */
const LEAST_COUNTS = 0.5;
/** Where the middle is taken to be when nearly all readings show only a least: above three quarters of them. */
const UPPER = 0.75;

/**
 * What is learned from readings, as times what is known otherwise, between {@link LEARNED.least} and {@link LEARNED.most}: the middle of
 * the latest, drawn back to 1 by as much as the middle of so few may be off by chance. So one wild reading moves little, and what a few
 * readings do not show clearly moves nothing. What shows only a least counts until it is reached. `step` is the share by which one reading may move it at most, in the order in which they came.
 *
 * Source: the product-limit estimate of a median by Kaplan and Meier for what shows only a least; median and median absolute deviation of logarithms, the standard error of a median under a normal scatter, and soft
 * thresholding by it.
 */
export function learn(readings: readonly Reading[], step: number): number {
  const latest = readings.slice(-LEARNED.recent);
  if (latest.length === 0) return 1;
  const logs = latest.map(({ times, atLeast = false }) => ({
    log: Math.log(Math.max(SMALLEST, times)),
    atLeast,
  }));
  const middle = middleOf(logs);
  const exact = logs.filter((one) => !one.atLeast);
  const n = exact.length + (logs.length - exact.length) * LEAST_COUNTS;
  const deviation =
    exact.length === 0 ? 0 : PER_MEDIAN_DEVIATION * medianOf(exact.map(({ log }) => Math.abs(log - middle)));
  const scatter = Math.sqrt(
    (LEARNED.scatterCounts * LEARNED.scatter ** 2 + exact.length * deviation ** 2) /
      (LEARNED.scatterCounts + exact.length),
  );
  const chance = (MEDIAN_SCATTERS * scatter) / Math.sqrt(n);
  const sure = Math.sign(middle) * Math.max(0, Math.abs(middle) - chance);
  const reach = readings.length * Math.log1p(Math.max(0, step));
  const moved = Math.min(reach, Math.max(-reach, sure));
  return Math.min(LEARNED.most, Math.max(LEARNED.least, Math.exp(moved)));
}

// What half of them sit at least: a least counts among those that are still to be lost until it is reached, and says nothing after it.
function middleOf(logs: readonly { readonly log: number; readonly atLeast: boolean }[]): number {
  const sorted = logs.toSorted((a, b) => a.log - b.log || Number(a.atLeast) - Number(b.atLeast));
  let share = 1;
  for (const [i, { log, atLeast }] of sorted.entries()) {
    if (atLeast) continue;
    const left = sorted.length - i;
    const next = share * (1 - 1 / left);
    // An even number of readings has its middle between two of them.
    if (Math.abs(next - 0.5) < 1e-9) return (log + (sorted[i + 1]?.log ?? log)) / 2;
    if (next < 0.5) return log;
    share = next;
  }
  // Most only showed a least: the middle is above most of these, and never below what is known.
  return Math.max(0, sorted[Math.floor(sorted.length * UPPER)]!.log);
}

function medianOf(values: readonly number[]): number {
  const sorted = values.toSorted((a, b) => a - b);
  const half = sorted.length / 2;
  return sorted.length % 2 === 1 ? sorted[Math.floor(half)]! : (sorted[half - 1]! + sorted[half]!) / 2;
}
