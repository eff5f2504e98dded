// The migration that gives songs other shapes: every song that a home had is sung as before.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { sing, WHOLE, type Song } from '@kobby/core';
import { afterEach, beforeEach, expect, test } from 'vitest';
import { DATABASE_FILE } from '../../backups/places.ts';
import { startTestServer } from '../../testing/server.ts';
import { loadBook } from '../book-store.ts';
import { connect, openStorage } from '../database.ts';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'kobby-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

const THINGS = { what: ['tram', 'umbrella', 'owl'], who: ['Bo', 'Ilse'], colour: ['red'] };
const sung = (song: Song) =>
  [null, 1, 2].map((count) =>
    sing(song, THINGS, { ...WHOLE, count }).map(({ lines }) => lines.map(({ text }) => text)),
  );

test('of the demo home: what it had is sung the same, and an ending that was never sung is kept in the notes', async () => {
  const server = await startTestServer({ folder });
  const { book } = server.app.services.keeper;
  await server.stop({ keepFolder: true });
  const old = Object.values(book.songs).filter(
    ({ opening, refrain, lists, wordsFrom, rule, whole }) =>
      opening + refrain === '' &&
      lists.length === 0 &&
      !wordsFrom.own &&
      wordsFrom.role === null &&
      (rule.kind !== 'as-written' || whole),
  );
  const knex = connect(join(folder, DATABASE_FILE));
  const written = old.find(({ rule }) => rule.kind === 'as-written')!;
  await knex('songs').where({ id: written.id }).update({ ending: 'Once more!' });
  for (const column of ['words_from', 'lists', 'opening', 'refrain', 'whole', 'link'])
    await knex.raw(`ALTER TABLE songs DROP COLUMN ${column}`);
  await knex('knex_migrations').where({ name: '0026-songs' }).delete();
  await knex.destroy();

  const storage = await openStorage(folder);
  const now = await loadBook(storage.knex);
  await storage.close();
  expect(old.length).toBeGreaterThan(40);
  for (const song of old) expect([song.id, sung(now.songs[song.id]!)]).toEqual([song.id, sung(song)]);
  for (const song of old.filter(({ id }) => id !== written.id)) expect(now.songs[song.id]).toEqual(song);
  expect(now.songs[written.id]).toMatchObject({
    ending: '',
    notes: expect.stringContaining('Ending: Once more!'),
  });
});
