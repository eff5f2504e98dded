import { groupBy, homeOf, type Book, type Table } from '../../book/index.ts';
import {
  clockSpan,
  WHOLE_DAY,
  type ClockSpan,
  type Minutes,
  type PlainDay,
  type ProgramDay,
} from '../../calendar/index.ts';
import {
  adultsIn,
  ageInMonths,
  attendanceOn,
  partsDuring,
  presentDuring,
  valueIn,
  type Absence,
  type Block,
  type Child,
  type Closure,
  type Corner,
  type DayAttendance,
  type Exceptions,
  type Extra,
  type Home,
  type Months,
  type Person,
} from '../../house/index.ts';
import { versionFor, type ActivityVersion, type Learner } from '../../library/index.ts';
import {
  standsOn,
  unitDays,
  type Placement,
  type Unit,
  type UnitDays,
  type UnitId,
} from '../../unit/index.ts';
import { memoised } from '../memo.ts';

/** The time and the children of a unit: what every question about it stands on. Editing a placement leaves it as it is. */
export interface Frame {
  readonly unit: Unit;
  readonly home: Home;
  readonly calendar: UnitDays;
  /** Attendance of each program day; the index is its number less one. */
  readonly attendance: readonly DayAttendance[];
  readonly people: readonly Person[];
}

/** A child who is there, with the version of the activity that fits; null when none does. */
export interface Seat {
  readonly child: Child;
  readonly version: ActivityVersion | null;
}

/** A placement on one day: when it is out and who is there meanwhile. */
export interface Session {
  readonly day: ProgramDay;
  readonly span: ClockSpan;
  readonly seats: readonly Seat[];
  /** Those who work then; empty when nobody's work was entered. */
  readonly adults: readonly Person[];
}

/**
 * The frame of a unit.
 * @throws {Error} when the book has no such unit: views ask for units that they took from the book.
 */
export function frameOf(book: Book, unitId: UnitId): Frame {
  const unit = book.units[unitId];
  if (!unit) throw new Error(`no such unit: ${unitId}`);
  const { closures, children, people } = book;
  return frame(unit, homeOf(book), closures, children, people, exceptionsOf(book.absences, book.extras));
}

// One object as long as both tables are the same, so that what stands on it is remembered.
const exceptionsOf = memoised((absences: Table<Absence>, extras: Table<Extra>): Exceptions => ({
  absences: Object.values(absences),
  extras: Object.values(extras),
}));

const frame = memoised(
  (
    unit: Unit,
    home: Home,
    closures: Table<Closure>,
    children: Table<Child>,
    people: Table<Person>,
    exceptions: Exceptions,
  ): Frame => {
    const calendar = unitDays(unit, home, Object.values(closures));
    const everyone = Object.values(children).toSorted((a, b) => (a.birth < b.birth ? 1 : -1));
    const attendance = calendar.days.map(({ date }) => attendanceOn(date, home, everyone, exceptions));
    return { unit, home, calendar, attendance, people: Object.values(people) };
  },
);

/** Where a unit stands by the home's date. A unit without any program day counts as still to come. */
export function phaseOf({ calendar }: Frame, today: PlainDay): 'to-come' | 'now' | 'over' {
  const first = calendar.days[0];
  if (!first || today < first.date) return 'to-come';
  return today <= calendar.days.at(-1)!.date ? 'now' : 'over';
}

/** What stands in a unit. */
export const placementsIn = (book: Book, unitId: UnitId): readonly Placement[] =>
  byUnit(book.placements).get(unitId) ?? NOTHING;

const NOTHING: readonly Placement[] = [];

const byUnit = memoised((placements: Table<Placement>) =>
  groupBy(Object.values(placements), (placement) => placement.unitId),
);

/** A home's corners in the order of its shelf, retired ones left out. */
export const cornersOnShelf = memoised((corners: Table<Corner>): readonly Corner[] =>
  inShelfOrder(Object.values(corners).filter((corner) => !corner.retired)),
);

