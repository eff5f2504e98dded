import type { Table } from '../../book/index.ts';
import type { Recipe } from '../../library/index.ts';
import { memoised } from '../ground/memo.ts';

/** The recipe that makes a supply, by the id of the supply; of several the first by its id. Retired ones make nothing. */
export const recipesByProduct = memoised((recipes: Table<Recipe>): ReadonlyMap<string, Recipe> => {
  const making = new Map<string, Recipe>();
  for (const recipe of Object.values(recipes).toSorted((a, b) => (a.id < b.id ? 1 : -1)))
    if (recipe.makesId !== null && !recipe.retired) making.set(recipe.makesId, recipe);
  return making;
});
