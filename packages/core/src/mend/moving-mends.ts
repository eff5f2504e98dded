import { placementAt } from '../book/index.ts';
import type { ChangeInput } from '../changes/index.ts';
import { listed, movedTo } from '../reading/index.ts';
import type { Placement } from '../unit/index.ts';
import type { Bench, Mend } from './bench.ts';

const MOST_DAYS_TRIED = 10;

const titleOf = (placed: readonly Placement[]): string =>
  listed([...new Set(placed.map(({ content }) => content.title))]);

/** Another day, where nothing breaks an order: the next ones first. */
export function byDay({ reading, placed, today }: Bench): Mend[] {
  const [placement] = placed;
  if (placed.length !== 1 || !placement || placement.where.kind !== 'day' || placement.pinned) return [];
  const { frame } = reading;
  const now = placement.where.day;
  const verdicts = reading.verdicts(placement);
  return verdicts
    .filter(
      ({ day, breaks }) => day !== now && breaks.length === 0 && frame.calendar.days[day - 1]!.date >= today,
    )
    .toSorted((a, b) => Math.abs(a.day - now) - Math.abs(b.day - now) || a.day - b.day)
    .slice(0, MOST_DAYS_TRIED)
    .map(({ day }) => ({
      label: `Move it to Day ${day}`,
      changes: [
        { type: 'unit/move', placementId: placement.id, where: movedTo(placement.where, day, frame) },
      ],
    }));
}

/** Out of the days: undated, to be pulled out when it is wanted. */
export const intoReserve = ({ id: placementId }: Placement): ChangeInput => ({
  type: 'unit/move',
  placementId,
  where: { kind: 'reserve' },
});

/** What has to come first on a day before: the nearest that does. */
export function byMakerEarlier({ book, reading, finding, today }: Bench): Mend[] {
  const maker = finding.comesAfter ? placementAt(book, finding.comesAfter) : null;
  if (maker?.where.kind !== 'day' || maker.pinned) return [];
  const { frame } = reading;
  const { where } = maker;
  return frame.calendar.days
    .filter(({ number, date }) => number < where.day && date >= today)
    .toReversed()
    .slice(0, MOST_DAYS_TRIED)
    .map(({ number }) => ({
      label: `Move ${maker.content.title} to Day ${number}`,
      changes: [{ type: 'unit/move', placementId: maker.id, where: movedTo(where, number, frame) }],
    }));
}

/** All that it is about into the reserve. */
export function byReserve({ placed }: Bench): Mend[] {
  if (placed.length === 0) return [];
  return [{ label: `Put ${titleOf(placed)} into the reserve`, changes: placed.map(intoReserve) }];
}

/** One of several that are too much together: the last one first; what is pinned stays. */
export function byThinning({ placed }: Bench): Mend[] {
  return placed
    .filter(({ pinned }) => !pinned)
    .toReversed()
    .map((placement) => ({
      label: `Put ${placement.content.title} into the reserve`,
      changes: [intoReserve(placement)],
    }));
}
