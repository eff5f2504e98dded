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
  const head = headOf(file);
  if (head.length === 0)
    throw new Error(`${file} is empty. Restore a backup, or take it away to begin a new home.`);
  if (!isDatabase(head))
    throw new Error(`${file} is no file of Kobby's. Restore a backup, or take it away to begin a new home.`);
}

/** The first bytes of a file, by which its kind is told; none of an empty one. */
export function headOf(file: string): Buffer {
  const head = Buffer.alloc(HEAD.length);
  const opened = openSync(file, 'r');
  try {
    return head.subarray(0, readSync(opened, head));
  } finally {
    closeSync(opened);
  }
}

/** Whether a file begins as a database does. */
export const isDatabase = (head: Buffer): boolean => head.toString('latin1') === HEAD;

/**
 * Refuses a folder that a newer Kobby has changed: what that one wrote would be read wrongly.
 * @throws {Error} with a plain sentence.
 */
export async function refuseNewer(knex: Knex, known: ReadonlySet<string>): Promise<void> {
  if (!(await knex.schema.hasTable('knex_migrations'))) return;
  const done = (await knex('knex_migrations').select('name')) as { name: string }[];
  if (done.every(({ name }) => known.has(name))) return;
  throw new Error(
    'A newer Kobby has worked on this folder. Start that one, or restore the backup that it made before (backups/before-migration-…).',
  );
}

/**
 * Looks whether the pages of the database hold together. Whether its rows can be read is asked when they are.
 * @throws {Error} with a plain sentence and what was found first.
 */
export async function refuseDamaged(knex: Knex, file: string): Promise<void> {
  const [first] = (await knex.raw('PRAGMA quick_check(1)')) as { quick_check: string }[];
  if (first?.quick_check !== 'ok') throw damaged(file, first?.quick_check ?? 'nothing can be read');
}

const damaged = (file: string, what: string): Error =>
  new Error(`${file} is damaged: ${what}. Nothing was changed. Restore a backup.`);

/**
 * Refuses a database that somebody else holds open. The lock beside it may have been deleted; whoever has the database itself open
 * holds it in a way that leaves nobody alone with it.
 * @throws {Error} with a plain sentence.
 */
export function refuseShared(file: string, folder: string): void {
  if (!existsSync(file)) return;
  const alone = new Database(file, { timeout: 2000 });
  try {
    alone.pragma('locking_mode = EXCLUSIVE');
    alone.exec('BEGIN EXCLUSIVE; COMMIT');
  } catch (error) {
    if ((error as { code?: string }).code?.startsWith('SQLITE_BUSY'))
      throw new Error(`Kobby is already running on this data folder: ${folder}`, { cause: error });
  } finally {
    alone.close();
  }
}
