import { groupBy } from '../../book/index.ts';
import type { ClockSpan, ProgramDay } from '../../calendar/index.ts';
import type { Supply } from '../../cupboard/index.ts';
import { isOfCircle } from '../circle/stand-ins.ts';
import { memoised, stableGroups } from '../ground/memo.ts';
import type { Use } from './use.ts';

/** The moment at which most of a reusable is in use, and what uses it then. */
export interface Peak {
  readonly amount: number;
  readonly day: ProgramDay;
  /** When it begins, in minutes since midnight. */
  readonly from: ClockSpan['from'];
  readonly uses: readonly Use[];
}

/**
 * The peak of simultaneous use, the earliest when there are several; null when nothing is used. What ends
 * when another begins is not used at the same time, nor is what ends on one day and begins on the next.
 */
export function peakOf(uses: readonly Use[]): Peak | null {
  return [...peaksByDay(uses).values()].reduce<Peak | null>(
    (best, peak) => (best === null || peak.amount > best.amount ? peak : best),
    null,
  );
}

/** The peak of each day on which something is used, by its number, in their order. All uses are of one supply. */
export function peaksByDay(uses: readonly Use[]): ReadonlyMap<number, Peak> {
  const [first] = uses;
  if (!first) return new Map();
  const days = [...daysOf(first.supply)(uses)].toSorted(([a], [b]) => a - b);
  return new Map(days.map(([day, ofDay]) => [day, peakOfDay(ofDay)]));
}

// For each supply, the uses of a day: a day that stayed as it was is not looked at again.
const daysOf = memoised((_: Supply) => stableGroups((use: Use) => use.day.number));

// The sum can only rise where something begins: looking at those moments is enough.
/** The peak of the uses of one day, all of one supply. While a circle is on, corners lend it what they hold: everyone is there. */
export const peakOfDay = memoised((uses: readonly Use[]): Peak => {
  const starts = [...new Set(uses.map((use) => use.span.from))].toSorted((a, b) => a - b);
  return starts
    .map((from) => {
      const atOnce = lending(uses.filter(({ span }) => span.from <= from && from < span.to));
      return { amount: amountAtOnce(atOnce), day: uses[0]!.day, from, uses: atOnce };
    })
    .reduce((best, peak) => (peak.amount > best.amount ? peak : best));
});

function lending(uses: readonly Use[]): readonly Use[] {
  const circle = uses.filter(({ placement }) => isOfCircle(placement));
  if (circle.length === 0) return uses;
  const corners = uses.filter(({ placement }) => placement.where.kind === 'corner');
  const resting = new Set(amountAtOnce(corners) > amountAtOnce(circle) ? circle : corners);
  return uses.filter((use) => !resting.has(use));
}

/**
 * How much uses at one moment take from the cupboard. What stands in a corner for good serves that corner first; only
 * what goes beyond it counts.
 */
export function amountAtOnce(uses: readonly Use[]): number {
  const total = (some: readonly Use[]): number => some.reduce((all, use) => all + use.amount, 0);
  const withKit = groupBy(
    uses.filter((use) => use.standing > 0),
    ({ placement: { where } }) => (where.kind === 'corner' ? where.cornerId : null),
  );
  const beyond = [...withKit.values()].map((inPlace) => Math.max(0, total(inPlace) - inPlace[0]!.standing));
  return total(uses.filter((use) => !(use.standing > 0))) + beyond.reduce((all, one) => all + one, 0);
}
