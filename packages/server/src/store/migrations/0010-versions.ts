import type { Knex } from 'knex';

// Up to here a version can have come by being counted; what is beyond was sent by somebody, and cannot be read back.
const MOST = 2 ** 40;

/**
 * Versions were taken from whoever wrote. Entities whose version is beyond what can be counted are readable again: they begin
 * anew, and steps that stand on such a version cannot be taken back. What was kept up to here is not played again: versions
 * count otherwise now.
 */
export async function up(knex: Knex): Promise<void> {
  const tables: string[] = await knex('sqlite_master').where({ type: 'table' }).pluck('name');
  for (const table of tables) {
    if (await knex.schema.hasColumn(table, 'version'))
      await knex(table).where('version', '>', MOST).update({ version: 1 });
  }
  await countable(knex);
  const newest = (await knex('journal').max('seq as seq').first()) as { seq: number | null } | undefined;
  if (newest?.seq)
    await knex('marks').insert({ name: 'replay-floor', seq: newest.seq }).onConflict('name').merge();
}

async function countable(knex: Knex): Promise<void> {
  // A version beyond is at least thirteen figures long.
  const rows = (await knex('journal')
    .select('seq', 'touched')
    .whereLike('touched', `%:${'_'.repeat(13)}%`)) as { seq: number; touched: string }[];
  for (const { seq, touched } of rows) {
    const touches = JSON.parse(touched) as { before: number; after: number }[];
    if (touches.every(({ before, after }) => before <= MOST && after <= MOST)) continue;
    const within = touches.map((touch) => ({
      ...touch,
      before: touch.before > MOST ? 1 : touch.before,
      after: touch.after > MOST ? 1 : touch.after,
    }));
    await knex('journal')
      .where({ seq })
      .update({ touched: JSON.stringify(within), inverse: null });
  }
}

/** What was sent is not worth going back to. */
export async function down(): Promise<void> {}
