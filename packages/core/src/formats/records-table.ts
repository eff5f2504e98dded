import equal from 'fast-deep-equal';
import { placementAt, type Book } from '../book/index.ts';
import type { ChangeInput } from '../changes/index.ts';
import {
  OUTCOMES,
  recordIdOf,
  recordOrderSchema,
  type DoneOutcome,
  type RecordOrder,
} from '../daybook/index.ts';
import { asName } from '../measure/index.ts';
import { fieldProblems } from '../wire/index.ts';
import { partsOf, readTable, type Cells, type RowPlace } from './read-table.ts';
import type { ImportPreview, ImportRow } from './rows.ts';

/** A row of a table of records as it was understood. */
export interface RecordRow {
  readonly record: RecordOrder;
  readonly title: string;
  /** `new` is not here yet, `changed` is here otherwise, `same` says nothing new. */
  readonly as: 'new' | 'changed' | 'same';
}

/**
 * Reads the table of records back, as {@link recordsTable} wrote it or as a spreadsheet changed it. A row means the one thing of
 * that title in the unit of that title on that day; what a table has no column for, such as a test and in which version it was
 * done, stays as it was. Whoever brings it in says it, now: `by` and `at` are not read.
 */
export const readRecordsTable = (text: string, book: Book): ImportPreview<RecordRow> =>
  readTable(text, {
    columns: ['unit', 'day', 'what', 'how it went', 'unfinished', 'children', 'minutes of a turn', 'note'],
    needs: ['unit', 'day', 'what'],
    row: (cells, at) => rowOf(cells, book, at),
    keyOf: ({ record: { placementId, day } }) => recordIdOf(placementId, day),
    already: 'This day of it stands in the table already',
  });

function rowOf(cells: Cells, book: Book, at: RowPlace): ImportRow<RecordRow> {
  const hints: string[] = [];
  const no = (why: string): ImportRow<RecordRow> => ({ ...at, ok: false, why });
  const of = (column: string): string => cells.get(column) ?? '';
  const units = Object.values(book.units).filter(({ title }) => asName(title) === asName(of('unit')));
  const day = Number(of('day'));
  const found = Object.values(book.placements)
    .flatMap(({ id }) => placementAt(book, id) ?? [])
    .filter(
      ({ unitId, content }) =>
        units.some(({ id }) => id === unitId) && asName(content.title) === asName(of('what')),
    );
  const [placement] = found.toSorted((a, b) => Number(has(book, b.id, day)) - Number(has(book, a.id, day)));
  if (units.length === 0) return no(`no unit is called “${of('unit')}”`);
  if (!placement) return no(`“${of('what')}” does not stand in this unit`);
  if (found.length > 1 && found.filter(({ id }) => has(book, id, day)).length !== 1)
    return no(`${found.length} things of the unit are called so: say it on Today`);
  const known = book.records[recordIdOf(placement.id, day)];
  const outcome = of('how it went');
  const parsed = recordOrderSchema.safeParse({
    unitId: placement.unitId,
    placementId: placement.id,
    day,
    outcome: outcome ? (outcomeIn(outcome) ?? outcome) : known?.outcome,
    unfinished: cells.has('unfinished') ? of('unfinished') !== '' : known?.unfinished,
    versionId: known?.versionId,
    note: cells.get('note') ?? known?.note,
    turnTook: cells.has('minutes of a turn') ? minutesIn(of('minutes of a turn')) : known?.turnTook,
    children: cells.has('children') ? childrenIn(of('children'), book, hints) : known?.children,
    test: known?.test,
  });
  if (!parsed.success) {
    const [first] = fieldProblems(parsed.error);
    const field = String(first!.path[0]);
    return no(`${COLUMN_OF[field] ?? field}: ${first!.message}`);
  }
  const record = parsed.data;
  const isSame = known !== undefined && equal({ ...known, ...record }, known);
  const as = known === undefined ? 'new' : isSame ? 'same' : 'changed';
  return { ...at, ok: true, value: { record, title: placement.content.title, as }, hints };
}

// What a field is called in the table, where that is not its own name.
const COLUMN_OF: Readonly<Record<string, string>> = {
  outcome: 'how it went',
  turnTook: 'minutes of a turn',
};

const has = (book: Book, placementId: string, day: number): boolean =>
  book.records[recordIdOf(placementId, day)] !== undefined;

const outcomeIn = (words: string): DoneOutcome | undefined =>
  (Object.keys(OUTCOMES) as DoneOutcome[]).find(
    (id) => id === asName(words) || asName(OUTCOMES[id].name) === asName(words),
  );

// What is no number is refused where it is read, with its words.
const minutesIn = (cell: string): number | null => (cell.trim() === '' ? null : Number(cell));

function childrenIn(cell: string, book: Book, hints: string[]): RecordOrder['children'] {
  return partsOf(cell).flatMap((words) => {
    const cut = words.lastIndexOf(':');
    const [name, outcome] = [words.slice(0, cut), outcomeIn(words.slice(cut + 1))];
    const child = Object.values(book.children).find((one) => asName(one.name) === asName(name));
    if (child && outcome) return [{ childId: child.id, outcome }];
    hints.push(`“${words}” is not a child and how it went for them`);
    return [];
  });
}

/** The changes that take rows in; a row that says nothing new makes none. */
export const recordRowChanges = (rows: readonly RecordRow[]): readonly ChangeInput[] =>
  rows.filter(({ as }) => as !== 'same').map(({ record }) => ({ type: 'daybook/record', record }));
