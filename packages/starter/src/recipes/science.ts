import { recipe, type RecipeInput } from './builders.ts';

/** What is shown or tested: amounts for one container, in their order. */
export const SCIENCE: readonly RecipeInput[] = [
  recipe(
    'sky-in-layers',
    'A sky in four layers',
    'science',
    [400, 'mL'],
    8,
    [
      ['corn-syrup', 100, { steps: [1] }],
      ['dish-soap', 100, { steps: [2] }],
      ['water', 100, { steps: [3] }],
      ['food-colour', 1, { steps: [3], role: 'colour', goesIn: 'Into the water' }],
      ['vegetable-oil', 100, { steps: [4] }],
    ],
    {
      summary: 'Four liquids that stay apart, like evening, dusk and night.',
      shows: 'What is heavier for its size sinks below what is lighter.',
      repeats: 2,
      keepsDays: 2,
      keptHow: 'Lid on, on the shelf that nobody bumps into',
      steps: [
        'Adult 1: Pour the syrup into the middle of a clear jar.',
        'Adult 1+1: Let the soap run down the wall. | the edge is sharp',
        'Adult 2+1: The same with coloured water, over a spoon.',
        'Child 2: Pour the oil on top, slowly. Guess first: where will it stay?',
      ],
      feels: [['layers mix', 'Wait an hour: they part again by themselves.']],
    },
  ),
  recipe(
    'fizz-that-lifts',
    'Fizz that lifts a bag',
    'science',
    [150, 'mL'],
    4,
    [
      ['baking-soda', 15, { steps: [1], bagged: true, goesIn: 'Wrapped in a tissue' }],
      ['vinegar', 120, { steps: [2] }],
    ],
    {
      summary: 'A gas that nobody sees fills a bag and lifts it.',
      shows: 'Soda and vinegar make a gas, and a gas needs room.',
      repeats: 4,
      keepsDays: 0,
      keptHow: 'Made fresh',
      steps: [
        'Adult 1: Wrap the soda in a tissue, one for each time.',
        '1: Pour the vinegar into a large zip bag, low and away from faces.',
        'Child 1: Say what will happen. Drop the tissue in, close it, step back. | it stops growing',
        'Measure: how many seconds until it stops?',
      ],
      feels: [['hardly swells', 'Warm the vinegar in the hands first.']],
      notes: 'An adult holds the bag; it is opened at once when it is tight.',
    },
  ),
];
