import type { Table } from '../../book/index.ts';
import type { Supply } from '../../cupboard/index.ts';
import { valueIn, type Home } from '../../house/index.ts';
import { yieldOf, type Ingredient, type Recipe } from '../../library/index.ts';
import { exact, EXACT_ONE, sumOf, type Exact, type MeasureId, type Quantity } from '../../measure/index.ts';
import { converted } from './convert.ts';

/** What a recipe is taken to. */
export type Target =
  /** So many children, each a share (240 mL of dough, one roll, 60 g), and spare shares. */
  | {
      readonly kind: 'children';
      readonly children: number;
      readonly share: Quantity;
      readonly spareShares: number;
    }
  /** A tub, filled with so much, in the unit in which the recipe yields. */
  | { readonly kind: 'volume'; readonly amount: number }
  /** What is left of one ingredient, in the unit of its supply. */
  | { readonly kind: 'left-of'; readonly supplyId: string; readonly amount: number }
  /** So many batches. */
  | { readonly kind: 'batches'; readonly batches: number };

/** A child's share to begin with, in the unit in which a recipe gives: by the home's values, one piece, or 30 cm. */
export function startingShare(recipe: Recipe, home: Home): Quantity {
  const { unit } = yieldOf(recipe);
  const amount = {
    mL: valueIn(home, 'doughShareMl'),
    g: valueIn(home, 'weighedShareG'),
    piece: 1,
    mm: 300,
  }[unit];
  return { amount, unit };
}

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
  readonly gives: Exact;
  /** The unit in which the recipe gives it. */
  readonly unit: MeasureId;
  /** How many bowls are mixed, each of the same size. */
  readonly bowls: number;
  /** The factor was raised so that whole things (an egg) stay whole: what it was before; null when it stayed. */
  readonly raisedFrom: Exact | null;
}

/** Why a recipe cannot be taken to a target: the field and what to do. */
export interface CannotScale {
  readonly path:
    'spareShares' | 'children' | 'amount' | 'supplyId' | 'batches' | 'bowl' | 'ingredients' | 'share';
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
 * Whole things stay whole: where an ingredient is counted in pieces, the batch is made larger until each of them is; half a
 * tablet in the recipe stays a half. `bowlMl` is how much the bowl takes, or null for a bowl that takes everything: the mix is
 * divided into the fewest equal bowls that fit. Volume and weight are taken over into each other only by the density of what is
 * made. Refused, with the field: no children, a share or a bowl in another measure than what the recipe gives, nothing of an
 * ingredient, nought batches, an ingredient that cannot be converted, a bowl smaller than the smallest portion, nothing left to
 * mix.
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
  const batch: Portion[] = [];
  for (const { ingredient, supply } of known) {
    const amount = amountOfBatch(recipe, ingredient.amount, supply);
    if (!amount.ok) return no('ingredients', amount.why.message);
    const limit = ingredient.limit === null ? null : amountOfBatch(recipe, ingredient.limit, supply);
    batch.push({ ingredient, supply, amount: amount.amount, limit: limit?.ok ? limit.amount : null });
  }
  const made = madeOf(recipe, supplies);
  const wanted = factorFor(made, batch, target);
  if (!('n' in wanted)) return { ok: false, why: wanted };
  const divided = bowlMl === null ? inOneBowl(wanted, batch) : inBowls(made, batch, wanted, target, bowlMl);
  if ('path' in divided) return { ok: false, why: divided };
  const { factor, bowls } = divided;
  const gives = made.amount.mul(factor);
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
      unit: made.unit,
      bowls,
      raisedFrom: factor.equals(wanted) ? null : wanted,
    },
  };
}

/** What one batch of a recipe gives, and how to take another measure over into it. */
interface Made {
  readonly amount: Exact;
  readonly unit: MeasureId;
  /** An amount in the unit of what is made; or what is missing. */
  readonly inUnit: (amount: Quantity) => ReturnType<typeof converted>;
}
function madeOf(recipe: Recipe, supplies: Table<Supply>): Made {
  const { amount, unit } = yieldOf(recipe);
  // What is not kept as a supply has no density: nobody could have weighed it.
  const product = supplies[recipe.makesId ?? ''] ?? ({ name: recipe.title, gramsPerMl: null } as Supply);
  return {
    amount: exact(amount),
    unit,
    inUnit: (one) => converted(exact(one.amount), one.unit, unit, product),
  };
}

