import type { Knex } from 'knex';

/**
 * Since when a home counts minutes holds for preparation as well as for turns, and is called so.
 * The step before gave the column this name for a while: a home of that time has it already.
 */
export async function up(knex: Knex): Promise<void> {
  if (!(await knex.schema.hasColumn('homes', 'turns_since'))) return;
  await knex.schema.alterTable('homes', (t) => {
    t.renameColumn('turns_since', 'minutes_since');
  });
}

/** Going back would lose what people wrote: the backup made before each migration is the way back. */
export async function down(): Promise<void> {
  throw new Error('restore the backup that was made before this migration');
}
