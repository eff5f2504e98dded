// The migration by which pictures are chosen, and what was written under “Picture” becomes a column of the home's own.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
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

test('keeps what was written of pictures, and shows by pictures what came with Kobby', async () => {
  const server = await startTestServer({ folder });
  const { book } = server.app.services.keeper;
  await server.stop({ keepFolder: true });
  const knex = connect(join(folder, DATABASE_FILE));
  const [first, second, ...others] = Object.keys(book.things);
  const write = (id: string, picture: string, guessed: readonly string[]) =>
    knex('things')
      .where({ id })
      .update({ picture, guessed: JSON.stringify(guessed) });
  await knex('things').update({ picture: null });
  await write(first!, 'photo of our own kite', ['kind']);
  await write(second!, 'reel', ['picture', 'kind']);
  const ready = Object.values(book.readyUnits)[0]!;
  await knex('ready_units')
    .where({ id: ready.id })
    .update({
      things: JSON.stringify(
        ready.things.map(({ further: _f, series: _s, supplyId: _i, ...thing }) => ({
          ...thing,
          picture: 'photo of it',
        })),
      ),
    });
  for (const row of (await knex('activities').select('id', 'content')) as { id: string; content: string }[]) {
    const { picture: _, ...content } = JSON.parse(row.content) as { picture: unknown };
    await knex('activities')
      .where({ id: row.id })
      .update({ content: JSON.stringify(content) });
  }
  await knex.raw('DROP INDEX things_supply_id_index');
  for (const column of ['series', 'further', 'supply_id'])
    await knex.raw(`ALTER TABLE things DROP COLUMN ${column}`);
  await knex.raw('ALTER TABLE supplies DROP COLUMN picture');
  await knex.schema.dropTable('thing_lists');
  await knex('knex_migrations').where({ name: '0025-pictures' }).delete();
  await knex.destroy();

  const storage = await openStorage(folder);
  const now = await loadBook(storage.knex);
  await storage.close();
  const own = [{ column: 'Picture', value: 'photo of our own kite' }];
  expect(now.things[first!]).toMatchObject({ picture: null, further: own, guessed: ['kind'] });
  expect(now.things[second!]).toMatchObject({ picture: null, further: [], guessed: ['kind'] });
  for (const id of others) expect(now.things[id]).toEqual(book.things[id]);
  expect(now.readyUnits[ready.id]!.things[0]!.further).toEqual([{ column: 'Picture', value: 'photo of it' }]);
  expect(now.activities).toEqual(book.activities);
  expect(now.supplies).toEqual(book.supplies);
});
