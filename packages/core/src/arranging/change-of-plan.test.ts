import { describe, expect, test } from 'vitest';
import { placementAt, type Book } from '../book/index.ts';
import type { ChangeInput } from '../changes/index.ts';
import { dayPlanOf, read } from '../reading/index.ts';
import {
  A_MONDAY,
  aChild,
  aCorner,
  after,
  anActivity,
  asTwin,
  aVersion,
  inCorner,
  inReserve,
  onDay,
  TEST_UNIT,
  testBook,
} from '../testing/home.ts';
import { changesToCarryOn } from './carry-on.ts';
import { changesOfPlan, type PlanBreaker } from './change-of-plan.ts';

const CHILDREN = [aChild('ada', '2026-01-01'), aChild('bo', '2023-01-01'), aChild('eli', '2021-01-01')];
const easy = anActivity('mirror', { adult: 'alone', mess: 'clean', versions: [aVersion(24)] });
const forAll = anActivity('path', { adult: 'near', mess: 'clean' });
const book = testBook(
  ...CHILDREN,
  easy,
  forAll,
  anActivity('parachute', { place: 'outdoors', energy: 'lively' }),
  anActivity('hall', { place: 'indoors' }),
  anActivity('keepsake', { keepsake: true, mess: 'messy' }),
  anActivity('calm', { adult: 'alone', energy: 'calm' }),
  inReserve('r1', 'mirror'),
  inReserve('r2', 'path'),
);
const offers = (of: Book, because: PlanBreaker, minutes = 0) => {
  const reading = read(of, TEST_UNIT, A_MONDAY);
  const plan = dayPlanOf(of, reading, 1)!;
  const children = reading.frame.attendance[0]!.children;
  return changesOfPlan(of, reading, { plan, minutes, children }, because);
};
const awayToday: ChangeInput = {
  type: 'house/put-absence',
  absence: { id: 'a', childId: 'bo', from: A_MONDAY, to: A_MONDAY, parts: [] },
};

describe('when the plan breaks', () => {
  test('the twin comes in for what the weather stops, and that waits for the emptiest day', () => {
    const planned = after(book, onDay('p', 'parachute', 1), asTwin('t', 'hall', 'p'), onDay('q', 'calm', 2));
    const [offer] = offers(planned, 'weather');
    expect([offer?.title, offer?.why]).toEqual([
      'hall instead of parachute',
      'made for such a day, clean, fits 3 of 3',
    ]);
    expect(offer?.moves).toEqual(['parachute moves to Day 3, Wed 10 March']);
    const changed = after(planned, ...offer!.changes);
    expect([changed.placements.t?.where, changed.placements.p?.where]).toEqual([
      { kind: 'day', day: 1, blockId: 'table' },
      { kind: 'day', day: 3, blockId: 'table' },
    ]);
  });

  test('without a twin the easiest thing of the reserve that fits the most of those who are there', () => {
    const [offer] = offers(after(book, onDay('p', 'parachute', 1)), 'weather');
    expect([offer?.title, offer?.why]).toEqual([
      'path instead of parachute',
      'waits in the reserve, clean, fits 3 of 3',
    ]);
  });

  test('a keepsake waits for a full house when somebody is away, and only then', () => {
    const planned = after(book, onDay('p', 'keepsake', 1));
    expect(offers(planned, 'fewer')).toEqual([]);
    const alsoTuesday: ChangeInput = {
      type: 'house/put-absence',
      absence: { id: 'b', childId: 'eli', from: '2027-03-09' as never, to: '2027-03-09' as never, parts: [] },
    };
    const [offer] = offers(after(planned, awayToday, alsoTuesday), 'fewer');
    expect(offer?.moves).toEqual(['keepsake moves to Day 3, Wed 10 March: everyone comes then']);
  });

  test('tired: what asks the most goes first, what is calm and easy stays', () => {
    const planned = after(
      book,
      onDay('k', 'keepsake', 1),
      onDay('c', 'calm', 1, 'groups'),
      onDay('p', 'parachute', 1, 'late'),
    );
    expect(offers(planned, 'tired').map(({ title }) => title)).toEqual([
      'path instead of keepsake',
      'mirror instead of parachute',
    ]);
  });

  test('what is over, or was told of, is left alone', () => {
    const planned = after(book, onDay('p', 'parachute', 1));
    expect(offers(planned, 'weather', 10 * 60)).toEqual([]);
    const told = after(planned, {
      type: 'daybook/record',
      record: { unitId: TEST_UNIT, placementId: 'p', day: 1, outcome: 'fine' } as never,
    });
    expect(offers(told, 'weather')).toEqual([]);
  });

  test('on the last day it goes to the reserve; with nothing easy it is left out', () => {
    const last = after(
      testBook(...CHILDREN, anActivity('parachute', { place: 'outdoors' }), onDay('p', 'parachute', 1)),
      {
        type: 'unit/revise',
        unit: { id: TEST_UNIT, title: 'Kites', style: 'theme', start: A_MONDAY, dayCount: 1 },
      },
    );
    const [offer] = offers(last, 'weather');
    expect([offer?.title, offer?.moves]).toEqual([
      'Leave parachute out today',
      ['parachute goes to the reserve: no day of Kites is left'],
    ]);
  });

  test('one press is one step, and undo puts everything back', () => {
    const planned = after(book, onDay('p', 'parachute', 1), asTwin('t', 'hall', 'p'));
    const where = (of: Book) => Object.values(of.placements).map(({ id, where: at }) => [id, at]);
    const changed = after(planned, ...offers(planned, 'weather')[0]!.changes);
    const back = after(changed, {
      type: 'book/restore',
      entities: ['p', 't'].map((id) => ({ kind: 'placements', id, to: planned.placements[id] })) as never,
    });
    expect(where(back)).toEqual(where(planned));
  });
});

describe('what was begun and not finished', () => {
  const carried = (of: Book, id: string, day: number) =>
    changesToCarryOn(placementAt(of, id)!, day, read(of, TEST_UNIT, A_MONDAY).frame, () => 'x');

  test('comes again on the next day, and a set-up stays a day longer', () => {
    const planned = after(book, aCorner('a'), onDay('p', 'calm', 1), inCorner('s', 'calm', 'a', 1, 2));
    const next = after(planned, ...carried(planned, 'p', 1));
    expect(next.placements['carried-x']).toMatchObject({
      where: { day: 2, blockId: 'table' },
      outSince: A_MONDAY,
    });
    expect(carried(planned, 's', 1)).toEqual([]);
    const longer = after(planned, ...carried(planned, 's', 2));
    expect(longer.placements.s?.where).toMatchObject({ toDay: 3 });
    expect(carried(planned, 'p', 10)).toEqual([]);
  });
});