/** Corners in the order of the shelf. */
export const inShelfOrder = (corners: readonly Corner[]): readonly Corner[] =>
  corners.toSorted((a, b) => (a.order < b.order ? -1 : a.order > b.order ? 1 : 0));

/** The block that a placement runs in; null for a set-up, or when the home no longer has that block. */
export function blockOf({ where }: Placement, home: Home): Block | null {
  if (where.kind === 'corner') return null;
  return home.blocks.find((block) => block.id === where.blockId) ?? null;
}

/**
 * When a placement is out on its days: a set-up all day, an activity during its block and its clean-up.
 * Without its block it counts for the whole day, so that nothing is missed.
 */
function spanOf(placement: Placement, home: Home): ClockSpan {
  const block = blockOf(placement, home);
  if (!block) return WHOLE_DAY;
  return clockSpan(block.start, (block.minutes + placement.content.cleanUpMinutes) as typeof block.minutes);
}

// Many placements share a block: who is there then, and how old, is worked out once a day and block.
const presentAt = memoised(
  (attendance: DayAttendance, home: Home, from: Minutes, to: Minutes): readonly PresentChild[] =>
    presentDuring(attendance, home, { from, to }).map((child) => ({
      child,
      learner: learnerOn(child, attendance.date, home),
    })),
);

interface PresentChild {
  readonly child: Child;
  readonly learner: Learner;
}

const workingAt = memoised(
  (attendance: DayAttendance, home: Home, people: readonly Person[], from: Minutes, to: Minutes) => {
    const parts = partsDuring(home, { from, to });
    return people.filter((person) =>
      parts.some((part) => adultsIn(part, attendance.date, [person]).length > 0),
    );
  },
);

const ageOn = memoised((child: Child, date: PlainDay): Months => ageInMonths(child.birth, date));

/** What decides which version a child gets on a day. */
export const learnerOn = memoised((child: Child, date: PlainDay, home: Home): Learner => ({
  age: ageOn(child, date),
  rungs: child.rungs,
  readinessMonths: valueIn(home, 'readinessMonths'),
}));

/** The days on which a placement is out, with everyone who is there then. Days past the unit's end have no session. */
export const sessionsOf = memoised(
  (placement: Placement, { calendar, home, attendance, people }: Frame): readonly Session[] => {
    const span = spanOf(placement, home);
    return calendar.days
      .filter((day) => standsOn(placement, day.number))
      .map((day) => ({
        day,
        span,
        seats: presentAt(attendance[day.number - 1]!, home, span.from, span.to).map(({ child, learner }) => ({
          child,
          version: versionFor(placement.content, learner),
        })),
        adults: workingAt(attendance[day.number - 1]!, home, people, span.from, span.to),
      }));
  },
);

/** The children who find a version of a placement at their age on at least one of its days. */
export const reachOf = memoised(
  (placement: Placement, frame: Frame): ReadonlySet<Child> =>
    new Set(
      sessionsOf(placement, frame).flatMap(({ seats }) =>
        seats.filter((seat) => seat.version !== null).map((seat) => seat.child),
      ),
    ),
);

/** Who does what in some sessions of a placement: each version with its children, and those without one. */
export function whoDoesWhat(
  { content }: Placement,
  sessions: readonly Session[],
): {
  readonly groups: readonly { readonly version: ActivityVersion; readonly children: readonly Child[] }[];
  readonly without: readonly Child[];
} {
  const seats = groupBy(
    sessions.flatMap((session) => session.seats),
    (seat) => seat.version,
  );
  const childrenOf = (version: ActivityVersion | null): Child[] => [
    ...new Set((seats.get(version) ?? []).map((seat) => seat.child)),
  ];
  return {
    groups: content.versions.map((version) => ({ version, children: childrenOf(version) })),
    without: childrenOf(null),
  };
}
