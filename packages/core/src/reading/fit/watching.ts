import type { PlainDay } from '../../calendar/index.ts';
import type { Child } from '../../house/index.ts';
import type { Placement } from '../../unit/index.ts';
import type { Finding } from '../finding.ts';
import { memoised } from '../memo.ts';
import { sessionsOf, type Frame } from '../plan/plan.ts';
import { leftOut } from './left-out.ts';

/** How often a child only watched what the group did. */
interface Watching {
  readonly child: Child;
  readonly watches: number;
  readonly of: number;
  readonly days: readonly number[];
}

// Once may happen; half of the time, and more than once, is a habit. Kobby's own limits.
const FEWEST_TIMES = 2;
const SHARE = 0.5;

/** The findings about children who are there for what is done together and have no version of half of it or more. */
export const watchingFindings = memoised(
  (placements: readonly Placement[], frame: Frame, today: PlainDay): readonly Finding[] =>
    watchingIn(placements, frame, today)
      .filter(({ watches, of }) => watches >= FEWEST_TIMES && watches >= of * SHARE)
      .map(({ child, watches, of, days }) => ({
        key: `only-watching:${child.id}`,
        rule: 'only-watching',
        level: 'care',
        title: `${child.name} mostly watches`,
        detail: `Of ${of} things done together while ${child.name} is there, ${watches} have no version that fits. Write one, or choose others.`,
        basis: 'the youngest are not always the ones left to watch',
        days,
        cornerIds: [],
        placementId: null,
        childIds: [child.id],
      })),
);

function watchingIn(placements: readonly Placement[], frame: Frame, today: PlainDay): readonly Watching[] {
  // A day on which nothing at all fits is told by itself.
  const out = new Map(leftOut(placements, frame, today).map(({ child, days }) => [child, days]));
  const found = new Map<Child, { watches: number; of: number; days: Set<number> }>();
  for (const placement of placements) {
    if (placement.where.kind !== 'day') continue;
    for (const { day, seats } of sessionsOf(placement, frame)) {
      if (day.date < today) continue;
      for (const { child, version } of seats) {
        const one = found.get(child) ?? { watches: 0, of: 0, days: new Set<number>() };
        found.set(child, one);
        one.of += 1;
        if (version || out.get(child)?.includes(day.number)) continue;
        one.watches += 1;
        one.days.add(day.number);
      }
    }
  }
  return [...found].map(([child, { watches, of, days }]) => ({
    child,
    watches,
    of,
    days: [...days].toSorted((a, b) => a - b),
  }));
}
