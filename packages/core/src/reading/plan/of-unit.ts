import type { Book, Table } from '../../book/index.ts';
import type { DayLine, Keeping, Omission, SpecialEvent, Thing, UnitId } from '../../unit/index.ts';
import { memoised, stableGroups } from '../ground/memo.ts';

const NONE: readonly never[] = [];

// What belongs to a unit, as long as it stays as it is the same list.
function ofUnit<E extends { readonly unitId: UnitId }>(
  tableOf: (book: Book) => Table<E>,
): (book: Book, unitId: UnitId) => readonly E[] {
  const groups = stableGroups((one: E) => one.unitId);
  return (book, unitId) => groups(tableOf(book)).get(unitId) ?? NONE;
}

const byOrder = memoised(<E extends { readonly order: string }>(entities: readonly E[]): readonly E[] =>
  entities.toSorted((a, b) => (a.order < b.order ? -1 : a.order > b.order ? 1 : 0)),
) as <E extends { readonly order: string }>(entities: readonly E[]) => readonly E[];

const things = ofUnit<Thing>((book) => book.things);
const lines = ofUnit<DayLine>((book) => book.dayLines);

/** The members of a unit's theme, in their order. */
export const membersIn = (book: Book, unitId: UnitId): readonly Thing[] => byOrder(things(book, unitId));
/** The lines of a unit's days, in their order. */
export const linesIn = (book: Book, unitId: UnitId): readonly DayLine[] => byOrder(lines(book, unitId));
/** The special events of a unit. */
export const eventsIn = ofUnit<SpecialEvent>((book) => book.events);
/** The corners that a unit leaves empty on purpose. */
export const omissionsIn = ofUnit<Omission>((book) => book.omissions);
/** The findings of a unit that somebody keeps as they are. */
export const keepingsIn = ofUnit<Keeping>((book) => book.keepings);
