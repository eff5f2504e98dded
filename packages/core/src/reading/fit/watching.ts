import type { PlainDay } from '../../calendar/index.ts';
import type { Child } from '../../house/index.ts';
import type { Placement } from '../../unit/index.ts';
import type { Finding } from '../ground/finding.ts';
import { memoised } from '../ground/memo.ts';
import { sessionsByDay, type Frame, type Session } from '../plan/plan.ts';
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
        basis: 'it should not always be the youngest who watch',
        days,
        cornerIds: [],
        placementId: null,
        childIds: [child.id],
      })),
);

// In the sessions of one day: of how many things each child was part, and how many of them it watched.
const watchedIn = memoised(
  (sessions: readonly Session[]): ReadonlyMap<Child, { readonly of: number; readonly watches: number }> => {
    const found = new Map<Child, { of: number; watches: number }>();
    for (const { placement, seats } of sessions) {
      if (placement.where.kind !== 'day') continue;
      for (const { child, version } of seats) {
        const one = found.get(child) ?? { of: 0, watches: 0 };
        found.set(child, one);
        one.of += 1;
        if (!version) one.watches += 1;
      }
    }
    return found;
  },
);

function watchingIn(placements: readonly Placement[], frame: Frame, today: PlainDay): readonly Watching[] {
  // A day on which nothing at all fits is told by itself.
  const out = new Map(leftOut(placements, frame, today).map(({ child, days }) => [child, new Set(days)]));
  const sessions = sessionsByDay(placements, frame);
  const found = new Map<Child, { watches: number; of: number; days: number[] }>();
  for (const { number, date } of frame.calendar.days) {
    const ofDay = sessions.get(number);
    if (!ofDay || date < today) continue;
    for (const [child, { of, watches }] of watchedIn(ofDay)) {
      const one = found.get(child) ?? { watches: 0, of: 0, days: [] };
      found.set(child, one);
      one.of += of;
      if (watches === 0 || out.get(child)?.has(number)) continue;
      one.watches += watches;
      one.days.push(number);
    }
  }
  return [...found].map(([child, one]) => ({ child, ...one }));
}
