import type { Table } from '../../book/index.ts';
import type { PlainDay, ProgramDay } from '../../calendar/index.ts';
import type { Supply } from '../../cupboard/index.ts';
import type { UsedDay } from '../../daybook/index.ts';
import type { Placement, Unit } from '../../unit/index.ts';
import { answer, answerFlat } from '../ground/answer.ts';
import { memoised, stableGroups } from '../ground/memo.ts';
import type { Frame } from '../plan/plan.ts';
import { goingOn, type Going } from './going-on.ts';
import type { Use } from './use.ts';
import { usesAfter } from './uses.ts';

/** What one unit still needs of one supply, whatever is on hand. */
export interface Need {
  readonly unit: Unit;
  readonly supply: Supply;
  /** Every use that is still to come, in the order of the plan. */
  readonly uses: readonly Use[];
  /** The first day on which it is needed. */
  readonly by: ProgramDay;
}

/**
 * Everything that a unit still needs from `today` on, one need a supply. What was needed on earlier days, and what a day
 * that is done has used up, has been taken out by then and is in the stock ledger. What is always there, such as water from
 * the tap, is not asked for.
 */
export const needsOf = answer(
  (look, placements: readonly Placement[], frame: Frame, today: PlainDay): readonly Need[] => {
    const uses = usesToCome(look, goingOn(placements, frame.unit), frame, today);
    return [...bySupplyIn(frame.unit)(uses).values()].map((ofSupply) => needOf(ofSupply, frame.unit));
  },
);

const usesToCome = answerFlat(
  (look, { placement, before }: Going, frame: Frame, today: PlainDay): readonly Use[] => {
    const done = daysDone(look.table('usedDays'), frame.unit);
    return usesAfter(look, placement, frame, before).filter(
      ({ day, supply }) =>
        day.date >= today && supply.got !== 'tap' && !(supply.use === 'consumable' && done.has(day.number)),
    );
  },
);

const daysDone = memoised(
  (usedDays: Table<UsedDay>, unit: Unit): ReadonlySet<number> =>
    new Set(Object.values(usedDays).flatMap(({ unitId, day }) => (unitId === unit.id ? [day] : []))),
);

// For each unit by itself: reading another one in between loses nothing.
const bySupplyIn = memoised((_: Unit) => stableGroups((use: Use) => use.supply));

const needOf = memoised((uses: readonly Use[], unit: Unit): Need => ({
  unit,
  supply: uses[0]!.supply,
  uses,
  by: uses.reduce((first, { day }) => (day.number < first.number ? day : first), uses[0]!.day),
}));
