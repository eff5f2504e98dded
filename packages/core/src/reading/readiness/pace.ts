import type { Minutes } from '../../calendar/index.ts';
import type { Home } from '../../house/index.ts';
import type { PrepMark } from '../../unit/index.ts';
import { learn } from '../ground/learn.ts';
import { memoised } from '../ground/memo.ts';
import { learnStepOf } from '../plan/learned.ts';
import type { ReadyTask, TaskKind } from './task.ts';

/** How long making ready takes in this home, times what is written, and from how many times that is known. */
export interface Pace {
  readonly factor: number;
  readonly times: number;
}

/** The pace of a home, from the tasks of which somebody said how long they took, since it counts them. */
export const paceOf = memoised((marks: Readonly<Record<string, PrepMark>>, home: Home): Pace => {
  const since = home.minutesSince ?? '';
  const readings = Object.values(marks)
    .filter(({ at }) => at > since)
    .toSorted((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : a.id < b.id ? -1 : 1))
    .flatMap(({ took }) => (took === null ? [] : [{ times: took.minutes / took.planned }]));
  return { factor: learn(readings, learnStepOf(home)), times: readings.length };
});

/** What hands do at home: errands take the way they take, and what cooks takes its time. */
const BY_HAND: ReadonlySet<TaskKind> = new Set([
  ...(['prepare', 'print', 'laminate', 'cut', 'finish'] as const),
  ...(['change-over', 'set-out', 'folder', 'bin'] as const),
]);

const paced = (minutes: number, factor: number): Minutes =>
  Math.max(1, Math.round(minutes * factor)) as Minutes;

/** Tasks with the minutes that they take here; what is not done by hand at home stays as it is written. */
export const pacedTasks = memoised((tasks: readonly ReadyTask[], factor: number): readonly ReadyTask[] =>
  factor === 1 ? tasks : tasks.map((task) => pacedTask(task, factor)),
);
const pacedTask = memoised((task: ReadyTask, factor: number): ReadyTask =>
  BY_HAND.has(task.kind) && task.minutes > 0
    ? {
        ...task,
        minutes: paced(task.minutes, factor),
        writtenMinutes: task.minutes,
        ways: task.ways.map((way) => ({ ...way, minutes: paced(way.minutes, factor) })),
      }
    : task,
);
