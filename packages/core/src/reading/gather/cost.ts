import type { Table } from '../../book/index.ts';
import type { PlainDay } from '../../calendar/index.ts';
import type { CategoryId, Supply } from '../../cupboard/index.ts';
import { CATEGORIES } from '../../cupboard/index.ts';
import { usedDayIdOf, type UsedDay } from '../../daybook/index.ts';
import { moneySchema, type Money } from '../../measure/index.ts';
import { answer } from '../ground/answer.ts';
import type { Frame } from '../plan/plan.ts';
import type { SupplyLine } from './line.ts';

/** What a unit costs. What is spent is not what is used: packs hold more than the need. */
export interface Cost {
  /** What was paid for it already, by the stock ledger. */
  readonly paid: Money;
  /** What the packs that are still to buy cost. */
  readonly toBuy: Money;
  /** What it uses up: taken out on days that are done and still to come, each at the best known rate of its packs. */
  readonly used: Money;
  /** That for one child on one of those days; null when nobody comes. */
  readonly perChildDay: number | null;
  readonly childDays: number;
  readonly budget: Money | null;
  /** What is still to be spent under each kind of supply, the most first; what was paid stands by itself. */
  readonly byKind: readonly { readonly category: CategoryId; readonly name: string; readonly cost: Money }[];
  /** Lines to buy of which no price is known. */
  readonly unpriced: readonly SupplyLine[];
}

/** What one unit of a supply costs at the best rate of its packs, in the smallest part of the currency; null without any price. */
export function bestRate({ packs }: Supply): number | null {
  const rates = packs.flatMap(({ price, amount }) => (price === null ? [] : [price / amount]));
  return rates.length === 0 ? null : Math.min(...rates);
}

const money = (amount: number): Money => moneySchema.parse(Math.round(amount));

/** The cost of a unit, from its lines and the ledger. */
export const costOf = answer((look, lines: readonly SupplyLine[], frame: Frame, today: PlainDay): Cost => {
  const toBuy = lines.filter(({ basket }) => basket === 'buy');
  const costs = toBuy.map(({ packs, supply }) => ({ category: supply.category, cost: packs?.cost ?? 0 }));
  const kinds = new Map<CategoryId, number>();
  for (const { category, cost } of costs) kinds.set(category, (kinds.get(category) ?? 0) + cost);
  const ours = Object.values(look.table('stockMoves')).filter(({ forUnit }) => forUnit === frame.unit.id);
  const takenOut = ours
    .filter(({ kind }) => kind === 'used')
    .map(({ supplyId, amount }) => ({ supply: look.one('supplies', supplyId), amount }));
  // What is cooked is paid for by what goes into it.
  const toCome = lines
    .filter(({ supply, cooking }) => supply.use === 'consumable' && cooking === null)
    .map(({ supply, need }) => ({ supply, amount: need.amount }));
  const used = [...takenOut, ...toCome].reduce(
    (sum, { supply, amount }) => sum + (supply ? (bestRate(supply) ?? 0) * amount : 0),
    0,
  );
  const childDays = childDaysOf(frame, look.table('usedDays'), today);
  return {
    paid: money(ours.reduce((sum, { paid }) => sum + (paid ?? 0), 0)),
    toBuy: money(costs.reduce((sum, { cost }) => sum + cost, 0)),
    used: money(used),
    perChildDay: childDays === 0 ? null : used / childDays,
    childDays,
    budget: frame.unit.budget,
    byKind: [...kinds]
      .filter(([, cost]) => cost > 0)
      .map(([category, cost]) => ({ category, name: CATEGORIES[category].name, cost: money(cost) }))
      .toSorted((a, b) => b.cost - a.cost),
    unpriced: toBuy.filter(({ packs }) => packs === null || packs.cost === null),
  };
});

// Days of which nobody said what they used tell nothing about what a child uses on a day.
const childDaysOf = ({ attendance, unit }: Frame, usedDays: Table<UsedDay>, today: PlainDay): number =>
  attendance
    .filter(({ date }, i) => date >= today || usedDays[usedDayIdOf(unit.id, i + 1)] !== undefined)
    .reduce((sum, { children }) => sum + children.length, 0);
