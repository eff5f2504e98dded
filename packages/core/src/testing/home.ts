import {
  applyGesture,
  EMPTY_BOOK,
  gestureSchema,
  plainDay,
  type Actor,
  type Book,
  type ChangeInput,
  type DoneOutcome,
  type Gesture,
  type Outcome,
  type UnitId,
  withNothingElse,
  type Properties,
} from '../index.ts';

/** A small home for tests: two parts, two blocks, five working days. */
export const TEST_HOME: Extract<ChangeInput, { type: 'house/put-home' }>['home'] = {
  id: 'home',
  name: 'Test home',
  zone: 'America/Chicago',
  workingWeekdays: [1, 2, 3, 4, 5],
  parts: [
    { id: 'morning', name: 'Morning', from: '07:30', to: '12:30' },
    { id: 'afternoon', name: 'Afternoon', from: '12:30', to: '17:30' },
  ],
  blocks: [
    { id: 'table', name: 'Table time', start: '09:30', minutes: 30 },
    { id: 'groups', name: 'Small groups', start: '10:00', minutes: 30 },
    { id: 'late', name: 'After rest', start: '15:00', minutes: 30 },
  ],
  emergencyNumber: null,
  poisonCentreNumber: null,
  tapC: 45,
};

export const MARA: Actor = { kind: 'person', id: 'mara', name: 'Mara' };
export const WREN: Actor = { kind: 'person', id: 'wren', name: 'Wren' };
export const TEST_UNIT = 'kites' as UnitId;
export const A_MONDAY = plainDay('2027-03-08');

let counter = 0;

/** A gesture, read by its schema, that has seen whatever it will touch. */
export function gesture(changes: readonly ChangeInput[], rest: Partial<Gesture> = {}): Gesture {
  counter += 1;
  const id = `gesture-${String(counter).padStart(6, '0')}`;
  return { ...gestureSchema.parse({ id, at: '2027-03-08T12:00:00.000Z', changes }), ...rest };
}

/** Applies changes as somebody who sees the newest state of everything. */
export function attempt(book: Book, changes: readonly ChangeInput[], actor: Actor = MARA): Outcome {
  const made = gesture(changes);
  const probe = applyGesture(book, made, actor);
  if (probe.outcome !== 'clash') return probe;
  const bases = probe.refs.map(({ kind, id }) => [`${kind}/${id}`, book[kind][id]?.version ?? 0]);
  return applyGesture(book, { ...made, bases: Object.fromEntries(bases) }, actor);
}

/** The book after changes that must be kept. */
export function after(book: Book, ...changes: readonly ChangeInput[]): Book {
  const outcome = attempt(book, changes);
  if (outcome.outcome !== 'kept') throw new Error(JSON.stringify(outcome));
  return outcome.book;
}

type ChildInput = Extract<ChangeInput, { type: 'house/put-child' }>['child'];

/** A child who comes every morning unless told otherwise. */
export const aChild = (id: string, birth: string, rest: Partial<ChildInput> = {}): ChangeInput => ({
  type: 'house/put-child',
  child: {
    id,
    name: id,
    shownAs: id,
    birth,
    attendance: Object.fromEntries(['1', '2', '3', '4', '5'].map((day) => [day, ['morning']])),
    allergies: [],
    mouthsThings: false,
    ...rest,
  },
});

type SupplyInput = Extract<ChangeInput, { type: 'cupboard/put-supply' }>['supply'];

/** A supply as it is written, whatever is not recorded of it. */
export const aSupplyAsWritten = (id: string, rest: Partial<SupplyInput> = {}): ChangeInput => ({
  type: 'cupboard/put-supply',
  supply: { id, name: id, unit: 'piece', use: 'consumable', keptIn: null, allergens: [], ...rest },
});

/** A supply; where something is said of its properties, somebody has looked at it, and there is nothing else to say. */
export const aSupply = (id: string, rest: Partial<SupplyInput> = {}): ChangeInput =>
  aSupplyAsWritten(id, {
    ...rest,
    ...(rest.properties && {
      properties: withNothingElse(rest.category ?? 'room', rest.properties as Properties),
    }),
  });

type ContentInput = Extract<ChangeInput, { type: 'library/put-activity' }>['activity']['content'];
type MaterialInput = ContentInput['materials'][number];

