// @vitest-environment happy-dom
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import {
  aChild,
  after,
  aMaterial,
  anActivity,
  aSupply,
  onDay,
  TEST_UNIT,
  testBook,
} from '../../../../core/src/testing/home.ts';
import { openDesk } from '../../testing/desk.ts';
import ShopView from './ShopView.vue';

const book = testBook(
  aChild('bo', '2022-01-01'),
  aSupply('flour', {
    name: 'Plain flour',
    unit: 'g',
    packs: [{ amount: 1000, price: 230 as never, shop: 'Corner shop' }],
  }),
  aSupply('string', { name: 'Kite string' }),
  aSupply('lids', { name: 'Jar lids', got: 'families', gotFrom: 'the Brooks' }),
  anActivity('bake', {
    mode: 'whole-group',
    materials: [aMaterial('flour', 300), aMaterial('string', 2), aMaterial('lids', 3)],
  }),
  onDay('p', 'bake', 3),
  { type: 'cupboard/put-wish', wish: { id: 'w', words: 'Old clocks' } },
);

let desk: Awaited<ReturnType<typeof openDesk>>;
beforeEach(async () => {
  desk = await openDesk(book);
});
afterEach(() => {
  vi.unstubAllGlobals();
  document.body.innerHTML = '';
});
const shopping = async (unitId: string = TEST_UNIT) => {
  await desk.router.push(`/units/${unitId}/shop`);
  return desk.alone(ShopView);
};
const partsOf = (name: string, page: Awaited<ReturnType<typeof shopping>>): string[] =>
  page.findAll(`[data-test="shop-${name}"] :is(b, small, .amount)`).map((one) => one.text());

test('the list goes by shop, what is not bought last, with packs and prices', async () => {
  const page = await shopping();
  expect(page.findAll('h2').map((one) => one.text())).toEqual([
    'Any shop',
    'Corner shop',
    'From families',
    'For later, if it turns up',
  ]);
  expect(partsOf('flour', page)).toEqual(['Plain flour', '$2.30', '1 × 1 kg']);
  expect(partsOf('string', page)).toEqual(['Kite string', '2']);
  expect(partsOf('lids', page)).toEqual(['Jar lids', 'the Brooks', '3']);
  expect(page.text()).toContain('Old clocks');
});

test('a touch puts something into the bag, another takes it out; what is in the bag is put away in one step', async () => {
  const page = await shopping();
  const flour = () => page.get('[data-test="shop-flour"]');
  await flour().trigger('click');
  expect(flour().attributes('aria-pressed')).toBe('true');
  expect(flour().text()).toContain('in the bag, by Mara');
  await flour().trigger('click');
  expect(flour().attributes('aria-pressed')).toBe('false');
  await flour().trigger('click');
  await page.get('[data-test="put-away"]').trigger('click');
  expect(page.find('[data-test="shop-flour"]').exists()).toBe(false);
  expect(Object.values(desk.store.book.stockMoves)).toMatchObject([
    { supplyId: 'flour', kind: 'bought', amount: 1000, paid: 230 },
  ]);
  desk.store.undo();
  await page.vm.$nextTick();
  expect(flour().attributes('aria-pressed')).toBe('true');
});

test('without a connection it says what waits; of a unit that is gone it says so', async () => {
  const page = await shopping();
  await page.get('[data-test="shop-string"]').trigger('click');
  expect(page.text()).toContain('1 kept on this phone until there is a connection');
  const gone = await shopping('gone');
  expect(gone.text()).toContain('No such unit');
  expect(gone.text()).toContain('Nothing is planned yet');
});

test('what is at home after all is touched and leaves the list', async () => {
  const page = await shopping();
  await page
    .findAll('button')
    .find((one) => one.text() === 'What is at home?')!
    .trigger('click');
  await page.get('[data-test="shop-flour"]').trigger('click');
  expect(page.find('[data-test="shop-flour"]').exists()).toBe(false);
  expect(Object.values(desk.store.book.stockMoves)).toMatchObject([{ supplyId: 'flour', kind: 'counted' }]);
  expect(Object.keys(desk.store.book.pickups)).toEqual([]);
});

test('one list for all units that run or come, each line with the unit that it is for', async () => {
  const unit = { id: 'next', title: 'Bread', style: 'theme', start: '2027-03-15', dayCount: 5 } as const;
  desk = await openDesk(
    after(book, { type: 'unit/start', unit }, {
      ...onDay('p2', 'bake', 2),
      unitId: 'next',
    } as never),
  );
  const page = await shopping();
  const lines = () => page.findAll('[data-test^="shop-"]').length;
  const few = lines();
  await page
    .findAll('button')
    .find((one) => one.text().startsWith('All 2'))!
    .trigger('click');
  expect(lines()).toBeGreaterThan(few);
  expect(page.text()).toContain('Bread');
});
