import { describe, expect, test } from 'vitest';
import type { Book } from '../book/index.ts';
import { read, yearOf } from '../reading/index.ts';
import {
  aChild,
  aCorner,
  after,
  anActivity,
  asTwin,
  A_MONDAY,
  inBin,
  inCorner,
  onDay,
  revised,
  TEST_UNIT,
  testBook,
} from '../testing/home.ts';
import { readyUnitSchema, type UnitId } from '../unit/index.ts';
import { startFromEarlier, startFromReady } from './index.ts';

let made = 0;
const newId = (): string => `new-${(made += 1)}`;
const NEW = 'again' as UnitId;
const unit = (rest: object = {}) =>
  ({ id: NEW, title: 'Again', style: 'theme', start: '2027-05-05', dayCount: 10, ...rest }) as const;
const wheres = (base: Book) =>
  Object.values(base.placements)
    .filter(({ unitId }) => unitId === NEW)
    .map(({ originId, where }) => [originId, where]);

const book = testBook(
  aCorner('a'),
  aCorner('b', { kind: 'music' }),
  aChild('noor', '2024-01-01'),
  aChild('gone', '2022-01-01', { leftOn: '2027-04-01' }),
  anActivity('build'),
  anActivity('sing'),
);

describe('from an earlier unit', () => {
  const first = after(
    book,
    revised(book, { words: ['gust'], featured: [{ kind: 'letter', value: 'W' }] }),
    inCorner('p', 'build', 'a', 1, 10),
    inCorner('late', 'sing', 'b', 8, 9),
    onDay('q', 'sing', 3),
    asTwin('t', 'build', 'q'),
    inBin('n', 'sing', 'noor', 1, 2),
    inBin('g', 'sing', 'gone', 1, 2),
    { type: 'unit/choose-version', placementId: 'p', childId: 'noor', versionId: null },
    {
      type: 'unit/put-event',
      event: { id: 'e', unitId: TEST_UNIT, title: 'Kite day', when: { kind: 'date', date: '2027-03-11' } },
    },
    { type: 'unit/put-thing', thing: { id: 'k', unitId: TEST_UNIT, name: 'kite', order: 'a0' } },
  );

  test('everything stands again in its place, for the children of then', () => {
    const again = after(first, ...startFromEarlier(first, TEST_UNIT, unit(), newId).changes);
    expect(wheres(again)).toEqual([
      ['build', { kind: 'corner', cornerId: 'a', fromDay: 1, toDay: 10 }],
      ['sing', { kind: 'corner', cornerId: 'b', fromDay: 8, toDay: 9 }],
      ['sing', { kind: 'day', day: 3, blockId: 'table' }],
      ['sing', { kind: 'bin', childId: 'noor', fromDay: 1, toDay: 2 }],
      ['sing', { kind: 'reserve' }],
      ['build', { kind: 'twin', of: expect.stringMatching(/^new-/) }],
    ]);
    expect(
      Object.values(again.placements)
        .filter((p) => p.unitId === NEW)
        .flatMap((p) => p.choices),
    ).toEqual([]);
    expect(again.units[NEW]).toMatchObject({
      words: ['gust'],
      featured: [{ value: 'W' }],
      start: '2027-05-05',
    });
    expect(Object.values(again.events).map(({ when }) => when)).toEqual([
      { kind: 'date', date: '2027-03-11' },
      { kind: 'day', day: 4 },
    ]);
    expect(Object.values(again.things)).toHaveLength(2);
  });

  test('into a shorter one nothing is lost: what stood to the end stands to the new end, the rest waits', () => {
    const short = after(first, ...startFromEarlier(first, TEST_UNIT, unit({ dayCount: 4 }), newId).changes);
    expect(wheres(short).slice(0, 2)).toEqual([
      ['build', { kind: 'corner', cornerId: 'a', fromDay: 1, toDay: 4 }],
      ['sing', { kind: 'reserve' }],
    ]);
    expect(wheres(short)).toHaveLength(6);
  });

  test('into an idea', () => {
    const idea = after(first, ...startFromEarlier(first, TEST_UNIT, unit({ start: null }), newId).changes);
    expect(read(idea, NEW, A_MONDAY).frame.calendar.days).toEqual([]);
    expect(wheres(idea)).toHaveLength(6);
  });
});

describe('from a ready-made unit', () => {
  const ready = readyUnitSchema.parse({
    id: 'ready',
    title: 'Paper',
    style: 'theme',
    dayCount: 5,
    things: [{ name: 'fan' }, { name: 'bag' }],
    lines: [{ kind: 'note', day: 2, words: 'x' }],
    placements: [
      { activityId: 'build', where: { kind: 'corner', cornerKind: 'blocks', fromDay: 1, toDay: 5 } },
      { activityId: 'sing', where: { kind: 'corner', cornerKind: 'science', fromDay: 1, toDay: 5 } },
      { activityId: 'sing', where: { kind: 'day', day: 2 } },
      { activityId: 'build', where: { kind: 'day', day: 2 } },
      { activityId: 'not-here', where: { kind: 'reserve' } },
    ],
  });

  test('each thing finds its kind of corner or a free block; what has no place waits, what is gone is named', () => {
    const { changes, left } = startFromReady(ready, book, unit({ title: 'Our paper', dayCount: 8 }), newId);
    const started = after(book, ...changes);
    expect(left).toEqual(['not-here']);
    expect(wheres(started)).toEqual([
      ['build', { kind: 'corner', cornerId: 'a', fromDay: 1, toDay: 8 }],
      ['sing', { kind: 'reserve' }],
      ['sing', { kind: 'day', day: 2, blockId: 'table' }],
      ['build', { kind: 'day', day: 2, blockId: 'groups' }],
    ]);
    expect(read(started, NEW, A_MONDAY).things.map(({ name }) => name)).toEqual(['fan', 'bag']);
    expect(Object.values(started.dayLines)).toHaveLength(1);
  });
});

describe('the year', () => {
  test('lays overlapping units beside each other, ideas last, and knows what was featured when', () => {
    const featured = [{ kind: 'letter', value: 'W', span: 'month' }] as const;
    const base = after(
      book,
      revised(book, { featured: [...featured] }),
      { type: 'unit/start', unit: unit({ start: '2027-03-12', featured: [{ kind: 'letter', value: 'w' }] }) },
      { type: 'unit/start', unit: { ...unit({ start: '2027-05-05' }), id: 'later' } },
      { type: 'unit/start', unit: { ...unit({ start: null, title: 'Locks' }), id: 'idea' } },
    );
    const year = yearOf(base, A_MONDAY);
    expect(year.units.map(({ unit: { id }, lane, phase }) => [id, lane, phase])).toEqual([
      [TEST_UNIT, 0, 'now'],
      [NEW, 1, 'to-come'],
      ['later', 0, 'to-come'],
      ['idea', 0, 'idea'],
    ]);
    expect(year.values.letter).toEqual(['W']);
    expect(year.featured.get('letter:w')?.map(({ text }) => text)).toEqual([
      'Kites, Mon 8 March, for the month',
      'Again, Fri 12 March',
    ]);
  });
});
