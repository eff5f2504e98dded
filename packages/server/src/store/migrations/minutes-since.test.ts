// A home that began to count its minutes anew before preparation was counted with them keeps the moment.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { homeOf } from '@kobby/core';
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

test.each([{ calledThen: 'turns_since' }, { calledThen: 'minutes_since' }])(
  'since when minutes are counted is kept by a home that called it $calledThen',
  async ({ calledThen }) => {
    const server = await startTestServer({ folder });
    await server.stop({ keepFolder: true });
    const knex = connect(join(folder, DATABASE_FILE));
    const at = '2027-03-05T18:00:00.000Z';
    await knex.raw('ALTER TABLE homes RENAME COLUMN minutes_since TO ??', [calledThen]);
    await knex('homes').update({ [calledThen]: at });
    await knex('knex_migrations').where({ name: '0035-minutes-since' }).delete();
    await knex.destroy();

    const storage = await openStorage(folder);
    expect(homeOf(await loadBook(storage.knex)).minutesSince).toBe(at);
    await storage.close();
  },
);
