// A book without what is in it as it ships, and whole again.
import { withShipped, type Book } from '@kobby/core';
import { expect, test } from 'vitest';
import { apartFromShipped, shippedTables } from './index.ts';
import { demo } from './testing/demo-home.ts';
import { newHome, TRIED_HOMES } from './testing/filled.ts';

const again = (book: Book, tables = shippedTables()) => {
  const apart = apartFromShipped(book);
  const [own, ids] = [JSON.parse(JSON.stringify(apart.book)), JSON.parse(JSON.stringify(apart.ids))];
  return withShipped(own, { edition: 'now', ids }, JSON.parse(JSON.stringify(tables)));
};
const sizeOf = (value: unknown): number => JSON.stringify(value).length;

test.each<[string, Book]>([
  ['the demo home', demo],
  ['a home that has just begun', newHome(TRIED_HOMES[0]!, '2027-03-08')],
])('%s is the same afterwards, each table in its order', (_, book) => {
  expect(JSON.stringify(again(book))).toBe(JSON.stringify(book));
  expect(sizeOf(apartFromShipped(book).book)).toBeLessThan(sizeOf(book) / 2);
});

test('what somebody changed, and what is their own, goes along', () => {
  const id = 'partner-match';
  const was = demo.activities[id as never]!;
  const content = { ...was.content, title: 'Our own match' };
  const book: Book = {
    ...demo,
    activities: {
      ...demo.activities,
      [id]: { ...was, version: 2, content },
      own: { ...was, id: 'own' },
    } as never,
  };
  expect(Object.keys(apartFromShipped(book).book.activities)).toEqual(expect.arrayContaining([id, 'own']));
  expect(again(book)).toEqual(JSON.parse(JSON.stringify(book)));
});

test('an edition that does not have all of it gives nothing', () => {
  const { activities, ...others } = shippedTables();
  const { 'partner-match': _gone, ...left } = activities!;
  expect(again(demo, { ...others, activities: left })).toBeNull();
});
