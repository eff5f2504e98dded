import Papa from 'papaparse';
import { noPreview, type ImportPreview, type ImportRow } from './rows.ts';
import { asWritten } from './tables.ts';

// The longest text that is read as a list or table, in characters.
const MAX_LIST_LENGTH = 400_000;
/** The most rows of a list or table that are read at once. */
export const MAX_LIST_ROWS = 1000;

/** The cells of a row by the heading of their column, in small letters, as they were before they were kept from running. */
export type Cells = ReadonlyMap<string, string>;

/** Where a row stands and what it shows: what every {@link ImportRow} says of itself. */
export type RowPlace = Pick<ImportRow<unknown>, 'line' | 'text'>;

/** How the rows of one kind of table are read. */
export interface TableShape<T> {
  /** The columns that it may have. */
  readonly columns: readonly string[];
  /** Those without which no row means anything. */
  readonly needs: readonly string[];
  row(cells: Cells, at: RowPlace): ImportRow<T>;
  /** What may stand in the table once; null for what may stand there as often as one likes. */
  keyOf(value: T): string | null;
  /** Why a second row of the same key is not taken. */
  readonly already: string;
}

/** Why a text is not read at all; null when it may be. */
export function unreadable(text: string): string | null {
  if (text.trim() === '') return 'There is nothing in it yet.';
  return text.length > MAX_LIST_LENGTH ? 'This is too long for one list. Bring it in by parts.' : null;
}
export const TOO_MANY_ROWS = `At most ${MAX_LIST_ROWS} rows are read at once. Bring them in by parts.`;

/**
 * Reads a table (CSV, RFC 4180; or apart by tabs or semicolons, as spreadsheets copy it) whose first line names its columns,
 * in any order. Columns that are unknown say nothing. Nothing is taken in by reading.
 */
export function readTable<T>(text: string, shape: TableShape<T>): ImportPreview<T> {
  const problem = unreadable(text);
  if (problem) return noPreview(problem);
  const { data, errors } = Papa.parse<string[]>(text.replace(/^\ufeff/, ''), { skipEmptyLines: 'greedy' });
  const [first = [], ...rest] = data;
  const headings = first.map((cell) => cell.trim().toLowerCase());
  const missing = shape.needs.filter((heading) => !headings.includes(heading));
  if (missing.length > 0)
    return noPreview(
      `The first line names the columns, ${missing.map((one) => `“${one}”`).join(' and ')} among them: ${shape.columns.join(', ')}.`,
    );
  if (rest.length > MAX_LIST_ROWS) return noPreview(TOO_MANY_ROWS);
  const broken = new Map(errors.map((error) => [error.row ?? 0, error.message]));
  const seen = new Set<string>();
  const rows = rest.map((cells, i): ImportRow<T> => {
    const at = { line: i + 2, text: cells.join(' · ').slice(0, 120) };
    const why = broken.get(i + 1);
    if (why) return { ...at, ok: false, why };
    const row = shape.row(
      new Map(headings.map((heading, n) => [heading, asWritten(cells[n]?.trim() ?? '')])),
      at,
    );
    if (!row.ok) return row;
    const key = shape.keyOf(row.value);
    if (key === null) return row;
    if (seen.has(key)) return { ...at, ok: false, why: shape.already };
    seen.add(key);
    return row;
  });
  return { problem: null, rows };
}

/** The parts of a cell that are apart by semicolons. */
export const partsOf = (cell: string | undefined): string[] =>
  (cell ?? '')
    .split(';')
    .map((one) => one.trim())
    .filter(Boolean);

/** An amount in a cell, with a comma or a point; null for an empty one, or with a hint for one that is none. */
export function amountIn(cell: string | undefined, what: string, hints: string[]): number | null {
  if (cell === undefined || cell === '') return null;
  const amount = Number(cell.replace(',', '.'));
  if (Number.isFinite(amount) && amount >= 0) return amount;
  hints.push(`${what} “${cell}” is not an amount`);
  return null;
}
