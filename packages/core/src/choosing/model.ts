import type { ChoiceProblem, Picks } from './problem.ts';

/** A solver that reads the LP format; which one is the caller's choice. It blocks until it is done. */
export type ChoiceSolver = (
  lp: string,
  options: {
    readonly random_seed: number;
    readonly output_flag: boolean;
    readonly mip_max_nodes?: number;
    readonly mip_rel_gap?: number;
  },
) => {
  readonly Status: string;
  readonly ObjectiveValue: number;
  readonly Columns: Readonly<Record<string, { readonly Index: number; readonly Primal?: number }>>;
};

const SEED = 20_270_311;
const GAP = 1e-6;

const number = (value: number): string => `${value < 0 ? '-' : '+'} ${Math.abs(value)}`;
const sum = (terms: readonly (readonly [variable: string, weight: number])[]): string =>
  terms.map(([variable, weight]) => `${number(weight)} ${variable}`).join('\n ');

/**
 * A problem as a model in the LP format: `x<option>` is one where it is chosen, `m<hope>` how much of a hope is missed. `whole` says whether
 * choices are whole; where they may be split, its best is a bound that no picks can be above.
 */
export function choiceModel(problem: ChoiceProblem, whole: boolean): string {
  const { options, hopes } = problem;
  const goal = [
    ...options.map(
      ({ speaks }, o) => [`x${o}`, speaks.reduce((all, { points }) => all + points, 0)] as const,
    ),
    ...hopes.map(({ points }, w) => [`m${w}`, -points] as const),
  ].filter(([, weight]) => weight !== 0);
  return [
    'Maximize',
    ` obj: ${sum(goal) || '0 x0'}`,
    'Subject To',
    ...rowsOf(problem),
    'Bounds',
    ...options.map((_, o) => ` 0 <= x${o} <= 1`),
    ...(whole ? ['Binaries', ...options.map((_, o) => ` x${o}`)] : []),
    'End',
  ].join('\n');
}

function rowsOf({ spots, options, rows, hopes }: ChoiceProblem): readonly string[] {
  const bySpot = Array.from({ length: spots }, (): [string, number][] => []);
  options.forEach(({ spot }, o) => bySpot[spot]!.push([`x${o}`, 1]));
  return [
    ...bySpot.filter(({ length }) => length > 0).map((terms) => ` ${sum(terms)} <= 1`),
    ...rows
      .filter(({ takes }) => takes.length > 0)
      .map(({ room, takes }) => ` ${sum(takes.map(([o, amount]) => [`x${o}`, amount] as const))} <= ${room}`),
    ...hopes.flatMap(({ side, sums }, w) =>
      sums.map(({ want, takes }) => {
        const sign = side === 'at-least' ? 1 : -1;
        const terms = takes.map(([o, amount]) => [`x${o}`, sign * amount] as const);
        return ` ${sum([...terms, [`m${w}`, 1]])} >= ${sign * want}`;
      }),
    ),
  ];
}

/** What no picks can be above, and how far below the best each option lies by itself, in points. */
export interface Bound {
  readonly value: number;
  /** By option: what choosing it would cost a plan that may split its choices; 0 for what such a plan uses. */
  readonly guide: Float64Array;
}

// Whole models have none.
const dualOf = (column: object | undefined): number =>
  column && 'Dual' in column && typeof column.Dual === 'number' ? column.Dual : 0;

/** The bound of a problem: its best where choices may be split. Null when the solver does not find it. */
export function boundOf(problem: ChoiceProblem, solver: ChoiceSolver): Bound | null {
  if (problem.options.length === 0) return null;
  const { Status, ObjectiveValue, Columns } = solver(choiceModel(problem, false), {
    random_seed: SEED,
    output_flag: false,
  });
  if (Status !== 'Optimal') return null;
  const guide = Float64Array.from(problem.options, (_, o) => Math.max(0, -dualOf(Columns[`x${o}`])));
  return { value: ObjectiveValue, guide };
}

/** The best picks by a solver, and whether it is proven that none are better; null when it finds none within its nodes. */
export function solveChoice(
  problem: ChoiceProblem,
  solver: ChoiceSolver,
  mostNodes: number,
): { readonly picks: Picks; readonly isBest: boolean } | null {
  const { spots, options } = problem;
  if (options.length === 0) return { picks: Array.from({ length: spots }, () => null), isBest: true };
  const { Status, Columns } = solver(choiceModel(problem, true), {
    random_seed: SEED,
    output_flag: false,
    mip_max_nodes: mostNodes,
    mip_rel_gap: GAP,
  });
  const picks: (number | null)[] = Array.from({ length: spots }, () => null);
  let isFound = false;
  options.forEach(({ spot }, o) => {
    const primal = Columns[`x${o}`]?.Primal;
    if (primal === undefined) return;
    isFound = true;
    if (primal > 0.5) picks[spot] = o;
  });
  return isFound ? { picks, isBest: Status === 'Optimal' } : null;
}
