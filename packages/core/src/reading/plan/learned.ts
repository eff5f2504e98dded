import { groupBy, homeOf, type Book } from '../../book/index.ts';
import type { DayRecord } from '../../daybook/index.ts';
import { valueIn, type Home } from '../../house/index.ts';
import type { ActivityId } from '../../library/index.ts';
import { originOf, type Placement } from '../../unit/index.ts';
import { answer, type Look } from '../ground/answer.ts';
import { learn } from '../ground/learn.ts';
import { stableView } from '../ground/look.ts';
import { memoised, stableGroups } from '../ground/memo.ts';
import { homeIn } from './house.ts';

/** By how much one record moves what is learned at most, as a share. */
export const learnStepOf = (home: Home): number => valueIn(home, 'patienceStepPercent') / 100;

/** What was told, as it was told: the earliest first. */
export const inOrderTold = <T extends { readonly at: string; readonly id: string }>(
  told: readonly T[],
): readonly T[] => told.toSorted((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : a.id < b.id ? -1 : 1));

/** How long a turn of something takes in this home. */
export interface LearnedTurn {
  /** Minutes of a turn, whole ones; what is written where nothing was learned. */
  readonly minutes: number;
  readonly written: number;
  /** From how many times it was learned. */
  readonly times: number;
}

const measuredIn = stableGroups(({ turnTook }: DayRecord) => turnTook !== null);
const NOTHING: Readonly<Record<string, string>> = {};

// The minutes that turns of each activity took, in the order in which they were told since the home counts them: `12 9 14`.
const turnsTook = stableView((book): Readonly<Record<string, string>> => {
  const measured = measuredIn(book.records).get(true);
  if (!measured) return NOTHING;
  const since = homeOf(book).minutesSince ?? '';
  const told = inOrderTold(measured.filter(({ at }) => at > since));
  const byActivity = groupBy(told, ({ placementId }) => {
    const copy = book.placements[placementId];
    return copy ? originOf(copy) : placementId;
  });
  return Object.fromEntries(
    [...byActivity].map(([id, list]) => [id, list.map(({ turnTook }) => turnTook).join(' ')]),
  );
});

/** How many records say how long a turn took, of those that the home counts. */
export const turnsMeasured = (book: Book): number =>
  Object.values(turnsTook(book)).reduce((sum, took) => sum + took.split(' ').length, 0);

/** So many records weigh as much as what is said of the spread before there are any. */
const SPREAD_BEFORE = 10;

/**
 * By how much turns of one thing differ from each other here, as the standard deviation of the logarithm of their minutes: 0.2 is mostly
 * a fifth more or less. From what was measured at least twice, pooled over all that was, drawn to the home's own value as if that came
 * of {@link SPREAD_BEFORE} records (the posterior mean of a variance, inverse-gamma). `times` says how many records stand behind it.
 */
export const turnSpread = answer((look): { readonly spread: number; readonly times: number } => {
  const before = valueIn(homeIn(look), 'turnSpreadPercent') / 100;
  let [squares, times] = [0, 0];
  for (const took of Object.values(look.see(turnsTook))) {
    const logs = took.split(' ').map((minutes) => Math.log(Math.max(0.5, Number(minutes))));
    const mean = logs.reduce((sum, one) => sum + one, 0) / logs.length;
    squares += logs.reduce((sum, one) => sum + (one - mean) ** 2, 0);
    times += logs.length - 1;
  }
  return { spread: Math.sqrt((SPREAD_BEFORE * before ** 2 + squares) / (SPREAD_BEFORE + times)), times };
});

/** How long a turn of what is placed takes here, by what was measured of the same activity anywhere; null where none is written. */
export const learnedTurn = answer(
  (look, activityId: ActivityId, written: number | null): LearnedTurn | null => {
    if (written === null) return null;
    const took = look.see(turnsTook)[activityId];
    if (took === undefined) return { minutes: written, written, times: 0 };
    const samples = took.split(' ').map((minutes) => ({ times: Number(minutes) / written }));
    const minutes = Math.max(1, Math.round(written * learn(samples, learnStepOf(homeIn(look)))));
    return { minutes, written, times: samples.length };
  },
);

/** What is placed in a unit with the minutes that turns of it take here; the same one where nothing was measured of it. */
export function withLearnedTurns(look: Look, placements: readonly Placement[]): readonly Placement[] {
  const took = look.see(turnsTook);
  return placements.map((one) =>
    took[one.originId] === undefined
      ? one
      : asLearned(one, learnedTurn(look, one.originId, one.content.turnMinutes)?.minutes ?? null),
  );
}
const asLearned = memoised((placement: Placement, minutes: number | null): Placement =>
  minutes === null || minutes === placement.content.turnMinutes
    ? placement
    : {
        ...placement,
        content: { ...placement.content, turnMinutes: minutes as Placement['content']['turnMinutes'] },
      },
);
