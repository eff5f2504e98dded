import { describe, expect, test } from 'vitest';
import type { Book } from '../../book/index.ts';
import { addDays, plainDay, type PlainDay } from '../../calendar/index.ts';
import type { ChangeInput } from '../../changes/index.ts';
import { PROPERTY_IDS, type Properties } from '../../cupboard/index.ts';
import { mendsFor } from '../../mend/index.ts';
import {
  A_MONDAY,
  aChild,
  aCorner,
  after,
  aMaterial,
  anActivity,
  aSupply,
  aVersion,
  inCorner,
  onDay,
  TEST_UNIT,
  testBook,
} from '../../testing/home.ts';
import { factsOf, type Finding, type Level } from '../ground/finding.ts';
import { read } from '../answers/read.ts';
import { CAUTION_RULES } from './rules.ts';

/** The birthday of a child who has completed so many months on a day, and a day less old when `short`. */
function bornSo(months: number, short: boolean, on: PlainDay = A_MONDAY): PlainDay {
  const [year, month, day] = on.split('-').map(Number) as [number, number, number];
  const total = year * 12 + (month - 1) - months;
  const born = plainDay(
    `${Math.floor(total / 12)}-${String((total % 12) + 1).padStart(2, '0')}-${String(day).padStart(2, '0')}`,
  );
  return short ? addDays(born, 1) : born;
}

type SupplyInput = Extract<ChangeInput, { type: 'cupboard/put-supply' }>['supply'];
interface Scene {
  readonly child?: Partial<Extract<ChangeInput, { type: 'house/put-child' }>['child']>;
  readonly supply?: Partial<SupplyInput>;
  readonly content?: Parameters<typeof anActivity>[1];
  readonly more?: readonly ChangeInput[];
}

// A supply of a kind that asks for nothing else: only what is tested is told.
const scene = (
  birth: PlainDay,
  properties: Properties,
  { child, supply, content, more = [] }: Scene = {},
): Book =>
  testBook(
    aCorner('a'),
    aChild('kim', birth, child),
    aSupply('thing', {
      category: 'paper-and-card',
      use: 'reusable',
      properties: { loosePart: 'none', film: false, ...properties } as SupplyInput['properties'],
      ...supply,
    }),
    anActivity('play', { materials: [aMaterial('thing', 1)], ...content }),
    inCorner('p', 'play', 'a', 1, 1),
    ...more,
  );

const ABOUT_CAUTIONS: readonly string[] = [
  'caution',
  'water',
  'allergen',
  'unknown',
  'may-contain',
  'label-unread',
  'not-looked',
  'picked',
  'out-of-reach',
];
const told = (book: Book, today = A_MONDAY): readonly Finding[] =>
  read(book, TEST_UNIT, today).headsUps.filter(({ rule }) => ABOUT_CAUTIONS.includes(rule));
const rows = (book: Book): string[] => told(book).map(({ row, level }) => `${row} ${level}`);

const part = (
  acrossMm: number,
  longMm = 20,
  material: 'firm' | 'paper' | 'fabric' | 'yarn' = 'firm',
): Properties => ({
  loosePart: { acrossMm, longMm, material },
});
const cord = (lengthMm: number, canLoop = false): Properties => ({ cord: { lengthMm, canLoop } });
const OLD = 120;
type Expected = Level | null;

/** `[row, properties, limit in months, level under it, level from it on]`: both sides of each age, nobody mouths. */
const AGES: readonly (readonly [number, Properties, number, Expected, Expected])[] = [
  [1, part(31.7), 36, 'stop', null],
  [2, { ballMm: 44.4 }, 36, 'stop', null],
  [3, { balloon: true }, 96, 'stop', null],
  [5, { magnet: 'loose' }, 168, 'stop', null],
  [7, cord(221), 18, 'stop', null],
  [7, cord(301), 36, 'care', null],
  [7, cord(50, true), 36, 'stop', null],
  [8, { film: true }, 36, 'stop', null],
  [9, { foodForm: 'chokable' }, 48, 'stop', null],
  [10, { filler: 'fine' }, 36, 'stop', 'care'],
  [10, { filler: 'fine' }, 48, 'care', null],
  [13, { ingredients: ['honey'] }, 12, 'stop', null],
  [16, { ingredients: ['borate'] }, 36, 'stop', 'care'],
  [17, { ingredients: ['essential-oil'] }, 24, 'stop', 'care'],
  [19, { glitter: true }, 36, 'care', null],
  [20, { ingredients: ['solvent'] }, 36, 'care', null],
  [22, { iceMm: 59 }, 48, 'stop', null],
  [26, { sharp: 'pointed' }, 36, 'stop', 'care'],
  [26, { sharp: 'blade' }, 72, 'care', null],
  [27, { filler: 'foam-beads' }, 36, 'stop', null],
  [33, { animal: 'carrier' }, 60, 'stop', 'note'],
  [39, { enclosed: true }, 36, 'care', null],
  [44, { stick: 'pointed' }, 36, 'stop', 'care'],
  [44, { stick: 'pointed' }, 48, 'care', null],
  [44, { stick: 'blunt' }, 48, 'care', null],
  [45, { roundNeck: true }, 36, 'care', null],
  [46, { heightMm: 451 }, 36, 'care', null],
  [51, { makersMonths: 30 }, 30, 'care', null],
  [52, { glass: true }, 60, 'care', null],
  [54, { hardware: true }, 48, 'stop', 'care'],
  [54, { hardware: true }, 72, 'care', null],
  [63, { ingredients: ['egg-on-hands'] }, 72, 'stop', null],
];

