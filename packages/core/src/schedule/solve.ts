import { Board } from './board.ts';
import { laidFrom, lpText, modelOf, type Limits, type Model } from './model.ts';
import {
  compareGoals,
  goalsOf,
  inOrderOfNeeds,
  type Goals,
  type Laid,
  type ScheduleProblem,
} from './problem.ts';
import { quickSchedule } from './quick.ts';

/** A mixed-integer solver that reads the LP format; which one is the caller's choice. It blocks until it is done. */
export type Solver = (
  lp: string,
  options: SolverOptions,
) => {
  readonly Status: string;
  readonly Columns: Readonly<Record<string, { readonly Index: number; readonly Primal?: number }>>;
};

/** What a solver is asked for: always the same for the same model, and not for ever. */
interface SolverOptions {
  readonly random_seed: number;
  readonly mip_max_nodes: number;
  readonly mip_rel_gap: number;
  readonly mip_abs_gap: number;
  readonly output_flag: boolean;
}

const SEED = 20_270_311;
/** The most nodes of its tree that a solver looks at in one stage. */
const MOST_NODES = 300;

/** A schedule, what it costs, and whether none is better. */
export interface Solved {
  readonly laid: Laid;
  readonly goals: Goals;
  /** False when the solver gave up at its limit in some stage: the schedule holds, but a better one may exist. */
  readonly isBest: boolean;
}

/**
 * The best schedule by the goals in their order; of equally good ones the one in which the tasks, by their ids, each
 * stand as late as they can. It starts from the quick one and is never worse. `onStage` is told before each step.
 * Ties are settled exactly for up to a dozen tasks, beyond that one task after the other.
 */
export function solveSchedule(
  problem: ScheduleProblem,
  solver: Solver,
  onStage: (stage: Stage) => void = () => undefined,
): Solved {
  const run = new Run(problem, solver, onStage);
  run.improve('unplaced', { unplaced: 1 });
  run.improve('over', { over: 1 });
  run.improve('last', { last: problem.tasks.length + 1, moved: 1 });
  run.settleTies();
  return { laid: run.laid, goals: run.goals, isBest: run.isBest };
}

/** What the solver is at. */
export type Stage = keyof Goals | 'ties';

/** Up to so many tasks, ties are settled exactly. */
const MOST_TIED = 12;
// The solver tells values apart to about one part in a million.
const MOST_RANKS = 100_000;

class Run {
  readonly #problem: ScheduleProblem;
  readonly #solver: Solver;
  readonly #onStage: (stage: Stage) => void;
  readonly #model: Model;
  readonly #least: Goals;
  laid: Laid;
  goals: Goals;
  isBest = true;

  constructor(problem: ScheduleProblem, solver: Solver, onStage: (stage: Stage) => void) {
    this.#problem = problem;
    this.#solver = solver;
    this.#onStage = onStage;
    this.#model = modelOf(problem);
    this.#least = leastOf(problem);
    this.laid = quickSchedule(problem);
    this.goals = goalsOf(problem, this.laid);
  }

