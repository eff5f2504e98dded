import type { Table } from '../../book/index.ts';
import type { Supply } from '../../cupboard/index.ts';
import type { Ingredient, Recipe } from '../../library/index.ts';
import { exact, EXACT_ONE, sumOf, type Exact } from '../../measure/index.ts';
import { converted } from './convert.ts';

/** What a recipe is taken to. */
export type Target =
  /** So many children, each a share in millilitres, and spare shares. */
  | {
      readonly kind: 'children';
      readonly children: number;
      readonly shareMl: number;
      readonly spareShares: number;
    }
  /** A tub, filled with so much, in the unit in which the recipe yields. */
  | { readonly kind: 'volume'; readonly amount: number }
  /** What is left of one ingredient, in the unit of its supply. */
  | { readonly kind: 'left-of'; readonly supplyId: string; readonly amount: number }
  /** So many batches. */
  | { readonly kind: 'batches'; readonly batches: number };

/** An ingredient as it goes into what is made. */
export interface Portion {
  readonly ingredient: Ingredient;
  readonly supply: Supply;
  /** In the unit of the supply, exactly. */
  readonly amount: Exact;
  /** The most of it, where it goes in a little at a time; null otherwise. */
  readonly limit: Exact | null;
}

/** A recipe taken to a target. All figures are for everything that is made, unless they say a bowl. */
export interface Scaled {
  readonly recipe: Recipe;
  /** How many times the amounts of one batch. */
  readonly factor: Exact;
  readonly portions: readonly Portion[];
  /** In the unit in which the recipe yields. */
  readonly gives: Exact;
  /** How many bowls are mixed, each of the same size. */
  readonly bowls: number;
  /** The factor was raised so that whole things (an egg) stay whole: what it was before; null when it stayed. */
  readonly raisedFrom: Exact | null;
}

/** Why a recipe cannot be taken to a target: the field and what to do. */
export interface CannotScale {
  readonly path:
    'spareShares' | 'children' | 'amount' | 'supplyId' | 'batches' | 'bowl' | 'ingredients' | 'shareMl';
  readonly message: string;
}
export type Scaling =
  { readonly ok: true; readonly scaled: Scaled } | { readonly ok: false; readonly why: CannotScale };

const no = (path: CannotScale['path'], message: string): Scaling => ({ ok: false, why: { path, message } });

/** What one batch needs of an ingredient, in the unit of its supply, exactly; parts by volume become amounts. */
function amountOfBatch(recipe: Recipe, amount: number, supply: Supply) {
  if (recipe.partMl === null) return { ok: true, amount: exact(amount) } as const;
  return converted(exact(amount).mul(exact(recipe.partMl)), 'mL', supply.unit, supply);
}

/**
 * Takes the ingredients of a recipe (after its swaps) to a target: exact arithmetic, nothing rounded.
 * Whole things stay whole: where an ingredient is counted in pieces, the batch is made larger until each of them is.
 * `bowlMl` is how much the bowl takes, or null for a bowl that takes everything: the mix is divided into the fewest equal
 * bowls that fit. Refused, with the field: no children, nothing of an ingredient, nought batches, an ingredient that
 * cannot be converted, a bowl smaller than the smallest portion, nothing left to mix.
 */
export function scaledTo(
  recipe: Recipe,
  ingredients: readonly Ingredient[],
  supplies: Table<Supply>,
  target: Target,
  bowlMl: number | null = null,
): Scaling {
  const known = ingredients.flatMap((ingredient) => {
    const supply = supplies[ingredient.supplyId];
    return supply ? [{ ingredient, supply }] : [];
  });
  if (known.length === 0) return no('ingredients', 'Nothing is left to mix');
  if (target.kind === 'children' && bowlMl !== null && bowlMl < target.shareMl)
    return no('bowl', "The bowl is smaller than one child's share. Take a larger bowl or a smaller share");
  const batch: Portion[] = [];
  for (const { ingredient, supply } of known) {
    const amount = amountOfBatch(recipe, ingredient.amount, supply);
    if (!amount.ok) return no('ingredients', amount.why.message);
    const limit = ingredient.limit === null ? null : amountOfBatch(recipe, ingredient.limit, supply);
    batch.push({ ingredient, supply, amount: amount.amount, limit: limit?.ok ? limit.amount : null });
  }
  const wanted = factorFor(recipe, batch, target);
  if (!('n' in wanted)) return { ok: false, why: wanted };
  const factor = wholeFactor(wanted, batch);
  const gives = exact(recipe.yields.amount).mul(factor);
  const bowls = bowlsFor(recipe, gives, batch, factor, bowlMl);
  if (typeof bowls !== 'number') return { ok: false, why: bowls };
  return {
    ok: true,
    scaled: {
      recipe,
      factor,
      portions: batch.map((one) => ({
        ...one,
        amount: one.amount.mul(factor),
        limit: one.limit?.mul(factor) ?? null,
      })),
      gives,
      bowls,
      raisedFrom: factor.equals(wanted) ? null : wanted,
    },
  };
}

