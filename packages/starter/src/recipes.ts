import type { AllergenId, ChangeInput, MeasureId, RecipeKind } from '@kobby/core';

type RecipeInput = Extract<ChangeInput, { type: 'library/put-recipe' }>['recipe'];

/** `[supply, amount for one batch in its unit, how it goes in]` */
type Part = readonly [string, number, string?];
/** `[what is felt, what to do, the most of it]` */
type Feel = readonly [string, string, string?];
/** `[allergen, supply that goes, supply that comes instead, how]` */
type Swap = readonly [AllergenId, string, string, string];

interface Rest extends Partial<Omit<RecipeInput, 'feels' | 'swaps' | 'steps'>> {
  readonly steps: readonly string[];
  readonly feels?: readonly Feel[];
  readonly swaps?: readonly Swap[];
}

function recipe(
  id: string,
  title: string,
  kind: RecipeKind,
  yields: readonly [number, MeasureId],
  minutes: number,
  parts: readonly Part[],
  { steps, feels = [], swaps = [], ...rest }: Rest,
): RecipeInput {
  return {
    id,
    title,
    kind,
    minutes,
    yields: { amount: yields[0], unit: yields[1] },
    ingredients: parts.map(([supplyId, amount, goesIn = '']) => ({ supplyId, amount, goesIn })),
    steps: steps.map((line) => {
      const [, owner, text] = /^(Adult|Child): (.*)$/s.exec(line) ?? [];
      return owner ? { text: text!, owner: owner === 'Adult' ? 'adult' : 'child' } : { text: line };
    }),
    feels: feels.map(([sign, then, limit = '']) => ({ sign, then, limit })),
    swaps: swaps.map(([allergen, supplyId, insteadId, how]) => ({ allergen, supplyId, insteadId, how })),
    source: 'Kobby starter library',
    ...rest,
  };
}

