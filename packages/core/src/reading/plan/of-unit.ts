import type { EntityOf, Kind } from '../../book/index.ts';
import type { DayLine, Thing, UnitId } from '../../unit/index.ts';
import { answer, type Asking } from '../ground/answer.ts';
import { memoised, stableGroups } from '../ground/memo.ts';

const NONE: readonly never[] = [];

// What belongs to a unit, as long as it stays as it is the same list.
function ofUnit<K extends Kind>(kind: K): (asking: Asking, unitId: UnitId) => readonly EntityOf<K>[] {
  const groups = stableGroups((one: EntityOf<K>) => (one as { readonly unitId: UnitId }).unitId);
  return answer((look, unitId) => groups(look.table(kind)).get(unitId) ?? NONE);
}

const byOrder = memoised(<E extends { readonly order: string }>(entities: readonly E[]): readonly E[] =>
  entities.toSorted((a, b) => (a.order < b.order ? -1 : a.order > b.order ? 1 : 0)),
) as <E extends { readonly order: string }>(entities: readonly E[]) => readonly E[];

const things = ofUnit('things');
const lines = ofUnit('dayLines');

/** The members of a unit's theme, in their order. */
export const membersIn = (asking: Asking, unitId: UnitId): readonly Thing[] =>
  byOrder(things(asking, unitId));
/** The lines of a unit's days, in their order. */
export const linesIn = (asking: Asking, unitId: UnitId): readonly DayLine[] => byOrder(lines(asking, unitId));
/** The special events of a unit. */
export const eventsIn = ofUnit('events');
/** The corners that a unit leaves empty on purpose. */
export const omissionsIn = ofUnit('omissions');
/** The findings of a unit that somebody keeps as they are. */
export const keepingsIn = ofUnit('keepings');
/** The pieces of a unit's circles. */
export const piecesIn = ofUnit('circlePieces');
