import type { Knex } from 'knex';
import { entityTable, refers } from './tables.ts';

/** Circles: their pieces, how they went, and what songs say of pace, voice and end. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('songs', (t) => {
    t.text('ending').notNullable().defaultTo('');
    t.string('pace').notNullable().defaultTo('relaxed');
    t.text('voice').notNullable().defaultTo('');
  });
  await knex.schema.alterTable('homes', (t) => {
    t.string('patience_since');
  });
  await entityTable(knex, 'circle_pieces', (t) => {
    refers(t, 'unit_id', 'units').notNullable();
    t.string('block_id').notNullable();
    t.string('moment').notNullable();
    t.integer('day');
    refers(t, 'instead_of', 'circle_pieces');
    t.json('not_on').notNullable();
    t.string('kind').notNullable();
    refers(t, 'song_id', 'songs');
    refers(t, 'book_id', 'book_titles');
    t.text('words').notNullable();
    t.json('singing').notNullable();
    t.integer('minutes');
    t.boolean('pinned').notNullable();
    t.string('order').notNullable();
  });
  await entityTable(knex, 'circle_records', (t) => {
    refers(t, 'unit_id', 'units').notNullable();
    t.integer('day').notNullable();
    t.string('block_id').notNullable();
    t.string('outcome').notNullable();
    t.float('held_seconds').notNullable();
    t.float('rule_seconds').notNullable();
    t.string('by').notNullable();
    t.string('at').notNullable();
  });
}

/** Going back would lose what people wrote: the backup made before each migration is the way back. */
export async function down(): Promise<void> {
  throw new Error('restore the backup that was made before this migration');
}
