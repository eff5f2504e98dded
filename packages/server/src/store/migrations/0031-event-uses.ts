import type { Knex } from 'knex';

/** A special event says what it uses that is made in the plan: lanterns, a banner. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('events', (t) => {
    t.json('uses').notNullable().defaultTo('[]');
  });
}

/** Going back would lose what people wrote: the backup made before each migration is the way back. */
export async function down(): Promise<void> {
  throw new Error('restore the backup that was made before this migration');
}
