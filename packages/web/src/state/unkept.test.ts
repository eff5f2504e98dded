// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { testBook } from '../../../core/src/testing/home.ts';
import ClosureSheet from '../parts/ClosureSheet.vue';
import { openDesk } from '../testing/desk.ts';
import PersonSheet from '../views/People/PersonSheet.vue';
import { layOver, takeOffTop } from './laid-over.ts';
import { forgetTyped, keepTyped, openTyped, textAt, typedAt } from './typed.ts';

beforeEach(() => forgetTyped());
afterEach(async () => {
  vi.unstubAllGlobals();
  document.body.innerHTML = '';
  await forgetTyped();
});

const BACK = 'What you typed last time is here again';
const words = () => document.body.textContent ?? '';
const field = (name: string) =>
  [...document.querySelectorAll('label')]
    .find((label) => label.textContent?.startsWith(name))!
    .closest('.v-input')!
    .querySelector('input')!;
async function fill(name: string, text: string): Promise<void> {
  const input = field(name);
  input.value = text;
  input.dispatchEvent(new Event('input'));
  await Promise.resolve();
}
const press = async (text: string): Promise<void> => {
  const found = [...document.querySelectorAll('button')].find((one) => one.textContent?.trim() === text)!;
  found.click();
  await new Promise((done) => setTimeout(done));
};

async function open(sheet: typeof ClosureSheet | typeof PersonSheet, props: object = {}) {
  const desk = await openDesk(testBook());
  document.body.innerHTML = '';
  const page = desk.alone(sheet as never, props as never);
  await new Promise((done) => setTimeout(done));
  return { ...desk, page };
}

test('what was typed into a sheet that was laid aside is there when it opens again', async () => {
  const first = await open(PersonSheet, { id: null });
  expect(words()).not.toContain(BACK);
  await fill('Name', 'Wren');
  first.page.unmount();
  const second = await open(PersonSheet, { id: null });
  expect([field('Name').value, words().includes(BACK)]).toEqual(['Wren', true]);
  await press('Begin anew');
  expect([field('Name').value, words().includes(BACK)]).toEqual(['', false]);
  second.page.unmount();
});

test('what was kept is not there again', async () => {
  const first = await open(PersonSheet, { id: null });
  await fill('Name', 'Wren');
  await press('Keep');
  expect(Object.values(first.store.book.people).map(({ name }) => name)).toContain('Wren');
  first.page.unmount();
  const second = await open(PersonSheet, { id: null });
  expect([field('Name').value, words().includes(BACK)]).toEqual(['', false]);
  second.page.unmount();
});

test('one form does not have what was typed into another', async () => {
  const first = await open(ClosureSheet);
  await fill('Why', 'Painting');
  first.page.unmount();
  const second = await open(PersonSheet, { id: null });
  expect([field('Name').value, words().includes(BACK)]).toEqual(['', false]);
  second.page.unmount();
});

test('it outlives the tab, ciphered, for a fortnight; signing out takes it', async () => {
  keepTyped('place', 'half a word');
  keepTyped('other', 'gone');
  keepTyped('other', undefined);
  await new Promise((done) => setTimeout(done, 400));
  const anotherTab = async () => {
    sessionStorage.clear();
    vi.resetModules();
    const fresh = await import('./typed.ts');
    await fresh.openTyped();
    return [fresh.textAt('place'), fresh.typedAt('other')];
  };
  expect(await anotherTab()).toEqual(['half a word', undefined]);
  const later = vi.spyOn(Date, 'now').mockReturnValue(Date.now() + 15 * 86_400_000);
  expect(await anotherTab()).toEqual(['', undefined]);
  later.mockRestore();
  keepTyped('place', 'more');
  await forgetTyped();
  await openTyped();
  expect([textAt('place'), typedAt('place')]).toEqual(['', undefined]);
});

test('what lies over the page is taken off from the top, and what is gone is not', () => {
  const off: string[] = [];
  const one = layOver(() => off.push('one'));
  const two = layOver(() => off.push('two'));
  expect([takeOffTop(), off]).toEqual([true, ['two']]);
  two();
  expect([takeOffTop(), off]).toEqual([true, ['two', 'one']]);
  one();
  expect(takeOffTop()).toBe(false);
});
