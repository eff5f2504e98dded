import { formatDuration, type Minutes } from '../../calendar/index.ts';
import { WAITING_PLACES, type Home, type WaitingPlaceKind } from '../../house/index.ts';
import { Board, type Laid, type ScheduleProblem } from '../../schedule/index.ts';
import { isForIt, isLongEnough } from './assemble.ts';
import type { ChosenTask } from './chosen.ts';
import type { ReadySlot } from './slots.ts';

/** What keeps a task from being laid, in one word, and in a sentence with its figures. */
export interface Why {
  readonly kind: 'no-time' | 'wait' | 'spoils' | 'minutes' | 'place' | 'needs';
  readonly text: string;
  /** Minutes that are missing where minutes are missing. */
  readonly missing: Minutes | null;
}

/** A schedule that is asked why: what was asked, and the tasks and times that stand behind its numbers. */
export interface Schedule {
  readonly problem: ScheduleProblem;
  readonly open: readonly ChosenTask[];
  readonly slots: readonly ReadySlot[];
  readonly home: Home;
}

/** Why each unplaced task of a schedule is unplaced, by its place in the problem. */
export function whyUnplaced(schedule: Schedule, laid: Laid): ReadonlyMap<number, Why> {
  const whys = new Map<number, Why>();
  if (!laid.includes(null)) return whys;
  const board = new Board(schedule.problem);
  laid.forEach((s, t) => {
    if (s !== null) board.lay(t, s);
  });
  laid.forEach((s, t) => {
    if (s === null) whys.set(t, whyOf(t, board, schedule));
  });
  return whys;
}

function whyOf(t: number, board: Board, { problem, open, slots, home }: Schedule): Why {
  const task = open[t]!;
  const { options } = problem.tasks[t]!;
  const before = board.needsOf(t).find((one) => board.slotOf(one) === null);
  if (before !== undefined)
    return {
      kind: 'needs',
      missing: null,
      text: `It needs "${open[before]!.text}", which has no time either.`,
    };
  if (options.length === 0) return withoutOptions(task, slots, home);
  const free = options.map((s) => board.freeIn(s));
  const most = Math.max(...free);
  if (options.every((s) => board.overWith(t, s) === null))
    return {
      kind: 'minutes',
      missing: (task.minutes - Math.max(0, most)) as Minutes,
      text:
        most > 0
          ? `It takes ${task.minutes} min; of the times before it none has more than ${most} min left.`
          : `It takes ${task.minutes} min, and the times before it are full.`,
    };
  if (task.hold && options.every((s) => board.overWith(t, s) === null || !board.hasRoom(t, s)))
    return { kind: 'place', missing: null, text: placeText(task.hold.kind, problem) };
  const needs = task.needs.length > 0 || board.usersOf(t).length > 0;
  return needs
    ? { kind: 'needs', missing: null, text: 'What comes before it and its waiting leave no time that fits.' }
    : {
        kind: 'minutes',
        missing: (task.minutes - Math.max(0, most)) as Minutes,
        text: `It takes ${task.minutes} min; the times in which it could be done are full.`,
      };
}

function placeText(kind: WaitingPlaceKind, { places }: ScheduleProblem): string {
  const room = places[kind] ?? 0;
  return `The ${WAITING_PLACES[kind]} holds ${room} at once, and it is full then.`;
}

function noTimeText(task: ChosenTask): string {
  if ((task.choice?.slotId ?? null) !== null)
    return 'The time that was chosen for it comes too late, or is gone.';
  // What arrives in some days is used long after the last moment to order it.
  if (task.kind === 'order') return 'No time is left in which it could be ordered and still arrive.';
  return `There is no time ${task.where === 'away' ? 'out of the house' : 'for making ready'} before it.`;
}

// No slot at all would do, however empty: time, wait or freshness is what is missing.
function withoutOptions(task: ChosenTask, slots: readonly ReadySlot[], home: Home): Why {
  const mine = slots.filter((slot) => isForIt(task, slot, home));
  const before = mine.filter(({ to }) => to <= task.usedAt);
  const needsOfWait =
    task.waitMinutes > 0 ? ` It needs ${formatDuration(task.waitMinutes)} before it is used.` : '';
  if (before.length === 0)
    return { kind: 'no-time', missing: null, text: `${noTimeText(task)}${needsOfWait}` };
  const { minutes, lastsMinutes = minutes } = task;
  if (before.every((slot) => !isLongEnough(task, slot, home)))
    return {
      kind: 'minutes',
      missing: (lastsMinutes - Math.max(...before.map((slot) => slot.minutes ?? 0))) as Minutes,
      text: `It takes ${minutes} min of hands and ${lastsMinutes - minutes} min of waiting in between, ${formatDuration(lastsMinutes as Minutes)} in all; no time before it is that long.`,
    };
  const longest = task.usedAt - before[0]!.to;
  if (longest < task.waitMinutes)
    return {
      kind: 'wait',
      missing: (task.waitMinutes - longest) as Minutes,
      text: `It needs ${formatDuration(task.waitMinutes)} before it is used; ${formatDuration(longest)} are left: ${formatDuration(task.waitMinutes - longest)} too few.`,
    };
  if (task.mostMinutes !== null && task.usedAt - before.at(-1)!.to > task.mostMinutes)
    return {
      kind: 'spoils',
      missing: null,
      text: `It keeps for ${formatDuration(task.mostMinutes)}; the last time for making ready is ${formatDuration(task.usedAt - before.at(-1)!.to)} before it is used.`,
    };
  return {
    kind: 'wait',
    missing: null,
    text: 'What it needs was done too late, or too long ago, for any time that is left.',
  };
}
