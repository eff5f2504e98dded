import { chmodSync, existsSync, mkdirSync } from 'node:fs';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import knexFactory, { type Knex } from 'knex';
import { makeBackup } from '../backups/make.ts';
import { BACKUPS_FOLDER, DATABASE_FILE } from '../backups/places.ts';
import { migrationNames, migrationSource } from './migrations/index.ts';
import { refuseDamaged, refuseForeign, refuseNewer, refuseShared } from './soundness.ts';

// What every connection is set to, and what reading the setting back gives.
export const STORAGE_SETTINGS = {
  journal_mode: 'wal',
  synchronous: 2, // FULL: a commit is on the disk before it is answered
  foreign_keys: 1,
  busy_timeout: 5000,
  secure_delete: 1, // what is deleted is overwritten: a forgotten name does not stay in free pages
} as const;

/** An open data folder: its database, and what lets go of it. */
export interface Storage {
  readonly knex: Knex;
  close(): Promise<void>;
}

// Only whoever runs Kobby reads, writes and lists.
const PRIVATE = 0o700;
// How long what was kept may lie in the log beside the file alone.
const SETTLE_EVERY_MS = 5000;

/**
 * Opens a data folder: takes its lock, backs the file up when there is something to migrate, migrates. While it is open, what
 * was kept is brought from the log into the file every few seconds: whoever copies only the file has nearly everything.
 * @throws {Error} when another process has the folder open, a newer Kobby worked on it, or its file is none or damaged.
 */
export async function openStorage(
  folder: string,
  { settleEveryMs = SETTLE_EVERY_MS }: { readonly settleEveryMs?: number } = {},
): Promise<Storage> {
  mkdirSync(folder, { recursive: true });
  // Names of children are in it: nobody else on this machine looks in.
  chmodSync(folder, PRIVATE);
  const file = join(folder, DATABASE_FILE);
  refuseForeign(file);
  const release = lockFolder(folder);
  try {
    refuseShared(file, folder);
    const knex = connect(file);
    await soundAndMigrated(knex, folder).catch(async (error: unknown) => {
      await knex.destroy();
      throw error;
    });
    // It waits for nobody: what somebody is still reading stays in the log until the next time.
    const settle = async (): Promise<void> => void (await knex.raw('PRAGMA wal_checkpoint(PASSIVE)'));
    const timer = setInterval(() => void settle().catch(() => {}), settleEveryMs).unref();
    return {
      knex,
      close: async () => {
        clearInterval(timer);
        await knex.raw('PRAGMA wal_checkpoint(TRUNCATE)');
        await knex.destroy();
        release();
      },
    };
  } catch (error) {
    release();
    throw error;
  }
}

/** Connects to a database file without a lock or migrations; for {@link openStorage} and for tests that look in. */
export function connect(file: string): Knex {
  return knexFactory({
    client: 'better-sqlite3',
    connection: { filename: file },
    useNullAsDefault: true,
    // An error names no value: what a child's note says does not come into a log.
    compileSqlOnError: false,
    pool: {
      min: 1,
      max: 1,
      afterCreate: (
        connection: Database.Database,
        done: (error: Error | null, connection: unknown) => void,
      ) => {
        try {
          for (const [name, value] of Object.entries(STORAGE_SETTINGS))
            connection.pragma(`${name} = ${value}`);
          done(null, connection);
        } catch (error) {
          // Nobody else would let go of it, and the file would seem to be in use.
          connection.close();
          done(error as Error, connection);
        }
      },
    },
  });
}

async function soundAndMigrated(knex: Knex, folder: string): Promise<void> {
  await refuseDamaged(knex, join(folder, DATABASE_FILE));
  await refuseNewer(knex, migrationNames);
  const [done, pending] = (await knex.migrate.list({ migrationSource })) as [unknown[], unknown[]];
  if (pending.length === 0) return;
  if (done.length > 0) backUp(folder, done.length);
  await knex.migrate.latest({ migrationSource });
}

function backUp(folder: string, step: number): void {
  const file = join(folder, BACKUPS_FOLDER, `before-migration-${step + 1}.sqlite`);
  if (!existsSync(file)) makeBackup(folder, file);
}

/**
 * Takes a folder for this process. The lock is SQLite's own on a second file: the system lets go of it with
 * the process, however that ends, so a stale lock cannot stay behind.
 */
export function lockFolder(folder: string): () => void {
  const lock = new Database(join(folder, 'lock.sqlite'), { timeout: 0 });
  try {
    lock.exec('BEGIN EXCLUSIVE');
  } catch (error) {
    lock.close();
    throw new Error(`Kobby is already running on this data folder: ${folder}`, { cause: error });
  }
  return () => {
    if (lock.open) lock.close();
  };
}
