import type { Minutes, Moment } from '../calendar/index.ts';

/** A stretch of time in which somebody can make something ready. */
export interface TimeSlot {
  readonly id: string;
  readonly from: Moment;
  /** Its end: from then on what was done in it waits. */
  readonly to: Moment;
  /** What it holds; null for one without a limit. */
  readonly minutes: Minutes | null;
}

/** That something else is done before: how long before at least, and at most; null when it keeps. */
export interface TaskNeed {
  readonly taskId: string;
  readonly waitMinutes: Minutes;
  readonly mostMinutes: Minutes | null;
}

/** What a task takes up while it waits: so many of a place's room, until a moment or for so long. */
export interface Hold {
  readonly place: string;
  readonly units: number;
  readonly until: Moment | null;
  /** Counted from the end of its slot; asked for where `until` is null. */
  readonly forMinutes: Minutes;
}

/** Something to be done in one slot. */
export interface Task {
  readonly id: string;
  readonly minutes: Minutes;
  /** The slots that it may be done in, by their index, ascending: in time for its use and not too early for it. */
  readonly options: readonly number[];
  readonly needs: readonly TaskNeed[];
  readonly hold: Hold | null;
  /** From this slot on it would be done on its last evening: the index; the number of slots for none. */
  readonly lastFrom: number;
  /** The slot that people were shown, by its index; -1 for one that is gone; null when nothing was published. */
  readonly shown: number | null;
}

/** Room of a place that is taken already, from a moment to another. */
export interface Taken {
  readonly place: string;
  readonly units: number;
  readonly from: Moment;
  readonly to: Moment;
}

/** Tasks to be laid into slots. Needs lead to tasks of the same problem; slots are in the order of their ends. */
export interface ScheduleProblem {
  readonly tasks: readonly Task[];
  readonly slots: readonly TimeSlot[];
  /** How much each place holds at once; a place that is not named holds whatever comes. */
  readonly places: Readonly<Record<string, number>>;
  readonly taken: readonly Taken[];
  /** So many minutes a slot may run over. */
  readonly mostOver: Minutes;
}

/** For each task of a problem the index of its slot; null for one that stays unplaced. */
export type Laid = readonly (number | null)[];

/** What is minimised, in this order. */
export interface Goals {
  readonly unplaced: number;
  /** Minutes by which slots run over, in all. */
  readonly over: number;
  /** Minutes that are done on the last evening before they are used. */
  readonly last: number;
  /** Tasks that are not where people were shown them. */
  readonly moved: number;
}

/** The goals in the order in which they count. */
export const GOALS = ['unplaced', 'over', 'last', 'moved'] as const satisfies readonly (keyof Goals)[];

/** What a schedule costs by each goal. */
export function goalsOf({ tasks, slots }: ScheduleProblem, laid: Laid): Goals {
  const load = slots.map(() => 0);
  let [unplaced, last, moved] = [0, 0, 0];
  tasks.forEach((task, t) => {
    const slot = laid[t]!;
    if (task.shown !== null && task.shown !== slot) moved += 1;
    if (slot === null) {
      unplaced += 1;
      return;
    }
    load[slot]! += task.minutes;
    if (slot >= task.lastFrom) last += task.minutes;
  });
  const over = slots.reduce(
    (sum, { minutes }, s) => sum + (minutes === null ? 0 : Math.max(0, load[s]! - minutes)),
    0,
  );
  return { unplaced, over, last, moved };
}

/** Below zero when the first one is better, above when the second is, zero when they are equal in every goal. */
export function compareGoals(a: Goals, b: Goals): number {
  for (const goal of GOALS) if (a[goal] !== b[goal]) return a[goal] - b[goal];
  return 0;
}

/** Whether a task in a slot comes in time after one that it needs. */
export function followsInTime(
  need: Pick<TaskNeed, 'waitMinutes' | 'mostMinutes'>,
  before: TimeSlot,
  after: TimeSlot,
): boolean {
  const gap = after.to - before.to;
  return gap >= need.waitMinutes && (need.mostMinutes === null || gap <= need.mostMinutes);
}

/** How long a task holds its place when it is done in a slot: from the slot's end on, at least a moment. */
export const heldUntil = (hold: Hold, slot: TimeSlot): Moment =>
  Math.max(slot.to, hold.until ?? slot.to + hold.forMinutes) as Moment;

/**
 * Tasks so that each comes after those that it needs, otherwise by id; those in a circle are left out.
 */
export function inOrderOfNeeds(tasks: readonly Task[]): readonly number[] {
  const index = new Map(tasks.map(({ id }, t) => [id, t]));
  const open = tasks.map(({ needs }) => needs.filter(({ taskId }) => index.has(taskId)).length);
  const after = tasks.map((): number[] => []);
  tasks.forEach(({ needs }, t) => {
    for (const { taskId } of needs) {
      const before = index.get(taskId);
      if (before !== undefined) after[before]!.push(t);
    }
  });
  const byId = (a: number, b: number): number => (tasks[a]!.id < tasks[b]!.id ? -1 : 1);
  let ready = tasks.map((_, t) => t).filter((t) => open[t] === 0);
  const order: number[] = [];
  while (ready.length > 0) {
    ready = ready.toSorted(byId);
    order.push(...ready);
    const next: number[] = [];
    for (const t of ready) for (const later of after[t]!) if (--open[later]! === 0) next.push(later);
    ready = next;
  }
  return order;
}
