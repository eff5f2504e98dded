// How benchmarks show their figures; used by the scripts beside it.

/** The value below which a share of a sorted list lies. */
export const percentile = (sorted: readonly number[], share: number): number =>
  sorted[Math.floor((sorted.length - 1) * share)]!;

/** A line: what was measured, and what came out. */
export const show = (name: string, text: string): void => console.log(`${name.padEnd(62)} ${text}`);

export const ms = (value: number): string => `${value.toFixed(2)} ms`;
