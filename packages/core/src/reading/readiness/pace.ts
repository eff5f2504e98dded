import type { Table } from '../../book/index.ts';
import type { Minutes } from '../../calendar/index.ts';
import type { Home } from '../../house/index.ts';
import type { PrepMark } from '../../unit/index.ts';
import { learn } from '../ground/learn.ts';
import { memoised } from '../ground/memo.ts';
import { inOrderTold, learnStepOf } from '../plan/learned.ts';
import type { ChosenTask } from './chosen.ts';
import type { TaskKind } from './task.ts';

/** How long making ready takes in this home, times what is written, and from how many times that is known. */
export interface Pace {
  readonly factor: number;
  readonly times: number;
}

/** The pace of a home, from the tasks of which somebody said how long they took, since it counts them. */
export const paceOf = memoised((marks: Table<PrepMark>, home: Home): Pace => {
  const since = home.minutesSince ?? '';
  const samples = inOrderTold(Object.values(marks).filter(({ at }) => at > since)).flatMap(({ took }) =>
    took === null ? [] : [{ times: took.minutes / took.planned }],
  );
  return { factor: learn(samples, learnStepOf(home)), times: samples.length };
});

/** What hands do at home: errands take the way they take, and what cooks takes its time. */
const BY_HAND: ReadonlySet<TaskKind> = new Set([
  ...(['prepare', 'print', 'laminate', 'cut', 'finish'] as const),
  ...(['change-over', 'set-out', 'folder', 'bin'] as const),
]);

/**
 * Tasks as somebody wants them, with the minutes that they take here; what is not done by hand at home stays as it is written. Why after
 * what was decided: another way and a part have minutes of their own, and those are what took so long.
 */
export const pacedTasks = (tasks: readonly ChosenTask[], { factor, times }: Pace): readonly ChosenTask[] =>
  factor === 1 ? tasks : tasks.map((task) => pacedTask(task, factor, times));
const pacedTask = memoised((task: ChosenTask, factor: number, times: number): ChosenTask => {
  if (!BY_HAND.has(task.kind) || task.minutes === 0) return task;
  const paced = (minutes: Minutes): Minutes => Math.max(1, Math.round(minutes * factor)) as Minutes;
  const minutes = paced(task.minutes);
  const timed = times === 1 ? 'one task that was timed' : `${times} tasks that were timed`;
  return {
    ...task,
    minutes,
    writtenMinutes: task.minutes,
    how: `${task.how}, ${task.minutes} min as written; by ${timed}, such things take ${factor.toFixed(2)} times that here`,
    ...(task.lastsMinutes === undefined
      ? {}
      : { lastsMinutes: (task.lastsMinutes + minutes - task.minutes) as Minutes }),
    usualMinutes: task.usualMinutes === null ? null : paced(task.usualMinutes),
    ways: task.ways.map((way) => ({ ...way, minutes: paced(way.minutes as Minutes) })),
  };
});
