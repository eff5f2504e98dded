import {
  ALLERGENS,
  counterFor,
  EMPTY_BOOK,
  otherRecipesFor,
  suppliesAsMade,
  type AllergenId,
  type Book,
  type Child,
  type KitchenOrder,
} from '@kobby/core';
import { expect, test } from 'vitest';
import { aChild, after } from '../../core/src/testing/home.ts';
import { demoGestures } from './index.ts';
import { tried } from './testing/odd-home.ts';

const demo = demoGestures().reduce<Book>((book, changes) => tried(book, changes), EMPTY_BOOK);
// A recipe that is made of what another one makes: paste goes into a dough.
const home = after(demo, {
  type: 'library/put-recipe',
  recipe: {
    id: 'stretchy-dough',
    title: 'Dough that stretches',
    kind: 'dough',
    minutes: 10,
    yields: { amount: 500, unit: 'mL' },
    ingredients: [
      { supplyId: 'lump-pan', amount: 300 },
      { supplyId: 'vegetable-oil', amount: 20 },
    ],
    swaps: [{ allergen: 'gluten', supplyId: 'lump-pan', insteadId: 'lump-rice', times: 1 }],
  },
});
const IDS = Object.keys(ALLERGENS) as AllergenId[];
const GLUTEN_GRAINS = new Set([
  'plain-flour',
  'oat-rings',
  'rolled-oats',
  'tube-pasta',
  'large-shells',
  'flour-paste',
]);

/** What is in a supply, read off the cupboard and the recipes without any of the product's own rules. */
function contents(id: string, within: readonly string[] = []): ReadonlySet<string> {
  const supply = home.supplies[id]!;
  const recipe = Object.values(home.recipes)
    .filter(({ makesId, retired }) => makesId === id && !retired)
    .toSorted((a, b) => (a.id < b.id ? -1 : 1))[0];
  const own = new Set<string>(supply.allergens);
  if ((own.has('wheat') || GLUTEN_GRAINS.has(id)) && !supply.glutenFree) own.add('gluten');
  if (!recipe || within.includes(id)) return own;
  return new Set([
    ...own,
    ...recipe.ingredients.flatMap((one) => [...contents(one.supplyId, [...within, id])]),
  ]);
}

const child = (allergens: readonly AllergenId[]): Child =>
  after(
    home,
    aChild('kim', '2022-06-01', { allergies: allergens.map((allergen) => ({ allergen, words: allergen })) }),
  ).children.kim!;
const order = (children: readonly Child[]): KitchenOrder => ({
  target: {
    kind: 'children',
    children: children.length + 3,
    share: { amount: 120, unit: 'mL' },
    spareShares: 0,
  },
  bowlMl: null,
  wanted: { without: [], onlyFood: false },
  system: 'metric',
  way: 'kept',
  children,
});

const pairs = IDS.flatMap((one, i) => IDS.slice(i).map((other) => [...new Set([one, other])]));

test('no mix that is made for a child holds what it must not meet, for every recipe and every two allergens', () => {
  let [own, none] = [0, 0];
  for (const recipe of Object.values(home.recipes))
    for (const allergens of pairs) {
      const kim = child(allergens);
      const counter = counterFor(recipe, suppliesAsMade(home), home.stockMoves, order([kim]));
      if (!counter.ok) continue;
      for (const mix of counter.mixes.filter(({ own: whose }) => whose?.children.includes(kim))) {
        own += 1;
        const held = mix.lines.flatMap(({ rounded }) => [...contents(rounded.portion.supply.id)]);
        expect(
          allergens.filter((one) => held.includes(one)),
          `${recipe.title} without ${allergens}`,
        ).toEqual([]);
      }
      none += counter.without.length;
      const meets = recipe.ingredients.some(({ supplyId }) =>
        allergens.some((one) => contents(supplyId).has(one)),
      );
      const isApart =
        counter.without.length + counter.mixes.filter(({ own: whose }) => whose !== null).length;
      expect([recipe.title, allergens, isApart > 0]).toEqual([recipe.title, allergens, meets]);
    }
  expect([own > 50, none > 5]).toEqual([true, true]);
});

test('children of whom none can share with the other each get a bowl of their own, or none', () => {
  const recipe = home.recipes['stretchy-dough' as never]!;
  const kim = child(['gluten']);
  const two = { ...child(['gluten', 'milk']), id: 'lou' as never };
  const counter = counterFor(recipe, suppliesAsMade(home), home.stockMoves, order([kim, two]));
  expect(
    counter.ok && counter.mixes.map(({ own }) => own?.children.map(({ id }) => id) ?? 'everyone'),
  ).toEqual(['everyone', ['kim', 'lou']]);
});

test('what another recipe of the same kind can do for a child is offered', () => {
  const kim = child(['wheat']);
  for (const recipe of Object.values(home.recipes))
    for (const other of otherRecipesFor(recipe, home.recipes, suppliesAsMade(home), kim)) {
      const counter = counterFor(other, suppliesAsMade(home), home.stockMoves, order([kim]));
      if (counter.ok) expect(counter.without).toEqual([]);
    }
});

test('gluten-free is what a label says: other grain without one is doubtful, and told', () => {
  const recipe = home.recipes['stretchy-dough' as never]!;
  const kim = child(['gluten']);
  const told = (book: Book) => {
    const counter = counterFor(recipe, suppliesAsMade(book), book.stockMoves, order([kim]));
    return counter.ok ? counter.mixes.at(-1)!.doubtful.map(({ id }) => id as string) : [];
  };
  expect(told(home)).toEqual([]);
  const supply = { ...home.supplies['rice-flour' as never]!, glutenFree: false };
  expect(told(after(home, { type: 'cupboard/put-supply', supply }))).toEqual(['lump-rice']);
});
