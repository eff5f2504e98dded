import { expect, test } from 'vitest';
import type { ChangeInput } from '../../changes/index.ts';
import {
  A_MONDAY,
  aChild,
  after,
  anActivity,
  onDay,
  recorded,
  testBook,
  TEST_HOME,
  TEST_UNIT,
} from '../../testing/home.ts';
import { read } from '../answers/read.ts';
import { learnedTurn, turnsMeasured, turnSpread } from './learned.ts';
import { placedIn } from './plan.ts';

const took = (placementId: string, day: number, minutes: number): ChangeInput =>
  recorded(placementId, day, 'fine', { turnTook: minutes });
const book = testBook(
  aChild('bo', '2022-01-01'),
  anActivity('cut', { mode: 'small-group', turnMinutes: 20 as never, atOnce: 1 }),
  anActivity('fold', { mode: 'small-group', turnMinutes: 20 as never }),
  ...[1, 2, 3, 4, 5].map((day) => onDay(`p${day}`, 'cut', day)),
  onDay('q', 'fold', 6),
);
const turnOf = (base: typeof book, id: string) =>
  read(base, TEST_UNIT, A_MONDAY).placements.find((one) => one.id === id)!.content.turnMinutes;

test('turns are as long as they took here, wherever the activity is placed', () => {
  const measured = after(book, ...[1, 2, 3].map((day) => took(`p${day}`, day, 30)));
  expect(learnedTurn(measured, 'cut' as never, 20)).toEqual({ minutes: 26, written: 20, times: 3 });
  expect([turnOf(book, 'p5'), turnOf(measured, 'p5'), turnOf(measured, 'q')]).toEqual([20, 26, 20]);
});

test('a plan that fits by what is written is told not to by what was learned', () => {
  const isTold = (base: typeof book) =>
    read(base, TEST_UNIT, A_MONDAY).headsUps.some(({ rule }) => rule === 'rounds');
  const measured = after(book, ...[1, 2, 3, 4].map((day) => took(`p${day}`, day, 50)));
  expect([isTold(book), isTold(measured)]).toEqual([false, true]);
});

test('it is counted anew when somebody says so, and nothing is learned of what has no minutes', () => {
  const measured = after(book, took('p1', 1, 60));
  expect(learnedTurn(measured, 'cut' as never, 20)?.minutes).toBe(25);
  const home = { ...TEST_HOME, minutesSince: '2027-03-08T12:00:00.000Z' };
  expect(learnedTurn(after(measured, { type: 'house/put-home', home }), 'cut' as never, 20)).toEqual({
    minutes: 20,
    written: 20,
    times: 0,
  });
  expect(learnedTurn(measured, 'cut' as never, null)).toBeNull();
});

test('what was written into the library since is the measure', () => {
  const measured = after(book, ...[1, 2, 3, 4].map((day) => took(`p${day}`, day, 30)));
  expect(learnedTurn(measured, 'cut' as never, 30)?.minutes).toBe(30);
});

test('what is recorded without a clock leaves all that is planned the same', () => {
  const measured = after(book, took('p1', 1, 60));
  const said = after(measured, recorded('p2', 2, 'loved'));
  expect(placedIn(said, TEST_UNIT)).toBe(placedIn(measured, TEST_UNIT));
  expect(turnsMeasured(said)).toBe(1);
  expect(placedIn(after(said, took('p2', 2, 60)), TEST_UNIT)).not.toBe(placedIn(said, TEST_UNIT));
});

test('how much turns differ is what the home says, until the same was measured more than once', () => {
  expect(turnSpread(book)).toEqual({ spread: 0.2, times: 0 });
  expect(turnSpread(after(book, took('p1', 1, 60), took('q', 6, 5)))).toEqual({
    spread: Math.sqrt((10 * 0.2 ** 2) / 10),
    times: 0,
  });
  const own = { ...TEST_HOME, values: { turnSpreadPercent: 50 } } as typeof TEST_HOME;
  expect(turnSpread(after(book, { type: 'house/put-home', home: own })).spread).toBe(0.5);
});

test('turns that never differ, or differ much, draw it to what they are', () => {
  const alike = after(book, ...[1, 2, 3, 4, 5].map((day) => took(`p${day}`, day, 30)));
  // Ten at 0.2, four at nothing.
  expect(turnSpread(alike).spread).toBeCloseTo(0.2 * Math.sqrt(10 / 14), 10);
  const wild = after(book, ...[1, 2, 3, 4].map((day) => took(`p${day}`, day, day % 2 === 0 ? 10 : 40)));
  // Two at ln 2 below their mean and two above, of which one is spent on the mean itself.
  expect(turnSpread(wild).spread).toBeCloseTo(Math.sqrt((10 * 0.04 + 4 * Math.LN2 ** 2) / 13), 10);
  expect(turnSpread(wild).times).toBe(3);
});
