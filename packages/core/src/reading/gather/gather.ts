import type { Book } from '../../book/index.ts';
import type { PlainDay } from '../../calendar/index.ts';
import type { StockMove, SupplyId } from '../../cupboard/index.ts';
import type { Errand } from '../../daybook/index.ts';
import type { Recipe } from '../../library/index.ts';
import { quantity } from '../../measure/index.ts';
import type { UnitId } from '../../unit/index.ts';
import { answer } from '../ground/answer.ts';
import { neededBesides } from '../amounts/own-needs.ts';
import { needsOf, type Need } from '../amounts/supply-list.ts';
import { together } from '../circle/circle.ts';
import { suppliesAsMade } from '../kitchen/inherit.ts';
import { recipesByProduct } from '../kitchen/products.ts';
import { memoised, stableGroups } from '../ground/memo.ts';
import { isAhead, phaseIn } from '../plan/days.ts';
import { bothOf, frameOf, placedIn } from '../plan/plan.ts';
import { allotted, lineIdOf, type AllottedLine } from './allot.ts';
import { cookPlanOf, type CookPlan } from './cook.ts';
import type { CookNeed, SupplyLine } from './line.ts';

const NONE: readonly never[] = [];
const needsBySupply = stableGroups((need: Need) => need.supply.id);
const errandsBySupply = stableGroups((errand: Errand) => errand.supplyId);
const movesBySupply = stableGroups((move: StockMove) => move.supplyId);
// One list as long as all its parts are the same.
const joined = memoised((...lists: readonly [readonly Need[], ...(readonly Need[])[]]) => lists.flat());
const samePlans = memoised((...plans: readonly [CookPlan, ...CookPlan[]]): readonly CookPlan[] => plans);
const cookNeedsOf = memoised((plans: readonly CookPlan[], id: string): readonly CookNeed[] =>
  plans.flatMap(({ needs }) => needs.filter(({ supply }) => supply.id === id)),
);

/**
 * Every line of what units need from `today` on: those that run or are still to come, and the unit that is asked about,
 * whatever it is. By unit, then by the day on which it is first needed, then by name.
 */
export function gatherLines(book: Book, unitId: UnitId, today: PlainDay): readonly SupplyLine[] {
  // In one order whichever unit is asked about: what is shared out for one is shared out for all.
  const [first, ...others] = unitsThatNeed(book, unitId, today).map((id) => needsOfUnit(book, id, today));
  const needs = joined(first!, ...others);
  return linesOf(book, sharedOut(book, needs), unitId);
}

function unitsThatNeed(book: Book, unitId: UnitId, today: PlainDay): readonly UnitId[] {
  return Object.values(book.units)
    .filter((unit) => unit.id === unitId || isAhead(phaseIn(book, unit, today)))
    .map(({ id }) => id)
    .toSorted();
}

const needsOfUnit = (book: Book, unitId: UnitId, today: PlainDay): readonly Need[] =>
  needsOf(
    book,
    together(bothOf(placedIn(book, unitId)), neededBesides(book, unitId)),
    frameOf(book, unitId),
    today,
  );

// Every unit's lines, each with what is cooked for it.
const sharedOut = answer((look, needs: readonly Need[]): ReadonlyMap<AllottedLine, CookPlan | null> => {
  const supplies = suppliesAsMade(look);
  const recipes = recipesByProduct(look.table('recipes'));
  const [errands, stockMoves] = [look.table('errands'), look.table('stockMoves')];
  const direct = needsBySupply(needs);
  const order = productsFirst(direct, recipes);
  const plans = new Map<string, CookPlan[]>();
  const lines = new Map<AllottedLine, CookPlan | null>();
  // What goes into a product is known once that product is: products come first.
  for (const id of order) {
    const ofSupply = direct.get(id as SupplyId) ?? NONE;
    const [first, ...others] = plans.get(id) ?? NONE;
    const ofCooking = first ? cookNeedsOf(samePlans(first, ...others), id) : NONE;
    if (ofSupply.length === 0 && ofCooking.length === 0) continue;
    const recipe = recipes.get(id);
    const found = allotted(
      ofSupply,
      ofCooking,
      errandsBySupply(errands).get(id as SupplyId) ?? NONE,
      movesBySupply(stockMoves).get(id as SupplyId) ?? NONE,
      recipe !== undefined,
    );
    for (const line of found) {
      const plan = recipe ? cookPlanOf(line, recipe, supplies) : null;
      lines.set(line, plan);
      for (const part of new Set(plan?.needs.map(({ supply }) => supply.id)))
        plans.set(part, [...(plans.get(part) ?? []), plan!]);
    }
  }
  return lines;
});

const linesOf = answer(
  (look, shared: ReadonlyMap<AllottedLine, CookPlan | null>, unitId: UnitId): readonly SupplyLine[] =>
    [...shared]
      .filter(([line]) => line.unit.id === unitId)
      .map(([line, plan]) => finished(look, line, plan))
      // What a corner's own kit covers is not asked of the cupboard.
      .filter((line) => line.need.amount > 0 || line.errand?.amount)
      .toSorted((a, b) => a.by.number - b.by.number || (a.supply.name < b.supply.name ? -1 : 1)),
);

const finished = answer((look, line: AllottedLine, plan: CookPlan | null): SupplyLine => {
  const pickup = look.one('pickups', lineIdOf(line));
  if (!plan) return { ...line, cooking: null, pickup };
  const { cooking } = plan;
  // Children with a batch of their own are not served by what is in the house.
  const made = cooking.problem === null && (cooking.batches.gt(0) || cooking.own.length > 0);
  const basket = line.errand?.basket ?? (made ? 'cook' : line.basket);
  const buy =
    made && line.buy.amount === 0
      ? quantity(line.need.amount - line.have.amount, line.supply.unit)
      : line.buy;
  return {
    ...line,
    basket,
    buy: buy.amount > 0 ? buy : line.buy,
    orderBy: made ? cooking.makeBy : line.orderBy,
    cooking,
    pickup,
  };
});

/** All supplies that may be asked for, in an order in which what is made comes before what goes into it. */
function productsFirst(
  direct: ReadonlyMap<string, readonly Need[]>,
  recipes: ReadonlyMap<string, Recipe>,
): readonly string[] {
  const done = new Set<string>();
  const order: string[] = [];
  const visit = (id: string, within: ReadonlySet<string>): void => {
    // A recipe that needs its own product, through whichever others, ends where it comes round.
    if (done.has(id) || within.has(id)) return;
    const recipe = recipes.get(id);
    const inside = new Set([...within, id]);
    for (const part of recipe ? partsOf(recipe) : []) visit(part, inside);
    done.add(id);
    order.push(id);
  };
  for (const id of direct.keys()) visit(id, new Set());
  return order.reverse();
}

const partsOf = memoised((recipe: Recipe): readonly string[] => [
  ...new Set([
    ...recipe.ingredients.map(({ supplyId }) => supplyId),
    ...recipe.swaps.flatMap(({ insteadId }) => insteadId ?? []),
  ]),
]);
