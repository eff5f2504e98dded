import type { PlainDay } from '../../calendar/index.ts';
import { ageInMonths, formatAge, type Child } from '../../house/index.ts';
import type { Placement } from '../../unit/index.ts';
import { formatDays, type Finding } from '../ground/finding.ts';
import { memoised } from '../ground/memo.ts';
import { sessionsByDay, type Frame, type Session } from '../plan/plan.ts';

/** A child who is there on a day and finds nothing at the right age, although something is planned. */
interface LeftOut {
  readonly child: Child;
  readonly days: readonly number[];
}

// The children who find something in the sessions of a day.
const servedIn = memoised((sessions: readonly Session[]): ReadonlySet<Child> => {
  const fitting = new Set<Child>();
  for (const { seats } of sessions) for (const seat of seats) if (seat.version) fitting.add(seat.child);
  return fitting;
});

/**
 * Who is left out on which days, from `today` on. A day on which nothing is planned at all leaves nobody out:
 * it is merely not planned yet.
 */
export const leftOut = memoised(
  (placements: readonly Placement[], frame: Frame, today: PlainDay): readonly LeftOut[] => {
    const sessions = sessionsByDay(placements, frame);
    const daysByChild = new Map<Child, number[]>();
    for (const { number, date } of frame.calendar.days) {
      const ofDay = sessions.get(number);
      if (!ofDay || date < today) continue;
      const fitting = servedIn(ofDay);
      for (const child of frame.attendance[number - 1]!.children) {
        if (!fitting.has(child)) daysByChild.set(child, [...(daysByChild.get(child) ?? []), number]);
      }
    }
    return [...daysByChild].map(([child, days]) => ({ child, days }));
  },
);

/** The findings about children for whom nothing is at the right age. */
export const leftOutFindings = memoised(
  (placements: readonly Placement[], frame: Frame, today: PlainDay): readonly Finding[] =>
    leftOut(placements, frame, today).map(({ child, days }) => {
      const age = formatAge(ageInMonths(child.birth, frame.calendar.days[days[0]! - 1]!.date));
      return {
        key: `left-out:${child.id}`,
        rule: 'left-out',
        level: 'care',
        title: `Nothing fits ${child.name} (${age})`,
        detail: `${formatDays(days)}: there, but no version of anything planned is for this age. Add a set-up or an activity with one.`,
        basis: 'every child present has something at their level on each day',
        days,
        cornerIds: [],
        placementId: null,
        childIds: [child.id],
      };
    }),
);
