import { describe, expect, test } from 'vitest';
import type { Book } from '../../book/index.ts';
import type { ChangeInput } from '../../changes/index.ts';
import type { Properties } from '../../cupboard/index.ts';
import { plainDay } from '../../calendar/index.ts';
import {
  A_MONDAY,
  aChild,
  aCorner,
  after,
  aMaterial,
  anActivity,
  aSupply,
  inCorner,
  TEST_UNIT,
  testBook,
} from '../../testing/home.ts';
import { exact, onlyFoodOf, percentText, saltShareOf } from '../../index.ts';
import { read } from '../answers/read.ts';
import { thingOf } from '../kitchen/inherit.ts';

const rowsOf = (book: Book, today = A_MONDAY): string[] =>
  read(book, TEST_UNIT, today)
    .headsUps.filter(({ row, rule }) => row !== undefined || rule === 'unknown')
    .map(({ row, rule, level }) => `${row ?? rule} ${level}`);

const food = (id: string, properties: Properties = {}, rest: object = {}): ChangeInput =>
  aSupply(id, {
    category: 'food',
    unit: 'g',
    labelCheckedOn: plainDay('2027-03-01'),
    properties: {
      foodForm: 'soft',
      filler: 'none',
      foodOnly: 'all',
      ingredients: [],
      ...properties,
    } as never,
    ...rest,
  });

/** A lump made by a recipe of some grams each, kneaded by one child in a corner on Day 1 to 5. */
const kneading = (
  birth: string,
  parts: readonly (readonly [string, number])[],
  {
    child = {},
    recipe = {},
    more = [],
  }: { child?: object; recipe?: object; more?: readonly ChangeInput[] } = {},
): Book =>
  testBook(
    aCorner('a'),
    aChild('kim', birth, child),
    aSupply('lump', {
      category: 'made',
      unit: 'mL',
      properties: { loosePart: 'none', ingredients: [], foodOnly: 'all' } as never,
      labelCheckedOn: plainDay('2027-03-01'),
    }),
    food('flour', { ingredients: ['raw-flour'], foodOnly: 'when-cooked' }),
    food('egg', { ingredients: ['raw-egg'] }),
    food('salt', { ingredients: ['salt'] }),
    food('oats', {}, { glutenFree: true }),
    food('water'),
    food('nuts', {}, { allergens: ['tree-nuts'] }),
    food('syrup', {}, { unit: 'mL' }),
    aSupply('scent', {
      category: 'food',
      unit: 'g',
      labelCheckedOn: plainDay('2027-03-01'),
      properties: { foodForm: 'soft', filler: 'none', foodOnly: 'no', ingredients: [] } as never,
    }),
    ...more,
    {
      type: 'library/put-recipe',
      recipe: {
        id: 'dough',
        title: 'Dough',
        kind: 'dough',
        minutes: 20,
        keepsDays: 3,
        yields: { amount: 500, unit: 'mL' },
        ingredients: parts.map(([supplyId, amount]) => ({ supplyId, amount })),
        makesId: 'lump',
        ...recipe,
      },
    },
    anActivity('knead', { materials: [aMaterial('lump', 100, { every: 'span' })] }),
    inCorner('p', 'knead', 'a', 1, 5),
  );

const MOUTHS = { mouthsThings: true };
// On Monday 8 March 2027: 17 months, 18 months to the day, four years.
const [YOUNGER, EIGHTEEN, OLDER] = ['2025-09-09', '2025-09-08', '2023-01-01'];

describe('row 14, raw flour or egg in dough', () => {
  test.each([
    ['under 18 months, flour', YOUNGER, {}, 'flour', {}, ['14 stop']],
    ['under 18 months, egg', YOUNGER, {}, 'egg', {}, ['14 stop', '63 stop', '61 note']],
    ['from 18 months, still mouths', EIGHTEEN, MOUTHS, 'flour', {}, ['14 care']],
    ['from 18 months', EIGHTEEN, {}, 'flour', {}, []],
    ['older, still mouths', OLDER, MOUTHS, 'egg', {}, ['63 stop', '14 care', '61 note']],
    ['under 18 months, cooked', YOUNGER, {}, 'flour', { cooked: true, waitHours: 1 }, []],
    ['under 18 months, nothing raw', YOUNGER, {}, 'oats', {}, []],
  ] as const)('%s', (_, birth, child, part, recipe, expected) => {
    expect(rowsOf(kneading(birth!, [[part, 100]], { child, recipe }))).toEqual(expected);
  });
});

