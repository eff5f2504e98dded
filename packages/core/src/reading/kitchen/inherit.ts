import { asksOf, brings, hasLabel, type Properties, type Supply } from '../../cupboard/index.ts';
import type { Recipe } from '../../library/index.ts';
import { toNumber } from '../../measure/index.ts';
import { unique, type Table } from '../../book/index.ts';
import { answer } from '../ground/answer.ts';
import { HANDED_ON, handedOnBy } from './handed-on.ts';
import { onlyFoodOf, saltShareOf, SALTY_PERCENT } from './made-of.ts';
import { recipesByProduct } from './products.ts';

/** What heat takes away: the rest stays in whatever is made. */
const GONE_WHEN_COOKED: ReadonlySet<string> = new Set([
  'raw-flour',
  'raw-egg',
  'egg-on-hands',
  'raw-kidney-bean',
]);

/**
 * A supply as the cautions look at it; null when it is gone. What a recipe of the home makes brings along what every ingredient
 * brings, through recipes of recipes too. What nobody recorded of an ingredient is not known of the product either, and its label
 * counts as read when all of theirs were.
 */
export const thingOf = answer((look, id: string): Supply | null => thingWithin(look, id, ''));

/**
 * All supplies as the cautions look at them, by their ids: for whoever works out what somebody must not meet. The same table as
 * long as nothing that is made is made of anything else.
 */
export const suppliesAsMade = answer((look): Table<Supply> => {
  const supplies = look.table('supplies');
  const made = [...recipesByProduct(look.table('recipes')).keys()].flatMap((id) => thingOf(look, id) ?? []);
  return made.length === 0
    ? supplies
    : { ...supplies, ...Object.fromEntries(made.map((one) => [one.id, one])) };
});

// A recipe that needs its own product, through whichever others, ends where it comes round.
const thingWithin = answer((look, id: string, within: string): Supply | null => {
  const supply = look.one('supplies', id);
  const recipe = recipeMaking(look, id);
  if (!supply || !recipe || within.split(' ').includes(id)) return supply;
  const parts = recipe.ingredients.flatMap(
    ({ supplyId }) => thingWithin(look, supplyId, `${within} ${id}`) ?? [],
  );
  return inheriting(supply, parts, recipe);
});

const recipeMaking = answer(
  (look, id: string): Recipe | null => recipesByProduct(look.table('recipes')).get(id) ?? null,
);

// Looked at is what somebody looked at in every part.
const freeOfAll = (supply: Supply, parts: readonly Supply[]): Supply['freeOf'] =>
  parts.length === 0
    ? supply.freeOf
    : parts[0]!.freeOf.filter((one) => parts.every(({ freeOf }) => freeOf.includes(one)));

const isFreeOfGluten = (part: Supply): boolean =>
  !brings(part, ['gluten']) && (part.glutenFree || part.properties.grain === 'none');

function inheriting(supply: Supply, parts: readonly Supply[], recipe: Recipe): Supply {
  const all = [supply, ...parts];
  const read = parts.filter(hasLabel).map(({ labelCheckedOn }) => labelCheckedOn);
  return {
    ...supply,
    allergens: unique(all.flatMap(({ allergens }) => allergens)),
    mayContain: unique(all.flatMap(({ mayContain }) => mayContain)),
    freeOf: freeOfAll(supply, parts.filter(hasLabel)),
    // A label says so, or nothing in it is grain: nobody guesses.
    glutenFree: parts.length > 0 && parts.every(isFreeOfGluten),
    labelCheckedOn: read.includes(null) ? null : (read.toSorted()[0] ?? supply.labelCheckedOn),
    properties: inheritedProperties(supply, parts, recipe),
  };
}

// What is kneaded, painted or poured by hand, with whatever is raw in it.
const isForHands = ({ kind }: Recipe): boolean => kind !== 'food' && kind !== 'science';

// The grain that counts: what is labelled free of gluten counts as none. Nothing where nobody looked.
function grainOf(parts: readonly Supply[]): Properties['grain'] {
  const grains = parts.map(({ glutenFree, properties }) => (glutenFree ? 'none' : properties.grain));
  for (const one of ['gluten', undefined, 'other'] as const) if (grains.includes(one)) return one;
  return 'none';
}

// What of a product follows from what goes into it, whatever is written down of the product itself.
const ANEW: ReadonlySet<string> = new Set(['ingredients', 'saltPercent', 'foodOnly', 'grain', ...HANDED_ON]);
const without = (properties: Properties, ids: ReadonlySet<string>): Properties =>
  Object.fromEntries(Object.entries(properties).filter(([id]) => !ids.has(id)));

function inheritedProperties(supply: Supply, parts: readonly Supply[], recipe: Recipe): Properties {
  const { ingredients: own, foodOnly, glitter: ownGlitter } = supply.properties;
  const grain = grainOf(parts);
  const table = Object.fromEntries(parts.map((part) => [part.id, part]));
  const salt = saltShareOf(recipe.ingredients, table, recipe.partMl);
  const isSalty = !salt.known || salt.share.mul(100).gt(SALTY_PERCENT);
  const food = onlyFoodOf(recipe.ingredients, table, recipe.cooked).answer;
  const isUnknown = ({ category, properties }: Supply): boolean =>
    asksOf(category).includes('ingredients') && properties.ingredients === undefined;
  const brought = parts
    .flatMap(({ properties }) => properties.ingredients ?? [])
    .filter((one) => !recipe.cooked || !GONE_WHEN_COOKED.has(one))
    .flatMap((one) => (one === 'raw-egg' && isForHands(recipe) ? [one, 'egg-on-hands' as const] : [one]))
    // Much salt is in it only where much salt is in the whole.
    .filter((one) => one !== 'salt' || isSalty);
  const glitter = ownGlitter || parts.some(({ properties }) => properties.glitter);
  return {
    ...without(supply.properties, ANEW),
    ...handedOnBy(supply, parts, recipe),
    ...(glitter ? { glitter: true } : {}),
    ...(grain ? { grain } : {}),
    ...(salt.known ? { saltPercent: salt.share.equals(0) ? 'none' : toNumber(salt.share.mul(100)) } : {}),
    // No is no, whoever says it; yes takes everything in it.
    ...(foodOnly === 'no' || food === 'no'
      ? { foodOnly: 'no' }
      : food === 'unknown'
        ? {}
        : { foodOnly: food }),
    // What is known to be in it counts; with nothing known and an ingredient that nobody looked at, it is unknown.
    ...(parts.some(isUnknown) && brought.length === 0
      ? {}
      : { ingredients: unique([...(own ?? []), ...brought]) }),
  };
}
