import {
  addDays,
  closedBecause,
  daysBetween,
  formatDay,
  type PlainDay,
  type ProgramCalendar,
} from '../../calendar/index.ts';
import type { Awaited, Observation } from '../../watch/index.ts';
import { counted, listed, type Finding } from '../ground/finding.ts';
import { memoised } from '../ground/memo.ts';
import type { Frame } from '../plan/plan.ts';
import type { Forecast } from './forecast.ts';

const NOWHERE = { days: [], cornerIds: [], placementId: null, childIds: [] } as const;

// What is watched is told in the unit that runs, whichever began it, and in its own.
const toldIn = (watched: readonly Forecast[], frame: Frame, isNow: boolean): readonly Forecast[] =>
  watched.filter(({ isOver, observation }) => !isOver && (isNow || observation.unitId === frame.unit.id));

const TOLD_DAYS = 4;
const briefly = (days: readonly PlainDay[]): string => {
  const told = days.slice(0, TOLD_DAYS).map((day) => formatDay(day, 'brief'));
  return listed(days.length > TOLD_DAYS ? [...told, `${days.length - TOLD_DAYS} more`] : told);
};

/** What is watched and comes late, for the unit that runs: whichever unit began it. */
export const watchFindings = memoised(
  (watched: readonly Forecast[], frame: Frame, isNow: boolean): readonly Finding[] =>
    toldIn(watched, frame, isNow).flatMap(({ observation, stages }) =>
      stages
        .filter(({ overdueDays }) => overdueDays > 0)
        .map(({ stage, overdueDays }): Finding => ({
          key: `watch-late:${observation.id}:${stage.id}`,
          rule: 'watch-late',
          level: 'note',
          title: `Late: ${observation.title}`,
          detail: `${observation.awaited ? 'It has not come' : `${stage.name} has not begun`}, ${counted(overdueDays, 'day')} after the last day that was thought. All that comes after has moved along.`,
          instead: observation.planB
            ? `Plan B: ${observation.planB}`
            : 'Write down what is seen on the page Watch, or end it and begin anew.',
          basis: 'stages have rough durations',
          ...NOWHERE,
        })),
    ),
);

/** So many days before the last one it is told that something has to be ordered. */
const ORDER_AHEAD_DAYS = 10;

/** What is awaited: to be ordered by now or soon, coming while the home is closed, or after the unit that wants it. */
export const awaitedFindings = memoised(
  (
    watched: readonly Forecast[],
    frame: Frame,
    calendar: ProgramCalendar,
    isNow: boolean,
    today: PlainDay,
  ): readonly Finding[] =>
    toldIn(watched, frame, isNow).flatMap(({ observation }) =>
      observation.awaited ? troublesOf(observation, observation.awaited, frame, calendar, today) : [],
    ),
);

function troublesOf(
  { id, title, unitId, startedOn: from }: Observation,
  { until, orderBy, ordered, how }: Awaited,
  frame: Frame,
  calendar: ProgramCalendar,
  today: PlainDay,
): readonly Finding[] {
  const base = { rule: 'watch-awaited', level: 'care', basis: 'it comes when it comes', ...NOWHERE } as const;
  const told: Finding[] = [];
  if (orderBy !== null && !ordered && daysBetween(today, orderBy) <= ORDER_AHEAD_DAYS)
    told.push({
      ...base,
      key: `watch-awaited:${id}:order`,
      title: `To order: ${title}`,
      detail:
        orderBy < today
          ? `It was to be ordered by ${formatDay(orderBy)}.`
          : `It has to be ordered by ${formatDay(orderBy)} to come from ${formatDay(from)} on.`,
      instead: 'Order it and say so on the page Watch, or plan another beginning.',
    });
  const window = Array.from({ length: daysBetween(from, until) + 1 }, (_, i) => addDays(from, i));
  const closed = window.filter((day) => closedBecause(day, calendar) !== null);
  if (closed.length > 0)
    told.push({
      ...base,
      key: `watch-awaited:${id}:closed`,
      title: `May come while you are closed: ${title}`,
      detail: `${how === '' ? 'It' : `It comes ${how} and`} may be here on ${briefly(closed)}.`,
      instead: 'Ask for another day, or say who takes it in and where it waits.',
    });
  const last = frame.calendar.days.at(-1)?.date;
  if (unitId === frame.unit.id && last !== undefined && last < from)
    told.push({
      ...base,
      key: `watch-awaited:${id}:after`,
      title: `Comes after its unit: ${title}`,
      detail: `The unit ends on ${formatDay(last)}, and it comes on ${formatDay(from)} at the earliest.`,
      instead: 'Order it earlier, or let it belong to a later unit.',
    });
  return told;
}

/** What is alive and nobody looks after on closed days. */
export const unattendedFindings = memoised(
  (watched: readonly Forecast[], frame: Frame, isNow: boolean): readonly Finding[] =>
    toldIn(watched, frame, isNow).flatMap(({ observation, looks, heads }) => {
      if (!observation.living || observation.closedDays !== '' || heads?.left === 0) return [];
      const closed = looks.filter((look) => look.closed !== null).map(({ date }) => date);
      if (closed.length === 0) return [];
      return [
        {
          key: `watch-unattended:${observation.id}`,
          rule: 'watch-unattended',
          level: 'care',
          title: `Nobody looks after it: ${observation.title}`,
          detail: `It is alive, and the home is closed on ${briefly(closed)}.`,
          instead: 'Say on the page Watch who takes it home or comes by, or what it does without.',
          basis: 'what lives needs somebody each day',
          ...NOWHERE,
        } satisfies Finding,
      ];
    }),
);
