import type { Knex } from 'knex';
import { entityTable, refers } from './tables.ts';

/** The room: who leads, who came, how it went, words, keepsakes, notes home, and what links are limited by. */
export async function up(knex: Knex): Promise<void> {
  await linkColumns(knex);
  await entityTable(knex, 'leadings', (t) => {
    refers(t, 'unit_id', 'units').notNullable();
    refers(t, 'placement_id', 'placements').notNullable();
    t.integer('day').notNullable();
    t.json('groups').notNullable();
  });
  await entityTable(knex, 'letters', (t) => {
    refers(t, 'unit_id', 'units').notNullable();
    t.string('subject').notNullable();
    t.text('text').notNullable();
    t.json('to').notNullable();
    t.string('sent_at');
  });
  await entityTable(knex, 'arrivals', (t) => {
    t.string('date').notNullable();
    refers(t, 'child_id', 'children').notNullable();
    t.string('in_at');
    t.string('out_at');
    t.string('by').notNullable();
  });
  await recordTables(knex);
  await knex.schema.createTable('outbox', (t) => {
    t.string('name').primary();
    t.string('to').notNullable();
    t.string('subject').notNullable();
    t.string('at').notNullable();
  });
}

// A column that only refers to something is added as it is: no table is built anew, so no rows can be lost.
async function linkColumns(knex: Knex): Promise<void> {
  await knex.raw('ALTER TABLE `shares` ADD COLUMN `person_id` varchar(255) REFERENCES `people` (`id`)');
  await knex.raw('ALTER TABLE `timers` ADD COLUMN `share_id` varchar(255) REFERENCES `shares` (`id`)');
  await knex.schema.alterTable('shares', (t) => {
    t.string('scope').notNullable().defaultTo('all');
    t.boolean('locked').notNullable().defaultTo(false);
    t.index('person_id');
  });
  await knex.schema.alterTable('timers', (t) => {
    t.index('share_id');
  });
  await knex.schema.alterTable('share_secrets', (t) => {
    t.string('pass_phrase_hash');
    t.string('opened_at');
  });
}

async function recordTables(knex: Knex): Promise<void> {
  await entityTable(knex, 'records', (t) => {
    refers(t, 'unit_id', 'units').notNullable();
    refers(t, 'placement_id', 'placements').notNullable();
    t.integer('day').notNullable();
    t.string('outcome').notNullable();
    t.boolean('unfinished').notNullable();
    t.string('version_id');
    t.text('note').notNullable();
    t.json('children').notNullable();
    t.json('test').notNullable();
    t.string('by').notNullable();
    t.string('at').notNullable();
  });
  await entityTable(knex, 'notes', (t) => {
    refers(t, 'unit_id', 'units').notNullable();
    t.integer('day').notNullable();
    refers(t, 'placement_id', 'placements');
    t.string('kind').notNullable();
    t.text('text').notNullable();
    refers(t, 'share_id', 'shares');
    t.string('by').notNullable();
    t.string('at').notNullable();
    t.string('seen_at');
  });
  await entityTable(knex, 'keepsakes', (t) => {
    refers(t, 'placement_id', 'placements').notNullable();
    refers(t, 'child_id', 'children').notNullable();
    t.boolean('has').notNullable();
    t.string('by').notNullable();
  });
}

/** Going back would lose what people wrote: the backup made before each migration is the way back. */
export async function down(): Promise<void> {
  throw new Error('restore the backup that was made before this migration');
}
