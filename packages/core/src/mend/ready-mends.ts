import {
  addDays,
  closedBecause,
  formatDay,
  formatMinutes,
  minutesSinceMidnight,
  momentOf,
  type ClockTime,
  type PlainDay,
} from '../calendar/index.ts';
import { adultsIn, partsDuring, type Person } from '../house/index.ts';
import { entriesAbout, hoursOf, phaseIn, placedIn, type ReadyEntry } from '../reading/index.ts';
import { calendarOf } from '../unit/index.ts';
import type { Bench, Mend } from './bench.ts';
import { decideReady } from './decide-ready.ts';

const about = ({ reading, finding }: Bench): readonly ReadyEntry[] =>
  entriesAbout(reading.ready, finding.key);

const choosing = (book: Bench['book'], task: ReadyEntry['task'], rest: Parameters<typeof decideReady>[2]) =>
  decideReady(book, { ...task, id: task.wholeId }, rest);

/** It is there already: today's things are only not ticked. */
export function byTicking(bench: Bench): Mend[] {
  const entries = about(bench);
  if (entries.some(({ task }) => task.day.date !== bench.today)) return [];
  return [
    {
      label: 'It is ready: tick it',
      changes: entries.map(({ task }) => ({
        type: 'ready/done',
        unitId: task.unit.id,
        taskId: task.id as never,
      })),
    },
  ];
}

/** A set that was made for the same activity in a unit that is over. */
export function byMadeSet(bench: Bench): Mend[] {
  const { book, today, placed } = bench;
  const [placement] = placed;
  if (!placement) return [];
  const earlier = Object.values(book.units).find(
    (unit) =>
      unit.id !== placement.unitId &&
      phaseIn(book, unit, today) === 'over' &&
      placedIn(book, unit.id).placements.some(({ originId }) => originId === placement.originId),
  );
  const lasting = bench.reading.ready.entries.filter(
    ({ task, state }) =>
      task.placement?.id === placement.id &&
      task.mostMinutes === null &&
      task.kind !== 'cook' &&
      (state === 'laid' || state === 'unplaced'),
  );
  if (!earlier || lasting.length === 0) return [];
  return [
    {
      label: `Use the set made for ${earlier.title} (saves ${minutesOf(lasting)} min)`,
      changes: lasting.map(({ task }) => choosing(book, task, { skip: 'made' })),
    },
  ];
}

const minutesOf = (entries: readonly ReadyEntry[]): number =>
  entries.reduce((sum, { task }) => sum + task.minutes, 0);

/** The simpler way of preparing it that takes the fewest minutes first. */
export function bySimplerWay(bench: Bench): Mend[] {
  return about(bench).flatMap(({ task }) =>
    task.ways
      .map((way, i) => ({ way, i }))
      .filter(({ way }) => way.minutes < task.minutes)
      .toSorted((a, b) => a.way.minutes - b.way.minutes)
      .map(({ way, i }) => ({
        label: `${way.text}: ${way.minutes} min now for ${task.minutes}${way.laterMinutes > 0 ? `, ${way.laterMinutes} min more on the day` : ''}`,
        changes: [choosing(bench.book, task, { instead: i })],
      })),
  );
}

/** A sheet that is not laminated: quicker, and it does not last. */
export function byLeavingLamination(bench: Bench): Mend[] {
  const { reading, finding, book } = bench;
  const ids = new Set(about(bench).map(({ task }) => task.placement?.id));
  const pouches = reading.ready.entries.filter(
    ({ task, state }) =>
      task.kind === 'laminate' && state !== 'done' && state !== 'left-out' && ids.has(task.placement?.id),
  );
  if (pouches.length === 0 || finding.placementId === null) return [];
  return [
    {
      label: `Leave out laminating (saves ${minutesOf(pouches)} min; the set lasts less long)`,
      changes: pouches.map(({ task }) => choosing(book, task, { skip: 'left-out' })),
    },
  ];
}

