import type { Table } from '../../book/index.ts';
import {
  addDays,
  laterBy,
  momentOf,
  momentOfInstant,
  type Minutes,
  type Moment,
} from '../../calendar/index.ts';
import { valueIn, type Home } from '../../house/index.ts';
import type { ScheduleProblem, Taken, Task } from '../../schedule/index.ts';
import type { PrepMark } from '../../unit/index.ts';
import { groupBy } from '../../book/index.ts';
import type { ChosenTask } from './chosen.ts';
import { doubtAt, type ReadyNeed } from './task.ts';
import { hoursOf, isOutOfHours, type ReadySlot } from './slots.ts';
import { roomOf } from './waiting.ts';

/** What the tasks of a home are laid into, and which task of the problem is which. */
export interface Assembled {
  readonly problem: ScheduleProblem;
  /** The tasks of the problem, in its order. */
  readonly open: readonly ChosenTask[];
}

interface Given {
  readonly tasks: readonly ChosenTask[];
  readonly slots: readonly ReadySlot[];
  readonly home: Home;
  readonly marks: Table<PrepMark>;
  /** The slot in which people were shown each task. */
  readonly shown: ReadonlyMap<string, string>;
  /** Room that is taken by what nobody makes ready: what children made, long observations. */
  readonly taken: readonly Taken[];
}

/** When a task was done; null for one that is open. A tick of the whole counts for its parts. */
export const markOf = ({ id, wholeId }: ChosenTask, marks: Table<PrepMark>): PrepMark | null =>
  marks[id] ?? marks[wholeId] ?? null;

/** The schedule that is asked for: open tasks with the times in which each can be done, waits and places counted in. */
export function assemble({ tasks, slots, home, marks, shown, taken }: Given): Assembled {
  const open = tasks.filter((task) => !task.isSkipped && markOf(task, marks) === null);
  const byWhole = groupBy(tasks, ({ wholeId }) => wholeId);
  const index = new Map(slots.map(({ id }, s) => [id, s]));
  const lastEvenings = lastEveningOf(slots, home);
  const read = open.map((task) => {
    const needs = needsOf(task, byWhole, marks);
    return { task, needs: needs.open, options: optionsOf(task, slots, home, needs.done) };
  });
  // An errand for which there is no time is told by itself; what it was for can still be made of what is there.
  const hopeless = new Set(read.filter(({ options }) => options.length === 0).map(({ task }) => task.id));
  const problem: ScheduleProblem = {
    tasks: read.map(({ task, needs, options }): Task => {
      const was = shown.get(task.id);
      return {
        id: task.id,
        minutes: task.minutes,
        options,
        needs: needs.filter(({ taskId, soft }) => !soft || !hopeless.has(taskId)),
        hold: holdOf(task),
        lastFrom: lastEvenings(task.usedAt, task),
        shown: was === undefined ? null : (index.get(was) ?? -1),
      };
    }),
    slots,
    places: roomOf(home),
    taken: [...taken, ...waiting(tasks, marks)],
    mostOver: valueIn(home, 'slotOverMinutes') as Minutes,
  };
  return { problem, open };
}

interface DoneNeed {
  readonly at: Moment;
  readonly need: ReadyNeed;
}

// What is done already limits when the rest can be done; what is left out or not of this plan does not.
function needsOf(
  { needs }: ChosenTask,
  byWhole: ReadonlyMap<string, readonly ChosenTask[]>,
  marks: Table<PrepMark>,
): { readonly open: readonly ReadyNeed[]; readonly done: readonly DoneNeed[] } {
  const open: ReadyNeed[] = [];
  const done: DoneNeed[] = [];
  for (const need of needs)
    for (const part of byWhole.get(need.taskId) ?? []) {
      const mark = markOf(part, marks);
      if (mark) done.push({ at: momentOfInstant(mark.at), need });
      else if (!part.isSkipped) open.push({ ...need, taskId: part.id });
    }
  return { open, done };
}

/** The slots in which a task can be done, whatever else is: in time, not too soon, by the right hands. */
function optionsOf(
  task: ChosenTask,
  slots: readonly ReadySlot[],
  home: Home,
  done: readonly DoneNeed[],
): readonly number[] {
  const options: number[] = [];
  for (const [s, slot] of slots.entries())
    if (isForIt(task, slot, home) && isLongEnough(task, slot, home) && isInTime(task, slot.to, done))
      options.push(s);
  return options;
}

/** Whether what waits in between, and cannot be left, has room in a slot from its beginning to its end. */
export function isLongEnough(
  { minutes, lastsMinutes = minutes }: ChosenTask,
  slot: ReadySlot,
  home: Home,
): boolean {
  if (lastsMinutes <= minutes || slot.minutes === null) return true;
  return lastsMinutes <= slot.minutes + valueIn(home, 'slotOverMinutes');
}

/** Whether a slot is one of those in which a task may be done at all, by whose it is and where. */
export function isForIt({ where, choice }: ChosenTask, slot: ReadySlot, home: Home): boolean {
  if (choice !== null && choice.slotId !== null) return slot.id === choice.slotId;
  if (
    choice !== null &&
    choice.personId !== null &&
    slot.personId !== choice.personId &&
    slot.personId !== null
  )
    return false;
  if (where === 'children') return slot.kind === 'children';
  if (slot.kind === 'children') return false;
  if (where === 'away') return isOutOfHours(slot, home) || slot.kind === 'errand';
  return slot.kind !== 'errand';
}

function isInTime(task: ChosenTask, end: Moment, done: readonly DoneNeed[]): boolean {
  if (doubtAt(task, end) !== null) return false;
  return done.every(
    ({ at, need }) =>
      end - at >= need.waitMinutes && (need.mostMinutes === null || end - at <= need.mostMinutes),
  );
}

const holdOf = ({ hold, usedAt }: ChosenTask): Task['hold'] =>
  hold && {
    place: hold.kind,
    units: hold.units,
    until: hold.forMinutes === null ? usedAt : null,
    forMinutes: hold.forMinutes ?? (0 as Minutes),
  };

// What is made and waits takes up its room.
function waiting(tasks: readonly ChosenTask[], marks: Table<PrepMark>): readonly Taken[] {
  return tasks.flatMap((task) => {
    const mark = markOf(task, marks);
    if (!mark || !task.hold) return [];
    const from = momentOfInstant(mark.at);
    const to = task.hold.forMinutes === null ? task.usedAt : laterBy(from, task.hold.forMinutes);
    return to > from ? [{ place: task.hold.kind, units: task.hold.units, from, to }] : [];
  });
}

/** From which slot on something is done on the last evening before its use: after closing time of the day before. */
function lastEveningOf(
  slots: readonly ReadySlot[],
  home: Home,
): (usedAt: Moment, task: ChosenTask) => number {
  const { to } = hoursOf(home);
  const known = new Map<string, number>();
  return (_, { day }) => {
    const told = known.get(day.date);
    if (told !== undefined) return told;
    const evening = momentOf(addDays(day.date, -1), to, home.zone);
    const found = slots.findIndex(({ from }) => from >= evening);
    const first = found < 0 ? slots.length : found;
    known.set(day.date, first);
    return first;
  };
}
