import type { Knex } from 'knex';
import { entityTable } from './tables.ts';

/**
 * Pictures are chosen or found by name; members of a theme say what stands for them in the room, to which of several orders they
 * belong, and what a home wants to know of them besides; lists of them are kept for other units.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('things', (t) => {
    t.string('series');
    t.json('further').notNullable().defaultTo('[]');
  });
  await knex.raw('ALTER TABLE things ADD COLUMN supply_id TEXT REFERENCES supplies(id)');
  await knex.schema.alterTable('things', (t) => t.index(['supply_id']));
  await knex.schema.alterTable('supplies', (t) => {
    t.json('picture').notNullable().defaultTo('null');
  });
  await entityTable(knex, 'thing_lists', (t) => {
    t.string('name').notNullable();
    t.json('members').notNullable();
  });
  await wordsOfThings(knex);
  await wordsOfReadyUnits(knex);
  for (const [id, picture] of Object.entries(PICTURES)) await showBy(knex, id, picture);
}

interface Said {
  readonly picture?: unknown;
  readonly guessed?: readonly string[];
}

// What stood under "Picture" was a word: one that somebody wrote is in a column of the home's own now, one that was only filled in goes.
const saidOf = ({ picture, guessed = [] }: Said): object => ({
  picture: null,
  guessed: guessed.filter((one) => one !== 'picture'),
  further:
    typeof picture === 'string' && picture !== '' && !guessed.includes('picture')
      ? [{ column: 'Picture', value: picture }]
      : [],
});

async function wordsOfThings(knex: Knex): Promise<void> {
  const rows = (await knex('things').select('id', 'picture', 'guessed')) as {
    readonly id: string;
    readonly picture: string | null;
    readonly guessed: string;
  }[];
  for (const { id, picture, guessed } of rows) {
    const said = saidOf({ picture, guessed: JSON.parse(guessed) as string[] });
    await knex('things')
      .where({ id })
      .update(Object.fromEntries(Object.entries(said).map(([key, value]) => [key, JSON.stringify(value)])));
  }
}

async function wordsOfReadyUnits(knex: Knex): Promise<void> {
  const rows = (await knex('ready_units').select('id', 'things')) as { id: string; things: string }[];
  for (const { id, things } of rows) {
    const said = (JSON.parse(things) as Said[]).map((thing) => ({ ...thing, ...saidOf(thing) }));
    await knex('ready_units')
      .where({ id })
      .update({ things: JSON.stringify(said) });
  }
}

// Frozen as they were when this step was written: what shows the entries that came with Kobby.
const PICTURES: Readonly<Record<string, string>> = {
  'ramp-and-fan': 'ramp',
  'kite-repair-counter': 'kite',
  'ribbon-breeze-bin': 'ribbon',
  'gust-lines': 'wind-face',
  'sky-panels': 'cloud',
  'weather-dough': 'dough',
  'rice-dough': 'dough',
  'what-lifts-table': 'feather',
  'ribbon-stick-dance': 'ribbon',
  'straw-trails': 'drinking-straw',
  'tails-of-one-to-six': 'kite',
  'fly-to-the-colour': 'kite',
  'runaway-kite': 'kite',
  'bubble-wind': 'bubbles',
  'paper-windsocks': 'windsock',
  pinwheels: 'pinwheel',
  'wash-of-sky': 'paintbrush',
  'kite-keepsake': 'kite',
  'feather-hunt': 'feather',
  'kite-corners': 'kite',
  'roll-and-count': 'game-die',
  'seed-boats': 'sailboat',
  'lace-a-tail': 'kite',
  'lantern-glow': 'red-paper-lantern',
  'night-market': 'red-paper-lantern',
  'light-out-of-ice': 'ice',
  'path-for-two-feet': 'footprints',
  'mirror-me': 'mirror',
  'wand-or-not': 'magnet',
  'pour-to-the-line': 'measuring-cup',
  'beat-of-names': 'drum',
};

async function showBy(knex: Knex, id: string, picture: string): Promise<void> {
  const row = (await knex('activities').select('content').where({ id }).first()) as
    { readonly content: string } | undefined;
  if (!row) return;
  const content = JSON.parse(row.content) as object;
  await knex('activities')
    .where({ id })
    .update({ content: JSON.stringify({ ...content, picture: { from: 'kobby', id: picture } }) });
}

/** Going back would lose what people wrote: the backup made before each migration is the way back. */
export async function down(): Promise<void> {
  throw new Error('restore the backup that was made before this migration');
}
