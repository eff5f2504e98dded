import {
  mostOf,
  OFF,
  OVERDUE,
  type LaidProcess,
  type Line,
  type LineProcess,
  type LineStep,
} from './line.ts';

/** When a process can lie: ready at the earliest, begun at the latest, and the best of all ways. */
export interface Possible {
  readonly earliest: LaidProcess;
  readonly latest: LaidProcess;
  readonly best: LaidProcess;
}

/** Where one step may begin, and from there how long its place stays free. */
interface StepRoom {
  /** 1 for each minute at which it may. */
  readonly mayBegin: Uint8Array;
  /** For a wait that begins at a minute: the first minute at which its place is full again; the minute itself where it is full already. */
  readonly freeUntil: Int32Array | null;
}

/**
 * When a process can lie on a line, given who and what is free on it; null when it cannot. `earliest` is ready first, `latest` begins last,
 * `best` costs least; of equals the one that begins first, step for step. Worked out over all minutes at once: for each step the least cost of
 * beginning it at each minute, from the step before through the minutes that its wait allows (a sliding minimum, since a later beginning
 * never ends its wait sooner). Effort: steps times minutes.
 */
export function possibleOn(line: Line, process: LineProcess): Possible | null {
  const rooms = process.steps.map((step) => roomOf(line, step));
  const best = cheapest(line, process, rooms);
  if (!best) return null;
  const isBefore = { ...process, by: earliestReady(line, process, rooms)! };
  const isLate = { ...process, from: latestStart(line, process, rooms) };
  return {
    best,
    earliest: costed(cheapest(line, isBefore, rooms)!, process),
    latest: costed(cheapest(line, isLate, rooms)!, process),
  };
}

/** The way of laying a process on a line that costs least; null when there is none. Of equals the one that begins first. */
export const bestOn = (line: Line, process: LineProcess): LaidProcess | null =>
  cheapest(
    line,
    process,
    process.steps.map((step) => roomOf(line, step)),
  );

/** When a process is ready at the earliest on a line; null when it cannot lie on it. */
export const earliestOn = (line: Line, process: LineProcess): number | null =>
  earliestReady(
    line,
    process,
    process.steps.map((step) => roomOf(line, step)),
  );

const costed = (laid: LaidProcess, process: LineProcess): LaidProcess => ({
  ...laid,
  cost: costOf(laid.starts, process),
});

// What it costs that the steps of a process begin at some minutes.
function costOf(starts: readonly number[], process: LineProcess): number {
  const ends = process.steps.map((step, i) => starts[i]! + step.hands + step.leastWait);
  const over = ends.slice(0, -1).reduce((sum, end, i) => sum + starts[i + 1]! - end, 0);
  return OVERDUE * over + (ends.length === 0 ? 0 : offBy(ends.at(-1)!, process));
}

const offBy = (ready: number, { aim, from, by }: LineProcess): number =>
  OFF * (aim === 'soon' ? ready - from : by - ready);

function roomOf({ adults, places }: Line, step: LineStep): StepRoom {
  const { length } = adults;
  const free = step.adults === 0 || step.hands === 0 ? null : runs(adults, step.adults);
  // Where the line ends something may begin that takes no time.
  const mayBegin = new Uint8Array(length + 1);
  for (const { from, to } of step.within ?? [{ from: 0, to: length }]) {
    const last = Math.min(to, length) - step.hands;
    for (let at = Math.max(0, from); at <= last; at += 1)
      if (free === null || at + step.hands <= free[at]!) mayBegin[at] = 1;
  }
  const { hold } = step;
  return { mayBegin, freeUntil: hold && runs(places[hold.place] ?? NOTHING(length), hold.room) };
}
const NOTHING = (length: number): readonly number[] => new Array<number>(length).fill(0);

// For each minute the first one from it on in which there is too little; the minute itself where there is too little already.
function runs(free: readonly number[], wanted: number): Int32Array {
  const { length } = free;
  const until = new Int32Array(length + 1).fill(length);
  for (let at = length - 1; at >= 0; at -= 1) until[at] = free[at]! < wanted ? at : until[at + 1]!;
  return until;
}

// How long the wait of a step may last that ends its hands at a minute: until when the next one has begun; below `least` when not at all.
function waitUntil(step: LineStep, room: StepRoom, handsEnd: number): number {
  const most = handsEnd + mostOf(step);
  return room.freeUntil === null ? most : Math.min(most, room.freeUntil[handsEnd] ?? handsEnd);
}

// Whether the last step can end its wait, which it does as soon as it may.
const isReady = (step: LineStep, room: StepRoom, at: number, by: number): boolean => {
  const ready = at + step.hands + step.leastWait;
  return ready <= by && (step.leastWait === 0 || ready <= waitUntil(step, room, at + step.hands));
};

