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
  for (const line of SUPPLY_PICTURES.trim().split(/\s+/)) {
    const [id, picture] = line.split(':');
    await knex('supplies')
      .where({ id })
      .update({ picture: JSON.stringify({ from: 'kobby', id: picture }) });
  }
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

// The same of the supplies, `id:picture`.
const SUPPLY_PICTURES = `
plain-flour:flour rice-flour:flour corn-starch:flour fine-salt:salt lemon-juice:lemon
milk-powder:glass-of-milk white-rice:cooked-rice coloured-rice:cooked-rice lentils:beans chickpeas:beans
split-peas:pea-pod tube-pasta:spaghetti large-shells:spaghetti popcorn-kernels:popcorn play-sand:sand
wood-shavings:wood big-ice:ice washable-paint:paint water-colours:artist-palette flour-paste:mixing-bowl
bubble-mix:bubbles dish-soap:lotion-bottle shaving-foam:lotion-bottle permanent-markers:pen stamp-pads:stamp
lump-pan:dough lump-rice:dough easel-paper:page-facing-up light-card:page-facing-up
dark-paper:page-facing-up copy-paper:page-facing-up tissue-paper:page-facing-up
paper-plates:fork-and-knife-with-plate wool-yarn:yarn cotton-string:rope felt-squares:cloth scarves:scarf
sponge-cloths:sponge wooden-dowels:stick wire-stems:pipe-cleaner wooden-beads-large:bead pony-beads:bead
craft-magnets:magnet feathers:feather crayons-spare:crayon fat-crayons:crayon washable-markers:pen
child-scissors:scissors adult-scissors:scissors blunt-needles:sewing-needle push-pins:pushpin
brushes-wide:paintbrush brushes-fine:paintbrush sponge-stamps:sponge dough-rollers:rolling-pin
dough-cutters:cookie-cutter pipettes-large:dropper tongs:tongs sieves:sieve clip-boards:clipboard
board-books:books day-calendar:calendar toy-cars:automobile ramps:ramp toy-tools:hammer-and-wrench
play-dishes:fork-and-knife-with-plate felt-kites:kite puzzles-knob:puzzle-piece soft-balls:soccer-ball
magnet-wands:magnet big-dice:game-die counting-bears:bear smooth-stones:rock leaves-pressed:fallen-leaf
potting-mix:mud cress-seeds:envelope-seed sunflower-seeds:sunflower small-trays:tray tub-flat:sensory-bin
wash-basins:bathtub lidded-tubs:sensory-bin plastic-jars:jar sealed-bottles:bottle muffin-tins:cupcake
glass-vase:vase light-panel:light-table candle-lights:candle hand-bells:bell ribbon-sticks:ribbon
egg-shakers:maracas hand-drums:drum wood-sticks:stick whistles:whistle chalk:chalk pulley-line:pulley
magnifiers:magnifying-glass-tilted-left kitchen-scale:balance-scale mirrors-plastic:mirror
thermometer:thermometer padlocks:locked cushions:pillow hand-brush:broom step-stool:stairs
wooden-blocks:block
`;

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
