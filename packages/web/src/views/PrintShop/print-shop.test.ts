// @vitest-environment happy-dom
import { flushPromises } from '@vue/test-utils';
import { expect, test } from 'vitest';
import type { ChangeInput } from '@kobby/core';
import { testBook, TEST_UNIT } from '../../../../core/src/testing/home.ts';
import { openDesk } from '../../testing/desk.ts';
import PrintShopView from './PrintShopView.vue';

const thing = (id: string, more: object = {}): ChangeInput =>
  ({
    type: 'unit/put-thing',
    thing: { id, unitId: TEST_UNIT, name: id, order: 'a0', ...more },
  }) as ChangeInput;

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
