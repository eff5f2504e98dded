import { isSketch } from '../../library/index.ts';
import { wholeWords } from '../../measure/index.ts';
import type { Placement } from '../../unit/index.ts';
import { answer } from '../ground/answer.ts';
import { listed, type Finding } from '../ground/finding.ts';
import { memoised } from '../ground/memo.ts';

/**
 * Words in a title that a caution will have something to say about once the thing is named, by what it is about. Kobby's own
 * list from the rows of docs/cautions.md: it only says which sketch to look at first.
 */
const TELLING: Readonly<Record<string, readonly string[]>> = {
  balloons: ['balloon', 'balloons'],
  'small parts': [
    ...[
      'bean',
      'beans',
      'bead',
      'beads',
      'button',
      'buttons',
      'coin',
      'coins',
      'marble',
      'marbles',
      'pebble',
      'pebbles',
    ],
    ...[
      'pea',
      'peas',
      'lentil',
      'lentils',
      'popcorn',
      'pom-pom',
      'pom-poms',
      'sequin',
      'sequins',
      'grape',
      'grapes',
    ],
  ],
  magnets: ['magnet', 'magnets'],
  fire: ['candle', 'candles', 'flame', 'flames', 'fire', 'campfire', 'sparkler', 'sparklers'],
  heat: ['iron', 'oven', 'stove', 'boil', 'boiling', 'hot', 'glue gun', 'microwave'],
  'sharp tools': [
    'knife',
    'knives',
    'scissors',
    'saw',
    'needle',
    'needles',
    'pin',
    'pins',
    'hammer',
    'nails',
  ],
  'long cords': [
    'string',
    'strings',
    'rope',
    'ropes',
    'cord',
    'cords',
    'ribbon',
    'ribbons',
    'yarn',
    'lanyard',
  ],
  water: ['water', 'pool', 'pond', 'tub', 'puddle', 'puddles'],
  'plastic bags': ['plastic bag', 'plastic bags'],
  allergens: [
    'nut',
    'nuts',
    'peanut',
    'peanuts',
    'almond',
    'almonds',
    'milk',
    'egg',
    'eggs',
    'wheat',
    'flour',
    'honey',
    'sesame',
  ],
};
const PATTERNS = Object.entries(TELLING).map(([about, words]) => [about, wholeWords(words)] as const);

/** What the words of a title will be about for the cautions. */
const toldBy = (title: string): readonly string[] =>
  PATTERNS.flatMap(([about, pattern]) => (title.search(pattern) < 0 ? [] : [about]));

const SHOWN = 4;

/** One line for all that is still a sketch in a unit: how many there are, and which to look at first. */
export const sketchFindings = memoised((placements: readonly Placement[]): readonly Finding[] => {
  const titles = placements.flatMap(({ content }) => (isSketch(content) ? [content.title] : []));
  if (titles.length === 0) return [];
  const telling = titles.flatMap((title) => {
    const about = toldBy(title);
    return about.length === 0 ? [] : [`${title} (${about.join(', ')})`];
  });
  const more = telling.length > SHOWN ? [`${telling.length - SHOWN} more`] : [];
  const first =
    telling.length === 0 ? '' : ` Look first at ${listed([...telling.slice(0, SHOWN), ...more])}.`;
  return [
    {
      key: 'sketch',
      rule: 'sketch',
      level: 'note',
      title:
        titles.length === 1 ? '1 sketch has no things yet' : `${titles.length} sketches have no things yet`,
      detail: `They count in the plan. The cautions look at them once their things are named.${first}`,
      basis: 'a line is enough; what it does not say yet is not known',
      days: [],
      cornerIds: [],
      placementId: null,
      childIds: [],
    },
  ];
});

/** One line for all things of a unit that were begun from a line as something like them: nobody has looked at them yet. */
export const begunFindings = answer((look, placements: readonly Placement[]): readonly Finding[] => {
  const used = new Set(
    placements.flatMap(({ content }) => content.materials.map(({ supplyId }) => supplyId)),
  );
  const begun = [...used].flatMap((id) => {
    const supply = look.one('supplies', id);
    return supply && supply.takenFrom !== null ? [supply] : [];
  });
  if (begun.length === 0) return [];
  const told = begun.slice(0, SHOWN).map(({ name, takenFrom }) => `${name} (as ${takenFrom})`);
  const more = begun.length > SHOWN ? [`${begun.length - SHOWN} more`] : [];
  return [
    {
      key: 'begun',
      rule: 'sketch',
      level: 'note',
      title:
        begun.length === 1
          ? '1 thing nobody has looked at yet'
          : `${begun.length} things nobody has looked at yet`,
      detail: `What is known of them is taken from something like them: ${listed([...told, ...more])}. Look at yours, and at its label.`,
      basis: 'what is like is not the same',
      days: [],
      cornerIds: [],
      placementId: null,
      childIds: [],
      supplyIds: begun.map(({ id }) => id),
    },
  ];
});
