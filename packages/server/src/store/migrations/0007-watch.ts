import type { Knex } from 'knex';
import { entityTable, refers } from './tables.ts';

/** Long observations: patterns, what is watched, and what was seen of it. */
export async function up(knex: Knex): Promise<void> {
  await entityTable(knex, 'watch_patterns', (t) => {
    t.string('title').notNullable();
    t.text('about').notNullable();
    t.json('measures').notNullable();
    t.json('stages').notNullable();
    t.boolean('retired').notNullable();
  });
  await entityTable(knex, 'observations', (t) => {
    refers(t, 'unit_id', 'units').notNullable();
    t.string('title').notNullable();
    t.text('about').notNullable();
    t.json('measures').notNullable();
    t.json('stages').notNullable();
    t.string('started_on').notNullable();
    t.string('kept_in');
    t.string('ended_on');
  });
  await entityTable(knex, 'sightings', (t) => {
    refers(t, 'observation_id', 'observations').notNullable();
    t.string('on').notNullable();
    t.string('stage_id');
    t.text('seen').notNullable();
    t.json('measured').notNullable();
    t.string('by').notNullable();
    t.string('at').notNullable();
  });
}

/** Going back would lose what people wrote: the backup made before each migration is the way back. */
export async function down(): Promise<void> {
  throw new Error('restore the backup that was made before this migration');
}
