import { brokenReferences, KINDS, refKey, soundPart, withoutWords, type Book, type Kind } from '@kobby/core';
import type { Knex } from 'knex';
import { newSecret } from '../access/secrets.ts';
import { readTables, type BadRow } from './book-store.ts';
import { codecOf } from './codecs.ts';
import { closeReplay } from './journal.ts';

/** A row that was taken out of the book because it could not be read. */
export interface SetAside {
  readonly kind: string;
  readonly id: string;
  readonly why: string;
  readonly at: string;
}

// With more than this the folder as a whole is not what it was: a backup serves better.
const MOST_SET_ASIDE = 200;
// Without these there is no home: an empty book would be taken for a new one.
const NEEDED: ReadonlySet<Kind> = new Set<Kind>(['homes', 'people']);

/**
 * The book of a database. A row that cannot be read, or refers to nothing, is set aside with all that cannot be without it:
 * the home opens with the rest, and what was set aside is kept word by word and told. Browsers that knew it take a snapshot.
 * @throws {Error} with a plain sentence when what cannot be read is the home itself, or too much.
 */
export async function readBookSoundly(db: Knex, now: string): Promise<Book> {
  const stored = await readTables(db);
  const lost = [...stored.bad, ...(await lostReferences(db, stored.book, stored.bad))];
  if (lost.length === 0) return stored.book;
  const all = withReferrers(stored.book, lost);
  const needed = all.find(({ kind, rest }) => NEEDED.has(kind) && rest === null);
  if (needed) throw new Error(`The home itself cannot be read. Restore a backup. ${needed.why}`);
  if (all.length > MOST_SET_ASIDE)
    throw new Error(`${all.length} rows cannot be read. Restore a backup. The first: ${all[0]!.why}`);
  await db.transaction((trx) => takeOut(trx, all, now));
  return (await readTables(db)).book;
}

/** What was set aside, in the order in which it was: what cannot be read stands before what refers to it. */
export async function setAsideRows(db: Knex): Promise<readonly SetAside[]> {
  return (await db('set_aside')
    .select('kind', 'entity_id as id', 'why', 'at')
    .orderBy('number')) as SetAside[];
}

/** Takes out what was set aside about somebody who is forgotten: it is not in the book, so no forgetting reaches it there. */
export async function forgetSetAside(
  trx: Knex.Transaction,
  refs: ReadonlySet<string>,
  words: readonly string[],
): Promise<void> {
  const rows = (await trx('set_aside').select('number', 'kind', 'entity_id', 'row')) as {
    readonly number: number;
    readonly kind: Kind;
    readonly entity_id: string;
    readonly row: string;
  }[];
  for (const { number, kind, entity_id: id, row } of rows) {
    const isAbout = refs.has(refKey({ kind, id })) || [...refs].some((ref) => row.includes(`"${idIn(ref)}"`));
    if (isAbout || withoutWords(row, words) !== row) await trx('set_aside').where({ number }).delete();
  }
}

const idIn = (ref: string): string => ref.slice(ref.indexOf('/') + 1);

interface LostRow {
  readonly table: string;
  readonly rowid: number;
  readonly parent: string;
}

const BY_TABLE = new Map(KINDS.map((kind) => [codecOf(kind).table, kind]));

// Rows of the book whose foreign keys lead nowhere.
async function lostReferences(db: Knex, book: Book, bad: readonly BadRow[]): Promise<BadRow[]> {
  const known = new Set(bad.map(({ kind, row }) => `${kind}/${String(row.id)}`));
  const found: BadRow[] = [];
  for (const { table, rowid, parent } of (await db.raw('PRAGMA foreign_key_check')) as LostRow[]) {
    const kind = BY_TABLE.get(table);
    const row = kind && ((await db(table).where({ rowid }).first()) as BadRow['row'] | undefined);
    if (!kind || !row || !book[kind][String(row.id)] || known.has(`${kind}/${String(row.id)}`)) continue;
    known.add(`${kind}/${String(row.id)}`);
    found.push({ kind, row, why: `refers to one of ${parent} that is not there`, rest: null });
  }
  return found;
}

// What cannot be without something that goes, goes with it, what only lists it loses that entry; until all that stays holds together.
function withReferrers(book: Book, lost: readonly BadRow[]): readonly BadRow[] {
  // Ids that are not there: of rows that cannot be read, and those that a row was found to miss.
  const missing = new Set(lost.map(({ row }) => String(row.id)));
  for (const { kind, row } of lost) {
    const entity = book[kind][String(row.id)];
    for (const { id } of entity ? brokenReferences(book, kind, entity) : []) missing.add(id);
  }
  const known = new Set(lost.map(({ kind, row }) => refKey({ kind, id: String(row.id) })));
  const more = soundPart(book, (id) => missing.has(id))
    .leftOut.filter(({ ref }) => !known.has(refKey(ref)))
    .map(({ ref: { kind }, entity, rest, why }) => ({ kind, row: codecOf(kind).toRow(entity), why, rest }));
  return [...lost, ...more];
}

async function takeOut(trx: Knex.Transaction, rows: readonly BadRow[], at: string): Promise<void> {
  await trx.raw('PRAGMA defer_foreign_keys = ON');
  for (const { kind, row, why, rest } of rows) {
    const told = { kind, entity_id: String(row.id), row: JSON.stringify(row), why: why.slice(0, 400), at };
    await trx('set_aside').insert(told);
    const { table, toRow } = codecOf(kind);
    if (rest)
      await trx(table)
        .where({ id: row.id as string })
        .update(toRow(rest));
    else
      await trx(table)
        .where({ id: row.id as string })
        .delete();
  }
  // What only opens or guards what is gone goes too: the secret of a link, say.
  for (const { table, rowid } of (await trx.raw('PRAGMA foreign_key_check')) as LostRow[])
    await trx(table).where({ rowid }).delete();
  await closeReplay(trx);
  await newEpoch(trx);
}

const EPOCH = 'epoch';

/**
 * The epoch of a folder: another one since what was in it became another than browsers were told step by step, as by a
 * restore. Whoever knows another epoch takes a snapshot.
 */
export async function epochOf(db: Knex): Promise<string> {
  const row = (await db('facts').where({ name: EPOCH }).first()) as { text: string } | undefined;
  return row?.text ?? newEpoch(db);
}

/** Begins another epoch, and tells it. */
async function newEpoch(db: Knex): Promise<string> {
  const text = newSecret().slice(0, 16);
  await db('facts').insert({ name: EPOCH, text }).onConflict('name').merge();
  return text;
}
