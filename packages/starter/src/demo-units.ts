import type { ChangeInput } from '@kobby/core';
import { earlierUnits } from './demo-earlier.ts';
import { demoKitchen } from './demo-kitchen.ts';
import { inBin, inCorner, onDay, place, RESERVE, type Placed } from './demo-where.ts';

type ThingInput = Extract<ChangeInput, { type: 'unit/put-thing' }>['thing'];
type LineInput = Extract<ChangeInput, { type: 'unit/put-line' }>['line'];
const KITES: readonly Placed[] = [
  ['ramp-and-fan', inCorner('blocks', 1, 10)],
  ['kite-repair-counter', inCorner('pretend-play', 1, 10)],
  ['ribbon-breeze-bin', inCorner('sensory-bin', 1, 5)],
  ['gust-lines', inCorner('writing', 1, 10)],
  ['weather-dough', inCorner('dough', 1, 4)],
  ['what-lifts-table', inCorner('science', 1, 8)],
  ['straw-trails', inCorner('easel', 4, 5)],
  ['six-on-the-rail', inCorner('books', 1, 10)],
  ['tails-of-one-to-six', inCorner('table-trays', 1, 10)],
  ['fly-to-the-colour', inCorner('floor-games', 1, 10)],
  ['runaway-kite', inCorner('felt-board', 1, 10)],
  ['bubble-wind', inCorner('outdoors', 1, 10)],
  ['paper-windsocks', onDay(1, 'table')],
  ['feather-hunt', onDay(1, 'small-groups')],
  ['wash-of-sky', onDay(2, 'table')],
  ['lace-a-tail', onDay(3, 'small-groups')],
  ['parachute-hall', onDay(4, 'yard')],
  ['kite-corners', onDay(4, 'small-groups')],
  ['pinwheels', onDay(5, 'table')],
  ['kite-keepsake', onDay(6, 'table')],
  ['kite-corners', onDay(6, 'small-groups')],
  ['sink-or-stay', onDay(7, 'small-groups'), { things: 'kite parts', thing: 'part' }],
  ['roll-and-count', onDay(7, 'table')],
  ['parachute-hall', onDay(8, 'yard')],
  ['feather-hunt', onDay(8, 'small-groups')],
  ['roll-and-count', onDay(10, 'small-groups')],
  ['clip-the-count', inBin('bo', 1, 10), { things: 'kites', thing: 'kite' }],
  ['build-the-word', inBin('ines', 1, 10), { word: 'gust' }],
  ['partner-match', inBin('noor', 4, 10), { things: 'kites', thing: 'kite' }],
  ['mirror-me', RESERVE],
  ['path-for-two-feet', RESERVE],
  // Tove comes again from Day 5 on.
  ['rice-dough', inCorner('dough', 5, 10)],
];

const LANTERNS: readonly Placed[] = [
  ['lantern-glow', inCorner('light-table', 1, 10)],
  ['night-market', inCorner('pretend-play', 1, 10)],
  ['six-on-the-rail', inCorner('books', 1, 10)],
  ['rice-dough', inCorner('dough', 1, 10)],
  ['shadow-shapes', inCorner('floor-games', 1, 10), { things: 'lanterns', thing: 'lantern' }],
  ['roll-and-count', onDay(2, 'small-groups')],
  ['light-out-of-ice', onDay(3, 'small-groups')],
];

const letters = { things: 'letters', thing: 'letter' };
const POST: readonly Placed[] = [
  ['shop-of-things', inCorner('pretend-play', 1, 10), { things: 'stamps', thing: 'stamp' }],
  ['partner-match', inCorner('table-trays', 1, 10), letters],
  ['build-the-word', inCorner('writing', 1, 10), { word: 'post' }],
  ['what-comes-next', inCorner('felt-board', 1, 10), letters],
  ['fly-to-the-colour', inCorner('floor-games', 6, 10)],
  ['weather-dough', inCorner('dough', 1, 10)],
  ['six-on-the-rail', inCorner('books', 1, 10)],
  ['print-with-it', inCorner('easel', 1, 5), { things: 'parcels', thing: 'parcel' }],
  ['roll-and-count', onDay(2, 'table')],
  ['feather-hunt', onDay(4, 'small-groups')],
  ['beat-of-names', onDay(6, 'table')],
];

/** `[name, kind, colour, place in the order, goes with, size in mm, first sound, parts]` */
type ThingRow = readonly [string, string, string, number | null, string | null, number, string, ...string[]];
const KITE_THINGS: readonly ThingRow[] = [
  ['kite', 'flies', 'red', 4, 'reel', 900, 'k', 'spine', 'spar', 'tail'],
  ['reel', 'holds', 'yellow', 1, 'kite', 120, 'r', 'handle', 'string'],
  ['windsock', 'shows wind', 'orange', 3, 'mast', 1500, 'w', 'ring', 'sleeve'],
  ['pinwheel', 'turns', 'blue', 2, null, 250, 'p', 'vane', 'pin', 'stick'],
  ['streamer', 'shows wind', 'green', 5, null, 1000, 's'],
  ['cloud', 'moves', 'white', 7, null, 500_000, 'c'],
];

const LANTERN_THINGS: readonly ThingRow[] = [
  ['lantern', 'gives light', 'yellow', null, 'moon', 220, 'l', 'handle', 'glass', 'candle'],
  ['moon', 'in the sky', 'white', null, 'lantern', 3_474_000_000, 'm'],
  ['star', 'in the sky', 'yellow', null, null, 1_000_000_000, 's'],
  ['owl', 'awake at night', 'brown', null, 'bat', 400, 'o', 'wing', 'beak', 'claw'],
  ['bat', 'awake at night', 'black', null, 'owl', 90, 'b', 'wing', 'ear'],
  ['torch', 'gives light', 'blue', null, null, 180, 't', 'switch', 'bulb', 'battery box'],
];

