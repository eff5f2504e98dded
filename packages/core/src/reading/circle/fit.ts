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
 * What a circle costs, each part weighing more than all after it: seconds that stay empty beyond {@link NEAR_SECONDS},
 * welcome and close given up, pieces left out, pieces added, verses added or left out, seconds that stay empty.
 */
type Cost = readonly [frames: number, out: number, added: number, verses: number];

interface Partial {
  readonly seconds: number;
  readonly lively: boolean;
  readonly cost: Cost;
  readonly chosen: FitChoice;
}

/**
 * The best way to fill a time with the pieces of a circle, by adding or leaving out verses and pieces. What is pinned stays
 * as it is; two lively pieces never follow each other, and the last is not lively. Among equals the one that changes the
 * earliest pieces least. Exact: all that can be told apart by seconds and by how it ends is followed, piece by piece.
 */
export function fitCircle(problem: FitProblem): FitResult {
  const pinnedSeconds = problem.pieces
    .filter(({ pinned }) => pinned)
    .reduce((sum, { options, now }) => sum + options[now!]!.seconds, 0);
  if (pinnedSeconds > problem.atMostSeconds) return { outcome: 'too-long', pinnedSeconds };
  let open: readonly Partial[] = [{ seconds: 0, lively: false, cost: [0, 0, 0, 0], chosen: [] }];
  for (const piece of problem.pieces) open = kept(open.flatMap((sofar) => goOn(sofar, piece, problem)));
  const [best] = open
    .filter(({ lively }) => !lively)
    .toSorted(
      (a, b) =>
        emptyOf(a, problem) - emptyOf(b, problem) ||
        compareCost(a.cost, b.cost) ||
        b.seconds - a.seconds ||
        compareChoice(a.chosen, b.chosen, problem.pieces),
    );
  if (!best) return { outcome: 'out-of-order' };
  return {
    outcome: 'fitted',
    chosen: best.chosen,
    seconds: best.seconds,
    leftSeconds: emptyOf(best, problem),
  };
}

const emptyOf = ({ seconds }: Partial, { atMostSeconds }: FitProblem): number =>
  Math.max(0, atMostSeconds - seconds - NEAR_SECONDS);

// Every way to go on with a piece: left out, or with one of its options.
function goOn(sofar: Partial, piece: FitPiece, { atMostSeconds }: FitProblem): Partial[] {
  const { options, now, pinned, frames, lively } = piece;
  const ways = pinned ? [now] : [null, ...options.keys()];
  return ways.flatMap((way): Partial[] => {
    const chosen = [...sofar.chosen, way];
    if (way === null) {
      const [given, out, added, verses] = sofar.cost;
      const cost: Cost = now === null ? sofar.cost : [given + Number(frames), out + 1, added, verses];
      return [{ ...sofar, cost, chosen }];
    }
    const option = options[way]!;
    const seconds = sofar.seconds + option.seconds;
    if (seconds > atMostSeconds || (lively && sofar.lively)) return [];
    const [given, out, added, verses] = sofar.cost;
    const changed = now === null ? 0 : Math.abs(option.verses - options[now]!.verses);
    const cost: Cost = [given, out, added + Number(now === null), verses + changed];
    return [{ seconds, lively, cost, chosen }];
  });
}

// Of those that take as long and end alike, only the best can lead to the best.
function kept(all: readonly Partial[]): readonly Partial[] {
  const best = new Map<string, Partial>();
  for (const one of all) {
    const key = `${one.seconds}:${one.lively}`;
    const known = best.get(key);
    if (!known || compareCost(one.cost, known.cost) < 0) best.set(key, one);
  }
  return [...best.values()];
}

function compareCost(a: Cost, b: Cost): number {
  const at = a.findIndex((value, i) => value !== b[i]);
  return at < 0 ? 0 : a[at]! - b[at]!;
}

// As it is now comes before more verses, those before fewer, and left out last.
function compareChoice(a: FitChoice, b: FitChoice, pieces: readonly FitPiece[]): number {
  const at = a.findIndex((way, i) => way !== b[i]);
  if (at < 0) return 0;
  const weight = (way: number | null): number => {
    if (way === pieces[at]!.now) return -1;
    return way === null ? Infinity : pieces[at]!.options.length - way;
  };
  return weight(a[at]!) - weight(b[at]!);
}
