import type { Book } from '../../book/index.ts';
import type { Supply } from '../../cupboard/index.ts';
import { quantity, type Quantity } from '../../measure/index.ts';
import type { UnitId } from '../../unit/index.ts';
import { together } from '../circle/circle.ts';
import { frameOf, placedIn } from '../plan/plan.ts';
import { neededBesides } from './own-needs.ts';
import { goingOn } from './going-on.ts';
import { usesAfter } from './uses.ts';

/** What one day of a unit uses up by the plan, by supply. What stands in for bad weather is left out: it was not used. */
export function usedOn(
  book: Book,
  unitId: UnitId,
  day: number,
): readonly { readonly supply: Supply; readonly used: Quantity }[] {
  const frame = frameOf(book, unitId);
  const amounts = new Map<Supply, number>();
  const used = together(placedIn(book, unitId).placements, neededBesides(book, unitId));
  for (const { placement, before } of goingOn(used, frame.unit))
    for (const use of usesAfter(book, placement, frame, before))
      if (use.day.number === day && use.supply.use === 'consumable' && use.supply.got !== 'tap')
        amounts.set(use.supply, (amounts.get(use.supply) ?? 0) + use.amount);
  return [...amounts]
    .map(([supply, amount]) => ({ supply, used: quantity(amount, supply.unit) }))
    .toSorted((a, b) => (a.supply.name < b.supply.name ? -1 : 1));
}
