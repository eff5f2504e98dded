import { describe, expect, test } from 'vitest';
import type { ChangeInput } from '../changes/index.ts';
import {
  A_MONDAY,
  aChild,
  aCorner,
  after,
  anActivity,
  inCorner,
  onDay,
  TEST_UNIT,
  testBook,
} from '../testing/home.ts';
import { read } from '../reading/index.ts';
import { markdownOf } from '../formats/markdown.ts';
import { gridPoints, ideasBySubject, overviewGrid, overviewSheet, spanned } from './overview.ts';

const book = testBook(
  aChild('ada', '2023-05-01'),
  aCorner('bin', { name: 'Sensory bin', kind: 'sensory-bin' }),
  aCorner('easel', { name: 'Easel', kind: 'easel' }),
  anActivity('feathers', { title: 'Feathers' }),
  anActivity('washes', { title: 'A wash of sky', skills: ['painting'] }),
  anActivity('market', {
    title: 'Play market',
    mode: 'whole-group',
    skills: [],
    headings: ['subjects/mathematics'],
  }),
  inCorner('f', 'feathers', 'bin', 2, 4),
  inCorner('w', 'washes', 'bin', 4, 4),
  onDay('m', 'market', 3),
  {
    type: 'unit/put-line',
    line: {
      ...{
        id: 'line',
        unitId: TEST_UNIT,
        kind: 'outdoors',
        day: 2,
        toDay: 5,
        words: 'Sand table',
        order: 'a0',
      },
    },
  } as ChangeInput,
);
const gridOf = (of = book) => overviewGrid(of, read(of, TEST_UNIT, A_MONDAY));
const told = (of = book) =>
  gridOf(of).rows.map(({ name, cells }) => [
    name,
    ...cells.map(({ span, lines }) => `${span}×${lines.join('+')}`),
  ]);

test('days on which the same is said are one cell', () => {
  expect(spanned([['a'], ['a'], [], [], ['a', 'b']])).toEqual([
    { span: 2, lines: ['a'] },
    { span: 2, lines: [] },
    { span: 1, lines: ['a', 'b'] },
  ]);
  expect(spanned([])).toEqual([]);
});

test('a unit on one page has its corners and what is said of its days, each over its days', () => {
  expect(told()).toEqual([
    ['Everyone', '2×', '1×Play market', '7×'],
    ['Sensory bin', '1×', '2×Feathers', '1×Feathers+A wash of sky', '6×'],
    ['Easel', '10×'],
    ['Open outdoors', '1×', '4×Sand table', '5×'],
  ]);
  expect(gridOf().head[0]).toEqual(['Day 1', 'Mon 8']);
});

test('every row covers every day once, whatever the unit is', () => {
  const idea = after(book, {
    type: 'unit/revise',
    unit: { ...book.units[TEST_UNIT]!, start: null },
  } as ChangeInput);
  for (const one of [book, idea])
    for (const { cells } of gridOf(one).rows) expect(cells.reduce((sum, { span }) => sum + span, 0)).toBe(10);
  expect(gridOf(idea).head[0]).toEqual(['Day 1']);
});

test('an idea stands under each heading for which it counts, by its skills or because it is named for it', () => {
  const rows = ideasBySubject(book, read(book, TEST_UNIT, A_MONDAY), 'subjects');
  const of = (id: string) =>
    rows
      .find(({ row }) => row.id === id)!
      .ideas.map(({ placement, at }) => `${placement.content.title}, ${at}`);
  expect(of('mathematics')).toEqual(['Feathers, Sensory bin', 'Play market, Day 3']);
  expect(of('art')).toEqual(['A wash of sky, Sensory bin']);
  expect(of('science')).toEqual([]);
});

test('a unit of a letter hopes for one idea under each heading', () => {
  const letter = after(book, {
    type: 'unit/revise',
    unit: { ...book.units[TEST_UNIT]!, style: 'letter' },
  } as ChangeInput);
  const rows = ideasBySubject(letter, read(letter, TEST_UNIT, A_MONDAY), 'subjects');
  expect(new Set(rows.map(({ row }) => row.target))).toEqual(new Set([1]));
});

describe('letters on paper', () => {
  const grid = (rows: number, text: string) => ({
    kind: 'grid' as const,
    head: Array.from({ length: 10 }, (_, i) => [`Day ${i + 1}`]),
    rows: Array.from({ length: rows }, (_, i) => ({
      name: `Corner ${i}`,
      cells: Array.from({ length: 10 }, () => ({ span: 1, lines: [text] })),
    })),
  });

  test('are as large as all of it fits, and never smaller than can be read', () => {
    expect(gridPoints(grid(5, 'Feathers'))).toBe(9);
    expect(gridPoints(grid(14, 'Sponge kites on blue paper'))).toBeGreaterThanOrEqual(6.5);
    expect(gridPoints(grid(30, 'A long text that goes on and on for many words'))).toBe(6);
    expect(gridPoints(grid(0, ''))).toBe(9);
  });
});

test('as text it is a table in which each day says what it has', () => {
  const text = markdownOf(overviewSheet(book, read(book, TEST_UNIT, A_MONDAY)));
  expect(text).toContain('| Sensory bin |  | Feathers | Feathers | Feathers<br>A wash of sky |');
});
