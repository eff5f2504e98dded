import { describe, expect, test } from 'vitest';
import type { Book } from '../../book/index.ts';
import { plainDay } from '../../calendar/index.ts';
import type { ChangeInput } from '../../changes/index.ts';
import type { SupplyId } from '../../cupboard/index.ts';
import {
  A_MONDAY,
  aChild,
  aCorner,
  after,
  aMaterial,
  anActivity,
  aSupply,
  aVersion,
  inCorner,
  onDay,
  revised,
  TEST_HOME,
  TEST_UNIT,
  testBook,
} from '../../testing/home.ts';
import { formatDays, freeBlock, freeSpan, phaseOf, read } from '../index.ts';

// What nobody recorded and what is not in the house have tests of their own.
const ASIDE: readonly string[] = ['unknown', 'out-of-stock'];
const findings = (book: Book, today = A_MONDAY) =>
  read(book, TEST_UNIT, today)
    .headsUps.filter(({ rule }) => !ASIDE.includes(rule))
    .map((f) => `${f.level} ${f.key} [${f.days.join()}]`);

describe('an empty corner', () => {
  const book = testBook(aCorner('a'), aCorner('b'), anActivity('build'));

  test('is pointed out until something stands in it on some day', () => {
    expect(findings(book)).toEqual(['note empty-corner:a []', 'note empty-corner:b []']);
    const filled = after(book, inCorner('p', 'build', 'a', 3, 3));
    expect(findings(filled)).toEqual(['note empty-corner:b []']);
    expect(findings(after(filled, { type: 'unit/unplace', placementId: 'p' }))).toHaveLength(2);
  });

  test('is left alone when it is not expected to be filled, or the unit is over', () => {
    expect(findings(after(book, aCorner('a', { expected: false })))).toEqual(['note empty-corner:b []']);
    expect(findings(book, plainDay('2027-03-19'))).toHaveLength(2);
    expect(findings(book, plainDay('2027-03-20'))).toEqual([]);
  });

  test('is no cubby once it is retired, but stays where something stands in it', () => {
    const filled = after(book, inCorner('p', 'build', 'b', 1, 3));
    const retired = after(filled, aCorner('a', { retired: true }), aCorner('b', { retired: true }));
    expect(read(retired, TEST_UNIT, A_MONDAY).shelf.map((cubby) => cubby.corner.id)).toEqual(['b']);
    expect(findings(retired)).toEqual(['note retired-corner:p []']);
  });

  test('more than three are told in one', () => {
    const four = after(book, aCorner('c'), aCorner('d'));
    expect(findings(four)).toEqual(['note empty-corner []']);
    expect(read(four, TEST_UNIT, A_MONDAY).headsUps[0]?.title).toBe('4 corners are empty');
  });
});

describe('a child with nothing at the right age', () => {
  const from36 = { versions: [aVersion(36)] };
  // Three years old on Wednesday, Day 3.
  const book = testBook(aChild('noor', '2024-03-10'), anActivity('lace', from36), anActivity('lap'));

  test('is pointed out on the days before the birthday that opens the version, and not after', () => {
    const planned = after(book, onDay('p1', 'lace', 1), onDay('p2', 'lace', 2), onDay('p3', 'lace', 3));
    expect(findings(planned)).toEqual(['care left-out:noor [1,2]']);
  });

  test('is not pointed out on a day without any plan, nor when something else fits', () => {
    expect(findings(book)).toEqual([]);
    const planned = after(book, onDay('p1', 'lace', 1));
    expect(findings(after(planned, onDay('p2', 'lap', 1, 'groups')))).toEqual([]);
  });

  test('is not pointed out when the child is away, or the day is over', () => {
    const planned = after(book, onDay('p1', 'lace', 1));
    const away: ChangeInput = {
      type: 'house/put-absence',
      absence: { id: 'x', childId: 'noor', from: '2027-03-08', to: '2027-03-08' },
    };
    expect(findings(after(planned, away))).toEqual([]);
    expect(findings(planned, plainDay('2027-03-09'))).toEqual([]);
  });

  test('a version in a block in which the child is not there does not count', () => {
    const planned = after(book, onDay('p1', 'lap', 1, 'late'));
    expect(findings(planned)).toEqual(['care left-out:noor [1]']);
  });

  test('a version ends with the month before its upper end', () => {
    const until36 = { versions: [aVersion(0, 36)] };
    const planned = after(book, anActivity('tiny', until36), onDay('p2', 'tiny', 2), onDay('p3', 'tiny', 3));
    expect(findings(planned)).toEqual(['care left-out:noor [3]']);
  });
});

