import { copyFileSync, existsSync, mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { HOME_ID, KINDS, type BackupTried } from '@kobby/core';
import Database from 'better-sqlite3';
import { readTables } from '../store/book-store.ts';
import { openStorage } from '../store/database.ts';
import { migrationNames } from '../store/migrations/index.ts';
import { headOf, isDatabase } from '../store/soundness.ts';
import { putInPlace } from './disk.ts';
import { passPhraseHash } from '../access/sessions.ts';
import { backupFromZip, isZip } from './home-zip.ts';
import { FILE_PATH, hasTable, makeBackup, refuseUnsound, type BackupFile } from './make.ts';
import { BACKUPS_FOLDER, DATABASE_FILE, stampOf } from './places.ts';

/**
 * Tries a backup in a folder of its own, migrations included, and tells what is in it. Nothing of the home is touched.
 * @throws {Error} with a sentence when it is none, damaged, or of a newer Kobby.
 */
export async function tryBackup(folder: string, path: string): Promise<Omit<BackupTried, 'name'>> {
  mkdirSync(join(folder, BACKUPS_FOLDER), { recursive: true, mode: 0o700 });
  const room = mkdtempSync(join(folder, BACKUPS_FOLDER, '.tried-'));
  try {
    const files = unpackBackup(room, path);
    const storage = await openStorage(room);
    try {
      const { book, bad } = await readTables(storage.knex);
      const home = book.homes[HOME_ID];
      if (!home) throw new Error('There is no home in this backup.');
      const counts = KINDS.map((kind) => [kind, Object.keys(book[kind]).length] as const);
      return {
        homeName: home.name,
        madeAt: madeAt(path),
        counts: Object.fromEntries(counts.filter(([, count]) => count > 0)),
        files,
        hasPassPhrase: (await storage.knex('credentials').first()) !== undefined,
        unreadable: bad.slice(0, 200).map(({ why }) => why.slice(0, 200)),
      };
    } finally {
      await storage.close();
    }
  } finally {
    rmSync(room, { recursive: true, force: true });
  }
}

function madeAt(path: string): string | null {
  const database = new Database(path, { readonly: true });
  try {
    if (!hasTable(database, 'backup_facts')) return null;
    const row = database.prepare("SELECT text FROM backup_facts WHERE name = 'made-at'").get();
    return (row as { text: string } | undefined)?.text ?? null;
  } finally {
    database.close();
  }
}

/**
 * Takes in a file from elsewhere as a backup, after it was tried: a backup, or the file of a whole home.
 * @throws {Error} with a sentence when it is neither.
 */
export async function bringIn(
  folder: string,
  from: string,
  path: string,
): Promise<Omit<BackupTried, 'name'>> {
  if (!isZip(headOf(from))) {
    const tried = await tryBackup(folder, from);
    putInPlace(from, path);
    return tried;
  }
  const unreadable = await backupFromZip(from, path);
  const tried = await tryBackup(folder, path);
  return { ...tried, unreadable: [...unreadable.slice(0, 200), ...tried.unreadable] };
}

/**
 * Puts a backup in the place of what is in a data folder that nobody has open. What is there is backed up first. Until the last
 * step the folder is the old home, after it the restored one: with another epoch, nobody signed in, the pass-phrases of now, and
 * of the links those that are still given out now.
 * @param passPhrase with which its provider gets in when nobody in it has one, as in the file of a whole home.
 * @returns how many files came with it.
 * @throws {Error} with a sentence when it is none, damaged, or of a newer Kobby; the folder is as it was.
 */
export async function restoreBackup(
  folder: string,
  path: string,
  passPhrase: string | null,
): Promise<number> {
  const target = join(folder, DATABASE_FILE);
  const prepared = `${target}.restored`;
  try {
    const files = prepare(folder, path, prepared);
    if (existsSync(target)) {
      setAside(folder, prepared);
      settle(target);
    } else closeAllLinks(prepared);
    if (passPhrase !== null) giveKey(prepared, await passPhraseHash(passPhrase));
    refuseUnsound(prepared);
    putInPlace(prepared, target);
    return files;
  } finally {
    rmSync(prepared, { force: true });
  }
}

/**
 * Lays a backup out in an empty folder as it is, links and all, to look into it or to change it.
 * @returns how many files came with it.
 * @throws {Error} with a sentence when it is none, damaged, or of a newer Kobby.
 */
export function unpackBackup(folder: string, path: string): number {
  const target = join(folder, DATABASE_FILE);
  const files = prepare(folder, path, `${target}.part`);
  putInPlace(`${target}.part`, target);
  return files;
}

// A database of its own out of a backup, its files beside it.
function prepare(folder: string, path: string, prepared: string): number {
  refuseOther(path);
  refuseUnsound(path);
  rmSync(prepared, { force: true });
  const database = new Database(path, { readonly: true });
  try {
    refuseNewer(database);
    database.prepare('VACUUM INTO ?').run(prepared);
  } finally {
    database.close();
  }
  return takeOutFiles(prepared, folder);
}

// What was brought in has no name that says anything to whoever brought it.
function refuseOther(path: string): void {
  const head = headOf(path);
  if (head.length === 0) throw new Error('This file is empty.');
  if (!isDatabase(head)) throw new Error("This file is no backup of Kobby's.");
}

function refuseNewer(database: Database.Database): void {
  if (!hasTable(database, 'knex_migrations') || !hasTable(database, 'homes'))
    throw new Error("This file is no backup of Kobby's.");
  const done = database.prepare('SELECT name FROM knex_migrations').pluck().all() as string[];
  if (done.some((name) => !migrationNames.has(name)))
    throw new Error('A newer Kobby made this backup. Restore it with that one.');
}

// They come before the database that names them; the same ones again change nothing.
function takeOutFiles(prepared: string, folder: string): number {
  const database = new Database(prepared);
  try {
    database.pragma('foreign_keys = OFF');
    let files = 0;
    if (hasTable(database, 'backup_files')) {
      const rows = database.prepare('SELECT path, content FROM backup_files').iterate();
      for (const { path, content } of rows as IterableIterator<BackupFile>) {
        if (!FILE_PATH.test(path)) throw new Error(`This backup holds a file with a foreign name: ${path}`);
        putFile(join(folder, path), content);
        files += 1;
      }
    }
    database.exec('DROP TABLE IF EXISTS backup_files; DROP TABLE IF EXISTS backup_facts;');
    if (hasTable(database, 'facts')) database.exec("DELETE FROM facts WHERE name = 'epoch'");
    for (const table of ['sessions', 'devices'])
      if (hasTable(database, table)) database.exec(`DELETE FROM ${table}`);
    database.exec('VACUUM');
    return files;
  } finally {
    database.close();
  }
}

function putFile(path: string, content: Buffer): void {
  mkdirSync(dirname(path), { recursive: true, mode: 0o700 });
  writeFileSync(`${path}.part`, content);
  putInPlace(`${path}.part`, path);
}

// What is there now can be come back to; what of it guards the home holds on.
function setAside(folder: string, prepared: string): void {
  const target = join(folder, DATABASE_FILE);
  const name = `before-restore-${stampOf(Date.now())}.sqlite`;
  try {
    makeBackup(folder, join(folder, BACKUPS_FOLDER, name));
    keepGuards(prepared, target);
  } catch {
    // It cannot be read, which is why it is being replaced: its bytes are kept as they are.
    mkdirSync(join(folder, BACKUPS_FOLDER), { recursive: true, mode: 0o700 });
    for (const end of ['', '-wal'])
      if (existsSync(target + end))
        copyFileSync(target + end, join(folder, BACKUPS_FOLDER, `unreadable-${name}${end}`));
    closeAllLinks(prepared);
  }
}

/** A link that was taken back since stays so, and a pass-phrase that was changed since is the one. */
function keepGuards(prepared: string, current: string): void {
  const database = new Database(prepared);
  try {
    database.pragma('foreign_keys = OFF');
    database.prepare('ATTACH ? AS now').run(current);
    database.exec(`
      DELETE FROM main.share_secrets WHERE share_id NOT IN (
        SELECT s.share_id FROM now.share_secrets s JOIN now.shares h ON h.id = s.share_id WHERE h.revoked_at IS NULL);
      DELETE FROM main.share_sessions;
      INSERT INTO main.share_sessions (token_hash, share_id)
        SELECT token_hash, share_id FROM now.share_sessions
        WHERE share_id IN (SELECT share_id FROM main.share_secrets);
      INSERT INTO main.credentials (person_id, pass_phrase_hash)
        SELECT person_id, pass_phrase_hash FROM now.credentials WHERE person_id IN (SELECT id FROM main.people)
        ON CONFLICT (person_id) DO UPDATE SET pass_phrase_hash = excluded.pass_phrase_hash;
      DETACH now;`);
  } finally {
    database.close();
  }
}

// Somebody must be able to get in.
function giveKey(prepared: string, hash: string): void {
  const database = new Database(prepared);
  try {
    if (database.prepare('SELECT 1 FROM credentials').get() !== undefined) return;
    const add =
      "INSERT INTO credentials SELECT id, ? FROM people WHERE role = 'provider' ORDER BY rowid LIMIT 1";
    database.prepare(add).run(hash);
  } finally {
    database.close();
  }
}

function closeAllLinks(prepared: string): void {
  const database = new Database(prepared);
  try {
    database.exec('DELETE FROM share_sessions; DELETE FROM share_secrets;');
  } finally {
    database.close();
  }
}

// No log stays behind: it would be laid over the restored file.
function settle(target: string): void {
  try {
    const database = new Database(target);
    database.pragma('wal_checkpoint(TRUNCATE)');
    database.pragma('journal_mode = DELETE');
    database.close();
  } catch {
    // Unreadable, and kept as it is already.
  }
  for (const end of ['-wal', '-shm']) rmSync(target + end, { force: true });
}