describe('on both sides of an age', () => {
  test.each(AGES)(
    'row %i, %j at %i months: %s under it, %s from it on',
    (row, properties, months, below, above) => {
      const levelAt = (short: boolean): Expected =>
        (told(scene(bornSo(months, short), properties)).find((one) => one.row === row)?.level ??
          null) as Expected;
      expect(levelAt(true)).toBe(below);
      expect(levelAt(false)).toBe(above);
    },
  );

  test('the age is that of the day of the activity: the last day under 36 months, and the first over', () => {
    const book = scene(bornSo(36, true), part(10), { more: [onDay('q', 'play', 2)] });
    expect(told(book).map(({ row, level, days }) => [row, level, days])).toEqual([[1, 'stop', [1]]]);
  });
});

/** `[row, properties, level for everyone]`, whatever the age. */
const ALL: readonly (readonly [number, Properties, Expected])[] = [
  [4, { battery: 'reachable' }, 'stop'],
  [4, { battery: 'screwed' }, null],
  [6, { filler: 'gel-beads' }, 'stop'],
  [12, { ingredients: ['raw-kidney-bean'] }, 'stop'],
  [16, { ingredients: ['borate'] }, 'care'],
  [17, { ingredients: ['essential-oil'] }, 'care'],
  [18, { ingredients: ['foam'] }, 'care'],
  [24, { heat: true }, 'stop'],
  [25, { touchC: 38 }, null],
  [25, { touchC: 38.5 }, 'care'],
  [25, { touchC: 43 }, 'care'],
  [25, { touchC: 43.5 }, 'stop'],
  [29, { dust: true }, 'care'],
  [30, { soil: true }, 'note'],
  [31, { plant: 'unknown' }, 'stop'],
  [31, { plant: 'poisonous' }, 'stop'],
  [31, { plant: 'known' }, null],
  [34, { animal: 'insects' }, 'care'],
  [38, { reused: 'other' }, 'stop'],
  [38, { reused: 'food' }, null],
  [40, { tablet: true }, 'stop'],
  [41, { ingredients: ['acid'] }, 'note'],
  [42, { flame: true }, 'stop'],
  [43, { intoMouth: true }, 'note'],
  [62, { sun: 'looks' }, 'stop'],
  [62, { sun: 'gathers' }, null],
  [62, { sun: 'none' }, null],
];

test.each(ALL)('row %i, %j is a %s for all, school-age too', (row, properties, level) => {
  const found = told(scene(bornSo(OLD, false), properties)).filter((one) => one.row === row);
  expect(found.map((one) => one.level)).toEqual(level === null ? [] : [level]);
});

/** `[row, properties, level for a child of ten who still puts things in the mouth]` */
const MOUTHERS: readonly (readonly [number, Properties, Expected])[] = [
  [1, part(31.7), 'stop'],
  [2, { ballMm: 20 }, 'stop'],
  [2, { ballMm: 44.4 }, null],
  [10, { filler: 'fine' }, 'stop'],
  [16, { ingredients: ['borate'] }, 'stop'],
  [18, { ingredients: ['foam'] }, 'stop'],
  [22, { iceMm: 59 }, 'stop'],
  [27, { filler: 'foam-beads' }, 'stop'],
  [28, { latex: true }, 'stop'],
  [39, { enclosed: true }, 'care'],
  [8, { film: true }, null],
];

describe('whoever still puts things in the mouth', () => {
  test.each(MOUTHERS)('row %i, %j: %s', (row, properties, level) => {
    const book = scene(bornSo(OLD, false), properties, { child: { mouthsThings: true } });
    expect(told(book).find((one) => one.row === row)?.level ?? null).toBe(level);
    const other = scene(bornSo(OLD, false), properties);
    expect(told(other).find((one) => one.row === row)?.level ?? null).toBe(
      { 16: 'care', 18: 'care' }[row] ?? null,
    );
  });

  test('is anybody under 18 months, whatever was noted', () => {
    expect(rows(scene(bornSo(18, true), { latex: true }))).toEqual(['28 stop']);
    expect(rows(scene(bornSo(18, false), { latex: true }))).toEqual([]);
  });
});

