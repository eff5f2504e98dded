import { recipe, type RecipeInput } from './builders.ts';

/** Paints, bubbles and slimes. */
export const PAINTS: readonly RecipeInput[] = [
  recipe(
    'thin-paint',
    'Paint for blowing',
    'paint',
    [300, 'mL'],
    3,
    [
      ['washable-paint', 1],
      ['water', 1, { limit: 1.25, feelFor: 'a drop runs when the paper tilts' }],
    ],
    {
      partMl: 150,
      keepsDays: 3,
      keptHow: 'In a screw jar, shaken before use',
      steps: ['2: Stir water and paint.', '1: Try one drop. | it runs when the paper tilts'],
      feels: [
        ['will not run', 'A spoon of water.', '3 spoons'],
        ['pale', 'Paint, drop by drop.'],
      ],
    },
  ),
  recipe(
    'edible-finger-paint',
    'Finger paint from the fridge',
    'paint',
    [400, 'mL'],
    5,
    [
      ['yogurt', 380, { steps: [1] }],
      ['food-colour', 4, { steps: [2], role: 'colour', goesIn: 'One drop at a time' }],
    ],
    {
      keepsDays: 1,
      keptHow: 'Cold until it is used, then away',
      steps: ['Adult 3: Spoon it into cups, one a child.', 'Child 2: Choose a colour and stir.'],
      feels: [['slides off the paper', 'Use thick paper and a thinner layer.']],
      swaps: [
        [
          'milk',
          'yogurt',
          'corn-starch',
          'Cook the starch with ten times its weight of water to a jelly and let it cool.',
          { times: 0.11 },
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
      ['corn-starch', 45, { steps: [1] }],
      ['white-sugar', 25, { steps: [1] }],
      ['water', 420, { steps: [1] }],
      ['food-colour', 4, { steps: [3], role: 'colour' }],
    ],
    {
      cooked: true,
      waitHours: 1,
      keepsDays: 7,
      keptHow: 'Cold, lids on, one colour a jar',
      steps: [
        'Adult 3: Whisk starch and sugar into cold water.',
        'Adult 6: Simmer. | it turns glassy',
        'Adult 3+60: Divide, colour, and test the heat on the wrist. | it is cold',
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
      ['baking-soda', 120, { steps: [1] }],
      ['washable-paint', 60, { steps: [1] }],
      ['water', 60, { steps: [1] }],
      ['vinegar', 120, { steps: [3], goesIn: 'In a dropper bottle, afterwards' }],
    ],
    {
      keepsDays: 1,
      keptHow: 'Made fresh',
      steps: [
        '3: Stir soda, paint and water to a cream.',
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
      ['water', 850, { steps: [1] }],
      ['dish-soap', 100, { steps: [2] }],
      ['corn-syrup', 50, { steps: [2] }],
    ],
    {
      makesId: 'bubble-mix',
      waitHours: 12,
      keepsDays: 28,
      keptHow: 'In a bottle, in the yard box',
      steps: [
        'Adult 1: Measure the water into a tub.',
        '4+720: Stir soap and syrup in slowly, no froth, and leave it overnight. | it is clear',
      ],
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
      ['chickpea-water', 240, { steps: [1] }],
      ['cream-of-tartar', 3, { steps: [1] }],
    ],
    {
      keepsDays: 0,
      keptHow: 'Collapses within the hour',
      steps: ['Adult 7: Whip. | peaks stand', 'Adult 2: Spread it on trays.', 'Child: Draw with one finger.'],
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
      ['psyllium', 15, { steps: [1], shapeless: true }],
      ['water', 480, { steps: [1] }],
      ['food-colour', 2, { steps: [2], role: 'colour' }],
    ],
    {
      cooked: true,
      waitHours: 3,
      keepsDays: 2,
      keptHow: 'Cold, covered',
      steps: [
        'Adult 2+10: Soak the husk; dry it is dust and swells.',
        'Adult 10: Heat and stir. | it draws threads',
        'Adult 1+180: Let it get cold before hands go in. | no warm middle',
      ],
      feels: [
        ['sticks to hands', 'Heat it again for a minute.'],
        ['rubbery', 'Stir in cold water.', '50 mL'],
      ],
    },
  ),
  recipe(
    'chia-jelly',
    'Frog jelly',
    'slime',
    [600, 'mL'],
    5,
    [
      ['chia', 60, { steps: [1], shapeless: true }],
      ['water', 540, { steps: [1] }],
    ],
    {
      waitHours: 8,
      keepsDays: 3,
      keptHow: 'Cold, covered',
      steps: [
        'Adult 2+10: Stir the seeds into the water.',
        'Adult 1+480: Stir again and leave it overnight. | no dry seed is left',
      ],
      feels: [['watery', 'Another hour, not more seeds.']],
    },
  ),
  recipe(
    'starch-goo',
    'Goo that is both',
    'slime',
    [500, 'mL'],
    4,
    [
      ['corn-starch', 3, { steps: [1] }],
      [
        'water',
        0.9,
        {
          steps: [1],
          limit: 1.1,
          feelFor: 'it is hard when it is hit and runs when it is held',
          goesIn: 'Spoon by spoon',
        },
      ],
    ],
    {
      partMl: 240,
      keepsDays: 2,
      keptHow: 'Covered; water on top before the next use',
      steps: [
        'Child 4: Drip water on the starch, spoon by spoon.',
        'Grip it fast, hold it still: what happens?',
        'Adult: Scrape it into the bin, never down the drain.',
      ],
      feels: [
        ['splashes', 'Starch by the spoon.', '4 tablespoons'],
        ['cracks and stays so', 'Water by the teaspoon.', '6 teaspoons'],
      ],
    },
  ),
];
