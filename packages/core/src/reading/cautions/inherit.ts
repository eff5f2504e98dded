import type { Table } from '../../book/index.ts';
import { CATEGORIES, type Properties, type Supply } from '../../cupboard/index.ts';
import type { Recipe } from '../../library/index.ts';
import { memoised } from '../memo.ts';

/** What heat takes away: the rest stays in whatever is made. */
const GONE_WHEN_COOKED: ReadonlySet<string> = new Set(['raw-flour', 'raw-egg', 'raw-kidney-bean']);

/**
 * The supplies as the cautions look at them: what a recipe of the home makes brings along what every ingredient
 * brings, through recipes of recipes too. What nobody recorded of an ingredient is not known of the product either, and
 * its label counts as read when all of theirs were. The same table back when no recipe makes a supply.
 */
export const withInherited = memoised((supplies: Table<Supply>, recipes: Table<Recipe>): Table<Supply> => {
  const making = new Map<string, Recipe>();
  for (const recipe of Object.values(recipes))
    if (recipe.makesId !== null && !recipe.retired) making.set(recipe.makesId, recipe);
  if (making.size === 0) return supplies;
  // A recipe that needs its own product, through whichever others, ends where it comes round.
  const lookAt = (id: string, within: ReadonlySet<string>): Supply | undefined => {
    const supply = supplies[id];
    const recipe = making.get(id);
    if (!supply || !recipe || within.has(id)) return supply;
    const inside = new Set([...within, id]);
    const parts = recipe.ingredients.flatMap(({ supplyId }) => lookAt(supplyId, inside) ?? []);
    return inheriting(supply, parts, recipe.cooked);
  };
  return Object.fromEntries(
    Object.entries(supplies).map(([id, supply]) => [id, lookAt(id, new Set()) ?? supply]),
  );
});

const unique = <T>(values: readonly T[]): T[] => [...new Set(values)];

function inheriting(supply: Supply, parts: readonly Supply[], cooked: boolean): Supply {
  const all = [supply, ...parts];
  const read = parts.map(({ labelCheckedOn }) => labelCheckedOn);
  return {
    ...supply,
    allergens: unique(all.flatMap(({ allergens }) => allergens)),
    mayContain: unique(all.flatMap(({ mayContain }) => mayContain)),
    glutenFree: parts.every(({ glutenFree, allergens }) => glutenFree || allergens.length === 0),
    labelCheckedOn: read.includes(null) ? null : (read.toSorted()[0] ?? supply.labelCheckedOn),
    properties: inheritedProperties(supply, parts, cooked),
  };
}

function inheritedProperties(supply: Supply, parts: readonly Supply[], cooked: boolean): Properties {
  const { ingredients: own, ...rest } = supply.properties;
  const isUnknown = ({ category, properties }: Supply): boolean =>
    (CATEGORIES[category].asks as readonly string[]).includes('ingredients') &&
    properties.ingredients === undefined;
  const brought = parts
    .flatMap(({ properties }) => properties.ingredients ?? [])
    .filter((one) => !cooked || !GONE_WHEN_COOKED.has(one));
  const glitter = supply.properties.glitter || parts.some(({ properties }) => properties.glitter);
  return {
    ...rest,
    ...(glitter ? { glitter: true } : {}),
    // What is known to be in it counts; with nothing known and an ingredient that nobody looked at, it is unknown.
    ...(parts.some(isUnknown) && brought.length === 0
      ? {}
      : { ingredients: unique([...(own ?? []), ...brought]) }),
  };
}
