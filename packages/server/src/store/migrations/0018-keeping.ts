import type { Knex } from 'knex';

/** What is said of the folder itself, rows that could not be read, and what is still to be taken out of the journal. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('facts', (table) => {
    table.string('name').primary();
    table.string('text').notNullable();
  });
  await knex.schema.createTable('set_aside', (table) => {
    table.increments('number');
    table.string('kind').notNullable();
    table.string('entity_id').notNullable();
    table.text('row').notNullable();
    table.string('why').notNullable();
    table.string('at').notNullable();
  });
  await knex.schema.createTable('redactions', (table) => {
    table.increments('number');
    table.json('refs').notNullable();
    table.json('words').notNullable();
    table.integer('done_to').notNullable();
    table.integer('up_to').notNullable();
  });
}

/** Going back would lose what people wrote: the backup made before each migration is the way back. */
export async function down(): Promise<void> {
  throw new Error('restore the backup that was made before this migration');
}
