import {
  addDays,
  closedBecause,
  daysBetween,
  weekdayName,
  weekdayOf,
  type PlainDay,
  type Weekday,
} from '../../calendar/index.ts';
import { homeIn, calendarIn } from '../plan/house.ts';
import { answer } from '../ground/answer.ts';
import { counted } from '../ground/finding.ts';
import type { Forecast, StageForecast } from './forecast.ts';

/** A day of the calendar that children cross off. */
export interface CrossingDay {
  readonly date: PlainDay;
  /** Which day of the observation it is, from 1; null before it begins and after it is over. */
  readonly number: number | null;
  /** The stages that may begin on it, with a question mark where it may be another day. */
  readonly stages: readonly string[];
  /** The goal is reached on it at the latest. */
  readonly isGoal: boolean;
  readonly isToday: boolean;
  /** Why the home is closed on it; null when it is open. */
  readonly closed: string | null;
}

/** The calendar that children cross off: weeks as rows. */
export interface CrossingCalendar {
  /** The names of its columns, in their order. */
  readonly weekdays: readonly string[];
  readonly weeks: readonly (readonly CrossingDay[])[];
}

/** Weeks begin on Sunday where cups and inches are used, on Monday elsewhere. A default of Kobby. */
const FIRST_WEEKDAY = { us: 7, metric: 1 } as const;
const A_WEEK = 7;

/** What everything is watched for: that the last stage begins, or, of a single one, that it ends. */
interface Goal {
  readonly name: string;
  readonly earliest: PlainDay;
  readonly latest: PlainDay;
  readonly isReached: boolean;
}
function goalOf({ stages }: Forecast): Goal {
  const last: StageForecast = stages.at(-1)!;
  const { stage, earliest, latest, endsEarliest, endsLatest, began } = last;
  if (stages.length === 1)
    return { name: `${stage.name} is over`, earliest: endsEarliest, latest: endsLatest, isReached: false };
  return { name: stage.name, earliest, latest, isReached: began !== null };
}

/** The weeks from the one in which something was started to the one in which all of it is over at the latest. */
export const crossingCalendar = answer((look, forecast: Forecast, today: PlainDay): CrossingCalendar => {
  const { observation, stages, endsLatest } = forecast;
  const calendar = calendarIn(look);
  const first = FIRST_WEEKDAY[homeIn(look).units];
  const goal = goalOf(forecast).latest;
  const begins = weekOf(observation.startedOn, first);
  const count = Math.floor(daysBetween(begins, endsLatest) / A_WEEK) + 1;
  const dayOf = (date: PlainDay): CrossingDay => ({
    date,
    number:
      observation.startedOn <= date && date <= endsLatest
        ? daysBetween(observation.startedOn, date) + 1
        : null,
    stages: stages
      .filter((one) => (one.began ?? one.earliest) === date)
      .map(({ stage, began, earliest, latest }) =>
        began === null && earliest !== latest ? `${stage.name}?` : stage.name,
      ),
    isGoal: date === goal,
    isToday: date === today,
    closed: closedBecause(date, calendar),
  });
  return {
    weekdays: Array.from({ length: A_WEEK }, (_, i) =>
      weekdayName((((first - 1 + i) % A_WEEK) + 1) as Weekday),
    ),
    weeks: Array.from({ length: count }, (_, week) =>
      Array.from({ length: A_WEEK }, (__, i) => dayOf(addDays(begins, week * A_WEEK + i))),
    ),
  };
});

const weekOf = (day: PlainDay, first: number): PlainDay =>
  addDays(day, -((weekdayOf(day) - first + A_WEEK) % A_WEEK));

/** How many sleeps until the goal of something that is watched: `6 to 9 sleeps until “Flowers”`; null when it is reached, given up or due. */
export function sleepsText(forecast: Forecast, today: PlainDay): string | null {
  const { name, earliest, latest, isReached } = goalOf(forecast);
  if (forecast.isOver || isReached) return null;
  const [least, most] = [daysBetween(today, earliest), daysBetween(today, latest)];
  if (least <= 0) return null;
  return `${least === most ? '' : `${least} to `}${counted(most, 'sleep')} until “${name}”`;
}
