import type { Book } from '../../book/index.ts';
import { clockSpan, type ClockSpan, type PlainDay, type ProgramDay } from '../../calendar/index.ts';
import type { Block } from '../../house/index.ts';
import {
  lineHoldsOn,
  LINE_KINDS,
  lineText,
  type DayLine,
  type SpecialEvent,
  type Unit,
} from '../../unit/index.ts';
import type { CircleRun } from '../circle/run.ts';
import { daysIn } from '../plan/days.ts';
import { frameOf, sessionsByDay, type Session } from '../plan/plan.ts';
import { fillerOf } from '../plan/special.ts';
import type { Reading } from '../answers/read.ts';
import { stationsOf, type Station } from './stations.ts';

/** Something that is out on a day, with the groups at it. */
export interface PlannedThing {
  readonly session: Session;
  readonly stations: readonly Station[];
}

/** A block of a day: what is done in it. */
export interface BlockPlan {
  readonly block: Block;
  readonly span: ClockSpan;
  readonly items: readonly PlannedThing[];
  /** The circle in this block, or what stands at the seam after it; null where there is none. */
  readonly circle: CircleRun | null;
  readonly after: CircleRun | null;
  /** `Read aloud: The Wind and I`, one a line of the day. */
  readonly lines: readonly string[];
}

/** A day from its first block to its last. */
export interface DayPlan {
  readonly day: ProgramDay;
  /** What throws the ordinary plan out. */
  readonly events: readonly SpecialEvent[];
  /** By the clock; only blocks in which something is done. */
  readonly blocks: readonly BlockPlan[];
  /** What is out all day, and what waits in the bins of children. */
  readonly setUps: readonly PlannedThing[];
  /** What is open or to be thought of all day, in words. */
  readonly lines: readonly string[];
}

/** The plan of a numbered day; null for a day that the unit does not have. */
export function dayPlanOf(book: Book, reading: Reading, number: number): DayPlan | null {
  const { frame, placements, circles } = reading;
  const day = frame.calendar.days[number - 1];
  if (!day) return null;
  const things = (sessionsByDay(placements, frame).get(number) ?? []).map((session): PlannedThing => ({
    session,
    stations: stationsOf(session, book.leadings, book.people),
  }));
  const inBlock = ({ placement: { where } }: Session, block: Block): boolean =>
    where.kind === 'day' && where.blockId === block.id;
  const textsOf = (of: readonly DayLine[]): readonly string[] =>
    of.map((line) => `${LINE_KINDS[line.kind]}: ${lineText(line, book.bookTitles)}`);
  const specials = reading.specials.filter((special) => special.day === number);
  // What is noted for the circle steps back with it.
  const isFilled = fillerOf(specials, number) !== null;
  const lines = reading.lines.filter(
    (line) => lineHoldsOn(line, number) && !(isFilled && line.kind === 'circle'),
  );
  const ofDay = [...frame.home.blocks, ...specials.flatMap(({ parts }) => parts)];
  const isPart = new Set(specials.flatMap(({ parts }) => parts));
  const blocks = ofDay
    .map((block): BlockPlan => ({
      block,
      span: clockSpan(block.start, block.minutes),
      items: things.filter(({ session }) => inBlock(session, block)),
      circle: filled(block.isCircle || isPart.has(block) ? circles.on(number, block, 'in') : null),
      after: filled(circles.on(number, block, 'after')),
      lines: textsOf(lines.filter((line) => line.blockId === block.id)),
    }))
    .toSorted((a, b) => a.span.from - b.span.from);
  const known = new Set(ofDay.map(({ id }) => id));
  return {
    day,
    events: specials.map(({ event }) => event),
    blocks: blocks.filter(
      ({ items, circle, after, lines: told }) => items.length + told.length > 0 || circle || after,
    ),
    setUps: things.filter(
      ({ session: { placement } }) => placement.where.kind !== 'day' || !known.has(placement.where.blockId),
    ),
    lines: textsOf(lines.filter(({ blockId }) => blockId === null || !known.has(blockId))),
  };
}

const filled = (run: CircleRun | null): CircleRun | null => (run && run.parts.length > 0 ? run : null);

/** What is on at a time of the day, and what comes next; null for neither. Minutes since midnight. */
export function nowAndNext(
  { blocks }: DayPlan,
  minutes: number,
): { readonly now: BlockPlan | null; readonly next: BlockPlan | null } {
  // Where two blocks meet in time, the one that began later is on.
  const now = blocks.findLast(({ span }) => span.from <= minutes && minutes < span.to) ?? null;
  return { now, next: blocks.find(({ span }) => span.from > minutes) ?? null };
}

/** The units that have a program day on a date, with it; the one that began first comes first. */
export const programDaysOn = (
  book: Book,
  date: PlainDay,
): readonly { readonly unit: Unit; readonly day: ProgramDay }[] =>
  Object.values(book.units)
    .filter(({ start }) => start !== null && start <= date)
    .toSorted((a, b) => (a.start! < b.start! ? -1 : 1))
    .flatMap((unit) => {
      const day = frameOf(book, unit.id).calendar.days.find((one) => one.date === date);
      return day ? [{ unit, day }] : [];
    });

/** The last date before another on which any unit has a program day: what can still be told of it; null when there was none. */
export function programDateBefore(book: Book, date: PlainDay): PlainDay | null {
  const dates = Object.values(book.units)
    .filter(({ start }) => start !== null && start < date)
    .flatMap(({ id }) => daysIn(book, id).days.map((day) => day.date))
    .filter((one) => one < date);
  return dates.toSorted().at(-1) ?? null;
}

/** For how many minutes of a day something outdoors is planned: the blocks in which it is, each counted once. */
export const minutesOutdoors = ({ blocks }: DayPlan): number =>
  blocks
    .filter(({ items }) => items.some(({ session }) => session.placement.content.place === 'outdoors'))
    .reduce((sum, { block }) => sum + block.minutes, 0);