describe('an allergen', () => {
  const book = testBook(
    aCorner('a', { expected: false }),
    aChild('tove', '2023-01-20', {
      allergies: [{ allergen: 'gluten', words: 'coeliac' }],
      attendance: { '1': ['morning'], '3': ['afternoon'] },
    }),
    aSupply('flour', { allergens: ['wheat'] }),
    aSupply('rice', { allergens: [] }),
    anActivity('dough', { materials: [aMaterial('flour', 100)] }),
    anActivity('rice-dough', { materials: [aMaterial('rice', 100)] }),
  );

  test('stops on the days on which the child comes, through what it always brings along', () => {
    expect(findings(after(book, inCorner('p', 'dough', 'a', 1, 5)))).toEqual([
      'stop allergen:p:flour:gluten:tove [1,3]',
    ]);
  });

  test('does not stop on the other days, in another part of the day, or with another material', () => {
    expect(findings(after(book, inCorner('p', 'dough', 'a', 4, 5)))).toEqual([]);
    // It is left out then, which is another matter.
    expect(findings(after(book, onDay('p', 'dough', 3)))).toEqual(['care left-out:tove [3]']);
    expect(findings(after(book, onDay('p', 'dough', 3, 'late')))).toEqual([
      'stop allergen:p:flour:gluten:tove [3]',
    ]);
    expect(findings(after(book, inCorner('p', 'rice-dough', 'a', 1, 5)))).toEqual([]);
  });

  test('speaks also for a child without a version at that age: what stands in the room can be reached', () => {
    const older = { versions: [aVersion(100)] };
    const dough = anActivity('dough', { ...older, materials: [aMaterial('flour', 100)] });
    expect(findings(after(book, dough, onDay('p', 'dough', 1)))).toContain(
      'stop allergen:p:flour:gluten:tove [1]',
    );
  });

  test('speaks for a line of one’s own on the supply list, on the day for which it is needed', () => {
    const needs = (day: number, supplyId = 'flour') => {
      const need = { id: 'n', supplyId: supplyId as SupplyId, amount: 100, day };
      return after(book, revised(book, { needs: [need] }));
    };
    expect(findings(needs(3))).toEqual([
      expect.stringMatching(/^stop allergen:own-need\/n:flour:gluten:tove/),
    ]);
    // On Day 4 the child is not there, and rice is free of it.
    expect(findings(needs(4))).toEqual([]);
    expect(findings(needs(3, 'rice'))).toEqual([]);
  });

  test('vanishes when the supply is known to be free of it', () => {
    const placed = after(book, inCorner('p', 'dough', 'a', 1, 5));
    expect(findings(after(placed, aSupply('flour', { allergens: [] })))).toEqual([]);
  });
});

test('what goes past the end of a unit that was cut short is pointed out, not dropped', () => {
  const book = testBook(
    aCorner('a'),
    anActivity('build'),
    inCorner('p', 'build', 'a', 1, 10),
    onDay('q', 'build', 6),
  );
  const short = after(book, { type: 'unit/revise', unit: { ...book.units[TEST_UNIT]!, dayCount: 5 } });
  expect(findings(short)).toEqual(['note past-the-end:p []', 'note past-the-end:q []']);
  expect(Object.keys(short.placements)).toEqual(['p', 'q']);
});

test('stops come before cares and notes', () => {
  const book = testBook(
    aCorner('a'),
    aCorner('b'),
    aChild('tove', '2023-01-20', { allergies: [{ allergen: 'milk', words: 'milk' }] }),
    aSupply('yogurt', { allergens: ['milk'] }),
    anActivity('old', { versions: [aVersion(120)], materials: [aMaterial('yogurt', 1)] }),
    inCorner('p', 'old', 'a', 1, 1),
  );
  expect(findings(book).map((text) => text.split(' ')[0])).toEqual(['stop', 'care', 'note']);
});

