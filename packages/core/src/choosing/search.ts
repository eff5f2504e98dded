import { randomOf } from '../measure/index.ts';
import { ChoiceBoard } from './board.ts';
import { EPSILON, type ChoiceProblem, type Picks } from './problem.ts';

/** How a search goes about it. */
export interface SearchPlan {
  /** The same seed finds the same. */
  readonly seed: number;
  /** How many changes are tried in all. */
  readonly tries: number;
  /** What it starts from; what of it does not hold is left out. Left out: nothing is chosen yet. */
  readonly start?: Picks;
  /** Places that stay as the start has them. */
  readonly held?: ReadonlySet<number>;
  /** How good each option looks to a model that may split choices, in points below the best: tried the more often the less. */
  readonly guide?: Float64Array;
}

/** Options of one place that are looked at where it was emptied on the way. */
const REFILLS = 12;
/** More than this is not pushed out of the way of one change. */
const MOST_EVICTED = 4;
/** Temperatures, in points, at the first and the last try. */
const [HOT, COLD] = [8, 0.05];

/**
 * Looks for good picks: places are filled anew one at a time, what gets in the way is put out and its place filled again, what is worse is
 * kept the less often the longer it goes on (simulated annealing), and the end is climbed to the top. Whatever it holds satisfies every row,
 * so it can be stopped at any time. No clock: the caller gives it tries in slices.
 */
export class Search {
  readonly #board: ChoiceBoard;
  readonly #plan: SearchPlan;
  readonly #random: () => number;
  readonly #open: readonly number[];
  #done = 0;
  #best: Picks;
  #bestValue = -Infinity;
  // What was changed since the last time it was decided, the newest last.
  readonly #undo: [spot: number, was: number | null][] = [];