/** Recipes and fillers of the starter library: amounts to begin with, what to feel for, and how long they keep. */
export const STARTER_RECIPES: readonly RecipeInput[] = [
  recipe(
    'cooked-dough',
    'Dough from the pan',
    'dough',
    [720, 'mL'],
    20,
    [
      ['plain-flour', 260],
      ['fine-salt', 30, 'Little salt: see the cautions for more'],
      ['cream-of-tartar', 12],
      ['vegetable-oil', 30],
      ['food-colour', 3, 'Into the water, or a drop a child at the end'],
    ],
    {
      cooked: true,
      waitHours: 2,
      keepsDays: 28,
      keptHow: 'Sealed, cold, with the date on the lid',
      steps: [
        'Adult: Stir everything with 480 mL of water in a cold pan.',
        'Adult: Heat gently and stir until it leaves the sides.',
        'Adult: Let it cool under a damp cloth.',
        'Child: Knead it until it is one colour.',
      ],
      feels: [
        [
          'sticky',
          'Back on the heat for a minute, then knead with a pinch of flour.',
          '2 tablespoons of flour',
        ],
        ['crumbly', 'Wet the hands and knead on.', '1 tablespoon of water'],
      ],
      swaps: [
        [
          'gluten',
          'plain-flour',
          'rice-flour',
          'The same weight, half a spoon of oil more, tools that never met wheat.',
        ],
      ],
    },
  ),
  recipe(
    'rice-lump',
    'Rice flour lump',
    'dough',
    [700, 'mL'],
    20,
    [
      ['rice-flour', 280],
      ['fine-salt', 30],
      ['vegetable-oil', 35, 'In two halves'],
      ['cream-of-tartar', 10],
    ],
    {
      cooked: true,
      waitHours: 2,
      keepsDays: 14,
      keptHow: 'Sealed and cold; it dries sooner than others',
      steps: [
        'Adult: Bring 420 mL of water to a simmer.',
        'Adult: Beat in the dry things, take it off the heat.',
        'Adult: Rest it for an hour, lid on.',
        'Press it smooth on an oiled board.',
      ],
      feels: [
        ['splits at the edge', 'Work in oil, a few drops at a time.', '2 teaspoons'],
        ['slack', 'Let it stand open for ten minutes.'],
      ],
    },
  ),
  recipe(
    'cloud-dough',
    'Cloud that holds',
    'dough',
    [900, 'mL'],
    8,
    [
      ['corn-starch', 350],
      ['vegetable-oil', 90, 'A third at a time'],
    ],
    {
      keepsDays: 14,
      keptHow: 'In a lidded tub, dry',
      steps: [
        'Adult: Tip the starch in from low down: it dusts.',
        'Rub the oil in with flat fingers.',
        'Child: Press a handful. Does it stay?',
      ],
      feels: [
        ['falls apart', 'A little more oil, rubbed in.', '1 tablespoon'],
        ['greasy', 'A spoon of starch.', '3 tablespoons'],
      ],
      notes: 'Dusty while it is made: an adult pours.',
    },
  ),
  recipe(
    'oat-crumble',
    'Crumble of ground oat rings',
    'dough',
    [600, 'mL'],
    10,
    [
      ['oat-rings', 240, 'Ground as fine as flour'],
      ['vegetable-oil', 60],
      ['bananas', 1, 'Mashed, at the very end'],
    ],
    {
      keepsDays: 1,
      keptHow: 'Not at all: it goes to the compost after the day',
      steps: [
        'Adult: Grind the rings and sieve them.',
        'Mix in oil until it looks like wet sand.',
        'Child: Squash the banana and knead it under.',
      ],
      feels: [['runny', 'More ground rings.', '4 tablespoons']],
      swaps: [['gluten', 'oat-rings', 'corn-meal', 'Certified corn meal, cooked to a mush and cooled.']],
      summary: 'For those who taste everything. Made only of food.',
    },
  ),
  recipe(
    'salt-clay',
    'Clay for the oven',
    'dough',
    [500, 'mL'],
    12,
    [
      ['plain-flour', 210],
      ['fine-salt', 150],
    ],
    {
      waitHours: 3,
      keepsDays: 3,
      keptHow: 'Wrapped, cold',
      steps: [
        'Stir dry, then add 120 mL of water in a thin stream.',
        'Knead for five minutes.',
        'Adult: Bake what was formed at low heat for three hours, at preparation time.',
      ],
      feels: [
        ['breaks when bent', 'Wet the fingertips only.'],
        ['sags', 'Knead in flour.', '3 tablespoons'],
      ],
      notes: 'Much salt: not for those who still mouth things, and not for pets.',
    },
  ),
  recipe(
    'silky-paste',
    'Silky paste of foam and starch',
    'dough',
    [500, 'mL'],
    6,
    [
      ['corn-starch', 200],
      ['shaving-foam', 200],
    ],
    {
      keepsDays: 1,
      keptHow: 'Not at all',
      steps: [
        'Adult: Spray the foam.',
        'Fold the starch under with a spatula.',
        'Child: Pat, do not rub: eyes stay clear.',
      ],
      feels: [['wet', 'More starch.', '5 tablespoons']],
    },
  ),
  recipe('thin-paint', 'Paint for blowing', 'paint', [300, 'mL'], 3, [['washable-paint', 150]], {
    keepsDays: 3,
    keptHow: 'In a screw jar, shaken before use',
    steps: ['Stir with as much water as paint.', 'Try one drop: it should run when the paper tilts.'],
    feels: [
      ['will not run', 'A spoon of water.', '3 spoons'],
      ['pale', 'Paint, drop by drop.'],
    ],
  }),
  recipe(
    'edible-finger-paint',
    'Finger paint from the fridge',
    'paint',
    [400, 'mL'],
    5,
    [
      ['yogurt', 380],
      ['food-colour', 4, 'One drop at a time'],
    ],
    {
      keepsDays: 1,
      keptHow: 'Cold until it is used, then away',
      steps: ['Spoon it into cups, one a child.', 'Child: Choose a colour and stir.'],
      feels: [['slides off the paper', 'Use thick paper and a thinner layer.']],
      swaps: [
        [
          'milk',
          'yogurt',
          'corn-starch',
          'Cook 40 g of starch with 400 mL of water to a jelly and let it cool.',
        ],
      ],
      summary: 'Made only of food, for the high chair.',
    },
  ),
  recipe(
    'starch-jelly-paint',
    'Paint cooked from starch',
    'paint',
    [450, 'mL'],
    12,
    [
      ['corn-starch', 45],
      ['white-sugar', 25],
      ['food-colour', 4],
    ],
    {
      cooked: true,
      waitHours: 1,
      keepsDays: 7,
      keptHow: 'Cold, lids on, one colour a jar',
      steps: [
        'Adult: Whisk starch and sugar into 420 mL of cold water.',
        'Adult: Simmer until it turns glassy.',
        'Adult: Divide, colour, and test the heat on the wrist.',
      ],
      feels: [
        ['lumpy', 'Through the sieve while warm.'],
        ['stiff', 'Beat in warm water.', '4 tablespoons'],
      ],
    },
  ),
  recipe(
    'fizzing-paint',
    'Paint that fizzes',
    'paint',
    [250, 'mL'],
    5,
    [
      ['baking-soda', 120],
      ['washable-paint', 60],
      ['vinegar', 120, 'In a dropper bottle, afterwards'],
    ],
    {
      keepsDays: 1,
      keptHow: 'Made fresh',
      steps: [
        'Stir soda, paint and 60 mL of water to a cream.',
        'Child: Paint a thick shape.',
        'Adult: Hand out vinegar by the dropper, low and away from faces.',
      ],
      feels: [['hardly fizzes', 'More soda in the paint.', '2 tablespoons']],
    },
  ),
  recipe(
    'bubble-wash',
    'Bubbles for a windy day',
    'bubbles',
    [1000, 'mL'],
    5,
    [
      ['dish-soap', 100],
      ['corn-syrup', 50],
    ],
    {
      waitHours: 12,
      keepsDays: 28,
      keptHow: 'In a bottle, in the yard box',
      steps: ['Stir slowly into 850 mL of water: no froth.', 'Leave it standing overnight.'],
      feels: [
        ['bursts at once', 'Another spoon of syrup.', '2 tablespoons'],
        ['will not leave the ring', 'A little water.'],
      ],
    },
  ),
  recipe(
    'bean-water-foam',
    'Foam whipped from chickpea water',
    'bubbles',
    [1200, 'mL'],
    10,
    [
      ['chickpea-water', 240],
      ['cream-of-tartar', 3],
    ],
    {
      keepsDays: 0,
      keptHow: 'Collapses within the hour',
      steps: ['Adult: Whip until peaks stand.', 'Spread it on trays.', 'Child: Draw with one finger.'],
      feels: [['thin after ten minutes', 'A pinch more tartar, whip again.', '2 g']],
      notes: 'Ask about pulses: chickpea is one.',
    },
  ),
  recipe(
    'psyllium-gel',
    'Wobble of psyllium',
    'slime',
    [500, 'mL'],
    15,
    [
      ['psyllium', 15],
      ['food-colour', 2],
    ],
    {
      cooked: true,
      waitHours: 3,
      keepsDays: 2,
      keptHow: 'Cold, covered',
      steps: [
        'Adult: Soak the husk in 480 mL of water for ten minutes; dry it is dust and swells.',
        'Adult: Heat and stir until it draws threads.',
        'Adult: Let it get cold before hands go in.',
      ],
      feels: [
        ['sticks to hands', 'Heat it again for a minute.'],
        ['rubbery', 'Stir in cold water.', '50 mL'],
      ],
    },
  ),
  recipe('chia-jelly', 'Frog jelly', 'slime', [600, 'mL'], 5, [['chia', 60]], {
    waitHours: 8,
    keepsDays: 3,
    keptHow: 'Cold, covered',
    steps: [
      'Adult: Stir the seeds into 540 mL of water, and again after ten minutes.',
      'Leave it overnight: no dry seed may be left.',
    ],
    feels: [['watery', 'Another hour, not more seeds.']],
  }),
  recipe('starch-goo', 'Goo that is both', 'slime', [500, 'mL'], 4, [['corn-starch', 400]], {
    keepsDays: 2,
    keptHow: 'Covered; water on top before the next use',
    steps: [
      'Child: Drip 240 mL of water on the starch, spoon by spoon.',
      'Grip it fast, hold it still: what happens?',
      'Adult: Scrape it into the bin, never down the drain.',
    ],
    feels: [
      ['splashes', 'Starch by the spoon.', '4 tablespoons'],
      ['cracks and stays so', 'Water by the teaspoon.', '6 teaspoons'],
    ],
  }),
  recipe(
    'dyed-rice',
    'Coloured rice',
    'filler',
    [1250, 'mL'],
    15,
    [
      ['white-rice', 1000, 'In bags of 250 g'],
      ['vinegar', 20],
      ['food-colour', 6],
    ],
    {
      waitHours: 12,
      keepsDays: 180,
      keptHow: 'Dry, in a lidded tub, with the date',
      steps: [
        'Shake rice, vinegar and colour in a lidded tub until no white is left.',
        'Adult: Spread it on trays for the night.',
        'Break up lumps with a fork.',
      ],
      feels: [['rubs off on hands', 'A second night, then shake with a spoon of vinegar.']],
      notes: 'Small grains: the cautions say for whom.',
    },
  ),
  recipe('frozen-blocks', 'Blocks to thaw', 'filler', [1000, 'mL'], 10, [['food-colour', 2]], {
    waitHours: 14,
    keepsDays: 60,
    keptHow: 'Freezer, bagged',
    steps: [
      'Adult: Fill tubs 10 cm deep with coloured water.',
      'Freeze for a night and half a day.',
      'Adult: Take pieces away when they are smaller than a fist.',
    ],
    feels: [['frosty and dull', 'Run it under the tap for a moment.']],
  }),
  recipe(
    'scented-shreds',
    'Shreds that smell of baking',
    'filler',
    [4000, 'mL'],
    10,
    [
      ['shredded-paper', 4000],
      ['vanilla', 8, 'On a cloth, shaken with the paper'],
      ['cinnamon', 6],
    ],
    {
      keepsDays: 28,
      keptHow: 'In a bag, closed',
      steps: [
        'Adult: Shake cloth, spice and paper in a closed tub.',
        'Leave out the scent for anyone with asthma unless the family says yes.',
      ],
      feels: [['too strong', 'More paper.', '2000 mL']],
    },
  ),
];
