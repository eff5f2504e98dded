import Papa from 'papaparse';
import { homeOf, nameAt, placementAt, type Book } from '../book/index.ts';
import { weekdayName, WEEKDAYS, type PlainDay } from '../calendar/index.ts';
import { CATEGORIES } from '../cupboard/index.ts';
import { allergenName } from '../house/index.ts';
import { formatMoney } from '../measure/index.ts';
import { cupboardOf, LIBRARY_KINDS, read, type LibraryEntity, type LibraryKind } from '../reading/index.ts';
import { skillName } from '../skills/index.ts';
import type { UnitId } from '../unit/index.ts';

type Cell = string | number | null;
type Rows = readonly (readonly Cell[])[];

// What a spreadsheet would run as a formula stands behind an apostrophe, which it hides.
const RUNS = /^[=+\-@\t\r]/;
const defused = (cell: Cell): Cell => (typeof cell === 'string' && RUNS.test(cell) ? `'${cell}` : cell);

/** A cell as it was before it was kept from running as a formula. */
export const asWritten = (cell: string): string => (/^'[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell);

/**
 * A table as CSV (RFC 4180): a line of headings, commas, quotes where they are needed, lines that end with CR LF, in UTF-8 with the
 * mark that spreadsheets look for. No cell runs as a formula.
 */
export const csvOf = (headings: readonly string[], rows: Rows): string =>
  `\ufeff${Papa.unparse([headings, ...rows.map((row) => row.map(defused))] as Cell[][], { newline: '\r\n' })}\r\n`;

/** The columns of the table of supplies, as they are read back (supply-table.ts). */
export const SUPPLY_COLUMNS = [
  ...['name', 'category', 'unit', 'use', 'in stock', 'low mark', 'kept in', 'got', 'from'],
  ...['pack', 'price', 'shop', 'best before', 'allergens', 'id'],
] as const;

/** The cupboard as a table, with what is in stock and the first pack. */
export function supplyTable(book: Book, today: PlainDay): string {
  const { currency } = homeOf(book);
  const rows = cupboardOf(book, today).map(({ supply, have }): readonly Cell[] => {
    const [pack] = supply.packs;
    return [
      supply.name,
      CATEGORIES[supply.category].name,
      supply.unit,
      supply.use,
      have.amount,
      supply.lowMark,
      supply.keptIn,
      supply.got,
      supply.gotFrom,
      pack?.amount ?? null,
      pack?.price === undefined || pack.price === null ? null : formatMoney(pack.price, currency),
      pack?.shop ?? null,
      supply.bestBefore,
      supply.allergens.map(allergenName).join('; '),
      supply.id,
    ];
  });
  return csvOf(SUPPLY_COLUMNS, rows);
}

/** Who comes when: a row a child, a column a working day with its parts, and the days that are otherwise behind. */
export function attendanceTable(book: Book): string {
  const { workingWeekdays, parts } = homeOf(book);
  const days = WEEKDAYS.filter((day) => workingWeekdays.includes(day));
  const partName = (id: string): string => parts.find((part) => part.id === id)?.name ?? id;
  const spans = (
    list: readonly { readonly childId: string; readonly from: string; readonly to: string }[],
    id: string,
  ) =>
    list
      .filter(({ childId }) => childId === id)
      .map(({ from, to }) => (from === to ? from : `${from} to ${to}`))
      .join('; ');
  const rows = Object.values(book.children).map((child): readonly Cell[] => [
    child.name,
    child.birth,
    ...days.map((day) =>
      (child.attendance[String(day) as keyof typeof child.attendance] ?? []).map(partName).join('; '),
    ),
    spans(Object.values(book.absences), child.id),
    spans(Object.values(book.extras), child.id),
  ]);
  return csvOf(['name', 'born', ...days.map((day) => weekdayName(day)), 'away', 'extra'], rows);
}

/** The library as a table: what it is, its title, and what it is about. */
export function libraryTable(book: Book): string {
  const rows = (Object.keys(LIBRARY_KINDS) as LibraryKind[]).flatMap((kind) =>
    (Object.values(book[kind]) as LibraryEntity[]).map((entity): readonly Cell[] => {
      const content = 'content' in entity ? entity.content : null;
      return [
        LIBRARY_KINDS[kind],
        nameAt(book, { kind, id: entity.id }),
        content?.summary ?? ('summary' in entity ? entity.summary : ''),
        content?.cornerKinds.join('; ') ?? '',
        content?.skills.map(skillName).join('; ') ?? '',
        content?.source ?? ('source' in entity ? entity.source : ''),
        entity.retired ? 'retired' : '',
      ];
    }),
  );
  return csvOf(['kind', 'title', 'about', 'corners', 'skills', 'source', 'retired'], rows);
}

/** The columns of a shopping list that are filled in at the shop, and read back (shopping-table.ts). */
export const SHOPPING_BLANKS = ['bought', 'paid'] as const;

/** What a unit needs: how much, whether it is there, in what packs, for how much, by when. */
export function shoppingTable(book: Book, unitId: UnitId, today: PlainDay): string {
  const { supplies, frame } = read(book, unitId, today);
  const rows = supplies.map(({ supply, need, have, buy, basket, packs, orderBy, by }): readonly Cell[] => [
    supply.name,
    need.amount,
    have.amount,
    buy.amount,
    supply.unit,
    basket,
    packs?.packs.map(({ count, pack }) => `${count} × ${pack.amount}`).join('; ') ?? null,
    packs === null || packs.cost === null ? null : formatMoney(packs.cost, frame.home.currency),
    orderBy,
    by.date,
    ...SHOPPING_BLANKS.map(() => null),
  ]);
  const headings = [
    'name',
    'needed',
    'there',
    'missing',
    'unit',
    'how',
    'packs',
    'cost',
    'order by',
    'needed on',
    ...SHOPPING_BLANKS,
  ];
  return csvOf(headings, rows);
}

/** What was written down of the days: a row a record, children by their names. */
export function recordsTable(book: Book): string {
  const rows = Object.values(book.records)
    .toSorted((a, b) => (a.at < b.at ? -1 : 1))
    .map((record): readonly Cell[] => [
      book.units[record.unitId]?.title ?? '',
      record.day,
      placementAt(book, record.placementId)?.content.title ?? '',
      record.outcome,
      record.unfinished ? 'goes on' : '',
      record.children
        .map(({ childId, outcome }) => `${book.children[childId]?.name ?? ''}: ${outcome}`)
        .join('; '),
      record.turnTook,
      record.note,
      record.by,
      record.at,
    ]);
  return csvOf(
    ['unit', 'day', 'what', 'how it went', 'unfinished', 'children', 'minutes of a turn', 'note', 'by', 'at'],
    rows,
  );
}
