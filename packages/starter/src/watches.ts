import type { ChangeInput } from '@kobby/core';

type Pattern = Extract<ChangeInput, { type: 'library/put-watch-pattern' }>['pattern'];
type Stage = Pattern['stages'][number];
/** `[name, least days, most days, how one sees it, what else is said]` */
type StageLine = readonly [string, number, number, string, Partial<Stage>?];

/** Stages of a pattern, or of something that is made from it. */
const stages = (...lines: readonly StageLine[]): Stage[] =>
  lines.map(([name, leastDays, mostDays, sign, rest = {}], i) => ({
    id: `s${i + 1}`,
    name,
    leastDays,
    mostDays,
    sign,
    ...rest,
  }));

const WINDOW = { place: 'window-shelf' } as const;

/** Things to watch over days and weeks. The days are rough: warmth, light and chance move them. */
export const WATCH_PATTERNS: readonly Pattern[] = [
  {
    id: 'sunflower-in-a-jar',
    title: 'A sunflower seed in a jar',
    about: 'Between the glass and damp paper, where the root can be seen.',
    measures: ['height'],
    stages: stages(
      ['Swelling', 1, 3, 'The seed is fat and its shell gapes.', WINDOW],
      ['Root', 2, 5, 'A white tip comes out and turns down.', WINDOW],
      ['Shoot', 3, 6, 'A bow of green lifts the shell.', WINDOW],
      ['Two leaves', 5, 9, 'The shell has fallen and two leaves are open.', WINDOW],
      [
        'Into a pot',
        7,
        14,
        'The root has reached the bottom of the jar.',
        {
          ...WINDOW,
          look: { kind: 'every', days: 2 },
          fullHouse: true,
          tasks: [{ id: 'pots', text: 'Fill a pot with earth and make a hole in it', minutes: 10 }],
          supplies: [{ supplyId: 'potting-mix', amount: 1000 }],
        },
      ],
    ),
  },
  {
    id: 'cress-on-wool',
    title: 'Cress on wool',
    about: 'Sown as a letter. It wants water each morning.',
    measures: ['height'],
    stages: stages(
      ['Sown', 1, 2, 'The seeds are coated with something like jelly.', WINDOW],
      ['Roots', 1, 2, 'White threads hold on to the wool.', WINDOW],
      ['Green', 2, 3, 'Everything stands up and has two leaves.', WINDOW],
      ['To cut', 2, 4, 'It is as high as a thumb.', { ...WINDOW, fullHouse: true, makes: ['cress'] }],
    ),
  },
  {
    id: 'salt-on-a-string',
    title: 'Salt on a string',
    about: 'A strong brine, a string, and patience. It must not be moved.',
    measures: ['mass'],
    stages: stages(
      ['First grains', 2, 4, 'The string feels rough.', { ...WINDOW, look: { kind: 'closed' } }],
      ['Corners', 3, 6, 'There are squares on the string.', { ...WINDOW, look: { kind: 'every', days: 3 } }],
      ['To lift out', 5, 10, 'It does not grow any more.', { ...WINDOW, fullHouse: true }],
    ),
  },
  {
    id: 'keys-that-rust',
    title: 'Keys that rust, and one that does not',
    about: 'Three old keys: dry, wet, and wet with salt. Which is brown first?',
    measures: ['count'],
    stages: stages(
      ['Bright', 1, 3, 'All three look alike.'],
      ['First spots', 2, 5, 'One has brown spots.'],
      ['Brown', 4, 10, 'One is brown all over.', { look: { kind: 'every', days: 2 } }],
    ),
  },
  {
    id: 'line-in-a-glass',
    title: 'Where does the water go?',
    about: 'Two glasses with a line: one open, one under a lid.',
    measures: ['height'],
    stages: stages(
      ['At the line', 1, 2, 'Both are full to the line.', WINDOW],
      ['Lower', 3, 8, 'The open one is lower than its line.', WINDOW],
      ['Dry', 7, 20, 'The open one is empty.', { ...WINDOW, look: { kind: 'every', days: 2 } }],
    ),
  },
  {
    id: 'caterpillars-that-change',
    title: 'Caterpillars that change',
    about:
      'A few of one kind, from a breeder or from their own plant, in an airy net. They go free where they came from.',
    measures: ['count', 'height'],
    living: true,
    care: 'Fresh leaves of their own plant, droppings out, net closed. Only looked at, not held.',
    planB: 'Look for eggs and bitten leaves outside, and draw the four stages from that.',
    stages: stages(
      ['They eat', 5, 12, 'They are longer than yesterday.'],
      ['They hang', 2, 4, 'One hangs head down and does not eat any more.'],
      ['They change', 8, 16, 'The skin is hard and still.', { look: { kind: 'every', days: 2 } }],
      ['To set free', 1, 3, 'Wings are dry and open and close.', { fullHouse: true }],
    ),
  },
  {
    id: 'snails-for-a-week',
    title: 'Snails as guests',
    about: 'Two or three from the yard, in a big jar with earth and air. Hands are washed after each visit.',
    measures: ['count'],
    living: true,
    care: 'Damp earth, a slice of cucumber, the lid with holes closed. Wash hands.',
    planB: 'After rain look under boards in the yard, and follow a trail.',
    stages: stages(
      ['Settling in', 1, 2, 'One shows its feelers.'],
      ['At home', 4, 6, 'There are trails on the glass.'],
      ['To set free', 1, 2, 'The week is over: back to where they came from.', { fullHouse: true }],
    ),
  },
  {
    id: 'onion-tops-in-water',
    title: 'Onion tops that grow again',
    about: 'The white ends of spring onions in a glass, roots down, water a finger high.',
    measures: ['height'],
    care: 'Fresh water, roots kept under it.',
    closedDays: 'Full on the last open day it lasts until Monday.',
    planB: 'Cut a slice off the end and begin again with fresh ones.',
    stages: stages(
      ['Roots', 2, 4, 'The white threads are longer.', WINDOW],
      ['A green tip', 1, 4, 'Something green stands above the cut.', WINDOW],
      [
        'As long as a finger',
        3,
        7,
        'It has grown as long as a finger.',
        { ...WINDOW, look: { kind: 'every', days: 2 } },
      ],
      [
        'To cut',
        2,
        5,
        'It is as high as the glass.',
        { ...WINDOW, fullHouse: true, makes: ['onion greens'] },
      ],
    ),
  },
  {
    id: 'beans-up-a-string',
    title: 'Beans up a string',
    about:
      'Two climbing beans in a pot, a string to the ceiling with a knot at each hand. Raw beans are not eaten.',
    measures: ['height', 'count'],
    care: 'Earth damp, not wet. Turn the pot.',
    closedDays: 'Watered well on the last open day it lasts until Monday.',
    planB: 'Lay two more beans beside the first ones: some never come.',
    stages: stages(
      ['In the earth', 5, 9, 'The earth lifts.', WINDOW],
      ['Out of the earth', 2, 4, 'A bent neck comes up.', WINDOW],
      ['First leaves', 4, 8, 'Two leaves lie flat.', WINDOW],
      [
        'It climbs',
        7,
        20,
        'It has gone once round the string.',
        { ...WINDOW, look: { kind: 'every', days: 2 } },
      ],
      [
        'To the top',
        5,
        20,
        'It has reached the last knot.',
        { ...WINDOW, look: { kind: 'every', days: 3 }, fullHouse: true },
      ],
    ),
  },
  {
    id: 'shadow-of-a-post',
    title: 'The shadow of a post',
    about: 'Always at the same hour: a chalk mark at the end of the shadow, with the date.',
    measures: ['height'],
    planB: 'On a grey day mark that there was none, and look again tomorrow.',
    stages: stages(
      ['The first mark', 6, 8, 'A mark and a date.', { look: { kind: 'every', days: 7 } }],
      ['It moved', 6, 15, 'Today’s mark lies beside the first.', { look: { kind: 'every', days: 7 } }],
      ['A row of marks', 14, 40, 'One can see which way it goes.', { look: { kind: 'every', days: 7 } }],
    ),
  },
  {
    id: 'what-is-left-of-a-leaf',
    title: 'What is left of a leaf?',
    about: 'A leaf, a strip of paper and a plastic peg under damp earth in a glass with a lid.',
    measures: ['count'],
    planB: 'Add a spoonful of earth from under a hedge: who eats leaves lives there.',
    stages: stages(
      ['Buried', 7, 14, 'All three look as before.', { place: 'shelf', look: { kind: 'every', days: 7 } }],
      ['Soft', 10, 30, 'The leaf tears by itself.', { place: 'shelf', look: { kind: 'every', days: 7 } }],
      [
        'Full of holes',
        14,
        60,
        'One sees the earth through it.',
        { place: 'shelf', look: { kind: 'every', days: 7 } },
      ],
    ),
  },
  {
    id: 'slices-in-closed-bags',
    title: 'Slices in closed bags',
    about:
      'Three slices of bread: one touched by many hands, one by washed hands, one by none. The bags stay closed to the end.',
    measures: ['count'],
    care: 'Look from outside; nobody opens a bag.',
    planB: 'Keep the bags where it is warmer.',
    stages: stages(
      ['Fresh', 2, 5, 'All three look alike.', { place: 'shelf' }],
      ['First spots', 2, 6, 'One has a spot.', { place: 'shelf' }],
      [
        'Furry',
        3,
        8,
        'One is covered. All go into the bin as they are.',
        { place: 'shelf', look: { kind: 'every', days: 2 } },
      ],
    ),
  },
  {
    id: 'birds-at-the-feeder',
    title: 'Birds at the feeder',
    about: 'Seed on a board that is seen from the window. Who comes, how many, at which hour?',
    measures: ['count'],
    care: 'Old seed out, fresh seed in, board wiped by an adult, hands washed. No nuts where somebody must not meet them.',
    closedDays: 'Filled on the last open day; birds find other food.',
    planB: 'Hang it further from the door, and wait a week.',
    stages: stages(
      ['Nobody yet', 2, 14, 'The seed lies as it was.'],
      ['The first one', 2, 10, 'One came, took and flew.'],
      ['Those who come each day', 14, 40, 'One is known by sight.', { look: { kind: 'every', days: 2 } }],
    ),
  },
  {
    id: 'eggs-in-the-pond',
    title: 'Eggs in the pond',
    about:
      'Looked at where they are, from the edge, each child within arm’s reach of an adult. Nothing is taken home.',
    measures: ['count'],
    planB: 'Tell it by pictures and go on to what lives under a stone.',
    stages: stages(
      ['Eggs', 7, 21, 'Dots in a clear jelly.', { look: { kind: 'every', days: 7 } }],
      ['They wriggle', 28, 49, 'Something swims with a tail.', { look: { kind: 'every', days: 7 } }],
      ['Legs', 14, 28, 'Two legs behind the body.', { look: { kind: 'every', days: 7 } }],
      ['Off they go', 5, 14, 'One sits on the edge.', { look: { kind: 'every', days: 3 }, fullHouse: true }],
    ),
  },
  {
    id: 'moon-over-the-roof',
    title: 'The moon over the roof',
    about: 'Each family looks in the evening and tells in the morning; a paper moon is cut as it was.',
    measures: [],
    care: 'Ask at the door who saw it and how it looked.',
    planB: 'After three evenings of cloud guess first, then look.',
    stages: stages(
      ['Thin', 4, 8, 'Like a fingernail.', { look: { kind: 'every', days: 2 } }],
      ['Half', 5, 9, 'As if cut through the middle.', { look: { kind: 'every', days: 2 } }],
      ['Round', 5, 9, 'No edge is missing.', { look: { kind: 'every', days: 2 } }],
      ['Thin again', 10, 18, 'It looks the other way.', { look: { kind: 'every', days: 2 } }],
    ),
  },
];