/** More children or batches than this are a slip of the keys. */
const MOST_MADE = 1000;
const COUNT_TEXT = `A whole number from 0 to ${MOST_MADE} is needed here`;
const isCount = (count: number): boolean => Number.isInteger(count) && 0 <= count && count <= MOST_MADE;

function factorFor(recipe: Recipe, batch: readonly Portion[], target: Target): Exact | CannotScale {
  const yields = exact(recipe.yields.amount);
  switch (target.kind) {
    case 'batches':
      return target.batches > 0 && target.batches <= MOST_MADE
        ? exact(target.batches)
        : { path: 'batches', message: `A part of a batch or up to ${MOST_MADE} are needed here` };
    case 'volume':
      return target.amount > 0
        ? exact(target.amount).div(yields)
        : { path: 'amount', message: 'An amount above zero is needed here' };
    case 'children': {
      if (target.children === 0) return { path: 'children', message: 'Nobody is there to make it for' };
      if (!isCount(target.children)) return { path: 'children', message: COUNT_TEXT };
      if (!isCount(target.spareShares)) return { path: 'spareShares', message: COUNT_TEXT };
      if (!(target.shareMl > 0)) return { path: 'shareMl', message: 'A share above zero is needed here' };
      const shares = exact(target.children).add(exact(target.spareShares));
      return shares.mul(exact(target.shareMl)).div(yields);
    }
    case 'left-of': {
      const uses = batch.filter(({ supply }) => supply.id === target.supplyId);
      const each = sumOf(uses.map(({ amount }) => amount));
      if (each.equals(0)) return { path: 'supplyId', message: 'That does not go into it' };
      return target.amount > 0
        ? exact(target.amount).div(each)
        : { path: 'amount', message: 'Nothing of it is left' };
    }
  }
}

// The smallest factor, not below the one wanted, with which everything that is counted in pieces comes out whole.
function wholeFactor(wanted: Exact, batch: readonly Portion[]): Exact {
  const pieces = batch.filter(({ supply }) => supply.unit === 'piece').map(({ amount }) => amount);
  if (pieces.length === 0) return wanted;
  // Each p × f is whole exactly when f is a multiple of 1/p: the common multiple of all of them is the step.
  const step = pieces.map((amount) => amount.inverse()).reduce((a, b) => a.lcm(b));
  return wanted.div(step).ceil().mul(step);
}

function bowlsFor(
  { yields }: Recipe,
  gives: Exact,
  batch: readonly Portion[],
  factor: Exact,
  bowlMl: number | null,
): number | CannotScale {
  if (bowlMl === null || yields.unit !== 'mL') return 1;
  if (!(bowlMl > 0)) return { path: 'bowl', message: 'A bowl above zero is needed here' };
  const bowls = gives.div(exact(bowlMl)).ceil().valueOf();
  // A whole thing cannot be divided among bowls: each bowl takes at least the portion that holds one.
  const whole = batch.filter(({ supply }) => supply.unit === 'piece');
  const most = whole.reduce(
    (fewest, { amount }) => Math.min(fewest, amount.mul(factor).valueOf()),
    MOST_BOWLS,
  );
  if (bowls > most)
    return {
      path: 'bowl',
      message:
        whole.length > 0
          ? `The bowl is smaller than one portion of ${whole[0]!.supply.name}. Take a larger bowl`
          : `That would be more than ${MOST_BOWLS} bowls. Take a larger bowl`,
    };
  return bowls;
}

const MOST_BOWLS = 60;

/** One of several equal bowls, as if it were all that is made. */
export const oneBowl = (scaled: Scaled): Scaled => ({
  ...scaled,
  factor: scaled.factor.div(scaled.bowls),
  portions: perBowl(scaled),
  gives: scaled.gives.div(scaled.bowls),
  bowls: 1,
});

/** The same amounts for one of several equal bowls. */
export const perBowl = ({ portions, bowls }: Scaled): readonly Portion[] => {
  const part = EXACT_ONE.div(bowls);
  return portions.map((one) => ({
    ...one,
    amount: one.amount.mul(part),
    limit: one.limit?.mul(part) ?? null,
  }));
};
