/** Something that was measured once, as times what is known of it otherwise: 1.5 is half as much again. */
export interface Sample {
  readonly times: number;
  /** It shows only that it is at least so much. */
  readonly atLeast?: boolean;
}

/** The bounds of what is learned. Kobby's own limits. */
export const LEARNED = {
  /** Never further than half or twice what is known otherwise: a home is not another world. */
  least: 0.5,
  most: 2,
  /** So many of the latest count: children grow, hands get quicker. */
  recent: 30,
  /** How much one sample scatters, as a share, where a home has not shown it yet, and for how many samples that counts. */
  scatter: 0.25,
  scatterCounts: 4,
} as const;

/** The standard deviation of a normal scatter over its median deviation. */
const PER_MEDIAN_DEVIATION = 1.4826;
/** How much a median scatters more than a mean. */
const MEDIAN_SCATTERS = 1.2533;
/** Below this nothing is told apart: something that took no time at all was not measured. */
const SMALLEST = 0.05;
/** A least says half as much as a measure. */
const LEAST_COUNTS = 0.5;
/** Where the middle is taken to be when nearly all show only a least: above three quarters of them. */
const UPPER = 0.75;

/**
 * What is learned from samples, the earliest first, as times what is known otherwise: between {@link LEARNED.least} and
 * {@link LEARNED.most}, 1 for none. It is the middle of the latest, drawn back to 1 by as much as the middle of so few may be off by
 * chance: a wild sample moves little, and what a few do not show clearly moves nothing. What shows only a least counts until it is
 * reached. `step` is the share by which one sample may move it at most, 0 and more.
 *
 * Source: the median and the median absolute deviation of logarithms, by the product-limit estimate of Kaplan and Meier where there is
 * only a least; the standard error of a median under a normal scatter; soft thresholding by it.
 */
export function learn(samples: readonly Sample[], step: number): number {
  const latest = samples.slice(-LEARNED.recent);
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
  const reach = samples.length * Math.log1p(Math.max(0, step));
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
    // An even number of them has its middle between two of them.
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
