import { addDays, afterHours, momentOf, type Minutes, type PlainDay } from '../../calendar/index.ts';
import { WAITING_PLACES, type Home, type WaitingPlaceKind } from '../../house/index.ts';
import type { Taken } from '../../schedule/index.ts';
import type { Placement, UnitId } from '../../unit/index.ts';
import type { Forecast } from '../forecast/forecast.ts';
import { listed, type Finding } from '../ground/finding.ts';
import { memoised, perMember } from '../ground/memo.ts';
import { sessionsOf, type Frame } from '../plan/plan.ts';

/**
 * Something that waits in a place of the home although nobody makes it ready: what children made, what is watched. Why beside
 * the tasks: those are laid where there is room; this is there by itself, and leaves them less.
 */
export interface Waiting extends Taken {
  readonly place: WaitingPlaceKind;
  /** What it is, by name. */
  readonly what: string;
  readonly unitId: UnitId;
  readonly placementId: Placement['id'] | null;
}

const MINUTES_A_DAY = 1440;

/** What children make that has to dry, set or freeze: one for each child of a session, from its end for as long as it takes. */
export const madeByChildren = perMember((placement: Placement, frame: Frame): readonly Waiting[] => {
  const { content, unitId } = placement;
  const { makesWaitsIn, makesAfterHours } = content;
  if (makesWaitsIn === null || makesAfterHours <= 0) return NONE;
  return sessionsOf(placement, frame).flatMap(({ day, span, seats }) => {
    const units = seats.filter(({ version }) => version !== null).length;
    if (units === 0) return [];
    const ends = Math.min(span.to, MINUTES_A_DAY - 1) as Minutes;
    const from = momentOf(day.date, ends, frame.home.zone);
    const to = afterHours(day.date, ends, makesAfterHours, frame.home.zone);
    const what = `${content.title} of Day ${day.number}`;
    return [{ place: makesWaitsIn, units, from, to, what, unitId, placementId: placement.id }];
  });
});
const NONE: readonly never[] = [];

/** The room that what is watched takes up: from the first day of a stage in a place to its last possible one. */
export const watchedWaiting = memoised((forecasts: readonly Forecast[], home: Home): readonly Waiting[] =>
  forecasts.flatMap(({ stages, isOver, observation }) => {
    if (isOver) return [];
    const found: Waiting[] = [];
    for (const { stage, earliest, endsLatest } of stages) {
      if (stage.place === null) continue;
      const [from, to] = [momentOf(earliest, 0, home.zone), momentOf(endsLatest, 0, home.zone)];
      const before = found.at(-1);
      // It stands in its place once, whichever stage it is in.
      if (before?.place === stage.place && from <= before.to) found[found.length - 1] = { ...before, to };
      else {
        const { title: what, unitId } = observation;
        found.push({ place: stage.place, units: 1, from, to, what, unitId, placementId: null });
      }
    }
    return found;
  }),
);

/** How much each place of a home holds at once. A kind of place that nobody named holds whatever comes. */
export function roomOf({ waitingPlaces }: Home): Readonly<Record<string, number>> {
  const room: Record<string, number> = {};
  for (const { kind, holds } of waitingPlaces) room[kind] = (room[kind] ?? 0) + holds;
  return room;
}

// What is together in a place at the moment at which it first holds more than it can.
function firstCrowd(inPlace: readonly Waiting[], room: number): readonly Waiting[] {
  for (const { from } of inPlace.toSorted((a, b) => a.from - b.from)) {
    const together = inPlace.filter((one) => one.from <= from && from < one.to);
    if (together.reduce((sum, { units }) => sum + units, 0) > room) return together;
  }
  return NONE;
}

/** The findings about places in which more waits than fits, where nothing of it is a task that could be laid elsewhere. */
export const crowdFindings = memoised(
  (waiting: readonly Waiting[], frame: Frame, today: PlainDay): readonly Finding[] => {
    const { home, unit, calendar } = frame;
    const ahead = waiting.filter(({ to }) => to > momentOf(today, 0, home.zone));
    return Object.entries(roomOf(home)).flatMap(([place, room]) => {
      const crowd = firstCrowd(
        ahead.filter((one) => one.place === place),
        room,
      );
      if (!crowd.some(({ unitId }) => unitId === unit.id)) return [];
      const own = crowd.filter(({ unitId, placementId }) => unitId === unit.id && placementId !== null);
      const begins = Math.max(...crowd.map(({ from }) => from));
      const day = calendar.days.find(({ date }) => begins < momentOf(addDays(date, 1), 0, home.zone));
      const units = crowd.reduce((sum, one) => sum + one.units, 0);
      return [
        {
          key: `place-crowded:${place}`,
          rule: 'place-crowded',
          level: 'care',
          title: `The ${WAITING_PLACES[place as WaitingPlaceKind]} is too full`,
          detail: `It holds ${room} at once; ${units} would wait in it${day ? ` on Day ${day.number}` : ''}: ${listed([...new Set(crowd.map(({ what }) => what))])}.`,
          instead: 'Put one of them on a later day, or make room elsewhere.',
          basis: 'what waits takes up its place until it is done',
          days: day ? [day.number] : [],
          cornerIds: [],
          placementId: own[0]?.placementId ?? null,
          placementIds: own.flatMap(({ placementId }) => placementId ?? []),
          childIds: [],
        },
      ];
    });
  },
);
