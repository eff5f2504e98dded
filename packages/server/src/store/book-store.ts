import { bookOf, type Book, type Entity, type EntityRef, type Kind } from '@kobby/core';
import type { Knex } from 'knex';
import { codecOf, WRITE_ORDER, type Row } from './codecs.ts';

/** Reads the whole book from its tables. */
export async function loadBook(db: Knex): Promise<Book> {
  const tables: [Kind, Readonly<Record<string, Entity>>][] = [];
  for (const kind of WRITE_ORDER) {
    const codec = codecOf(kind);
    // By rowid: the order in which things were made is the order in which they come.
    const rows = (await db(codec.table).select('*').orderBy('rowid')) as Row[];
    tables.push([kind, Object.fromEntries(rows.map((row) => [String(row.id), codec.fromRow(row)]))]);
  }
  return bookOf(Object.fromEntries(tables));
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
