import { bestOn } from './one.ts';
import { UNPLACED, type LaidProcess, type Line, type LineProcess } from './line.ts';

/** Processes laid on one line together; null for one that has no room. `isBest` is false where looking for the best was given up. */
export interface LaidTogether {
  readonly laid: readonly (LaidProcess | null)[];
  readonly isBest: boolean;
}

/** What a process takes in a minute: an adult, or room in a place. */
interface Taking {
  readonly what: string;
  readonly from: number;
  readonly to: number;
  readonly units: number;
}

/** A place at which too much is asked at one minute, and by whom. */
interface Clash {
  readonly what: string;
  readonly minute: number;
  readonly processes: readonly number[];
}

/** Of one process: what it must not take in which minute. */
interface Bar {
  readonly process: number;
  readonly what: string;
  readonly minute: number;
}

interface Try {
  readonly bars: readonly Bar[];
  readonly laid: readonly (LaidProcess | null)[];
  readonly cost: number;
}

const ADULTS = ' adults';
/** After so many tries one after the other is good enough; of many processes after fewer, for each try looks at all of them. */
const MOST_TRIES = 600;
const MOST_LOOKS = 6000;
const triesFor = (processes: number): number =>
  Math.min(MOST_TRIES, Math.ceil(MOST_LOOKS / Math.max(1, processes)));

/**
 * Lays several processes so that no adult and no place is asked for twice: the fewest are left out, then it costs least. Each is laid at its
 * best by itself; where some clash in a minute, one of them has to keep out of it, and each of these is tried, the cheapest first. So the first
 * try without a clash is the best there is. Where that takes too long they are laid one after the other, by when they have to be ready.
 */
export function allOn(line: Line, processes: readonly LineProcess[]): LaidTogether {
  const alone = processes.map((process) => bestOn(line, process));
  const open: Try[] = [{ bars: [], laid: alone, cost: sumOfCosts(alone) }];
  for (let tries = triesFor(processes.length); tries > 0 && open.length > 0; tries -= 1) {
    const now = takeCheapest(open);
    const clash = firstClash(line, processes, now.laid);
    if (!clash) return { laid: now.laid, isBest: true };
    for (const process of clash.processes) {
      const bars = [...now.bars, { process, what: clash.what, minute: clash.minute }];
      open.push(again(line, processes, now, bars, process));
    }
  }
  return { laid: oneByOne(line, processes), isBest: false };
}

function takeCheapest(open: Try[]): Try {
  const at = open.reduce((best, one, i) => (one.cost < open[best]!.cost ? i : best), 0);
  return open.splice(at, 1)[0]!;
}

const sumOfCosts = (laid: readonly (LaidProcess | null)[]): number =>
  laid.reduce((sum, one) => sum + (one?.cost ?? UNPLACED), 0);

// Only the one that has to keep out is laid anew.
function again(
  line: Line,
  processes: readonly LineProcess[],
  before: Try,
  bars: readonly Bar[],
  which: number,
): Try {
  const own = bars.filter(({ process }) => process === which);
  const laid = before.laid.with(which, bestOn(barred(line, own), processes[which]!));
  return { bars, laid, cost: sumOfCosts(laid) };
}

function barred(line: Line, bars: readonly Bar[]): Line {
  const adults = [...line.adults];
  const places = Object.fromEntries(Object.entries(line.places).map(([name, free]) => [name, [...free]]));
  for (const { what, minute } of bars) (what === ADULTS ? adults : places[what]!)[minute] = 0;
  return { adults, places };
}

/** What a process takes as it is laid. A wait takes its place until the next step begins, the last until it is ready. */
function takingsOf({ steps }: LineProcess, { starts, ready }: LaidProcess): readonly Taking[] {
  return steps.flatMap((step, i): readonly Taking[] => {
    const from = starts[i]!;
    const handsEnd = from + step.hands;
    const hands = { what: ADULTS, from, to: handsEnd, units: step.adults };
    const wait = step.hold && {
      ...{ what: step.hold.place, from: handsEnd, to: starts[i + 1] ?? ready, units: step.hold.room },
    };
    return [...(step.adults > 0 ? [hands] : []), ...(wait ? [wait] : [])];
  });
}

const freeIn = (line: Line, what: string): readonly number[] =>
  what === ADULTS ? line.adults : (line.places[what] ?? []);

// The last minute of the first stretch in which too much is asked: whoever keeps out of it makes the most room.
function firstClash(
  line: Line,
  processes: readonly LineProcess[],
  laid: readonly (LaidProcess | null)[],
): Clash | null {
  const all = laid.flatMap((one, process) =>
    one ? takingsOf(processes[process]!, one).map((taking) => ({ ...taking, process })) : [],
  );
  for (const what of new Set(all.map((taking) => taking.what))) {
    const asked = all.filter((taking) => taking.what === what);
    const free = freeIn(line, what);
    const taken = takenOf(asked, free.length);
    const first = taken.findIndex((units, minute) => units > free[minute]!);
    if (first < 0) continue;
    const those = asked.filter(({ from, to }) => from <= first && first < to);
    // As long as it is the same that take it: one that joins them may be the one that has to keep out.
    const ends = those.map(({ to }) => to - 1);
    const joins = asked.flatMap(({ from }) => (from > first ? [from - 1] : []));
    let minute = first;
    const until = Math.min(...ends, ...joins);
    while (minute < until && taken[minute + 1]! > free[minute + 1]!) minute += 1;
    return { what, minute, processes: those.map(({ process }) => process) };
  }
  return null;
}

// How much is taken in each minute.
function takenOf(asked: readonly Taking[], length: number): Int32Array {
  const taken = new Int32Array(length);
  for (const { from, to, units } of asked)
    for (let minute = from; minute < to; minute += 1) taken[minute]! += units;
  return taken;
}

function oneByOne(line: Line, processes: readonly LineProcess[]): readonly (LaidProcess | null)[] {
  const order = processes.map((_, i) => i).toSorted((a, b) => processes[a]!.by - processes[b]!.by || a - b);
  const result: (LaidProcess | null)[] = processes.map(() => null);
  let left = line;
  for (const i of order) {
    const laid = bestOn(left, processes[i]!);
    result[i] = laid;
    if (laid) left = without(left, takingsOf(processes[i]!, laid));
  }
  return result;
}

function without(line: Line, takings: readonly Taking[]): Line {
  const less = (what: string, free: readonly number[]): readonly number[] => {
    const own = takings.filter((taking) => taking.what === what);
    return own.length === 0
      ? free
      : free.map((have, minute) =>
          own.reduce((sum, { from, to, units }) => (from <= minute && minute < to ? sum - units : sum), have),
        );
  };
  return {
    adults: less(ADULTS, line.adults),
    places: Object.fromEntries(Object.entries(line.places).map(([name, free]) => [name, less(name, free)])),
  };
}

/** What is left of a line beside processes that are laid on it. */
export const leftBeside = (
  line: Line,
  processes: readonly LineProcess[],
  laid: readonly (LaidProcess | null)[],
): Line =>
  without(
    line,
    processes.flatMap((process, i) => (laid[i] ? takingsOf(process, laid[i]) : [])),
  );
