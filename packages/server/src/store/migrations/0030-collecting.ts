import type { Knex } from 'knex';

const RULE =
  'Fallen rather than picked, only where there is plenty and only what we know. Never from a neighbour’s ground. Anything that pricks, is mouldy or unknown stays there.';

/** A home says what holds when something is collected outdoors; one that said nothing yet begins with the usual care. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('homes', (t) => {
    t.text('collect_rule').notNullable().defaultTo('');
  });
  await knex('homes').update({ collect_rule: RULE });
}

/** Going back would lose what people wrote: the backup made before each migration is the way back. */
export async function down(): Promise<void> {
  throw new Error('restore the backup that was made before this migration');
}
