import {
  addDays,
  closedBecause,
  minutesSinceMidnight,
  weekdayOf,
  type ClockSpan,
  type Minutes,
  type PlainDay,
  type ProgramCalendar,
} from '../calendar/index.ts';
import type { Absence, Child, Extra } from './child.ts';
import { partsDuring, type Home, type PartId } from './home.ts';
import type { Person } from './person.ts';
import { partsOn } from './week-pattern.ts';

/** Which children are there on a day, by part of the day. */
export interface DayAttendance {
  readonly date: PlainDay;
  /** Everyone who is there for at least one part, in the order of the children given. */
  readonly children: readonly Child[];
  readonly byPart: ReadonlyMap<PartId, readonly Child[]>;
  /** Children who would come and are away for the whole of it. */
  readonly away: readonly Child[];
}

/** What makes a day differ from the week: who is away, and who comes although it is not their day. */
export interface Exceptions {
  readonly absences: readonly Absence[];
  readonly extras: readonly Extra[];
}

/**
 * Who is there on a day: the week pattern of each child who is born, has started and has not left by then, with
 * the extra parts, less those away. Being away wins over an extra: whoever fell ill does not come. A part that
 * the home no longer has does not count. Closures are not looked at: ask for program days only.
 */
export function attendanceOn(
  date: PlainDay,
  home: Home,
  children: readonly Child[],
  { absences, extras }: Exceptions,
): DayAttendance {
  const ofHome = home.parts.map((part) => part.id);
  const byChild = new Map<
    Child,
    { readonly usual: readonly PartId[]; readonly present: readonly PartId[] }
  >();
  for (const child of children) {
    const usual = expectedParts(child, date, ofHome, extras);
    if (usual.length === 0) continue;
    const gone = partsOf(absences, child, date, ofHome);
    byChild.set(child, { usual, present: usual.filter((part) => !gone.has(part)) });
  }
  const expected = [...byChild.keys()];
  const comes = (child: Child): readonly PartId[] => byChild.get(child)!.present;
  return {
    date,
    children: expected.filter((child) => comes(child).length > 0),
    byPart: new Map(ofHome.map((part) => [part, expected.filter((child) => comes(child).includes(part))])),
    away: expected.filter((child) => comes(child).length === 0),
  };
}

function expectedParts(
  child: Child,
  date: PlainDay,
  ofHome: readonly PartId[],
  extras: readonly Extra[],
): readonly PartId[] {
  if (!belongsOn(child, date)) return [];
  const usual = partsOn(child.attendance, weekdayOf(date));
  const extra = partsOf(extras, child, date, ofHome);
  return ofHome.filter((part) => usual.includes(part) || extra.has(part));
}

/** Whether a child belongs to the group on a day: born, started, and not yet left. */
export const belongsOn = (child: Child, date: PlainDay): boolean =>
  child.birth <= date &&
  (child.startedOn === null || child.startedOn <= date) &&
  (child.leftOn === null || date <= child.leftOn);

// The parts that exceptions of a child name for a date; an exception without parts names all.
function partsOf(
  exceptions: readonly (Absence | Extra)[],
  child: Child,
  date: PlainDay,
  ofHome: readonly PartId[],
): ReadonlySet<PartId> {
  const ofChild = exceptions.filter((one) => one.childId === child.id && one.from <= date && date <= one.to);
  return new Set(ofChild.flatMap((one) => (one.parts.length === 0 ? ofHome : one.parts)));
}

/** The children who are there during a stretch of the day, in the order of the attendance. */
export function presentDuring(attendance: DayAttendance, home: Home, span: ClockSpan): readonly Child[] {
  const present = new Set(partsDuring(home, span).flatMap((part) => attendance.byPart.get(part) ?? []));
  return attendance.children.filter((child) => present.has(child));
}

/** The most children that are there at the same time of the day. */
export const mostAtOnce = (attendance: DayAttendance): number =>
  Math.max(0, ...[...attendance.byPart.values()].map((children) => children.length));

/** A stretch of a day during which the same children and the same adults are there. */
export interface Presence extends ClockSpan {
  readonly children: readonly Child[];
  readonly adults: readonly Person[];
}

/** The adults who work during a part of a day, whoever no longer works here left out. */
export const adultsIn = (part: PartId, date: PlainDay, people: readonly Person[]): readonly Person[] =>
  people.filter((person) => !person.retired && partsOn(person.work, weekdayOf(date)).includes(part));

/**
 * Who is there at each time of a day, children and adults: a stretch ends where a part of the day begins or ends.
 * Stretches in which nobody is there are left out. In the order of the clock.
 */
export function presenceOn(
  attendance: DayAttendance,
  home: Home,
  people: readonly Person[],
): readonly Presence[] {
  const bounds = home.parts.flatMap((part) => [
    minutesSinceMidnight(part.from),
    minutesSinceMidnight(part.to),
  ]);
  const times = [...new Set(bounds)].toSorted((a, b) => a - b);
  return times.slice(0, -1).flatMap((from, i) => {
    const span = { from, to: times[i + 1] as Minutes };
    const parts = partsDuring(home, span);
    const children = presentDuring(attendance, home, span);
    const adults = people.filter((person) =>
      parts.some((part) => adultsIn(part, attendance.date, [person]).length > 0),
    );
    return children.length + adults.length === 0 ? [] : [{ ...span, children, adults }];
  });
}

/** Everything about a home that attendance over a span asks for. */
export interface Household extends Exceptions {
  readonly home: Home;
  readonly children: readonly Child[];
  readonly people: readonly Person[];
  readonly calendar: ProgramCalendar;
}

/** A day of a span: who is there when, or why the home is closed. */
export type SpanDay =
  | { readonly date: PlainDay; readonly closed: string }
  | {
      readonly date: PlainDay;
      readonly closed: null;
      readonly attendance: DayAttendance;
      readonly presence: readonly Presence[];
    };

/** Attendance and adults on each day from one to another, both included; none when the span is empty. */
export function attendanceOver(from: PlainDay, to: PlainDay, house: Household): readonly SpanDay[] {
  const days: SpanDay[] = [];
  for (let date = from; date <= to; date = addDays(date, 1)) {
    const closed = closedBecause(date, house.calendar);
    if (closed !== null) {
      days.push({ date, closed });
      continue;
    }
    const attendance = attendanceOn(date, house.home, house.children, house);
    days.push({ date, closed, attendance, presence: presenceOn(attendance, house.home, house.people) });
  }
  return days;
}
