import type { Knex } from 'knex';

type Columns = (table: Knex.CreateTableBuilder) => void;

async function entityTable(knex: Knex, name: string, columns: Columns): Promise<void> {
  await knex.schema.createTable(name, (table) => {
    table.string('id').primary();
    table.integer('version').notNullable();
    columns(table);
  });
}

const RATIO = JSON.stringify({ counting: 'youngest', bands: [], largestGroup: null, young: null, text: '' });

// Columns are only added here: a table that is rebuilt would take the rows that refer to it along.
async function widenTheHouse(knex: Knex): Promise<void> {
  await knex.schema.alterTable('homes', (t) => {
    t.string('units').notNullable().defaultTo('metric');
    t.string('currency').notNullable().defaultTo('USD');
    t.string('lens').notNullable().defaultTo('corners');
    t.json('own_headings').notNullable().defaultTo('[]');
    t.string('pictures').notNullable().defaultTo('any');
    t.text('bin_rule').notNullable().defaultTo('');
    t.json('prep_slots').notNullable().defaultTo('[]');
    t.json('waiting_places').notNullable().defaultTo('[]');
    t.json('recorded_limits').notNullable().defaultTo('[]');
    t.json('ratio').notNullable().defaultTo(RATIO);
    t.json('values').notNullable().defaultTo('{}');
  });
  await knex.schema.alterTable('people', (t) => {
    t.json('work').notNullable().defaultTo('{}');
    t.json('may_lead').notNullable().defaultTo('[]');
    t.boolean('retired').notNullable().defaultTo(false);
  });
  await knex.schema.alterTable('children', (t) => {
    t.string('started_on');
    t.string('left_on');
    t.boolean('knows_bins').notNullable().defaultTo(false);
    t.json('rungs').notNullable().defaultTo('{}');
    t.json('likes').notNullable().defaultTo('[]');
    t.json('wont_touch').notNullable().defaultTo('[]');
    t.json('helps').notNullable().defaultTo('[]');
    t.text('notes').notNullable().defaultTo('');
  });
  await knex.schema.alterTable('absences', (t) => t.json('parts').notNullable().defaultTo('[]'));
  await entityTable(knex, 'extras', (t) => {
    t.string('child_id').notNullable().references('id').inTable('children').index();
    t.string('from').notNullable();
    t.string('to').notNullable();
    t.json('parts').notNullable();
  });
  await knex.schema.alterTable('corners', (t) => {
    t.json('standing_kit').notNullable().defaultTo('[]');
    t.boolean('retired').notNullable().defaultTo(false);
  });
  // Two corners may come to share a table in one gesture, in either order.
  await knex.raw(
    'ALTER TABLE corners ADD COLUMN shares_table_with TEXT REFERENCES corners(id) DEFERRABLE INITIALLY DEFERRED',
  );
}

async function widenTheCupboard(knex: Knex): Promise<void> {
  await knex.schema.alterTable('supplies', (t) => {
    t.string('category').notNullable().defaultTo('room');
    t.double('low_mark');
    t.string('got').notNullable().defaultTo('bought');
    t.string('got_from');
    t.string('back_by');
    t.json('packs').notNullable().defaultTo('[]');
    t.integer('arrives_in_days').notNullable().defaultTo(0);
    t.string('best_before');
    t.double('grams_per_ml');
    t.json('may_contain').notNullable().defaultTo('[]');
    t.string('label_checked_on');
    t.boolean('gluten_free').notNullable().defaultTo(false);
    t.json('properties').notNullable().defaultTo('{}');
    t.json('set').notNullable().defaultTo('null');
    t.text('notes').notNullable().defaultTo('');
    t.boolean('retired').notNullable().defaultTo(false);
  });
  await entityTable(knex, 'wishes', (t) => {
    t.string('words').notNullable();
    t.string('supply_id').references('id').inTable('supplies').index();
    t.string('for_what');
  });
}

