import {
  addDays,
  closedBecause,
  minutesSinceMidnight,
  momentOf,
  weekdayOf,
  type Minutes,
  type Moment,
  type PlainDay,
} from '../../calendar/index.ts';
import type { Home, PersonId, PrepTime } from '../../house/index.ts';
import type { TimeSlot } from '../../schedule/index.ts';
import { calendarIn, homeIn } from '../plan/house.ts';
import { answer } from '../ground/answer.ts';
import { memoised } from '../ground/memo.ts';

/** A time for making ready on a day. */
export interface ReadySlot extends TimeSlot {
  readonly date: PlainDay;
  /** Minutes since midnight. */
  readonly start: Minutes;
  readonly name: string;
  readonly personId: PersonId | null;
  /** Of the week, on this day only, beside the children's play, or while out on errands. */
  readonly kind: 'slot' | 'extra' | 'children' | 'errand';
}

/** When the home opens and closes, in minutes since midnight. */
export const hoursOf = memoised(({ parts }: Home): { readonly from: Minutes; readonly to: Minutes } => ({
  from: Math.min(...parts.map(({ from }) => minutesSinceMidnight(from))) as Minutes,
  to: Math.max(...parts.map(({ to }) => minutesSinceMidnight(to))) as Minutes,
}));

/** The moment at which the home opens on a day. */
export const openingOf = (home: Home, day: PlainDay): Moment => momentOf(day, hoursOf(home).from, home.zone);

/** Whether a time lies outside the hours of the home, when somebody can be out on an errand. */
export const isOutOfHours = ({ start, date }: ReadySlot, home: Home): boolean => {
  const { from, to } = hoursOf(home);
  return start < from || to <= start || !home.workingWeekdays.includes(weekdayOf(date));
};

/**
 * The times for making ready from one day to another, both included, by their ends. None of the week on closed days, and
 * none of people who left. Where the home has no time outside its hours, errands get one at the end of each open day.
 */
export const slotsOver = answer((look, from: PlainDay, to: PlainDay): readonly ReadySlot[] => {
  const home = homeIn(look);
  const gone = new Set<string>(
    Object.values(look.table('people'))
      .filter(({ retired }) => retired)
      .map(({ id }) => id),
  );
  const closed = Object.values(look.table('closures'));
  const calendar = calendarIn(look);
  const slots: ReadySlot[] = [];
  for (let date = from; date <= to; date = addDays(date, 1)) {
    if (!closed.some((span) => span.from <= date && date <= span.to))
      slots.push(...weekly(home, date).filter(({ personId }) => personId === null || !gone.has(personId)));
    if (closedBecause(date, calendar) === null) slots.push(besideChildren(home, date));
  }
  for (const time of Object.values(look.table('prepTimes'))) {
    if (time.date < from || to < time.date || (time.personId !== null && gone.has(time.personId))) continue;
    slots.push(extra(home, time));
  }
  if (!slots.some((slot) => slot.kind !== 'children' && isOutOfHours(slot, home)))
    for (let date = from; date <= to; date = addDays(date, 1))
      if (closedBecause(date, calendar) === null) slots.push(onErrands(home, date));
  return slots.toSorted((a, b) => a.to - b.to || (a.id < b.id ? -1 : 1));
});

function weekly({ prepSlots, zone }: Home, date: PlainDay): readonly ReadySlot[] {
  const weekday = String(weekdayOf(date)) as keyof (typeof prepSlots)[number]['minutes'];
  return prepSlots.flatMap(({ id, name, start: time, minutes, personId }) => {
    const length = minutes[weekday] ?? 0;
    const start = minutesSinceMidnight(time);
    if (length === 0) return [];
    return [
      {
        id: `${date}:${id}`,
        date,
        start,
        name,
        personId: personId as PersonId | null,
        kind: 'slot' as const,
        minutes: length as Minutes,
        from: momentOf(date, start, zone),
        to: momentOf(date, start + length, zone),
      },
    ];
  });
}

function extra({ zone }: Home, { id, name, date, start: time, minutes, personId }: PrepTime): ReadySlot {
  const start = minutesSinceMidnight(time);
  return {
    id: `${date}:x:${id}`,
    date,
    start,
    name,
    personId,
    kind: 'extra',
    minutes,
    from: momentOf(date, start, zone),
    to: momentOf(date, start + minutes, zone),
  };
}

// What is done with the children takes no time of making ready: it happens in the morning's play.
function besideChildren(home: Home, date: PlainDay): ReadySlot {
  const first = home.parts.toSorted((a, b) => (a.from < b.from ? -1 : 1))[0]!;
  const [start, end] = [minutesSinceMidnight(first.from), minutesSinceMidnight(first.to)];
  return {
    id: `${date}:children`,
    date,
    start,
    name: 'With the children',
    personId: null,
    kind: 'children',
    minutes: null,
    from: momentOf(date, start, home.zone),
    to: momentOf(date, end, home.zone),
  };
}

function onErrands(home: Home, date: PlainDay): ReadySlot {
  const { to } = hoursOf(home);
  return {
    id: `${date}:errand`,
    date,
    start: to,
    name: 'On an errand',
    personId: null,
    kind: 'errand',
    minutes: null,
    from: momentOf(date, to, home.zone),
    to: momentOf(date, to + 60, home.zone),
  };
}