describe('on both sides of a size', () => {
  const toddler = bornSo(30, false);
  test.each([
    ['31.7 mm across', part(31.7), ['1 stop']],
    ['just above', part(31.8), []],
    ['57.1 mm long', part(20, 57.1), ['1 stop']],
    ['longer', part(20, 57.2), []],
    ['paper of any size', part(5, 5, 'paper'), []],
    ['fabric', part(5, 5, 'fabric'), []],
    ['yarn', part(5, 5, 'yarn'), []],
    ['a ball that passes the ring', { ballMm: 44.4 }, ['2 stop']],
    ['a ball that does not', { ballMm: 44.5 }, []],
    ['a cord of 300 mm', cord(300), []],
    ['a longer one', cord(301), ['7 care']],
    ['ice of 60 mm', { iceMm: 60 }, []],
    ['a climb of 450 mm', { heightMm: 450 }, []],
    ['a pom-pom that passes the ring', { soft: 'pom-pom', ...part(44.4, 44.4, 'fabric') }, ['57 stop']],
    ['a larger one', { soft: 'pom-pom', ...part(44.5, 44.5, 'fabric') }, []],
    ['one that nobody measured', { soft: 'pom-pom' }, ['57 stop']],
    ['cotton balls', { soft: 'loose', ...part(30, 30, 'fabric') }, ['57 care']],
    ['mineral dust', { dust: true }, ['29 care']],
    ['flour that flies', { dust: true, foodOnly: 'when-cooked' }, []],
    ['washed sand', { filler: 'sand' }, []],
    ['dry grains', { filler: 'fine' }, ['10 stop']],
  ] as const)('%s', (_, properties, expected) => {
    expect(rows(scene(toddler, properties as Properties))).toEqual(expected);
  });

  test('a cord of 220 mm is none for a baby, a longer one is', () => {
    expect(rows(scene(bornSo(9, false), cord(220)))).toEqual([]);
    expect(rows(scene(bornSo(9, false), cord(221)))).toEqual(['7 stop']);
  });
});

describe('the more specific row speaks for the thing', () => {
  const toddler = bornSo(30, false);
  test.each([
    ['a ball, not its size', { ballMm: 20, ...part(20) }, ['2 stop']],
    ['a fine filler', { filler: 'fine', ...part(5) }, ['10 stop']],
    ['ice', { iceMm: 20, ...part(20) }, ['22 stop']],
    ['foam beads', { filler: 'foam-beads', ...part(4) }, ['27 stop']],
    ['a filling behind a lid', { enclosed: true, ...part(5) }, ['39 care']],
  ] as const)('%s', (_, properties, expected) => {
    expect(rows(scene(toddler, properties as Properties))).toEqual(expected);
  });

  test('but not where the specific one has nothing to say for that child', () => {
    const mouther = { child: { mouthsThings: true } };
    expect(rows(scene(bornSo(OLD, false), { ballMm: 40, ...part(30) }, mouther))).toEqual(['1 stop']);
  });
});