async function widenTheLibrary(knex: Knex): Promise<void> {
  await knex.schema.alterTable('activities', (t) => t.boolean('retired').notNullable().defaultTo(false));
  await entityTable(knex, 'sheets', (t) => {
    t.string('title').notNullable();
    t.json('file').notNullable();
    t.string('link');
    t.text('from').notNullable();
    t.string('pages').notNullable();
    t.string('paper').notNullable();
    t.boolean('colour').notNullable();
    t.string('level');
    t.boolean('laminate').notNullable();
    t.string('cut').notNullable();
    for (const list of ['finishing', 'skills', 'about']) t.json(list).notNullable();
    t.text('notes').notNullable();
    t.boolean('retired').notNullable();
  });
  await entityTable(knex, 'recipes', (t) => {
    t.string('title').notNullable();
    t.string('kind').notNullable();
    t.text('summary').notNullable();
    for (const list of ['ingredients', 'yields', 'steps', 'feels', 'swaps']) t.json(list).notNullable();
    t.integer('minutes').notNullable();
    t.boolean('cooked').notNullable();
    t.double('wait_hours').notNullable();
    t.integer('keeps_days');
    for (const text of ['kept_how', 'notes', 'source']) t.text(text).notNullable();
    t.boolean('retired').notNullable();
  });
  await entityTable(knex, 'songs', (t) => {
    for (const line of ['title', 'kind', 'purpose', 'energy']) t.string(line).notNullable();
    for (const list of ['verses', 'rule', 'props', 'skills']) t.json(list).notNullable();
    for (const text of ['tune', 'actions', 'source', 'notes']) t.text(text).notNullable();
    t.integer('from_months').notNullable();
    t.integer('recorded_minutes').notNullable();
    t.boolean('retired').notNullable();
  });
  await entityTable(knex, 'book_titles', (t) => {
    for (const line of ['title', 'level', 'use']) t.string(line).notNullable();
    t.boolean('kept_high').notNullable();
    for (const list of ['about', 'skills']) t.json(list).notNullable();
    for (const line of ['kept_in', 'borrowed_from', 'back_by']) t.string(line);
    t.text('notes').notNullable();
    t.boolean('retired').notNullable();
  });
}

/** The shape of an activity's content before this step and after it, as far as it changes. */
interface Content {
  versions: { id?: string }[];
  steps: (string | { text: string })[];
  materials: { spare: string }[];
}

/** Brings an activity's content into its shape of today; what was there before stays word for word. */
export function upgradedContent(stored: string): string {
  const content = JSON.parse(stored) as Content;
  return JSON.stringify({
    ...content,
    versions: content.versions.map((version, i) => ({ id: `v${i + 1}`, ...version })),
    steps: content.steps.map((step) => (typeof step === 'string' ? { text: step } : step)),
    materials: content.materials.map((line) => ({
      ...line,
      spare: line.spare === 'one-in-eight' ? 'for-breakage' : line.spare,
    })),
  });
}

async function upgradeContents(knex: Knex): Promise<void> {
  for (const table of ['activities', 'placements']) {
    const rows = (await knex(table).select('id', 'content')) as { id: string; content: string }[];
    for (const { id, content } of rows)
      await knex(table)
        .where({ id })
        .update({ content: upgradedContent(content) });
  }
}

// Gestures of before are written in the shapes of before: they are not played again, and not taken back.
async function closeTheJournal(knex: Knex): Promise<void> {
  await knex.schema.createTable('marks', (t) => {
    t.string('name').primary();
    t.integer('seq').notNullable();
  });
  await knex('journal').update({ inverse: null });
  const row = (await knex('journal').max('seq as seq').first()) as { seq: number | null } | undefined;
  await knex('marks').insert({ name: 'replay-floor', seq: row?.seq ?? 0 });
}

/** Everything that stays from unit to unit: the whole house, the cupboard's properties, the library. */
export async function up(knex: Knex): Promise<void> {
  await widenTheHouse(knex);
  await widenTheCupboard(knex);
  await widenTheLibrary(knex);
  await upgradeContents(knex);
  await closeTheJournal(knex);
}

/** Going back would lose what people wrote: the backup made before each migration is the way back. */
export async function down(): Promise<void> {
  throw new Error('restore the backup that was made before this migration');
}
