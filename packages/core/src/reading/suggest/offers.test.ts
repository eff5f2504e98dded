import { expect, test } from 'vitest';
import { plainDay } from '../../calendar/index.ts';
import {
  aChild,
  after,
  A_MONDAY,
  anActivity,
  onDay,
  recorded,
  testBook,
  TEST_UNIT,
} from '../../testing/home.ts';
import { read } from '../answers/read.ts';
import { dayOffers, offersIn } from './offers.ts';

const ids = ['one', 'two', 'three', 'four', 'five'];
const book = testBook(
  aChild('bo', '2022-01-01'),
  ...ids.map((id) => anActivity(id, { mode: 'whole-group' })),
  anActivity('asking', { mode: 'whole-group', slots: [{ id: 'thing', asks: 'What?', kind: 'thing' }] }),
  onDay('p', 'one', 2),
);
const offered = (today: string, each = 2) =>
  [...dayOffers(read(book, TEST_UNIT, A_MONDAY), plainDay(today), each)].map(
    ([day, list]) => [day, list.map(({ id }) => id as string)] as const,
  );

test('each empty day from today on is offered something else, until nothing is left', () => {
  const all = offered('2027-03-08');
  expect(all.map(([day]) => day)).toEqual([1, 3, 4, 5, 6, 7, 8, 9, 10]);
  const given = all.flatMap(([, list]) => list);
  expect(new Set(given).size).toBe(given.length);
  expect([all[0]![1], all.at(-1)![1]]).toEqual([expect.objectContaining({ length: 2 }), []]);
});

test('days that are over are offered nothing, nor is a unit without an empty day looked through', () => {
  expect(offered('2027-03-18').map(([day]) => day)).toEqual([9, 10]);
  const never = { ...read(book, TEST_UNIT, A_MONDAY), suggestions: () => expect.unreachable() };
  expect(dayOffers(never, plainDay('2027-04-01'), 2).size).toBe(0);
});

test('what asks for its words first, or belongs elsewhere, is put by no single press', () => {
  const { suggestions } = read(book, TEST_UNIT, A_MONDAY);
  const all = suggestions({});
  const plain = all.find(({ activity }) => activity.content.slots.length === 0)!;
  const names = (given: readonly (typeof plain)[]) =>
    offersIn(given, null).map(({ activity }) => activity.id as string);
  expect(names([plain])).toEqual([plain.activity.id]);
  expect(names([{ ...plain, belongs: 'other' }])).toEqual([]);
  expect(names([{ ...plain, lacksRole: true }])).toEqual([]);
  expect(all.map(({ activity }) => activity.id as string)).toContain('asking');
  expect(names(all)).not.toContain('asking');
});

test('what lost them is offered by no single press', () => {
  const isOffered = (base: typeof book) =>
    offersIn(read(base, TEST_UNIT, A_MONDAY).suggestions({}), null).some(
      ({ activity }) => activity.id === 'one',
    );
  expect(isOffered(book)).toBe(true);
  expect(isOffered(after(book, recorded('p', 2, 'lost')))).toBe(false);
  expect(isOffered(after(book, recorded('p', 2, 'fine')))).toBe(true);
});