describe('row 15, more than one ninth salt by weight', () => {
  test.each([
    ['one ninth, mouths', OLDER, MOUTHS, 80, 10, []],
    ['a little more, mouths', OLDER, MOUTHS, 80, 10.1, ['15 stop']],
    ['one ninth, does not mouth', OLDER, {}, 80, 10, []],
    ['a little more, does not mouth', OLDER, {}, 80, 10.1, ['15 note']],
    ['a little more, under 18 months', '2026-01-01', {}, 80, 10.1, ['15 stop']],
    ['no salt at all', YOUNGER, {}, 80, null, []],
  ] as const)('%s', (_, birth, child, oats, salt, expected) => {
    const parts: [string, number][] = [
      ['oats', oats],
      ...(salt === null ? [] : [['salt', salt] as [string, number]]),
    ];
    expect(rowsOf(kneading(birth!, parts, { child }))).toEqual(expected);
  });

  test('water counts in, as what is weighed', () => {
    expect(
      rowsOf(
        kneading(
          OLDER!,
          [
            ['oats', 40],
            ['salt', 10.1],
            ['water', 40],
          ],
          { child: MOUTHS },
        ),
      ),
    ).toEqual(['15 stop']);
    expect(
      rowsOf(
        kneading(
          OLDER!,
          [
            ['oats', 40],
            ['salt', 10.1],
            ['water', 60],
          ],
          { child: MOUTHS },
        ),
      ),
    ).toEqual([]);
  });

  test('is unknown where something in it was never weighed, and says so', () => {
    const book = kneading(
      OLDER!,
      [
        ['syrup', 100],
        ['salt', 1],
      ],
      { child: MOUTHS },
    );
    expect(rowsOf(book)).toEqual(['unknown care']);
    const found = read(book, TEST_UNIT, A_MONDAY).headsUps.find(({ rule }) => rule === 'unknown');
    expect(found?.detail).toContain('lump: salt, of its weight (%)');
    // Without salt nothing has to be weighed.
    expect(rowsOf(kneading(OLDER!, [['syrup', 100]], { child: MOUTHS }))).toEqual([]);
  });

  test('the share is exact', () => {
    const { supplies } = kneading(OLDER!, [['oats', 1]]);
    const share = saltShareOf(
      [
        { supplyId: 'oats' as never, amount: 80 },
        { supplyId: 'salt' as never, amount: 10 },
      ],
      supplies,
    );
    expect(share).toEqual({ known: true, share: exact(1).div(9) });
    expect(share.known && percentText(share.share)).toBe('11.1 %');
  });
});

describe('row 35 by recipe', () => {
  const allergic = { allergies: [{ allergen: 'tree-nuts', words: 'tree nuts' }] };
  test('an allergen of any ingredient meets the child, whatever is said of the product', () => {
    expect(
      rowsOf(
        kneading(
          OLDER!,
          [
            ['oats', 100],
            ['nuts', 1],
          ],
          { child: allergic },
        ),
      ),
    ).toEqual(['35 stop']);
  });
  test('names the own bowl where the recipe has a swap for it', () => {
    const swaps = [{ allergen: 'tree-nuts', supplyId: 'nuts', insteadId: 'oats' }];
    const told = (recipe: object) =>
      read(
        kneading(
          OLDER!,
          [
            ['oats', 100],
            ['nuts', 1],
          ],
          { child: allergic, recipe },
        ),
        TEST_UNIT,
        A_MONDAY,
      )
        .headsUps.filter(({ row }) => row === 35)
        .map(({ instead }) => instead);
    expect(told({ swaps })[0]).toContain('an own bowl, own tools and a label for kim');
    expect(told({})[0]).toContain(
      'No own bowl: Dough has no swap for nuts. Write one, or take another recipe.',
    );
  });
  test('not a child without it, and not without the ingredient', () => {
    expect(
      rowsOf(
        kneading(OLDER!, [
          ['oats', 100],
          ['nuts', 1],
        ]),
      ),
    ).toEqual([]);
    expect(rowsOf(kneading(OLDER!, [['oats', 100]], { child: allergic }))).toEqual([]);
  });
});

