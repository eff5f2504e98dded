/** One way to have a piece in a circle: with so many verses it takes so many seconds. */
export interface FitOption {
  readonly verses: number;
  readonly seconds: number;
}

/** A piece that may be in a circle, in the order in which it would stand there. */
export interface FitPiece {
  readonly id: string;
  readonly options: readonly FitOption[];
  /** Which option it has now; null when it is not in the circle yet. */
  readonly now: number | null;
  /** Stays as it is now. */
  readonly pinned: boolean;
  readonly lively: boolean;
  /** Welcome and close: they are given up last. */
  readonly frames: boolean;
}

export interface FitProblem {
  readonly pieces: readonly FitPiece[];
  /** It may not take longer. */
  readonly atMostSeconds: number;
}

/** For each piece which option it gets; null for left out. */
export type FitChoice = readonly (number | null)[];

export type FitResult =
  | {
      readonly outcome: 'fitted';
      readonly chosen: FitChoice;
      readonly seconds: number;
      /** All that there is does not fill the time: what is left, beyond {@link NEAR_SECONDS}; else 0. */
      readonly leftSeconds: number;
    }
  /** What is pinned takes longer by itself. */
  | { readonly outcome: 'too-long'; readonly pinnedSeconds: number }
  /** What is pinned stands so that no order is kept: two lively pieces together, or a lively one last. */
  | { readonly outcome: 'out-of-order' };

/** A circle that ends so much before its time fills it: nobody sings by the second. */
export const NEAR_SECONDS = 30;

/**
 * What a circle costs besides seconds that stay empty, as one number: welcome and close given up weigh more than pieces left
 * out, those more than pieces added, and those more than verses added or left out. No part reaches the next one's unit.
 */
const VERSE = 1;
const ADDED = 1 << 10;
const OUT = ADDED << 6;
const FRAME = OUT << 6;
const NONE = -1;

/**
 * Everything that some pieces can come to, by seconds and by whether the last one is lively: the least cost of each, and for
 * every piece which way led there. Exact: of what takes as long and ends alike, only the best can lead to the best.
 */
interface Table {
  readonly costs: Int32Array;
  /** For each piece, at each state: its way and how it was before, packed; {@link NONE} where nothing leads. */
  readonly ways: readonly Int16Array[];
}

const stateOf = (seconds: number, lively: number): number => seconds * 2 + lively;

/**
 * The best way to fill a time with the pieces of a circle, by adding or leaving out verses and pieces. Seconds are whole. What
 * is pinned stays as it is; two lively pieces never follow each other, and the last is not lively. What weighs most first:
 * seconds that stay empty beyond {@link NEAR_SECONDS}, welcome and close given up, pieces left out, pieces added, verses added
 * or left out, seconds that stay empty. Among equals always the same one.
 */
export function fitCircle(problem: FitProblem): FitResult {
  const { pieces, atMostSeconds } = problem;
  const pinnedSeconds = pieces
    .filter(({ pinned }) => pinned)
    .reduce((sum, { options, now }) => sum + options[now!]!.seconds, 0);
  if (pinnedSeconds > atMostSeconds) return { outcome: 'too-long', pinnedSeconds };
  const table = tableOf(problem);
  const seconds = bestEnd(table, atMostSeconds);
  if (seconds === NONE) return { outcome: 'out-of-order' };
  return {
    outcome: 'fitted',
    chosen: chosenUntil(table, pieces, seconds),
    seconds,
    leftSeconds: Math.max(0, atMostSeconds - seconds - NEAR_SECONDS),
  };
}

function tableOf({ pieces, atMostSeconds }: FitProblem): Table {
  const size = stateOf(atMostSeconds, 1) + 1;
  let costs = new Int32Array(size).fill(NONE);
  costs[0] = 0;
  const ways = pieces.map((piece) => {
    const next = new Int32Array(size).fill(NONE);
    const taken = new Int16Array(size).fill(NONE);
    for (let state = 0; state < size; state += 1)
      if (costs[state] !== NONE) goOn(piece, state, costs[state]!, { next, taken, atMostSeconds });
    costs = next;
    return taken;
  });
  return { costs, ways };
}

interface Onward {
  readonly next: Int32Array;
  readonly taken: Int16Array;
  readonly atMostSeconds: number;
}

// Every way to go on with a piece: left out, or with one of its options.
function goOn(piece: FitPiece, state: number, cost: number, { next, taken, atMostSeconds }: Onward): void {
  const { options, now, pinned, frames, lively } = piece;
  const before = state & 1;
  const put = (to: number, way: number, price: number): void => {
    if (next[to] !== NONE && next[to]! <= cost + price) return;
    next[to] = cost + price;
    taken[to] = (way + 1) * 2 + before;
  };
  if (!pinned) put(state, NONE, now === null ? 0 : OUT + (frames ? FRAME : 0));
  if (lively && before === 1) return;
  const [from, to] = pinned ? [now!, now! + 1] : [0, options.length];
  for (let way = from; way < to; way += 1) {
    const { seconds, verses } = options[way]!;
    const total = (state >> 1) + seconds;
    if (total > atMostSeconds) continue;
    const price = now === null ? ADDED : VERSE * Math.abs(verses - options[now]!.verses);
    put(stateOf(total, Number(lively)), way, price);
  }
}

/** At how many seconds the best circle ends that does not end lively; {@link NONE} when there is none. */
function bestEnd({ costs }: Table, atMostSeconds: number): number {
  let best = NONE;
  let [bestEmpty, bestCost] = [Infinity, Infinity];
  // From the fullest down: among equals the one that leaves the least empty comes first.
  for (let seconds = atMostSeconds; seconds >= 0; seconds -= 1) {
    const cost = costs[stateOf(seconds, 0)]!;
    if (cost === NONE) continue;
    const empty = Math.max(0, atMostSeconds - seconds - NEAR_SECONDS);
    if (empty > bestEmpty || (empty === bestEmpty && cost >= bestCost)) continue;
    [best, bestEmpty, bestCost] = [seconds, empty, cost];
  }
  return best;
}

function chosenUntil({ ways }: Table, pieces: readonly FitPiece[], seconds: number): FitChoice {
  let state = stateOf(seconds, 0);
  const chosen: (number | null)[] = pieces.map(() => null);
  for (let i = pieces.length - 1; i >= 0; i -= 1) {
    const packed = ways[i]![state]!;
    const way = (packed >> 1) - 1;
    if (way === NONE) continue;
    chosen[i] = way;
    state = stateOf((state >> 1) - pieces[i]!.options[way]!.seconds, packed & 1);
  }
  return chosen;
}
