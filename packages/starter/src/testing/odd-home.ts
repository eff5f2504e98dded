import {
  applyGesture,
  ALLERGENS,
  childSchema,
  factsOf,
  gestureSchema,
  homeOf,
  LEADS,
  LINE_KINDS,
  PIECE_KINDS,
  PROPERTY_IDS,
  propertiesSchema,
  read,
  STARTING_VALUES,
  withSeenVersions,
  type Actor,
  type Book,
  type ChangeInput,
  type Finding,
  type UnitId,
  unfilledContent,
} from '@kobby/core';
import { filledFrom } from '../../../core/src/testing/from-schema.ts';
import { DEMO_TODAY } from '../index.ts';
import { seeded } from '../../../core/src/testing/problems.ts';

const SOMEBODY: Actor = { kind: 'person', id: 'person-mara', name: 'Mara' };
let gestures = 0;
const TODAY = DEMO_TODAY;

/** The book after an act, or as it was when the act is refused. */
export function tried(book: Book, changes: readonly unknown[]): Book {
  gestures += 1;
  const parsed = gestureSchema.safeParse({
    id: `odd-gesture-${gestures}`,
    at: '2027-03-10T18:00:00.000Z',
    changes,
  });
  if (!parsed.success) return book;
  const outcome = applyGesture(book, withSeenVersions(book, parsed.data, SOMEBODY), SOMEBODY);
  return outcome.outcome === 'kept' ? outcome.book : book;
}

const childRungs = childSchema.shape.rungs;
const ACTS_APART = 7919;

/** FNV-1a. */
const hashOf = (text: string): number =>
  [...text].reduce((hash, sign) => Math.imul(hash ^ sign.charCodeAt(0), 0x0100_0193) >>> 0, 0x811c_9dc5);

function nameOf(one: unknown): string | null {
  if (typeof one === 'string') return one;
  if (Array.isArray(one)) return nameOf(one[0]);
  return typeof one === 'object' && one !== null && 'id' in one ? String(one.id) : null;
}

// What has a name is drawn by it and not by its place: a list to which one is added gives the same as before, but where the
// new one is drawn itself. So a new property, supply or act is seen here in few of the approved answers.
function pickedBy<T>(draw: number, list: readonly T[]): T {
  if (list.some((one) => nameOf(one) === null)) return list[Math.floor(draw * list.length)]!;
  const weight = (one: T): number => hashOf(`${draw}:${nameOf(one)}`);
  return list.reduce((best, one) => (weight(one) > weight(best) ? one : best));
}

/**
 * A home in which many things are as nobody would plan them: what a seed brings is put anywhere, children get other ages and
 * allergies, days are closed, cupboards are empty. Whatever rules there are have something to say about it.
 */
