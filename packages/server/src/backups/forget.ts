import { randomUUID } from 'node:crypto';
import { copyFileSync, mkdtempSync, rmSync, statSync, utimesSync } from 'node:fs';
import { join } from 'node:path';
import { applyAsSeen, gestureSchema, HOME_ID, type Actor, type Child } from '@kobby/core';
import Database from 'better-sqlite3';
import { dateOf } from '../clock.ts';
import { Keeper } from '../keeper.ts';
import { openStorage } from '../store/database.ts';
import { putInPlace } from './disk.ts';
import { makeBackup } from './make.ts';
import { BACKUPS_FOLDER, DATABASE_FILE } from './places.ts';
import { unpackBackup } from './restore.ts';

const KOBBY: Actor = { kind: 'person', id: 'kobby', name: 'Kobby' };

/**
 * Forgets in backups whoever was forgotten in the home: each child that a backup holds and the home no longer does goes from it as
 * it went from the home, with its names. A backup is replaced as a whole or not at all, and keeps its name and its time.
 * @returns how many of the backups held somebody.
 * @throws {Error} with a sentence when the home or a backup cannot be read.
 */
export async function forgetInBackups(folder: string, paths: readonly string[]): Promise<number> {
  const here = childrenIn(join(folder, DATABASE_FILE));
  let changed = 0;
  for (const path of paths) {
    const room = mkdtempSync(join(folder, BACKUPS_FOLDER, '.forgets-'));
    try {
      unpackBackup(room, path);
      if (!(await forgetIn(room, here))) continue;
      const made = join(room, 'made.sqlite');
      makeBackup(room, made);
      const { atime, mtime } = statSync(path);
      copyFileSync(made, `${path}.part`);
      utimesSync(`${path}.part`, atime, mtime);
      putInPlace(`${path}.part`, path);
      changed += 1;
    } finally {
      rmSync(`${path}.part`, { force: true });
      rmSync(room, { recursive: true, force: true });
    }
  }
  return changed;
}

function childrenIn(file: string): ReadonlySet<string> {
  const database = new Database(file, { readonly: true });
  try {
    return new Set(database.prepare('SELECT id FROM children').pluck().all() as string[]);
  } finally {
    database.close();
  }
}

async function forgetIn(room: string, here: ReadonlySet<string>): Promise<boolean> {
  const storage = await openStorage(room);
  const keeper = await Keeper.open(storage.knex, {
    now: () => Date.now(),
    today: (book) => dateOf(book, null),
  });
  try {
    if (!keeper.book.homes[HOME_ID]) throw new Error('There is no home in this backup.');
    const gone = Object.values(keeper.book.children).filter(({ id }) => !here.has(id));
    for (const child of gone) await forget(keeper, child);
    return gone.length > 0;
  } finally {
    await keeper.settled();
    await keeper.close();
    await storage.close();
  }
}

async function forget(keeper: Keeper, { id, name, shownAs }: Child): Promise<void> {
  const words = [...new Set([name, shownAs])].filter((word) => word.length > 1);
  const asked = gestureSchema.parse({
    id: `forget-${randomUUID()}`,
    at: new Date().toISOString(),
    changes: [{ type: 'house/forget-child', childId: id, words }],
  });
  const answer = await keeper.keep(applyAsSeen(keeper.book, asked, KOBBY).gesture, KOBBY);
  if (answer.outcome === 'not-kept')
    throw new Error(`A child could not be forgotten: ${answer.problem.detail}`);
}
