import { spanOfDays, type Placement, type Unit } from '../../unit/index.ts';
import { isOfCircle } from '../circle/stand-ins.ts';
import { memoised, stableGroups } from '../ground/memo.ts';

const NONE: readonly never[] = [];

/** A placement, and what of the same activity went on before it without a day between. */
export interface Going {
  readonly placement: Placement;
  readonly before: readonly Placement[];
}

/**
 * Placements, each with what went on before it: the same activity, set out until the day before or on the same day, such as shown
 * in the group and then left on the shelf. What is needed once for its span is in both the same.
 */
export const goingOn = memoised((placements: readonly Placement[], unit: Unit): readonly Going[] => {
  const same = byOriginIn(unit)(placements);
  return placements.map((placement) => {
    const chain = before(same.get(placement.originId)!).get(placement.id);
    return going(placement, chain ?? NONE);
  });
});
const going = memoised((placement: Placement, chain: readonly Placement[]): Going => ({
  placement,
  before: chain,
}));
const before = memoised((same: readonly Placement[]): ReadonlyMap<string, readonly Placement[]> => {
  const found = new Map<string, readonly Placement[]>();
  if (same.length < 2) return found;
  const spans = same.flatMap((placement) => {
    const span = spanOfDays(placement);
    return span === null || placement.where.kind === 'bin' || isOfCircle(placement)
      ? []
      : [{ placement, span }];
  });
  // On one day it is shown before it lies there.
  const isShown = ({ where }: Placement): number => (where.kind === 'day' ? 0 : 1);
  const inOrder = spans.toSorted(
    (a, b) =>
      a.span.from - b.span.from ||
      isShown(a.placement) - isShown(b.placement) ||
      a.span.to - b.span.to ||
      (a.placement.id < b.placement.id ? -1 : 1),
  );
  let chain: typeof inOrder = [];
  for (const one of inOrder) {
    const touches = chain.some(({ span }) => one.span.from <= span.to + 1);
    // What is out in two corners at the same time is out twice.
    const isTwice = chain.some(
      ({ placement, span }) => placement.where.kind === 'corner' && one.span.from <= span.to,
    );
    // Done once more in a block of another day it is done anew; on the shelf it lies as it was left.
    const goesOn = touches && !isTwice && one.placement.where.kind === 'corner';
    if (goesOn)
      found.set(
        one.placement.id,
        chain.map(({ placement }) => placement),
      );
    chain = goesOn ? [...chain, one] : [one];
  }
  return found;
});
// For each unit by itself: reading another one in between loses nothing.
const byOriginIn = memoised((_: Unit) => stableGroups((placement: Placement) => placement.originId));