export function oddHome(book: Book, seed: number, acts: number): Book {
  let random = seeded(seed);
  let counter = 0;
  const upTo = (most: number): number => Math.floor(random() * (most + 1));
  const oneOf = <T>(list: readonly T[]): T => pickedBy(random(), list);
  const chance = (share: number): boolean => random() < share;
  const of = <K extends keyof Book>(kind: K) => oneOf(Object.values(book[kind]) as Book[K][string][]);
  const day = (): number => 1 + upTo(9);
  const span = () => {
    const [a, b] = [day(), day()];
    return { fromDay: Math.min(a, b), toDay: Math.max(a, b) };
  };
  const date = (): string => `2027-03-${String(8 + upTo(20)).padStart(2, '0')}`;
  const unitId = 'unit-kites' as UnitId;
  const where = (): object =>
    oneOf<() => object>([
      () => ({ kind: 'corner', cornerId: of('corners').id, ...span() }),
      () => ({ kind: 'corner', cornerId: of('corners').id, ...span() }),
      () => ({ kind: 'day', day: day(), blockId: oneOf(Object.values(book.homes)[0]!.blocks).id }),
      () => ({ kind: 'day', day: day(), blockId: oneOf(Object.values(book.homes)[0]!.blocks).id }),
      () => ({ kind: 'bin', childId: of('children').id, ...span() }),
      () => ({ kind: 'reserve' }),
      () => ({ kind: 'twin', of: of('placements').id }),
    ])();
  const keptOf = (findings: readonly Finding[]): object => {
    const finding = oneOf(findings);
    return { key: finding.key, facts: factsOf(finding) };
  };
  const ACTS: readonly (() => readonly (ChangeInput | object)[])[] = [
    ...Array.from({ length: 5 }, () => () => [
      {
        type: 'unit/place',
        id: `odd-${seed}-${counter}`,
        unitId,
        activityId: of('activities').id,
        where: where(),
      },
    ]),
    () => [{ type: 'unit/move', placementId: of('placements').id, where: where() }],
    () => [{ type: 'unit/pin', placementId: of('placements').id, pinned: chance(0.5) }],
    () => {
      const placement = of('placements');
      const version = oneOf([null, ...unfilledContent(placement).versions.map(({ id }) => id)]);
      return [
        {
          type: 'unit/choose-version',
          placementId: placement.id,
          childId: of('children').id,
          versionId: version,
          byHand: true,
        },
      ];
    },
    () => [
      {
        type: 'house/put-child',
        child: {
          ...of('children'),
          birth: `20${20 + upTo(6)}-0${1 + upTo(8)}-1${upTo(9)}`,
          mouthsThings: chance(0.5),
          allergies: [{ allergen: oneOf(Object.keys(ALLERGENS)), words: 'x' }],
        },
      },
    ],
    () => [
      {
        type: 'house/put-absence',
        absence: {
          id: `odd-away-${counter}`,
          childId: of('children').id,
          from: date(),
          to: date(),
          parts: [],
        },
      },
    ],
    () => [
      {
        type: 'house/put-closure',
        closure: { id: `odd-closed-${counter}`, from: date(), to: date(), why: 'odd' },
      },
    ],
    () => [
      {
        type: 'cupboard/record-stock',
        move: {
          id: `odd-count-${counter}`,
          supplyId: of('supplies').id,
          kind: 'counted',
          amount: upTo(6),
          at: '2027-03-10T12:00:00.000Z',
        },
      },
    ],
    () => [
      { type: 'cupboard/put-supply', supply: { ...of('supplies'), properties: of('supplies').properties } },
    ],
    () => [
      { type: 'house/put-corner', corner: { ...of('corners'), places: 1 + upTo(3), outdoors: chance(0.3) } },
    ],
    () => [
      {
        type: 'unit/leave-empty',
        omission: { id: `odd-empty-${counter}`, unitId, cornerId: of('corners').id, why: 'x' },
      },
    ],
    () => [
      {
        type: 'gather/put-errand',
        errand: {
          unitId,
          supplyId: of('supplies').id,
          basket: oneOf(['buy', 'borrow', 'families', 'shelf']),
        },
      },
    ],
    () => {
      const home = homeOf(book);
      const [id, { min, max }] = oneOf(Object.entries(STARTING_VALUES));
      return [
        {
          type: 'house/put-home',
          home: {
            ...home,
            values: { ...home.values, [id]: Math.round(min + random() * Math.min(max - min, 30)) },
            ratio: {
              counting: oneOf(['youngest', 'shares']),
              bands: [
                { fromMonths: 0, perAdult: 1 + upTo(3) },
                { fromMonths: 24, perAdult: 2 + upTo(5) },
              ],
              largestGroup: oneOf([null, 2 + upTo(6)]),
              young: oneOf([null, { underMonths: 12 + upTo(12), most: 1 + upTo(2) }]),
              text: '',
            },
            recordedLimits: [{ underMonths: oneOf([null, 24, 36]), minutes: upTo(5) }],
            units: oneOf(['metric', 'us']),
          },
        },
      ];
    },
    () => {
      const { content, ...activity } = of('activities');
      const other = {
        mess: oneOf(['clean', 'some', 'messy']),
        adult: oneOf(['alone', 'near', 'tied']),
        energy: oneOf(['calm', 'middling', 'lively']),
        place: oneOf(['indoors', 'outdoors', 'either']),
        weather: oneOf(['any', 'dry', 'wind', 'sun', 'cold']),
        water: chance(0.3),
        keepsake: chance(0.4),
        eaten: chance(0.2),
        craft: oneOf(['none', 'model', 'own-way']),
        recordedMinutes: oneOf([0, 0, 3, 5, 8]),
        atOnce: oneOf([null, 1, 2, 4]),
        cleanUpMinutes: upTo(12),
        makesAfterHours: oneOf([0, 2, 12, 30]),
        comesAfter: chance(0.4) ? [{ activityId: of('activities').id, days: upTo(2) }] : content.comesAfter,
      };
      const id = `odd-placed-${counter}`;
      return [
        { type: 'library/put-activity', activity: { ...activity, content: { ...content, ...other } } },
        { type: 'unit/place', id, unitId, activityId: activity.id, where: where() },
      ];
    },
    () => {
      const { properties, ...supply } = of('supplies');
      const property = oneOf(PROPERTY_IDS);
      const value = filledFrom(propertiesSchema.in.shape[property]!, random);
      return [
        {
          type: 'cupboard/put-supply',
          supply: { ...supply, properties: { ...properties, [property]: value } },
        },
      ];
    },
    () => [
      {
        type: 'cupboard/put-supply',
        supply: {
          ...of('supplies'),
          allergens: [oneOf(Object.keys(ALLERGENS))],
          mayContain: [oneOf(Object.keys(ALLERGENS))],
          arrivesInDays: oneOf([null, 1, 4, 12]),
          bestBefore: oneOf([null, date()]),
          lowMark: oneOf([null, 5]),
          labelCheckedOn: oneOf([null, date()]),
        },
      },
    ],
    () => {
      const placement = of('placements');
      const tubs = Object.values(book.supplies).filter(({ inside }) => inside !== null);
      const bin = { tubId: oneOf(tubs).id, fillerId: of('supplies').id, depthPercent: 10 + upTo(60) };
      return [{ type: 'unit/fill-bin', placementId: placement.id, bin }];
    },
    () => {
      const recipe = of('recipes');
      return [
        {
          type: 'kitchen/put-batch',
          batch: {
            id: `odd-batch-${counter}`,
            recipeId: recipe.id,
            madeOn: date(),
            amount: 200 + upTo(900),
            unit: 'mL',
          },
        },
      ];
    },
    () => [
      {
        type: 'ready/put-time',
        time: { id: `odd-time-${counter}`, name: 'odd', date: date(), start: '13:00', minutes: 5 + upTo(60) },
      },
    ],
    () => [
      {
        type: 'ready/put-task',
        task: { id: `odd-task-${counter}`, unitId, text: 'Try it', minutes: 5 + upTo(50), day: day() },
      },
    ],
    () => {
      const { task } = oneOf(read(book, unitId, TODAY).ready.entries);
      const choice = {
        id: task.id,
        unitId,
        parts: 1 + upTo(2),
        personId: oneOf([null, ...Object.keys(book.people)]),
        instead: oneOf([null, 0, 1]),
        withChildren: oneOf([null, true, false]),
        skip: oneOf([null, null, 'made', 'left-out']),
      };
      return [
        chance(0.7) ? { type: 'ready/choose', choice } : { type: 'ready/done', unitId, taskId: task.id },
      ];
    },
    () => [
      {
        type: 'circle/put-piece',
        piece: {
          id: `odd-piece-${counter}`,
          unitId,
          blockId: oneOf(homeOf(book).blocks).id,
          moment: oneOf(['in', 'in', 'in', 'after']),
          day: oneOf([null, day()]),
          kind: oneOf(Object.keys(PIECE_KINDS)),
          songId: of('songs').id,
          order: `a${upTo(9)}${counter}V`,
          pinned: chance(0.2),
          notOn: chance(0.3) ? [day()] : [],
        },
      },
    ],
    () => {
      const placement = of('placements');
      const childIds = Object.keys(book.children).filter(() => chance(0.4));
      const groups = [{ personId: oneOf(Object.keys(book.people)), childIds }];
      return [
        { type: 'handover/lead', leading: { unitId, placementId: placement.id, day: day(), groups } },
        { type: 'unit/assign', placementId: placement.id, personId: oneOf(Object.keys(book.people)) },
      ];
    },
    () => [
      {
        type: 'unit/put-event',
        event: {
          id: `odd-event-${counter}`,
          unitId,
          title: 'Odd',
          when: { kind: 'day', day: day() },
          plan: [],
        },
      },
    ],
    () => [
      {
        type: 'watch/record',
        sighting: {
          id: `odd-seen-${counter}`,
          observationId: of('observations').id,
          on: date(),
          stageId: oneOf(of('observations').stages).id,
          seen: 'x',
        },
      },
    ],
    () => {
      const home = homeOf(book);
      const blocks = home.blocks.map((block) => ({
        ...block,
        minutes: Math.max(5, block.minutes + 5 * upTo(2) - 5),
      }));
      const prepSlots = home.prepSlots.map((slot) => ({
        ...slot,
        minutes: Object.fromEntries(Object.entries(slot.minutes).map(([key]) => [key, 10 * upTo(6)])),
      }));
      return [
        {
          type: 'house/put-home',
          home: {
            ...home,
            blocks,
            prepSlots: chance(0.2) ? [] : prepSlots,
            binRule: oneOf(['', 'Handfuls stay over the tub.']),
            waitingPlaces: home.waitingPlaces.slice(upTo(1)),
            emergencyNumber: oneOf([null, '112']),
          },
        },
      ];
    },
    () => [
      {
        type: 'house/put-person',
        person: {
          ...oneOf(Object.values(book.people).filter(({ role }) => role === 'assistant')),
          mayLead: Object.keys(LEADS).filter(() => chance(0.5)),
          retired: chance(0.2),
        },
      },
    ],
    () => [
      {
        type: 'unit/revise',
        unit: {
          ...of('units'),
          start: `2027-03-${String(8 + upTo(7)).padStart(2, '0')}`,
          dayCount: 3 + upTo(9),
          words: chance(0.5) ? [] : ['gust', 'string'],
          bookIds: Object.keys(book.bookTitles).slice(0, upTo(4)),
          budget: oneOf([null, 500, 9000]),
        },
      },
    ],
    () => [
      {
        type: 'library/put-book',
        book: { ...of('bookTitles'), use: oneOf(['read-aloud', 'rail', 'both']), keptHigh: chance(0.4) },
      },
    ],
    () => [
      {
        type: 'unit/put-line',
        line: {
          id: `odd-line-${counter}`,
          unitId,
          kind: oneOf(Object.keys(LINE_KINDS)),
          day: oneOf([null, day()]),
          bookId: oneOf([null, of('bookTitles').id]),
          words: oneOf(['Umbrellas', 'x']),
          order: `b${counter}`,
        },
      },
    ],
    () => [
      {
        type: 'unit/put-thing',
        thing: {
          id: `odd-thing-${counter}`,
          unitId,
          name: oneOf(['Box kite', 'Tail', 'Reel', 'Sled kite']),
          pair: oneOf([null, 'Tail', 'Nobody']),
          rank: oneOf([null, 1, 2, 5]),
          kind: oneOf([null, 'kite']),
          order: `c${counter}`,
        },
      },
    ],
    () => [
      {
        type: 'house/put-child',
        child: {
          ...of('children'),
          rungs: filledFrom(childRungs, random),
          knowsBins: chance(0.5),
          helps: [{ kind: 'comfort', words: 'Wears glasses' }],
          leftOn: oneOf([null, null, date()]),
        },
      },
    ],
    () => [
      {
        type: 'cupboard/put-supply',
        supply: {
          ...of('supplies'),
          packs: [{ amount: 1 + upTo(20), price: oneOf([null, 99 + upTo(900)]), shop: null }],
          inside: oneOf([
            null,
            { kind: 'box', lengthMm: 300 + upTo(400), widthMm: 200 + upTo(300), heightMm: 100 + upTo(200) },
          ]),
          use: oneOf(['consumable', 'reusable']),
          got: oneOf(['bought', 'collected', 'tap']),
          keptIn: oneOf([null, 'Shed']),
          gramsPerMl: oneOf([null, 0.5, 1]),
        },
      },
    ],
    () => [{ type: 'house/put-corner', corner: { ...of('corners'), retired: true } }],
    () => [
      {
        type: 'daybook/record',
        record: {
          unitId,
          placementId: of('placements').id,
          day: day(),
          outcome: oneOf(['loved', 'fine', 'lost', 'skipped']),
          unfinished: chance(0.3),
          children: [{ childId: of('children').id, outcome: 'lost' }],
        },
      },
    ],
    () => [
      {
        type: 'daybook/tap',
        date: '2027-03-11',
        childId: of('children').id,
        tap: oneOf(['in', 'out', 'away']),
      },
    ],
    () => [{ type: 'gather/pick-up', subject: { unitId, supplyId: of('supplies').id } }],
    () => [
      {
        type: 'circle/record',
        record: {
          unitId,
          day: day(),
          blockId: oneOf(homeOf(book).blocks).id,
          outcome: oneOf(['more', 'held', 'restless', 'lost']),
          heldSeconds: 60 * upTo(12),
          ruleSeconds: 300,
        },
      },
    ],
    () => [
      {
        type: 'unit/keep-finding',
        keeping: {
          id: `odd-kept-${counter}`,
          unitId,
          ...keptOf(read(book, unitId, TODAY).headsUps),
          why: 'x',
        },
      },
    ],
  ];
  let odd = book;
  for (let i = 0; i < acts; i += 1) {
    book = odd;
    counter += 1;
    // Each act draws from a source of its own: one that became another shifts none of the others.
    random = seeded(seed * ACTS_APART + i);
    odd = tried(odd, ACTS[Number(oneOf(Object.keys(ACTS)))]!());
  }
  return odd;
}