describe('made only of food', () => {
  const { supplies } = kneading(OLDER!, [['oats', 1]], {
    more: [food('mystery', { foodOnly: undefined } as never)],
  });
  const of = (ids: readonly string[], cooked = false) =>
    onlyFoodOf(
      ids.map((supplyId) => ({ supplyId: supplyId as never })),
      supplies,
      cooked,
    );

  test.each([
    [['oats', 'water'], false, 'all', []],
    [['oats', 'water', 'scent'], false, 'no', ['scent']],
    [['oats', 'flour'], false, 'when-cooked', ['flour']],
    [['oats', 'flour'], true, 'all', []],
    [['oats', 'flour', 'scent'], true, 'no', ['scent']],
    [['oats', 'mystery'], false, 'unknown', ['mystery']],
    [['oats', 'gone'], false, 'unknown', []],
  ] as const)('%j, cooked: %s', (ids, cooked, answer, because) => {
    const found = of(ids, cooked);
    expect([found.answer, found.because.map(({ id }) => id)]).toEqual([answer, because]);
  });

  test('is inherited by what a recipe makes', () => {
    const lump = (book: Book) => thingOf(book, 'lump')!.properties.foodOnly;
    expect(lump(kneading(OLDER!, [['oats', 1]]))).toBe('all');
    expect(
      lump(
        kneading(OLDER!, [
          ['oats', 1],
          ['scent', 1],
        ]),
      ),
    ).toBe('no');
    expect(lump(kneading(OLDER!, [['flour', 1]]))).toBe('when-cooked');
  });
});

describe('row 48, past its keep-by day and after illness', () => {
  const batch = (madeOn: string, rest: object = {}): ChangeInput => ({
    type: 'kitchen/put-batch',
    batch: { id: 'b1', recipeId: 'dough', madeOn: plainDay(madeOn), amount: 500, unit: 'mL', ...rest },
  });
  const kept = (...more: readonly ChangeInput[]) =>
    more.reduce((book, change) => after(book, change), kneading(OLDER!, [['oats', 100]]));
  const on = (day: string, ...more: readonly ChangeInput[]) => rowsOf(kept(...more), plainDay(day));

  test('keeps for three days: the last of them is fine, the next is not', () => {
    expect(on('2027-03-11', batch('2027-03-08'))).toEqual(['48 care']);
    expect(on('2027-03-12', batch('2027-03-08'))).toEqual(['48 stop']);
    expect(on('2027-03-12', batch('2027-03-09'))).toEqual([]);
  });
  test('a newer one counts, one that is gone or was only tried does not', () => {
    const newer = {
      ...batch('2027-03-11'),
      batch: { id: 'b2', recipeId: 'dough', madeOn: plainDay('2027-03-11'), amount: 5, unit: 'mL' },
    } as ChangeInput;
    expect(on('2027-03-12', batch('2027-03-08'), newer)).toEqual([]);
    expect(on('2027-03-12', batch('2027-03-08', { goneOn: '2027-03-11' }))).toEqual([]);
    expect(on('2027-03-12', batch('2027-03-08', { trial: true }))).toEqual([]);
  });
  test('after illness it stops at once, whatever its day', () => {
    expect(on('2027-03-09', batch('2027-03-08', { illSince: '2027-03-10' }))).toEqual(['48 care']);
    expect(on('2027-03-10', batch('2027-03-08', { illSince: '2027-03-10' }))).toEqual(['48 stop']);
  });
  test('without a batch nothing is told: it stands among what is cooked', () => {
    expect(on('2027-03-12')).toEqual([]);
  });
});

