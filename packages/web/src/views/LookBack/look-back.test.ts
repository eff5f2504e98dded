// @vitest-environment happy-dom
import { beforeEach, expect, test } from 'vitest';
import { nextTick } from 'vue';
import { plainDay, type Book, type ChangeInput } from '@kobby/core';
import {
  aChild,
  aCorner,
  after,
  aMaterial,
  anActivity,
  aSupply,
  inCorner,
  onDay,
  recorded,
  testBook,
  TEST_UNIT,
} from '../../../../core/src/testing/home.ts';
import { openDesk } from '../../testing/desk.ts';
import LookBackView from './LookBackView.vue';

const book = testBook(
  aCorner('a'),
  aChild('bo', '2022-01-01'),
  aSupply('glue', { name: 'Glue' }),
  aSupply('brush', { name: 'Brush', use: 'reusable' }),
  anActivity('wash', { mode: 'whole-group', materials: [aMaterial('glue', 1), aMaterial('brush', 1)] }),
  anActivity('drum', { mode: 'whole-group' }),
  anActivity('stand'),
  onDay('p', 'wash', 2),
  onDay('q', 'drum', 1),
  inCorner('s', 'stand', 'a', 1, 10),
  recorded('q', 1, 'lost', { note: 'too loud' }),
  recorded('s', 1, 'loved'),
);
let desk: Awaited<ReturnType<typeof openDesk>>;
const open = async (base: Book, today = '2027-03-10') => {
  desk = await openDesk(base, plainDay(today));
  return desk.place(LookBackView);
};
let page: Awaited<ReturnType<typeof open>>;
beforeEach(async () => {
  page = await open(book);
});
const activity = (id: string) => desk.store.book.activities[id as never]!;

test('what was told stands as it went, and only what nobody said is asked', async () => {
  expect(page.findAll('[data-test="to-tell"] > li').map((row) => row.get('b').text())).toEqual(['wash']);
  expect(page.get('[data-test="ran-q"]').text()).toContain('“too loud”');
  await page.get('[data-test="to-tell"] [data-test="record-loved"]').trigger('click');
  await nextTick();
  expect(page.find('[data-test="to-tell"]').exists()).toBe(false);
  expect(page.get('[data-test="ran-p"]').text()).toContain('Loved it');
});

test('a word for next time goes to the activity in the library, and loved is remembered apart', async () => {
  await page.get('[aria-label="For next time: stand"]').setValue('  out for two weeks ');
  await page.get('[data-test="ran-s"] form').trigger('submit');
  await page.get('[aria-label="For next time: drum"]').setValue('softer');
  await page.get('[data-test="ran-q"] form').trigger('submit');
  expect(activity('stand').content.notes).toEqual([{ text: 'out for two weeks', loved: true }]);
  expect(activity('drum').content.notes).toEqual([{ text: 'softer', loved: false }]);
  await nextTick();
  expect(page.get('[data-test="ran-s"]').text()).toContain('Remembered: out for two weeks');
});

test('what is dropped is proposed no more, until it is taken up again', async () => {
  await page.get('[aria-label="Drop it: drum"]').trigger('click');
  expect(activity('drum').retired).toBe(true);
  await nextTick();
  await page.get('[aria-label="Propose it again: drum"]').trigger('click');
  expect(activity('drum').retired).toBe(false);
});

test('what stood to the end stays out where there is a unit to stay for', async () => {
  expect(page.find('[aria-label="Out another week: stand"]').exists()).toBe(false);
  page = await open(
    after(book, {
      type: 'unit/start',
      unit: { ...book.units[TEST_UNIT]!, id: 'rain', title: 'Rain', start: '2027-03-22' } as never,
    }),
  );
  await page.get('[aria-label="Out another week: stand"]').trigger('click');
  await nextTick();
  const copy = Object.values(desk.store.book.placements).find(({ unitId }) => unitId === 'rain');
  expect(copy).toMatchObject({ originId: 'stand', where: { kind: 'corner', fromDay: 1, toDay: 5 } });
  expect(page.get('[data-test="ran-s"]').text()).toContain('stays out');
});

test('what is used up counts as nothing, what is lost as one less', async () => {
  await page.get('[aria-label="Used up: Glue"]').trigger('click');
  await page.get('[aria-label="One is gone: Brush"]').trigger('click');
  const moves = Object.values(desk.store.book.stockMoves).map(({ supplyId, kind, amount }) => [
    supplyId as string,
    kind,
    amount,
  ]);
  expect(moves.toSorted()).toEqual([
    ['brush', 'thrown', 1],
    ['glue', 'counted', 0],
  ]);
});

test('before the first day is over there is only what was told of it', async () => {
  page = await open(book, '2027-03-08');
  expect(page.find('[data-test="to-tell"]').exists()).toBe(false);
  expect(page.get('[data-test="ran-q"]').text()).toContain('Lost them');

  page = await open(testBook(anActivity('drum'), onDay('q', 'drum', 1)), '2027-03-08');
  expect(page.text()).toContain('once its day is over');
});

test('how long a turn takes here stands beside what is written, goes into the library, and is measured anew', async () => {
  const timed = (day: number): ChangeInput => recorded(`t${day}`, day, 'fine', { turnTook: 30 });
  page = await open(
    after(
      book,
      anActivity('cut', { mode: 'small-group', turnMinutes: 20 as never }),
      ...[1, 2].flatMap((day) => [onDay(`t${day}`, 'cut', day, 'groups'), timed(day)]),
    ),
  );
  expect(page.get('[data-test="ran-t1"]').text()).toContain(
    'A turn takes 25 min here, by 2 times; 20 are written.',
  );
  expect(page.text()).toContain('Minutes of a turn were measured 2 times. Kobby plans with that.');
  await page.get('[data-test="turns-anew"]').trigger('click');
  await nextTick();
  expect(page.get('[data-test="ran-t1"]').text()).not.toContain('A turn takes');
  expect(page.find('[data-test="turns-anew"]').exists()).toBe(false);

  const anew = { ...desk.store.book.homes['home' as never]!, minutesSince: null };
  page = await open(after(desk.store.book, { type: 'house/put-home', home: anew as never }));
  await page.get('[aria-label^="Write it down: cut"]').trigger('click');
  expect(activity('cut').content.turnMinutes).toBe(25);
});