  /** Minimises some goals, the ones before them held where they are. */
  improve(stage: keyof Goals, weights: Partial<Goals>): void {
    const names = Object.keys(weights) as (keyof Goals)[];
    if (names.every((goal) => this.goals[goal] <= this.#least[goal])) return;
    this.#onStage(stage);
    const found = this.#solve(lpText(this.#model, weights, this.#limitsBefore(names[0]!)));
    if (found && compareGoals(goalsOf(this.#problem, found), this.goals) <= 0) this.#take(found);
  }

  /** Of all that are as good, the one with each task as late as it can be, by the order of ids. */
  settleTies(): void {
    const { tasks } = this.#problem;
    if (tasks.length === 0) return;
    this.#onStage('ties');
    const byId = tasks.map((_, t) => t).toSorted((a, b) => (tasks[a]!.id < tasks[b]!.id ? -1 : 1));
    if (tasks.length > MOST_TIED) this.#settleOneByOne(byId);
    else this.#settleExactly(byId);
  }

  #settleExactly(byId: readonly number[]): void {
    const { tasks } = this.#problem;
    const fixed: string[] = [];
    let open = byId;
    while (open.length > 0) {
      const chunk = chunkOf(open.map((t) => tasks[t]!.options.length + 1));
      const now = open.slice(0, chunk);
      let weight = 1;
      const beside: [number, number, number][] = [];
      for (const t of now.toReversed()) {
        const { options } = tasks[t]!;
        options.forEach((s, rank) => beside.push([-weight * (rank + 1), t, s]));
        weight *= options.length + 1;
      }
      const model: Model = { ...this.#model, rows: [...this.#model.rows, ...fixed] };
      const found = this.#solve(lpText(model, {}, this.goals, beside));
      if (!found || compareGoals(goalsOf(this.#problem, found), this.goals) !== 0) return;
      this.#take(found);
      for (const t of now)
        for (const s of tasks[t]!.options) fixed.push(`+ 1 x${t}_${s} = ${found[t] === s ? 1 : 0}`);
      open = open.slice(chunk);
    }
  }

  #settleOneByOne(byId: readonly number[]): void {
    const board = boardOf(this.#problem, this.laid);
    for (const t of byId) {
      const now = board.slotOf(t);
      if (now === null) continue;
      for (const s of this.#problem.tasks[t]!.options.toReversed()) {
        if (s <= now) break;
        board.lift(t);
        const isFree = board.overWith(t, s) !== null && board.fits(t, s);
        board.lay(t, isFree ? s : now);
        if (isFree && compareGoals(goalsOf(this.#problem, board.laid), this.goals) === 0) break;
        board.lay(t, now);
      }
    }
    this.#take(board.laid);
  }

  #limitsBefore(goal: keyof Goals): Limits {
    const { unplaced, over } = this.goals;
    if (goal === 'unplaced') return {};
    return goal === 'over' ? { unplaced } : { unplaced, over };
  }

  #take(laid: Laid): void {
    this.laid = laid;
    this.goals = goalsOf(this.#problem, laid);
  }

  /** A schedule out of the solver, if it has one that holds. */
  #solve(lp: string): Laid | null {
    if (this.#model.binaries.length === 0) return this.laid;
    const { Status, Columns } = this.#solver(lp, {
      random_seed: SEED,
      mip_max_nodes: MOST_NODES,
      mip_rel_gap: 0,
      mip_abs_gap: 1 / 2,
      output_flag: false,
    });
    if (Status !== 'Optimal') this.isBest = false;
    const laid = laidFrom(this.#problem, (variable) => Columns[variable]?.Primal ?? 0);
    return holds(this.#problem, laid) ? laid : null;
  }
}

// How many of the tasks in front can be told apart by one sum.
function chunkOf(choices: readonly number[]): number {
  let ranks = 1;
  const end = choices.findIndex((choice) => (ranks *= choice) > MOST_RANKS);
  return end < 0 ? choices.length : Math.max(1, end);
}

/** Lower bounds that need no solver. */
function leastOf({ tasks }: ScheduleProblem): Goals {
  const placeable = tasks.filter(({ options }) => options.length > 0);
  return {
    unplaced: tasks.length - placeable.length,
    over: 0,
    last: 0,
    moved: tasks.filter(({ shown, options }) => shown !== null && !options.includes(shown)).length,
  };
}

function boardOf(problem: ScheduleProblem, laid: Laid): Board {
  const board = new Board(problem);
  laid.forEach((s, t) => {
    if (s !== null) board.lay(t, s);
  });
  return board;
}

/** Whether a schedule breaks no wait, gap, need, place or slot. */
export function holds(problem: ScheduleProblem, laid: Laid): boolean {
  const board = new Board(problem);
  for (const t of inOrderOfNeeds(problem.tasks)) {
    const s = laid[t] ?? null;
    if (s === null) continue;
    if (!problem.tasks[t]!.options.includes(s) || board.overWith(t, s) === null || !board.fits(t, s))
      return false;
    board.lay(t, s);
  }
  return true;
}