describe('row 48, a bin or a dough that was out when somebody fell ill', () => {
  const felt = (date: string, tap = 'ill', childId = 'kim'): ChangeInput =>
    ({ type: 'daybook/tap', date: plainDay(date), childId, tap }) as ChangeInput;
  const made = (madeOn: string): ChangeInput => ({
    type: 'kitchen/put-batch',
    batch: { id: 'b1', recipeId: 'dough', madeOn: plainDay(madeOn), amount: 500, unit: 'mL' },
  });
  const told = (...more: readonly ChangeInput[]) => {
    const book = more.reduce((now, change) => after(now, change), kneading(OLDER!, [['oats', 100]]));
    return read(book, TEST_UNIT, plainDay('2027-03-10'))
      .headsUps.filter(({ row }) => row === 48)
      .map(({ level, days }) => [level, ...days]);
  };

  test.each<[string, ChangeInput[], unknown[]]>([
    ['fell ill there', [felt('2027-03-09')], [['stop', 3, 4, 5]]],
    ['only went home', [felt('2027-03-09', 'out')], []],
    ['fell ill on the last day', [felt('2027-03-12')], []],
    ['came back well after all', [felt('2027-03-09'), felt('2027-03-09', 'in')], []],
    ['fell ill and was fetched later', [felt('2027-03-09'), felt('2027-03-09', 'out')], [['stop', 3, 4, 5]]],
    ['made on the day itself', [made('2027-03-09'), felt('2027-03-09')], [['stop', 3, 4, 5]]],
    ['made new since', [felt('2027-03-09'), made('2027-03-10')], []],
    [
      'another child, who was not at it',
      [aChild('bo', '2022-01-01', { attendance: {} }), felt('2027-03-09', 'ill', 'bo')],
      [],
    ],
  ])('%s', (_, more, expected) => expect(told(...more)).toEqual(expected));

  test('does not say who it was', () => {
    const book = after(kneading(OLDER!, [['oats', 100]]), felt('2027-03-09'));
    const [finding] = read(book, TEST_UNIT, plainDay('2027-03-10')).headsUps.filter(({ row }) => row === 48);
    expect(JSON.stringify(finding)).not.toMatch(/kim/i);
  });
});

describe('row 63, raw egg on fingers', () => {
  test.each<[string, object, string | undefined]>([
    ['a dough with raw egg', {}, '63 stop'],
    ['one that is cooked', { cooked: true, waitHours: 1 }, undefined],
    ['a batter to eat, stirred with a spoon', { kind: 'food' }, undefined],
  ])('%s', (_, recipe, told) => {
    const book = kneading(OLDER!, [['egg', 50]], { recipe });
    expect(rowsOf(book).find((one) => one.startsWith('63'))).toBe(told);
  });
  test('from six years on it is none', () => {
    expect(rowsOf(kneading('2021-03-08', [['egg', 50]])).filter((one) => one.startsWith('63'))).toEqual([]);
    expect(rowsOf(kneading('2021-03-09', [['egg', 50]])).filter((one) => one.startsWith('63'))).toEqual([
      '63 stop',
    ]);
  });
});

describe('row 65, what comes from the stove', () => {
  test.each<[string, object, string[]]>([
    ['not cooked', {}, []],
    ['cooked, and no word of cooling', { cooked: true }, ['65 care']],
    ['cooked, and it waits as a whole', { cooked: true, waitHours: 2 }, []],
    [
      'cooked, and it cools after its last step',
      { cooked: true, steps: [{ text: 'Stir' }, { text: 'Cool', waitMinutes: 20 }] },
      [],
    ],
    [
      'cooked, and it only waits in between',
      { cooked: true, steps: [{ text: 'Bake', waitMinutes: 20 }, { text: 'Take out' }] },
      ['65 care'],
    ],
  ])('%s', (_, recipe, expected) => {
    expect(
      rowsOf(kneading(OLDER!, [['oats', 100]], { recipe })).filter((one) => one.startsWith('65')),
    ).toEqual(expected);
  });
});

