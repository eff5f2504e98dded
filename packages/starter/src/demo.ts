import {
  applyGesture,
  EMPTY_BOOK,
  factsOf,
  gestureSchema,
  hasLabel,
  read,
  supplySchema,
  withSeenVersions,
  type Actor,
  type Book,
  type ChangeInput,
  type PlainDay,
  type UnitId,
} from '@kobby/core';
import { demoCircle } from './demo-circle.ts';
import { demoReady, shownNow, SOLS_HALF_HOUR } from './demo-ready.ts';
import { demoRoom } from './demo-room.ts';
import { demoUnitGestures } from './demo-units.ts';
import { STARTER_RULES, starterChanges } from './library.ts';
import { STARTER_SUPPLIES } from './supplies/index.ts';
import { demoWatch } from './watches.ts';

/** The date of the demo home's clock, unless told otherwise: Day 4 of Wind and Kites. */
export const DEMO_TODAY = '2027-03-11' as PlainDay;
/** Who plans in the demo home. */
export const DEMO_PROVIDER_ID = 'person-mara';

const COUNTED_AT = '2027-03-05T18:00:00.000Z';
const ALL_DAY = ['morning', 'afternoon'];

type ChildInput = Extract<ChangeInput, { type: 'house/put-child' }>['child'];
type Weekdays = readonly (keyof ChildInput['attendance'])[];

const child = (
  id: string,
  name: string,
  birth: string,
  weekdays: Weekdays,
  rest: Partial<ChildInput> & { readonly parts?: string[] } = {},
): ChildInput => {
  const { parts = ALL_DAY, ...fields } = rest;
  return {
    id,
    name,
    shownAs: name.split(' ')[0]!,
    birth,
    attendance: Object.fromEntries(weekdays.map((weekday) => [weekday, parts])),
    allergies: [],
    mouthsThings: false,
    ...fields,
  };
};

const MON_TO_FRI: Weekdays = ['1', '2', '3', '4', '5'];

/** Seven children from nine months to six years, with different weekdays. All made up. */
const CHILDREN: readonly ChildInput[] = [
  child('ada', 'Ada Brook', '2026-05-20', ['1', '2', '4'], {
    mouthsThings: true,
    likes: ['scarves', 'anything that rattles'],
    helps: [{ kind: 'comfort', words: 'Her blue cloth' }],
  }),
  child('juno', 'Juno Hale', '2024-11-03', MON_TO_FRI, {
    mouthsThings: true,
    likes: ['cars', 'water'],
    wontTouch: ['slimy things'],
    rungs: { language: 'sure' },
  }),
  child('noor', 'Noor Vale', '2023-06-15', MON_TO_FRI, {
    knowsBins: true,
    likes: ['dancing'],
    helps: [{ kind: 'sign', words: 'Signs for more and finished' }],
    allergies: [{ allergen: 'tree-nuts', words: 'All tree nuts, also shells and nut oil' }],
  }),
  child('tove', 'Tove Lind', '2023-01-20', ['1', '2', '3', '5'], {
    knowsBins: true,
    rungs: { cutting: 'practising' },
    allergies: [{ allergen: 'gluten', words: 'Coeliac disease, crumbs count' }],
  }),
  child('bo', 'Bo Marsh', '2022-09-02', MON_TO_FRI, {
    knowsBins: true,
    likes: ['cranes', 'numbers'],
    rungs: { number: 'sure' },
    helps: [{ kind: 'seat', words: 'Feet on the box' }],
    allergies: [{ allergen: 'milk', words: 'Milk in any form, skin too' }],
  }),
  child('eli', 'Eli Stone', '2021-12-08', ['1', '3', '4', '5'], {
    knowsBins: true,
    likes: ['clocks'],
    wontTouch: ['wet paint'],
    helps: [{ kind: 'grip', words: 'Left hand, thick brush' }],
  }),
  child('ines', 'Ines Ford', '2021-02-14', ['1', '2', '4'], {
    parts: ['after-school'],
    knowsBins: true,
    likes: ['writing letters'],
    rungs: { print: 'sure' },
  }),
];

const worksOn = (weekdays: Weekdays, parts: readonly string[]) =>
  Object.fromEntries(weekdays.map((weekday) => [weekday, [...parts]]));

/** What stands in the demo home's corners for good. */
const KITS: Readonly<Record<string, readonly { readonly supplyId: string; readonly amount: number }[]>> = {
  'corner-dough': [
    { supplyId: 'dough-rollers', amount: 3 },
    { supplyId: 'dough-cutters', amount: 8 },
  ],
  'corner-sensory-bin': [
    { supplyId: 'scoops-large', amount: 2 },
    { supplyId: 'floor-mat', amount: 1 },
  ],
  'corner-writing': [{ supplyId: 'pencils', amount: 12 }],
};

const withKit = (change: ChangeInput): ChangeInput =>
  change.type === 'house/put-corner'
    ? { ...change, corner: { ...change.corner, standingKit: [...(KITS[change.corner.id] ?? [])] } }
    : change;

// Mara has read the labels of what is eaten or kneaded.
const LABELS_READ = '2027-03-01';
const withLabel = (change: ChangeInput): ChangeInput =>
  change.type === 'cupboard/put-supply' && hasLabel(supplySchema.parse(change.supply))
    ? { ...change, supply: { ...change.supply, labelCheckedOn: LABELS_READ } }
    : change;

