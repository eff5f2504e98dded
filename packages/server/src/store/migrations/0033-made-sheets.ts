import type { Knex } from 'knex';

/** Sheets that the print shop made know how they are made again. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('sheets', (t) => {
    t.json('made').notNullable().defaultTo('null');
  });
}

/** Going back would lose what people wrote: the backup made before each migration is the way back. */
export async function down(): Promise<void> {
  throw new Error('restore the backup that was made before this migration');
}
