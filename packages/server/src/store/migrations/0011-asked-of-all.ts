import type { Knex } from 'knex';

type Recorded = Readonly<Record<string, unknown>>;

// Frozen as they were when this step was written. What a kind asks for since, with a no for each.
// prettier-ignore
const NO: Readonly<Record<string, Recorded>> = {
  "food": {"grain": "none", "dust": false, "iceMm": "none", "tablet": false},
  "made": {"foodForm": "none", "filler": "none", "grain": "none", "glitter": false, "dust": false, "iceMm": "none", "heat": false},
  "filler": {"ballMm": "none", "cord": "none", "film": false, "foodForm": "none", "ingredients": [], "grain": "none", "glitter": false, "soft": "none", "iceMm": "none", "glass": false, "plant": "none", "soil": false},
  "paint-and-glue": {"grain": "none", "heat": false, "makersMonths": "none"},
  "paper-and-card": {"cord": "none", "glitter": false, "reused": "none", "roundNeck": false},
  "fabric-and-yarn": {"latex": false, "film": false, "glitter": false, "soft": "none", "heat": false, "sharp": "none", "hardware": false, "battery": "none", "enclosed": false},
  "craft-pieces": {"ballMm": "none", "cord": "none", "balloon": false, "film": false, "filler": "none", "ingredients": [], "glitter": false, "dust": false, "soft": "none", "heat": false, "sharp": "none", "hardware": false, "glass": false, "battery": "none", "flame": false, "plant": "none", "reused": "none", "intoMouth": false, "roundNeck": false, "makersMonths": "none"},
  "tools": {"cord": "none", "latex": false, "hardware": false, "glass": false, "magnet": "none", "battery": "none", "flame": false, "reused": "none"},
  "toys": {"cord": "none", "latex": false, "balloon": false, "film": false, "ingredients": [], "soft": "none", "heat": false, "sharp": "none", "hardware": false, "glass": false, "reused": "none", "enclosed": false, "intoMouth": false, "stick": "none", "roundNeck": false, "heightMm": "none"},
  "nature": {"foodForm": "none", "filler": "none", "ingredients": [], "dust": false, "soft": "none", "iceMm": "none", "sharp": "none", "glass": false},
  "containers": {"cord": "none", "film": false, "heat": false, "sharp": "none", "hardware": false},
  "electric": {"hardware": false, "glass": false, "magnet": "none", "flame": false, "makersMonths": "none"},
  "music": {"cord": "none", "latex": false, "balloon": false, "glass": false, "battery": "none", "reused": "none", "stick": "none", "roundNeck": false, "makersMonths": "none"},
  "outdoors": {"latex": false, "balloon": false, "film": false, "ingredients": [], "dust": false, "heat": false, "sharp": "none", "hardware": false, "glass": false, "battery": "none", "flame": false, "plant": "none", "animal": "none", "soil": false, "reused": "none", "intoMouth": false, "stick": "none", "roundNeck": false, "makersMonths": "none"},
  "science": {"ballMm": "none", "cord": "none", "latex": false, "balloon": false, "film": false, "filler": "none", "dust": false, "iceMm": "none", "heat": false, "sharp": "none", "hardware": false, "battery": "none", "flame": false, "plant": "none", "animal": "none", "soil": false, "reused": "none", "enclosed": false, "intoMouth": false, "stick": "none", "makersMonths": "none"},
  "print": {"magnet": "none", "battery": "none"},
  "room": {"cord": "none", "latex": false, "balloon": false, "film": false, "dust": false, "soft": "none", "heat": false, "sharp": "none", "hardware": false, "glass": false, "magnet": "none", "battery": "none", "flame": false, "plant": "none", "animal": "none", "reused": "none", "enclosed": false},
};