type SightingInput = Extract<ChangeInput, { type: 'watch/record' }>['sighting'];

const saw = (
  on: string,
  stageId: string | null,
  seen: string,
  height: number | null = null,
): SightingInput => ({
  id: `saw-sunflower-${on}`,
  observationId: 'watch-sunflower',
  on: on as never,
  stageId,
  seen,
  measured: height === null ? [] : [{ kind: 'height', value: height }],
});

/** What is watched in the demo home: begun in the unit that is over, late once, and going on. */
export function demoWatch(): ChangeInput[][] {
  const [sunflower, , salt] = WATCH_PATTERNS;
  const { title, about, measures, stages: steps } = sunflower!;
  return [
    [
      {
        type: 'watch/put-observation',
        observation: {
          id: 'watch-sunflower',
          unitId: 'unit-post',
          patternId: sunflower!.id,
          title,
          about,
          measures,
          stages: steps,
          startedOn: '2027-02-24' as never,
          keptIn: 'Window shelf, left',
        },
      },
      {
        type: 'watch/put-observation',
        observation: {
          id: 'watch-salt',
          unitId: 'unit-kites',
          patternId: salt!.id,
          title: salt!.title,
          about: salt!.about,
          measures: salt!.measures,
          stages: salt!.stages,
          startedOn: '2027-03-09' as never,
          keptIn: 'Window shelf, right',
        },
      },
    ],
    [
      saw('2027-02-26', 's2', 'A white tip. Bo saw it first.'),
      saw('2027-03-03', 's3', 'The shell is up on the green bow like a hat.', 14),
      saw('2027-03-05', null, 'It leans to the window.', 31),
      saw('2027-03-08', null, 'Turned round, so that it leans back.', 58),
      saw('2027-03-09', 's4', 'The shell fell off. Two leaves.', 66),
      saw('2027-03-10', null, 'As long as a hand of Noor.', 79),
    ].map((sighting): ChangeInput => ({ type: 'watch/record', sighting })),
  ];
}