export const aMaterial = (
  supplyId: string,
  amount: number,
  rest: Partial<MaterialInput> = {},
): MaterialInput => ({
  supplyId,
  amount,
  for: { kind: 'child' },
  every: 'day',
  spare: 'none',
  ...rest,
});

type VersionInput = ContentInput['versions'][number];

/** A version for an age range; its id is made of where it begins. */
export const aVersion = (
  fromMonths: number,
  untilMonths: number | null = null,
  rest: Partial<VersionInput> = {},
): VersionInput => ({ id: `from-${fromMonths}`, fromMonths, untilMonths, does: 'x', say: '', ...rest });

/** An activity for every age unless told otherwise. */
export const anActivity = (id: string, rest: Partial<ContentInput> = {}): ChangeInput => ({
  type: 'library/put-activity',
  activity: {
    id,
    content: {
      title: id,
      mode: 'open-corner',
      summary: '',
      cornerKinds: ['blocks'],
      skills: ['counting'],
      versions: [aVersion(0, null, { does: `plays ${id}` })],
      materials: [],
      steps: [],
      cleanUpMinutes: 0,
      atOnce: null,
      ...rest,
    },
  },
});

type CornerInput = Extract<ChangeInput, { type: 'house/put-corner' }>['corner'];
export const aCorner = (id: string, rest: Partial<CornerInput> = {}): ChangeInput => ({
  type: 'house/put-corner',
  corner: {
    id,
    name: id,
    kind: 'blocks',
    outdoors: false,
    places: 10,
    expected: true,
    order: `a${id}`,
    ...rest,
  },
});

export const inCorner = (id: string, activityId: string, cornerId: string, fromDay: number, toDay: number) =>
  ({
    type: 'unit/place',
    id,
    unitId: TEST_UNIT,
    activityId,
    where: { kind: 'corner', cornerId, fromDay, toDay },
  }) satisfies ChangeInput;

export const onDay = (id: string, activityId: string, day: number, blockId = 'table') =>
  ({
    type: 'unit/place',
    id,
    unitId: TEST_UNIT,
    activityId,
    where: { kind: 'day', day, blockId },
  }) satisfies ChangeInput;

/** A book with the test home and a unit of ten days from Monday 8 March 2027, without children or corners. */
export const testBook = (...changes: readonly ChangeInput[]): Book =>
  after(
    EMPTY_BOOK,
    { type: 'house/put-home', home: TEST_HOME },
    {
      type: 'unit/start',
      unit: { id: TEST_UNIT, title: 'Kites', style: 'theme', start: A_MONDAY, dayCount: 10 },
    },
    ...changes,
  );

/** Undated, in the reserve of the test unit. */
export const inReserve = (id: string, activityId: string) =>
  ({
    type: 'unit/place',
    id,
    unitId: TEST_UNIT,
    activityId,
    where: { kind: 'reserve' },
  }) satisfies ChangeInput;

/** In the bin of a child, on some days. */
export const inBin = (id: string, activityId: string, childId: string, fromDay: number, toDay: number) =>
  ({
    type: 'unit/place',
    id,
    unitId: TEST_UNIT,
    activityId,
    where: { kind: 'bin', childId, fromDay, toDay },
  }) satisfies ChangeInput;

/** Stands in for something in bad weather. */
export const asTwin = (id: string, activityId: string, of: string) =>
  ({
    type: 'unit/place',
    id,
    unitId: TEST_UNIT,
    activityId,
    where: { kind: 'twin', of },
  }) satisfies ChangeInput;

/** The test unit with some of its fields changed. */
export const revised = (
  book: Book,
  rest: Partial<Extract<ChangeInput, { type: 'unit/revise' }>['unit']>,
): ChangeInput => ({
  type: 'unit/revise',
  unit: { ...book.units[TEST_UNIT]!, ...rest },
});

/** What was said of something placed on a day of the test unit. */
export const recorded = (
  placementId: string,
  day: number,
  outcome: DoneOutcome,
  rest: { readonly [field: string]: unknown } = {},
): ChangeInput =>
  ({
    type: 'daybook/record',
    record: { unitId: TEST_UNIT, placementId, day, outcome, ...rest },
  }) as ChangeInput;