describe('who is there', () => {
  const baby = bornSo(9, false);
  test('a child who attends only on other days meets nothing', () => {
    const tuesdays = { child: { attendance: { '2': ['morning'] } } };
    expect(told(scene(baby, part(10), tuesdays))).toEqual([]);
    expect(told(scene(baby, { battery: 'reachable' }, tuesdays))).toEqual([]);
  });

  test('a child without a version does not get the thing: it is kept out of its reach', () => {
    const older = { content: { versions: [aVersion(36)] }, more: [aChild('bo', '2022-01-01')] };
    expect(told(scene(baby, part(10), older)).map(({ rule, level }) => `${rule} ${level}`)).toEqual([
      'out-of-reach care',
    ]);
  });

  test('a thing of one version is met by those who get that version', () => {
    const versions = [aVersion(0, 36), aVersion(36)];
    const content = { versions, materials: [aMaterial('thing', 1, { versionIds: ['from-36'] })] };
    expect(rows(scene(bornSo(40, false), { film: true }, { content }))).toEqual([]);
    expect(rows(scene(bornSo(40, false), part(10), { content, child: { mouthsThings: true } }))).toEqual([
      '1 stop',
    ]);
    expect(told(scene(bornSo(30, false), part(10), { content })).map(({ rule }) => rule)).not.toContain(
      'caution',
    );
  });

  test('readiness never moves the age of a caution', () => {
    const ready = { child: { rungs: { number: 'sure' as const } } };
    expect(rows(scene(bornSo(36, true), part(10), ready))).toEqual(['1 stop']);
  });

  test('a thing that only another version gets is kept out of reach of whoever is in the room', () => {
    const versions = [aVersion(0, 36), aVersion(36)];
    const content = { versions, materials: [aMaterial('thing', 1, { versionIds: ['from-36'] })] };
    expect(
      told(scene(bornSo(30, false), part(10), { content })).map(({ rule, level }) => `${rule} ${level}`),
    ).toEqual(['out-of-reach care']);
  });

  const group = (rest: object = {}) =>
    scene(baby, part(10), {
      content: { mode: 'whole-group', versions: [aVersion(36)] },
      more: [aChild('bo', '2022-01-01')],
      ...rest,
    });
  const reached = (book: Book): string[] =>
    told(book)
      .filter(({ rule }) => rule === 'out-of-reach')
      .map(({ level, detail }) => `${level}: ${detail}`);
  test('what lies on the table of a group stops until somebody is named who sits with it, then asks for care', () => {
    const onTable = after(group(), { type: 'unit/unplace', placementId: 'p' }, onDay('p', 'play', 1));
    expect(reached(onTable)).toEqual(['stop: thing (small parts), Day 1. In the room without it: kim.']);
    const mara: ChangeInput = {
      type: 'house/put-person',
      person: { id: 'mara', name: 'Mara', role: 'assistant', mayLead: [] } as never,
    };
    const assigned = after(onTable, mara, { type: 'unit/assign', placementId: 'p', personId: 'mara' });
    expect(reached(assigned)).toEqual(['care: thing (small parts), Day 1. In the room without it: kim.']);
    const led = after(onTable, mara, {
      type: 'handover/lead',
      leading: { unitId: TEST_UNIT, placementId: 'p', day: 1, groups: [{ personId: 'mara', childIds: [] }] },
    } as never);
    expect(reached(led)[0]).toMatch(/^care/);
    const away = after(onTable, {
      type: 'house/put-absence',
      absence: { id: 'away', childId: 'kim', from: A_MONDAY, to: A_MONDAY },
    } as never);
    expect(reached(away)).toEqual([]);
  });

  test.each([
    ['a cord', cord(400), 'stop'],
    ['a fine filler', { filler: 'fine' } as const, 'stop'],
    ['a blade', { sharp: 'blade' } as const, 'stop'],
    ['a thing that stops nobody', {}, null],
  ])('%s on a table', (_, properties, level) => {
    const onTable = after(
      scene(baby, properties as Properties, {
        content: { mode: 'small-group', versions: [aVersion(36)] },
        more: [aChild('bo', '2022-01-01')],
      }),
      { type: 'unit/unplace', placementId: 'p' },
      onDay('p', 'play', 1),
    );
    expect(reached(onTable).map((text) => text.split(':')[0] ?? null)).toEqual(level === null ? [] : [level]);
  });

  test('days that are over are not asked', () => {
    expect(told(scene(baby, part(10)), addDays(A_MONDAY, 1))).toEqual([]);
  });
});

describe('water', () => {
  const wet = { content: { materials: [], water: true } };
  const person = (rest: object = {}): ChangeInput => ({
    type: 'house/put-person',
    person: { id: 'mara', name: 'Mara', role: 'provider', mayLead: ['water'], ...rest },
  });
  const assigned: ChangeInput = { type: 'unit/assign', placementId: 'p', personId: 'mara' };

  test('stops under 60 months while nobody is named, and asks for care when somebody is', () => {
    expect(rows(scene(bornSo(60, true), {}, wet))).toEqual(['21 stop']);
    expect(rows(scene(bornSo(60, false), {}, wet))).toEqual([]);
    expect(rows(scene(bornSo(60, true), {}, { ...wet, more: [person(), assigned] }))).toEqual(['21 care']);
  });

  test('stops when the one who is named may not lead it', () => {
    expect(rows(scene(bornSo(30, true), {}, { ...wet, more: [person({ mayLead: [] }), assigned] }))).toEqual([
      '21 stop',
    ]);
  });
});

test('heat asks for somebody who may lead it', () => {
  const person: ChangeInput = {
    type: 'house/put-person',
    person: { id: 'mara', name: 'Mara', role: 'provider', mayLead: ['heat'] },
  };
  const more: ChangeInput[] = [person, { type: 'unit/assign', placementId: 'p', personId: 'mara' }];
  expect(rows(scene(bornSo(OLD, false), { heat: true }, { more }))).toEqual(['24 care']);
});

test('salt on ice is one thing beside another', () => {
  const salted = {
    content: { materials: [aMaterial('thing', 1), aMaterial('salt', 1)] },
    more: [],
  };
  const book = testBook(
    aCorner('a'),
    aChild('kim', bornSo(OLD, false)),
    aSupply('thing', {
      category: 'paper-and-card',
      properties: { loosePart: 'none', film: false, iceMm: 100 },
    }),
    aSupply('salt', {
      category: 'paper-and-card',
      properties: { loosePart: 'none', film: false, ingredients: ['salt'] },
    }),
    anActivity('play', salted.content),
    inCorner('p', 'play', 'a', 1, 1),
  );
  expect(rows(book)).toEqual(['23 care']);
  expect(rows(scene(bornSo(OLD, false), { iceMm: 100 }))).toEqual([]);
});

