import type { Knex } from 'knex';

/**
 * A special event is a bundle: activities stand in it at their time, and it says who comes, what is brought, and whether it fills its
 * day; a line may hold for some days, a home has skills in its own words, and a unit needs what somebody wrote on its list.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('events', (t) => {
    t.string('ends');
    t.boolean('fills').notNullable().defaultTo(false);
    for (const text of ['guests', 'invitation', 'brings', 'brings_else'])
      t.text(text).notNullable().defaultTo('');
  });
  await knex.raw(
    'ALTER TABLE placements ADD COLUMN event_id TEXT REFERENCES events(id) DEFERRABLE INITIALLY DEFERRED',
  );
  await knex.schema.alterTable('placements', (t) => {
    t.string('at_time');
    t.index(['event_id']);
  });
  await knex.schema.alterTable('units', (t) => {
    t.json('needs').notNullable().defaultTo('[]');
  });
  await knex.schema.alterTable('homes', (t) => {
    t.json('own_skills').notNullable().defaultTo('[]');
  });
  await knex.schema.alterTable('day_lines', (t) => {
    t.integer('to_day');
  });
}

/** Going back would lose what people wrote: the backup made before each migration is the way back. */
export async function down(): Promise<void> {
  throw new Error('restore the backup that was made before this migration');
}
