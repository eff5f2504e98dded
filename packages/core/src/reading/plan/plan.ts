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
  ageInMonths,
  attendanceOn,
  presentDuring,
  type Absence,
  type Block,
  type Child,
  type Closure,
  type Corner,
  type DayAttendance,
  type Home,
  type Months,
} from '../../house/index.ts';
import { versionFor, type ActivityVersion } from '../../library/index.ts';
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
}

/** A child who is there, with the version of the activity that fits; null when none does. */
interface Seat {
  readonly child: Child;
  readonly version: ActivityVersion | null;
}

/** A placement on one day: when it is out and who is there meanwhile. */
export interface Session {
  readonly day: ProgramDay;
  readonly span: ClockSpan;
  readonly seats: readonly Seat[];
}

/**
 * The frame of a unit.
 * @throws {Error} when the book has no such unit: views ask for units that they took from the book.
 */
export function frameOf(book: Book, unitId: UnitId): Frame {
  const unit = book.units[unitId];
  if (!unit) throw new Error(`no such unit: ${unitId}`);
  return frame(unit, homeOf(book), book.closures, book.children, book.absences);
}

const frame = memoised(
  (
    unit: Unit,
    home: Home,
    closures: Table<Closure>,
    children: Table<Child>,
    absences: Table<Absence>,
  ): Frame => {
    const calendar = unitDays(unit, home, Object.values(closures));
    const everyone = Object.values(children).toSorted((a, b) => (a.birth < b.birth ? 1 : -1));
    const attendance = calendar.days.map(({ date }) =>
      attendanceOn(date, home, everyone, Object.values(absences)),
    );
    return { unit, home, calendar, attendance };
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

/** A home's corners in the order of its shelf. */
export const cornersOnShelf = memoised((corners: Table<Corner>): readonly Corner[] =>
  Object.values(corners).toSorted((a, b) => (a.order < b.order ? -1 : a.order > b.order ? 1 : 0)),
);

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
      age: ageOn(child, attendance.date),
    })),
);

interface PresentChild {
  readonly child: Child;
  readonly age: Months;
}

const ageOn = memoised((child: Child, date: PlainDay): Months => ageInMonths(child.birth, date));

/** The days on which a placement is out, with everyone who is there then. Days past the unit's end have no session. */
export const sessionsOf = memoised(
  (placement: Placement, { calendar, home, attendance }: Frame): readonly Session[] => {
    const span = spanOf(placement, home);
    return calendar.days
      .filter((day) => standsOn(placement, day.number))
      .map((day) => ({
        day,
        span,
        seats: presentAt(attendance[day.number - 1]!, home, span.from, span.to).map(({ child, age }) => ({
          child,
          version: versionFor(placement.content, age),
        })),
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