test('a tablet in an adult’s hands asks for care, one within reach stops', () => {
  const led = { content: { mode: 'whole-group' as const, materials: [aMaterial('thing', 1)] } };
  expect(rows(scene(bornSo(OLD, false), { tablet: true }, led))).toEqual(['40 care']);
});

test('latex stops for a child with that allergy', () => {
  const allergic = { child: { allergies: [{ allergen: 'latex' as const, words: 'latex' }] } };
  expect(rows(scene(bornSo(OLD, false), { latex: true }, allergic))).toEqual(['28 stop']);
  expect(rows(scene(bornSo(OLD, false), { latex: true }))).toEqual([]);
});

describe('what makes a thing harmless where it is', () => {
  const baby = bornSo(9, false);
  test('a cord that is fixed out of reach is no cord to a child', () => {
    const long = { lengthMm: 1500, canLoop: false };
    expect(rows(scene(baby, { cord: { ...long, fixed: true } }))).toEqual([]);
    expect(rows(scene(baby, { cord: { ...long, fixed: false } }))).toEqual(['7 stop']);
    expect(rows(scene(baby, { cord: long }))).toEqual(['7 stop']);
  });

  test('what only makes it ready, with no child in the room, meets nobody; an allergen stays in what was glued', () => {
    const materials = (onlyPrep: boolean) => ({
      content: { materials: [aMaterial('thing', 1, { onlyPrep })] },
    });
    expect(rows(scene(baby, { heat: true }, materials(false)))).toEqual(['24 stop']);
    expect(rows(scene(baby, { heat: true }, materials(true)))).toEqual([]);
    const milk = {
      child: { allergies: [{ allergen: 'milk' as const, words: 'milk' }] },
      supply: { allergens: ['milk'] },
    };
    expect(rows(scene(baby, {}, { ...materials(true), ...(milk as object) }))).toEqual(['35 stop']);
  });

  test('a flame that somebody who may lead heat shows to all of them asks for care, anywhere else it stops', () => {
    const heat = (mode: string, lead: string | null): string[] => {
      const book = after(
        scene(baby, { flame: true }, { content: { mode: mode as never } }),
        { type: 'unit/unplace', placementId: 'p' },
        onDay('p', 'play', 1),
        {
          type: 'house/put-person',
          person: { id: 'mara', name: 'Mara', role: 'assistant', mayLead: ['heat'] } as never,
        },
        ...(lead ? [{ type: 'unit/assign', placementId: 'p', personId: lead } as ChangeInput] : []),
      );
      return rows(book).filter((row) => row.startsWith('42'));
    };
    expect(heat('whole-group', 'mara')).toEqual(['42 care']);
    expect(heat('whole-group', null)).toEqual(['42 stop']);
    expect(heat('small-group', 'mara')).toEqual(['42 stop']);
  });
});

describe('where and how it is', () => {
  const placed = (
    properties: Properties,
    corner: Parameters<typeof aCorner>[1],
    content: object = {},
    child: object = {},
  ) =>
    told(
      scene(bornSo(20, false), properties, {
        child,
        content,
        more: [aCorner('a', corner)],
      }),
    );
  const rowIn = (row: number, found: readonly Finding[]): Expected =>
    (found.find((one) => one.row === row)?.level ?? null) as Expected;

  test.each<[string, Properties, object, object, Expected]>([
    ['a lens outdoors', { sun: 'gathers' }, { outdoors: true }, {}, 'note'],
    ['a lens in an activity for outdoors', { sun: 'gathers' }, {}, { place: 'outdoors' }, 'note'],
    ['a lens indoors', { sun: 'gathers' }, {}, {}, null],
  ])('row 62, %s', (_, properties, corner, content, level) => {
    expect(rowIn(62, placed(properties, corner, content))).toBe(level);
  });

  test.each<[string, Properties, number, boolean, Expected]>([
    ['a cord', cord(100), 23, true, 'care'],
    ['a cord, two years old', cord(100), 24, true, null],
    ['a cord where nobody sleeps', cord(100), 23, false, null],
    ['a cord that is fixed', { cord: { lengthMm: 100, canLoop: false, fixed: true } }, 23, true, null],
    ['a scarf', { roundNeck: true }, 23, true, 'care'],
    ['sand', { filler: 'sand' }, 23, true, 'care'],
    ['large pasta', { filler: 'coarse' }, 23, true, null],
  ])('row 58, %s', (_, properties, months, sleptIn, level) => {
    const birth = bornSo(months, false);
    expect(rowIn(58, placed(properties, { sleptIn }, {}, { birth }))).toBe(level);
    // Whoever sleeps has no version of it.
    const others = { versions: [aVersion(60)] };
    expect(rowIn(58, placed(properties, { sleptIn }, others, { birth }))).toBe(level);
  });

  test('row 58 speaks of what stands there for good too', () => {
    const lamp = aSupply('lamp', { category: 'electric', properties: { ...cord(900) } as never });
    const book = (sleptIn: boolean) =>
      scene(
        bornSo(20, false),
        {},
        {
          more: [lamp, aCorner('a', { sleptIn, standingKit: [{ supplyId: 'lamp', amount: 1 }] })],
        },
      );
    expect([rowIn(58, told(book(true))), rowIn(58, told(book(false)))]).toEqual(['care', null]);
  });

  test.each<[string, number, object, object, Expected]>([
    ['as many as it allows', 2, {}, {}, null],
    ['one more', 1, {}, {}, 'note'],
    ['in turns', 1, {}, { atOnce: 1 }, null],
    ['a corner that holds no more', 1, { places: 1 }, {}, null],
  ])('row 66, %s', (_, mostAtOnce, corner, content, level) => {
    const more = [aChild('bo', bornSo(40, false)), aCorner('a', corner)];
    const book = scene(bornSo(50, false), { mostAtOnce }, { content, more });
    expect(rowIn(66, told(book))).toBe(level);
  });

  test('row 64, what is broken stops for everyone until it is mended, and one press says so', () => {
    const broken = (words: string | null) => scene(bornSo(100, false), {}, { supply: { broken: words } });
    const found = (book: Book) => read(book, TEST_UNIT, A_MONDAY).headsUps.filter(({ row }) => row === 64);
    expect(found(broken(null))).toEqual([]);
    const book = broken('a tile is cracked');
    expect(found(book)).toMatchObject([{ level: 'stop', supplyIds: ['thing'], days: [1] }]);
    const [mended] = mendsFor(book, TEST_UNIT, found(book)[0]!, A_MONDAY, () => 'new');
    expect(mended?.label).toContain('mended');
    expect(found(mended!.changes.reduce((now, change) => after(now, change), book))).toEqual([]);
    expect(read(book, TEST_UNIT, plainDay('2027-03-09')).headsUps.filter(({ row }) => row === 64)).toEqual(
      [],
    );
  });
});

