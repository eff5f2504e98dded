import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import Database from 'better-sqlite3';
import { checksum, putInPlace } from './disk.ts';
import { DATABASE_FILE, FILE_FOLDERS } from './places.ts';

/** What was put into a backup. */
export interface BackupMade {
  readonly bytes: number;
  readonly files: number;
}

// Only these two shapes: whatever a file calls itself, it lands nowhere else.
export const FILE_PATH = /^(?:files\/[0-9a-f]{64}|outbox\/[\w@+-][\w.@+-]{0,200}\.eml)$/;

// Who is signed in is no part of a home: whoever restores it signs in again.
const LEFT_OUT = ['sessions', 'devices'];

/**
 * Makes a backup of a data folder as one file: a copy of the database as it is at one moment, also while Kobby runs, with the
 * home's files in a table of it. It is read back in full, synced, and gets its name last: half a backup is none.
 * Blocks until it is done: a running server makes it in a process of its own (aside/).
 * @throws {Error} when the folder has no home, the disk is full, or what was written cannot be read back.
 */
export function makeBackup(folder: string, path: string): BackupMade {
  const source = join(folder, DATABASE_FILE);
  if (!existsSync(source)) throw new Error(`There is no home in ${folder}.`);
  mkdirSync(dirname(path), { recursive: true, mode: 0o700 });
  const unfinished = `${path}.part`;
  try {
    rmSync(unfinished, { force: true });
    copyDatabase(source, unfinished);
    const files = addFiles(unfinished, folder);
    refuseUnsound(unfinished);
    putInPlace(unfinished, path);
    return { bytes: statSync(path).size, files };
  } catch (error) {
    rmSync(unfinished, { force: true });
    throw error;
  }
}

function copyDatabase(source: string, to: string): void {
  const database = new Database(source, { readonly: true, timeout: 10_000 });
  try {
    database.prepare('VACUUM INTO ?').run(to);
  } finally {
    database.close();
  }
}

// Files are kept before a sheet names them: all that the copy names is there.
function addFiles(copy: string, folder: string): number {
  const database = new Database(copy);
  try {
    database.pragma('secure_delete = ON');
    database.exec(
      'CREATE TABLE backup_files (path TEXT PRIMARY KEY, sha256 TEXT NOT NULL, content BLOB NOT NULL)',
    );
    database.exec('CREATE TABLE backup_facts (name TEXT PRIMARY KEY, text TEXT NOT NULL)');
    const add = database.prepare('INSERT INTO backup_files VALUES (?, ?, ?)');
    let files = 0;
    for (const path of filesOf(folder)) {
      const content = readFileSync(join(folder, path));
      add.run(path, checksum(content), content);
      files += 1;
    }
    database.prepare('INSERT INTO backup_facts VALUES (?, ?)').run('made-at', new Date().toISOString());
    for (const table of LEFT_OUT) if (hasTable(database, table)) database.exec(`DELETE FROM ${table}`);
    return files;
  } finally {
    database.close();
  }
}

/** The files of a home in its folder, by paths that are the same wherever it lies. */
export function filesOf(folder: string): readonly string[] {
  return FILE_FOLDERS.flatMap((name) => {
    const inside = join(folder, name);
    if (!existsSync(inside)) return [];
    return readdirSync(inside, { withFileTypes: true })
      .filter((entry) => entry.isFile() && !entry.name.endsWith('.part'))
      .map((entry) => `${name}/${entry.name}`)
      .toSorted();
  });
}

/** Whether a database has a table. */
export const hasTable = (database: Database.Database, name: string): boolean =>
  database.prepare("SELECT 1 FROM sqlite_master WHERE type = 'table' AND name = ?").get(name) !== undefined;

/**
 * Reads a backup from its first page to its last file.
 * @throws {Error} with what cannot be read.
 */
export function refuseUnsound(path: string): void {
  const database = new Database(path, { readonly: true });
  try {
    const found = database.pragma('integrity_check(1)', { simple: true });
    if (found !== 'ok') throw new Error(`This backup is damaged: ${String(found)}`);
    if (!hasTable(database, 'backup_files')) return;
    const files = database.prepare('SELECT path, sha256, content FROM backup_files').iterate();
    for (const { path: file, sha256, content } of files as IterableIterator<BackupFile>)
      if (checksum(content) !== sha256)
        throw new Error(`This backup is damaged: the file ${file} is not whole`);
  } finally {
    database.close();
  }
}

/** A file in a backup. */
export interface BackupFile {
  readonly path: string;
  readonly sha256: string;
  readonly content: Buffer;
}
