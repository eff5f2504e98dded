import { recipe, type RecipeInput } from './builders.ts';

/** What takes its time: it rests, rises, bakes, freezes or lies under a press while other things go on. */
export const OVER_TIME: readonly RecipeInput[] = [
  recipe(
    'flat-bread',
    'Flat bread',
    'food',
    [8, 'piece'],
    45,
    [
      ['plain-flour', 400, { steps: [1] }],
      ['dry-yeast', 4, { steps: [1] }],
      ['fine-salt', 6, { steps: [1] }],
      ['water', 250, { steps: [1], limit: 290, feelFor: 'the dough lets go of the bowl' }],
      ['vegetable-oil', 20, { steps: [1] }],
    ],
    {
      summary: 'Dough that rises while they are outside, and a flat bread for each of them.',
      cooked: true,
      keepsDays: 1,
      keptHow: 'In a cloth',
      steps: [
        '20+45<110~10h: Wash hands. Mix and knead, then each shapes a piece as flat as a hand. | twice as thick, and it springs back from a finger',
        'Adult 5+12@oven: Bake in the hot oven. | brown spots on top',
        'Adult 1+15: Cool on a rack. | cool on the inside of the wrist',
      ],
      variants: [
        {
          id: 'corn',
          name: 'with corn',
          changes: [{ supplyId: 'plain-flour', part: 0.25, insteadId: 'corn-meal' }],
        },
        {
          id: 'spiced',
          name: 'with cinnamon, no salt',
          changes: [{ supplyId: 'fine-salt', insteadId: 'cinnamon', times: 0.5 }],
        },
      ],
      feels: [
        ['sticks to every finger', 'A spoon of flour for the hands, not for the bowl.', '3 spoons'],
        ['crumbles', 'Water by the spoon.', '40 mL'],
      ],
      swaps: [
        [
          'gluten',
          'plain-flour',
          'rice-flour',
          'Mixed first, in its own bowl, and pressed flat on its own paper: it does not roll.',
          { times: 1, also: [{ supplyId: 'water', times: 1.1 }] },
        ],
      ],
    },
  ),
  recipe('ice-lantern', 'Ice lanterns', 'other', [1, 'piece'], 20, [['water', 700, { steps: [1] }]], {
    summary: 'A ring of ice with room for a light.',
    keepsDays: 14,
    keptHow: 'In the freezer until it is lit',
    waitsIn: 'freezer',
    steps: [
      '10: Water into the large bowl, leaves or berries too. The small one floats in the middle, a stone in it.',
      'Adult 2+600@freezer: Level into the freezer. | frozen right through',
      'Adult 5: Out of the bowls, a little warm water outside.',
      '5: A battery light inside. Lights out.',
    ],
    notes: 'A battery light, never a flame. Ice goes outdoors or on a tray: it drips.',
  }),
  recipe(
    'pressed-paper',
    'Paper of our own',
    'other',
    [4, 'piece'],
    30,
    [
      ['copy-paper', 6, { steps: [1], goesIn: 'Torn small' }],
      ['water', 2000, { steps: [1] }],
    ],
    {
      summary: 'Torn paper becomes pulp, and pulp becomes sheets to write on.',
      keepsDays: 365,
      keptHow: 'Flat, in a folder',
      waitHours: 240,
      waitsIn: 'press',
      steps: [
        'Child 15: Tear it small, into warm water.',
        'Adult 3: Whisk it to a pulp. | no scraps left',
        '12: Lift it with the frame, turn it out on a cloth, press the water out.',
        'Adult 5: Between cloths under the press. | dry and stiff',
      ],
    },
  ),
];
