// The migration that lets members of a theme say how they are spoken, and patterns what they take of them.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { ActivityContent } from '@kobby/core';
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

// As contents were before: no slot said what it takes, no entry to which themes it belongs.
function asBefore(text: string): string {
  const content = JSON.parse(text) as Partial<ActivityContent>;
  const slots = (content.slots ?? []).map(({ id, asks, kind }) => ({ id, asks, kind }));
  const { themes: _, ...rest } = content;
  return JSON.stringify({ ...rest, slots });
}

test('of the demo home keeps its things, and says of what came with Kobby what it takes and where it belongs', async () => {
  const server = await startTestServer({ folder });
  const { book } = server.app.services.keeper;
  await server.stop({ keepFolder: true });
  const knex = connect(join(folder, DATABASE_FILE));
  for (const [table, column] of [
    ['activities', 'content'],
    ['placements', 'base'],
  ] as const)
    for (const row of (await knex(table).select('id', column)) as Record<string, string>[])
      await knex(table)
        .where({ id: row.id })
        .update({ [column]: asBefore(row[column]!) });
  for (const column of ['role', 'spoken', 'many', 'syllables', 'rhymes', 'guessed'])
    await knex.raw(`ALTER TABLE things DROP COLUMN ${column}`);
  await knex('knex_migrations').where({ name: '0024-spoken-things' }).delete();
  await knex.destroy();

  const storage = await openStorage(folder);
  const now = await loadBook(storage.knex);
  await storage.close();
  expect(now.things).toEqual(book.things);
  for (const { id, content } of Object.values(book.activities)) {
    expect(now.activities[id]!.content.themes, id).toEqual(content.themes);
    for (const slot of content.slots.filter((one) => one.id === 'things'))
      expect(now.activities[id]!.content.slots.find((one) => one.id === slot.id)!.takes).toBe('many');
  }
});
