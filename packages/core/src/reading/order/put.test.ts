import { describe, expect, test } from 'vitest';
import { plainDay } from '../../calendar/index.ts';
import {
  A_MONDAY,
  aCorner,
  anActivity,
  inCorner,
  inReserve,
  onDay,
  TEST_UNIT,
  testBook,
} from '../../testing/home.ts';
import { read } from '../answers/read.ts';
import { asPlaced, cornerDoubt, spotKey, whereAt, type PutSpot } from './put.ts';

const book = testBook(
  aCorner('a'),
  aCorner('b'),
  anActivity('build'),
  anActivity('sing', { mode: 'whole-group' }),
  inCorner('p', 'build', 'a', 1, 4),
  onDay('q', 'sing', 2, 'groups'),
  inReserve('r', 'sing'),
);
const reading = read(book, TEST_UNIT, A_MONDAY);
const put = (spot: unknown, id: string | null = null) =>
  whereAt(spot as PutSpot, id === null ? null : book.placements[id]!.where, reading);

describe('what is put into a place', () => {
  test('gets the days of a corner that are still free', () => {
    expect(put({ kind: 'corner', cornerId: 'a' })).toEqual({
      kind: 'corner',
      cornerId: 'a',
      fromDay: 5,
      toDay: 10,
    });
    expect(put({ kind: 'corner', cornerId: 'b' }, 'r')).toMatchObject({ fromDay: 1, toDay: 10 });
  });

  test('keeps its own days in another corner, or in a bin', () => {
    expect(put({ kind: 'corner', cornerId: 'b' }, 'p')).toMatchObject({
      cornerId: 'b',
      fromDay: 1,
      toDay: 4,
    });
    expect(put({ kind: 'bin', childId: 'bo' }, 'p')).toEqual({
      kind: 'bin',
      childId: 'bo',
      fromDay: 1,
      toDay: 4,
    });
    expect(put({ kind: 'bin', childId: 'bo' })).toMatchObject({ fromDay: 1, toDay: 10 });
  });

  test('keeps its block on another day, and gets a free one when it is new', () => {
    expect(put({ kind: 'day', day: 7 }, 'q')).toEqual({ kind: 'day', day: 7, blockId: 'groups' });
    expect(put({ kind: 'day', day: 2 })).toMatchObject({ day: 2, blockId: 'table' });
  });

  test('has no day in the reserve', () => {
    expect(put({ kind: 'reserve' }, 'q')).toEqual({ kind: 'reserve' });
  });
});

test('a corner of another kind is doubted, one of its kind not, and nothing where an activity suits any place', () => {
  const { content } = book.activities['build']!;
  expect(cornerDoubt(content, { kind: 'blocks' })).toBeNull();
  expect(cornerDoubt({ ...content, cornerKinds: ['easel', 'table-trays'] }, { kind: 'blocks' })).toBe(
    'It is made for easel or table trays',
  );
  expect(cornerDoubt({ ...content, cornerKinds: [] }, { kind: 'blocks' })).toBeNull();
});

test('each place has a key of its own', () => {
  const spots = [
    { kind: 'corner', cornerId: 'a' },
    { kind: 'day', day: 1 },
    { kind: 'bin', childId: 'a' },
    { kind: 'reserve' },
  ] as unknown as PutSpot[];
  expect(spots.map(spotKey)).toEqual(['corner:a', 'day:1', 'bin:a', 'reserve']);
});

test('what is not placed yet can be asked where it would fit', () => {
  const sketch = testBook(
    anActivity('first'),
    anActivity('then', { mode: 'whole-group', comesAfter: [{ activityId: 'first', leastDays: 1 }] }),
    onDay('f', 'first', 3),
  );
  const { frame, verdicts } = read(sketch, TEST_UNIT, plainDay('2027-03-01'));
  const wouldBe = asPlaced(sketch.activities['then']!, frame);
  const fits = verdicts(wouldBe).filter(({ breaks }) => breaks.length === 0);
  expect(fits.map(({ day }) => day)).toEqual([4, 5, 6, 7, 8, 9, 10]);
});
