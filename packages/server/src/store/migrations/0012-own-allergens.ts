import type { Knex } from 'knex';

/** Allergens that a family names in its own words: what somebody looked for in a supply and did not find. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('supplies', (t) => {
    t.json('free_of').notNullable().defaultTo('[]');
  });
}

/** Going back would lose what people wrote: the backup made before each migration is the way back. */
export async function down(): Promise<void> {
  throw new Error('restore the backup that was made before this migration');
}
