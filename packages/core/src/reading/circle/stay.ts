import type { Home, Person } from '../../house/index.ts';
import { patienceOf, type Patience } from './patience.ts';
import { givesBack, secondsUntil, type CirclePart, type CircleRun } from './run.ts';

/** How long a child stays in a circle. */
export interface Stay extends Patience {
  /** How many parts the child sits through: all of them when it stays to the end. */
  readonly parts: number;
  readonly toTheEnd: boolean;
  /** From the beginning of the circle until then, in seconds. */
  readonly untilSeconds: number;
  /** What is left of the circle then, in seconds. */
  readonly restSeconds: number;
  /** To whom the child goes: somebody besides whoever leads; null when nobody is free or it is not worth it. */
  readonly goesTo: Person | null;
}

/** For less than this nobody is led out of a circle. Kobby's own limit. */
const WORTH_LEAVING_SECONDS = 120;

/**
 * How long each child who is there sits through a circle, the least patient first. Sitting adds up; a lively piece is not
 * sat through, and gives some of what was sat before back. A child stays for each part that it can sit out to its end.
 * Whoever goes, goes to an assistant who works then: the provider leads.
 */
export function staysIn(run: CircleRun, home: Home, factor: number): readonly Stay[] {
  const [helper] = run.adults.length < 2 ? [] : helpersFirst(run.adults);
  return run.children
    .map((child): Stay => {
      const patience = patienceOf(child, run.day.date, home, factor);
      const parts = partsSatThrough(run.parts, patience.seconds, givesBack(home));
      const untilSeconds = secondsUntil(run, parts);
      const restSeconds = run.seconds - untilSeconds;
      const toTheEnd = parts === run.parts.length;
      const goes = !toTheEnd && restSeconds >= WORTH_LEAVING_SECONDS;
      return { ...patience, parts, toTheEnd, untilSeconds, restSeconds, goesTo: (goes && helper) || null };
    })
    .toSorted((a, b) => a.seconds - b.seconds || (a.child.id < b.child.id ? -1 : 1));
}

const helpersFirst = (adults: readonly Person[]): readonly Person[] =>
  adults.filter(({ role }) => role === 'assistant');

/** How many parts somebody sits through one after the other, with so many seconds of patience. */
function partsSatThrough(
  parts: readonly Pick<CirclePart, 'energy' | 'length'>[],
  patienceSeconds: number,
  back: number,
): number {
  let sat = 0;
  const lost = parts.findIndex(({ energy, length }) => {
    if (energy === 'lively') {
      sat *= 1 - back;
      return false;
    }
    sat += length.seconds;
    return sat > patienceSeconds;
  });
  return lost < 0 ? parts.length : lost;
}

/** After how many parts at least half of those who are there are done; null when more than half stay to the end. */
export function halfGoneAfter(stays: readonly Stay[]): number | null {
  const leaving = stays.filter(({ toTheEnd }) => !toTheEnd).toSorted((a, b) => a.parts - b.parts);
  const half = Math.ceil(stays.length / 2);
  return stays.length > 1 && leaving.length >= half ? leaving[half - 1]!.parts : null;
}
