import type { ChangeInput, ChildId, PlainDay, Unit } from '@kobby/core';

/** What was said to have happened that the house is told of when a way is taken. */
interface Said {
  /** Dates on which children are ill, and who. */
  readonly ill: readonly PlainDay[];
  readonly childIds: readonly ChildId[];
  /** Dates on which the home is closed. */
  readonly lost: readonly PlainDay[];
  /** The unit is shorter by the days that are lost, instead of ending later. */
  readonly endsAsBefore: boolean;
  readonly dayMore: boolean;
}

/** The changes that tell the house: who is away, what is closed, how long the unit is. */
export function factsOfDays(
  { ill, childIds, lost, endsAsBefore, dayMore }: Said,
  unit: Unit,
  newId: () => string,
): readonly ChangeInput[] {
  const absences = childIds.flatMap((childId) =>
    ill.map((date): ChangeInput => ({
      type: 'house/put-absence',
      absence: { id: `absence-${newId()}`, childId, from: date, to: date },
    })),
  );
  const closures = lost.map((date): ChangeInput => ({
    type: 'house/put-closure',
    closure: { id: `closure-${newId()}`, from: date, to: date, why: 'The day was lost' },
  }));
  const dayCount = Math.max(1, unit.dayCount + Number(dayMore) - (endsAsBefore ? lost.length : 0));
  const length: ChangeInput[] =
    dayCount === unit.dayCount ? [] : [{ type: 'unit/revise', unit: { ...unit, dayCount } }];
  return [...absences, ...closures, ...length];
}
