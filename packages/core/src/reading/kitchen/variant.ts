import type { Ingredient, Recipe, RecipeVariant } from '../../library/index.ts';
import { exact, toNumber } from '../../measure/index.ts';
import { memoised } from '../ground/memo.ts';

/**
 * A recipe in one of its variants, as a recipe of its own: whoever asks about amounts, allergens or what it is made of asks that. The recipe itself
 * for none, or for one that is gone.
 */
export const asVariant = memoised((recipe: Recipe, variantId: string | null): Recipe => {
  const variant = recipe.variants.find(({ id }) => id === variantId);
  if (!variant) return recipe;
  return {
    ...recipe,
    title: `${recipe.title}, ${variant.name}`,
    ingredients: recipe.ingredients.flatMap((one) => changed(one, variant)),
  };
});

function changed(one: Ingredient, { changes, also }: RecipeVariant): readonly Ingredient[] {
  const factor = also.find(({ supplyId }) => supplyId === one.supplyId)?.times ?? 1;
  const change = changes.find(({ supplyId }) => supplyId === one.supplyId);
  if (!change) return factor === 0 ? [] : [byFactor(one, factor)];
  const { part, insteadId, times } = change;
  const rest = part < 1 ? [byFactor(one, toNumber(exact(1).sub(exact(part)).mul(exact(factor))))] : [];
  if (insteadId === null) return rest;
  const comes = byFactor(one, toNumber(exact(part).mul(exact(times)).mul(exact(factor))));
  return factor === 0 ? [] : [...rest, { ...comes, supplyId: insteadId }];
}

const byFactor = (one: Ingredient, factor: number): Ingredient =>
  factor === 1
    ? one
    : {
        ...one,
        amount: toNumber(exact(one.amount).mul(exact(factor))),
        limit: one.limit === null ? null : toNumber(exact(one.limit).mul(exact(factor))),
      };
