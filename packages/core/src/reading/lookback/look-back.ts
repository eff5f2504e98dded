import type { Book } from '../../book/index.ts';
import type { PlainDay, ProgramDay } from '../../calendar/index.ts';
import {
  arrivalIdOf,
  OUTCOMES,
  type CircleRecord,
  type DoneOutcome,
  type Note,
} from '../../daybook/index.ts';
import type { Child } from '../../house/index.ts';
import { ACTIVITY_MODES } from '../../library/index.ts';
import { lastDayOf, type Placement, type Unit } from '../../unit/index.ts';
import type { Reading } from '../answers/read.ts';
import { outSince } from '../changeover/changeover.ts';
import { turnsMeasured } from '../plan/learned.ts';
import { placedIn, sessionsOf } from '../plan/plan.ts';
import { paceOf, type Pace } from '../readiness/pace.ts';
import { keepsakesOf, type KeepsakeState } from '../room/keepsakes.ts';
import { wentIn, type Went } from '../went/went.ts';

/** How many times something went how. */
export type Tally = Readonly<Record<DoneOutcome, number>>;

/** Something that was planned on days that are over, and what is known of it. */
export interface LookBackRow {
  readonly placement: Placement;
  /** The days looked back on, on which it was out while somebody was there. */
  readonly days: readonly ProgramDay[];
  /** What was said of it, the earliest first. */
  readonly told: readonly Went[];
  /** What was said of it most often; what was said last where that is even; null where nobody said anything. */
  readonly went: DoneOutcome | null;
  /** The last of its days that was not finished, and was not carried on by a later record; null for none. */
  readonly openSince: ProgramDay | null;
  /** For whom it went otherwise than for the others, the last said of each. */
  readonly others: readonly { readonly child: Child; readonly outcome: DoneOutcome }[];
  /** Since when it is out, where it stood in its corner to the end and another unit comes in which it may stay; null otherwise. */
  readonly mayStaySince: PlainDay | null;
  /** Whether that unit has it already. */
  readonly stays: boolean;
}

/** Looking back on a unit, from what was recorded: what ran and how, what is not known, who was away, what is still open. */
export interface LookBack {
  /** Everything that had a day, in the order of the first of them. */
  readonly rows: readonly LookBackRow[];
  /** Those of which nobody said anything yet. */
  readonly toTell: readonly LookBackRow[];
  readonly tally: Tally;
  /** The days looked back on, each with how what had its place on it went, and how much nobody told. */
  readonly byDay: readonly { readonly day: ProgramDay; readonly tally: Tally; readonly untold: number }[];
  /** By how it is done; only what was told of, the most told first. */
  readonly byMode: readonly { readonly name: string; readonly tally: Tally }[];
  readonly circles: readonly CircleRecord[];
  /** Words from the room, the earliest day first. */
  readonly notes: readonly Note[];
  /** Who was away on which of these days. */
  readonly away: readonly { readonly child: Child; readonly days: readonly number[] }[];
  /** Keepsakes that were made and that somebody lacks. */
  readonly lacking: readonly KeepsakeState[];
  /** Minutes of preparation of the unit that were ticked, as they were planned. */
  readonly prepMinutes: number;
  /** What is learned of minutes in this home: how often turns were measured, and how long making ready takes. */
  readonly learned: { readonly turns: number; readonly pace: Pace };
  /** The unit that begins next after it; null where none does. */
  readonly next: Unit | null;
}

const NONE_TOLD: Tally = { loved: 0, fine: 0, lost: 0, skipped: 0 };

/** How many times each outcome was said. */
export const tallyOf = (told: readonly { readonly record: { readonly outcome: DoneOutcome } }[]): Tally =>
  told.reduce<Tally>((sum, { record: { outcome } }) => ({ ...sum, [outcome]: sum[outcome] + 1 }), NONE_TOLD);

/** `3 × Loved it, 1 × Skipped`; empty where nothing was told. */
export const tallyText = (tally: Tally): string =>
  (Object.keys(OUTCOMES) as DoneOutcome[])
    .filter((one) => tally[one] > 0)
    .map((one) => `${tally[one]} × ${OUTCOMES[one].name}`)
    .join(', ');

/**
 * Looks back on a unit, up to the day before `today`, and on its last day with that: while it is fresh. What was told of today is known,
 * and nothing of it is asked before.
 */
