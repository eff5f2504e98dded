// @vitest-environment happy-dom
import { flushPromises } from '@vue/test-utils';
import { describe, expect, test } from 'vitest';
import type { ChangeInput } from '@kobby/core';
import { aChild, aCorner, testBook, TEST_UNIT } from '../../../../core/src/testing/home.ts';
import { openDesk } from '../../testing/desk.ts';
import PrintShopView from './PrintShopView.vue';

const thing = (id: string, more: object = {}): ChangeInput =>
  ({
    type: 'unit/put-thing',
    thing: { id, unitId: TEST_UNIT, name: id, order: 'a0', ...more },
  }) as ChangeInput;

type Page = ReturnType<Awaited<ReturnType<typeof openDesk>>['alone']>;
async function open(kind: string, ...things: ChangeInput[]) {
  const desk = await openDesk(testBook(...things));
  await desk.router.push(`/units/${TEST_UNIT}/print-shop?kind=${kind}`);
  const page = desk.alone(PrintShopView);
  await flushPromises();
  return { ...desk, page };
}

test('a set is made as the page opens: its cards, sheets and cuts follow its size, paper and number', async () => {
  const { page } = await open('named', thing('sieve'), thing('bucket'), thing('spade'));
  const told = () => page.get('[data-test="job"]').text().replaceAll(/\s+/g, ' ');
  expect(told()).toContain('3cards1sheet of A4');
  await page.get('input[name="copies"]').setValue(7);
  expect(told()).toContain('21cards3sheets of A4');
  await page.get('input[name="size"][value="small"]').setValue(true);
  await page.get('input[name="paper"][value="letter"]').setValue(true);
  expect(told()).toContain('2sheets of Letter');
  expect(page.findAll('.sheets svg')).toHaveLength(2);
  expect(page.get('.sheets svg').attributes('aria-label')).toContain('sheet 1 of 2: sieve, the word');
});

test('another kind is one press, and what the table lacks for it is said beside its name and in its place', async () => {
  const { page, router } = await open('named', thing('sieve'), thing('bucket'));
  expect(page.get('[data-test="kind-order"]').text()).toContain('No two things have an order');
  await page.get('[data-test="kind-order"]').trigger('click');
  await flushPromises();
  expect(router.currentRoute.value.query['kind']).toBe('order');
  expect(page.get('.sheets').text()).toContain('No two things have an order');
  expect(page.find('[data-test="job"]').exists()).toBe(false);
});

test('a number of sets that is none is one, and more than the most is the most', async () => {
  const { page } = await open('picture', thing('sieve'));
  for (const [typed, cards] of [
    ['', '1card'],
    ['0', '1card'],
    ['2.7', '2cards'],
    ['900', '20cards'],
  ] as const) {
    await page.get('input[name="copies"]').setValue(typed);
    expect(page.get('[data-test="job"]').text().replaceAll(/\s+/g, ' ')).toContain(cards);
  }
});

describe('a job that is kept', () => {
  const HOME = [
    aCorner('table', { kind: 'table-trays' }),
    aChild('ada', '2025-06-01', { shownAs: 'Ada' }),
    aChild('bo', '2022-01-01', { shownAs: 'Bo' }),
  ];
  const opened = (kind: string) => open(kind, ...HOME, thing('sieve'), thing('bucket'));
  const press = async (page: Page, text: string) => {
    await page
      .findAll('button')
      .find((one) => one.text() === text)!
      .trigger('click');
    await flushPromises();
  };
  const placed = ({ store }: { store: Awaited<ReturnType<typeof openDesk>>['store'] }) =>
    Object.values(store.book.placements).map(({ where }) =>
      where.kind === 'bin' ? where.childId : where.kind === 'corner' ? where.cornerId : where.kind,
    );

  test('goes to the trays unless somebody says otherwise, stands below then and is made again by a link', async () => {
    const desk = await opened('pairs');
    await press(desk.page, 'Keep it as a job');
    expect(placed(desk)).toEqual(['table']);
    expect(desk.page.text()).toContain('Gather and Make ready know of it');
    const kept = desk.page.get('[data-test="kept"]');
    expect(kept.text()).toContain('Pairs and memory');
    const links = kept.findAll('a').map((link) => link.attributes('href'));
    expect(links[0]).toContain('kind=pairs&size=middle&paper=a4&copies=1');
    await press(desk.page, 'Made: a set of the house');
    expect(kept.text()).toContain('among the sets of the house');
    expect(Object.values(desk.store.book.supplies).map(({ name }) => name)).toContain(
      'Pairs and memory: Kites',
    );
  });

  test('goes into the bin of each child: a set of its own, or of the set what is its own', async () => {
    const cards = await opened('pairs');
    await cards.page.get('select[name="place"]').setValue('bins');
    expect(cards.page.findAll('.sheets svg')).toHaveLength(2);
    const desk = await opened('names');
    await desk.page.get('select[name="place"]').setValue('bins');
    expect(desk.page.findAll('.sheets svg')).toHaveLength(2);
    await press(desk.page, 'Keep it as a job');
    expect(placed(desk)).toEqual(['ada', 'bo']);
    // Two bins, and one page for each of them.
    expect(Object.values(desk.store.book.sheets).map(({ pages }) => pages)).toEqual(['1']);
  });

  test('is for no bin where nothing of it is one child’s, and is asked for no size that decides nothing', async () => {
    const { page } = await opened('labels');
    expect(page.find('option[value="bins"]').exists()).toBe(false);
    expect(page.find('input[name="size"]').exists()).toBe(false);
    expect((await opened('paths')).page.text()).toContain('What is on it');
  });

  test('a set for each level is a sheet of its own; who gets which is moved by hand', async () => {
    const desk = await opened('named');
    await desk.page.get('input[name="levels"]').setValue(true);
    await desk.page.get('select[name="place"]').setValue('bins');
    // Nobody here is five yet.
    expect(desk.page.findAll('.who').map((head) => head.text())).toEqual([
      'Pictures: Ada',
      'Picture and word: Bo',
    ]);
    await desk.page.get('select[name="level-bo"]').setValue('picture');
    expect(desk.page.findAll('.who').map((head) => head.text())).toEqual(['Pictures: Ada, Bo']);
    await press(desk.page, 'Keep it as a job');
    expect([placed(desk), Object.keys(desk.store.book.sheets).length]).toEqual([['ada', 'bo'], 1]);
  });

  test('what was made before is made of these things, for one child where it is hers', async () => {
    const desk = await opened('names');
    await desk.router.push({
      query: { kind: 'names', size: 'large', paper: 'letter', copies: '3', child: 'bo' },
    });
    await flushPromises();
    const told = desk.page.get('[data-test="job"]').text().replaceAll(/\s+/g, ' ');
    expect(told).toContain('3pages3sheets of Letter, across');
    expect(desk.page.findAll('.sheets svg title').map((one) => one.text())).toEqual(
      Array(3).fill('the name Bo to trace'),
    );
  });
});
