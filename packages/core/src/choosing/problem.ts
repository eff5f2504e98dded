/** So much of something that an option takes, by the option's index. */
export type Take = readonly [option: number, amount: number];

/** What speaks for or against an option by itself, in points, under the name by which it is weighed and told. */
export interface Speaks {
  readonly term: string;
  readonly points: number;
}

/** One way to fill one place. */
export interface ChoiceOption {
  /** The place, by its index. */
  readonly spot: number;
  readonly speaks: readonly Speaks[];
}

/** What must hold: what the chosen options take of something is no more than there is room for. */
export interface ChoiceRow {
  /** What it is about, for telling what stands in the way. */
  readonly about: string;
  readonly room: number;
  readonly takes: readonly Take[];
}

/**
 * What would be nice: sums of what the chosen options give, each at least or at most so much. What is missed is the most that one of its
 * sums misses; each unit of it costs points. Why several sums: minutes of making ready are counted up to each evening, and who is too late
 * by half an hour on the first is not late by half an hour again on every evening after it.
 */
export interface Hope {
  readonly term: string;
  readonly about: string;
  readonly side: 'at-least' | 'at-most';
  readonly points: number;
  readonly sums: readonly { readonly want: number; readonly takes: readonly Take[] }[];
}

/**
 * Places to be filled, each with one of its options or none: what must hold, and what each choice is worth. Plain numbers, so that it can be
 * handed to a worker, to a solver, or to brute force. Nothing chosen breaks nothing: no room is below zero.
 */
export interface ChoiceProblem {
  readonly spots: number;
  readonly options: readonly ChoiceOption[];
  readonly rows: readonly ChoiceRow[];
  readonly hopes: readonly Hope[];
}

/** For each place the index of the option that fills it; null for a place that stays empty. */
export type Picks = readonly (number | null)[];

/** A rounding error in a sum is no breach. */
export const EPSILON = 1e-9;

/** What some picks are worth, term by term. */
export interface Appraisal {
  /** In points; comparable within one problem only. */
  readonly value: number;
  /** The points of each term, what speaks for the picks above zero. */
  readonly terms: ReadonlyMap<string, number>;
  /** The rows that do not hold; empty for picks that can stand. */
  readonly broken: readonly ChoiceRow[];
  /** The hopes of which something is missed, and how much. */
  readonly missed: readonly { readonly hope: Hope; readonly by: number }[];
}

/**
 * The one measure of how good picks are: what search, model and brute force are checked against. Slow and obvious on purpose.
 * @throws {RangeError} when a place is filled with an option of another place.
 */
export function appraise(problem: ChoiceProblem, picks: Picks): Appraisal {
  const chosen = new Set<number>();
  picks.forEach((pick, spot) => {
    if (pick === null) return;
    if (problem.options[pick]?.spot !== spot)
      throw new RangeError(`option ${pick} does not fill place ${spot}`);
    chosen.add(pick);
  });
  const sumOf = (takes: readonly Take[]): number =>
    takes.reduce((sum, [option, amount]) => (chosen.has(option) ? sum + amount : sum), 0);
  const terms = new Map<string, number>();
  const count = (term: string, points: number): void => void terms.set(term, (terms.get(term) ?? 0) + points);
  for (const pick of chosen)
    for (const { term, points } of problem.options[pick]!.speaks) count(term, points);
  const missed = problem.hopes.flatMap((hope) => {
    const by = missOf(
      hope,
      hope.sums.map(({ takes }) => sumOf(takes)),
    );
    return by > EPSILON ? [{ hope, by }] : [];
  });
  for (const { hope, by } of missed) count(hope.term, -hope.points * by);
  return {
    value: [...terms.values()].reduce((sum, points) => sum + points, 0),
    terms,
    broken: problem.rows.filter(({ room, takes }) => sumOf(takes) > room + EPSILON),
    missed,
  };
}

// How much of a hope is missed by what its sums come to; 0 where it is met.
function missOf({ side, sums }: Hope, values: readonly number[]): number {
  return sums.reduce((most, { want }, i) => {
    const short = side === 'at-least' ? want - values[i]! : values[i]! - want;
    return Math.max(most, short);
  }, 0);
}
