import type { ProgramDay } from '../../calendar/index.ts';
import type { Supply } from '../../cupboard/index.ts';
import { randomOf } from '../../measure/index.ts';
import { roundsFor } from '../conduct/rounds.ts';
import type { SureProblem, TriedDay, TriedPieces, TriedTurns } from './problem.ts';

/** Why a day does not hold as planned. */
export const SURE_REASONS = {
  weather: { name: 'rain or snow' },
  adults: { name: 'an assistant away' },
  turns: { name: 'turns that take too long' },
} as const;
export type SureReason = keyof typeof SURE_REASONS;

/** A day over all tries; each figure is a share of them, 0 to 1. */
export interface SureDay {
  readonly day: ProgramDay;
  /** In which everything that is planned for it can be done, or has what stands in for it. */
  readonly holds: number;
  /** How likely everyone comes who belongs to the home on that day: worked out and not tried, so that days that are alike come out alike. */
  readonly full: number;
  /** How often each reason was there; two can be on one day. */
  readonly because: Readonly<Record<SureReason, number>>;
}

/** Pieces over all tries. */
interface SurePieces {
  readonly supply: Supply;
  readonly planned: number;
  /** So many are enough in nine tries of ten. */
  readonly enough: number;
  /** The share of tries in which what is planned is not enough. */
  readonly short: number;
}

/** What came out when the rest of a unit was tried many times. */
export interface Sure {
  readonly tries: number;
  readonly days: readonly SureDay[];
  /** The share of tries in which every day holds. */
  readonly whole: number;
  /** So many things out of the reserve are enough in nine tries of ten. */
  readonly reserve: number;
  readonly pieces: readonly SurePieces[];
}

/** What is enough in so many tries is called enough. */
const ENOUGH_IN = 0.9;

interface DayCounts {
  holds: number;
  readonly because: Record<SureReason, number>;
}

/**
 * Tries the rest of a unit, again and again: each day has its weather, each child and assistant comes or does not, each turn takes its
 * minutes (log-normal about what is planned), each piece is spoilt or is not, all apart from each other. The same seed comes to the same.
 * @param tries how many weeks in all, at least 1; after each `step` of them what came out so far is told, and at the end.
 */
export function* tryWeeks(
  problem: SureProblem,
  { seed, tries, step }: { readonly seed: number; readonly tries: number; readonly step: number },
): Generator<Sure, void, void> {
  const one = new Trials(problem, seed);
  for (let done = 0; done < tries;) {
    for (const end = Math.min(tries, done + step); done < end; done += 1) one.tryOnce();
    yield one.told();
  }
}

class Trials {
  readonly #problem: SureProblem;
  readonly #random: () => number;
  readonly #days: readonly DayCounts[];
  /** By how many things were stopped, or pieces were needed, how many tries. */
  readonly #stopped: number[] = [];
  readonly #needed: readonly number[][];
  #tries = 0;
  #whole = 0;

  constructor(problem: SureProblem, seed: number) {
    this.#problem = problem;
    this.#random = randomOf(seed);
    this.#days = problem.days.map(() => ({
      holds: 0,
      because: { weather: 0, adults: 0, turns: 0 },
    }));
    this.#needed = problem.pieces.map(() => []);
  }

  tryOnce(): void {
    const { days, pieces } = this.#problem;
    let stopped = 0;
    let areHeld = true;
    const there = new Map<number, ReadonlySet<number>>();
    days.forEach((day, at) => {
      const came = new Set(day.expected.filter((child) => this.#happens(this.#problem.comes[child]!)));
      there.set(day.day.number, came);
      const wrong = this.#wrongOn(day, came);
      const counts = this.#days[at]!;
      for (const reason of wrong) counts.because[reason] += 1;
      if (wrong.length === 0) counts.holds += 1;
      else areHeld = false;
      if (wrong.includes('weather')) stopped += day.outdoors.length;
    });
    this.#tries += 1;
    if (areHeld) this.#whole += 1;
    count(this.#stopped, stopped);
    pieces.forEach((one, at) => count(this.#needed[at]!, this.#piecesOf(one, there)));
  }

  told(): Sure {
    const { days, pieces, comes } = this.#problem;
    const share = (times: number): number => times / this.#tries;
    return {
      tries: this.#tries,
      days: days.map(({ day, missing, expected }, at) => {
        const { holds, because } = this.#days[at]!;
        return {
          day,
          holds: share(holds),
          full: missing > 0 ? 0 : expected.reduce((likely, child) => likely * comes[child]!, 1),
          because: {
            weather: share(because.weather),
            adults: share(because.adults),
            turns: share(because.turns),
          },
        };
      }),
      whole: share(this.#whole),
      reserve: enoughOf(this.#stopped, this.#tries),
      pieces: pieces.map(({ supply, planned }, at) => ({
        supply,
        planned,
        enough: enoughOf(this.#needed[at]!, this.#tries),
        short: share(
          this.#needed[at]!.reduce((sum, times, needed) => sum + (needed > planned ? times : 0), 0),
        ),
      })),
    };
  }

  #happens(likely: number): boolean {
    return this.#random() < likely;
  }

  #wrongOn(day: TriedDay, came: ReadonlySet<number>): readonly SureReason[] {
    const isWet = this.#happens(this.#problem.wet);
    const working = this.#problem.works.map((likely) => this.#happens(likely));
    const wrong: SureReason[] = [];
    if (isWet && day.outdoors.length > 0) wrong.push('weather');
    if (day.needed.some((person) => !working[person])) wrong.push('adults');
    if (day.turns.some((turns) => this.#takesTooLong(turns, came))) wrong.push('turns');
    return wrong;
  }

  #takesTooLong(turns: TriedTurns, came: ReadonlySet<number>): boolean {
    const times = Math.exp(this.#problem.spread * this.#normal());
    const turnMinutes = (turns.turnMinutes! * times) as NonNullable<TriedTurns['turnMinutes']>;
    const children = turns.children.filter((child) => came.has(child)).length;
    return (roundsFor({ ...turns, turnMinutes }, children)?.minutes ?? 0) > turns.minutes;
  }

  // Box and Muller.
  #normal(): number {
    const [one, other] = [1 - this.#random(), this.#random()];
    return Math.sqrt(-2 * Math.log(one)) * Math.cos(2 * Math.PI * other);
  }

  #piecesOf({ uses }: TriedPieces, there: ReadonlyMap<number, ReadonlySet<number>>): number {
    let needed = 0;
    for (const { day, each, children } of uses) {
      const came = there.get(day);
      const wanted = Math.ceil(each * children.filter((child) => came?.has(child) ?? true).length);
      needed += wanted;
      // Another one for each that is spoilt, which may be spoilt as well.
      for (let left = wanted; left > 0; left -= 1) while (this.#happens(this.#problem.spoilt)) needed += 1;
    }
    return needed;
  }
}

function count(times: number[], what: number): void {
  times[what] = (times[what] ?? 0) + 1;
}

/** The smallest number that was enough in nine tries of ten. */
function enoughOf(times: readonly number[], tries: number): number {
  let sum = 0;
  for (let what = 0; what < times.length; what += 1) {
    sum += times[what] ?? 0;
    if (sum >= tries * ENOUGH_IN) return what;
  }
  return 0;
}
