import type { Knex } from 'knex';

type Columns = (table: Knex.CreateTableBuilder) => void;

async function entityTable(knex: Knex, name: string, columns: Columns): Promise<void> {
  await knex.schema.createTable(name, (table) => {
    table.string('id').primary();
    table.integer('version').notNullable();
    columns(table);
  });
}

const ofUnit = (t: Knex.CreateTableBuilder): void => {
  t.string('unit_id').notNullable().references('id').inTable('units').index();
};

// Columns are only added: a table that is rebuilt would take the rows that refer to it along.
async function widenUnits(knex: Knex): Promise<void> {
  await knex.schema.alterTable('units', (t) => {
    t.text('about').notNullable().defaultTo('');
    for (const list of ['featured', 'words', 'book_ids', 'pictures'])
      t.json(list).notNullable().defaultTo('[]');
    t.integer('budget');
    t.json('targets').notNullable().defaultTo('{}');
  });
  await knex.schema.alterTable('placements', (t) => {
    t.string('where_kind').notNullable().defaultTo('corner');
    t.boolean('pinned').notNullable().defaultTo(false);
    t.json('choices').notNullable().defaultTo('[]');
    t.string('out_since');
  });
  await knex('placements').whereNull('corner_id').update({ where_kind: 'day' });
  // What stands in for something is written in the same step, in either order.
  for (const [column, table] of [
    ['child_id', 'children'],
    ['twin_of', 'placements'],
  ]) {
    await knex.raw(
      `ALTER TABLE placements ADD COLUMN ${column} TEXT REFERENCES ${table}(id) DEFERRABLE INITIALLY DEFERRED`,
    );
    await knex.schema.alterTable('placements', (t) => t.index([column!]));
  }
}

async function newTables(knex: Knex): Promise<void> {
  await entityTable(knex, 'ready_units', (t) => {
    t.string('title').notNullable();
    t.string('style').notNullable();
    t.text('about').notNullable();
    t.integer('day_count').notNullable();
    for (const list of [
      'featured',
      'words',
      'book_ids',
      'pictures',
      'things',
      'placements',
      'lines',
      'events',
    ])
      t.json(list).notNullable();
    t.boolean('retired').notNullable();
  });
  await entityTable(knex, 'things', (t) => {
    ofUnit(t);
    t.string('name').notNullable();
    for (const word of ['kind', 'place', 'colour', 'pair', 'first_sound', 'picture']) t.string(word);
    t.integer('rank');
    t.double('size_mm');
    t.json('parts').notNullable();
    t.string('order').notNullable();
  });
  await entityTable(knex, 'events', (t) => {
    ofUnit(t);
    t.string('title').notNullable();
    t.json('when').notNullable();
    t.json('plan').notNullable();
  });
  await entityTable(knex, 'day_lines', (t) => {
    ofUnit(t);
    t.string('kind').notNullable();
    t.integer('day');
    t.string('block_id');
    t.string('book_id').references('id').inTable('book_titles').index();
    t.text('words').notNullable();
    t.string('order').notNullable();
  });
  await entityTable(knex, 'omissions', (t) => {
    ofUnit(t);
    t.string('corner_id').notNullable().references('id').inTable('corners').index();
    t.string('why').notNullable();
  });
}

/** Planning a unit: its spark and things, the days' lines and events, bins, reserve and what stands in for what. */
export async function up(knex: Knex): Promise<void> {
  await widenUnits(knex);
  await newTables(knex);
}

/** Going back would lose what people wrote: the backup made before each migration is the way back. */
export async function down(): Promise<void> {
  throw new Error('restore the backup that was made before this migration');
}
