import { weekdayOf, type ClockSpan, type PlainDay } from '../calendar/index.ts';
import { partsOn, type Absence, type Child, type ChildId } from './child.ts';
import { partsDuring, type Home, type PartId } from './home.ts';

/** Which children are there on a day, by part of the day. */
export interface DayAttendance {
  readonly date: PlainDay;
  /** Everyone who is there for at least one part, in the order of the children given. */
  readonly children: readonly Child[];
  readonly byPart: ReadonlyMap<PartId, readonly Child[]>;
  /** Children who would usually come and are away. */
  readonly away: readonly Child[];
}

/**
 * Who is there on a day: the week pattern of each child who is born by then, less those away.
 * A part that the home no longer has does not count. Closures are not looked at: ask for program days only.
 */
export function attendanceOn(
  date: PlainDay,
  home: Home,
  children: readonly Child[],
  absences: readonly Absence[],
): DayAttendance {
  const weekday = weekdayOf(date);
  const awayIds = new Set<ChildId>(
    absences.filter((a) => a.from <= date && date <= a.to).map((absence) => absence.childId),
  );
  const partIds = home.parts.map((part) => part.id);
  const expected = children.filter(
    (child) =>
      child.birth <= date && partsOn(child.attendance, weekday).some((part) => partIds.includes(part)),
  );
  const present = expected.filter((child) => !awayIds.has(child.id));
  return {
    date,
    children: present,
    byPart: new Map(
      partIds.map((part) => [
        part,
        present.filter((child) => partsOn(child.attendance, weekday).includes(part)),
      ]),
    ),
    away: expected.filter((child) => awayIds.has(child.id)),
  };
}

/** The children who are there during a stretch of the day, in the order of the attendance. */
export function presentDuring(attendance: DayAttendance, home: Home, span: ClockSpan): readonly Child[] {
  const present = new Set(partsDuring(home, span).flatMap((part) => attendance.byPart.get(part) ?? []));
  return attendance.children.filter((child) => present.has(child));
}

/** The most children that are there at the same time of the day. */
export const mostAtOnce = (attendance: DayAttendance): number =>
  Math.max(0, ...[...attendance.byPart.values()].map((children) => children.length));
