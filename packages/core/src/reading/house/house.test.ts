import { describe, expect, test } from 'vitest';
import { plainDay } from '../../calendar/index.ts';
import type { ChangeInput } from '../../changes/index.ts';
import { aChild, after, aSupply, TEST_HOME, testBook } from '../../testing/home.ts';
import { cupboardOf } from './cupboard.ts';
import { houseNotes } from './house.ts';

const TODAY = plainDay('2027-03-11');
const counted = (supplyId: string, amount: number): ChangeInput => ({
  type: 'cupboard/record-stock',
  move: { id: `count-${supplyId}`, supplyId, kind: 'counted', amount, at: '2027-03-01T12:00:00.000Z' },
});
const works: ChangeInput = {
  type: 'house/put-person',
  person: { id: 'mara', name: 'Mara', role: 'provider', work: { '1': ['morning'] } },
};
// Everything that its category asks for, and a pack: nothing to say about it.
const quiet = {
  properties: { loosePart: 'none', heightMm: 'none', ingredients: [] },
  packs: [{ amount: 1 }],
} satisfies Parameters<typeof aSupply>[1];
const notes = (...changes: ChangeInput[]) =>
  houseNotes(testBook(works, ...changes), TODAY).map(
    (note) => `${note.level} ${note.key}: ${note.title}. ${note.detail}`,
  );

describe('the house says', () => {
  test('nothing when nothing is lacking', () => {
    expect(notes(aChild('ada', '2024-01-01'), aSupply('foil', quiet), counted('foil', 3))).toEqual([]);
  });

  test('which children have no day, also when the part they come on is gone', () => {
    expect(
      notes(
        aChild('ada', '2024-01-01', { attendance: {} }),
        aChild('bo', '2024-01-01', { attendance: { '1': ['night'] } }),
        aChild('gone', '2024-01-01', { attendance: {}, leftOn: '2027-03-10' }),
      ).map((text) => text.split('.')[0]),
    ).toEqual(['care no-days:ada: ada has no days', 'care no-days:bo: bo has no days']);
  });

  test('that nobody is at work, once there are children', () => {
    const idle = testBook(aChild('ada', '2024-01-01'));
    expect(houseNotes(idle, TODAY).map((note) => note.key)).toEqual(['nobody-at-work']);
    expect(houseNotes(testBook(), TODAY)).toEqual([]);
  });

  test('what was not recorded of a supply, and that it has no pack', () => {
    expect(notes(aSupply('foil'))).toEqual([
      'care unrecorded: 1 with something not recorded. foil (smallest loose part, cord or ribbon, made of latex and 20 more).',
      'note packs: 1 without a pack. foil.',
    ]);
    expect(notes(aSupply('foil', { ...quiet, packs: [], got: 'families' }))).toEqual([]);
    expect(notes(aSupply('foil', { ...quiet, packs: [], use: 'reusable' }))).toEqual([]);
    expect(notes(aSupply('foil', { retired: true }))).toEqual([]);
  });

  test.each([
    [null, ['note']],
    [49, []],
    [49.5, ['stop']],
  ])('how hot the tap gets: %s °C', (tapC, expected) => {
    const book = testBook(
      { type: 'house/put-home', home: { ...TEST_HOME, tapC } },
      works,
      aChild('ada', '2024-01-01'),
    );
    expect(houseNotes(book, TODAY).map(({ level }) => level)).toEqual(expected);
  });

  test('what is broken', () => {
    expect(notes(aSupply('foil', { ...quiet, broken: 'torn' }), counted('foil', 3))).toEqual([
      'care broken: 1 broken, to be set aside until mended. foil (torn).',
    ]);
  });

  test.each([
    [3, 3, ['note low: 1 running low. foil.']],
    [3, 4, []],
    [null, 0, []],
  ])('what runs low: mark %s, on hand %d', (lowMark, amount, expected) => {
    expect(notes(aSupply('foil', { ...quiet, lowMark }), counted('foil', amount))).toEqual(expected);
  });

  test.each([
    ['2027-03-18', 1, 1],
    ['2027-03-19', 1, 0],
    ['2027-03-01', 1, 1],
    ['2027-03-01', 0, 0],
  ])('what spoils: best before %s with %d on hand', (bestBefore, amount, said) => {
    expect(notes(aSupply('milk', { ...quiet, bestBefore }), counted('milk', amount))).toHaveLength(said);
  });

  test('what goes back, and which sets lack pieces', () => {
    const set = { pieces: [{ name: 'Kites', count: 9, missing: 2 }] };
    expect(
      notes(
        aSupply('drum', { ...quiet, got: 'borrowed', backBy: '2027-03-12' }),
        aSupply('kites', { ...quiet, set, got: 'collected' }),
      ),
    ).toEqual([
      'care back: 1 to give back. drum by Fri 12 March.',
      'note pieces: 1 with pieces missing or worn. kites.',
    ]);
    const worn = { pieces: [{ name: 'Kites', count: 9, worn: 1 }] };
    expect(notes(aSupply('kites', { ...quiet, set: worn, got: 'collected' }))).toEqual([
      'note pieces: 1 with pieces missing or worn. kites.',
    ]);
  });

  test('which borrowed books go back within a week', () => {
    const book = (id: string, backBy: string | null, borrowedFrom: string | null = null): ChangeInput => ({
      type: 'library/put-book',
      book: { id, title: id, level: 'lap', backBy, borrowedFrom },
    });
    expect(
      notes(book('Up', '2027-03-15', 'the library'), book('Down', '2027-03-07'), book('Own', null)),
    ).toEqual([
      'care books-back: 2 books to give back. Down by Sun 7 March and Up by Mon 15 March, to the library.',
    ]);
    expect(notes(book('Later', '2027-03-19'))).toEqual([]);
  });

  test('only the first few of many', () => {
    const many = ['a', 'b', 'c', 'd', 'e', 'f'].map((id) => aSupply(id, { ...quiet, packs: [] }));
    expect(notes(...many)).toEqual(['note packs: 6 without a pack. a, b, c, d and 2 more.']);
  });
});

test('the cupboard is in order of names and remembered', () => {
  const book = testBook(
    aSupply('b', { name: 'Ébène' }),
    aSupply('a', { name: 'Zinc' }),
    aSupply('c', { name: 'foil' }),
  );
  const shelf = cupboardOf(book, TODAY);
  expect(shelf.map((row) => row.supply.name)).toEqual(['Ébène', 'foil', 'Zinc']);
  expect(cupboardOf(after(book, works), TODAY)).toBe(shelf);
});
