import { groupBy, homeOf, type Book, type Table } from '../../book/index.ts';
import { addDays, type Minutes, type PlainDay } from '../../calendar/index.ts';
import { goalsOf, quickSchedule, type Goals, type Laid, type ScheduleProblem } from '../../schedule/index.ts';
import { type OwnTask, type PrepMark } from '../../unit/index.ts';
import { homeIn } from '../plan/house.ts';
import { answer } from '../ground/answer.ts';
import { beforeUnit, changeOvers } from '../changeover/changeover.ts';
import { forecastsOf, type Forecast } from '../forecast/forecast.ts';
import { gatherLines } from '../gather/gather.ts';
import { memoised, stableGroups } from '../ground/memo.ts';
import { specialDaysIn } from '../plan/copies.ts';
import { isAhead, phaseIn } from '../plan/days.ts';
import { bothOf, frameOf, placedIn, type Frame } from '../plan/plan.ts';
import { printJobs } from '../prints/prints.ts';
import { madeByChildren, watchedWaiting, type Waiting } from './waiting.ts';
import { watchTasks } from './watch-tasks.ts';
import { assemble, markOf } from './assemble.ts';
import { chosenTasks, type ChosenTask } from './chosen.ts';
import { pacedTasks, paceOf } from './pace.ts';
import { prepTasks } from './placement-tasks.ts';
import { printTasks, shopTasks } from './print-tasks.ts';
import { processTasks } from './process-tasks.ts';
import { slotsOver, type ReadySlot } from './slots.ts';
import type { ReadyTask } from './task.ts';
import { eventTasks, gettingTasks, ownTasks, roomTasks } from './unit-tasks.ts';
import { whyUnplaced, type Why } from './why.ts';

/** What is made ready for units that begin within so many days. */
export const READY_AHEAD_DAYS = 45;

/** A task and where it stands in the schedule. */
export interface ReadyEntry {
  readonly task: ChosenTask;
  /** Null for what is unplaced, done or left out. */
  readonly slot: ReadySlot | null;
  readonly state: 'laid' | 'unplaced' | 'done' | 'left-out';
  readonly mark: PrepMark | null;
  /** Where people were shown it; null when nothing was shown. */
  readonly shownSlotId: string | null;
  /** It is not where people were shown it. */
  readonly isMoved: boolean;
  /** On the last evening before it is used. */
  readonly isLast: boolean;
  /** What keeps it from being laid; null unless it is unplaced. */
  readonly why: Why | null;
  /** It was done before something that it needs: the text of that. */
  readonly doneBefore: string | null;
}

/** A time for making ready with what is laid into it. */
export interface SlotLoad {
  readonly slot: ReadySlot;
  readonly entries: readonly ReadyEntry[];
  readonly minutes: Minutes;
  /** Minutes by which it runs over. */
  readonly over: Minutes;
}

/** All that is made ready in a home, for whichever unit: times are shared. */
export interface Readiness {
  readonly entries: readonly ReadyEntry[];
  readonly loads: readonly SlotLoad[];
  readonly goals: Goals;
  /** What was asked and how it was answered, for whoever can answer better. */
  readonly problem: ScheduleProblem;
  readonly laid: Laid;
  /** The ids of its tasks, in the order of the problem. */
  readonly taskIds: readonly string[];
  /** What waits in the places of the home by itself. */
  readonly waiting: readonly Waiting[];
}

const NONE: readonly never[] = [];
const ownByUnit = stableGroups((task: OwnTask) => task.unitId);

/** The units that something is made ready for: those that run, and those that begin soon. */
function unitsMadeReady(book: Book, today: PlainDay): readonly Frame[] {
  return Object.values(book.units)
    .filter(({ start }) => start !== null && start <= addDays(today, READY_AHEAD_DAYS))
    .filter((unit) => isAhead(phaseIn(book, unit, today)))
    .map(({ id }) => frameOf(book, id))
    .toSorted((a, b) => (a.unit.id < b.unit.id ? -1 : 1));
}

/**
 * What is made ready, by whom and when: the tasks of every unit that runs or begins soon, laid backwards from the moment
 * that needs each into the times of the home. Remembered as long as nothing that it rests on changes.
 */
export function readinessOf(book: Book, today: PlainDay): Readiness {
  const frames = unitsMadeReady(book, today);
  const watched = watchedIn(book, today);
  const tasks = [
    ...frames.map((frame) => unitTasks(book, frame, today)),
    ...watched.map((one) => tasksToWatch(book, one, today)),
  ];
  const last = [
    ...frames.flatMap(({ calendar }) => calendar.days.at(-1)?.date ?? []),
    ...tasks.slice(frames.length).flatMap((list) => list.map(({ day }) => day.date)),
  ].reduce((day, end) => (end > day ? end : day), today);
  const slots = slotsOver(book, today, last);
  return laidOut(book, slots, joined(NOTHING, ...tasks), waitingIn(book, frames, watched));
}

// What waits by itself in the places of the home, of whichever unit.
const waitingIn = (book: Book, frames: readonly Frame[], watched: readonly Forecast[]): readonly Waiting[] =>
  together(
    watchedWaiting(watched, homeOf(book)),
    ...frames.map((frame) => madeWaiting(madeByChildren(placedIn(book, frame.unit.id).placements, frame))),
  );
const together = memoised((...lists: readonly [readonly Waiting[], ...(readonly Waiting[])[]]) =>
  lists.flat(),
);
const madeWaiting = memoised((lists: readonly (readonly Waiting[])[]): readonly Waiting[] => lists.flat());

