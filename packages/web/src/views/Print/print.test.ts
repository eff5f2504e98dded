// @vitest-environment happy-dom
import { PRINTED } from '@kobby/core';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import {
  aChild,
  aCorner,
  anActivity,
  inCorner,
  onDay,
  TEST_UNIT,
  testBook,
} from '../../../../core/src/testing/home.ts';
import { openDesk } from '../../testing/desk.ts';
import PrintView from './PrintView.vue';

const book = testBook(
  aCorner('a'),
  aChild('bo', '2022-01-01', { name: 'Bo Marsh', shownAs: 'Bo' }),
  anActivity('build'),
  anActivity('sing', { mode: 'whole-group' }),
  inCorner('p', 'build', 'a', 1, 5),
  onDay('q', 'sing', 2),
);

let desk: Awaited<ReturnType<typeof openDesk>>;
beforeEach(async () => {
  desk = await openDesk(book);
});
afterEach(() => {
  vi.unstubAllGlobals();
  document.body.innerHTML = '';
});
const sheet = async (name: string, day = '', unitId: string = TEST_UNIT) => {
  await desk.router.push(`/units/${unitId}/print/${name}${day && `?day=${day}`}`);
  return desk.alone(PrintView);
};

test.each(Object.entries(PRINTED))(
  '%s has its pages laid out as they are printed, or says why not',
  async (name, { layout, hint }) => {
    const page = await sheet(name, '2');
    const printed = page.find('[data-test="printed"]');
    if (printed.exists()) {
      expect(printed.classes()).toContain(layout);
      expect(printed.findAll('article h1').length).toBeGreaterThan(0);
    } else expect(page.text()).toContain(hint);
    expect(page.text()).not.toContain('Bo Marsh');
  },
);

test('a day is the one that is asked for', async () => {
  expect((await sheet('day-sheet', '2')).text()).toContain('sing');
  expect((await sheet('day-sheet', '3')).text()).not.toContain('sing');
});

test.each([
  ['a sheet that there is not', 'nonsense', '', TEST_UNIT, 'There is no such sheet.'],
  ['one that only objects have', 'toString', '', TEST_UNIT, 'There is no such sheet.'],
  ['a unit that is gone', 'day-sheet', '1', 'gone', 'This unit is not here any more.'],
  ['a day that there is not', 'day-sheet', '99', TEST_UNIT, 'There is nothing to print here yet'],
])('%s is told', async (_, name, day, unitId, told) => {
  expect((await sheet(name, day, unitId)).text()).toContain(told);
});

test('the folder sheets of all days are one job, each page by itself', async () => {
  const one = (await sheet('folder', '2')).findAll('article').length;
  const all = (await sheet('folder', 'all')).findAll('article').map((page) => page.text());
  expect(all.length).toBeGreaterThan(one);
  expect(all.some((text) => text.includes('Day 1'))).toBe(true);
  expect(all.some((text) => text.includes('Day 2'))).toBe(true);
});
