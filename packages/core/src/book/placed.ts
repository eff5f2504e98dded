import { placementOf, themeOf, type Placement, type Theme, type Thing, type UnitId } from '../unit/index.ts';
import type { Book } from './book.ts';
import { groupBy } from './group.ts';
import { memoised } from '../measure/index.ts';

const byUnit = memoised((things: Book['things']): ReadonlyMap<UnitId, readonly Thing[]> => {
  const inOrder = Object.values(things).toSorted((a, b) => (a.order < b.order ? -1 : 1));
  return groupBy(inOrder, ({ unitId }) => unitId);
});
const NONE: readonly Thing[] = [];

/** The theme of a unit, from which what is placed in it is filled; null when the unit is not there. */
export function themeAt(book: Book, unitId: UnitId): Theme | null {
  const unit = book.units[unitId];
  return unit ? themeOf(unit, byUnit(book.things).get(unitId) ?? NONE) : null;
}

/** Something that is placed in a unit, as it reads; null when it is not there. */
export function placementAt(book: Book, id: string | null): Placement | null {
  const copy = id === null ? undefined : book.placements[id];
  return copy ? placementOf(copy, themeAt(book, copy.unitId)) : null;
}
