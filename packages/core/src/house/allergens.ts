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
type KnownAllergen = keyof typeof ALLERGENS;
/** One that a family names and Kobby does not know: in its words, mapped to supplies by the home. */
type OwnAllergen = `own:${string}`;
export type AllergenId = KnownAllergen | OwnAllergen;

const OWN = /^own:[\p{Ll}\p{N}]+(?:-[\p{Ll}\p{N}]+)*$/u;
const MOST_LETTERS = 60;

export const allergenIdSchema = z
  .string('An allergen is needed here')
  .max(MOST_LETTERS, `At most ${MOST_LETTERS} letters fit here`)
  .refine(
    (id) => Object.hasOwn(ALLERGENS, id) || OWN.test(id),
    'This is not one of the known allergens, nor words of a family',
  ) as unknown as z.ZodType<AllergenId, AllergenId>;

/**
 * The allergen that a family names in words of its own: a known one where the words are its name, else one of the home's own.
 * The same for the same words, however they are written. Null where there is not one letter.
 */
export function allergenNamed(words: string): AllergenId | null {
  const plain = words.normalize('NFC').toLowerCase();
  const known = Object.entries(ALLERGENS).find(([, name]) => name === plain.trim());
  if (known) return known[0] as KnownAllergen;
  const slug = plain.replaceAll(/[^\p{Ll}\p{N}]+/gu, '-').replaceAll(/^-|-$/g, '');
  return slug === '' ? null : `own:${slug.slice(0, MOST_LETTERS - 4).replace(/-$/, '')}`;
}

/** Whether an allergen is one of the home's own: then nobody but the home can say what holds it. */
export const isOwnAllergen = (id: AllergenId): boolean => !Object.hasOwn(ALLERGENS, id);

/** What an allergen is called: `tree nuts`, `red kiwi`. */
export const allergenName = (id: AllergenId): string =>
  isOwnAllergen(id) ? id.slice('own:'.length).replaceAll('-', ' ') : ALLERGENS[id as KnownAllergen];

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
