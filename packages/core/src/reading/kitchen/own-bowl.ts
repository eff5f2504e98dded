import { groupBy, type Table } from '../../book/index.ts';
import { brings, type Supply } from '../../cupboard/index.ts';
import { allergenName, type AllergenId, type Child } from '../../house/index.ts';
import type { Recipe } from '../../library/index.ts';
import { listed } from '../ground/finding.ts';
import { swappedRecipe, type Wanted } from './swapped.ts';

/** A bowl for those who must not meet what is in everyone's. */
export interface OwnBowl {
  readonly children: readonly Child[];
  /** What stays out of it: everything that one of them must not meet. */
  readonly without: readonly AllergenId[];
}

/** A child for whom no bowl can be made, and what would still be in it. */
export interface WithoutBowl {
  readonly child: Child;
  readonly without: readonly AllergenId[];
  /** No swap is written for these, or what is written brings something else that the child must not meet. */
  readonly left: readonly Supply[];
}

/** Who gets a bowl of their own, and who none. */
export interface Apart {
  readonly bowls: readonly OwnBowl[];
  readonly without: readonly WithoutBowl[];
}

/** For what no swap is written, and why it has to stay out: `Wheat flour (gluten)`. */
export const leftText = ({ without, left }: WithoutBowl): string =>
  listed(left.map((supply) => `${supply.name} (${listed(broughtOf(supply, without))})`));
/** Why a child gets nothing of it: `nothing for Tove: no swap for Wheat flour (gluten)`. */
export const noBowlText = (none: WithoutBowl): string =>
  `nothing for ${none.child.shownAs}: no swap for ${leftText(none)}`;
const broughtOf = (supply: Supply, without: readonly AllergenId[]): readonly string[] =>
  without.filter((one) => brings(supply, [one])).map((one) => allergenName(one));

const mustNotMeet = (child: Child): readonly AllergenId[] => [
  ...new Set(child.allergies.map(({ allergen }) => allergen)),
];

/**
 * Those who must not meet what goes into a recipe as it is wanted: in one bowl where its swaps keep out whatever any of them
 * must not meet, else each alone. Who would meet something even so gets none: a bowl with a name on it is a promise. `supplies`
 * as the cautions look at them.
 */
export function ownBowls(
  recipe: Recipe,
  supplies: Table<Supply>,
  wanted: Wanted,
  children: readonly Child[],
): Apart {
  const everyones = swappedRecipe(recipe, supplies, wanted).ingredients;
  const apart = children.filter((child) =>
    everyones.some(({ supplyId }) => supplies[supplyId] && brings(supplies[supplyId], mustNotMeet(child))),
  );
  if (apart.length === 0) return { bowls: [], without: [] };
  const leftFor = (without: readonly AllergenId[]): readonly Supply[] => {
    const all = [...new Set([...wanted.without, ...without])];
    const swapped = swappedRecipe(recipe, supplies, { ...wanted, without: all });
    return swapped.ingredients.flatMap(({ supplyId }) => {
      const supply = supplies[supplyId];
      return supply && brings(supply, without) ? [supply] : [];
    });
  };
  const together = [...new Set(apart.flatMap(mustNotMeet))];
  if (leftFor(together).length === 0) return { bowls: [{ children: apart, without: together }], without: [] };
  const alone = [...groupBy(apart, (child) => mustNotMeet(child).toSorted().join(' ')).values()].map(
    (alike) => {
      const without = mustNotMeet(alike[0]!);
      return { children: alike, without, left: leftFor(without) };
    },
  );
  return {
    bowls: alone.flatMap(({ children: alike, without, left }) =>
      left.length === 0 ? [{ children: alike, without }] : [],
    ),
    without: alone.flatMap(({ children: alike, without, left }) =>
      left.length === 0 ? [] : alike.map((child) => ({ child, without, left })),
    ),
  };
}

/** Other recipes of the same kind of which a child can have its share, by title. */
export const otherRecipesFor = (
  recipe: Recipe,
  recipes: Table<Recipe>,
  supplies: Table<Supply>,
  child: Child,
): readonly Recipe[] =>
  Object.values(recipes)
    .filter((one) => one.id !== recipe.id && one.kind === recipe.kind && !one.retired)
    .filter((one) => ownBowls(one, supplies, AS_IT_IS, [child]).without.length === 0)
    .toSorted((a, b) => a.title.localeCompare(b.title, 'en'));

/** A recipe as it is written. */
export const AS_IT_IS: Wanted = { without: [], onlyFood: false };
