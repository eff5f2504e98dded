import { groupBy, type Book, type Table } from '../../book/index.ts';
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
  inShelfOrder,
  partsDuring,
  presentDuring,
  valueIn,
  type Absence,
  type Block,
  type Child,
  type ChildId,
  type Corner,
  type DayAttendance,
  type Exceptions,
  type Extra,
  type Home,
  type Months,
  type Person,
} from '../../house/index.ts';
import {
  versionFor,
  versionsOf,
  type ActivityContent,
  type ActivityVersion,
  type Learner,
} from '../../library/index.ts';
import {
  spanOfDays,
  standsOn,
  type Choice,
  type Feature,
  placementOf,
  type PlacedCopy,
  type Placement,
  type Unit,
  isThemeCount,
  themeOf,
  unfilledContent,
  type Theme,
  type UnitDays,
  type UnitId,
} from '../../unit/index.ts';
import { answer } from '../ground/answer.ts';
import { memoised, perMember, stableGroups } from '../ground/memo.ts';
import { daysIn, phaseIn, type Phase } from './days.ts';
import { featuredIn } from './features.ts';
import { exceptionsIn, homeIn } from './house.ts';
import { membersIn } from './of-unit.ts';
import { copiesIn, specialDaysIn } from './copies.ts';
import { withLearnedTurns } from './learned.ts';
import { withSpecialDays } from './special.ts';

/**
 * The time and the children of a unit: what every question about it stands on. Why apart from what is placed: most edits move
 * one placement. The frame is the same object before and after, so everything that was remembered about the other placements
 * under it stays, and an edit costs one placement instead of the whole unit. A child's change makes another frame, and all is
 * worked out anew: that is right, for who is there decides everything.
 */
export interface Frame {
  readonly unit: Unit;
  readonly home: Home;
  readonly calendar: UnitDays;
  /** Attendance of each program day; the index is its number less one. */
  readonly attendance: readonly DayAttendance[];
  readonly people: readonly Person[];
  /** What holds for it: what it features itself, then what the month around it does. */
  readonly featured: readonly Feature[];
}

/** A child who is there, with the version of the activity that fits; null when none does. */
export interface Seat {
  readonly child: Child;
  readonly version: ActivityVersion | null;
}

