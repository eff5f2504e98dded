import type { Knex } from 'knex';

/** Members of a theme say how they are spoken, what they are to it, what rhymes with them, and what was only filled in for somebody. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('things', (t) => {
    for (const text of ['role', 'spoken', 'many']) t.string(text);
    t.integer('syllables');
    for (const list of ['rhymes', 'guessed']) t.json(list).notNullable().defaultTo('[]');
  });
  for (const [table, column] of PATTERNS) await takeMany(knex, table, column);
  for (const [id, themes] of Object.entries(THEMES)) await belongTo(knex, id, themes);
}

// Frozen as they were when this step was written: to which themes what came with Kobby belongs.
const THEMES: Readonly<Record<string, readonly string[]>> = {
  'ramp-and-fan': ['wind'],
  'kite-repair-counter': ['kites'],
  'ribbon-breeze-bin': ['wind'],
  'oat-breeze-bin': ['wind'],
  'gust-lines': ['wind'],
  'sky-panels': ['sky', 'weather', 'wind'],
  'weather-dough': ['weather', 'wind'],
  'what-lifts-table': ['wind', 'flying'],
  'straw-trails': ['wind'],
  'tails-of-one-to-six': ['kites'],
  'fly-to-the-colour': ['kites'],
  'runaway-kite': ['kites'],
  'bubble-wind': ['wind', 'bubbles'],
  'paper-windsocks': ['wind', 'weather'],
  'wash-of-sky': ['sky', 'weather', 'kites'],
  pinwheels: ['wind'],
  'kite-keepsake': ['kites'],
  'kite-corners': ['kites'],
  'lace-a-tail': ['kites'],
  'lantern-glow': ['lanterns', 'night'],
  'night-market': ['market', 'night', 'lanterns'],
  'seed-boats': ['boats', 'wind'],
};

// What a home made of an entry that came with Kobby stays; only that it belongs to a theme is said.
async function belongTo(knex: Knex, id: string, themes: readonly string[]): Promise<void> {
  const row = (await knex('activities').select('content').where({ id }).first()) as
    { readonly content: string } | undefined;
  if (!row) return;
  const content = JSON.parse(row.content) as object;
  await knex('activities')
    .where({ id })
    .update({ content: JSON.stringify({ ...content, themes }) });
}

const PATTERNS = [
  ['activities', 'content'],
  ['placements', 'base'],
] as const;

interface Slot {
  readonly id: string;
  readonly kind: string;
}

// A slot takes one of the theme's things unless it says otherwise; `things` always meant many of it.
async function takeMany(knex: Knex, table: string, column: string): Promise<void> {
  const rows = (await knex(table).select('id', column)) as Record<string, string>[];
  for (const row of rows) {
    const content = JSON.parse(row[column]!) as { slots?: Slot[] };
    if (!content.slots?.some(isMany)) continue;
    const slots = content.slots.map((slot) => (isMany(slot) ? { ...slot, takes: 'many' } : slot));
    await knex(table)
      .where({ id: row.id })
      .update({ [column]: JSON.stringify({ ...content, slots }) });
  }
}
const isMany = ({ id, kind }: Slot): boolean => kind === 'thing' && id === 'things';

/** Going back would lose what people wrote: the backup made before each migration is the way back. */
export async function down(): Promise<void> {
  throw new Error('restore the backup that was made before this migration');
}
