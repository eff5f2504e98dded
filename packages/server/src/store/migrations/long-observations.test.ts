// The migration of what is watched: what was made from a pattern is known as that by its title, everything else stays.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, expect, test } from 'vitest';
import { connect } from '../database.ts';
import { up } from './0029-long-observations.ts';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'kobby-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

test('an observation is of the pattern that has its title, once; one of another title is of none', async () => {
  const knex = connect(join(folder, 'old.sqlite'));
  for (const table of ['watch_patterns', 'observations', 'sightings'])
    await knex.schema.createTable(table, (t) => {
      t.string('id').primary();
      t.string('title');
    });
  await knex('watch_patterns').insert([
    { id: 'cress', title: 'Cress' },
    { id: 'cress-too', title: 'Cress' },
    { id: 'salt', title: 'Salt' },
  ]);
  await knex('observations').insert([
    { id: 'a', title: 'Cress' },
    { id: 'b', title: 'A bean' },
  ]);
  await knex('sightings').insert({ id: 's' });
  await up(knex);
  const observations = await knex('observations').select().orderBy('id');
  const sightings = await knex('sightings').select();
  await knex.destroy();
  expect(observations).toMatchObject([
    {
      id: 'a',
      pattern_id: 'cress',
      living: 0,
      care: '',
      closed_days: '',
      plan_b: '',
      awaited: null,
      heads: null,
    },
    { id: 'b', pattern_id: null },
  ]);
  expect(sightings).toMatchObject([{ id: 's', lost: 0, set_free: 0 }]);
});