export function lookBackOn(book: Book, reading: Reading, today: PlainDay): LookBack {
  const { frame, placements } = reading;
  const { days } = frame.calendar;
  const told = wentIn(book, frame.unit.id).filter(({ date }) => date <= today);
  const isToday = (day: ProgramDay): boolean => day.date === today;
  const over = days.filter(
    (day) =>
      day.date < today || (isToday(day) && (day === days.at(-1) || told.some(({ date }) => date === today))),
  );
  const next = nextAfter(book, days.at(-1)?.date ?? null);
  const isAsked = (day: ProgramDay): boolean => day.date < today || (isToday(day) && day === days.at(-1));
  const rows = placements
    .flatMap((placement) => rowOf(book, reading, { placement, told, isAsked, next }) ?? [])
    .toSorted((a, b) => a.days[0]!.number - b.days[0]!.number);
  const of = ({ unitId }: { readonly unitId: string }): boolean => unitId === frame.unit.id;
  const ready = reading.ready.entries.filter(
    ({ task, state }) => task.unit.id === frame.unit.id && state === 'done',
  );
  return {
    rows,
    toTell: rows.filter(({ went }) => went === null),
    tally: tallyOf(told),
    byDay: over.map((day) => dayOf(rows, day)),
    byMode: byMode(told),
    circles: Object.values(book.circleRecords)
      .filter(of)
      .toSorted((a, b) => a.day - b.day),
    notes: Object.values(book.notes)
      .filter(of)
      .toSorted((a, b) => a.day - b.day || (a.at < b.at ? -1 : 1)),
    away: awayOn(book, reading, over),
    lacking: keepsakesOf(book, reading, today).filter(({ lacks }) => lacks.length > 0),
    prepMinutes: ready.reduce((sum, { task }) => sum + task.minutes, 0),
    learned: { turns: turnsMeasured(book), pace: paceOf(book.prepMarks, frame.home) },
    next,
  };
}

const nextAfter = (book: Book, last: PlainDay | null): Unit | null =>
  Object.values(book.units)
    .filter(({ start }) => last !== null && start !== null && start > last)
    .toSorted((a, b) => (a.start! < b.start! ? -1 : 1))[0] ?? null;

function rowOf(
  book: Book,
  { frame }: Reading,
  {
    placement,
    told: all,
    isAsked,
    next,
  }: {
    readonly placement: Placement;
    readonly told: readonly Went[];
    readonly isAsked: (day: ProgramDay) => boolean;
    readonly next: Unit | null;
  },
): LookBackRow | null {
  const told = all.filter((one) => one.placement.id === placement.id);
  const isTold = (day: ProgramDay): boolean => told.some(({ date }) => date === day.date);
  const days = sessionsOf(placement, frame)
    .filter(({ day, seats }) => (isAsked(day) && seats.length > 0) || isTold(day))
    .map(({ day }) => day);
  if (days.length === 0) return null;
  const others = new Map(
    told.flatMap(({ record }) => record.children.map((one) => [one.childId, one.outcome] as const)),
  );
  const last = told.at(-1);
  const stoodToTheEnd = placement.where.kind === 'corner' && lastDayOf(placement) >= frame.unit.dayCount;
  return {
    placement,
    days,
    told,
    went: mostSaid(told),
    openSince: last?.record.unfinished ? frame.calendar.days[last.record.day - 1]! : null,
    others: [...others].flatMap(([id, outcome]) => {
      const child = book.children[id];
      return child ? [{ child, outcome }] : [];
    }),
    mayStaySince: next && stoodToTheEnd ? outSince(placement, frame) : null,
    stays:
      next !== null && placedIn(book, next.id).placements.some((one) => one.originId === placement.originId),
  };
}

function mostSaid(told: readonly Went[]): DoneOutcome | null {
  const tally = tallyOf(told);
  const most = Math.max(...Object.values(tally));
  return told.findLast(({ record }) => tally[record.outcome] === most)?.record.outcome ?? null;
}

// What is out for many days belongs to the days on which something was said of it; what has one day, to that.
function dayOf(rows: readonly LookBackRow[], day: ProgramDay): LookBack['byDay'][number] {
  const told = rows.flatMap((row) => row.told.filter(({ record }) => record.day === day.number));
  const untold = rows.filter(
    ({ placement, went }) =>
      went === null && placement.where.kind === 'day' && placement.where.day === day.number,
  );
  return { day, tally: tallyOf(told), untold: untold.length };
}

function byMode(told: readonly Went[]): LookBack['byMode'] {
  const modes = Object.keys(ACTIVITY_MODES) as (keyof typeof ACTIVITY_MODES)[];
  return modes
    .map((mode) => told.filter(({ placement }) => placement.content.mode === mode))
    .filter((list) => list.length > 0)
    .toSorted((a, b) => b.length - a.length)
    .map((list) => ({
      name: ACTIVITY_MODES[list[0]!.placement.content.mode].name,
      tally: tallyOf(list),
    }));
}

// Who was expected and did not come; who was said to be away.
function awayOn(book: Book, { frame }: Reading, over: readonly ProgramDay[]): LookBack['away'] {
  const days = new Map<Child, number[]>();
  for (const { number, date } of over) {
    const { away, children } = frame.attendance[number - 1]!;
    const stayed = children.filter((child) => book.arrivals[arrivalIdOf(date, child.id)]?.inAt === null);
    for (const child of new Set([...away, ...stayed])) days.set(child, [...(days.get(child) ?? []), number]);
  }
  return [...days].map(([child, list]) => ({ child, days: list }));
}
