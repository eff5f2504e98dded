import type { ChangeInput } from '@kobby/core';
import { inCorner, onDay, place, type Placed } from './demo-where.ts';

type UnitInput = Extract<ChangeInput, { type: 'unit/start' }>['unit'];
type Earlier = Omit<UnitInput, 'id' | 'dayCount'> & { readonly id: string; readonly dayCount?: number };

/** The year before, in short form: what it was about, when, and what was featured. */
const EARLIER: readonly Earlier[] = [
  {
    id: 'unit-locks',
    title: 'Locks and Keys',
    style: 'individual',
    start: '2026-09-08',
    featured: [
      { kind: 'letter', value: 'K' },
      { kind: 'shape', value: 'circle', span: 'month' },
    ],
    words: ['lock', 'bolt', 'key'],
  },
  {
    id: 'unit-clocks',
    title: 'A passion for clocks',
    style: 'passion',
    start: '2026-09-28',
    dayCount: 8,
    featured: [{ kind: 'number', value: '12' }],
    words: ['hour', 'tick'],
  },
  {
    id: 'unit-cranes',
    title: 'Cranes and Pulleys',
    style: 'theme',
    start: '2026-10-12',
    featured: [
      { kind: 'letter', value: 'C' },
      { kind: 'colour', value: 'yellow', span: 'month' },
    ],
    words: ['hook', 'pulley', 'lift'],
  },
  {
    id: 'unit-markets',
    title: 'Markets',
    style: 'theme',
    start: '2026-11-02',
    featured: [
      { kind: 'letter', value: 'M' },
      { kind: 'colour', value: 'orange' },
      { kind: 'number', value: '10' },
    ],
    words: ['stall', 'weigh'],
  },
  {
    id: 'unit-w',
    title: 'A letter-W week',
    style: 'letter',
    start: '2026-11-30',
    dayCount: 5,
    featured: [{ kind: 'letter', value: 'W' }],
    words: ['water', 'wheel'],
  },
  {
    id: 'unit-mirrors',
    title: 'Mirrors',
    style: 'theme',
    start: '2027-01-11',
    featured: [
      { kind: 'colour', value: 'silver' },
      { kind: 'shape', value: 'square' },
    ],
    words: ['shine', 'same'],
  },
  {
    id: 'unit-paper',
    title: 'Paper',
    style: 'theme',
    start: '2027-01-25',
    featured: [
      { kind: 'letter', value: 'P' },
      { kind: 'shape', value: 'triangle', span: 'month' },
    ],
    words: ['fold', 'crease'],
  },
];

const called = (thing: string, rest: Readonly<Record<string, string>> = {}): Record<string, string> => ({
  things: `${thing}s`,
  thing,
  ...rest,
});
/** The main things that were out in them. */
const EARLIER_PLACED: Readonly<Record<string, readonly Placed[]>> = {
  'unit-locks': [
    ['partner-match', inCorner('table-trays', 1, 10), called('key', { all: 'door, bicycle and chest keys' })],
    ['pour-to-the-line', inCorner('sensory-bin', 1, 5)],
    ['clip-the-count', onDay(2, 'small-groups'), called('key')],
    ['beat-of-names', onDay(5, 'table')],
  ],
  'unit-clocks': [
    ['what-comes-next', inCorner('felt-board', 1, 8), called('hour', { order: 'morning, noon and night' })],
    ['six-on-the-rail', inCorner('books', 1, 8)],
    ['roll-and-count', onDay(3, 'table')],
  ],
  'unit-cranes': [
    ['ramp-and-fan', inCorner('blocks', 1, 10)],
    ['wand-or-not', onDay(2, 'small-groups')],
    ['sink-or-stay', onDay(4, 'small-groups'), called('hook')],
    ['print-with-it', inCorner('easel', 6, 10), called('cog')],
    ['roll-and-count', onDay(8, 'table')],
  ],
  'unit-markets': [
    ['shop-of-things', inCorner('pretend-play', 1, 10), called('apple')],
    ['weather-dough', inCorner('dough', 1, 5)],
    ['partner-match', inCorner('table-trays', 1, 10), called('coin', { all: 'large, small and bent coins' })],
    ['oat-breeze-bin', inCorner('sensory-bin', 1, 10)],
    ['beat-of-names', onDay(3, 'table')],
    ['feather-hunt', onDay(7, 'small-groups')],
  ],
  'unit-w': [
    ['build-the-word', inCorner('writing', 1, 5), { word: 'wheel' }],
    ['pour-to-the-line', inCorner('sensory-bin', 1, 5)],
    ['sink-or-stay', onDay(2, 'small-groups'), called('wheel')],
  ],
  'unit-mirrors': [
    ['partner-match', inCorner('table-trays', 1, 10), called('face', { all: 'glad, sad and sleepy faces' })],
    ['fly-to-the-colour', inCorner('floor-games', 1, 10)],
    ['what-comes-next', inCorner('felt-board', 1, 10), called('shape', { order: 'dot, line and square' })],
    ['beat-of-names', onDay(4, 'table')],
  ],
  'unit-paper': [
    ['print-with-it', inCorner('easel', 1, 10), called('fold')],
    ['six-on-the-rail', inCorner('books', 1, 10)],
    ['build-the-word', inCorner('writing', 1, 10), { word: 'fold' }],
    ['roll-and-count', onDay(5, 'table')],
  ],
};

/** The units of the year before, with the main things that were out in them. */
export const earlierUnits = (): ChangeInput[] =>
  EARLIER.flatMap((unit): ChangeInput[] => [
    { type: 'unit/start', unit: { dayCount: 10, ...unit } },
    ...place(unit.id, EARLIER_PLACED[unit.id] ?? []),
  ]);
