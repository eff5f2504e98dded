import { expect, test } from 'vitest';
import type { ChangeInput } from '../../changes/index.ts';
import {
  A_MONDAY,
  aChild,
  after,
  anActivity,
  onDay,
  testBook,
  TEST_HOME,
  TEST_UNIT,
} from '../../testing/home.ts';
import { read } from '../answers/read.ts';

const prep = (id: string, minutes: number) => ({ id, text: id, minutes, leadHours: 0 }) as never;
const book = testBook(
  aChild('bo', '2022-01-01'),
  anActivity('cut', { mode: 'whole-group', prep: [prep('trace', 20), prep('punch', 10)] }),
  ...[3, 4, 5, 6, 7, 8].map((day) => onDay(`p${day}`, 'cut', day)),
);
const done = (taskId: string, minutes?: number, planned = 20): ChangeInput =>
  ({
    type: 'ready/done',
    unitId: TEST_UNIT,
    taskId,
    ...(minutes === undefined ? {} : { took: { minutes, planned } }),
  }) as ChangeInput;
const minutesOf = (base: typeof book, id: string) => {
  const { task } = read(base, TEST_UNIT, A_MONDAY).ready.entries.find((entry) => entry.task.id === id)!;
  return [task.minutes as number, task.writtenMinutes ?? null];
};

test('making ready is planned with the time that it takes here, and says what is written', () => {
  expect(minutesOf(book, 'p8:trace')).toEqual([20, null]);
  const timed = after(book, ...[3, 4, 5, 6, 7].map((day) => done(`p${day}:trace`, 32)));
  const [minutes, written] = minutesOf(timed, 'p8:trace');
  expect(written).toBe(20);
  expect(minutes).toBeGreaterThan(24);
  expect(minutes).toBeLessThanOrEqual(32);
  // The pace is of the home: it holds for what was never timed.
  expect(minutesOf(timed, 'p8:punch')[0]).toBe(Math.round((10 * minutes!) / 20));
});

test('how long it took is said with the tick or after it, and the tick stays who made it', () => {
  const ticked = after(book, done('p3:trace'));
  const timed = after(ticked, done('p3:trace', 40));
  expect(timed.prepMarks['p3:trace']).toMatchObject({ by: 'Mara', took: { minutes: 40, planned: 20 } });
  expect(minutesOf(timed, 'p8:trace')).toEqual([25, 20]);
  expect(
    minutesOf(after(timed, { type: 'ready/undone', taskId: 'p3:trace' } as ChangeInput), 'p8:trace'),
  ).toEqual([20, null]);
});

test('it is counted anew when the home says so', () => {
  const timed = after(book, done('p3:trace', 40), {
    type: 'house/put-home',
    home: { ...TEST_HOME, minutesSince: '2027-03-08T12:00:00.000Z' },
  });
  expect(minutesOf(timed, 'p8:trace')).toEqual([20, null]);
});

test('another way and a part are timed against what is written for them, not for the whole', () => {
  const choice = (rest: object): ChangeInput =>
    ({ type: 'ready/choose', choice: { id: 'p8:trace', unitId: TEST_UNIT, ...rest } }) as ChangeInput;
  const timed = after(book, ...[3, 4, 5, 6, 7].map((day) => done(`p${day}:trace`, 40)));
  const [whole] = minutesOf(timed, 'p8:trace');
  expect(minutesOf(after(timed, choice({ parts: 2 })), 'p8:trace.1')).toEqual([whole! / 2, 10]);
  const other = after(
    timed,
    anActivity('cut', {
      mode: 'whole-group',
      prep: [
        {
          ...(prep('trace', 20) as object),
          instead: [{ text: 'tear it', minutes: 6, laterMinutes: 0 }],
        } as never,
      ],
    }),
    onDay('p9', 'cut', 9),
    { ...choice({ instead: 0 }), choice: { id: 'p9:trace', unitId: TEST_UNIT, instead: 0 } } as ChangeInput,
  );
  expect(minutesOf(other, 'p9:trace')).toEqual([Math.round((6 * whole!) / 20), 6]);
});

test('how the minutes came about says what is written and from how many times the pace is known', () => {
  const timed = after(book, ...[3, 4].map((day) => done(`p${day}:trace`, 40)));
  const { task } = read(timed, TEST_UNIT, A_MONDAY).ready.entries.find(
    (entry) => entry.task.id === 'p8:trace',
  )!;
  expect(task.how).toBe(
    'as its activity says, 20 min as written; by 2 tasks that were timed, such things take 1.56 times that here',
  );
});
