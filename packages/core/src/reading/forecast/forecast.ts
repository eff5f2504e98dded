import {
  addDays,
  closedBecause,
  daysBetween,
  formatDay,
  type PlainDay,
  type ProgramCalendar,
} from '../../calendar/index.ts';
import type { Observation, Sighting, WatchStage } from '../../watch/index.ts';
import { calendarIn } from '../plan/house.ts';
import { answer } from '../ground/answer.ts';
import { counted } from '../ground/finding.ts';
import { memoised, stableGroups } from '../ground/memo.ts';

/** When a stage begins, by all that is known: from one day to another, both included. */
export interface StageForecast {
  readonly stage: WatchStage;
  readonly earliest: PlainDay;
  readonly latest: PlainDay;
  /** The day on which it was seen to begin, or by which it must have; null while it has not. */
  readonly began: PlainDay | null;
  /** The days on which it may end. */
  readonly endsEarliest: PlainDay;
  readonly endsLatest: PlainDay;
  readonly state: 'over' | 'now' | 'to-come';
  /** So many days later than it was thought to begin at the latest; 0 when it is not late. */
  readonly overdueDays: number;
}

/** A day on which it is looked at. */
export interface LookDay {
  readonly date: PlainDay;
  readonly stage: WatchStage;
  /** Why the home is closed then; null when it is open. */
  readonly closed: string | null;
  /** It has been looked at on that day. */
  readonly isDone: boolean;
}

/** What is known of something that is watched. */
export interface Forecast {
  readonly observation: Observation;
  /** What was seen, the newest first. */
  readonly sightings: readonly Sighting[];
  readonly stages: readonly StageForecast[];
  readonly now: StageForecast;
  readonly isOver: boolean;
  /** What may begin today, or should have by now, and was not seen to: left closed until then, it is opened. */
  readonly due: StageForecast | null;
  /** Of something alive that was counted: how many are left, were lost, were set free. */
  readonly heads: { readonly left: number; readonly lost: number; readonly setFree: number } | null;
  /** The last day that it may take. */
  readonly endsLatest: PlainDay;
  /** The days from `today` on, for a fortnight at most, on which it is looked at. */
  readonly looks: readonly LookDay[];
}

/** What was seen, by the observation of which. */
export const sightingsOf = stableGroups((sighting: Sighting) => sighting.observationId);
const NONE: readonly never[] = [];

/** All that is watched in a home, what goes on first, then by the day on which it was started. */
export const forecastsOf = answer((look, today: PlainDay): readonly Forecast[] => {
  const groups = sightingsOf(look.table('sightings'));
  const calendar = calendarIn(look);
  return Object.values(look.table('observations'))
    .map((observation) => forecastOf(observation, groups.get(observation.id) ?? NONE, calendar, today))
    .toSorted(
      (a, b) =>
        Number(a.isOver) - Number(b.isOver) || (a.observation.startedOn < b.observation.startedOn ? 1 : -1),
    );
});

/** What is told on a day of a stage that is due: `Root is due today`, `Root: 2 days late, look now`. */
export function stageDueText({ stage, latest, overdueDays }: StageForecast, today: PlainDay): string {
  if (overdueDays > 0) return `${stage.name}: ${counted(overdueDays, 'day')} late, look now`;
  return latest === today ? `${stage.name} is due today` : `${stage.name} may begin from today on`;
}

/** What is told on a day of something awaited that may come: `It may come today`, `It should have come by Sun 14 March`; null for none. */
export function comingText({ observation, isOver }: Forecast, today: PlainDay): string | null {
  const { awaited, startedOn } = observation;
  if (isOver || awaited === null || today < startedOn) return null;
  return awaited.until < today
    ? `It should have come by ${formatDay(awaited.until)}`
    : awaited.until === today
      ? 'It comes today at the latest'
      : 'It may come today';
}

const FORTNIGHT = 14;

/**
 * The forecast of one observation: each stage begins when it was seen to, else after the least and the most days of the
 * one before it; what has not begun by its latest day begins today at the earliest. When a stage comes early or late, all
 * after it move along.
 */
const forecastOf = memoised(
  (
    observation: Observation,
    sightings: readonly Sighting[],
    calendar: ProgramCalendar,
    today: PlainDay,
  ): Forecast => {
    const stages = stagesOf(observation, sightings, today);
    const isOver = observation.endedOn !== null;
    // What has not begun yet stands before its first stage.
    const now = stages.findLast(({ state }) => state === 'now') ?? stages.at(isOver ? -1 : 0)!;
    const { endsLatest } = stages.at(-1)!;
    return {
      observation,
      sightings: sightings.toSorted((a, b) => (a.on < b.on ? 1 : a.on > b.on ? -1 : a.at < b.at ? 1 : -1)),
      stages,
      now,
      isOver,
      due: isOver ? null : dueOf(stages, observation, today),
      heads: headsOf(observation, sightings),
      endsLatest,
      looks:
        isOver || observation.awaited !== null
          ? []
          : looksOf(observation, stages, sightings, calendar, today),
    };
  },
);

