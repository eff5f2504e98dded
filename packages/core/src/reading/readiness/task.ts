import type { Minutes, Moment, ProgramDay } from '../../calendar/index.ts';
import type { PersonId, WaitingPlaceKind } from '../../house/index.ts';
import type { PrepTask } from '../../library/index.ts';
import type { TaskNeed } from '../../schedule/index.ts';
import type { Placement, Unit } from '../../unit/index.ts';

/** What kinds of making ready there are, in the words of the page. */
export const TASK_KINDS = {
  prepare: 'Prepare',
  print: 'Print',
  laminate: 'Laminate',
  cut: 'Cut',
  finish: 'Finish',
  cook: 'Cook',
  shop: 'Shop',
  order: 'Order',
  ask: 'Ask',
  borrow: 'Borrow',
  collect: 'Collect outdoors',
  'change-over': 'Change over',
  'set-out': 'Set out',
  folder: 'Day folder',
  bin: 'Bins',
  own: 'Own',
  watch: 'Watch',
} as const;
export type TaskKind = keyof typeof TASK_KINDS;

/** That something else is done before. */
export interface ReadyNeed extends TaskNeed {
  /** An errand: left out where there is no time for it at all, for what it brings may come otherwise. */
  readonly soft?: boolean;
}

/** Something that is made ready before a day of a unit. */
export interface ReadyTask {
  readonly id: string;
  readonly unit: Unit;
  readonly kind: TaskKind;
  /** What is done. */
  readonly text: string;
  /** What it is for: an activity, a day. */
  readonly forWhat: string;
  readonly placement: Placement | null;
  readonly minutes: Minutes;
  /** From its beginning to its end, with waits in between for which somebody stays; left out: as long as its minutes. */
  readonly lastsMinutes?: Minutes;
  /** How the minutes came about. */
  readonly how: string;
  /** The numbered day that needs it, and the moment; the number is 0 where only a date does. */
  readonly day: ProgramDay;
  readonly usedAt: Moment;
  /** It is finished at least so long before that. */
  readonly waitMinutes: Minutes;
  /** And at most so long: it spoils, or would be in the way; null when it keeps. */
  readonly mostMinutes: Minutes | null;
  readonly needs: readonly ReadyNeed[];
  /** Where it waits, and how much room it takes; `forMinutes` null until it is used. */
  readonly hold: {
    readonly kind: WaitingPlaceKind;
    readonly units: number;
    readonly forMinutes: Minutes | null;
  } | null;
  /** Whose hands and where: in a time for making ready, out of the house, or with the children. */
  readonly where: 'home' | 'away' | 'children';
  /** Whose it is until somebody decides otherwise; left out: whoever is there. */
  readonly personId?: PersonId | null;
  /** How else it can be prepared. */
  readonly ways: PrepTask['instead'];
  /** What it takes, by name. */
  readonly things: readonly string[];
  /** The ids of supplies that it brings into the house, or that go into what it makes: the one comes before the other. */
  readonly gets?: readonly string[];
  readonly takes?: readonly string[];
}

/** Whether a task is shown with a unit: its own, and what is watched, which goes on whichever unit began it. */
export const concerns = ({ unit, day }: ReadyTask, unitId: string): boolean =>
  unit.id === unitId || day.number === 0;

/**
 * What speaks against doing a task in a time that ends at a moment, in a few words; null when nothing does. What it needs,
 * places and what else is laid there are not asked.
 */
export function doubtAt({ usedAt, waitMinutes, mostMinutes }: ReadyTask, end: Moment): string | null {
  const left = usedAt - end;
  if (left < 0) return 'after it is used';
  if (left < waitMinutes) return 'too late for its waiting';
  return mostMinutes !== null && left > mostMinutes ? 'too early, it spoils' : null;
}

// What dries comes off the line when it is dry; what is cold or out of reach stays until it is used.
const STAYS: ReadonlySet<WaitingPlaceKind> = new Set(['freezer', 'fridge', 'shelf']);

/** The room that something takes up while it waits, so many minutes or until it is used; null where it needs no place. */
export const holdFor = (
  kind: WaitingPlaceKind | null,
  waitMinutes: Minutes,
  units: number,
): ReadyTask['hold'] => kind && { kind, units, forMinutes: STAYS.has(kind) ? null : waitMinutes };

/** What has to be said of a task; of the rest nothing special is so. */
export type TaskDraft = Pick<
  ReadyTask,
  'id' | 'unit' | 'kind' | 'text' | 'forWhat' | 'minutes' | 'how' | 'day' | 'usedAt'
> &
  Partial<ReadyTask>;

/** A task of which only what is said is special: done at home, once, whenever before it is used. */
export const taskOf = (draft: TaskDraft): ReadyTask => ({
  placement: null,
  waitMinutes: 0 as Minutes,
  mostMinutes: null,
  needs: [],
  hold: null,
  where: 'home',
  ways: [],
  things: [],
  ...draft,
});
