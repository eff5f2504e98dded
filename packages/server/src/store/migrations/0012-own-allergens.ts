import type { Knex } from 'knex';

/** What a family names: allergens in its own words, with what somebody looked for in a supply and did not find; asthma. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('supplies', (t) => {
    t.json('free_of').notNullable().defaultTo('[]');
  });
  await knex.schema.alterTable('children', (t) => {
    t.json('asthma').notNullable().defaultTo('null');
  });
}

/** Going back would lose what people wrote: the backup made before each migration is the way back. */
export async function down(): Promise<void> {
  throw new Error('restore the backup that was made before this migration');
}