  constructor(problem: ChoiceProblem, plan: SearchPlan) {
    this.#board = new ChoiceBoard(problem);
    this.#plan = plan;
    this.#random = randomOf(plan.seed);
    const held = plan.held ?? new Set<number>();
    this.#open = this.#board.optionsOf.flatMap((options, spot) =>
      options.length > 0 && !held.has(spot) ? [spot] : [],
    );
    this.#begin(plan.start ?? [], held);
    this.#best = this.#board.picks;
    this.#note();
  }

  get best(): Picks {
    return this.#best;
  }

  /** What the best is worth, in the points of {@link appraise}. */
  get value(): number {
    return this.#bestValue;
  }

  get isDone(): boolean {
    return this.#done >= this.#plan.tries;
  }

  /** Tries so many changes more; the last slice ends with the climb. */
  run(tries: number): void {
    const end = Math.min(this.#plan.tries, this.#done + tries);
    let current = this.#board.value;
    for (; this.#done < end; this.#done += 1) {
      const heat = HOT * (COLD / HOT) ** (this.#done / this.#plan.tries);
      if (!this.#change()) {
        this.#back();
        continue;
      }
      const { value } = this.#board;
      if (value >= current || this.#random() < Math.exp((value - current) / heat)) {
        current = value;
        this.#undo.length = 0;
        if (value > this.#bestValue + EPSILON) this.#note();
      } else this.#back();
    }
    if (this.isDone) this.#climb();
  }

  // The start as far as it holds: held places first, then the rest, then every empty place with the best that fits.
  #begin(start: Picks, held: ReadonlySet<number>): void {
    const board = this.#board;
    const order = [...start.keys()].toSorted((a, b) => Number(held.has(b)) - Number(held.has(a)));
    for (const spot of order) {
      const pick = start[spot] ?? null;
      if (pick !== null && (held.has(spot) || board.hasRoom(pick))) board.set(spot, pick);
    }
    // What needs something else that is not there goes again.
    for (const row of [...board.broken])
      for (const option of board.takersOf(row)) {
        const { spot } = board.problem.options[option]!;
        if (!held.has(spot) && board.broken.has(row)) board.set(spot, null);
      }
    for (const spot of this.#open) if (board.pick(spot) === null) this.#fill(spot, board.optionsOf[spot]!);
    this.#undo.length = 0;
  }

  #note(): void {
    this.#bestValue = this.#board.value;
    this.#best = this.#board.picks;
  }

  #set(spot: number, option: number | null): void {
    this.#undo.push([spot, this.#board.pick(spot)]);
    this.#board.set(spot, option);
  }

  #back(): void {
    for (let step = this.#undo.pop(); step; step = this.#undo.pop()) this.#board.set(step[0], step[1]);
  }

  #oneOf<T>(list: readonly T[]): T {
    return list[Math.floor(this.#random() * list.length)]!;
  }

  // The better of two options by the guide, most of the time.
  #optionFor(spot: number): number {
    const options = this.#board.optionsOf[spot]!;
    const { guide } = this.#plan;
    const one = this.#oneOf(options);
    if (!guide || this.#random() < 0.1) return one;
    const other = this.#oneOf(options);
    return guide[other]! < guide[one]! ? other : one;
  }

  // One change, with what it pushes out; false when it cannot be.
  #change(): boolean {
    if (this.#open.length === 0) return false;
    const spot = this.#oneOf(this.#open);
    if (this.#random() < EMPTYING) {
      if (this.#board.pick(spot) === null) return false;
      this.#set(spot, null);
      return this.#makeRoom(null);
    }
    const option = this.#optionFor(spot);
    if (this.#board.pick(spot) === option) return false;
    return this.#put(spot, option);
  }

  #put(spot: number, option: number): boolean {
    this.#set(spot, option);
    return this.#makeRoom(option);
  }

  // Whatever stands in the way of an option goes, and its places are filled again with what fits; what it needs comes.
  #makeRoom(option: number | null): boolean {
    const board = this.#board;
    const emptied: number[] = [];
    for (let steps = 0; board.broken.size > 0; steps += 1) {
      if (steps === MOST_EVICTED) return false;
      const [row] = board.broken as unknown as Iterable<number>;
      const ways = board.takersOf(row!).filter((one) => one !== option && this.#isOpen(one));
      const givers = board.giversOf(row!).filter((one) => this.#isOpen(one) && this.#leaves(one, option));
      if (ways.length > 0 && (givers.length === 0 || this.#random() < 0.5)) {
        const { spot } = board.problem.options[this.#oneOf(ways)]!;
        this.#set(spot, null);
        emptied.push(spot);
      } else if (givers.length > 0) {
        const giver = this.#oneOf(givers);
        this.#set(board.problem.options[giver]!.spot, giver);
      } else return false;
    }
    for (const spot of emptied)
      if (board.pick(spot) === null) this.#fill(spot, this.#some(board.optionsOf[spot]!));
    return true;
  }

  // Whether one option can be chosen while another stays where it was just put.
  #leaves(giver: number, option: number | null): boolean {
    const { options } = this.#board.problem;
    return option === null || options[giver]!.spot !== options[option]!.spot;
  }

  #isOpen(option: number): boolean {
    return !(this.#plan.held?.has(this.#board.problem.options[option]!.spot) ?? false);
  }

  #some(options: readonly number[]): readonly number[] {
    if (options.length <= REFILLS) return options;
    return Array.from({ length: REFILLS }, () => this.#oneOf(options));
  }

  // The best of some options that has room; none where nothing is better than an empty place.
  #fill(spot: number, options: readonly number[]): void {
    const board = this.#board;
    let [best, most] = [null as number | null, board.value];
    for (const option of options) {
      if (!board.hasRoom(option)) continue;
      board.set(spot, option);
      if (board.broken.size === 0 && board.value > most + EPSILON) [best, most] = [option, board.value];
      board.set(spot, null);
    }
    if (best !== null) this.#set(spot, best);
  }

  // From the best on: every place with every option, until nothing gets better.
  #climb(): void {
    this.#best.forEach((pick, spot) => this.#board.set(spot, pick));
    this.#undo.length = 0;
    for (let better = true; better;) {
      better = false;
      for (const spot of this.#open)
        for (const option of [null, ...this.#board.optionsOf[spot]!]) {
          if (this.#board.pick(spot) === option) continue;
          this.#set(spot, option);
          const isBetter = this.#makeRoom(option) && this.#board.value > this.#bestValue + EPSILON;
          if (isBetter) {
            this.#undo.length = 0;
            this.#note();
            better = true;
          } else this.#back();
        }
    }
  }
}

/** How often a change empties a place. */
const EMPTYING = 0.03;

/** The best picks that a whole search finds. */
export function searchFor(
  problem: ChoiceProblem,
  plan: SearchPlan,
): { readonly picks: Picks; readonly value: number } {
  const search = new Search(problem, plan);
  search.run(plan.tries);
  return { picks: search.best, value: search.value };
}
