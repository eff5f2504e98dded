import { expect, test } from 'vitest';
import type { ChangeInput } from '../changes/index.ts';
import { aChild, after, aSupply, attempt, testBook } from '../testing/home.ts';
import { thingOf } from '../reading/kitchen/inherit.ts';
import { recipeBegun } from './recipe-begun.ts';

type RecipeInput = Extract<ChangeInput, { type: 'library/put-recipe' }>['recipe'];
const book = testBook(
  aChild('ada', '2022-01-01'),
  aSupply('oat', { unit: 'g', category: 'food', allergens: ['gluten'] }),
);
const oatDough = (rest: Partial<RecipeInput> = {}): RecipeInput => ({
  ...{ id: 'oat-dough', title: 'Oat dough', kind: 'dough', minutes: 10 },
  ingredients: [{ supplyId: 'oat', amount: 300 }],
  yields: { amount: 400, unit: 'g' },
  ...rest,
});
const BOTH = { supplyId: 'made', activityId: 'kneading' };

test('a recipe, what it makes and an activity for it are one step, that is one to undo', () => {
  const outcome = attempt(book, [...recipeBegun(oatDough(), BOTH)]);
  const now = after(book, ...recipeBegun(oatDough(), BOTH));
  expect(now.recipes['oat-dough']?.makesId).toBe('made');
  expect(now.supplies.made).toMatchObject({
    name: 'Oat dough',
    unit: 'g',
    category: 'made',
    use: 'consumable',
  });
  expect(now.activities.kneading?.content).toMatchObject({
    title: 'Oat dough',
    processes: [{ recipeId: 'oat-dough', for: 'child', when: 'with-children' }],
  });
  // What goes in speaks for what is made.
  expect(thingOf(now, 'made')?.allergens).toContain('gluten');
  expect(outcome.outcome === 'kept' && outcome.inverse).toBeTruthy();
});
test('alone it is only a recipe', () => {
  expect(recipeBegun(oatDough(), { supplyId: null, activityId: null }).map(({ type }) => type)).toEqual([
    'library/put-recipe',
  ]);
});
test('of parts by volume it makes millilitres', () => {
  const changes = recipeBegun(oatDough({ partMl: 100 }), BOTH);
  expect(changes[0]).toMatchObject({ supply: { unit: 'mL' } });
});
test('what cannot be read begins nothing', () => {
  expect(recipeBegun(oatDough({ title: '' }), BOTH).map(({ type }) => type)).toEqual(['library/put-recipe']);
  expect(() => attempt(book, [...recipeBegun(oatDough({ title: '' }), BOTH)])).toThrow();
});
