import { CRAFT_SUPPLIES } from './craft.ts';
import { KITCHEN_SUPPLIES } from './kitchen.ts';
import { SUPPLY_PICTURES } from './pictures.ts';
import { MORE_SUPPLIES } from './more.ts';
import { PLAY_SUPPLIES } from './play.ts';
import type { StarterSupply } from './builders.ts';

/**
 * What a home is likely to have, with honest properties. Prices and shops are made up; densities are typical ones
 * for loose filling, good to fifteen in a hundred.
 */
export const STARTER_SUPPLIES: readonly StarterSupply[] = [
  ...KITCHEN_SUPPLIES,
  ...CRAFT_SUPPLIES,
  ...PLAY_SUPPLIES,
  ...MORE_SUPPLIES,
].map((one) => {
  const id = SUPPLY_PICTURES.get(one.supply.id);
  return id ? { ...one, supply: { ...one.supply, picture: { from: 'kobby', id } } } : one;
});

/** How much an ordinary home has of each supply that one is likely to have, in its unit: what a new home is proposed before it counts. */
export const usualStock = (): Readonly<Record<string, number>> =>
  Object.fromEntries(
    STARTER_SUPPLIES.filter(({ stock }) => stock > 0).map(({ supply, stock }) => [supply.id, stock]),
  );
