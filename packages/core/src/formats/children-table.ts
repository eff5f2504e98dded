import equal from 'fast-deep-equal';
import { homeOf, type Book } from '../book/index.ts';
import { parsePlainDay, weekdayName, WEEKDAYS, type PlainDay } from '../calendar/index.ts';
import type { ChangeInput } from '../changes/index.ts';
import { childSchema, type Child } from '../house/index.ts';
import { asName } from '../measure/index.ts';
import { fieldProblems } from '../wire/index.ts';
import { partsOf, readTable, type Cells, type RowPlace } from './read-table.ts';
import type { ImportPreview, ImportRow } from './rows.ts';

/** A stretch of days of a child, as a table says it. */
interface Days {
  readonly from: PlainDay;
  readonly to: PlainDay;
}

/** A row of a table of children's days as it was understood. */
export interface ChildRow {
  readonly child: Child;
  readonly isNew: boolean;
  /** Days away, and days on which the child comes although it usually does not, that are not known here yet. */
  readonly away: readonly Days[];
  readonly extra: readonly Days[];
}

/**
 * Reads the table of children's days back, as {@link attendanceTable} wrote it or as a spreadsheet changed it. A child is found by
 * name; one that is not here yet is new, and still puts things in the mouth until somebody says otherwise. A weekday that has no
 * column stays as it was, and so does every day away that is not in the table: none is taken back by a row.
 */
export function readAttendanceTable(
  text: string,
  book: Book,
  today: PlainDay,
  newId: () => string,
): ImportPreview<ChildRow> {
  return readTable(text, {
    columns: ['name', 'born', ...WEEKDAYS.map((day) => weekdayName(day)), 'away', 'extra'],
    needs: ['name'],
    row: (cells, at) => rowOf(cells, book, { today, newId, at }),
    keyOf: ({ child }) => asName(child.name),
    already: 'This child stands in the table already',
  });
}

function rowOf(
  cells: Cells,
  book: Book,
  { today, newId, at }: { readonly today: PlainDay; readonly newId: () => string; readonly at: RowPlace },
): ImportRow<ChildRow> {
  const hints: string[] = [];
  const name = cells.get('name') ?? '';
  const [own, other] = Object.values(book.children).filter((child) => asName(child.name) === asName(name));
  if (other)
    return { ...at, ok: false, why: 'Two children here are called so: change them on their own pages' };
  const born = cells.get('born');
  if (born && born > today) return { ...at, ok: false, why: 'born: This day is still to come' };
  const parsed = childSchema.safeParse({
    ...(own ?? blank(newId(), name)),
    name: own?.name ?? name,
    ...(born ? { birth: born } : {}),
    attendance: attendanceOf(cells, own, book, hints),
  });
  if (!parsed.success) {
    const [first] = fieldProblems(parsed.error);
    const field = first!.path.join(' ') === 'birth' ? 'born' : first!.path.join(' ');
    return { ...at, ok: false, why: `${field}: ${first!.message}` };
  }
  const child = parsed.data;
  const known = (table: Readonly<Record<string, Days & { readonly childId: string }>>) =>
    Object.values(table).filter(({ childId }) => childId === child.id);
  const fresh = (column: string, table: Parameters<typeof known>[0]): readonly Days[] =>
    daysIn(cells.get(column), column, hints).filter(
      ({ from, to }) => !known(table).some((one) => one.from === from && one.to === to),
    );
  const [away, extra] = [fresh('away', book.absences), fresh('extra', book.extras)];
  return { ...at, ok: true, value: { child, isNew: own === undefined, away, extra }, hints };
}

const blank = (id: string, name: string): object => ({
  id,
  shownAs: name.split(/\s+/)[0],
  allergies: [],
  mouthsThings: true,
  rungs: {},
  likes: [],
  wontTouch: [],
});

function attendanceOf(cells: Cells, own: Child | undefined, book: Book, hints: string[]): object {
  const { parts } = homeOf(book);
  const said = WEEKDAYS.flatMap((day): [string, string[]][] => {
    const cell = cells.get(weekdayName(day).toLowerCase());
    if (cell === undefined) return [];
    const ids = partsOf(cell).flatMap((word) => {
      const part = parts.find((one) => asName(one.name) === asName(word));
      if (!part) hints.push(`no part of the day is called “${word}”`);
      return part ? [part.id] : [];
    });
    return [[String(day), ids]];
  });
  const all = { ...own?.attendance, ...Object.fromEntries(said) } as Record<string, string[]>;
  return Object.fromEntries(
    Object.entries(all).filter(([day, ids]) => ids.length > 0 || own?.attendance[day as never]),
  );
}

function daysIn(cell: string | undefined, column: string, hints: string[]): readonly Days[] {
  return partsOf(cell).flatMap((words) => {
    const [first, last = first] = words.split(/\s+to\s+/);
    const [from, to] = [parsePlainDay(first!), parsePlainDay(last!)];
    if (from && to && from <= to) return [{ from, to }];
    hints.push(`${column} “${words}” is not a day or a stretch like 2027-03-01 to 2027-03-05`);
    return [];
  });
}

/** The changes that take rows in: the child where something of it is otherwise, and the days that are new. */
export const childRowChanges = (
  rows: readonly ChildRow[],
  book: Book,
  newId: () => string,
): readonly ChangeInput[] =>
  rows.flatMap(({ child, away, extra }): ChangeInput[] => {
    const days = (one: Days) => ({ id: newId(), childId: child.id, ...one });
    return [
      ...(equal(child, book.children[child.id]) ? [] : [{ type: 'house/put-child' as const, child }]),
      ...away.map((one) => ({ type: 'house/put-absence' as const, absence: days(one) })),
      ...extra.map((one) => ({ type: 'house/put-extra' as const, extra: days(one) })),
    ];
  });
