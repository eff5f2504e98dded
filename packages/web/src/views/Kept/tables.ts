import {
  attendanceTable,
  childRowChanges,
  cupboardOf,
  libraryRowChanges,
  libraryTable,
  readAttendanceTable,
  readLibraryTable,
  readRecordsTable,
  readSupplyTable,
  recordRowChanges,
  recordsTable,
  supplyRowChanges,
  supplyTable,
  type Book,
  type ChangeInput,
  type ChildRow,
  type ImportPreview,
  type LibraryRow,
  type PlainDay,
  type RecordRow,
  type SupplyRow,
} from '@kobby/core';
import { newId } from '../../state/api.ts';

/** What a table goes out of, and comes back into. */
export interface TableContext {
  readonly book: Book;
  readonly today: PlainDay;
  /** The moment at which something is said. */
  readonly at: string;
}

/** A table of the home that goes out to spreadsheets and comes back. Methods: a list of them is one of any rows. */
export interface HomeTable<T = unknown> {
  readonly name: string;
  readonly file: string;
  /** What is said of it before it is brought back. */
  readonly back: string;
  out(context: TableContext): string;
  read(text: string, context: TableContext): ImportPreview<T>;
  shown(row: T): string;
  changes(rows: readonly T[], context: TableContext): readonly ChangeInput[];
}

const IS = { new: ' (new)', changed: '', same: ' (as it is here)' } as const;

const cupboard: HomeTable<SupplyRow> = {
  name: 'Cupboard',
  file: 'cupboard',
  back: 'As it went out, or as a spreadsheet changed it: what has no column stays as it is.',
  out: ({ book, today }) => supplyTable(book, today),
  read: (text, { book }) => readSupplyTable(text, book, () => `supply-${newId()}`),
  shown: ({ supply, isNew, counted }) =>
    `${supply.name}${isNew ? ' (new)' : ''}${counted === null ? '' : ` · ${counted} ${supply.unit}`}`,
  changes: (rows, { book, today, at }) => {
    const known = new Map(
      cupboardOf(book, today).map(({ supply, have }) => [supply.id as string, have.amount]),
    );
    const onHand = (id: string): number => known.get(id) ?? 0;
    return supplyRowChanges(rows, { at, newId: () => `move-${newId()}`, onHand });
  },
};

const children: HomeTable<ChildRow> = {
  name: 'Days of the children',
  file: 'children',
  back: 'Who comes on which day, and who is away or comes too. No day away is taken back by it.',
  out: ({ book }) => attendanceTable(book),
  read: (text, { book, today }) => readAttendanceTable(text, book, today, () => `child-${newId()}`),
  shown: ({ child, isNew }) => `${child.name}${isNew ? ' (new)' : ''}`,
  changes: (rows, { book }) => childRowChanges(rows, book, () => `days-${newId()}`),
};

const library: HomeTable<LibraryRow> = {
  name: 'Library',
  file: 'library',
  back: 'What entries are about, their corners, skills and source. Recipes and songs are more than a row: paste them in the library.',
  out: ({ book }) => libraryTable(book),
  read: (text, { book }) => readLibraryTable(text, book, () => `entry-${newId()}`),
  shown: ({ title, as }) => `${title}${IS[as]}`,
  changes: (rows) => libraryRowChanges(rows),
};

const records: HomeTable<RecordRow> = {
  name: 'Records',
  file: 'records',
  back: 'How things went. What is brought back says so from now on, by you.',
  out: ({ book }) => recordsTable(book),
  read: (text, { book }) => readRecordsTable(text, book),
  shown: ({ title, record, as }) => `${title}, Day ${record.day}: ${record.outcome}${IS[as]}`,
  changes: (rows) => recordRowChanges(rows),
};

/** The tables of the home. */
export const HOME_TABLES: readonly HomeTable[] = [cupboard, children, library, records];
