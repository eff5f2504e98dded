import type { Knex } from 'knex';

/** Members of a theme say how they are spoken, what they are to it, what rhymes with them, and what was only filled in for somebody. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('things', (t) => {
    for (const text of ['role', 'spoken', 'many']) t.string(text);
    t.integer('syllables');
    for (const list of ['rhymes', 'guessed']) t.json(list).notNullable().defaultTo('[]');
  });
}

/** Going back would lose what people wrote: the backup made before each migration is the way back. */
export async function down(): Promise<void> {
  throw new Error('restore the backup that was made before this migration');
}
