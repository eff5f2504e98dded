import { groupBy } from '../../book/index.ts';
import type { PlainDay } from '../../calendar/index.ts';
import type { DayRecord, DoneOutcome } from '../../daybook/index.ts';
import type { ActivityId } from '../../library/index.ts';
import { originOf, type PlacedCopy, type Placement, type Unit, type UnitId } from '../../unit/index.ts';
import { answer, type Look } from '../ground/answer.ts';
import { stableGroups } from '../ground/memo.ts';
import { copiesIn } from '../plan/copies.ts';
import { daysIn } from '../plan/days.ts';
import { placedIn } from '../plan/plan.ts';

/** How something that is placed went on a day. */
export interface Went {
  readonly unit: Unit;
  readonly placement: Placement;
  readonly date: PlainDay;
  readonly record: DayRecord;
}

const recordsByUnit = stableGroups((record: DayRecord) => record.unitId);

/**
 * The units of which something was recorded, with their records; a unit's list is the same one while they are. Why handed on: what is
 * said of one unit leaves what was worked out of all others as it was.
 */
export const unitsRecorded = (look: Look): ReadonlyMap<UnitId, readonly DayRecord[]> =>
  recordsByUnit(look.table('records'));

// What was told of a unit with what it was told of as it is kept: who looks over all years for what went well needs no more.
interface Told {
  readonly unit: Unit;
  readonly copy: PlacedCopy;
  readonly date: PlainDay;
  readonly record: DayRecord;
}
const toldOf = answer((look, unitId: UnitId, records: readonly DayRecord[]): readonly Told[] => {
  const unit = look.one('units', unitId);
  if (!unit) return [];
  const { days } = daysIn(look, unitId);
  const copies = new Map(copiesIn(look, unitId).map((one) => [one.id, one]));
  return records
    .flatMap((record): readonly Told[] => {
      const copy = copies.get(record.placementId);
      const date = days[record.day - 1]?.date;
      return copy && copy.where.kind !== 'twin' && date ? [{ unit, copy, date, record }] : [];
    })
    .toSorted(byDate);
});
const byDate = (a: Pick<Told, 'date'>, b: Pick<Told, 'date'>): number =>
  a.date < b.date ? -1 : a.date > b.date ? 1 : 0;

/** How what is placed in a unit went, the earliest first; a record of what is not placed any more, or of no day of the unit, is left out. */
export const wentIn = answer((look, unitId: UnitId): readonly Went[] => {
  const records = unitsRecorded(look).get(unitId);
  return records ? wentOf(look, unitId, records) : [];
});

/** The same by the records of the unit. */
export const wentOf = answer((look, unitId: UnitId, records: readonly DayRecord[]): readonly Went[] => {
  const told = toldOf(look, unitId, records);
  if (told.length === 0) return [];
  const placements = new Map(placedIn(look, unitId).placements.map((one) => [one.id, one]));
  return told.flatMap(({ unit, copy, date, record }): readonly Went[] => {
    const placement = placements.get(copy.id);
    return placement ? [{ unit, placement, date, record }] : [];
  });
});

/** What the records of this home say about an activity when it is thought of again. */
export interface WentBefore {
  /** Of the times that it was done, the shares in which it was loved and in which it lost them: 0 to 1. */
  readonly loved: number;
  readonly lost: number;
  /** The last time of each, in a few words; empty where there is none. */
  readonly lovedText: string;
  readonly lostText: string;
}

const allDone = answer((look): { readonly byActivity: ReadonlyMap<ActivityId, readonly Told[]> } => {
  const done = [...unitsRecorded(look)]
    .flatMap(([unitId, records]) => toldOf(look, unitId, records))
    .filter(({ record }) => record.outcome !== 'skipped')
    .toSorted(byDate);
  return { byActivity: groupBy(done, ({ copy }) => originOf(copy)) };
});

/** What was recorded of an activity of the library in any unit of the home; null for nothing. What was skipped says nothing about it. */
export const wentBefore = answer((look, activityId: ActivityId): WentBefore | null => {
  const done = allDone(look).byActivity.get(activityId);
  return done ? summed(done) : null;
});

function summed(list: readonly Told[]): WentBefore {
  const of = (outcome: DoneOutcome): readonly Told[] =>
    list.filter(({ record }) => record.outcome === outcome);
  const [loved, lost] = [of('loved'), of('lost')];
  return {
    loved: loved.length / list.length,
    lost: lost.length / list.length,
    lovedText: loved.length === 0 ? '' : `loved in ${loved.at(-1)!.unit.title}`,
    lostText: lost.length === 0 ? '' : lostText(lost.at(-1)!),
  };
}

const lostText = ({ unit, record: { note } }: Told): string =>
  `lost them in ${unit.title}${note === '' ? '' : `: ${note}`}`;
