import { expect, test } from 'vitest';
import { plainDay } from '../../calendar/index.ts';
import {
  A_MONDAY,
  aChild,
  aCorner,
  after,
  anActivity,
  aSupply,
  inCorner,
  TEST_UNIT,
  testBook,
} from '../../testing/home.ts';
import type { Book } from '../../book/index.ts';
import { nextStepOf } from './next-step.ts';

const idOf = (book: Book, today = A_MONDAY) => nextStepOf(book, today)?.id ?? null;

test('from who comes to what is in the house, each once it is done', () => {
  const empty = testBook(aCorner('a'), anActivity('build'), aSupply('pegs', {}));
  expect(nextStepOf(empty, A_MONDAY)).toMatchObject({ id: 'children', unitId: null, of: 6, done: 1 });
  const idle = after(empty, aChild('ada', '2022-01-01', { attendance: {} }));
  expect(idOf(idle)).toBe('week');
  const one = after(empty, aChild('ada', '2022-01-01'));
  expect(nextStepOf(one, A_MONDAY)).toMatchObject({ id: 'things', unitId: TEST_UNIT, done: 3 });
  const things = after(one, {
    type: 'unit/put-thing',
    thing: { id: 'kite', unitId: TEST_UNIT, name: 'kite', order: 'a0' },
  } as never);
  expect(idOf(things)).toBe('plan');
  const planned = after(things, inCorner('p', 'build', 'a', 1, 2));
  expect(idOf(planned)).toBe('stock');
  const counted = after(planned, {
    type: 'cupboard/record-stock',
    move: { id: 'n', supplyId: 'pegs', kind: 'counted', amount: 6, at: '2027-03-01T08:00:00.000Z' },
  });
  expect(idOf(counted)).toBeNull();
});

test('a home that has been through a unit is asked for nothing', () => {
  expect(idOf(testBook(), plainDay('2029-01-01'))).toBeNull();
});
