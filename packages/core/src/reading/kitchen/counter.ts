import type { Table } from '../../book/index.ts';
import {
  allergensOf,
  brings,
  isUnlooked,
  mayBring,
  type StockMove,
  type Supply,
} from '../../cupboard/index.ts';
import { ALLERGENS, isOwnAllergen, type AllergenId } from '../../house/index.ts';
import type { Recipe } from '../../library/index.ts';
import {
  exact,
  formatQuantity,
  quantity,
  shortfall,
  toNumber,
  type Exact,
  type Quantity,
  type UnitSystem,
} from '../../measure/index.ts';
import { stockOf } from '../stock/ledger.ts';
import { onlyFoodOf, saltShareOf, type OnlyFood, type SaltShare } from './made-of.ts';
import { amountText, inPortions, roundedTogether, type Rounded, type WayToMeasure } from './round.ts';
import { mixesFor, type MixOrder, type PlannedMix } from './mixes.ts';
import { perBowl, type CannotScale, type Scaled } from './scale.ts';
import type { OwnBowl, WithoutBowl } from './own-bowl.ts';
import type { SwappedRecipe } from './swapped.ts';

/** What somebody wants to make, and how it is measured out. */
export interface KitchenOrder extends MixOrder {
  readonly system: UnitSystem;
  readonly way: WayToMeasure;
}

/** An ingredient as it stands on the counter: for one bowl, ready to be measured out. */
export interface CounterLine {
  readonly rounded: Rounded;
  /** What goes in each time, in its order; one text where it goes in at once. */
  readonly portions: readonly string[];
  /** The steps at which it goes in, counted from 1. */
  readonly steps: readonly number[];
  /** The most of it, where it goes in by feel; null where it does not. */
  readonly atMost: string | null;
  /** For everything that is made, as the cupboard counts it. */
  readonly need: Quantity;
  readonly have: Quantity;
  readonly missing: Quantity;
  /** How the amount came about, a sentence each. */
  readonly because: readonly string[];
}

/** One mix: everything for it, and what it is made of. */
export interface Mix {
  readonly scaled: Scaled;
  readonly lines: readonly CounterLine[];
  readonly swapped: SwappedRecipe;
  readonly onlyFood: OnlyFood;
  readonly salt: SaltShare;
  readonly allergens: readonly AllergenId[];
  /** Null for everyone, else those whose own bowl it is, and what stays out of it. */
  readonly own: OwnBowl | null;
  /** What was asked to stay out of it and is brought by nothing that goes in: a batch of it can say so. */
  readonly without: readonly AllergenId[];
  /** What may bring something along that has to stay out: its label is read before it goes in. */
  readonly doubtful: readonly Supply[];
}

export type Counter =
  | {
      readonly ok: true;
      readonly mixes: readonly Mix[];
      /** For whom nothing is made: no swap is written for what they must not meet. */
      readonly without: readonly WithoutBowl[];
    }
  | { readonly ok: false; readonly why: CannotScale };

/**
 * Everything for what somebody wants to make, measured out: the mix for everyone and, where a child must not meet what
 * is in it, one of its own with the swaps of the recipe. A child for whom the swaps do not do gets none, and is told. Amounts
 * are for one bowl, what is missing for all of them. `supplies` as the cautions look at them: what is made brings along what
 * goes into it.
 */
export function counterFor(
  recipe: Recipe,
  supplies: Table<Supply>,
  stockMoves: Table<StockMove>,
  order: KitchenOrder,
): Counter {
  const planned = mixesFor(recipe, supplies, order);
  if (!planned.ok) return planned;
  return {
    ok: true,
    mixes: planned.mixes.map((mix) => mixOf(mix, supplies, stockMoves, order)),
    without: planned.without,
  };
}

// As the law lists them, a home's own after those.
const ORDER = Object.keys(ALLERGENS);
const rankOf = (id: AllergenId): number => (isOwnAllergen(id) ? ORDER.length : ORDER.indexOf(id));
const inOrder = (ids: Iterable<AllergenId>): readonly AllergenId[] =>
  [...ids].toSorted((a, b) => rankOf(a) - rankOf(b) || (a < b ? -1 : 1));

