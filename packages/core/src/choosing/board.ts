import { EPSILON, type ChoiceProblem, type Picks } from './problem.ts';

/** Lists of numbers, one after the other in one array: what each option touches. */
interface Lists {
  readonly starts: Int32Array;
  readonly ids: Int32Array;
  readonly amounts: Float64Array;
}

function listsOf(
  count: number,
  entries: readonly (readonly [at: number, id: number, amount: number])[],
): Lists {
  const starts = new Int32Array(count + 1);
  for (const [at] of entries) starts[at + 1]! += 1;
  for (let i = 0; i < count; i += 1) starts[i + 1]! += starts[i]!;
  const next = starts.slice();
  const ids = new Int32Array(entries.length);
  const amounts = new Float64Array(entries.length);
  for (const [at, id, amount] of entries) {
    const place = next[at]!++;
    ids[place] = id;
    amounts[place] = amount;
  }
  return { starts, ids, amounts };
}

const EMPTY = -1;

/**
 * Picks that are changed one at a time, with what they are worth and which rows do not hold, brought along: a change costs what its option
 * touches, not the whole. {@link appraise} is what it has to equal.
 */
export class ChoiceBoard {
  readonly problem: ChoiceProblem;
  /** The options of each place. */
  readonly optionsOf: readonly (readonly number[])[];
  readonly #picks: Int32Array;
  readonly #worth: Float64Array;
  readonly #rowsOf: Lists;
  readonly #inRow: Lists;
  readonly #rooms: Float64Array;
  readonly #rowSums: Float64Array;
  readonly #sumsOf: Lists;
  readonly #hopeOfSum: Int32Array;
  /** Turned so that a miss is above zero: want − sum or sum − want. */
  readonly #short: Float64Array;
  readonly #signs: Float64Array;
  readonly #firstSum: Int32Array;
  readonly #points: Float64Array;
  readonly #missed: Float64Array;
  /** Rows that do not hold now. */
  readonly broken = new Set<number>();
  value = 0;

  constructor(problem: ChoiceProblem) {
    this.problem = problem;
    const { spots, options, rows, hopes } = problem;
    const count = options.length;
    const optionsOf = Array.from({ length: spots }, (): number[] => []);
    options.forEach(({ spot }, o) => optionsOf[spot]!.push(o));
    this.optionsOf = optionsOf;
    this.#picks = new Int32Array(spots).fill(EMPTY);
    this.#worth = Float64Array.from(options, ({ speaks }) =>
      speaks.reduce((sum, { points }) => sum + points, 0),
    );
    this.#rowsOf = listsOf(
      count,
      rows.flatMap(({ takes }, r) => takes.map(([o, amount]) => [o, r, amount] as const)),
    );
    this.#inRow = listsOf(
      rows.length,
      rows.flatMap(({ takes }, r) => takes.map(([o, amount]) => [r, o, amount] as const)),
    );
    this.#rooms = Float64Array.from(rows, ({ room }) => room + EPSILON);
    this.#rowSums = new Float64Array(rows.length);
    const sums = hopes.flatMap((hope, w) => hope.sums.map((sum) => ({ ...sum, w, side: hope.side })));
    this.#sumsOf = listsOf(
      count,
      sums.flatMap(({ takes }, s) => takes.map(([o, amount]) => [o, s, amount] as const)),
    );
    this.#hopeOfSum = Int32Array.from(sums, ({ w }) => w);
    this.#signs = Float64Array.from(sums, ({ side }) => (side === 'at-least' ? -1 : 1));
    this.#short = Float64Array.from(sums, ({ want, side }) => (side === 'at-least' ? want : -want));
    this.#firstSum = Int32Array.from([0, ...hopes.map((hope) => hope.sums.length)]);
    for (let w = 0; w < hopes.length; w += 1) this.#firstSum[w + 1]! += this.#firstSum[w]!;
    this.#points = Float64Array.from(hopes, ({ points }) => points);
    this.#missed = new Float64Array(hopes.length);
    for (let w = 0; w < hopes.length; w += 1) this.#look(w);
  }

  pick(spot: number): number | null {
    const pick = this.#picks[spot]!;
    return pick === EMPTY ? null : pick;
  }

  get picks(): Picks {
    return Array.from(this.#picks, (pick) => (pick === EMPTY ? null : pick));
  }

  /** Fills a place with one of its options, or empties it. */
  set(spot: number, option: number | null): void {
    const was = this.#picks[spot]!;
    const now = option ?? EMPTY;
    if (was === now) return;
    if (was !== EMPTY) this.#count(was, -1);
    this.#picks[spot] = now;
    if (now !== EMPTY) this.#count(now, 1);
  }

  /** What speaks for an option by itself. */
  worth(option: number): number {
    return this.#worth[option]!;
  }

  /** The chosen options that take of a row, in no order that means anything. */
  takersOf(row: number): readonly number[] {
    return this.#ofRow(row, (option, amount) => amount > 0 && this.#isChosen(option));
  }

  /** The options that would give to a row and are not chosen: what makes for something that needs it. */
  giversOf(row: number): readonly number[] {
    return this.#ofRow(row, (option, amount) => amount < 0 && !this.#isChosen(option));
  }

  #isChosen(option: number): boolean {
    return this.#picks[this.problem.options[option]!.spot] === option;
  }

  #ofRow(row: number, test: (option: number, amount: number) => boolean): readonly number[] {
    const { starts, ids, amounts } = this.#inRow;
    const found: number[] = [];
    for (let i = starts[row]!; i < starts[row + 1]!; i += 1)
      if (test(ids[i]!, amounts[i]!)) found.push(ids[i]!);
    return found;
  }

  /** Whether every row would still hold with an option in its place, which is empty now. */
  hasRoom(option: number): boolean {
    const { starts, ids, amounts } = this.#rowsOf;
    for (let i = starts[option]!; i < starts[option + 1]!; i += 1) {
      const row = ids[i]!;
      if (amounts[i]! > 0 && this.#rowSums[row]! + amounts[i]! > this.#rooms[row]!) return false;
    }
    return true;
  }

  #count(option: number, sign: 1 | -1): void {
    this.value += sign * this.#worth[option]!;
    const rows = this.#rowsOf;
    for (let i = rows.starts[option]!; i < rows.starts[option + 1]!; i += 1) {
      const row = rows.ids[i]!;
      this.#rowSums[row]! += sign * rows.amounts[i]!;
      if (this.#rowSums[row]! > this.#rooms[row]!) this.broken.add(row);
      else this.broken.delete(row);
    }
    const sums = this.#sumsOf;
    for (let i = sums.starts[option]!; i < sums.starts[option + 1]!; i += 1) {
      const sum = sums.ids[i]!;
      this.#short[sum]! += sign * this.#signs[sum]! * sums.amounts[i]!;
      this.#look(this.#hopeOfSum[sum]!);
    }
  }

  // What is missed of a hope now.
  #look(hope: number): void {
    let most = 0;
    for (let s = this.#firstSum[hope]!; s < this.#firstSum[hope + 1]!; s += 1)
      if (this.#short[s]! > most) most = this.#short[s]!;
    if (most === this.#missed[hope]!) return;
    this.value -= this.#points[hope]! * (most - this.#missed[hope]!);
    this.#missed[hope] = most;
  }
}
