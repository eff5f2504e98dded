// @vitest-environment happy-dom
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { nextTick } from 'vue';
import { aChild, aSupplyAsWritten, testBook } from '../../../../core/src/testing/home.ts';
import { openDesk } from '../../testing/desk.ts';
import SupplySheet from '../Cupboard/SupplySheet.vue';
import ChildSheet from './ChildSheet.vue';

let desk: Awaited<ReturnType<typeof openDesk>>;
beforeEach(async () => {
  desk = await openDesk(testBook(aChild('kim', '2022-01-01'), aSupplyAsWritten('jam', { category: 'food' })));
});
afterEach(() => {
  vi.unstubAllGlobals();
  document.body.innerHTML = '';
});
const settled = async (): Promise<void> => {
  for (let i = 0; i < 5; i += 1) await nextTick();
};
const field = (name: string): HTMLInputElement => document.querySelector(`input[name="${name}"]`)!;
const press = async (text: string): Promise<void> => {
  [...document.querySelectorAll('button')].find((one) => one.textContent?.trim() === text)!.click();
  await settled();
};

test('an allergy in the words of the family is kept at once, and the cupboard asks for it', async () => {
  desk.alone(ChildSheet, { id: 'kim' });
  await settled();
  const words = field('ownAllergen');
  words.value = 'Red kiwi';
  words.dispatchEvent(new Event('input'));
  await settled();
  await press('Add it');
  expect(desk.store.book.children['kim' as never]!.allergies).toEqual([
    { allergen: 'own:red-kiwi', words: 'Red kiwi' },
  ]);
  document.body.innerHTML = '';
  desk.alone(SupplySheet, { id: 'jam' });
  await settled();
  field('freeOf.own:red-kiwi').click();
  await settled();
  expect(desk.store.book.supplies['jam' as never]!.freeOf).toEqual(['own:red-kiwi']);
});

test('what a thing has is pressed, one more press says that it has none of the others, and what is food stays open', async () => {
  desk.alone(SupplySheet, { id: 'jam' });
  await settled();
  // What it has is pressed first.
  await press('Dusty when dry');
  expect(desk.store.book.supplies['jam' as never]!.properties).toEqual({ dust: true });
  await press('None of the others');
  expect(desk.store.book.supplies['jam' as never]!.properties).toMatchObject({
    foodForm: 'none',
    grain: 'none',
    ingredients: [],
    dust: true,
  });
  expect(desk.store.book.supplies['jam' as never]!.properties.foodOnly).toBeUndefined();
});
