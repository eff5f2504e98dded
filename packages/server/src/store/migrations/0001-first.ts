import type { Knex } from 'knex';

type Columns = (table: Knex.CreateTableBuilder) => void;

// Every entity of the book has a table of its own with its id and its version.
async function entityTable(knex: Knex, name: string, columns: Columns): Promise<void> {
  await knex.schema.createTable(name, (table) => {
    table.string('id').primary();
    table.integer('version').notNullable();
    columns(table);
  });
}

async function houseTables(knex: Knex): Promise<void> {
  await entityTable(knex, 'homes', (t) => {
    t.string('name').notNullable();
    t.string('zone').notNullable();
    t.json('working_weekdays').notNullable();
    t.json('parts').notNullable();
    t.json('blocks').notNullable();
    t.string('emergency_number');
    t.string('poison_centre_number');
  });
  await entityTable(knex, 'people', (t) => {
    t.string('name').notNullable();
    t.string('role').notNullable();
  });
  await entityTable(knex, 'children', (t) => {
    t.string('name').notNullable();
    t.string('shown_as').notNullable();
    t.string('birth').notNullable();
    t.json('attendance').notNullable();
    t.json('allergies').notNullable();
    t.boolean('mouths_things').notNullable();
  });
  await entityTable(knex, 'absences', (t) => {
    t.string('child_id').notNullable().references('id').inTable('children').index();
    t.string('from').notNullable();
    t.string('to').notNullable();
  });
  await entityTable(knex, 'corners', (t) => {
    t.string('name').notNullable();
    t.string('kind').notNullable();
    t.boolean('outdoors').notNullable();
    t.integer('places').notNullable();
    t.boolean('expected').notNullable();
    t.string('order').notNullable();
  });
  await entityTable(knex, 'closures', (t) => {
    t.string('from').notNullable();
    t.string('to').notNullable();
    t.string('why').notNullable();
  });
}

async function cupboardAndLibraryTables(knex: Knex): Promise<void> {
  await entityTable(knex, 'supplies', (t) => {
    t.string('name').notNullable();
    t.string('unit').notNullable();
    t.string('use').notNullable();
    t.string('kept_in');
    t.json('allergens').notNullable();
  });
  await entityTable(knex, 'stock_moves', (t) => {
    t.string('supply_id').notNullable().references('id').inTable('supplies').index();
    t.string('kind').notNullable();
    t.double('amount').notNullable();
    t.string('at').notNullable();
  });
  await entityTable(knex, 'activities', (t) => {
    t.json('content').notNullable();
  });
}

async function unitTables(knex: Knex): Promise<void> {
  await entityTable(knex, 'units', (t) => {
    t.string('title').notNullable();
    t.string('style').notNullable();
    t.string('start').notNullable();
    t.integer('day_count').notNullable();
  });
  await entityTable(knex, 'placements', (t) => {
    t.string('unit_id').notNullable().references('id').inTable('units').index();
    t.string('origin_id').notNullable().references('id').inTable('activities').index();
    t.integer('origin_version').notNullable();
    t.json('content').notNullable();
    t.string('corner_id').references('id').inTable('corners').index();
    t.integer('from_day').notNullable();
    t.integer('to_day').notNullable();
    t.string('block_id');
  });
  await entityTable(knex, 'ticks', (t) => {
    t.string('placement_id').notNullable().references('id').inTable('placements').index();
    t.integer('day').notNullable();
    t.string('supply_id').references('id').inTable('supplies').index();
    t.string('by').notNullable();
    t.string('at').notNullable();
  });
  await entityTable(knex, 'shares', (t) => {
    t.string('unit_id').notNullable().references('id').inTable('units').index();
    t.string('label').notNullable();
    t.integer('from_day').notNullable();
    t.integer('to_day').notNullable();
    t.string('last_date');
    t.string('revoked_at');
  });
}

async function journalAndAccessTables(knex: Knex): Promise<void> {
  await knex.schema.createTable('journal', (t) => {
    t.increments('seq');
    t.string('gesture_id').notNullable().unique();
    t.string('body_hash').notNullable();
    t.string('actor_kind').notNullable();
    t.string('actor_id').notNullable().index();
    t.string('actor_name').notNullable();
    t.string('label').notNullable();
    t.json('gesture').notNullable();
    t.json('touched').notNullable();
    t.json('inverse');
    t.string('kept_at').notNullable();
  });
  await knex.schema.createTable('credentials', (t) => {
    t.string('person_id').primary().references('id').inTable('people');
    t.string('pass_phrase_hash').notNullable();
  });
  await knex.schema.createTable('sessions', (t) => {
    t.string('token_hash').primary();
    t.string('person_id').notNullable().references('id').inTable('people').index();
    t.string('expires_at').notNullable();
  });
  await knex.schema.createTable('share_secrets', (t) => {
    t.string('share_id').primary().references('id').inTable('shares');
    t.string('secret_hash').notNullable();
  });
  await knex.schema.createTable('share_sessions', (t) => {
    t.string('token_hash').primary();
    t.string('share_id').notNullable().references('id').inTable('shares').index();
  });
}

/** The first tables: one for each kind of entity, the journal, and who may enter. */
export async function up(knex: Knex): Promise<void> {
  await houseTables(knex);
  await cupboardAndLibraryTables(knex);
  await unitTables(knex);
  await journalAndAccessTables(knex);
}

/** Going back would lose what people wrote: the backup made before each migration is the way back. */
export async function down(): Promise<void> {
  throw new Error('restore the backup that was made before this migration');
}
