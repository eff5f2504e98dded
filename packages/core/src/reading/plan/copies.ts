import type { PlacedCopy, UnitId } from '../../unit/index.ts';
import { answer } from '../ground/answer.ts';
import { stableGroups } from '../ground/memo.ts';
import { daysIn } from './days.ts';
import { eventsIn } from './of-unit.ts';
import { spanAmong, specialDaysOf, type SpecialDay } from './special.ts';

const NOTHING: readonly PlacedCopy[] = [];
const byUnit = stableGroups((copy: PlacedCopy) => copy.unitId);

/** What is placed in a unit as it is kept. */
export const copiesIn = answer((look, unitId: UnitId): readonly PlacedCopy[] =>
  copiesOf(look.table('placements'), unitId),
);
const copiesOf = (placements: Parameters<typeof byUnit>[0], unitId: UnitId): readonly PlacedCopy[] =>
  byUnit(placements).get(unitId) ?? NOTHING;

/** The special events of a unit on their days. */
export const specialDaysIn = answer((look, unitId: UnitId): readonly SpecialDay[] => {
  const events = eventsIn(look, unitId);
  if (events.length === 0 || !look.one('units', unitId)) return NO_SPECIAL;
  return specialDaysOf(events, inEvents(copiesIn(look, unitId)), daysIn(look, unitId));
});
const NO_SPECIAL: readonly SpecialDay[] = [];
// What stands elsewhere is moved about more often than an event changes.
const inEvents = (copies: readonly PlacedCopy[]): readonly PlacedCopy[] =>
  eventCopies(copies).get('event') ?? NOTHING;
const eventCopies = stableGroups((copy: PlacedCopy) => copy.where.kind);

/** A copy that stands on days of its unit: from a numbered day to another. */
export interface Stood {
  readonly copy: PlacedCopy;
  readonly from: number;
  readonly to: number;
}

/**
 * What of a unit stands on which of its numbered days; what has none, and what stands in for something, is left out. Why from the
 * copies: whoever looks over all units of many years asks neither who was there nor how they read.
 */
export const stoodIn = answer((look, unitId: UnitId): readonly Stood[] => {
  const specials = specialDaysIn(look, unitId);
  return copiesIn(look, unitId).flatMap((copy) => {
    const span = spanAmong(copy, specials);
    return span ? [{ copy, ...span }] : [];
  });
});
