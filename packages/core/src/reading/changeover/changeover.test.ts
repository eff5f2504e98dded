import { describe, expect, test } from 'vitest';
import { placementAt, type Book } from '../../book/index.ts';
import { plainDay } from '../../calendar/index.ts';
import {
  aCorner,
  after,
  aMaterial,
  anActivity,
  aSupply,
  A_MONDAY,
  inCorner,
  TEST_UNIT,
  testBook,
} from '../../testing/home.ts';
import { read } from '../answers/read.ts';
import { outSince, weekOut } from './changeover.ts';

const book = testBook(
  aSupply('scoop', { use: 'reusable', keptIn: 'Hall shelf' }),
  aSupply('tub', { use: 'reusable', keptIn: 'Shed' }),
  aSupply('paper', { keptIn: 'Drawer' }),
  aCorner('a', { standingKit: [{ supplyId: 'scoop', amount: 2 }] }),
  anActivity('dig', {
    cleanUpMinutes: 7,
    materials: ['scoop', 'tub', 'paper'].map((id) => aMaterial(id, 1)),
  }),
  anActivity('build', { cleanUpMinutes: 3 }),
  {
    type: 'unit/start',
    unit: { id: 'paper', title: 'Paper', style: 'theme', start: '2027-03-22', dayCount: 5 },
  },
);
const changes = (base: Book, unit = TEST_UNIT) =>
  read(base, unit as typeof TEST_UNIT, A_MONDAY).changeOvers.map(({ day, goes, comes, stays, minutes }) => ({
    day,
    goes: goes.map(({ placement, things }) => [placement.id, ...things.map(({ name }) => name)]),
    comes: comes.map(({ placement, things }) => [
      placement.id,
      ...things.map(({ name, keptIn }) => `${name}: ${keptIn}`),
    ]),
    stays: stays.map(({ id }) => id),
    minutes,
  }));
const inPaper = (id: string, activityId: string, from: number, to: number) => ({
  ...inCorner(id, activityId, 'a', from, to),
  unitId: 'paper',
});

describe('changing the room over', () => {
  const sequence = after(book, inCorner('p', 'dig', 'a', 1, 4), inCorner('q', 'build', 'a', 5, 10));

  test('fetches from where things are kept, puts back what is not used up, and leaves the kit standing', () => {
    expect(changes(sequence)).toEqual([
      // Two things to find, 45 seconds each, in whole minutes.
      { day: 1, goes: [], comes: [['p', 'tub: Shed', 'paper: Drawer']], stays: [], minutes: 2 },
      { day: 5, goes: [['p', 'tub']], comes: [['q']], stays: [], minutes: 7 },
    ]);
  });

  test('on Day 1 puts away what stood to the end of the unit before', () => {
    const next = after(sequence, inPaper('r', 'dig', 1, 5));
    expect(changes(next, 'paper' as typeof TEST_UNIT)[0]).toMatchObject({
      day: 1,
      goes: [['q']],
      minutes: 3 + 2,
    });
  });

  test('leaves out what stands there again', () => {
    const next = after(sequence, inPaper('r', 'build', 1, 5));
    expect(changes(next, 'paper' as typeof TEST_UNIT)).toEqual([]);
    const both = after(next, { ...inPaper('s', 'dig', 1, 2) });
    expect(changes(both, 'paper' as typeof TEST_UNIT)[0]).toMatchObject({
      stays: ['r'],
      goes: [],
      comes: [['s', 'tub: Shed', 'paper: Drawer']],
    });
  });

  test('says nothing of an idea', () => {
    const idea = after(book, {
      type: 'unit/start',
      unit: { id: 'idea', title: 'Locks', style: 'theme', start: null, dayCount: 5 },
    });
    expect(changes(idea, 'idea' as typeof TEST_UNIT)).toEqual([]);
  });
});

test('what is carried over counts its weeks from the day on which it first stood out', () => {
  const carried = after(book, inCorner('p', 'build', 'a', 3, 10), {
    type: 'unit/copy',
    id: 'again',
    unitId: 'paper',
    placementId: 'p',
    where: { kind: 'corner', cornerId: 'a', fromDay: 1, toDay: 5 },
    outSince: '2027-03-10',
  });
  const frame = read(carried, 'paper' as typeof TEST_UNIT, A_MONDAY).frame;
  expect(outSince(placementAt(carried, 'again')!, frame)).toBe('2027-03-10');
  expect(outSince(placementAt(carried, 'p')!, read(carried, TEST_UNIT, A_MONDAY).frame)).toBe('2027-03-10');
  const week = (on: string) => weekOut(plainDay('2027-03-10'), plainDay(on));
  expect(['2027-03-09', '2027-03-10', '2027-03-16', '2027-03-17', '2027-03-24'].map(week)).toEqual([
    0, 1, 1, 2, 3,
  ]);
});
