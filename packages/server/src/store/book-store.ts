import { bookOf, type Book, type Entity, type EntityRef, type Kind } from '@kobby/core';
import type { Knex } from 'knex';
import { codecOf, WRITE_ORDER, type Row } from './codecs.ts';

/** A row that is no entity of its kind, or refers to one that is none, with why. */
export interface BadRow {
  readonly kind: Kind;
  readonly row: Row;
  readonly why: string;
  /** What of it can stay; null when it goes as a whole. */
  readonly rest: Entity | null;
}

/** What the tables hold: the book of all that can be read, and what cannot. */
export interface StoredBook {
  readonly book: Book;
  readonly bad: readonly BadRow[];
}

/** Reads the tables. One row that cannot be read is told and does not take the others with it. */
export async function readTables(db: Knex): Promise<StoredBook> {
  const tables: [Kind, Readonly<Record<string, Entity>>][] = [];
  const bad: BadRow[] = [];
  for (const kind of WRITE_ORDER) {
    const codec = codecOf(kind);
    // By rowid: the order in which things were made is the order in which they come.
    const rows = (await db(codec.table).select('*').orderBy('rowid')) as Row[];
    const table: Record<string, Entity> = {};
    for (const row of rows) {
      try {
        table[String(row.id)] = codec.fromRow(row);
      } catch (error) {
        bad.push({ kind, row, why: (error as Error).message, rest: null });
      }
    }
    tables.push([kind, table]);
  }
  return { book: bookOf(Object.fromEntries(tables)), bad };
}

/**
 * Reads the whole book from its tables.
 * @throws {Error} naming table and row when one of them cannot be read.
 */
export async function loadBook(db: Knex): Promise<Book> {
  const { book, bad } = await readTables(db);
  const [first] = bad;
  if (first)
    throw new Error(
      `table ${codecOf(first.kind).table}, row ${String(first.row.id)} is damaged: ${first.why}`,
    );
  return book;
}

/** Writes the rows of what a gesture touched. What is no longer in the book is deleted. */
export async function writeTouched(
  trx: Knex.Transaction,
  book: Book,
  touched: readonly EntityRef[],
): Promise<void> {
  // What refers to another of its own kind may come before it: everything is there when the transaction ends.
  await trx.raw('PRAGMA defer_foreign_keys = ON');
  const inOrder = touched.toSorted((a, b) => WRITE_ORDER.indexOf(a.kind) - WRITE_ORDER.indexOf(b.kind));
  for (const { kind, id } of inOrder.toReversed()) {
    if (!book[kind][id]) await trx(codecOf(kind).table).where({ id }).delete();
  }
  for (const { kind, id } of inOrder) {
    const entity = book[kind][id];
    if (!entity) continue;
    const codec = codecOf(kind);
    await trx(codec.table).insert(codec.toRow(entity)).onConflict('id').merge();
  }
}
