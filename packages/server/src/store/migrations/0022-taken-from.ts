import type { Knex } from 'knex';

/** What a supply that was begun from a line was taken from, until somebody looks at it. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('supplies', (t) => {
    t.string('taken_from');
  });
}

/** Going back would lose what people wrote: the backup made before each migration is the way back. */
export async function down(): Promise<void> {
  throw new Error('restore the backup that was made before this migration');
}
