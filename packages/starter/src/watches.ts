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
