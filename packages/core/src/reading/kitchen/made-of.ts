import type { Table } from '../../book/index.ts';
import type { Supply } from '../../cupboard/index.ts';
import type { Ingredient } from '../../library/index.ts';
import { exact, sumOf, toNumber, type Exact } from '../../measure/index.ts';
import { converted } from './convert.ts';

/** Whether something is made only of food: as it is, once cooked, no, or not known because of something in it. */
export interface OnlyFood {
  readonly answer: 'all' | 'when-cooked' | 'no' | 'unknown';
  /** What makes it so: what is no food, has to be cooked, or was never looked at. */
  readonly because: readonly Supply[];
}

/**
 * Whether everything in a mix is food, colour and scent included: the weakest ingredient decides. What needs cooking
 * counts as food once the mix is cooked.
 */
export function onlyFoodOf(
  ingredients: readonly Pick<Ingredient, 'supplyId'>[],
  supplies: Table<Supply>,
  isCooked: boolean,
): OnlyFood {
  const parts = ingredients.flatMap(({ supplyId }) => supplies[supplyId] ?? []);
  const those = (answer: Supply['properties']['foodOnly']) =>
    parts.filter(({ properties }) => properties.foodOnly === answer);
  const no = those('no');
  if (no.length > 0) return { answer: 'no', because: no };
  const unknown = those(undefined);
  if (unknown.length > 0 || parts.length < ingredients.length) return { answer: 'unknown', because: unknown };
  const raw = those('when-cooked');
  return raw.length > 0 && !isCooked
    ? { answer: 'when-cooked', because: raw }
    : { answer: 'all', because: [] };
}

/** Above this it is much salt: one ninth by weight, Kobby's own cautious choice. */
export const SALTY_PERCENT = 100 / 9;

/** How salty a mix is. */
export type SaltShare =
  | { readonly known: true; readonly share: Exact }
  /** Some of it was never weighed. */
  | { readonly known: false; readonly because: readonly Supply[] };

/**
 * The share of salt in a mix by mass, water counted in. A supply is salt where `saltPercent` says how much, or where much
 * salt is noted among its ingredients. Volumes count by their density; where one is missing, the share is not known, unless
 * there is no salt at all.
 */
export function saltShareOf(
  ingredients: readonly Pick<Ingredient, 'supplyId' | 'amount'>[],
  supplies: Table<Supply>,
  partMl: number | null = null,
): SaltShare {
  const parts = ingredients.flatMap(({ supplyId, amount }) => {
    const supply = supplies[supplyId];
    return supply ? [{ supply, amount: exact(amount), salt: saltOf(supply) }] : [];
  });
  if (parts.every(({ salt }) => salt === 0)) return { known: true, share: exact(0) };
  const weighed = parts.map(({ supply, amount, salt }) => {
    const unit = partMl === null ? supply.unit : 'mL';
    const grams = converted(partMl === null ? amount : amount.mul(exact(partMl)), unit, 'g', supply);
    return { supply, grams: grams.ok ? grams.amount : null, salt };
  });
  const unknown = weighed.filter(({ grams }) => grams === null).map(({ supply }) => supply);
  // What is counted in pieces, such as an egg, only makes it less salty.
  const missing = unknown.filter(({ unit }) => unit !== 'piece');
  if (missing.length > 0) return { known: false, because: missing };
  const known = weighed.flatMap(({ grams, salt }) => (grams === null ? [] : [{ grams, salt }]));
  const all = sumOf(known.map(({ grams }) => grams));
  if (all.equals(0)) return { known: true, share: exact(0) };
  return { known: true, share: sumOf(known.map(({ grams, salt }) => grams.mul(exact(salt)))).div(all) };
}

/** The part of a supply that is salt, 0 to 1. */
function saltOf({ properties }: Supply): number {
  if (typeof properties.saltPercent === 'number') return properties.saltPercent / 100;
  if (properties.saltPercent === 'none') return 0;
  return properties.ingredients?.includes('salt') ? 1 : 0;
}

/** The share as it is told: `12 %`. */
export const percentText = (share: Exact): string => `${Math.round(toNumber(share) * 1000) / 10} %`;