/** In two or three times instead of one. */
export function bySplitting(bench: Bench): Mend[] {
  const large = about(bench).filter(({ task, why }) => why!.kind === 'minutes' && task.part === null);
  if (large.length === 0) return [];
  return [2, 3].map((parts) => ({
    label: `Do ${large.length === 1 ? 'it' : 'them'} in ${parts} parts`,
    changes: large.map(({ task }) => choosing(bench.book, task, { parts })),
  }));
}

const MOST_DAYS_BACK = 3;
const STEP_MINUTES = 5;

/** More time: of an assistant who is there, or one's own in the evening. */
export function byMoreTime(bench: Bench): Mend[] {
  const { book, reading, today } = bench;
  const entries = about(bench);
  const [first] = entries;
  if (!first) return [];
  const { home } = reading.frame;
  const minutes = Math.ceil(minutesOf(entries) / STEP_MINUTES) * STEP_MINUTES;
  const wait = Math.max(...entries.map(({ task }) => task.waitMinutes));
  const usedAt = Math.min(...entries.map(({ task }) => task.usedAt));
  const nap = home.prepSlots.map(({ start }) => start).toSorted()[0] ?? ('13:00' as ClockTime);
  const evening = formatMinutes(hoursOf(home).to + 2 * 60) as ClockTime;
  const fits = (date: PlainDay, start: ClockTime): boolean =>
    momentOf(date, minutesSinceMidnight(start) + minutes, home.zone) + wait <= usedAt;
  const assistants = Object.values(book.people).filter(
    ({ role, retired }) => role === 'assistant' && !retired,
  );
  return openDaysBack(bench, first.task.day.date).flatMap((date) => [
    ...(fits(date, nap)
      ? assistants
          .filter((person) => worksAt(bench, person, date, nap))
          .map((person) => moreTime(bench, date, nap, minutes, person))
      : []),
    ...(date >= today && fits(date, evening) ? [moreTime(bench, date, evening, minutes, null)] : []),
  ]);
}

function openDaysBack({ book, reading, today }: Bench, from: PlainDay): readonly PlainDay[] {
  const calendar = calendarOf(reading.frame.home, Object.values(book.closures));
  const days: PlainDay[] = [];
  for (let date = from; date >= today && days.length < MOST_DAYS_BACK; date = addDays(date, -1))
    if (closedBecause(date, calendar) === null) days.push(date);
  return days;
}

function worksAt({ reading }: Bench, person: Person, date: PlainDay, start: ClockTime): boolean {
  const from = minutesSinceMidnight(start);
  return partsDuring(reading.frame.home, { from, to: from + 1 }).some(
    (part) => adultsIn(part, date, [person]).length > 0,
  );
}

function moreTime(
  { newId }: Bench,
  date: PlainDay,
  start: ClockTime,
  minutes: number,
  person: Person | null,
): Mend {
  const when = `${formatDay(date)} at ${start}`;
  return {
    label: person
      ? `Give these ${minutes} minutes to ${person.name}, ${when}`
      : `Take ${minutes} minutes more, ${when}`,
    changes: [
      {
        type: 'ready/put-time',
        time: {
          id: `time-${newId()}`,
          name: person ? `Time of ${person.name}` : 'One more evening',
          date,
          start,
          minutes,
          personId: person?.id ?? null,
        },
      },
    ],
  };
}

/** A set-up that begins a day or two later. */
export function byBeginningLater({ placed, reading }: Bench): Mend[] {
  const [placement] = placed;
  if (!placement || placed.length !== 1 || placement.pinned) return [];
  const { where } = placement;
  if (where.kind !== 'corner' && where.kind !== 'bin') return [];
  const last = Math.min(where.toDay, reading.frame.calendar.days.length);
  return Array.from({ length: Math.min(4, last - where.fromDay) }, (_, i) => where.fromDay + i + 1).map(
    (day) => ({
      label: `Begin it on Day ${day}`,
      changes: [{ type: 'unit/move', placementId: placement.id, where: { ...where, fromDay: day } }],
    }),
  );
}
