import type { Table } from '../../book/index.ts';
import type { Minutes } from '../../calendar/index.ts';
import { prepChoiceSchema, type PrepChoice } from '../../unit/index.ts';
import { memoised } from '../ground/memo.ts';
import type { ReadyTask } from './task.ts';

/** A task with what somebody decided about it. */
export interface ChosenTask extends ReadyTask {
  readonly choice: PrepChoice | null;
  /** The id of the whole, where it is done in parts; its own otherwise. */
  readonly wholeId: string;
  /** `1 of 3`, for a part. */
  readonly part: string | null;
  readonly isSkipped: boolean;
  /** As it is written, where making ready takes longer or shorter here; left out where it does not. */
  readonly writtenMinutes?: Minutes;
  /** What it would take as its activity says, where somebody chose another way. */
  readonly usualMinutes: Minutes | null;
}

/** Tasks as somebody wants them: prepared another way, left out, with the children, in parts. */
export const chosenTasks = memoised(
  (tasks: readonly ReadyTask[], choices: Table<PrepChoice>): readonly ChosenTask[] =>
    tasks.flatMap((task) => partsOf(chosen(task, choices[task.id] ?? firstChoice(task)), choices)),
);

// What is somebody's own from the start is theirs as if it had been given to them.
const firstChoice = memoised(({ id, unit, personId = null }: ReadyTask): PrepChoice | null =>
  personId === null ? null : prepChoiceSchema.parse({ id, unitId: unit.id, personId }),
);

const chosen = memoised((task: ReadyTask, choice: PrepChoice | null): ChosenTask => {
  const instead = choice?.instead ?? null;
  const way = instead === null ? undefined : task.ways[instead];
  const withChildren = choice?.withChildren ?? null;
  return {
    ...task,
    text: way ? `${task.text} – ${way.text}` : task.text,
    minutes: way?.minutes ?? task.minutes,
    ...(way ? { lastsMinutes: way.minutes } : {}),
    usualMinutes: way ? task.minutes : null,
    where: withChildren === null ? task.where : withChildren ? 'children' : 'home',
    choice,
    wholeId: task.id,
    part: null,
    isSkipped: (choice?.skip ?? null) !== null,
  };
});

function partsOf(task: ChosenTask, choices: Table<PrepChoice>): readonly ChosenTask[] {
  const count = task.choice?.parts ?? 1;
  if (count === 1 || task.isSkipped) return [task];
  return Array.from({ length: count }, (_, i) =>
    partOf(task, count, i, choices[`${task.id}.${i + 1}`] ?? null),
  );
}

const partOf = memoised((task: ChosenTask, count: number, i: number, own: PrepChoice | null): ChosenTask => {
  // What does not divide goes with the first ones.
  const minutes = Math.floor(task.minutes / count) + (i < task.minutes % count ? 1 : 0);
  const units = task.hold && Math.floor(task.hold.units / count) + (i < task.hold.units % count ? 1 : 0);
  return {
    ...task,
    id: `${task.id}.${i + 1}`,
    minutes: minutes as Minutes,
    lastsMinutes: minutes as Minutes,
    hold: task.hold && units ? { ...task.hold, units } : null,
    part: `${i + 1} of ${count}`,
    choice: own ?? task.choice,
  };
});
