import fc from 'fast-check';
import { expect, test } from 'vitest';
import {
  batchStates,
  clockTimeSchema,
  recipeSchema,
  timetableOf,
  type Batch,
  type ClockTime,
  type PlainDay,
} from '../../index.ts';

const recipe = (steps: readonly (readonly [number, number])[], rest: object = {}) =>
  recipeSchema.parse({
    id: 'bread',
    title: 'Bread',
    kind: 'food',
    minutes: 30,
    yields: { amount: 1, unit: 'piece' },
    steps: steps.map(([minutes, waitMinutes], i) => ({ text: `step ${i}`, minutes, waitMinutes })),
    ...rest,
  });
const at = (text: string): ClockTime => clockTimeSchema.parse(text);

test('mix, rest, rise, bake and cool end at the time that is given', () => {
  const table = timetableOf(
    recipe([
      [10, 20],
      [5, 60],
      [2, 25],
      [0, 30],
    ]),
    at('11:30'),
    8 * 60,
  );
  expect(table.steps.map(({ from, until, ready }) => [from, until, ready])).toEqual([
    [538, 548, 568],
    [568, 573, 633],
    [633, 635, 660],
    [660, 660, 690],
  ]);
  expect([table.busyMinutes, table.waitMinutes, table.spareMinutes]).toEqual([17, 135, 58]);
});

test('is late by so many minutes when it cannot begin early enough, and may begin the day before', () => {
  expect(timetableOf(recipe([[30, 60]]), at('09:00'), 8 * 60).spareMinutes).toBe(-30);
  expect(timetableOf(recipe([[5, 720]]), at('09:00')).from).toBe(-185);
});

test('steps without minutes share what is left, and a waiting that no step tells comes last', () => {
  const table = timetableOf(
    recipe(
      [
        [0, 0],
        [10, 0],
        [0, 0],
      ],
      { minutes: 25, waitHours: 2 },
    ),
    at('12:00'),
  );
  expect(table.steps.map(({ from, until }) => until - from)).toEqual([7, 10, 8]);
  expect([table.from, table.steps.at(-1)!.until, table.ready]).toEqual([575, 600, 720]);
});

test('follows step on step without a gap, and its parts add up, whatever the steps', () => {
  const steps = fc.array(fc.tuple(fc.integer({ min: 0, max: 90 }), fc.integer({ min: 0, max: 600 })), {
    minLength: 1,
    maxLength: 8,
  });
  fc.assert(
    fc.property(steps, fc.integer({ min: 0, max: 48 }), (some, waitHours) => {
      const table = timetableOf(recipe(some, { waitHours }), at('17:00'));
      expect(table.busyMinutes + table.waitMinutes).toBe(table.ready - table.from);
      table.steps.forEach((step, i) => {
        expect(step.from).toBeLessThanOrEqual(step.until);
        expect(step.until).toBeLessThanOrEqual(step.ready);
        expect(step.ready).toBe(table.steps[i + 1]?.from ?? table.ready);
      });
    }),
    { numRuns: 200, seed: 41 },
  );
});

test('a recipe without steps takes its waiting only', () => {
  expect(timetableOf(recipe([]), at('10:00'))).toMatchObject({ steps: [], from: 600, busyMinutes: 0 });
});

test.each([
  ['2027-03-08', {}, '2027-03-10', 'fresh'],
  ['2027-03-08', {}, '2027-03-11', 'last-day'],
  ['2027-03-08', {}, '2027-03-12', 'past'],
  ['2027-03-08', { goneOn: '2027-03-12' }, '2027-03-12', 'gone'],
  ['2027-03-08', { goneOn: '2027-03-13' }, '2027-03-12', 'past'],
  ['2027-03-08', { illSince: '2027-03-09' }, '2027-03-09', 'ill'],
  ['2027-03-08', { illSince: '2027-03-09' }, '2027-03-08', 'fresh'],
  ['2027-03-08', { trial: true }, '2027-03-20', 'trial'],
])('made on %s %j is on %s %s', (madeOn, rest, today, state) => {
  const batch = {
    id: 'b',
    recipeId: 'bread',
    madeOn,
    amount: 1,
    unit: 'piece',
    goneOn: null,
    illSince: null,
    trial: false,
    ...rest,
  };
  const [found] = batchStates(
    { b: batch as unknown as Batch },
    { bread: recipe([], { keepsDays: 3 }) },
    today as PlainDay,
  );
  expect(found?.state).toBe(state);
});
