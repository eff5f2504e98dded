// @vitest-environment happy-dom
import { beforeEach, expect, test } from 'vitest';
import { nextTick } from 'vue';
import { plainDay, type ChangeInput } from '@kobby/core';
import {
  aChild,
  aCorner,
  anActivity,
  inCorner,
  recorded,
  testBook,
} from '../../../../core/src/testing/home.ts';
import { openDesk } from '../../testing/desk.ts';
import ChildPage from './ChildPage.vue';

const cut = (day: number): ChangeInput => recorded('p', day, 'fine', { note: day === 3 ? 'cut a tail' : '' });
let desk: Awaited<ReturnType<typeof openDesk>>;
beforeEach(async () => {
  desk = await openDesk(
    testBook(
      aCorner('table'),
      aChild('kim', '2022-01-01', { likes: ['boats'], wontTouch: ['slime'] }),
      aChild('wim', '2022-02-01'),
      anActivity('cut', { skills: ['cutting'] }),
      inCorner('p', 'cut', 'table', 1, 5),
      ...[1, 2, 3].map(cut),
    ),
  );
});

test('a child stands by itself: what was met, by area, what is good to know, and a step that is noted by one press', async () => {
  await desk.router.push({ name: 'child', params: { childId: 'kim' } });
  const page = desk.place(ChildPage);
  expect(page.findAll('[data-test="met"] li').map((row) => row.text())[0]).toContain('cut a tail');
  const hands = page.findAll('table tbody tr').find((row) => row.get('th').text() === 'hands')!;
  expect(hands.findAll('td.figures').at(-1)!.text()).toBe('3');
  expect(hands.get('.note').text()).toBe('Wed 10 March');
  expect(page.text()).toContain('Will not touch slime.');
  expect(page.text()).not.toContain('wim');
  await page.get('[data-test="steps"] button').trigger('click');
  await nextTick();
  expect(desk.store.book.children['kim' as never]!.rungs).toEqual({ cutting: 'sure' });
  expect(page.find('[data-test="steps"]').exists()).toBe(false);
});

test('what is longer ago than a year is read when it is asked for', async () => {
  const later = await openDesk(desk.store.book, plainDay('2028-06-01'));
  await later.router.push({ name: 'child', params: { childId: 'kim' } });
  const page = later.place(ChildPage);
  expect(page.text()).toContain('Nothing is recorded in the last twelve months');
  expect(page.find('table').exists()).toBe(false);
  await page.get('[data-test="ever"]').trigger('click');
  await nextTick();
  expect(page.findAll('[data-test="met"] li')).toHaveLength(3);
});

test('a child of whom nothing is recorded says so, and one who is gone too', async () => {
  await desk.router.push({ name: 'child', params: { childId: 'nobody' } });
  expect(desk.place(ChildPage).text()).toContain('not here any more');
});
