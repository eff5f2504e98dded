import type { Knex } from 'knex';

/** Songs have an opening, a refrain, lists in step, and say whose words they are sung with, whether they can be cut, and where a recording is. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('songs', (t) => {
    t.json('words_from').notNullable().defaultTo('{"own":false,"kind":null,"role":null}');
    t.json('lists').notNullable().defaultTo('[]');
    for (const text of ['opening', 'refrain']) t.text(text).notNullable().defaultTo('');
    t.boolean('whole').notNullable().defaultTo(false);
    t.string('link');
  });
  // A song that is as written had no ending that was sung: what stood there in one that once counted is kept, but not sung.
  const rows = (await knex('songs').select('id', 'rule', 'ending', 'notes').whereNot('ending', '')) as {
    readonly id: string;
    readonly rule: string;
    readonly ending: string;
    readonly notes: string;
  }[];
  for (const { id, rule, ending, notes } of rows) {
    if ((JSON.parse(rule) as { kind: string }).kind !== 'as-written') continue;
    const kept = [notes, `Ending: ${ending}`].filter(Boolean).join('\n');
    await knex('songs').where({ id }).update({ ending: '', notes: kept });
  }
  // Making a circle shorter left songs that are as written whole.
  await knex.raw(`UPDATE songs SET whole = 1 WHERE json_extract(rule, '$.kind') = 'as-written'`);
}

/** Going back would lose what people wrote: the backup made before each migration is the way back. */
export async function down(): Promise<void> {
  throw new Error('restore the backup that was made before this migration');
}