describe('row 35, a batch that was made without the allergen', () => {
  const NUTS = { allergies: [{ allergen: 'tree-nuts', words: 'tree nuts' }] };
  const made = (rest: object): ChangeInput => ({
    type: 'kitchen/put-batch',
    batch: {
      ...{ id: 'b1', recipeId: 'dough', madeOn: plainDay('2027-03-08'), amount: 500, unit: 'mL' },
      without: ['tree-nuts'],
      ...rest,
    } as never,
  });
  const stops = (...more: readonly ChangeInput[]) => {
    const book = more.reduce(
      (now, change) => after(now, change),
      kneading(OLDER!, [['nuts', 100]], { child: NUTS }),
    );
    return read(book, TEST_UNIT, A_MONDAY)
      .headsUps.filter(({ rule }) => rule === 'allergen')
      .map(({ days }) => days.join(' '));
  };
  test.each<[string, ChangeInput[], string[]]>([
    ['nothing made yet', [], ['1 2 3 4 5']],
    ['made without it: as long as it keeps', [made({})], ['5']],
    ['made without another one', [made({ without: ['milk'] })], ['1 2 3 4 5']],
    ['an own bowl with a name on it', [made({ label: 'Kim' })], ['1 2 3 4 5']],
    ['only tried', [made({ trial: true })], ['1 2 3 4 5']],
    ['another batch beside it', [made({}), made({ id: 'b2', without: [] })], ['1 2 3 4 5']],
    ['thrown away', [made({ goneOn: '2027-03-08' })], ['1 2 3 4 5']],
  ])('%s', (_, more, expected) => expect(stops(...more)).toEqual(expected));
});

describe('row 53, eaten after touching what is no food', () => {
  const eating = (category: string, properties: Properties, eaten = true): string[] =>
    rowsOf(
      testBook(
        aCorner('a'),
        aChild('kim', OLDER!),
        aSupply('thing', {
          category: category as never,
          use: 'reusable',
          properties: { loosePart: 'none', ...properties } as never,
        }),
        anActivity('taste', { materials: [aMaterial('thing', 1)], eaten }),
        inCorner('p', 'taste', 'a', 1, 1),
      ),
    ).filter((row) => row.startsWith('53'));

  test.each([
    ['paint', 'paint-and-glue', { foodOnly: 'no' }, ['53 stop']],
    ['colour made only of food', 'paint-and-glue', { foodOnly: 'all' }, []],
    ['paint that nobody looked at', 'paint-and-glue', {}, ['53 care']],
    ['a craft tool', 'tools', { forFood: false }, ['53 stop']],
    ['a kitchen tool', 'tools', { forFood: true }, []],
    ['a tool that nobody looked at', 'tools', {}, ['53 care']],
    ['printed paper', 'print', {}, ['53 stop']],
    ['a tray for food', 'containers', { forFood: true }, []],
  ] as const)('%s', (_, category, properties, expected) => {
    expect(eating(category, properties)).toEqual(expected);
    expect(eating(category, properties, false)).toEqual([]);
  });
});

describe('rows 29 and 38, through what a recipe makes and as they are', () => {
  const meeting = (properties: Properties): string[] =>
    rowsOf(
      testBook(
        aCorner('a'),
        aChild('kim', OLDER!),
        aSupply('thing', {
          category: 'paper-and-card',
          properties: { loosePart: 'none', film: false, ...properties } as never,
        }),
        anActivity('play', { materials: [aMaterial('thing', 1)] }),
        inCorner('p', 'play', 'a', 1, 1),
      ),
    );
  test.each([
    [{ dust: true }, ['29 care']],
    [{ dust: false }, []],
    [{ reused: 'other' }, ['38 stop']],
    [{ reused: 'food' }, []],
    [{ reused: 'none' }, []],
  ] as const)('%j', (properties, expected) => expect(meeting(properties)).toEqual(expected));
});
