import { supplySchema, type Inside, type Supply, type Table } from '@kobby/core';

/** The id under which a tub stands that is no supply of the home: only its size is known. */
export const OWN_TUB = 'tub-by-size';

/** The supplies with a tub by its size among them; without it while the size is not written in full. */
export function withOwnTub(supplies: Table<Supply>, inside: Inside): Table<Supply> {
  const tub = supplySchema.safeParse({
    id: OWN_TUB,
    name: 'This tub',
    category: 'containers',
    unit: 'piece',
    use: 'reusable',
    keptIn: null,
    allergens: [],
    inside,
  });
  return tub.success ? { ...supplies, [OWN_TUB]: tub.data } : supplies;
}