describe('what only some children must not meet', () => {
  const asthma = (triggers: readonly string[]) => ({ child: { asthma: { triggers, words: '' } as never } });
  const sting = { child: { allergies: [{ allergen: 'sting' as const, words: 'bees' }] } };
  test.each<[string, Properties, object, string[]]>([
    ['dust with asthma', { dust: true, foodOnly: 'all' }, asthma([]), ['59 care']],
    ['dust that the care plan names', { dust: true, foodOnly: 'all' }, asthma(['dust']), ['59 stop']],
    ['dust where it names scent', { dust: true, foodOnly: 'all' }, asthma(['scent']), ['59 care']],
    ['scent', { ingredients: ['essential-oil'] }, asthma(['scent']), ['17 care', '59 stop']],
    ['fumes', { ingredients: ['solvent'] }, asthma(['fumes']), ['59 stop']],
    ['dust without asthma', { dust: true, foodOnly: 'all' }, {}, []],
    ['bees with a sting allergy', { animal: 'stinging' }, sting, ['60 stop']],
    ['worms with a sting allergy', { animal: 'insects' }, sting, ['34 care']],
    ['bees without one', { animal: 'stinging' }, {}, ['34 care']],
    ['a dog', { animal: 'furred' }, {}, ['61 care']],
    ['raw eggs, at every age', { ingredients: ['raw-egg'] }, {}, ['61 note']],
    ['chicks, at every age', { animal: 'carrier' }, {}, ['33 note']],
  ])('%s', (_, properties, who, expected) => {
    expect(rows(scene(bornSo(OLD, false), properties, who)).toSorted()).toEqual(expected);
  });
});

