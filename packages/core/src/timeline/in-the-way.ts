import { earliestOn, possibleOn } from './one.ts';
import type { Line, LineProcess } from './line.ts';

/** What is in the way of a process: an adult too few, no room in a place, its beginning, the children's time, or the time altogether. */
export type InTheWay =
  | { readonly kind: 'adult' }
  | { readonly kind: 'place'; readonly place: string }
  /** It would have to begin sooner than it may: at the latest at this minute. */
  | { readonly kind: 'begin'; readonly latest: number }
  | { readonly kind: 'children' }
  /** By how many minutes it would be ready too late; null when a day more is not enough: a step does not fit into the time there is for it. */
  | { readonly kind: 'time'; readonly short: number | null };

const A_DAY = 24 * 60;

/**
 * Why a process cannot lie on a line: what each, taken away alone, would let it lie; where no single one does, that the time is too short.
 * Empty when nothing is in its way.
 */
export function inTheWayOf(line: Line, process: LineProcess): readonly InTheWay[] {
  if (earliestOn(line, process) !== null) return [];
  const lies = (other: Line, rest: Partial<LineProcess> = {}): boolean =>
    earliestOn(other, { ...process, ...rest }) !== null;
  const enough = (free: readonly number[]): readonly number[] => free.map(() => Number.MAX_SAFE_INTEGER);
  const found: InTheWay[] = [];
  if (lies({ ...line, adults: enough(line.adults) })) found.push({ kind: 'adult' });
  const used = new Set(process.steps.flatMap(({ hold }) => hold?.place ?? []));
  for (const [place, free] of Object.entries(line.places))
    if (used.has(place) && lies({ ...line, places: { ...line.places, [place]: enough(free) } }))
      found.push({ kind: 'place', place });
  const sooner = begunSooner(line, process);
  if (sooner !== null) found.push({ kind: 'begin', latest: sooner });
  else if (lies(line, { steps: process.steps.map((step) => ({ ...step, within: null })) }))
    found.push({ kind: 'children' });
  const short = minutesShort(line, process);
  return found.length === 0 || short !== null ? [...found, { kind: 'time', short }] : found;
}

// When it would have to begin, if the first step that is bound to a time were not.
function begunSooner(line: Line, process: LineProcess): number | null {
  const bound = process.steps.findIndex(({ within }) => within !== null);
  if (bound < 0) return null;
  const [span] = process.steps[bound]!.within!;
  const steps = process.steps.with(bound, { ...process.steps[bound]!, within: null });
  const start = possibleOn(line, { ...process, steps })?.latest.starts[bound];
  return span === undefined || start === undefined || start >= span.from ? null : start;
}

// How much later it would have to be ready, with adults and places as they are at the end of the line.
function minutesShort(line: Line, process: LineProcess): number | null {
  const longer = (free: readonly number[]): readonly number[] => [
    ...free,
    ...new Array<number>(A_DAY).fill(free.at(-1) ?? 0),
  ];
  const places = Object.fromEntries(Object.entries(line.places).map(([name, free]) => [name, longer(free)]));
  const end = line.adults.length + A_DAY;
  const ready = earliestOn({ adults: longer(line.adults), places }, { ...process, by: end });
  // Past its time, or past the end of the line where that comes sooner.
  return ready === null ? null : ready - Math.min(process.by, line.adults.length);
}
