import { describe, expect, test } from 'vitest';
import type { ChangeInput } from '../../changes/index.ts';
import type { Properties } from '../../cupboard/index.ts';
import {
  A_MONDAY,
  aChild,
  aCorner,
  after,
  aMaterial,
  anActivity,
  aSupply,
  aSupplyAsWritten,
  inCorner,
  TEST_UNIT,
  testBook,
} from '../../testing/home.ts';
import { read } from '../answers/read.ts';
import { thingOf } from './inherit.ts';

const FOOD = { foodForm: 'soft', filler: 'none', foodOnly: 'all' } as const;
const food = (id: string, properties: Properties, rest: object = {}): ChangeInput =>
  aSupply(id, {
    category: 'food',
    properties: { ...FOOD, ...properties } as never,
    labelCheckedOn: '2027-03-01',
    ...rest,
  });
const recipe = (id: string, makesId: string, parts: readonly string[], rest: object = {}): ChangeInput => ({
  type: 'library/put-recipe',
  recipe: {
    id,
    title: id,
    kind: 'dough',
    ingredients: parts.map((supplyId) => ({ supplyId, amount: 1 })),
    yields: { amount: 1, unit: 'piece' },
    minutes: 5,
    makesId,
    ...rest,
  },
});

const book = testBook(
  aCorner('a'),
  aChild('kim', '2025-01-01', {
    allergies: [
      { allergen: 'gluten', words: 'coeliac' },
      { allergen: 'sesame', words: 'sesame' },
    ],
  }),
  food('flour', { ingredients: ['raw-flour'] }, { allergens: ['wheat'] }),
  food('oil', { ingredients: ['essential-oil'] }, { mayContain: ['sesame'] }),
  food('dough', { ingredients: [] }),
  anActivity('knead', { materials: [aMaterial('dough', 1)] }),
  inCorner('p', 'knead', 'a', 1, 1),
);
const made = after(book, recipe('mix', 'dough', ['flour', 'oil']));
const told = (base: typeof book): string[] =>
  read(base, TEST_UNIT, A_MONDAY)
    .headsUps.filter(({ row, rule }) => row !== undefined || rule === 'unknown')
    .map(({ row, level, rule }) => `${row ?? rule} ${level}`);

describe('what a recipe makes', () => {
  test('brings along allergens, traces and ingredients of everything that goes into it', () => {
    expect(told(book)).toEqual([]);
    expect(told(made).toSorted()).toEqual(['17 care', '36 care', '37 stop']);
  });

  test('loses in the pan only what heat takes away', () => {
    const properties = (cooked: boolean) => {
      const base = after(book, recipe('mix', 'dough', ['flour', 'oil'], { cooked }));
      return thingOf(base, 'dough')!.properties.ingredients;
    };
    expect(properties(false)).toEqual(['raw-flour', 'essential-oil']);
    expect(properties(true)).toEqual(['essential-oil']);
  });

  test('goes through recipes of recipes, and ends where they come round', () => {
    const nested = after(
      made,
      food('cake', { ingredients: [] }),
      recipe('bake', 'cake', ['dough']),
      anActivity('taste', { materials: [aMaterial('cake', 1)] }),
      { type: 'unit/unplace', placementId: 'p' },
      inCorner('q', 'taste', 'a', 1, 1),
    );
    expect(thingOf(nested, 'cake')!.allergens).toEqual(['wheat']);
    expect(told(nested)).toContain('37 stop');
    const round = after(nested, recipe('mix', 'dough', ['flour', 'oil', 'cake']));
    expect(thingOf(round, 'cake')!.allergens).toEqual(['wheat']);
    expect(told(round)).toContain('37 stop');
  });

  test('is unknown where an ingredient is, and its label unread where one of theirs is', () => {
    const unknown = after(
      book,
      aSupplyAsWritten('starch', { category: 'food', labelCheckedOn: '2027-03-01' }),
      recipe('mix', 'dough', ['starch']),
    );
    expect(told(unknown)).toEqual(['unknown care']);
    const unread = after(
      book,
      food('syrup', { ingredients: [] }, { labelCheckedOn: null }),
      recipe('mix', 'dough', ['syrup']),
    );
    expect(told(unread)).toEqual(['36 care']);
  });

  const beads = aSupply('beads', {
    category: 'craft-pieces',
    properties: { loosePart: { acrossMm: 9, longMm: 9, material: 'firm' } },
  });
  const part9 = { acrossMm: 9, longMm: 9, material: 'firm' };
  test.each<[string, object, object, Properties]>([
    ['beads pressed into it', {}, { loosePart: part9 }, { loosePart: part9 as never }],
    ['a gel that soaks', {}, { filler: 'gel-beads' }, { filler: 'gel-beads' }],
    ['hard seeds', {}, { foodForm: 'chokable' }, { foodForm: 'chokable' }],
    ['hard seeds, soaked', { shapeless: true }, { foodForm: 'chokable' }, { foodForm: 'soft' }],
    ['something hot', {}, { heat: true }, { heat: true }],
    ['loose magnets', {}, { magnet: 'loose' }, { magnet: 'loose' }],
    ['ice', {}, { iceMm: 20 }, { iceMm: 20 }],
    ['small hardware, dissolved', { shapeless: true }, { hardware: true }, {}],
  ])('hands on the shape and the heat of %s', (_, ingredient, properties, handed) => {
    const home = after(
      book,
      aSupply('oil', {
        category: 'food',
        properties: { ...FOOD, ingredients: [] },
        labelCheckedOn: '2027-03-01',
      }),
      aSupply('thing', { category: 'science', properties: { foodForm: 'none', ...properties } as never }),
      recipe('mix', 'dough', ['oil'], {
        ingredients: [
          { supplyId: 'oil', amount: 1 },
          { supplyId: 'thing', amount: 1, ...ingredient },
        ],
      }),
    );
    expect(thingOf(home, 'dough')!.properties).toMatchObject(handed);
    if (Object.keys(handed).length === 0) expect(thingOf(home, 'dough')!.properties.hardware).not.toBe(true);
  });

  test('does not hand on what cooking makes soft, and the smallest part is the one that counts', () => {
    const grains = food('grains', { foodForm: 'chokable', ingredients: [] });
    const cooked = after(book, grains, recipe('mix', 'dough', ['grains'], { cooked: true }));
    expect(thingOf(cooked, 'dough')!.properties.foodForm).not.toBe('chokable');
    expect(
      thingOf(after(book, grains, recipe('mix', 'dough', ['grains'])), 'dough')!.properties.foodForm,
    ).toBe('chokable');
    const larger = aSupply('larger', {
      category: 'craft-pieces',
      properties: { loosePart: { acrossMm: 40, longMm: 40, material: 'firm' } },
    });
    const both = after(book, beads, larger, recipe('mix', 'dough', ['larger', 'beads']));
    expect(thingOf(both, 'dough')!.properties.loosePart).toEqual(part9);
    const [ofToddler] = [told(both)];
    expect(ofToddler).toContain('1 stop');
  });

  test('is left alone when the recipe is retired, and without recipes a thing stays the same', () => {
    expect(told(after(book, recipe('mix', 'dough', ['flour'], { retired: true })))).toEqual([]);
    expect(thingOf(book, 'dough')).toBe(book.supplies['dough' as never]);
  });
});
