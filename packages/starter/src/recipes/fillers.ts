import { recipe, type RecipeInput } from './builders.ts';

/** What is dyed, frozen or scented to fill a bin. */
export const FILLERS: readonly RecipeInput[] = [
  recipe(
    'dyed-rice',
    'Coloured rice',
    'filler',
    [1250, 'mL'],
    15,
    [
      [
        'white-rice',
        1000,
        { steps: [1], portions: 4, bagged: true, goesIn: 'In four bags, one for each colour' },
      ],
      ['vinegar', 20, { steps: [1], portions: 4 }],
      ['food-colour', 6, { steps: [1], role: 'colour', portions: 4 }],
    ],
    {
      makesId: 'coloured-rice',
      waitHours: 12,
      keepsDays: 180,
      keptHow: 'Dry, in a lidded tub, with the date',
      steps: [
        '8: Shake rice, vinegar and colour in a lidded tub. | no white is left',
        'Adult 4+720: Spread it on trays for the night. | it is dry and does not stain',
        '3: Break up lumps with a fork.',
      ],
      feels: [['rubs off on hands', 'A second night, then shake with a spoon of vinegar.']],
      notes: 'Small grains: the cautions say for whom.',
    },
  ),
  recipe(
    'frozen-blocks',
    'Blocks to thaw',
    'filler',
    [1000, 'mL'],
    10,
    [
      ['water', 980, { steps: [1] }],
      ['food-colour', 2, { steps: [1], role: 'colour' }],
    ],
    {
      waitHours: 14,
      keepsDays: 60,
      keptHow: 'Freezer, bagged',
      steps: [
        'Adult 8+840: Fill tubs 10 cm deep with coloured water and freeze them for a night and half a day. | no water moves when it is tilted',
        'Adult 2: Take pieces away when they are smaller than a fist.',
      ],
      feels: [['frosty and dull', 'Run it under the tap for a moment.']],
    },
  ),
  recipe(
    'scented-shreds',
    'Shreds that smell of baking',
    'filler',
    [4000, 'mL'],
    10,
    [
      ['shredded-paper', 4000, { steps: [1] }],
      ['vanilla', 8, { steps: [1], role: 'scent', goesIn: 'On a cloth, shaken with the paper' }],
      ['cinnamon', 6, { steps: [1], role: 'scent' }],
    ],
    {
      keepsDays: 28,
      keptHow: 'In a bag, closed',
      steps: [
        'Adult 10: Shake cloth, spice and paper in a closed tub.',
        'Leave out the scent for anyone with asthma unless the family says yes.',
      ],
      feels: [['too strong', 'More paper.', '2000 mL']],
    },
  ),
];
