import type { Knex } from 'knex';

/** Cautions: who stays with something, what a recipe makes, and findings that are kept as they are, with the reason. */
export async function up(knex: Knex): Promise<void> {
  // Columns are only added: a table that is rebuilt would take the rows that refer to it along.
  await knex.raw(
    'ALTER TABLE placements ADD COLUMN lead_id TEXT REFERENCES people(id) DEFERRABLE INITIALLY DEFERRED',
  );
  await knex.raw(
    'ALTER TABLE recipes ADD COLUMN makes_id TEXT REFERENCES supplies(id) DEFERRABLE INITIALLY DEFERRED',
  );
  await knex.schema.alterTable('placements', (t) => t.index(['lead_id']));
  await knex.schema.alterTable('recipes', (t) => t.index(['makes_id']));
  await knex.schema.createTable('keepings', (t) => {
    t.string('id').primary();
    t.integer('version').notNullable();
    t.string('unit_id').notNullable().references('id').inTable('units').index();
    t.string('key').notNullable();
    t.string('facts').notNullable();
    t.text('why').notNullable();
    t.string('by').notNullable();
    t.string('at').notNullable();
  });
}

/** Going back would lose what people wrote: the backup made before each migration is the way back. */
export async function down(): Promise<void> {
  throw new Error('restore the backup that was made before this migration');
}
