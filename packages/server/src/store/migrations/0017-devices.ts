import type { Knex } from 'knex';

/** Devices on which somebody got in: what a stranger guesses elsewhere does not lock them out. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('devices', (t) => {
    t.string('token_hash').primary();
    t.string('known_until').notNullable();
  });
}

/** Going back would lose what people wrote: the backup made before each migration is the way back. */
export async function down(): Promise<void> {
  throw new Error('restore the backup that was made before this migration');
}
