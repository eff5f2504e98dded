import { groupBy } from '../../book/index.ts';
import type { PlainDay } from '../../calendar/index.ts';
import type { DayRecord, DoneOutcome } from '../../daybook/index.ts';
import type { ActivityId } from '../../library/index.ts';
import type { Placement, Unit, UnitId } from '../../unit/index.ts';
import { answer, type Look } from '../ground/answer.ts';
import { stableGroups } from '../ground/memo.ts';
import { frameOf, placedIn } from '../plan/plan.ts';

/** How something that is placed went on a day. */
export interface Went {
  readonly unit: Unit;
  readonly placement: Placement;
  readonly date: PlainDay;
  readonly record: DayRecord;
}

const recordsByUnit = stableGroups((record: DayRecord) => record.unitId);

/** The units of which something was recorded. */
export const unitsRecorded = (look: Look): readonly UnitId[] => [
  ...recordsByUnit(look.table('records')).keys(),
];

/** How what is placed in a unit went, the earliest first; a record of what is not placed any more, or of no day of the unit, is left out. */
export const wentIn = answer((look, unitId: UnitId): readonly Went[] => {
  const records = recordsByUnit(look.table('records')).get(unitId);
  const unit = look.one('units', unitId);
  if (!records || !unit) return [];
  const { days } = frameOf(look, unitId).calendar;
  const placements = new Map(placedIn(look, unitId).placements.map((one) => [one.id, one]));
  return records
    .flatMap((record): readonly Went[] => {
      const placement = placements.get(record.placementId);
      const date = days[record.day - 1]?.date;
      return placement && date ? [{ unit, placement, date, record }] : [];
    })
    .toSorted(byDate);
});
const byDate = (a: Went, b: Went): number => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0);

/** What the records of this home say about an activity when it is thought of again. */
export interface WentBefore {
  /** Of the times that it was done, the shares in which it was loved and in which it lost them: 0 to 1. */
  readonly loved: number;
  readonly lost: number;
  /** The last time of each, in a few words; empty where there is none. */
  readonly lovedText: string;
  readonly lostText: string;
}

const allDone = answer((look): { readonly byActivity: ReadonlyMap<ActivityId, readonly Went[]> } => {
  const done = unitsRecorded(look)
    .flatMap((unitId) => wentIn(look, unitId))
    .filter(({ record }) => record.outcome !== 'skipped')
    .toSorted(byDate);
  return { byActivity: groupBy(done, ({ placement }) => placement.originId) };
});

/** What was recorded of an activity of the library in any unit of the home; null for nothing. What was skipped says nothing about it. */
export const wentBefore = answer((look, activityId: ActivityId): WentBefore | null => {
  const done = allDone(look).byActivity.get(activityId);
  return done ? summed(done) : null;
});

function summed(list: readonly Went[]): WentBefore {
  const of = (outcome: DoneOutcome): readonly Went[] =>
    list.filter(({ record }) => record.outcome === outcome);
  const [loved, lost] = [of('loved'), of('lost')];
  return {
    loved: loved.length / list.length,
    lost: lost.length / list.length,
    lovedText: loved.length === 0 ? '' : `loved in ${loved.at(-1)!.unit.title}`,
    lostText: lost.length === 0 ? '' : lostText(lost.at(-1)!),
  };
}

const lostText = ({ unit, record: { note } }: Went): string =>
  `lost them in ${unit.title}${note === '' ? '' : `: ${note}`}`;
