import type { Knex } from 'knex';

/** Members of a theme say how they are spoken, what they are to it, what rhymes with them, and what was only filled in for somebody. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('things', (t) => {
    for (const text of ['role', 'spoken', 'many']) t.string(text);
    t.integer('syllables');
    for (const list of ['rhymes', 'guessed']) t.json(list).notNullable().defaultTo('[]');
  });
  for (const [table, column] of PATTERNS) await takeMany(knex, table, column);
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
