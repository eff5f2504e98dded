import { expect, test } from 'vitest';
import type { Book } from '../book/index.ts';
import { A_MONDAY, aChild, aCorner, anActivity, aSupply, TEST_UNIT, testBook } from '../testing/home.ts';
import { AnythingSearch, type Places } from './index.ts';

const book = testBook(
  aCorner('a', { name: 'Blocks' }),
  aChild('ada', '2022-01-01', { name: 'Ada Brook' }),
  aSupply('pegs', { name: 'Clothes pegs', keptIn: 'B3' }),
  aSupply('straws', { name: 'Paper straws' }),
  {
    type: 'cupboard/record-stock',
    move: { id: 'n', supplyId: 'pegs', kind: 'counted', amount: 60, at: '2027-03-01T08:00:00.000Z' },
  },
  anActivity('peg-line', { title: 'Pegs on a line' }),
);
const PLACES: Places = {
  ofHome: { cupboard: { name: 'Cupboard', words: 'stock' } },
  ofUnit: { days: { name: 'Days', words: 'week plan' } },
  toBegin: { children: { name: 'A new child', words: 'add' } },
};
const opened = (of: Book, unitId: string | null) => new AnythingSearch(of, PLACES, A_MONDAY, unitId);
const search = opened(book, TEST_UNIT);
const titles = (text: string, recent: readonly string[] = []) =>
  search.find(text, recent).map(({ title }) => title);

test('a child, an activity, a thing with where it is and how much is there, by beginnings in any order', () => {
  expect(search.find('ada', [])[0]).toMatchObject({ kind: 'children', id: 'ada', title: 'Ada Brook' });
  expect(titles('brook a')).toContain('Ada Brook');
  expect(search.find('clothes peg', [])[0]).toMatchObject({ kind: 'supplies', hint: 'B3 · 60 here' });
  expect(titles('peg')).toEqual(expect.arrayContaining(['Clothes pegs', 'Pegs on a line']));
  expect(titles('clothez')).toContain('Clothes pegs');
  expect(titles('b3')).toEqual(['Clothes pegs']);
});

test('pages, what is begun, and what is printed, with its day', () => {
  expect(search.find('cupboard', [])[0]).toMatchObject({ kind: 'page', id: 'cupboard' });
  expect(search.find('new child', [])[0]).toMatchObject({ kind: 'begin', id: 'children' });
  expect(search.find('print day folder 2', [])[0]).toMatchObject({
    ...{ kind: 'print', id: 'folder', day: 2, title: 'Folder sheet, Day 2', unitId: TEST_UNIT },
  });
  // The unit has no such day.
  expect(titles('folder 60')).toEqual([]);
  // Where none is open, or it is gone, the nearest unit is meant; a home without any has nothing to print.
  for (const none of [null, 'gone'])
    expect(opened(book, none).find('folder 2', [])[0]).toMatchObject({ unitId: TEST_UNIT, day: 2 });
  const bare = { ...book, units: {} };
  expect(opened(bare, null).find('folder', [])).toEqual([]);
  expect(search.find('week', [])[0]).toMatchObject({
    kind: 'page',
    id: 'days',
    unitId: TEST_UNIT,
    day: null,
  });
});

test('what was used lately stands first, and alone before anything is typed', () => {
  expect(titles('', ['supplies/straws', 'gone/away'])).toEqual(['Paper straws']);
  const both = titles('p', []);
  const last = both.at(-1)!;
  const key = search.find('p', []).at(-1)!.key;
  expect(titles('p', [key]).indexOf(last)).toBeLessThan(both.length - 1);
});

test('nothing typed, nothing meant, far too much', () => {
  expect([titles(''), titles('   '), titles('zzzzqq'), titles('9'.repeat(300))]).toEqual([[], [], [], []]);
  const full = testBook(...Array.from({ length: 300 }, (_, i) => aSupply(`s-${i}`, { name: `Lid ${i}` })));
  expect(opened(full, null).find('lid', [])).toHaveLength(12);
});
