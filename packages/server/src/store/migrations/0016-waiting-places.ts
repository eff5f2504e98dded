import type { Knex } from 'knex';

/** In which place of the home what a recipe makes waits. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('recipes', (t) => {
    t.string('waits_in');
  });
}

/** Going back would lose what people wrote: the backup made before each migration is the way back. */
export async function down(): Promise<void> {
  throw new Error('restore the backup that was made before this migration');
}
