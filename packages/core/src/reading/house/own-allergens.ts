import { allergenName, isOwnAllergen, type AllergenId } from '../../house/index.ts';
import { answer } from '../ground/answer.ts';

/** The allergens that only this home knows of, by their ids with what they are called: those of its children, and of its things. */
export const allergensNamedIn = answer((look): Readonly<Record<string, string>> => {
  const ofChildren = Object.values(look.table('children')).flatMap(({ allergies }) =>
    allergies.map(({ allergen }) => allergen),
  );
  const ofThings = Object.values(look.table('supplies')).flatMap((supply) => [
    ...supply.allergens,
    ...supply.mayContain,
    ...supply.freeOf,
  ]);
  const own = new Set<AllergenId>([...ofChildren, ...ofThings].filter(isOwnAllergen));
  return Object.fromEntries([...own].toSorted().map((id) => [id, allergenName(id)]));
});
