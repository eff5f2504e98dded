import type { ChangeInput } from '@kobby/core';

type RecordInput = Extract<ChangeInput, { type: 'daybook/record' }>['record'];
type GroupInput = Extract<ChangeInput, { type: 'handover/lead' }>['leading']['groups'][number];

const KITES = 'unit-kites';
const POST = 'unit-post';

/** `[placement, day, how it went, more]` of Wind and Kites until yesterday. */
const TOLD: readonly (readonly [
  string,
  number,
  RecordInput['outcome'],
  Partial<Omit<RecordInput, 'unitId' | 'placementId' | 'day' | 'outcome'>>?,
])[] = [
  [
    'unit-kites-13',
    1,
    'loved',
    { note: 'They ran with them until lunch.', children: [{ childId: 'ada', outcome: 'fine' }] },
  ],
  ['unit-kites-14', 1, 'fine'],
  ['unit-kites-15', 2, 'fine', { unfinished: true, note: 'Two skies still wet; the rest on the rack.' }],
  [
    'unit-kites-16',
    3,
    'lost',
    { children: [{ childId: 'bo', outcome: 'loved' }], note: 'Holes too small for most.' },
  ],
  [
    'unit-kites-6',
    3,
    'loved',
    {
      note: 'Which one falls the slowest?',
      test: {
        question: 'Which one takes longest to come down?',
        measure: 'seconds',
        by: 'child',
        tries: [
          { label: 'scarf', result: null },
          { label: 'block', result: null },
          { label: 'feather', result: null },
        ],
        own: [
          { childId: 'noor', tryIndex: 0, results: [3, 2.5] },
          { childId: 'bo', tryIndex: 0, results: [3.5] },
          { childId: 'noor', tryIndex: 1, results: [0.5] },
          { childId: 'juno', tryIndex: 1, results: [0.6] },
          { childId: 'bo', tryIndex: 2, results: [4.5, 5] },
          { childId: 'juno', tryIndex: 2, results: [3.8] },
        ],
        guesses: [
          { childId: 'noor', tryIndex: 0 },
          { childId: 'bo', tryIndex: 2 },
          { childId: 'juno', tryIndex: 0 },
        ],
      },
    },
  ],
];

/** The whole of The Post Office, which is over. */
const TOLD_OF_POST: readonly (readonly [string, number, RecordInput['outcome'], string?])[] = [
  ['unit-post-1', 1, 'loved', 'The queue at the counter went on for two weeks.'],
  ['unit-post-9', 2, 'fine'],
  ['unit-post-10', 4, 'loved', 'Under the table was the best place.'],
  ['unit-post-11', 6, 'lost', 'Too loud after rest; better in the yard.'],
  ['unit-post-8', 5, 'fine', 'Parcels print well with cut sponges.'],
  ['unit-post-3', 7, 'loved'],
  ['unit-post-2', 8, 'fine'],
];

const led = (placementId: string, day: number, ...groups: readonly GroupInput[]): ChangeInput => ({
  type: 'handover/lead',
  leading: { unitId: KITES, placementId, day, groups: [...groups] },
});

/** What happened in the room, who leads today, and what was written from it. */
export const demoRoom = (): ChangeInput[][] => [
  TOLD.map(([placementId, day, outcome, rest = {}]): ChangeInput => ({
    type: 'daybook/record',
    record: { ...rest, unitId: KITES, placementId, day, outcome },
  })),
  TOLD_OF_POST.map(([placementId, day, outcome, note = '']): ChangeInput => ({
    type: 'daybook/record',
    record: { unitId: POST, placementId, day, outcome, note },
  })),
  [
    led(
      'unit-kites-18',
      4,
      { personId: 'person-sol', childIds: ['juno', 'noor'] },
      { personId: 'person-mara', childIds: [] },
    ),
    led('unit-kites-17', 4, { personId: 'person-sol', childIds: [] }),
  ],
  [
    {
      type: 'daybook/note',
      note: {
        id: 'note-sky',
        unitId: KITES,
        day: 4,
        placementId: null,
        kind: 'note',
        text: 'The two wet skies are on the rack: finish them after rest.',
      },
    },
  ],
];