const NOTHING: readonly ReadyTask[] = [];
const joined = memoised((...lists: readonly [readonly ReadyTask[], ...(readonly ReadyTask[])[]]) =>
  lists.flat(),
);

/** What is watched in a home: one list as long as nothing about it changes. */
export const watchedIn = (book: Book, today: PlainDay): readonly Forecast[] => forecastsOf(book, today);

const tasksToWatch = (book: Book, forecast: Forecast, today: PlainDay): readonly ReadyTask[] =>
  watchTasks(book, forecast, book.units[forecast.observation.unitId]!, today);

function unitTasks(book: Book, frame: Frame, today: PlainDay): readonly ReadyTask[] {
  const placed = placedIn(book, frame.unit.id);
  const both = bothOf(placed);
  const { placements } = placed;
  const left = beforeUnit(book, frame.unit.id)?.left ?? NONE;
  const changes = changeOvers(book, placements, frame, left);
  const tasks = joined(
    NOTHING,
    flat(prepTasks(both, frame, today)),
    processTasks(book, both, frame, today),
    flat(printTasks(printJobs(book, both, frame, today), frame)),
    shopTasks(printJobs(book, both, frame, today), frame),
    roomTasks(changes, placements, frame, today),
    eventTasks(specialDaysIn(book, frame.unit.id), frame, today),
    ownTasks(ownByUnit(book.ownTasks).get(frame.unit.id) ?? NONE, frame, today),
    gettingTasks(gatherLines(book, frame.unit.id, today), frame, today),
  );
  return shoppedFor(tasks);
}

/** What is bought or collected for what is cooked or mixed comes before it. */
const shoppedFor = memoised((tasks: readonly ReadyTask[]): readonly ReadyTask[] => {
  const errands = tasks.filter(({ kind, gets }) => gets !== undefined && BRINGS.has(kind));
  if (errands.length === 0) return tasks;
  return tasks.map((task) => {
    const takes = new Set(task.takes ?? []);
    const before = errands.filter(({ gets }) => gets!.some((id) => takes.has(id)));
    if (before.length === 0) return task;
    const needs = before.map(({ id }) => ({
      taskId: id,
      waitMinutes: 0 as Minutes,
      mostMinutes: null,
      soft: true,
    }));
    return { ...task, needs: [...task.needs, ...needs] };
  });
});
const BRINGS: ReadonlySet<ReadyTask['kind']> = new Set(['shop', 'collect']);

const flat = memoised((lists: readonly (readonly ReadyTask[])[]): readonly ReadyTask[] => lists.flat());

const laidOut = answer(
  (
    look,
    slots: readonly ReadySlot[],
    tasks: readonly ReadyTask[],
    waiting: readonly Waiting[],
  ): Readiness => {
    const [home, marks, plans] = [homeIn(look), look.table('prepMarks'), look.table('prepPlans')];
    const chosen = pacedTasks(chosenTasks(tasks, look.table('prepChoices')), paceOf(marks, home));
    const shown = new Map<string, string>(
      Object.values(plans).flatMap(({ entries }) => entries.map(({ taskId, slotId }) => [taskId, slotId])),
    );
    const { problem, open } = assemble({ tasks: chosen, slots, home, marks, shown, taken: waiting });
    const laid = quickSchedule(problem);
    const at = new Map(open.map(({ id }, t) => [id, t]));
    const whys = whyUnplaced({ problem, open, slots, home }, laid);
    const entries = chosen.map((task): ReadyEntry => {
      const t = at.get(task.id);
      const s = t === undefined ? null : (laid[t] ?? null);
      const shownSlotId = shown.get(task.id) ?? null;
      return {
        task,
        slot: s === null ? null : slots[s]!,
        state: stateOf(task, t, s),
        mark: markOf(task, marks),
        shownSlotId,
        isMoved:
          t !== undefined && shownSlotId !== null && shownSlotId !== (s === null ? null : slots[s]!.id),
        isLast: t !== undefined && s !== null && s >= problem.tasks[t]!.lastFrom,
        why: t === undefined ? null : (whys.get(t) ?? null),
        doneBefore: doneBeforeOf(task, chosen, marks),
      };
    });
    return {
      entries,
      loads: loadsOf(slots, entries),
      goals: goalsOf(problem, laid),
      problem,
      laid,
      taskIds: open.map(({ id }) => id),
      waiting,
    };
  },
);

function stateOf(task: ChosenTask, t: number | undefined, s: number | null): ReadyEntry['state'] {
  if (task.isSkipped) return 'left-out';
  if (t === undefined) return 'done';
  return s === null ? 'unplaced' : 'laid';
}

// Ticked, while something that it needs is not.
function doneBeforeOf(task: ChosenTask, all: readonly ChosenTask[], marks: Table<PrepMark>): string | null {
  if (task.needs.length === 0 || task.isSkipped || markOf(task, marks) === null) return null;
  const needed = new Set(task.needs.map(({ taskId }) => taskId));
  const open = all.find((one) => needed.has(one.wholeId) && !one.isSkipped && markOf(one, marks) === null);
  return open?.text ?? null;
}

function loadsOf(slots: readonly ReadySlot[], entries: readonly ReadyEntry[]): readonly SlotLoad[] {
  const bySlot = groupBy(entries, ({ slot }) => slot);
  return slots.map((slot) => {
    const inIt = bySlot.get(slot) ?? NONE;
    const minutes = inIt.reduce((sum, { task }) => sum + task.minutes, 0);
    const over = slot.minutes === null ? 0 : Math.max(0, minutes - slot.minutes);
    return { slot, entries: inIt, minutes: minutes as Minutes, over: over as Minutes };
  });
}
