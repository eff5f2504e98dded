import type { Knex } from 'knex';

/** A recipe has variants: a part of an ingredient is another one, and what else changes then. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('recipes', (t) => {
    t.json('variants').notNullable().defaultTo('[]');
  });
}

/** Going back would lose what people wrote: the backup made before each migration is the way back. */
export async function down(): Promise<void> {
  throw new Error('restore the backup that was made before this migration');
}
