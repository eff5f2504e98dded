import { homeOf, type Book } from '../../book/index.ts';
import { addDays, type Minutes, type PlainDay } from '../../calendar/index.ts';
import {
  adultsNeeded,
  ageInMonths,
  attendanceOver,
  type Person,
  type Presence,
  type RatioRule,
} from '../../house/index.ts';
import { calendarOf } from '../../unit/index.ts';

/** A stretch of a day with the same people in it, counted. */
interface HeadCount {
  readonly from: Minutes;
  readonly to: Minutes;
  readonly children: number;
  readonly adults: number;
  /** Who of the adults is at work, by name. */
  readonly atWork: readonly string[];
  /** Adults by the home's own rule; 0 where it has entered none. */
  readonly needed: number;
  /** What of the home's own rule is not met, in words; empty when all is, or when it has entered none. */
  readonly beyond: readonly string[];
}

/** A day ahead: who is there while there are children, or why the home is closed. */
export interface DayAhead {
  readonly date: PlainDay;
  readonly closed: string | null;
  readonly spans: readonly HeadCount[];
}

/**
 * The working days from `today` on, `count` calendar days in all, with children and adults counted through each of
 * them and held against the home's own rule. Kobby does the sums; whether they are enough, the licence says. Adults
 * are only held against the rule once somebody's work was entered.
 */
export function daysAhead(book: Book, today: PlainDay, count: number): readonly DayAhead[] {
  const home = homeOf(book);
  const people = Object.values(book.people);
  const known = isWorkKnown(people);
  const days = attendanceOver(today, addDays(today, count - 1), {
    home,
    people,
    children: Object.values(book.children),
    absences: Object.values(book.absences),
    extras: Object.values(book.extras),
    calendar: calendarOf(home, Object.values(book.closures)),
  });
  return days
    .filter((day) => day.closed !== 'not a working day')
    .map((day) => ({
      date: day.date,
      closed: day.closed,
      spans:
        day.closed === null
          ? day.presence
              .filter((span) => span.children.length > 0)
              .map((span) => headCount(span, day.date, home.ratio, known))
          : [],
    }));
}

/** Whether anybody's work was entered: before that, nobody can be said to be missing. */
export const isWorkKnown = (people: readonly Person[]): boolean =>
  people.some((person) => Object.values(person.work).some((parts) => parts.length > 0));

/** The people of a stretch of a day, counted and held against the home's own rule. */
export function headCount(
  { from, to, children, adults }: Presence,
  date: PlainDay,
  rule: RatioRule,
  known: boolean,
): HeadCount {
  const ages = children.map((child) => ageInMonths(child.birth, date));
  const needed = adultsNeeded(rule, ages);
  const young = rule.young ? ages.filter((age) => age < rule.young!.underMonths).length : 0;
  const beyond = [
    known && adults.length < needed ? `${needed} adults by your rule` : '',
    rule.largestGroup !== null && children.length > rule.largestGroup
      ? `your largest group is ${rule.largestGroup}`
      : '',
    rule.young && young > rule.young.most ? `${young} under ${rule.young.underMonths} months` : '',
  ].filter(Boolean);
  const atWork = adults.map(({ name }) => name);
  return { from, to, children: children.length, adults: adults.length, atWork, needed, beyond };
}