/** A placement on one day: when it is out and who is there meanwhile. */
export interface Session {
  readonly placement: Placement;
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
export const frameOf = answer((look, unitId: UnitId): Frame => {
  const time = timeOf(look, unitId);
  return { ...time, featured: featuredIn(look, unitId) };
});

// Apart, so that what another unit features leaves the frame as it is unless it holds here.
const timeOf = answer((look, unitId: UnitId): Omit<Frame, 'featured'> => {
  const unit = look.one('units', unitId);
  if (!unit) throw new Error(`no such unit: ${unitId}`);
  const home = homeIn(look);
  const calendar = daysIn(look, unitId);
  const everyone = Object.values(look.table('children')).toSorted((a, b) => (a.birth < b.birth ? 1 : -1));
  const exceptions = within(exceptionsIn(look), calendar.days);
  const attendance = calendar.days.map(({ date }) => attendanceOn(date, home, everyone, exceptions));
  return { unit, home, calendar, attendance, people: Object.values(look.table('people')) };
});

// Over the years many were away: few of them within the days of a unit.
function within({ absences, extras }: Exceptions, days: readonly ProgramDay[]): Exceptions {
  const [first, last] = [days[0]?.date ?? '', days.at(-1)?.date ?? ''];
  const meets = ({ from, to }: Absence | Extra): boolean => from <= last && first <= to;
  return { absences: absences.filter(meets), extras: extras.filter(meets) };
}

/** A unit with where it stands. */
export interface PhasedUnit {
  readonly unit: Unit;
  readonly phase: Phase;
}
const NEARNESS = { now: 0, 'to-come': 1, over: 2, idea: 3 } as const;

/**
 * The units of a home, those first that whoever names none means: what runs, then what comes the next, then what was the last, then ideas. Why
 * one order for all: a list, a field that finds anything and a shopping list mean the same unit.
 */
export function unitsByNearness(book: Book, today: PlainDay): readonly PhasedUnit[] {
  const startOf = ({ unit }: PhasedUnit): string => unit.start ?? '';
  return Object.values(book.units)
    .map((unit): PhasedUnit => ({ unit, phase: phaseIn(book, unit, today) }))
    .toSorted((a, b) => {
      if (a.phase !== b.phase) return NEARNESS[a.phase] - NEARNESS[b.phase];
      const earlier = startOf(a) < startOf(b) ? -1 : Number(startOf(a) > startOf(b));
      return a.phase === 'over' ? -earlier : earlier;
    });
}

/** The frames of the units whose days overlap those of this one. */
export function neighboursOf(book: Book, { unit, calendar }: Frame): readonly Frame[] {
  const last = calendar.days.at(-1)?.date;
  if (unit.start === null || last === undefined) return [];
  return Object.values(book.units)
    .filter(({ id, start }) => id !== unit.id && start !== null && start <= last)
    .filter(({ id }) => (daysIn(book, id).days.at(-1)?.date ?? '') >= unit.start!)
    .map(({ id }) => frameOf(book, id));
}

/** The units that began before another one; all that have a date for an idea. Units still to come are none of them. */
export function earlierUnits(book: Book, unitId: UnitId): readonly Unit[] {
  const start = book.units[unitId]?.start ?? null;
  return Object.values(book.units).filter(
    (unit) => unit.id !== unitId && unit.start !== null && (start === null || unit.start < start),
  );
}

/**
 * What a unit holds: what is planned, and what stands in for some of it in bad weather, at that one's place and time. Why two
 * lists: what stands in needs its things and its time of preparation, but no day and no child's turn; a question says by the
 * list that it takes which of the two it means, and {@link bothOf} is one list for those that mean both.
 */
export interface Placed {
  readonly placements: readonly Placement[];
  readonly twins: readonly Twin[];
}

/** What stands in for something else: placed where that one is. */
export interface Twin {
  readonly placement: Placement;
  readonly of: Placement;
}

/** Everything that is placed in a unit. What stands in for something that is gone counts as neither. */
export const placedIn = answer((look, unitId: UnitId): Placed =>
  placedOf(withSpecialDays(readIn(look, unitId), specialDaysIn(look, unitId))),
);

// With the minutes that turns take here.
const readIn = answer((look, unitId: UnitId): readonly Placement[] =>
  withLearnedTurns(look, asRead(copiesIn(look, unitId), themeIn(look, unitId))),
);

/** Both: what stands in for something is needed as well, it must be there when the weather turns. */
export const bothOf = memoised(({ placements, twins }: Placed): readonly Placement[] =>
  twins.length === 0 ? placements : [...placements, ...twins.map(({ placement }) => placement)],
);

const asRead = memoised((copies: readonly PlacedCopy[], theme: Theme | null): readonly Placement[] =>
  copies.map((copy) => placementOf(copy, copy.base.slots.length > 0 || countsThings(copy) ? theme : null)),
);
// What asks nothing of the theme stays as it is whatever becomes of that.
const countsThings = memoised((copy: PlacedCopy): boolean =>
  unfilledContent(copy).materials.some(({ times }) => isThemeCount(times)),
);

/** The theme of a unit, from which its patterns are filled. */
export const themeIn = answer((look, unitId: UnitId): Theme | null => {
  const unit = look.one('units', unitId);
  return unit ? themeOf(unit, membersIn(look, unitId)) : null;
});

const placedOf = memoised((all: readonly Placement[]): Placed => {
  const placements = all.filter(({ where }) => where.kind !== 'twin');
  if (placements.length === all.length) return { placements: all, twins: [] };
  const byId = new Map(placements.map((placement) => [placement.id, placement]));
  const twins = all.flatMap((placement) => {
    const of = placement.where.kind === 'twin' ? byId.get(placement.where.of) : undefined;
    return of ? [{ placement: standIn(placement, of), of }] : [];
  });
  return { placements, twins };
});

const standIn = memoised((twin: Placement, of: Placement): Placement => ({ ...twin, where: of.where }));

/** A home's corners in the order of its shelf, retired ones left out. */
export const cornersOnShelf = memoised((corners: Table<Corner>): readonly Corner[] =>
  inShelfOrder(Object.values(corners).filter((corner) => !corner.retired)),
);

/** The block that a placement runs in, or its part of a special event; null for a set-up, or when the home no longer has that block. */
export function blockOf({ where, part }: Placement, home: Home): Block | null {
  if (part || where.kind !== 'day') return part ?? null;
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

const workingAt = memoised(({ home, people }: Frame, date: PlainDay, from: Minutes, to: Minutes) => {
  const parts = partsDuring(home, { from, to });
  return people.filter((person) => parts.some((part) => adultsIn(part, date, [person]).length > 0));
});

/** Who is there during a stretch of a numbered day: the children, youngest first, and those who work. */
export function thereOn(
  frame: Frame,
  day: number,
  { from, to }: ClockSpan,
): { readonly children: readonly Child[]; readonly adults: readonly Person[] } {
  const there = frame.attendance[day - 1]!;
  const present = presentAt(there, frame.home, from, to);
  return { children: childrenIn(present), adults: workingAt(frame, there.date, from, to) };
}

const childrenIn = memoised((present: readonly PresentChild[]): readonly Child[] =>
  present.map(({ child }) => child),
);

/** The true age of a child on a date, in completed months. */
export const ageOn = memoised((child: Child, date: PlainDay): Months => ageInMonths(child.birth, date));

/** What decides which version a child gets on a day: the same object as long as the child is as old. */
export const learnerOn = (child: Child, date: PlainDay, home: Home): Learner =>
  learnerAt(child, home, ageOn(child, date));

const learnerAt = memoised((child: Child, home: Home, age: Months): Learner => ({
  age,
  rungs: child.rungs,
  readinessMonths: valueIn(home, 'readinessMonths'),
}));

const fittingVersion = memoised(versionFor);

/** The version that a child gets: as chosen by hand, else as age and rungs say; null for none. */
function versionOf(
  content: ActivityContent,
  choices: readonly Choice[],
  child: Child,
  learner: Learner,
): ActivityVersion | null {
  const choice = choices.find(({ childId }) => childId === child.id);
  if (!choice) return fittingVersion(content, learner);
  if (choice.versionId === null) return null;
  // A version that is gone leaves the choice to age again.
  return content.versions.find(({ id }) => id === choice.versionId) ?? fittingVersion(content, learner);
}

/**
 * The days on which a placement is out, with everyone who is there then; for the bin of a child, that child. What has
 * no day, and days past the unit's end, have no session.
 */
export const sessionsOf = memoised((placement: Placement, frame: Frame): readonly Session[] => {
  const { calendar, home, attendance } = frame;
  const days = spanOfDays(placement);
  if (days === null) return [];
  const span = spanOf(placement, home);
  const { where } = placement;
  return calendar.days.slice(days.from - 1, days.to).map((day) => {
    const there = attendance[day.number - 1]!;
    const present = presentAt(there, home, span.from, span.to);
    const meant = where.kind === 'bin' ? present.filter(({ child }) => child.id === where.childId) : present;
    return {
      placement,
      day,
      span,
      seats: meant.map((one) => seatOf(placement, one)),
      adults: workingAt(frame, there.date, span.from, span.to),
    };
  });
});

const seatOf = ({ content, choices }: Placement, { child, learner }: PresentChild): Seat => ({
  child,
  version: versionOf(content, choices, child, learner),
});

/**
 * The seat of one child on one numbered day of a placement, as {@link sessionsOf} has it; null where it is not out, the child is not
 * there or it is not meant for it. Why apart: what a child met in all its years asks of thousands for one day and child each.
 */
export function seatOn(placement: Placement, frame: Frame, day: number, childId: ChildId): Seat | null {
  const there = frame.attendance[day - 1];
  if (!there || !standsOn(placement, day)) return null;
  if (placement.where.kind === 'bin' && placement.where.childId !== childId) return null;
  const { from, to } = spanOf(placement, frame.home);
  const present = presentAt(there, frame.home, from, to).find(({ child }) => child.id === childId);
  return present ? seatOf(placement, present) : null;
}

const allSessions = perMember((placement: Placement, of: Frame) => sessionsOf(placement, of));
const byDay = stableGroups((session: Session) => session.day.number);

/** What is out on each numbered day, by placement; a day on which that stayed as it was keeps its list. */
export const sessionsByDay = memoised(
  (placements: readonly Placement[], of: Frame): ReadonlyMap<number, readonly Session[]> =>
    byDay(allSessions(placements, of).flat()),
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
    groups: versionsOf(content).map((version) => ({ version, children: childrenOf(version) })),
    without: childrenOf(null),
  };
}
