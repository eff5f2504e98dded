// Killed at any moment, a folder is what it was or what it was to become, and never between.
import { fork } from 'node:child_process';
import { cpSync, existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { plainDay, type Book } from '@kobby/core';
import { afterAll, beforeAll, describe, expect, inject, test } from 'vitest';
import { seeded } from '../../../core/src/testing/problems.ts';
import { Keeper } from '../keeper.ts';
import { connect, openStorage } from '../store/database.ts';
import { writeHomeZip } from './home-zip.ts';
import { makeBackup, refuseUnsound } from './make.ts';
import { DATABASE_FILE } from './places.ts';

const KILLS = process.env.KOBBY_DEEP ? 20 : 2;

let room: string;
let before: Book;
let changed: Book;
beforeAll(async () => {
  room = mkdtempSync(join(tmpdir(), 'kobby-kills-'));
  const other = join(room, 'other');
  cpSync(inject('demoFolder'), other, { recursive: true });
  before = await bookIn(other);
  const knex = connect(join(other, DATABASE_FILE));
  await knex('wishes').delete();
  await knex('supplies').limit(1).update({ version: 99 });
  await knex.destroy();
  changed = await bookIn(other);
  makeBackup(other, join(room, 'backup.sqlite'));
  await writeHomeZip(other, join(room, 'home.zip'));
});
afterAll(() => rmSync(room, { recursive: true, force: true }));

/** The home as it opens, with all that is left to do done. */
async function bookIn(folder: string): Promise<Book> {
  const storage = await openStorage(folder);
  const clocks = { now: () => Date.now(), today: () => plainDay('2027-03-11') };
  const keeper = await Keeper.open(storage.knex, clocks);
  await keeper.settled();
  const { book } = keeper;
  await keeper.close();
  await storage.close();
  return book;
}

/** Does something in a process of its own; killed after some milliseconds, or not at all. How long it took comes back. */
function doing(what: string, folder: string, other: string, killAfterMs: number | null): Promise<number> {
  return new Promise((ended) => {
    const child = fork(inject('killed'), [what, folder, other], {
      stdio: ['ignore', 'ignore', 'ignore', 'ipc'],
    });
    let began = 0;
    child.on('message', (said) => {
      if (said !== 'begins') return;
      began = performance.now();
      if (killAfterMs !== null) setTimeout(() => child.kill('SIGKILL'), killAfterMs);
    });
    child.once('exit', () => ended(performance.now() - began));
  });
}

describe.each<[string, () => string, (folder: string) => Promise<void>]>([
  [
    'backup',
    () => '',
    async (folder) => {
      const made = join(folder, 'backups/asked-x.sqlite');
      if (existsSync(made)) refuseUnsound(made);
      expect(await bookIn(folder)).toEqual(before);
    },
  ],
  [
    'restore',
    () => join(room, 'backup.sqlite'),
    async (folder) => {
      const book = await bookIn(folder);
      expect(Object.keys(book.wishes).length === 0 ? changed : before).toEqual(book);
    },
  ],
  ['migration', () => '', async (folder) => expect(await bookIn(folder)).toEqual(before)],
  [
    'import',
    () => join(room, 'home.zip'),
    async (folder) => {
      const made = join(folder, 'backups/brought-x.sqlite');
      if (existsSync(made)) refuseUnsound(made);
      expect(await bookIn(folder)).toEqual(before);
    },
  ],
  [
    'forgetting',
    () => Object.keys(before.children)[0]!,
    async (folder) => {
      const [child] = Object.values(before.children);
      const book = await bookIn(folder);
      if (book.children[child!.id]) return expect(book).toEqual(before);
      const knex = connect(join(folder, DATABASE_FILE));
      const texts = JSON.stringify(await knex('journal').select('gesture', 'inverse', 'label'));
      await knex.destroy();
      expect(texts).not.toContain(child!.name);
      expect(JSON.stringify(book)).not.toContain(child!.name);
    },
  ],
])('killed in the middle of: %s', (what, other, look) => {
  test('the folder is the old one or the new one', async () => {
    const random = seeded(7 + what.length);
    const fresh = async (): Promise<string> => {
      const folder = mkdtempSync(join(room, 'home-'));
      cpSync(inject('demoFolder'), folder, { recursive: true });
      if (what !== 'migration') return folder;
      const knex = connect(join(folder, DATABASE_FILE));
      await knex('knex_migrations').where({ name: '0015-order-keys' }).delete();
      await knex.destroy();
      return folder;
    };
    const whole = await fresh();
    const longest = await doing(what, whole, other(), null);
    await look(whole);
    for (let i = 0; i < KILLS; i += 1) {
      const folder = await fresh();
      await doing(what, folder, other(), random() * longest);
      await look(folder);
      rmSync(folder, { recursive: true, force: true });
    }
  });
});
