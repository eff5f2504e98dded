import type { PlainDay } from '../../calendar/index.ts';
import type { Activity } from '../../library/index.ts';
import { asksFirst, type Placement, type Theme } from '../../unit/index.ts';
import type { Frame } from '../plan/plan.ts';
import { fillerOf, type SpecialDay } from '../plan/special.ts';
import type { Spot, Suggestion } from './suggest.ts';

/**
 * What can be put somewhere by one press, the best first: nothing of another theme, nothing that asks for a role which no member of
 * the theme has, nothing that has to ask for its words first, and nothing that lost them more often than they loved it.
 */
export const offersIn = (suggestions: readonly Suggestion[], theme: Theme | null): readonly Suggestion[] =>
  suggestions.filter(
    ({ activity: { content }, belongs, lacksRole, told }) =>
      belongs !== 'other' && !lacksRole && !asksFirst(content, theme) && !hasFailed(told),
  );

const hasFailed = (told: Suggestion['told']): boolean =>
  told.reduce((sum, { about, points }) => sum + (about === 'lost' || about === 'loved' ? points : 0), 0) < 0;

/** What of a unit is looked at to offer something for its empty days. */
interface OfferedUnit {
  readonly frame: Frame;
  readonly placements: readonly Placement[];
  readonly specials: readonly SpecialDay[];
  readonly theme: Theme | null;
  suggestions(spot: Spot): readonly Suggestion[];
}

/**
 * What could be done on each day from `today` on that has nothing yet and is not filled by an event: `each` activities a day, by the
 * number of the day. One list for all of them, so that what is offered on one day is not offered on the next; a day for which
 * nothing is left has none.
 */
export function dayOffers(
  unit: OfferedUnit,
  today: PlainDay,
  each: number,
): ReadonlyMap<number, readonly Activity[]> {
  const taken = new Set(unit.placements.map(({ where }) => (where.kind === 'day' ? where.day : 0)));
  const empty = unit.frame.calendar.days.filter(
    ({ number, date }) => date >= today && !taken.has(number) && fillerOf(unit.specials, number) === null,
  );
  if (empty.length === 0) return new Map();
  const list = offersIn(unit.suggestions({}), unit.theme).map(({ activity }) => activity);
  return new Map(empty.map(({ number }, i) => [number, list.slice(each * i, each * (i + 1))]));
}