describe('an allergen that only the family names', () => {
  const kiwi = { allergies: [{ allergen: 'own:kiwi' as const, words: 'Kiwi' }] };
  const met = (supply: object): string[] =>
    told(scene(bornSo(OLD, false), {}, { child: kiwi, supply: { labelCheckedOn: '2027-03-01', ...supply } }))
      .filter(({ rule }) => rule !== 'unknown')
      .map(({ rule, level, title }) => `${rule} ${level}: ${title}`);
  test.each<[string, object, string[]]>([
    ['nobody looked', { category: 'food' }, ['not-looked care: Not looked at for kiwi: kim']],
    [
      'in paint nobody looked',
      { category: 'paint-and-glue' },
      ['not-looked care: Not looked at for kiwi: kim'],
    ],
    ['paper cannot be eaten', { category: 'paper-and-card' }, []],
    ['somebody looked', { category: 'food', freeOf: ['own:kiwi'] }, []],
    ['it is in it', { category: 'food', allergens: ['own:kiwi'] }, ['allergen stop: Kiwi and kim']],
    [
      'it may be',
      { category: 'food', mayContain: ['own:kiwi'] },
      ['may-contain care: May contain kiwi: kim'],
    ],
    [
      'another one was looked for',
      { category: 'food', freeOf: ['own:mango'] },
      ['not-looked care: Not looked at for kiwi: kim'],
    ],
  ])('is unknown until somebody looked: %s', (_, supply, expected) => expect(met(supply)).toEqual(expected));

  test('is asked of every part of what a recipe makes, and one press says that none of them has it', () => {
    const food = (id: string, rest: object = {}): ChangeInput =>
      aSupply(id, { category: 'food', properties: {}, labelCheckedOn: '2027-03-01', ...rest });
    const book = after(
      scene(bornSo(OLD, false), {}, { child: kiwi, supply: { category: 'made', properties: {} } }),
      food('mash', { freeOf: ['own:kiwi'] }),
      food('juice'),
      {
        type: 'library/put-recipe',
        recipe: {
          id: 'mix',
          title: 'Mix',
          kind: 'dough',
          minutes: 5,
          yields: { amount: 1, unit: 'piece' },
          ingredients: [
            { supplyId: 'mash', amount: 1 },
            { supplyId: 'juice', amount: 1 },
          ],
          makesId: 'thing',
        } as never,
      },
    );
    const finding = told(book).find(({ rule }) => rule === 'not-looked')!;
    expect(finding.title).toBe('Not looked at for kiwi: kim');
    const [mend] = mendsFor(book, TEST_UNIT, finding, A_MONDAY, () => 'new');
    expect(mend?.label).toBe('None of them has kiwi in it');
    const looked = after(book, ...mend!.changes);
    expect(looked.supplies['juice' as never]!.freeOf).toEqual(['own:kiwi']);
    expect(told(looked).filter(({ rule }) => rule === 'not-looked')).toEqual([]);
    const holds = after(book, food('juice', { allergens: ['own:kiwi'] }));
    expect(told(holds).map(({ rule, level }) => `${rule} ${level}`)).toContain('allergen stop');
  });
});

describe('labels', () => {
  const kneaded = (supply: object): string[] =>
    rows(
      scene(
        bornSo(OLD, false),
        {},
        { child: { allergies: [{ allergen: 'sesame', words: 'sesame' }] }, supply },
      ),
    );
  test.each<[string, object, string[]]>([
    ['food', { category: 'food' }, ['36 care']],
    ['water from the tap', { category: 'food', got: 'tap' }, []],
    ['finger paint', { category: 'paint-and-glue', properties: { foodOnly: 'no' } }, ['36 care']],
    ['bread crumbs as a filler', { category: 'filler', properties: { foodOnly: 'all' } }, ['36 care']],
    ['sand as a filler', { category: 'filler', properties: { foodOnly: 'no' } }, []],
    ['a jar that held nut spread', { category: 'containers', properties: { reused: 'food' } }, ['36 care']],
    ['a new jar', { category: 'containers', properties: { reused: 'none' } }, []],
    ['putty', { category: 'toys', properties: { ingredients: ['acid'] } }, ['36 care', '41 note']],
    ['blocks', { category: 'toys', properties: { ingredients: [] } }, []],
  ])(
    'are asked of what can be eaten, licked or kneaded, whatever it is filed under: %s',
    (_, supply, expected) => {
      expect(kneaded(supply).filter((row) => row !== 'undefined care')).toEqual(expected);
    },
  );

  const milk = { allergies: [{ allergen: 'milk' as const, words: 'milk' }] };
  test('that may contain an allergen ask for care, for that child', () => {
    const supply = { mayContain: ['milk' as const] };
    expect(rows(scene(bornSo(OLD, false), {}, { child: milk, supply }))).toEqual(['36 care']);
    expect(rows(scene(bornSo(OLD, false), {}, { supply }))).toEqual([]);
  });

  test('of food that nobody read are told once for all, while a child with an allergy is there', () => {
    const supply = {
      category: 'food' as const,
      properties: {
        foodForm: 'soft',
        filler: 'none',
        ingredients: [],
        foodOnly: 'all',
      } as SupplyInput['properties'],
    };
    expect(rows(scene(bornSo(OLD, false), {}, { child: milk, supply }))).toEqual(['36 care']);
    expect(
      rows(
        scene(bornSo(OLD, false), {}, { child: milk, supply: { ...supply, labelCheckedOn: '2027-03-01' } }),
      ),
    ).toEqual([]);
    expect(rows(scene(bornSo(OLD, false), {}, { supply }))).toEqual([]);
  });
});

test('what was picked outdoors is told', () => {
  const supply = {
    category: 'nature' as const,
    got: 'collected' as const,
    properties: {
      loosePart: 'none',
      plant: 'known',
      animal: 'none',
      soil: false,
      stick: 'none',
    } as SupplyInput['properties'],
  };
  expect(rows(scene(bornSo(OLD, false), {}, { supply }))).toEqual(['32 note']);
  expect(rows(scene(bornSo(OLD, false), {}, { supply: { ...supply, got: 'bought' } }))).toEqual([]);
});

