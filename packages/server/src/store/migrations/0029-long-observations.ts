import type { Knex } from 'knex';

/**
 * What is watched may be alive, be looked after on closed days, come later or by post, have a plan B, and teach how long its kind takes
 * here. What was watched before is known by its title as made from a pattern.
 */
export async function up(knex: Knex): Promise<void> {
  for (const table of ['watch_patterns', 'observations']) {
    await knex.schema.alterTable(table, (t) => {
      t.boolean('living').notNullable().defaultTo(false);
      for (const text of ['care', 'closed_days', 'plan_b']) t.text(text).notNullable().defaultTo('');
    });
  }
  await knex.raw(
    'ALTER TABLE observations ADD COLUMN pattern_id TEXT REFERENCES watch_patterns(id) DEFERRABLE INITIALLY DEFERRED',
  );
  await knex.schema.alterTable('observations', (t) => {
    t.json('awaited');
    t.integer('heads');
    t.index(['pattern_id']);
  });
  await knex.schema.alterTable('sightings', (t) => {
    t.integer('lost').notNullable().defaultTo(0);
    t.integer('set_free').notNullable().defaultTo(0);
  });
  await knex.raw(
    'UPDATE observations SET pattern_id = (SELECT id FROM watch_patterns WHERE watch_patterns.title = observations.title ORDER BY id LIMIT 1)',
  );
}

/** Going back would lose what people wrote: the backup made before each migration is the way back. */
export async function down(): Promise<void> {
  throw new Error('restore the backup that was made before this migration');
}
