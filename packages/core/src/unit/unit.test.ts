import { describe, expect, test } from 'vitest';
import { homeOf } from '../book/index.ts';
import { aCorner, after, anActivity, inCorner, onDay, TEST_UNIT, testBook } from '../testing/home.ts';
import { lastDayOf, placedCopySchema, standsOn, STYLES, unitDays, unitSchema, whereSchema } from './index.ts';

const book = testBook(
  aCorner('a'),
  anActivity('build'),
  inCorner('p', 'build', 'a', 2, 4),
  onDay('q', 'build', 3),
);

describe('a unit on the calendar', () => {
  test('moves with a closure that is laid in its middle: days keep their numbers, not their dates', () => {
    const dates = (base = book) =>
      unitDays(base.units[TEST_UNIT]!, homeOf(base), Object.values(base.closures)).days;
    expect(dates()[2]).toEqual({ number: 3, date: '2027-03-10' });
    const closed = after(book, {
      type: 'house/put-closure',
      closure: { id: 'c', from: '2027-03-10', to: '2027-03-10', why: 'Storm' },
    });
    expect(dates(closed)[2]).toEqual({ number: 3, date: '2027-03-11' });
    expect(closed.placements).toBe(book.placements);
  });

  test.each([1, 60])('may have %i program days', (dayCount) => {
    expect(unitSchema.safeParse({ ...book.units[TEST_UNIT], dayCount }).success).toBe(true);
  });

  test.each([0, 61, 2.5, '10', null])('may not have %s', (dayCount) => {
    const issue = unitSchema.safeParse({ ...book.units[TEST_UNIT], dayCount }).error?.issues[0];
    expect([issue?.path, issue?.message]).toEqual([['dayCount'], 'A unit has 1 to 60 program days']);
  });

  test('has one of four styles, each with a span of its own to begin with', () => {
    expect(Object.keys(STYLES)).toEqual(['theme', 'letter', 'passion', 'individual']);
    for (const { days } of Object.values(STYLES))
      expect(unitSchema.shape.dayCount.safeParse(days).success).toBe(true);
  });
});

describe('a placement', () => {
  test('stands on the days of its span, or on its one day', () => {
    const { p, q } = book.placements;
    expect([1, 2, 3, 4, 5].map((day) => standsOn(p!, day))).toEqual([false, true, true, true, false]);
    expect([2, 3, 4].map((day) => standsOn(q!, day))).toEqual([false, true, false]);
    expect([lastDayOf(p!), lastDayOf(q!)]).toEqual([4, 3]);
  });

  test.each([
    [{ kind: 'corner', cornerId: 'a', fromDay: 5, toDay: 4 }, ['toDay']],
    [{ kind: 'corner', cornerId: '', fromDay: 1, toDay: 4 }, ['cornerId']],
    [{ kind: 'day', day: 61, blockId: 'table' }, ['day']],
  ])('is refused at %o', (where, path) => {
    const branch = whereSchema.options[where.kind === 'corner' ? 0 : 1];
    expect(branch.safeParse(where).error?.issues[0]?.path).toEqual(path);
    expect(placedCopySchema.safeParse({ ...book.placements.p, where }).success).toBe(false);
  });
});
