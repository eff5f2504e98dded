import type { Knex } from 'knex';

type Columns = (table: Knex.CreateTableBuilder) => void;

async function entityTable(knex: Knex, name: string, columns: Columns): Promise<void> {
  await knex.schema.createTable(name, (table) => {
    table.string('id').primary();
    table.integer('version').notNullable();
    columns(table);
  });
}

const refers = (t: Knex.CreateTableBuilder, column: string, table: string) =>
  t.string(column).references('id').inTable(table).index();

// Columns are only added: a table that is rebuilt would take the rows that refer to it along.
async function widen(knex: Knex): Promise<void> {
  await knex.schema.alterTable('recipes', (t) => {
    t.double('part_ml');
    t.integer('repeats').notNullable().defaultTo(1);
    t.text('shows').notNullable().defaultTo('');
  });
  await knex.schema.alterTable('supplies', (t) => t.json('inside').notNullable().defaultTo('null'));
  await knex.schema.alterTable('placements', (t) => t.json('bin').notNullable().defaultTo('null'));
  await knex.schema.alterTable('stock_moves', (t) => {
    t.integer('paid');
    t.string('for_unit');
  });
  await knex.schema.alterTable('sheets', (t) => {
    t.integer('cards_per_page').notNullable().defaultTo(0);
    t.integer('cut_at_once').notNullable().defaultTo(1);
  });
}

/** The kitchen and gathering: portions, tubs, errands, what was got and used, batches and timers. */
export async function up(knex: Knex): Promise<void> {
  await widen(knex);
  await entityTable(knex, 'errands', (t) => {
    refers(t, 'unit_id', 'units').notNullable();
    refers(t, 'supply_id', 'supplies').notNullable();
    for (const word of ['basket', 'from', 'asked_on', 'back_by']) t.string(word);
    t.json('amount').notNullable();
    t.text('note').notNullable();
    t.string('by').notNullable();
    t.string('at').notNullable();
  });
  await entityTable(knex, 'pickups', (t) => {
    refers(t, 'unit_id', 'units').notNullable();
    refers(t, 'supply_id', 'supplies').notNullable();
    t.string('by').notNullable();
    t.string('at').notNullable();
  });
  await entityTable(knex, 'used_days', (t) => {
    refers(t, 'unit_id', 'units').notNullable();
    t.integer('day').notNullable();
  });
  await entityTable(knex, 'batches', (t) => {
    refers(t, 'recipe_id', 'recipes').notNullable();
    t.string('made_on').notNullable();
    t.double('amount').notNullable();
    t.string('unit').notNullable();
    t.string('label');
    t.text('kept_how').notNullable();
    t.string('found');
    t.text('note').notNullable();
    t.string('ill_since');
    t.string('gone_on');
    t.json('without').notNullable();
    t.json('own').notNullable();
    t.boolean('trial').notNullable();
  });
  await entityTable(knex, 'timers', (t) => {
    t.string('label').notNullable();
    t.string('started_at').notNullable();
    t.string('ends_at').notNullable();
    refers(t, 'recipe_id', 'recipes');
  });
}

/** Going back would lose what people wrote: the backup made before each migration is the way back. */
export async function down(): Promise<void> {
  throw new Error('restore the backup that was made before this migration');
}
