import type { DayRecord } from '../../daybook/index.ts';
import { valueIn, type Home } from '../../house/index.ts';
import type { ActivityId } from '../../library/index.ts';
import type { Placement } from '../../unit/index.ts';
import { answer } from '../ground/answer.ts';
import { learn } from '../ground/learn.ts';
import { memoised } from '../ground/memo.ts';
import { homeIn } from './house.ts';

/** By how much one record moves what is learned at most, as a share. */
export const learnStepOf = (home: Home): number => valueIn(home, 'patienceStepPercent') / 100;

/** How long a turn of something takes in this home. */
export interface LearnedTurn {
  /** Minutes of a turn, whole ones; what is written where nothing was learned. */
  readonly minutes: number;
  readonly written: number;
  /** From how many times it was learned. */
  readonly times: number;
}

const measuredIn = memoised((records: Readonly<Record<string, DayRecord>>): readonly DayRecord[] =>
  Object.values(records)
    .filter(({ turnTook }) => turnTook !== null)
    .toSorted((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : a.id < b.id ? -1 : 1)),
);

// The minutes that turns of an activity took, since the home counts them, as one text: it stays the same while they do.
const tookOf = answer((look, activityId: ActivityId): string => {
  const since = homeIn(look).turnsSince ?? '';
  return measuredIn(look.table('records'))
    .filter(
      ({ placementId, at }) =>
        at > since && (look.one('placements', placementId)?.originId ?? placementId) === activityId,
    )
    .map(({ turnTook }) => turnTook)
    .join(' ');
});

/** How long a turn of what is placed takes here, by what was measured of the same activity anywhere; null where none is written. */
export const learnedTurn = answer(
  (look, activityId: ActivityId, written: number | null): LearnedTurn | null => {
    if (written === null) return null;
    const took = tookOf(look, activityId);
    if (took === '') return { minutes: written, written, times: 0 };
    const readings = took.split(' ').map((minutes) => ({ times: Number(minutes) / written }));
    const minutes = Math.max(1, Math.round(written * learn(readings, learnStepOf(homeIn(look)))));
    return { minutes, written, times: readings.length };
  },
);

/** What is placed with the minutes that a turn of it takes here; the same one where they are as written. */
export const asLearned = memoised((placement: Placement, minutes: number | null): Placement =>
  minutes === null || minutes === placement.content.turnMinutes
    ? placement
    : {
        ...placement,
        content: { ...placement.content, turnMinutes: minutes as Placement['content']['turnMinutes'] },
      },
);