function headsOf({ heads }: Observation, sightings: readonly Sighting[]): Forecast['heads'] {
  if (heads === null) return null;
  const lost = sightings.reduce((sum, one) => sum + one.lost, 0);
  const setFree = sightings.reduce((sum, one) => sum + one.setFree, 0);
  return { left: heads - lost - setFree, lost, setFree };
}

// The first stage that has not begun, from the first day on which it could have.
function dueOf(
  stages: readonly StageForecast[],
  { startedOn, awaited }: Observation,
  today: PlainDay,
): StageForecast | null {
  if (awaited !== null) return null;
  const next = stages.find(({ state }) => state === 'to-come');
  return next && startedOn <= today && next.earliest <= today ? next : null;
}

const later = (a: PlainDay, b: PlainDay): PlainDay => (a > b ? a : b);

function stagesOf(
  { stages, startedOn, endedOn, awaited }: Observation,
  sightings: readonly Sighting[],
  today: PlainDay,
): readonly StageForecast[] {
  const isToCome = awaited !== null || startedOn > today;
  const begun = isToCome ? new Map<string, PlainDay>() : begunOn(stages, startedOn, sightings);
  const lastBegun = stages.findLastIndex(({ id }) => begun.has(id));
  let [earliest, latest] = [startedOn, awaited?.until ?? startedOn];
  return stages.map((stage, i): StageForecast => {
    const began = begun.get(stage.id) ?? null;
    const overdueDays = began === null && endedOn === null ? Math.max(0, daysBetween(latest, today)) : 0;
    // What has not begun until today begins today at the earliest.
    if (began !== null) [earliest, latest] = [began, began];
    else if (endedOn === null) [earliest, latest] = [later(earliest, today), later(latest, today)];
    const told = {
      stage,
      earliest,
      latest,
      began,
      state:
        i < lastBegun || endedOn !== null
          ? ('over' as const)
          : i === lastBegun
            ? ('now' as const)
            : ('to-come' as const),
      overdueDays,
      endsEarliest: addDays(earliest, stage.leastDays),
      endsLatest: addDays(latest, stage.mostDays),
    };
    [earliest, latest] = [told.endsEarliest, told.endsLatest];
    return told;
  });
}

/** When each stage began, by their ids: the first with the start, others when they were first seen, at the latest with a later one. */
function begunOn(
  stages: readonly WatchStage[],
  startedOn: PlainDay,
  sightings: readonly Sighting[],
): ReadonlyMap<string, PlainDay> {
  const begun = new Map<string, PlainDay>();
  let next = null as PlainDay | null;
  for (const { id } of stages.toReversed()) {
    const days = sightings.filter((one) => one.stageId === id).map(({ on }) => on);
    const first: PlainDay | null = days.length === 0 ? next : days.reduce((a, b) => (b < a ? b : a));
    const day: PlainDay | null = first !== null && next !== null && next < first ? next : first;
    if (day !== null) begun.set(id, later(day, startedOn));
    next = day;
  }
  begun.set(stages[0]!.id, startedOn);
  return begun;
}

function looksOf(
  { startedOn }: Observation,
  stages: readonly StageForecast[],
  sightings: readonly Sighting[],
  calendar: ProgramCalendar,
  today: PlainDay,
): readonly LookDay[] {
  const seen = new Set(sightings.map(({ on }) => on));
  const from = later(startedOn, today);
  return Array.from({ length: FORTNIGHT }, (_, i) => addDays(from, i)).flatMap((date): LookDay[] => {
    const told = stageOn(stages, date, today);
    if (date > stages.at(-1)!.endsLatest) return [];
    const { look } = told.stage;
    if (look.kind === 'closed') return [];
    if (look.kind === 'every' && daysBetween(told.earliest, date) % look.days !== 0) return [];
    return [{ date, stage: told.stage, closed: closedBecause(date, calendar), isDone: seen.has(date) }];
  });
}

/**
 * The stage by whose rule somebody looks on a day: the one that was seen last, until the next must have begun. What is
 * left closed is opened as soon as the next one may have.
 */
function stageOn(stages: readonly StageForecast[], date: PlainDay, today: PlainDay): StageForecast {
  let now = Math.max(
    0,
    stages.findLastIndex(({ began }) => began !== null),
  );
  while (now + 1 < stages.length && date > today) {
    const next = stages[now + 1]!;
    if (date < (stages[now]!.stage.look.kind === 'closed' ? next.earliest : next.latest)) break;
    now += 1;
  }
  return stages[now]!;
}
