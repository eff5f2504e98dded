import { daysBetween, formatMonth, monthOf, type PlainDay } from '../../calendar/index.ts';
import type { DayRecord } from '../../daybook/index.ts';
import { headingsOfContent, type LensId } from '../../skills/index.ts';
import type { ReadyUnit } from '../../unit/index.ts';
import { answer, type Look } from '../ground/answer.ts';
import { listed } from '../ground/finding.ts';
import { daysIn } from '../plan/days.ts';
import { homeIn } from '../plan/house.ts';
import { unitsRecorded } from '../went/went.ts';
import { overMonths, type MonthRow } from './over-months.ts';

/** A unit that could come next, and what speaks for it. */
export interface CouldCome {
  /** An idea that waits, one of the home's own that was here at this time of another year, or a ready-made one. */
  readonly kind: 'idea' | 'again' | 'ready';
  readonly id: string;
  readonly title: string;
  readonly why: string;
}

/** Kobby's own starting points: a month before and after is the same time of the year; the year before is far enough away. */
const SAME_TIME_DAYS = 31;
const LEAST_DAYS_AGO = 270;
const DAYS_A_YEAR = 365.25;
const MOST_EACH = 3;

/** What could come next, by what waits, what was here at this time of other years, and what has not been for long under a lens. */
export const couldComeNext = answer((look, lens: LensId, today: PlainDay): readonly CouldCome[] => [
  ...ideasOf(look).slice(0, MOST_EACH),
  ...againAt(look, today).slice(0, MOST_EACH),
  ...readyFor(look, lens, today).slice(0, MOST_EACH),
]);

const ideasOf = (look: Look): readonly CouldCome[] =>
  Object.values(look.table('units'))
    .filter(({ start }) => start === null)
    .toSorted((a, b) => (a.title < b.title ? -1 : 1))
    .map(({ id, title }) => ({ kind: 'idea', id, title, why: 'an idea that waits' }));

function againAt(look: Look, today: PlainDay): readonly CouldCome[] {
  const recorded = unitsRecorded(look);
  return Object.values(look.table('units'))
    .flatMap((unit) => {
      const first = daysIn(look, unit.id).days[0]?.date;
      return first && isSameTime(first, today)
        ? [{ unit, first, went: wentOf(recorded.get(unit.id) ?? []) }]
        : [];
    })
    .toSorted((a, b) => b.went.share - a.went.share || (a.first < b.first ? 1 : -1))
    .map(({ unit, first, went }) => ({
      ...{ kind: 'again', id: unit.id, title: unit.title },
      why: `was here in ${formatMonth(monthOf(first))}${went.text}`,
    }));
}

function isSameTime(first: PlainDay, today: PlainDay): boolean {
  const ago = daysBetween(first, today);
  const off = ago % DAYS_A_YEAR;
  return ago >= LEAST_DAYS_AGO && Math.min(off, DAYS_A_YEAR - off) <= SAME_TIME_DAYS;
}

function wentOf(records: readonly DayRecord[]): { readonly share: number; readonly text: string } {
  const done = records.filter(({ outcome }) => outcome !== 'skipped');
  const loved = done.filter(({ outcome }) => outcome === 'loved').length;
  return done.length === 0
    ? { share: 0, text: '' }
    : { share: loved / done.length, text: `; loved ${loved} of ${done.length} times` };
}

// Ready-made ones that were not here by their title, those first that bring most of what has not been for long.
function readyFor(look: Look, lens: LensId, today: PlainDay): readonly CouldCome[] {
  const rare = overMonths(look, lens, today).rows.filter(({ isLongAgo }) => isLongAgo);
  if (rare.length === 0) return [];
  const been = new Set(Object.values(look.table('units')).map(({ title }) => title));
  return Object.values(look.table('readyUnits'))
    .filter(({ retired, title }) => !retired && !been.has(title))
    .flatMap((ready) => {
      const brings = broughtBy(look, ready, lens, rare);
      return brings.length === 0 ? [] : [{ ready, brings }];
    })
    .toSorted((a, b) => b.brings.length - a.brings.length || (a.ready.title < b.ready.title ? -1 : 1))
    .map(({ ready, brings }) => ({
      ...{ kind: 'ready', id: ready.id, title: ready.title },
      why: `brings ${listed(brings)}, not out for long`,
    }));
}

function broughtBy(
  look: Look,
  { placements }: ReadyUnit,
  lens: LensId,
  rare: readonly MonthRow[],
): readonly string[] {
  const { ownHeadings } = homeIn(look);
  const activities = look.table('activities');
  const found = new Set(
    placements.flatMap(({ activityId }) => {
      const activity = activities[activityId];
      return activity ? headingsOfContent(lens, activity.content, ownHeadings) : [];
    }),
  );
  return rare.filter(({ id }) => found.has(id)).map(({ name }) => name);
}
