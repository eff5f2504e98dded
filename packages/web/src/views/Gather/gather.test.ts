// @vitest-environment happy-dom
import { flushPromises } from '@vue/test-utils';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { plainDay } from '@kobby/core';
import {
  aChild,
  aMaterial,
  anActivity,
  aSupply,
  onDay,
  testBook,
} from '../../../../core/src/testing/home.ts';
import { openDesk } from '../../testing/desk.ts';
import GatherView from './GatherView.vue';

vi.mock('../../parts/BarChart.vue', () => ({ __esModule: true, default: { render: () => null } }));

const book = testBook(
  aChild('bo', '2022-01-01'),
  aSupply('flour', { name: 'Plain flour', unit: 'g', packs: [{ amount: 1000, price: 230 as never }] }),
  aSupply('cups', { name: 'Cups', use: 'reusable' }),
  {
    type: 'cupboard/record-stock',
    move: { id: 'm', supplyId: 'cups', kind: 'counted', amount: 9, at: '2027-03-01T08:00:00.000Z' },
  },
  anActivity('bake', { mode: 'whole-group', materials: [aMaterial('flour', 300), aMaterial('cups', 2)] }),
  onDay('p', 'bake', 1),
);

let desk: Awaited<ReturnType<typeof openDesk>>;
beforeEach(async () => {
  desk = await openDesk(book, plainDay('2027-03-09'));
});
afterEach(() => {
  vi.unstubAllGlobals();
  document.body.innerHTML = '';
});

test('a day that is over is taken out of the stock in one step that can be undone', async () => {
  const page = desk.place(GatherView);
  await flushPromises();
  const button = page.findAll('button').find((one) => /Day 1/.test(one.text()));
  expect(button).toBeDefined();
  await button!.trigger('click');
  expect(Object.values(desk.store.book.usedDays)).toMatchObject([{ day: 1 }]);
  desk.store.undo();
  expect(Object.values(desk.store.book.usedDays)).toEqual([]);
});

test('says what has to be bought, and that nothing is to be gathered yet', async () => {
  const ahead = await openDesk(book);
  const page = ahead.place(GatherView);
  await flushPromises();
  expect(page.get('[data-test="supply-flour"]').text()).toContain('300 g');
  expect(page.get('[data-test="supply-cups"]').text()).toContain('Cups');
  const empty = (await openDesk(testBook(aChild('bo', '2022-01-01')))).place(GatherView);
  await flushPromises();
  expect(empty.text()).toContain('Nothing to gather yet.');
  expect(empty.text()).not.toContain('flour');
});

test('what a line costs, and how much of it is here, is put right where it is seen', async () => {
  const ahead = await openDesk(book);
  const page = ahead.place(GatherView);
  await flushPromises();
  const sheetOf = async (supply: string, price: string, count: string) => {
    await page.get(`[data-test="supply-${supply}"] .price`).trigger('click');
    await flushPromises();
    const field = (name: string) => document.querySelector<HTMLInputElement>(`input[name="${name}"]`)!;
    for (const [name, text] of [
      ['packs.0.price', price],
      ['counted', count],
    ] as const) {
      field(name).value = text;
      field(name).dispatchEvent(new Event('input', { bubbles: true }));
      field(name).dispatchEvent(new Event('change', { bubbles: true }));
      await flushPromises();
    }
    document.querySelector<HTMLElement>('.sheet-form')!.dispatchEvent(new Event('submit'));
    await flushPromises();
  };
  expect(page.get('[data-test="supply-flour"] .price').text()).toBe('$2.30');
  await sheetOf('flour', '2.75', '100');
  const flour = ahead.store.book.supplies['flour']!;
  expect([flour.packs, page.get('[data-test="supply-flour"] .price').text()]).toEqual([
    [expect.objectContaining({ amount: 1000, price: 275, pricedOn: '2027-03-08' })],
    '$2.75',
  ]);
  expect(Object.values(ahead.store.book.stockMoves)).toContainEqual(
    expect.objectContaining({ supplyId: 'flour', kind: 'counted', amount: 100 }),
  );
});
