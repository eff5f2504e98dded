import { closeSync, existsSync, openSync, readSync } from 'node:fs';
import Database from 'better-sqlite3';
import type { Knex } from 'knex';

const HEAD = 'SQLite format 3\0';

/**
 * Refuses a file that is no database: an empty or foreign one is never taken for a new home, which would be laid over what was
 * there.
 * @throws {Error} with a plain sentence.
 */
export function refuseForeign(file: string): void {
  if (!existsSync(file)) return;
  const head = Buffer.alloc(HEAD.length);
  const opened = openSync(file, 'r');
  const length = readSync(opened, head);
  closeSync(opened);
  if (length === 0)
    throw new Error(`${file} is empty. Put a backup in its place, or take it away to begin a new home.`);
  if (head.toString('latin1') !== HEAD)
    throw new Error(
      `${file} is no file of Kobby's. Put a backup in its place, or take it away to begin a new home.`,
    );
}

/**
 * Refuses a folder that a newer Kobby has changed: what that one wrote would be read wrongly.
 * @throws {Error} with a plain sentence.
 */
export async function refuseNewer(knex: Knex, known: ReadonlySet<string>): Promise<void> {
  if (!(await knex.schema.hasTable('knex_migrations'))) return;
  const done = (await knex('knex_migrations').select('name')) as { name: string }[];
  if (done.every(({ name }) => known.has(name))) return;
  throw new Error(
    'A newer Kobby has worked on this folder. Start that one, or put the backup that it made before (before-migration-…) in the place of kobby.sqlite.',
  );
}

/**
 * Looks whether the database holds together: its pages, and that whatever is referred to is there.
 * @throws {Error} with a plain sentence and what was found first.
 */
export async function refuseDamaged(knex: Knex, file: string): Promise<void> {
  const [first] = (await knex.raw('PRAGMA quick_check(1)')) as { quick_check: string }[];
  if (first?.quick_check !== 'ok') throw damaged(file, first?.quick_check ?? 'nothing can be read');
  const [lost] = (await knex.raw('PRAGMA foreign_key_check')) as { table: string; parent: string }[];
  if (lost) throw damaged(file, `a row of ${lost.table} refers to one of ${lost.parent} that is not there`);
}

const damaged = (file: string, what: string): Error =>
  new Error(`${file} is damaged: ${what}. Nothing was changed. Put a backup in its place.`);

/** Whether a copy of a database can be read to its end. */
export function isWhole(file: string): boolean {
  const copy = new Database(file, { readonly: true });
  try {
    return copy.pragma('integrity_check(1)', { simple: true }) === 'ok';
  } catch {
    return false;
  } finally {
    copy.close();
  }
}
