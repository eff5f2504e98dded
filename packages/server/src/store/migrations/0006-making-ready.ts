import type { Knex } from 'knex';
import { entityTable, refers } from './tables.ts';

/** Making ready: times on single days, what was decided, shown and done. */
export async function up(knex: Knex): Promise<void> {
  await entityTable(knex, 'prep_times', (t) => {
    for (const word of ['name', 'date', 'start']) t.string(word).notNullable();
    t.integer('minutes').notNullable();
    refers(t, 'person_id', 'people');
  });
  await entityTable(knex, 'prep_choices', (t) => {
    refers(t, 'unit_id', 'units').notNullable();
    t.string('slot_id');
    refers(t, 'person_id', 'people');
    t.integer('parts').notNullable();
    t.integer('instead');
    t.json('with_children').notNullable();
    t.string('skip');
    t.text('note').notNullable();
  });
  await entityTable(knex, 'own_tasks', (t) => {
    refers(t, 'unit_id', 'units').notNullable();
    t.string('text').notNullable();
    t.integer('minutes').notNullable();
    t.integer('day').notNullable();
    refers(t, 'person_id', 'people');
  });
  await entityTable(knex, 'prep_plans', (t) => {
    refers(t, 'unit_id', 'units').notNullable();
    t.json('entries').notNullable();
    t.string('by').notNullable();
    t.string('at').notNullable();
  });
  await entityTable(knex, 'prep_marks', (t) => {
    refers(t, 'unit_id', 'units').notNullable();
    t.string('by').notNullable();
    t.string('at').notNullable();
  });
}

/** Going back would lose what people wrote: the backup made before each migration is the way back. */
export async function down(): Promise<void> {
  throw new Error('restore the backup that was made before this migration');
}
