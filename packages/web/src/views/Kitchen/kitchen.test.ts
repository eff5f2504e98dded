// @vitest-environment happy-dom
import { homeOf, type Recipe } from '@kobby/core';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { aChild, after, aSupply, TEST_HOME, testBook } from '../../../../core/src/testing/home.ts';
import { openDesk } from '../../testing/desk.ts';
import CounterView from './CounterView.vue';
import { startingOrder } from './order.ts';

const book = testBook(
  { type: 'house/put-home', home: { ...TEST_HOME, values: { doughShareMl: 100 } } },
  aChild('bo', '2022-01-01', { name: 'Bo Marsh', shownAs: 'Bo' }),
  aChild('tove', '2022-01-01', {
    name: 'Tove Lind',
    shownAs: 'Tove',
    allergies: [{ allergen: 'gluten', words: 'hives' }],
  }),
  aSupply('flour', { name: 'Plain flour', unit: 'mL', allergens: ['gluten'], category: 'food' }),
  aSupply('rice-flour', { name: 'Rice flour', unit: 'mL', category: 'food' }),
  aSupply('water', { name: 'Water', unit: 'mL', got: 'tap', category: 'food' }),
  {
    type: 'library/put-recipe',
    recipe: {
      id: 'dough',
      title: 'Soft dough',
      kind: 'dough',
      summary: '',
      ingredients: [
        { supplyId: 'flour', amount: 400 },
        { supplyId: 'water', amount: 200 },
      ],
      yields: { amount: 500, unit: 'mL' },
      minutes: 15,
      steps: [{ text: 'Stir it.' }],
      swaps: [{ allergen: 'gluten', supplyId: 'flour', insteadId: 'rice-flour' }],
    } as never,
  },
);
const dough = book.recipes['dough' as never] as Recipe;
const children = Object.values(book.children);

describe('what the counter begins with', () => {
  const home = homeOf(book);
  const order = (
    query: Record<string, string>,
    before: Parameters<typeof startingOrder>[3] = null,
    recipe = dough,
  ) => startingOrder(home, children, query, before, recipe);

  test.each([
    [{}, { kind: 'children', children: 2, share: { amount: 100, unit: 'mL' }, spareShares: 0 }],
    [{ batches: '1.5' }, { kind: 'batches', batches: 1.5 }],
    [{ amount: '600' }, { kind: 'volume', amount: 600 }],
    [
      { batches: '2', amount: '600' },
      { kind: 'batches', batches: 2 },
    ],
    [{ batches: '0' }, { kind: 'children', children: 2, share: { amount: 100, unit: 'mL' }, spareShares: 0 }],
    [
      { batches: '-1', amount: 'much' },
      { kind: 'children', children: 2, share: { amount: 100, unit: 'mL' }, spareShares: 0 },
    ],
  ])('%o', (query, target) => {
    expect(order(query).target).toEqual(target);
  });

  test('keeps what was chosen before about children, bowl and measure', () => {
    const before = {
      ...order({}),
      target: { kind: 'children', children: 5, share: { amount: 80, unit: 'mL' }, spareShares: 1 },
      bowlMl: 900,
      system: 'us',
      way: 'weighed',
    } as never;
    expect(order({}, before)).toMatchObject({
      target: { kind: 'children', children: 5, share: { amount: 80, unit: 'mL' }, spareShares: 1 },
      bowlMl: 900,
      system: 'us',
      way: 'weighed',
    });
    expect(order({ amount: '50' }, before).target).toEqual({ kind: 'volume', amount: 50 });
  });

  test('is as often as it should be ready for what is tested', () => {
    const science = { ...dough, kind: 'science', repeats: 3 } as unknown as Recipe;
    expect(order({}, null, science).target).toEqual({ kind: 'batches', batches: 3 });
  });
});

