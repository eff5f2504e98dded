import type { PlainDay } from '../../calendar/index.ts';
import type { Child } from '../../house/index.ts';
import type { Placement } from '../../unit/index.ts';
import { answer } from '../ground/answer.ts';
import { listed, type Finding } from '../ground/finding.ts';
import { sessionsOf, type Frame } from '../plan/plan.ts';
import { namedOf } from '../plan/wishes.ts';

/** Where a child meets what it will not touch, by its own words. */
interface Refusal {
  readonly child: Child;
  readonly words: readonly string[];
  readonly placement: Placement;
  readonly days: readonly number[];
}

const refusalsAt = answer((look, placement: Placement, frame: Frame): readonly Refusal[] => {
  const found = new Map<Child, number[]>();
  for (const { day, seats } of sessionsOf(placement, frame))
    for (const { child, version } of seats)
      if (version && child.wontTouch.length > 0) found.set(child, [...(found.get(child) ?? []), day.number]);
  return [...found].flatMap(([child, days]) => {
    const words = namedOf(look, child.wontTouch, placement.content);
    return words.length === 0 ? [] : [{ child, words, placement, days }];
  });
});

/**
 * One line for each child about all that has what it will not touch, on the days from `today` on: so that another way is ready before it
 * sits in front of it.
 */
export const wontTouchFindings = answer(
  (look, placements: readonly Placement[], frame: Frame, today: PlainDay): readonly Finding[] => {
    const isAhead = (day: number): boolean => frame.calendar.days[day - 1]!.date >= today;
    const byChild = new Map<Child, Refusal[]>();
    for (const refusal of placements.flatMap((one) => refusalsAt(look, one, frame)))
      if (refusal.days.some(isAhead))
        byChild.set(refusal.child, [...(byChild.get(refusal.child) ?? []), refusal]);
    return [...byChild].map(([child, refusals]): Finding => {
      const words = [...new Set(refusals.flatMap((one) => one.words))];
      const where = [...new Set(refusals.map(({ placement }) => placement.content.title))];
      const days = [...new Set(refusals.flatMap((one) => one.days.filter(isAhead)))];
      return {
        key: `wont-touch:${child.id}`,
        rule: 'wont-touch',
        level: 'care',
        title: `${child.name} will not touch ${listed(words)}`,
        detail: `${listed(where)} ${where.length === 1 ? 'names' : 'name'} it.`,
        instead:
          'Have a tool, a glove or a bag around it ready. Watching counts, too: nobody has to touch it.',
        basis: 'what a child will not touch is met by its own choice',
        days: days.toSorted((a, b) => a - b),
        cornerIds: [],
        placementId: refusals[0]!.placement.id,
        placementIds: refusals.map(({ placement }) => placement.id),
        childIds: [child.id],
      };
    });
  },
);
