import type { Knex } from 'knex';

const DAY_MS = 24 * 60 * 60 * 1000;
const inDays = (days: number): string => new Date(Date.now() + days * DAY_MS).toISOString();

/** Sessions say since when and on what, so that they can be told apart and ended; those of links run out. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.table('sessions', (t) => {
    t.string('opened_at').notNullable().defaultTo('');
    t.string('seen_at').notNullable().defaultTo('');
    t.string('device').notNullable().defaultTo('computer');
  });
  await knex('sessions').update({ opened_at: inDays(0), seen_at: inDays(0) });
  await knex.schema.table('share_sessions', (t) => {
    t.string('expires_at').notNullable().defaultTo('');
  });
  await knex('share_sessions').update({ expires_at: inDays(30) });
}

/** Going back would lose what people wrote: the backup made before each migration is the way back. */
export async function down(): Promise<void> {
  throw new Error('restore the backup that was made before this migration');
}