describe('the counter', () => {
  let desk: Awaited<ReturnType<typeof openDesk>>;
  beforeEach(async () => {
    desk = await openDesk(book);
  });
  afterEach(() => {
    vi.unstubAllGlobals();
    document.body.innerHTML = '';
  });

  test('has a mix for everyone and a bowl of its own for whoever must not meet what is in it', async () => {
    await desk.router.push('/counter/dough');
    const page = desk.alone(CounterView);
    await page.vm.$nextTick();
    const [everyone, own, ...rest] = page.text().split('Goes in')[1]!.split('Own bowl: ');
    expect(rest).toEqual([]);
    expect(everyone).toContain('80 mLPlain flour');
    expect(everyone).toContain('Contains gluten.');
    expect(own).toMatch(/^Tove .*80 mLRice flour/);
    expect(own!.split('None of the listed allergens')[0]).not.toContain('Plain flour');
  });

  test('has a bowl of its own also for whoever comes while the page is open', async () => {
    await desk.router.push('/counter/dough');
    const page = desk.alone(CounterView);
    await page.vm.$nextTick();
    const ida = { ...after(book, aChild('ida', '2022-01-01')).children['ida' as never], shownAs: 'Ida' };
    const allergic = { ...(ida as object), version: 0, allergies: [{ allergen: 'gluten', words: 'hives' }] };
    desk.store.perform([{ type: 'house/put-child', child: allergic as never }]);
    await page.vm.$nextTick();
    expect(page.text()).toMatch(/80 mLPlain flour.*Own bowl: Tove, Ida.*160 mLRice flour/);
  });

  test('a tub that was made without an allergen for everyone says so, and only where nothing in it brings it', async () => {
    const made = async (swaps: Recipe['swaps']) => {
      desk = await openDesk(
        after(book, { type: 'library/put-recipe', recipe: { ...dough, swaps } as never }),
      );
      await desk.router.push('/counter/dough');
      const page = desk.alone(CounterView);
      await page.vm.$nextTick();
      await page.get('[name="without.gluten"]').setValue(true);
      await page
        .findAll('button')
        .find((one) => one.text() === 'Made it')!
        .trigger('click');
      await page.vm.$nextTick();
      const form = document.querySelector('form')!;
      form.dispatchEvent(new Event('submit', { cancelable: true }));
      await page.vm.$nextTick();
      return Object.values(desk.store.book.batches).map(({ without, label }) => [without, label]);
    };
    expect(await made(dough.swaps)).toEqual([[['gluten'], null]]);
    document.body.innerHTML = '';
    const elsewhere = [{ ...dough.swaps[0]!, supplyId: 'water' as never }];
    expect(await made(elsewhere)).toEqual([[[], null]]);
  });

  test('measures nothing out for a child for whom no swap does, and shows the two ways on', async () => {
    const egg = aChild('kim', '2022-01-01', {
      name: 'Kim Ash',
      shownAs: 'Kim',
      allergies: [
        { allergen: 'gluten', words: 'gluten' },
        { allergen: 'egg', words: 'egg' },
      ],
    });
    const other = {
      ...dough,
      id: 'other',
      title: 'Rice dough',
      ingredients: dough.ingredients.slice(1),
      version: 0,
    };
    desk = await openDesk(
      after(book, egg, aSupply('rice-flour', { name: 'Rice flour', unit: 'mL', allergens: ['egg'] }), {
        type: 'library/put-recipe',
        recipe: other as never,
      }),
    );
    await desk.router.push('/counter/dough');
    const page = desk.alone(CounterView);
    await page.vm.$nextTick();
    const card = page.get('[data-test="no-bowl"]');
    expect(card.text()).toContain(
      'Nothing is measured out for Kim: no swap is written for Rice flour (egg).',
    );
    expect(card.get('a').text()).toBe('Rice dough');
    expect(page.findAll('[data-test="own-mix"]').map((mix) => mix.text())).toHaveLength(1);
    expect(page.get('[data-test="own-mix"]').text()).toMatch(/Own bowl: Tove/);
    await card.get('button').trigger('click');
    expect(document.body.textContent).toContain('Soft dough');
  });

  test('finds a recipe by its title, and says when there is none', async () => {
    await desk.router.push('/counter/dough');
    const page = desk.alone(CounterView);
    expect(page.findAll('nav button').map((one) => one.text())).toEqual(['Soft dough']);
    await page.get('nav input').setValue('paint');
    expect(page.findAll('nav button')).toHaveLength(0);
    const empty = await openDesk(testBook());
    expect(empty.alone(CounterView).text()).toContain('No recipe is in the library yet.');
  });
});
