import { z } from 'zod';

/**
 * The allergens that Kobby knows by name: the nine of US law (FALCPA and the FASTER act), the fourteen of
 * EU regulation 1169/2011, and those of a playroom that are no food.
 */
export const ALLERGENS = {
  milk: 'milk',
  egg: 'egg',
  fish: 'fish',
  crustaceans: 'crustaceans',
  molluscs: 'molluscs',
  'tree-nuts': 'tree nuts',
  peanuts: 'peanuts',
  wheat: 'wheat',
  gluten: 'gluten',
  soy: 'soy',
  sesame: 'sesame',
  celery: 'celery',
  mustard: 'mustard',
  lupin: 'lupin',
  sulphites: 'sulphites',
  latex: 'latex',
  feather: 'feather',
  wool: 'wool',
  pollen: 'pollen',
  sting: 'insect stings',
} as const;
export type AllergenId = keyof typeof ALLERGENS;

export const allergenIdSchema = z.enum(
  Object.keys(ALLERGENS) as [AllergenId, ...AllergenId[]],
  'This is not one of the known allergens',
);

// What contains the first always contains the second.
const IMPLIED: Partial<Record<AllergenId, AllergenId>> = { wheat: 'gluten' };

/** The allergens given, with those that they always bring along: wheat brings gluten. */
export function withImplied(allergens: readonly AllergenId[]): ReadonlySet<AllergenId> {
  const all = new Set(allergens);
  for (const allergen of allergens) {
    const implied = IMPLIED[allergen];
    if (implied) all.add(implied);
  }
  return all;
}
