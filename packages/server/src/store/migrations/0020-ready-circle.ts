import type { Knex } from 'knex';

/** A ready-made unit has its circles, so that one that is given away has them. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('ready_units', (t) => {
    t.json('circle').notNullable().defaultTo('[]');
  });
}

/** Going back would lose what people wrote: the backup made before each migration is the way back. */
export async function down(): Promise<void> {
  throw new Error('restore the backup that was made before this migration');
}
