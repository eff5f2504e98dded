// @vitest-environment happy-dom
import { flushPromises } from '@vue/test-utils';
import { afterEach, expect, test, vi } from 'vitest';
import { aChild, aSupply, TEST_UNIT, testBook } from '../../../core/src/testing/home.ts';
import { recentlyUsed, rememberUsed } from '../state/recent.ts';
import { openDesk } from '../testing/desk.ts';
import FindSheet from './FindSheet.vue';
import InkBand from './InkBand.vue';

const book = testBook(
  aChild('ada', '2022-01-01', { name: 'Ada Brook' }),
  aSupply('pegs', { name: 'Clothes pegs', keptIn: 'B3' }),
);
afterEach(() => {
  document.body.innerHTML = '';
  vi.unstubAllGlobals();
});
// A sheet is fetched when it is first opened.
const SLOW = { timeout: 20_000 };
const words = (): string => document.body.textContent ?? '';
const found = (): Element[] => [...document.querySelectorAll('[data-test="found"]')];
const field = (): HTMLInputElement => document.querySelector<HTMLInputElement>('input[name="find"]')!;
async function type(text: string): Promise<void> {
  field().value = text;
  field().dispatchEvent(new Event('input'));
  await flushPromises();
}
async function strike(key: string): Promise<void> {
  field().dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
  await flushPromises();
}
async function open(used: readonly string[] = []) {
  const desk = await openDesk(book);
  for (const key of used) rememberUsed(key);
  await desk.router.push('/cupboard');
  const page = desk.alone(FindSheet);
  await flushPromises();
  return { ...desk, page };
}

test('a thing is found with where it is and opened where one is; it stands first the next time', async () => {
  const { page, router } = await open();
  await type('pegs');
  expect(found()[0]!.textContent).toContain('B3');
  await strike('Enter');
  await vi.waitFor(() => expect(document.querySelector('input[name="name"]')).not.toBeNull(), SLOW);
  expect([router.currentRoute.value.path, recentlyUsed()]).toEqual(['/cupboard', ['supplies/pegs']]);
  page.unmount();
}, 30_000);

test('before anything is typed what was used lately is there', async () => {
  await open(['supplies/pegs']);
  expect(found().map((one) => one.textContent)).toEqual([expect.stringContaining('Clothes pegs')]);
});

test('arrows choose, a page is gone to, and what is printed for all days unless one is named', async () => {
  const { router, page } = await open();
  await type('folder 2');
  expect(found()[0]!.textContent).toContain('Folder sheet, Day 2');
  await strike('Enter');
  const wanted = `/units/${TEST_UNIT}/print/folder?day=2`;
  await vi.waitFor(() => expect(router.currentRoute.value.fullPath).toBe(wanted));
  expect(page.emitted('close')).toHaveLength(1);
  document.body.innerHTML = '';
  const again = await open();
  await type('folder');
  await strike('ArrowDown');
  await strike('ArrowUp');
  await strike('Enter');
  await vi.waitFor(() => expect(again.router.currentRoute.value.query).toEqual({ day: 'all' }));
});

test('nonsense is told, and Enter does nothing', async () => {
  const { page } = await open();
  await type('qqq <b>zz');
  expect(words()).toContain('Nothing is called like this');
  await strike('Enter');
  expect(page.emitted('close')).toBeUndefined();
});

test('the band: keys open what they say, not while somebody types; a step back says what it took back', async () => {
  const { alone, store } = await openDesk(book);
  const band = alone(InkBand, { title: 'Kites' });
  const key = async (name: string, target: EventTarget = document.body): Promise<void> => {
    target.dispatchEvent(new KeyboardEvent('keydown', { key: name, bubbles: true, cancelable: true }));
    await flushPromises();
  };
  const typing = document.body.appendChild(document.createElement('input'));
  await key('?', typing);
  expect(words()).not.toContain('Take the last step back');
  await key('?');
  await vi.waitFor(() => expect(words()).toContain('Take the last step back'));
  expect(band.get('[aria-label="Undo"]').attributes('disabled')).toBeDefined();
  store.perform([{ type: 'house/put-person', person: { id: 'wren', name: 'Wren', role: 'assistant' } }]);
  await flushPromises();
  const label = store.history.undo.at(-1)!.entry.label;
  await band.get(`[aria-label="Undo: ${label}"]`).trigger('click');
  expect(band.get('.said').text()).toBe(`Taken back: ${label}`);
  await band.get(`[aria-label="Redo: ${label}"]`).trigger('click');
  expect(band.get('.said').text()).toBe(`Done again: ${label}`);
});
