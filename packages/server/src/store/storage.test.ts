import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { KINDS, referencesOf } from '@kobby/core';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { startTestServer } from '../testing/server.ts';
import { loadBook } from './book-store.ts';
import { codecOf } from './codecs.ts';
import { connect, DATABASE_FILE, openStorage, STORAGE_SETTINGS } from './database.ts';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'kobby-store-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

test('the storage settings read back as they were set', async () => {
  const { knex, close } = await openStorage(folder);
  for (const [name, value] of Object.entries(STORAGE_SETTINGS)) {
    const [row] = await knex.raw(`PRAGMA ${name}`);
    expect([name, Object.values(row)[0]]).toEqual([name, value]);
  }
  await close();
});

test('a second process on the same folder is refused, and may come when the first has gone', async () => {
  const first = await openStorage(folder);
  await expect(openStorage(folder)).rejects.toThrow('already running');
  await first.close();
  const second = await openStorage(folder);
  await second.close();
});

test('what was kept is there after a restart', async () => {
  const server = await startTestServer({ folder });
  const mara = await server.provider();
  await mara.send([
    {
      type: 'unit/start',
      unit: { id: 'paper', title: 'Paper', style: 'letter', start: '2027-04-05', dayCount: 5 },
    },
  ]);
  const { book, seq } = server.app.services.keeper;
  await server.stop({ keepFolder: true });
  const again = await startTestServer({ folder });
  expect(again.app.services.keeper.book).toEqual(book);
  expect(again.app.services.keeper.seq).toBe(seq);
  expect((await (await again.provider()).ask('GET', '/api/book')).body.history).toHaveLength(1);
  await again.stop();
});

test('a damaged row is named', async () => {
  const server = await startTestServer({ folder });
  await server.stop({ keepFolder: true });
  const knex = connect(join(folder, DATABASE_FILE));
  await knex('units').where({ id: 'unit-kites' }).update({ start: 'someday' });
  await expect(loadBook(knex)).rejects.toThrow('table units, row unit-kites is damaged');
  await knex.destroy();
});

describe('migrations', () => {
  test('run on a filled folder change nothing and leave no backup behind', async () => {
    const server = await startTestServer({ folder });
    const { book } = server.app.services.keeper;
    await server.stop({ keepFolder: true });
    const { knex, close } = await openStorage(folder);
    expect(await loadBook(knex)).toEqual(book);
    await close();
    expect(readdirSync(folder).filter((name) => name.startsWith('before-migration'))).toEqual([]);
  });

  test('mirror the references of the book with foreign keys', async () => {
    const server = await startTestServer({ folder });
    const { knex, keeper } = server.app.services;
    for (const kind of KINDS) {
      const { table } = codecOf(kind);
      const keys = (await knex.raw(`PRAGMA foreign_key_list(${table})`)) as { table: string; from: string }[];
      const declared = new Set(keys.map((key) => key.table));
      for (const entity of Object.values(keeper.book[kind])) {
        // What stands inside a JSON column is the core's to check.
        const joined = referencesOf(kind, entity as never).filter(
          ({ path }) => path.length === 1 || path[0] === 'where',
        );
        for (const { target } of joined)
          expect([kind, [...declared]]).toEqual([kind, expect.arrayContaining([codecOf(target.kind).table])]);
      }
    }
    await server.stop();
  });
});
