import { recipe, type RecipeInput } from './builders.ts';

/** Doughs and clays: amounts to begin with, what to feel for, and how long they keep. */
export const DOUGHS: readonly RecipeInput[] = [
  recipe(
    'cooked-dough',
    'Dough from the pan',
    'dough',
    [720, 'mL'],
    20,
    [
      ['plain-flour', 260, { steps: [1] }],
      ['fine-salt', 30, { steps: [1], goesIn: 'Little salt: see the cautions for more' }],
      ['cream-of-tartar', 12, { steps: [1] }],
      ['vegetable-oil', 30, { steps: [1] }],
      ['water', 480, { steps: [1] }],
      [
        'food-colour',
        3,
        { steps: [1], role: 'colour', goesIn: 'Into the water, or a drop a child at the end' },
      ],
      ['vanilla', 4, { steps: [4], role: 'scent' }],
    ],
    {
      makesId: 'lump-pan',
      cooked: true,
      waitHours: 2,
      keepsDays: 28,
      keptHow: 'Sealed, cold, with the date on the lid',
      steps: [
        'Adult 4: Stir everything in a cold pan. | no lumps are left',
        'Adult 8: Heat gently and stir. | it leaves the sides and looks dull',
        'Adult 2+120: Let it cool under a damp cloth. | it is lukewarm to the inside of the wrist, in the middle too',
        'Child 6: Knead it. | it is one colour and no longer sticks',
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
          'wheat',
          'plain-flour',
          'rice-flour',
          'More oil, tools that never met wheat.',
          { times: 1.1, also: [{ supplyId: 'vegetable-oil', times: 1.25 }] },
        ],
        [
          'gluten',
          'plain-flour',
          'rice-flour',
          'More oil, tools that never met wheat.',
          { times: 1.1, also: [{ supplyId: 'vegetable-oil', times: 1.25 }] },
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
      ['rice-flour', 280, { steps: [2], portions: 2, bagged: true }],
      ['fine-salt', 30, { steps: [2] }],
      ['cream-of-tartar', 10, { steps: [2] }],
      ['water', 420, { steps: [1] }],
      ['vegetable-oil', 35, { steps: [3, 5], portions: 2, goesIn: 'In two halves' }],
    ],
    {
      makesId: 'lump-rice',
      cooked: true,
      waitHours: 2,
      keepsDays: 14,
      keptHow: 'Sealed and cold; it dries sooner than others',
      steps: [
        'Adult 6: Bring the water to a simmer. | small bubbles at the rim',
        'Adult 3: Beat in the dry things, half at a time. | it comes together in one ball',
        'Adult 3: Off the heat, work in half of the oil.',
        'Adult 2+60: Rest it, lid on. | the steam is gone',
        'Child 6+60: Press it smooth on an oiled board with the rest of the oil. | no crack at the edge',
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
      ['corn-starch', 350, { steps: [1] }],
      [
        'vegetable-oil',
        75,
        {
          steps: [2],
          portions: 3,
          limit: 105,
          feelFor: 'a handful stays when it is pressed',
          goesIn: 'A third at a time',
        },
      ],
    ],
    {
      keepsDays: 14,
      keptHow: 'In a lidded tub, dry',
      steps: [
        'Adult 2: Tip the starch in from low down: it dusts.',
        '5: Rub the oil in with flat fingers. | it feels like damp snow',
        'Child 1: Press a handful. Does it stay? | it stays',
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
      ['oat-rings', 240, { steps: [1], shapeless: true, goesIn: 'Ground as fine as flour' }],
      ['vegetable-oil', 60, { steps: [2] }],
      ['bananas', 1, { steps: [3], goesIn: 'Mashed, at the very end' }],
    ],
    {
      keepsDays: 1,
      keptHow: 'Not at all: it goes to the compost after the day',
      steps: [
        'Adult 4: Grind the rings and sieve them.',
        '3: Mix in oil. | it looks like wet sand',
        'Child 3: Squash the banana and knead it under.',
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
      ['plain-flour', 210, { steps: [1] }],
      ['fine-salt', 150, { steps: [1] }],
      [
        'water',
        110,
        { steps: [2], limit: 150, feelFor: 'it bends without breaking', goesIn: 'In a thin stream' },
      ],
    ],
    {
      keepsDays: 3,
      keptHow: 'Wrapped, cold',
      steps: [
        '2: Stir the dry things.',
        '5: Add the water and knead. | it bends without breaking',
        'Child 20: Form it, no thicker than a finger.',
        'Adult 5+180: Bake it at low heat, at preparation time. | it sounds hollow',
        'Adult 2+60: Let it cool on a rack.',
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
      ['corn-starch', 200, { steps: [2], portions: 2 }],
      ['shaving-foam', 200, { steps: [1] }],
    ],
    {
      keepsDays: 1,
      keptHow: 'Not at all',
      steps: [
        'Adult 1: Spray the foam.',
        '4: Fold the starch under with a spatula, half at a time.',
        'Child 1: Pat, do not rub: eyes stay clear.',
      ],
      feels: [['wet', 'More starch.', '5 tablespoons']],
    },
  ),
];
