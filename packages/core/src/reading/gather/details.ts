import { formatDay, type PlainDay } from '../../calendar/index.ts';
import type { PackChoice, Supply } from '../../cupboard/index.ts';
import type { BasketId } from '../../daybook/index.ts';
import { formatQuantity, quantity, type UnitSystem } from '../../measure/index.ts';
import { noBowlText } from '../kitchen/own-bowl.ts';
import { batchesText } from './explain.ts';
import type { SupplyLine } from './line.ts';

/** What is bought of a supply: `2 × 500 g + 1 × 1 kg`, amounts in the system given; empty for no pack. */
export const packsText = (
  { packs }: PackChoice,
  { unit }: Pick<Supply, 'unit'>,
  system: UnitSystem,
): string =>
  packs
    .map(({ pack, count }) => `${count} × ${formatQuantity(quantity(pack.amount, unit), system)}`)
    .join(' + ');

/** Until when a line is seen to, as it is said on a day: `order late`, `make by Tue 9 Mar`, `today`. */
export function dueText({ orderBy, by, basket }: SupplyLine, today: PlainDay): string {
  const verb = basket === 'cook' || basket === 'make' ? 'make ' : orderBy < by.date ? 'order ' : '';
  if (orderBy > today) return `${verb}by ${formatDay(orderBy, 'brief')}`;
  return `${verb}${orderBy < today ? 'late' : 'today'}`;
}

// Baskets of things that somebody in particular gives.
const FROM_SOMEBODY: ReadonlySet<BasketId> = new Set<BasketId>(['families', 'borrow']);

function packsDetail({ packs, supply }: SupplyLine, system: UnitSystem): string {
  if (!packs) return '';
  const shops = new Set(packs.packs.flatMap(({ pack }) => pack.shop ?? []));
  return [packsText(packs, supply, system), ...shops].join(', ');
}

function cookingDetails({ cooking }: SupplyLine): readonly string[] {
  if (!cooking) return [];
  const { batches, own, without, problem } = cooking;
  return [
    batches.gt(0) ? `${batchesText(batches)}${own.length > 0 ? ' for everyone' : ''}` : '',
    ...own.map(
      (bowl) =>
        `${batchesText(bowl.batches)} for ${bowl.children.map(({ shownAs }) => shownAs).join(', ')}, own bowl`,
    ),
    ...without.map(noBowlText),
    problem ?? '',
  ];
}

function errandDetails({ errand, supply, basket }: SupplyLine): readonly string[] {
  const who = errand?.from ?? supply.gotFrom;
  return [
    who && FROM_SOMEBODY.has(basket) ? `from ${who}` : '',
    errand?.askedOn ? `asked on ${formatDay(errand.askedOn, 'brief')}` : '',
    errand?.backBy && basket === 'borrow' ? `back by ${formatDay(errand.backBy, 'brief')}` : '',
    errand?.note ?? '',
  ];
}

/**
 * What is worth knowing of a line of a basket, the weightiest first: need and stock, packs, batches, the moment of
 * most use, whom it comes from. Amounts in the system given.
 */
export function lineDetails(line: SupplyLine, system: UnitSystem): readonly string[] {
  const { have, need, peak, carried, supply, basket } = line;
  const there = have.amount > 0 ? `${formatQuantity(have, system)} on hand` : 'none on hand';
  return [
    basket === 'shelf' ? there : `need ${formatQuantity(need, system)}, ${there}`,
    carried > 0
      ? `${formatQuantity(quantity(carried, supply.unit), system)} from packs for an earlier unit`
      : '',
    packsDetail(line, system),
    ...cookingDetails(line),
    peak ? `most at once on Day ${peak.day.number}` : '',
    ...errandDetails(line),
  ].filter(Boolean);
}