// The first step costs nothing wherever it may begin.
function firstCosts({ mayBegin }: StepRoom, from: number): Float64Array {
  const costs = new Float64Array(mayBegin.length).fill(Infinity);
  for (let at = Math.max(0, from); at < costs.length; at += 1) if (mayBegin[at] === 1) costs[at] = 0;
  return costs;
}

function cheapest(line: Line, process: LineProcess, rooms: readonly StepRoom[]): LaidProcess | null {
  const { steps, from, by } = process;
  if (steps.length === 0) return { starts: [], ready: by, cost: 0 };
  const length = line.adults.length + 1;
  // Of each step and minute: the least that was waited too long until then, and when the step before began.
  let costs = firstCosts(rooms[0]!, from);
  const came: Int32Array[] = [];
  for (let i = 1; i < steps.length; i += 1) {
    const next = new Float64Array(length).fill(Infinity);
    const back = new Int32Array(length).fill(-1);
    slide(steps[i - 1]!, rooms[i - 1]!, costs, (at, cost, before) => {
      if (!rooms[i]!.mayBegin[at]) return;
      next[at] = cost;
      back[at] = before;
    });
    costs = next;
    came.push(back);
  }
  const last = steps.at(-1)!;
  let end = -1;
  let least = Infinity;
  for (let at = 0; at < length; at += 1) {
    const cost = OVERDUE * costs[at]! + offBy(at + last.hands + last.leastWait, process);
    if (cost < least && isReady(last, rooms.at(-1)!, at, by)) [end, least] = [at, cost];
  }
  if (end < 0) return null;
  const starts = [end];
  for (const back of came.toReversed()) starts.unshift(back[starts[0]!]!);
  return { starts, ready: end + last.hands + last.leastWait, cost: least };
}

/**
 * For every minute at which the step after `step` may come, the beginning of `step` from which it costs least to come there. A later
 * beginning never has to be over sooner, so what falls out of the window at its front never comes back.
 */
function slide(
  step: LineStep,
  room: StepRoom,
  costs: Float64Array,
  tell: (at: number, cost: number, before: number) => void,
): void {
  const takes = step.hands + step.leastWait;
  // Beginnings in the window from `first` to before `end`, in their order, each better than all behind it.
  const begun = new Int32Array(costs.length);
  let first = 0;
  let end = 0;
  const worthOf = (before: number): number => costs[before]! - before;
  const untilOf = (before: number): number => waitUntil(step, room, before + step.hands);
  for (let at = takes; at < costs.length; at += 1) {
    const before = at - takes;
    if (costs[before]! < Infinity && at <= untilOf(before)) {
      while (end > first && worthOf(begun[end - 1]!) > worthOf(before)) end -= 1;
      begun[end] = before;
      end += 1;
    }
    while (first < end && untilOf(begun[first]!) < at) first += 1;
    if (first < end) tell(at, worthOf(begun[first]!) + at - takes, begun[first]!);
  }
}

function earliestReady(line: Line, process: LineProcess, rooms: readonly StepRoom[]): number | null {
  const last = process.steps.at(-1);
  if (!last) return process.from;
  let reach = firstCosts(rooms[0]!, process.from);
  process.steps.slice(1).forEach((_, i) => {
    const next = new Float64Array(line.adults.length + 1).fill(Infinity);
    slide(process.steps[i]!, rooms[i]!, reach, (at) => {
      if (rooms[i + 1]!.mayBegin[at]) next[at] = 0;
    });
    reach = next;
  });
  const at = reach.findIndex((cost, start) => cost === 0 && isReady(last, rooms.at(-1)!, start, process.by));
  return at < 0 ? null : at + last.hands + last.leastWait;
}

function latestStart(line: Line, process: LineProcess, rooms: readonly StepRoom[]): number {
  const { steps, by } = process;
  const last = steps.at(-1);
  if (!last) return by;
  const length = line.adults.length + 1;
  let can = Array.from(
    rooms.at(-1)!.mayBegin,
    (may, at) => may === 1 && isReady(last, rooms.at(-1)!, at, by),
  );
  for (let i = steps.length - 2; i >= 0; i -= 1) {
    // How many minutes up to each one would do for the step after.
    const upTo = [0];
    for (const one of can) upTo.push(upTo.at(-1)! + (one ? 1 : 0));
    const [step, room] = [steps[i]!, rooms[i]!];
    can = Array.from(room.mayBegin, (may, at) => {
      const least = at + step.hands + step.leastWait;
      const most = Math.min(length - 1, waitUntil(step, room, at + step.hands));
      return may === 1 && least <= most && upTo[most + 1]! > upTo[least]!;
    });
  }
  return can.findLastIndex((one) => one);
}