// What came with Kobby and was looked at: where it is not a no. Nothing else is known of a home's own things.
// prettier-ignore
const CAME_WITH: Readonly<Record<string, Recorded>> = {
  "plain-flour": {"grain": "gluten", "dust": true},
  "rice-flour": {"grain": "other", "dust": true},
  "corn-starch": {"grain": "other", "dust": true},
  "corn-meal": {"grain": "other"},
  "cocoa": {"dust": true},
  "cinnamon": {"dust": true},
  "oat-rings": {"grain": "gluten"},
  "milk-powder": {"dust": true},
  "gelatine": {"dust": true},
  "psyllium": {"dust": true},
  "white-rice": {"grain": "other"},
  "coloured-rice": {"grain": "other"},
  "rolled-oats": {"grain": "gluten"},
  "tube-pasta": {"grain": "gluten"},
  "large-shells": {"grain": "gluten"},
  "popcorn-kernels": {"grain": "other", "foodForm": "chokable"},
  "pom-poms-large": {"soft": "pom-pom"},
  "pom-poms-small": {"soft": "pom-pom"},
  "cotton-balls": {"soft": "loose"},
  "big-ice": {"iceMm": 100},
  "flour-paste": {"grain": "gluten"},
  "paper-straws": {"intoMouth": true},
  "pony-beads": {"filler": "fine"},
  "paper-fasteners": {"hardware": true},
  "balloons": {"balloon": true},
  "push-pins": {"hardware": true},
  "glue-gun": {"cord": {"lengthMm": 1500, "canLoop": false}},
  "laminator": {"cord": {"lengthMm": 1500, "canLoop": false}},
  "lacing-cards": {"cord": {"lengthMm": 200, "canLoop": false}},
  "felt-kites": {"cord": {"lengthMm": 200, "canLoop": false}},
  "ribbon-sticks": {"stick": "blunt", "cord": {"lengthMm": 800, "canLoop": false}},
  "wood-sticks": {"stick": "blunt"},
  "measuring-tape": {"cord": {"lengthMm": 1500, "canLoop": false}},
  "sand-timers": {"enclosed": true},
};
const CAME_WITHOUT = new Set(
  [
    'adult-scissors apples aprons baking-soda balance-plank bananas big-dice blankets blunt-needles board-books',
    'brushes-fine brushes-wide bubble-mix butter buttons-large buttons-small candle-lights cardboard-boxes',
    'cardboard-tubes chalk chia chickpea-water chickpeas child-scissors clip-boards clothes-pegs coffee-grounds',
    'colour-panels contact-paper copy-paper corn-syrup cotton-string counting-bears craft-magnets craft-sticks',
    'crayons-spare cream-of-tartar cress-seeds crinkled-paper cushions dark-paper day-calendar desk-fan dish-soap',
    'dolls dough-cutters dough-rollers dress-up-capes easel-paper egg-shakers eggs envelopes fat-crayons feathers',
    'felt-squares fine-salt finger-paint floor-mat food-colour funnels glass-vase glitter-jar glue-sticks',
    'hand-bells hand-brush hand-drums hole-punch honey hook-dots hoops kitchen-scale laminating-pouches',
    'leaves-pressed lemon-juice lentils letter-tiles lidded-tubs light-card light-panel lump-pan lump-rice',
    'magnet-wands magnifiers marbles masking-tape mirrors-plastic muffin-tins nesting-cups newspaper number-cards',
    'nut-shells oranges padlocks paper-bags paper-cups paper-plates paper-trimmer peg-boards pencils',
    'permanent-markers picture-cards pine-cones pipettes-large plaster plastic-jars play-dishes play-parachute',
    'play-sand potting-mix pulley-line puzzles-knob ramps ribbon rubber-bands scarves scoops-large sealed-bottles',
    'shaving-foam shredded-paper sieves small-trays smooth-stones soft-balls split-peas sponge-cloths',
    'sponge-stamps stamp-pads step-stool stickers-dots sticks-blunt sunflower-seeds thermometer till tissue-paper',
    'tongs torches towels toy-cars toy-tools tub-flat tubs-11l vanilla vegetable-oil vinegar wash-basins',
    'washable-markers washable-paint water water-colours watering-cans whistles white-glue white-sugar wipes',
    'wire-stems wood-shavings wooden-beads-large wooden-blocks wooden-dowels wool-yarn yogurt',
  ].flatMap((line) => line.split(' ')),
);

