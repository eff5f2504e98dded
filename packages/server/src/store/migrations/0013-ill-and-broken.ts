import type { Knex } from 'knex';

/** What is broken, who fell ill, where somebody sleeps, and how hot the tap gets. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('supplies', (t) => {
    t.string('broken');
  });
  await knex.schema.alterTable('arrivals', (t) => {
    t.boolean('ill').notNullable().defaultTo(false);
  });
  await knex.schema.alterTable('corners', (t) => {
    t.boolean('slept_in').notNullable().defaultTo(false);
  });
  await knex.schema.alterTable('homes', (t) => {
    t.double('tap_c');
  });
}

/** Going back would lose what people wrote: the backup made before each migration is the way back. */
export async function down(): Promise<void> {
  throw new Error('restore the backup that was made before this migration');
}