// What was played with in the years before: what comes with Kobby is whole.
const WEAR: Readonly<
  Record<string, Readonly<Record<string, { readonly missing?: number; readonly worn?: number }>>>
> = {
  'toy-tools': { 'Large wooden screws': { missing: 1 } },
  'peg-boards': { 'Fat pegs': { missing: 2 } },
  'felt-kites': { Tails: { worn: 2 } },
};
function withWear(change: ChangeInput): ChangeInput {
  if (change.type !== 'cupboard/put-supply') return change;
  const { supply } = change;
  const wear = WEAR[supply.id];
  if (!wear || !supply.set) return change;
  const pieces = supply.set.pieces?.map((piece) => ({ ...piece, ...wear[piece.name] })) ?? [];
  return { ...change, supply: { ...supply, set: { ...supply.set, pieces } } };
}

function gesturesBeforeAnyStop(): ChangeInput[][] {
  return [
    [
      {
        type: 'house/put-home',
        home: {
          id: 'home',
          name: 'Low Shelf House',
          zone: 'America/Chicago',
          ...STARTER_RULES,
          prepSlots: [...STARTER_RULES.prepSlots, SOLS_HALF_HOUR],
          emergencyNumber: '555 0100',
          poisonCentreNumber: '555 0199',
          tapC: 46,
          recordedLimits: [
            { underMonths: 24, minutes: 0 },
            { underMonths: null, minutes: 20 },
          ],
          ratio: {
            counting: 'shares',
            bands: [
              { fromMonths: 0, perAdult: 3 },
              { fromMonths: 24, perAdult: 6 },
              { fromMonths: 48, perAdult: 10 },
            ],
            largestGroup: 10,
            young: { underMonths: 18, most: 2 },
            text: 'Made up for the demo home: three under two, six under four, ten from four on to an adult. Enter the rule of your own licence.',
          },
        },
      },
      {
        type: 'house/put-person',
        person: {
          id: DEMO_PROVIDER_ID,
          name: 'Mara',
          role: 'provider',
          work: worksOn(MON_TO_FRI, [...ALL_DAY, 'after-school']),
          mayLead: ['heat', 'water', 'blades'],
        },
      },
      {
        type: 'house/put-person',
        person: {
          id: 'person-sol',
          name: 'Sol',
          role: 'assistant',
          work: worksOn(['1', '2', '4'], ['morning']),
          mayLead: ['water'],
        },
      },
      {
        type: 'house/put-person',
        person: {
          id: 'person-wren',
          name: 'Wren',
          role: 'assistant',
          work: worksOn(['1', '3'], ['after-school']),
        },
      },
    ],
    starterChanges().map(withKit).map(withLabel).map(withWear),
    STARTER_SUPPLIES.filter(({ stock }) => stock > 0).map(({ supply: { id }, stock }) => ({
      type: 'cupboard/record-stock',
      move: { id: `count-${id}`, supplyId: id, kind: 'counted', amount: stock, at: COUNTED_AT },
    })),
    [
      {
        type: 'cupboard/put-wish',
        wish: {
          id: 'wish-tubes',
          words: 'Long cardboard tubes',
          supplyId: 'cardboard-tubes',
          forWhat: 'Bridges',
        },
      },
      {
        type: 'cupboard/put-wish',
        wish: { id: 'wish-lids', words: 'Jar lids in many sizes', forWhat: 'Markets' },
      },
    ],
    CHILDREN.map((it) => ({ type: 'house/put-child', child: it })),
    [
      {
        type: 'house/put-closure',
        closure: { id: 'closure-clean', from: '2027-03-15', to: '2027-03-15', why: 'Spring cleaning day' },
      },
      {
        type: 'house/put-absence',
        absence: { id: 'absence-eli', childId: 'eli', from: '2027-03-11', to: '2027-03-11' },
      },
    ],
    ...demoUnitGestures(),
    ...demoCircle(),
    ...demoReady(),
    ...demoWatch(),
    ...demoRoom(),
  ];
}

const MARA: Actor = { kind: 'person', id: DEMO_PROVIDER_ID, name: 'Mara' };

function after(book: Book, changes: ChangeInput[]): Book {
  const gesture = gestureSchema.parse({ id: 'demo-begins', at: COUNTED_AT, changes });
  const outcome = applyGesture(book, withSeenVersions(book, gesture, MARA), MARA);
  if (outcome.outcome !== 'kept') throw new Error(`the demo home does not hold: ${JSON.stringify(outcome)}`);
  return outcome.book;
}

/** The one stop of the current unit that Mara keeps as it is, with her reason. */
function keptStop(book: Book): ChangeInput {
  const unitId = 'unit-kites' as UnitId;
  const stop = read(book, unitId, DEMO_TODAY).headsUps.find(({ level }) => level === 'stop');
  if (!stop) throw new Error('the demo home has no stop to keep');
  const why = 'The ribbons are sewn to the rim at both ends, 15 cm long. Ada plays there on my lap.';
  return {
    type: 'unit/keep-finding',
    keeping: { id: 'keeping-ribbons', unitId, key: stop.key, facts: factsOf(stop), why },
  };
}

/**
 * The demo home, as the gestures that make it: the house, then each unit. Everything in it is made up.
 * They are applied in order, each whole.
 */
export function demoGestures(): ChangeInput[][] {
  const gestures = gesturesBeforeAnyStop();
  const book = gestures.reduce(after, EMPTY_BOOK);
  return [...gestures, [keptStop(book)], shownNow(book, DEMO_TODAY)];
}