function mixOf(
  { scaled, swapped, own, keptOut }: PlannedMix,
  supplies: Table<Supply>,
  stockMoves: Table<StockMove>,
  { system, way }: KitchenOrder,
): Mix {
  const { recipe } = scaled;
  const { ingredients } = swapped;
  const parts = ingredients.flatMap(({ supplyId }) => supplies[supplyId] ?? []);
  const allergens = inOrder(new Set(parts.flatMap((part) => [...allergensOf(part)])));
  return {
    scaled,
    lines: roundedTogether(perBowl(scaled), system, way).map((rounded) =>
      lineOf(rounded, scaled, stockMoves, system),
    ),
    swapped,
    onlyFood: onlyFoodOf(ingredients, supplies, recipe.cooked),
    salt: saltShareOf(ingredients, supplies, recipe.partMl),
    allergens,
    own,
    without: keptOut.filter((allergen) => !parts.some((part) => brings(part, [allergen]))),
    doubtful: parts.filter((part) =>
      keptOut.some((allergen) => mayBring(part, allergen) || isUnlooked(part, allergen)),
    ),
  };
}

function lineOf(
  rounded: Rounded,
  scaled: Scaled,
  stockMoves: Table<StockMove>,
  system: UnitSystem,
): CounterLine {
  const { supply, ingredient, limit } = rounded.portion;
  const whole = scaled.portions.find((one) => one.ingredient === ingredient)!;
  const need = quantity(toNumber(whole.amount), supply.unit);
  const have = supply.got === 'tap' ? need : stockOf(supply, stockMoves);
  const portions = inPortions(rounded.amount, rounded.measure, ingredient.portions, system);
  return {
    rounded,
    portions: portions.map((amount) => amountText(amount, rounded.measure, system)),
    steps: ingredient.steps,
    atMost: limit === null ? null : limitText(rounded, limit, system),
    need,
    have,
    missing: shortfall(need, have),
    because: reasons(rounded, scaled, system),
  };
}

// The limit rounds down, in the measure of the amount itself: nobody is told more than the recipe allows.
function limitText({ portion, amount, before, measure }: Rounded, limit: Exact, system: UnitSystem): string {
  const ratio = portion.amount.equals(0) ? exact(1) : limit.div(portion.amount);
  const exactly = before.mul(ratio);
  const step = system === 'us' && measure === 'mL' ? amountStep() : exact(exactly.gte(50) ? 5 : 1);
  const down = exactly.div(step).floor().mul(step);
  return amountText(down.gt(amount) ? down : amount, measure, system);
}
const amountStep = (): Exact => exact(236.5882365).div(192);

function reasons(
  { portion, amount, before, shareMoved, isDensityMissing, measure }: Rounded,
  scaled: Scaled,
  system: UnitSystem,
): readonly string[] {
  const { supply, ingredient } = portion;
  const { recipe, factor, bowls, raisedFrom } = scaled;
  // What it comes to before it is measured out is told finely, whatever the spoons are.
  const finely = (value: Exact): string => formatQuantity(quantity(toNumber(value), measure), 'metric');
  const each =
    recipe.partMl === null
      ? formatQuantity(quantity(ingredient.amount, supply.unit), system)
      : `${ingredient.amount} ${ingredient.amount === 1 ? 'part' : 'parts'} of ${formatQuantity(quantity(recipe.partMl, 'mL'), system)}`;
  const times = `${Math.round(toNumber(factor) * 100) / 100}`;
  const inBowls = bowls > 1 ? ` ÷ ${bowls} bowls` : '';
  const percent = Math.round(Math.abs(shareMoved) * 1000) / 10;
  return [
    `${each} a batch × ${times} batches${inBowls} = ${finely(before)}.`,
    ...(amount.equals(before)
      ? []
      : [
          `Measured out as ${amountText(amount, measure, system)}: its share in the whole moves by ${percent} % of itself.`,
        ]),
    ...(raisedFrom === null
      ? []
      : [
          `Made for ${Math.round(toNumber(raisedFrom) * 100) / 100} batches it would cut a whole thing in two: made larger.`,
        ]),
    ...(isDensityMissing
      ? [`Nobody wrote down how heavy ${supply.name} is: it stays in ${supply.unit}.`]
      : []),
  ];
}
