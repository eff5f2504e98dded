// @vitest-environment happy-dom
import { afterEach, expect, test, vi } from 'vitest';
import { aChild, A_MONDAY, TEST_UNIT, testBook } from '../../../../core/src/testing/home.ts';
import { openDesk } from '../../testing/desk.ts';
import NextStepCard from './NextStepCard.vue';

afterEach(() => {
  document.body.innerHTML = '';
  vi.unstubAllGlobals();
});
const child = aChild('ada', '2022-01-01');

test('one step, and a button that leads there', async () => {
  const { alone } = await openDesk(testBook(child), A_MONDAY);
  const card = alone(NextStepCard);
  expect(card.text()).toContain('3 of 6 done');
  expect(card.get('a').attributes('href')).toBe(`/units/${TEST_UNIT}/spark`);
});

test('the first unit is begun where one is; nobody there is the first of all', async () => {
  const bare = { ...testBook(child), units: {} };
  const { alone } = await openDesk(bare as never, A_MONDAY);
  const card = alone(NextStepCard);
  await card.get('button').trigger('click');
  expect(card.emitted('start')).toHaveLength(1);
  const empty = await openDesk({ ...testBook(), units: {} } as never, A_MONDAY);
  expect(empty.alone(NextStepCard).text()).toContain('0 of 6 done');
});
