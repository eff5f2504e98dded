import type { Table } from '../../book/index.ts';
import { brings, type Supply } from '../../cupboard/index.ts';
import type { AllergenId } from '../../house/index.ts';
import type { Ingredient, OptionalRole, Recipe, Swap } from '../../library/index.ts';
import { exact, toNumber } from '../../measure/index.ts';

/** What a recipe is asked to be: without some allergens, and perhaps made only of food. */
export interface Wanted {
  readonly without: readonly AllergenId[];
  readonly onlyFood: boolean;
  /** Colour or scent that is left out; left out here: neither. */
  readonly leaveOut?: readonly OptionalRole[];
}

/** A recipe as it is made after its swaps. */
export interface SwappedRecipe {
  readonly ingredients: readonly Ingredient[];
  /** The swaps that were made. */
  readonly swaps: readonly Swap[];
  /** What still brings an allergen that has to stay out, or is no food, and for which no swap is written. */
  readonly left: readonly Supply[];
  /** Nothing of the base is left. */
  readonly isEmpty: boolean;
}

/**
 * A recipe with its swaps made: what brings an unwanted allergen is replaced by what its swap says, in the swap's own
 * ratio, and the other ingredients change as the swap says. Swaps are made in the order in which they are written, each
 * on what the ones before it left. The whole tub is meant: an ingredient that needs no swap stays.
 */
export function swappedRecipe(recipe: Recipe, supplies: Table<Supply>, wanted: Wanted): SwappedRecipe {
  const isExact = (swap: Swap): boolean => swap.allergen !== null && wanted.without.includes(swap.allergen);
  // What keeps gluten out keeps wheat out with it: a swap serves for whatever its ingredient brings, where none is nearer.
  const isServing = ({ supplyId }: Swap): boolean => {
    const supply = supplies[supplyId];
    const isNearer = recipe.swaps.some((other) => other.supplyId === supplyId && isExact(other));
    return !isNearer && supply !== undefined && brings(supply, wanted.without);
  };
  const isWanted = (swap: Swap): boolean =>
    swap.allergen === null ? wanted.onlyFood : isExact(swap) || isServing(swap);
  const leaveOut: readonly string[] = wanted.leaveOut ?? [];
  let ingredients: readonly Ingredient[] = recipe.ingredients.filter(({ role }) => !leaveOut.includes(role));
  const done: Swap[] = [];
  for (const swap of recipe.swaps.filter(isWanted)) {
    if (!ingredients.some(({ supplyId }) => supplyId === swap.supplyId)) continue;
    ingredients = made(swap, ingredients);
    done.push(swap);
  }
  const left = ingredients.flatMap(({ supplyId }) => {
    const supply = supplies[supplyId];
    const isUnwanted =
      supply && (brings(supply, wanted.without) || (wanted.onlyFood && supply.properties.foodOnly === 'no'));
    return isUnwanted ? [supply] : [];
  });
  return {
    ingredients,
    swaps: done,
    left,
    isEmpty: !ingredients.some(({ role }) => role === 'base'),
  };
}

const times = (amount: number, factor: number): number => toNumber(exact(amount).mul(exact(factor)));

function made(swap: Swap, ingredients: readonly Ingredient[]): readonly Ingredient[] {
  const { insteadId } = swap;
  return ingredients.flatMap((one): readonly Ingredient[] => {
    const also = swap.also.find(({ supplyId }) => supplyId === one.supplyId && supplyId !== swap.supplyId);
    if (also) return also.times === 0 ? [] : [byFactor(one, also.times)];
    if (one.supplyId !== swap.supplyId) return [one];
    return insteadId === null ? [] : [{ ...byFactor(one, swap.times), supplyId: insteadId }];
  });
}

const byFactor = (one: Ingredient, factor: number): Ingredient => ({
  ...one,
  amount: times(one.amount, factor),
  limit: one.limit === null ? null : times(one.limit, factor),
});
