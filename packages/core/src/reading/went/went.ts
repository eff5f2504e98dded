import { groupBy } from '../../book/index.ts';
import type { PlainDay } from '../../calendar/index.ts';
import type { DayRecord, DoneOutcome } from '../../daybook/index.ts';
import type { ActivityId } from '../../library/index.ts';
import type { Placement, Unit, UnitId } from '../../unit/index.ts';
import { answer } from '../ground/answer.ts';
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
    .toSorted((a, b) => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0));
});

/** What the records of this home say about an activity when it is thought of again. */
export interface WentBefore {
  /** Shares of all times that it was done: above zero where it was loved, below where it lost them; between -1 and 1. */
  readonly loved: number;
  readonly lost: number;
  /** The last time that says something, in a few words. */
  readonly lovedText: string;
  readonly lostText: string;
}

/** What was recorded of each activity of the library in any unit of the home. What was skipped says nothing about it. */
export const wentBefore = answer((look): { readonly by: ReadonlyMap<ActivityId, WentBefore> } => {
  const all = [...recordsByUnit(look.table('records')).keys()]
    .flatMap((unitId) => wentIn(look, unitId))
    .filter(({ record }) => record.outcome !== 'skipped')
    .toSorted((a, b) => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0));
  const groups = groupBy(all, ({ placement }) => placement.originId);
  return { by: new Map([...groups].map(([id, list]) => [id, summed(list)])) };
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
