import type { Knex } from 'knex';

/** A table of entities: an id, a version, and the columns of its kind. */
export async function entityTable(
  knex: Knex,
  name: string,
  columns: (table: Knex.CreateTableBuilder) => void,
): Promise<void> {
  await knex.schema.createTable(name, (table) => {
    table.string('id').primary();
    table.integer('version').notNullable();
    columns(table);
  });
}

/** A column that refers to a row of another table. */
export const refers = (
  t: Knex.CreateTableBuilder,
  column: string,
  table: string,
): Knex.ReferencingColumnBuilder => t.string(column).references('id').inTable(table).index();