/** More children or batches than this are a slip of the keys. */
const MOST_MADE = 1000;
const COUNT_TEXT = `A whole number from 0 to ${MOST_MADE} is needed here`;
const isCount = (count: number): boolean => Number.isInteger(count) && 0 <= count && count <= MOST_MADE;

function factorFor(made: Made, batch: readonly Portion[], target: Target): Exact | CannotScale {
  switch (target.kind) {
    case 'batches':
      return target.batches > 0 && target.batches <= MOST_MADE
        ? exact(target.batches)
        : { path: 'batches', message: `A part of a batch or up to ${MOST_MADE} are needed here` };
    case 'volume':
      return target.amount > 0
        ? exact(target.amount).div(made.amount)
        : { path: 'amount', message: 'An amount above zero is needed here' };
    case 'children': {
      if (target.children === 0) return { path: 'children', message: 'Nobody is there to make it for' };
      if (!isCount(target.children)) return { path: 'children', message: COUNT_TEXT };
      if (!isCount(target.spareShares)) return { path: 'spareShares', message: COUNT_TEXT };
      if (!(target.share.amount > 0)) return { path: 'share', message: 'A share above zero is needed here' };
      const share = made.inUnit(target.share);
      if (!share.ok)
        return { path: 'share', message: `${share.why.message}: say a share ${IN_WORDS[made.unit]}` };
      const shares = exact(target.children).add(exact(target.spareShares));
      return shares.mul(share.amount).div(made.amount);
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
  // With p = n/d of a thing in one batch, p × f is a multiple of 1/d exactly when f is one of 1/n: whole things stay whole and
  // halves halves. The common multiple of all of them is the step.
  const step = pieces.map(({ n }) => EXACT_ONE.div(exact(Number(n)))).reduce((a, b) => a.lcm(b));
  return wanted.div(step).ceil().mul(step);
}

interface Divided {
  readonly factor: Exact;
  readonly bowls: number;
}
const inOneBowl = (wanted: Exact, batch: readonly Portion[]): Divided => ({
  factor: wholeFactor(wanted, batch),
  bowls: 1,
});

// The fewest equal bowls of which none is fuller than the bowl, with what is counted in pieces whole in each of them.
function inBowls(
  made: Made,
  batch: readonly Portion[],
  wanted: Exact,
  target: Target,
  bowlMl: number,
): Divided | CannotScale {
  if (!(bowlMl > 0)) return { path: 'bowl', message: 'A bowl above zero is needed here' };
  const bowl = made.inUnit({ amount: bowlMl, unit: 'mL' });
  if (!bowl.ok)
    return { path: 'bowl', message: `${bowl.why.message}: until then nobody knows what a bowl takes of it` };
  const share = target.kind === 'children' ? made.inUnit(target.share) : null;
  if (share?.ok && bowl.amount.lt(share.amount))
    return {
      path: 'bowl',
      message: "The bowl is smaller than one child's share. Take a larger bowl or a smaller share",
    };
  const fewest = made.amount.mul(wanted).div(bowl.amount).ceil().valueOf();
  for (let bowls = Math.max(1, fewest); bowls <= MOST_BOWLS; bowls += 1) {
    const each = wholeFactor(wanted.div(bowls), batch);
    if (made.amount.mul(each).lte(bowl.amount)) return { factor: each.mul(bowls), bowls };
  }
  const whole = batch.find(({ supply }) => supply.unit === 'piece');
  return {
    path: 'bowl',
    message:
      whole && fewest <= MOST_BOWLS
        ? `The bowl is smaller than one portion of ${whole.supply.name}. Take a larger bowl`
        : `That would be more than ${MOST_BOWLS} bowls. Take a larger bowl`,
  };
}

const MOST_BOWLS = 60;

const IN_WORDS: Readonly<Record<MeasureId, string>> = {
  mL: 'in millilitres',
  g: 'in grams',
  piece: 'in pieces',
  mm: 'in millimetres',
};

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