// What came with a wrong value, and with which: put right where the home left it as it came.
const WRONG: readonly (readonly [id: string, property: string, came: unknown, right: unknown])[] = [
  ['play-sand', 'loosePart', { acrossMm: 1, longMm: 1, material: 'firm' }, 'none'],
  ['play-sand', 'filler', 'fine', 'sand'],
  ['play-sand', 'dust', true, false],
  ['coffee-grounds', 'loosePart', { acrossMm: 1, longMm: 1, material: 'firm' }, 'none'],
  ['coffee-grounds', 'filler', 'fine', 'sand'],
  ['pom-poms-small', 'filler', 'fine', 'clinging'],
  ['aprons', 'cord', { lengthMm: 280, canLoop: false }, 'none'],
  ['paper-straws', 'stick', 'blunt', 'none'],
  ['paper-fasteners', 'stick', 'pointed', 'none'],
  ['craft-magnets', 'magnet', 'loose', 'encased'],
  ['pencils', 'stick', 'pointed', 'none'],
  ['brushes-fine', 'stick', 'blunt', 'none'],
];

/** Whether a supply is one that came with Kobby up to then. */
export const cameWithKobby = (id: string): boolean => Object.hasOwn(CAME_WITH, id) || CAME_WITHOUT.has(id);

/**
 * Every kind of supply asks for every property that it can have. What came with Kobby and was not changed is filled in, so that
 * only what a home brought along itself is pointed out as not recorded. What a home said stays.
 */
export async function up(knex: Knex): Promise<void> {
  await recipes(knex);
  const rows = (await knex('supplies').select('id', 'version', 'category', 'properties')) as Row[];
  for (const row of rows) {
    const came = CAME_WITH[row.id] ?? (CAME_WITHOUT.has(row.id) ? {} : null);
    if (!came) continue;
    const before = JSON.parse(row.properties) as Recorded;
    const after = { ...NO[row.category], ...came, ...righted(row.id, before) };
    if (JSON.stringify(after) === row.properties) continue;
    // A version more: whoever still shows the old one is told, and does not write over it.
    await knex('supplies')
      .where({ id: row.id })
      .update({ properties: JSON.stringify(after), version: row.version + 1 });
  }
}

// What is ground or soaked in the recipes that came along has no shape left: a recipe says so since.
const SHAPELESS = [
  ['oat-crumble', 'oat-rings'],
  ['psyllium-gel', 'psyllium'],
  ['chia-jelly', 'chia'],
] as const;

async function recipes(knex: Knex): Promise<void> {
  for (const [id, supplyId] of SHAPELESS) {
    const row = (await knex('recipes').where({ id }).first()) as
      { readonly ingredients: string; readonly version: number } | undefined;
    if (!row) continue;
    const ingredients = (JSON.parse(row.ingredients) as { supplyId: string }[]).map((one) =>
      one.supplyId === supplyId ? { ...one, shapeless: true } : one,
    );
    await knex('recipes')
      .where({ id })
      .update({ ingredients: JSON.stringify(ingredients), version: row.version + 1 });
  }
}

interface Row {
  readonly id: string;
  readonly version: number;
  readonly category: string;
  readonly properties: string;
}

function righted(id: string, properties: Recorded): Recorded {
  const wrong = WRONG.filter(
    ([of, property, came]) => of === id && JSON.stringify(properties[property]) === JSON.stringify(came),
  );
  return { ...properties, ...Object.fromEntries(wrong.map(([, property, , right]) => [property, right])) };
}

/** What was filled in is true of the things, and can stay. */
export async function down(): Promise<void> {}
