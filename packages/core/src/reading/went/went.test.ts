import { expect, test } from 'vitest';
import {
  aChild,
  after,
  A_MONDAY,
  anActivity,
  aMaterial,
  aSupply,
  aVersion,
  inCorner,
  aCorner,
  onDay,
  recorded,
  testBook,
  TEST_UNIT,
} from '../../testing/home.ts';
import type { ActivityId } from '../../index.ts';
import { read } from '../answers/read.ts';
import { wentBefore, wentIn } from './went.ts';

const book = testBook(
  aCorner('a'),
  aChild('bo', '2022-01-01', {
    likes: ['loud drums'],
    wontTouch: ['wet paint'],
    helps: [{ kind: 'grip', words: 'a short pencil' }],
  }),
  aSupply('paint', { name: 'tempera paint' }),
  anActivity('wash', { mode: 'whole-group', materials: [aMaterial('paint', 1)] }),
  anActivity('drum', { mode: 'whole-group', title: 'Drums in the wind' }),
  anActivity('plain', { mode: 'whole-group' }),
  onDay('p', 'wash', 2),
  onDay('q', 'drum', 1),
  onDay('r', 'plain', 3),
);
const { title } = book.units[TEST_UNIT]!;
const suggested = (base: typeof book, id: string) =>
  read(base, TEST_UNIT, A_MONDAY)
    .suggestions({ any: true })
    .find(({ activity }) => activity.id === id)!;

test('what was recorded is told in the order of its days', () => {
  const done = after(
    book,
    recorded('p', 2, 'lost', { note: 'too wet' }),
    recorded('q', 1, 'loved'),
    recorded('r', 3, 'fine'),
  );
  expect(wentIn(done, TEST_UNIT).map(({ placement, date }) => [placement.id, date])).toEqual([
    ['q', '2027-03-08'],
    ['p', '2027-03-09'],
    ['r', '2027-03-10'],
  ]);
  expect(wentIn(book, TEST_UNIT)).toEqual([]);
});

test('what was loved is offered before what is like it, what lost them after it, and both say why', () => {
  const done = after(book, recorded('q', 1, 'loved'), recorded('r', 3, 'lost', { note: 'too long' }));
  expect(suggested(done, 'drum').score).toBeGreaterThan(suggested(book, 'drum').score);
  expect(suggested(done, 'drum').reasons).toContain(`loved in ${title}`);
  expect(suggested(done, 'plain').score).toBeLessThan(suggested(book, 'plain').score);
  expect(suggested(done, 'plain').reasons[0]).toBe(`lost them in ${title}: too long`);
});

test('times weigh by their share; what was skipped says nothing', () => {
  const done = after(
    book,
    onDay('q2', 'drum', 4),
    onDay('q3', 'drum', 5),
    recorded('q', 1, 'loved'),
    recorded('q2', 4, 'fine'),
    recorded('q3', 5, 'skipped'),
  );
  expect(wentBefore(done, 'drum' as ActivityId)).toMatchObject({ loved: 0.5, lost: 0 });
});

test('what a child likes lifts a suggestion, what it will not touch lowers it', () => {
  expect(suggested(book, 'drum').reasons).toContain('bo likes loud drums');
  expect(suggested(book, 'wash').told).toContainEqual(
    expect.objectContaining({ about: 'unliked', points: -1 }),
  );
});

test('what a child will not touch is told on the days on which it meets it, once for all of it', () => {
  const two = after(
    book,
    anActivity('dip', { versions: [aVersion(0, null, { does: 'dips a brush into painting water' })] }),
    inCorner('s', 'dip', 'a', 1, 10),
  );
  const told = read(two, TEST_UNIT, A_MONDAY).headsUps.filter(({ rule }) => rule === 'wont-touch');
  expect(told).toHaveLength(1);
  expect(told[0]).toMatchObject({
    title: 'bo will not touch wet paint',
    placementIds: ['p', 's'],
    days: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10],
  });
  expect(
    read(book, TEST_UNIT, A_MONDAY).headsUps.filter(({ rule }) => rule === 'wont-touch')[0]!.days,
  ).toEqual([2]);
});
