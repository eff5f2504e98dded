import type { Knex } from 'knex';

/** A record may say how many minutes a turn took, a task how many it took; a home may begin to count them anew. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('records', (t) => {
    t.integer('turn_took');
  });
  await knex.schema.alterTable('prep_marks', (t) => {
    t.json('took').notNullable().defaultTo('null');
  });
  await knex.schema.alterTable('homes', (t) => {
    t.string('turns_since');
  });
}

/** Going back would lose what people wrote: the backup made before each migration is the way back. */
export async function down(): Promise<void> {
  throw new Error('restore the backup that was made before this migration');
}
