import type { Knex } from 'knex';

/** Something placed may be about one of the theme's things by itself. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('placements', (t) => {
    t.string('about_id');
  });
}

/** Going back would lose what people wrote: the backup made before each migration is the way back. */
export async function down(): Promise<void> {
  throw new Error('restore the backup that was made before this migration');
}
