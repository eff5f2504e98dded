// The migration that parts a placed copy into what the library says, what fills its slots, and what was written over.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { placementAt, unfilledContent, type Book, type PlacedCopy } from '@kobby/core';
import type { Knex } from 'knex';
import { afterEach, beforeEach, expect, test } from 'vitest';
import { DATABASE_FILE } from '../../backups/places.ts';
import { startTestServer } from '../../testing/server.ts';
import { loadBook } from '../book-store.ts';
import { connect, openStorage } from '../database.ts';
import { up } from './0021-placed-copies.ts';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'kobby-copies-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

/** The demo home's database as it was before: one content for each that is placed, filled in. */
async function before(knex: Knex, book: Book): Promise<void> {
  await knex.raw('PRAGMA foreign_keys = OFF');
  await knex.raw('ALTER TABLE placements RENAME COLUMN base TO content');
  for (const id of Object.keys(book.placements))
    await knex('placements')
      .where({ id })
      .update({ content: JSON.stringify(filledThen(book.placements[id]!)) });
  await knex.raw('ALTER TABLE placements DROP COLUMN slots');
  await knex.raw('ALTER TABLE placements DROP COLUMN over');
  await knex('knex_migrations').where({ name: '0021-placed-copies' }).delete();
}

// As slots were filled then: with the words that somebody gave, just as they were given.
function filledThen(copy: PlacedCopy): unknown {
  const { slots, ...content } = unfilledContent(copy);
  const text = Object.entries(copy.slots).reduce(
    (said, [id, words]) => said.replaceAll(`{${id}}`, words),
    JSON.stringify(content),
  );
  return { ...(JSON.parse(text) as object), slots: slots.filter(({ id }) => !(id in copy.slots)) };
}

test('of the demo home reads as before, and has its slots back', async () => {
  const server = await startTestServer({ folder });
  const { book } = server.app.services.keeper;
  await server.stop({ keepFolder: true });
  const knex = connect(join(folder, DATABASE_FILE));
  await before(knex, book);
  const rows = await knex('placements').count({ n: '*' }).first();
  await knex.destroy();
  const storage = await openStorage(folder);
  const now = await loadBook(storage.knex);
  expect(rows!.n).toBe(Object.keys(book.placements).length);
  for (const id of Object.keys(book.placements)) {
    expect(placementAt(now, id)!.content).toEqual(placementAt(book, id)!.content);
    // A word that stands for two slots in one text cannot be told apart; all others are found.
    expect(Object.keys(now.placements[id]!.slots).length).toBe(
      Object.keys(book.placements[id]!.slots).length,
    );
  }
  expect(now.records).toEqual(book.records);
  expect(Object.values(now.placements).some(({ slots }) => Object.keys(slots).length > 0)).toBe(true);
  expect(await storage.knex.raw('PRAGMA foreign_key_check')).toEqual([]);
  expect(await storage.knex.raw('PRAGMA foreign_keys')).toEqual([{ foreign_keys: 1 }]);
  // Run once more, as after a kill before it was written down that it ran, it does nothing.
  await up(storage.knex);
  expect(await loadBook(storage.knex)).toEqual(now);
  await storage.close();
});
