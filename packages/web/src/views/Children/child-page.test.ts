// @vitest-environment happy-dom
import { beforeEach, expect, test } from 'vitest';
import { nextTick } from 'vue';
import type { ChangeInput } from '@kobby/core';
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
  expect(page.get('[data-test="areas"]').text()).toContain('hands3 ×');
  expect(page.text()).toContain('Will not touch slime.');
  expect(page.text()).not.toContain('wim');
  await page.get('[data-test="steps"] button').trigger('click');
  await nextTick();
  expect(desk.store.book.children['kim' as never]!.rungs).toEqual({ cutting: 'sure' });
  expect(page.find('[data-test="steps"]').exists()).toBe(false);
});

test('a child of whom nothing is recorded says so, and one who is gone too', async () => {
  await desk.router.push({ name: 'child', params: { childId: 'nobody' } });
  expect(desk.place(ChildPage).text()).toContain('not here any more');
});