const things = (unitId: string, rows: readonly ThingRow[]): ChangeInput[] =>
  rows.map(([name, kind, colour, rank, pair, sizeMm, firstSound, ...parts], i) => {
    const thing: ThingInput = {
      id: `${unitId}-thing-${i + 1}`,
      unitId,
      name,
      kind,
      colour,
      rank,
      pair,
      sizeMm,
      firstSound,
      parts,
      order: `a${i}`,
    };
    return { type: 'unit/put-thing', thing };
  });

const KITE_LINES: readonly Omit<LineInput, 'id' | 'unitId' | 'order'>[] = [
  { kind: 'read-aloud', day: 1, blockId: 'after-rest', bookId: 'book-wind' },
  { kind: 'read-aloud', day: 4, blockId: 'after-rest', bookId: 'book-story-lost' },
  { kind: 'read-aloud', day: 7, blockId: 'after-rest', bookId: 'book-counting' },
  { kind: 'circle', day: 4, blockId: 'circle', words: 'Which way does it blow? Wet finger, ribbon' },
  { kind: 'note', day: 6, words: 'Full house for the keepsake' },
  { kind: 'outdoors', day: null, words: 'Line of streamers, bubble corner' },
  { kind: 'indoors', day: null, words: 'Fan on the high shelf' },
];

const lines = (unitId: string): ChangeInput[] =>
  KITE_LINES.map((line, i) => ({
    type: 'unit/put-line',
    line: { ...line, id: `${unitId}-line-${i + 1}`, unitId, order: `a${i}` },
  }));

/** The demo home's units, a gesture each: a year of earlier ones, one just over, the current, the next, an idea. */
export function demoUnitGestures(): ChangeInput[][] {
  return [
    earlierUnits(),
    [
      {
        type: 'unit/start',
        unit: {
          id: 'unit-post',
          title: 'The Post Office',
          style: 'theme',
          start: '2027-02-15',
          dayCount: 10,
          featured: [
            { kind: 'letter', value: 'S' },
            { kind: 'colour', value: 'red', span: 'month' },
          ],
          words: ['stamp', 'parcel', 'address'],
        },
      },
      ...place('unit-post', POST),
    ],
    [
      {
        type: 'unit/start',
        unit: {
          id: 'unit-kites',
          title: 'Wind and Kites',
          style: 'theme',
          start: '2027-03-08',
          dayCount: 10,
          about: 'What the wind lifts, turns and carries; how to feel where it comes from.',
          featured: [
            { kind: 'letter', value: 'W' },
            { kind: 'number', value: '6' },
            { kind: 'colour', value: 'blue', span: 'month' },
          ],
          words: ['gust', 'breeze', 'tail', 'reel'],
          bookIds: ['book-wind', 'book-story-lost', 'book-counting'],
          pictures: ['A kite against clouds', 'A windsock on a mast'],
          budget: 2500,
        },
      },
      ...place('unit-kites', KITES),
      {
        type: 'unit/place',
        id: 'unit-kites-hall-twin',
        unitId: 'unit-kites',
        activityId: 'ribbon-stick-dance',
        where: { kind: 'twin', of: 'unit-kites-12' },
      },
      { type: 'unit/assign', placementId: 'unit-kites-22', personId: 'person-mara' },
      // Mara has long ones sewn to the rim.
      {
        type: 'unit/swap-material',
        placementId: 'unit-kites-3',
        supplyId: 'ribbon-short',
        insteadId: 'ribbon',
      },
      {
        type: 'unit/fill-bin',
        placementId: 'unit-kites-3',
        bin: { tubId: 'tubs-11l', fillerId: 'crinkled-paper', depthPercent: 60 },
      },
      ...['unit-kites-20', 'unit-kites-hall-twin'].map((placementId): ChangeInput => ({
        type: 'unit/choose-version',
        placementId,
        childId: 'ada',
        versionId: null,
      })),
      ...things('unit-kites', KITE_THINGS),
      ...lines('unit-kites'),
      {
        type: 'unit/put-event',
        event: {
          id: 'event-kite-day',
          unitId: 'unit-kites',
          title: 'Kite day',
          when: { kind: 'date', date: '2027-03-19' },
          plan: [
            { start: '09:40', text: 'Tie the last tails' },
            { start: '11:00', text: 'Families fly along on the meadow' },
          ],
        },
      },
    ],
    [
      {
        type: 'unit/start',
        unit: {
          id: 'unit-lanterns',
          title: 'Lanterns and the Night Sky',
          style: 'theme',
          start: '2027-03-23',
          dayCount: 10,
          featured: [{ kind: 'letter', value: 'L' }],
          words: ['glow', 'shade', 'star'],
          bookIds: ['book-night'],
        },
      },
      ...things('unit-lanterns', LANTERN_THINGS),
      ...place('unit-lanterns', LANTERNS),
    ],
    ...demoKitchen(),
    [
      {
        type: 'unit/start',
        unit: {
          id: 'unit-bridges',
          title: 'Bridges',
          style: 'theme',
          start: null,
          dayCount: 10,
          about: 'Collect tubes until spring. What holds, what sags, who can cross?',
          words: ['span', 'arch'],
        },
      },
    ],
  ];
}