describe('what nobody recorded', () => {
  const ten = Array.from({ length: 10 }, (_, n) => `thing-${n}`);
  const book = testBook(
    aCorner('a'),
    aChild('kim', bornSo(9, false)),
    ...ten.map((id) => aSupply(id, { category: 'toys' })),
    anActivity('play', { materials: ten.map((id) => aMaterial(id, 1)) }),
    inCorner('p', 'play', 'a', 1, 1),
  );
  test('is one line for ten things, and a care, never a silent pass', () => {
    expect(told(book).map(({ level, title, supplyIds }) => [level, title, supplyIds?.length])).toEqual([
      ['care', 'Not recorded of 10 things', 10],
    ]);
  });

  test('is asked for only where the kind of supply asks', () => {
    expect(told(scene(bornSo(9, false), {}))).toEqual([]);
  });
});

describe('a finding that is kept', () => {
  const book = scene(bornSo(30, false), part(10), { more: [aChild('lou', bornSo(31, false))] });
  const [finding] = told(book);
  const kept = after(book, {
    type: 'unit/keep-finding',
    keeping: { id: 'k', unitId: TEST_UNIT, key: finding!.key, facts: factsOf(finding!), why: 'Glued down' },
  });

  test('stands at the end with who keeps it, when and why', () => {
    const { headsUps } = read(kept, TEST_UNIT, A_MONDAY);
    expect(headsUps.at(-1)).toMatchObject({
      key: finding!.key,
      level: 'stop',
      kept: { by: 'Mara', why: 'Glued down', at: '2027-03-08T12:00:00.000Z' },
    });
  });

  test.each([
    ['another child', aChild('noa', bornSo(20, false))],
    [
      'another size',
      aSupply('thing', {
        category: 'paper-and-card',
        use: 'reusable',
        properties: { film: false, ...part(9) } as never,
      }),
    ],
    ['another attendance', aChild('kim', bornSo(30, false), { attendance: { '2': ['morning'] } })],
  ] as const)('comes back with %s', (_, change) => {
    const { headsUps } = read(after(kept, change as ChangeInput), TEST_UNIT, A_MONDAY);
    expect(headsUps.find(({ rule }) => rule === 'caution')).toMatchObject({ level: 'stop' });
    expect(headsUps.every((one) => one.kept === undefined)).toBe(true);
  });

  test('stays kept as its days go by', () => {
    const longer = after(kept, {
      type: 'unit/move',
      placementId: 'p',
      where: { kind: 'corner', cornerId: 'a', fromDay: 1, toDay: 3 },
    });
    const now = told(longer).find(({ rule }) => rule === 'caution')!;
    const again = after(longer, {
      type: 'unit/keep-finding',
      keeping: { id: 'other', unitId: TEST_UNIT, key: now.key, facts: factsOf(now), why: 'Still glued' },
    });
    expect(Object.keys(again.keepings)).toEqual(['k']);
    const later = told(again, addDays(A_MONDAY, 2)).find(({ rule }) => rule === 'caution');
    expect(later).toMatchObject({ days: [3], kept: { why: 'Still glued' } });
  });

  test('needs a reason', () => {
    const keeping = { id: 'k2', unitId: TEST_UNIT, key: finding!.key, facts: factsOf(finding!), why: ' ' };
    expect(() => after(book, { type: 'unit/keep-finding', keeping })).toThrow('Say why');
  });
});

test('cares of a row are told once for the whole unit', () => {
  const book = scene(
    bornSo(30, false),
    { roundNeck: true },
    {
      more: [
        aSupply('cape', {
          category: 'paper-and-card',
          properties: { loosePart: 'none', film: false, roundNeck: true },
        }),
        anActivity('dress', { materials: [aMaterial('cape', 1)] }),
        inCorner('r', 'dress', 'a', 2, 3),
      ],
    },
  );
  expect(told(book).map(({ level, title, placementIds }) => [level, title, placementIds])).toEqual([
    ['care', 'Round neck or face: kim', ['p', 'r']],
  ]);
});

describe('the table', () => {
  test('asks only for what supplies can say, and every row says what to do and on what basis', () => {
    for (const rule of CAUTION_RULES) {
      expect(rule.instead.length, `row ${rule.row}`).toBeGreaterThan(10);
      expect(rule.basis.length, `row ${rule.row}`).toBeGreaterThan(3);
    }
  });

  test('asks for every property in which a hazard can lie: none is recorded for nothing', () => {
    const asked = new Set<string>(CAUTION_RULES.flatMap(({ asks }) => asks));
    // Asked by other rules than the rows: what is eaten, and what grain is in it.
    const elsewhere = ['foodOnly', 'forFood', 'grain'];
    expect(PROPERTY_IDS.filter((id) => !asked.has(id)).toSorted()).toEqual(elsewhere);
  });

  test('has each row once', () => {
    const numbers = CAUTION_RULES.map(({ row }) => row);
    expect(new Set(numbers).size).toBe(numbers.length);
  });
});