describe('the reading', () => {
  const book = testBook(
    aCorner('a'),
    aCorner('b'),
    aChild('ada', '2024-01-01'),
    aSupply('sticks'),
    anActivity('build', { materials: [aMaterial('sticks', 1)] }),
    inCorner('p', 'build', 'a', 1, 10),
  );

  test('answers with the same objects as long as what it read is the same', () => {
    const one = read(book, TEST_UNIT, A_MONDAY);
    const renamed = after(book, aChild('ada', '2024-01-01'), {
      type: 'cupboard/put-wish',
      wish: { id: 'x', words: 'More sticks' },
    });
    const two = read(renamed, TEST_UNIT, A_MONDAY);
    expect([two.frame, two.shelf, two.supplies, two.headsUps]).toEqual([
      one.frame,
      one.shelf,
      one.supplies,
      one.headsUps,
    ]);
    expect(two.supplies).toBe(one.supplies);
    expect(two.headsUps).toBe(one.headsUps);
  });

  test('after an edit is what a fresh reading of an equal book would be', () => {
    const edited = after(book, inCorner('q', 'build', 'b', 2, 3), onDay('r', 'build', 4));
    const fresh = JSON.parse(JSON.stringify(edited)) as Book;
    const [warm, cold] = [edited, fresh].map((one) => {
      const { shelf, supplies, headsUps } = read(one, TEST_UNIT, A_MONDAY);
      return JSON.parse(JSON.stringify({ shelf, supplies, headsUps }));
    });
    expect(warm).toEqual(cold);
  });

  test('of a unit that is not there is a mistake of the program', () => {
    expect(() => read(book, 'gone' as never, A_MONDAY)).toThrow('no such unit');
  });

  test('suggests for a corner what suits it, with what speaks for it', () => {
    const more = after(
      book,
      aSupply('foil'),
      anActivity('zebra', { materials: [aMaterial('foil', 1)] }),
      anActivity('young', { versions: [aVersion(0, 12)] }),
      anActivity('plain'),
      anActivity('elsewhere', { cornerKinds: ['music'] }),
      anActivity('for-all', { mode: 'whole-group' }),
    );
    const { suggestions } = read(more, TEST_UNIT, A_MONDAY);
    const titles = (corner: string | null) =>
      suggestions({ corner: corner ? more.corners[corner]! : null }).map(
        ({ activity }) => activity.content.title,
      );
    expect(titles('a')).toEqual(['plain', 'zebra', 'young', 'build']);
    expect(titles(null)).toEqual(['for-all']);
  });
});

describe('what is still free', () => {
  const book = testBook(aCorner('a'), anActivity('build'), inCorner('p', 'build', 'a', 3, 5));
  const cubby = (base: Book) => read(base, TEST_UNIT, A_MONDAY).shelf[0]!;
  const span = (base: Book) => freeSpan(cubby(base), read(base, TEST_UNIT, A_MONDAY).frame);

  test('in a corner is the first stretch of empty days', () => {
    expect(span(testBook(aCorner('a')))).toEqual({ fromDay: 1, toDay: 10 });
    expect(span(book)).toEqual({ fromDay: 1, toDay: 2 });
    const later = after(book, inCorner('q', 'build', 'a', 1, 2));
    expect(span(later)).toEqual({ fromDay: 6, toDay: 10 });
    expect(span(after(later, inCorner('r', 'build', 'a', 6, 10)))).toEqual({ fromDay: 1, toDay: 10 });
  });

  test('on a day is the first block without anything that is not kept for the circle', () => {
    const circle = { id: 'circle', name: 'Circle', start: '09:00', minutes: 20, isCircle: true };
    const home = { ...TEST_HOME, blocks: [circle, ...TEST_HOME.blocks] };
    const block = (base: Book) => {
      const { placements, frame } = read(base, TEST_UNIT, A_MONDAY);
      return freeBlock(placements, 2, frame).id;
    };
    const withCircle = after(book, { type: 'house/put-home', home });
    expect(block(withCircle)).toBe('table');
    const one = after(withCircle, onDay('q', 'build', 2), onDay('other-day', 'build', 3, 'groups'));
    expect(block(one)).toBe('groups');
    expect(block(after(one, onDay('r', 'build', 2, 'groups'), onDay('s', 'build', 2, 'late')))).toBe('table');
  });
});

test('a unit is to come, now, or over by the date of its first and last day', () => {
  const { frame } = read(testBook(), TEST_UNIT, A_MONDAY);
  const phases = ['2027-03-07', '2027-03-08', '2027-03-14', '2027-03-19', '2027-03-20'].map((day) =>
    phaseOf(frame, plainDay(day)),
  );
  expect(phases).toEqual(['to-come', 'now', 'now', 'now', 'over']);
});

test('days are told in runs', () => {
  expect([[3], [1, 2], [1, 2, 3], [1, 2, 3, 7], [2, 4, 6, 7]].map(formatDays)).toEqual([
    'Day 3',
    'Day 1 and 2',
    'Day 1 to 3',
    'Day 1 to 3 and 7',
    'Day 2, 4, 6 and 7',
  ]);
  expect(formatDays([1, 2, 3, 5, 7, 9, 11, 13, 15])).toBe('Day 1 to 3, 5, 7 and so on, 9 days');
});
