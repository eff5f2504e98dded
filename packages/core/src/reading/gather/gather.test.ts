import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import {
  dueText,
  explainLine,
  lineDetails,
  plainDay,
  read,
  type Book,
  type ChangeInput,
  type UnitId,
} from '../../index.ts';
import {
  A_MONDAY,
  aChild,
  aCorner,
  after,
  aMaterial,
  anActivity,
  aSupply,
  attempt,
  inCorner,
  onDay,
  TEST_UNIT,
  testBook,
} from '../../testing/home.ts';

const LANTERNS = 'lanterns' as UnitId;
const DAYS = ['08', '09', '10', '11', '12', '15', '16', '17', '18', '19'].map((day) => `2027-03-${day}`);

/** A second unit of five days that begins on one of the days of the first. */
const second = (start = '2027-03-10'): ChangeInput => ({
  type: 'unit/start',
  unit: { id: LANTERNS, title: 'Lanterns', style: 'theme', start: start as never, dayCount: 5 },
});
const counted = (supplyId: string, amount: number): ChangeInput => ({
  type: 'cupboard/record-stock',
  move: { id: `count-${supplyId}`, supplyId, kind: 'counted', amount, at: '2027-03-01T08:00:00.000Z' },
});
const lineOf = (book: Book, supplyId: string, unitId: UnitId = TEST_UNIT, today = A_MONDAY) =>
  read(book, unitId, today).supplies.find((line) => line.supply.id === supplyId);

const someChildren = (count: number) =>
  Array.from({ length: count }, (_, i) => aChild(`c${i}`, '2022-01-01'));

interface Planned {
  readonly unit: 0 | 1;
  readonly block: 'table' | 'groups' | 'late' | 'corner';
  readonly from: number;
  readonly to: number;
  readonly amount: number;
}
const plans = fc.array(
  fc.record<Planned>({
    unit: fc.constantFrom(0, 1),
    block: fc.constantFrom('table', 'groups', 'corner'),
    from: fc.integer({ min: 1, max: 5 }),
    to: fc.integer({ min: 1, max: 5 }),
    amount: fc.integer({ min: 1, max: 40 }),
  }),
  { minLength: 1, maxLength: 7 },
);

/** A book in which everything generated uses one supply, each placement for all children together. */
function bookOf(
  planned: readonly Planned[],
  use: 'consumable' | 'reusable',
  stock: number,
  forWhom: 'all' | 'child' = 'all',
): Book {
  const things = planned.flatMap((one, i): ChangeInput[] => [
    anActivity(`a${i}`, { materials: [aMaterial('thing', one.amount, { for: { kind: forWhom } })] }),
    {
      type: 'unit/place',
      id: `p${i}`,
      unitId: one.unit === 0 ? TEST_UNIT : LANTERNS,
      activityId: `a${i}`,
      where:
        one.block === 'corner'
          ? {
              kind: 'corner',
              cornerId: 'a',
              fromDay: Math.min(one.from, one.to),
              toDay: Math.max(one.from, one.to),
            }
          : { kind: 'day', day: one.from, blockId: one.block },
    },
  ]);
  return testBook(
    second(),
    aCorner('a'),
    ...someChildren(3),
    aSupply('thing', { use }),
    counted('thing', stock),
    ...things,
  );
}

/** The dates of a generated placement: counted off on the list of open days, without any of the program's own. */
function datesOf({ unit, block, from, to }: Planned): readonly string[] {
  const first = unit === 0 ? 0 : 2;
  const days = block === 'corner' ? [Math.min(from, to), Math.max(from, to)] : [from, from];
  return DAYS.slice(first + days[0]! - 1, first + days[1]!);
}
const MINUTES: Readonly<Record<Planned['block'], readonly [number, number]>> = {
  table: [570, 600],
  groups: [600, 630],
  late: [900, 930],
  corner: [0, 1440],
};

describe('what is used up', () => {
  test('is told day by day, and the days add up to the line before rounding', () => {
    fc.assert(
      fc.property(plans, fc.integer({ min: 1, max: 6 }), (planned, children) => {
        const own = planned.filter(({ unit }) => unit === 0);
        const book = after(bookOf(own, 'consumable', 0, 'child'), ...someChildren(children));
        const line = lineOf(book, 'thing');
        const heads = Math.max(3, children);
        const byDate = new Map<string, number>();
        for (const one of own)
          for (const date of datesOf(one)) byDate.set(date, (byDate.get(date) ?? 0) + one.amount * heads);
        const told = new Map<string, number>();
        for (const { day, amount } of line?.uses ?? [])
          told.set(day.date, (told.get(day.date) ?? 0) + amount);
        expect(Object.fromEntries(told)).toEqual(Object.fromEntries(byDate));
        // And what is read out adds up to the same.
        const sums = line
          ? explainLine(line, 'metric').flatMap((text) => /→ (\d+)$/.exec(text)?.[1] ?? [])
          : [];
        const sum = sums.reduce((all, one) => all + Number(one), 0);
        expect(sum).toBe(line?.planned.amount ?? 0);
        expect(sum).toBe([...byDate.values()].reduce((all, one) => all + one, 0));
      }),
      { numRuns: 150, seed: 21 },
    );
  });

  test('goes to whoever needs it first, in whichever unit, as a day-by-day count shows', () => {
    fc.assert(
      fc.property(plans, fc.integer({ min: 0, max: 300 }), (planned, stock) => {
        const book = bookOf(planned, 'consumable', stock);
        // Day by day, the earlier unit first on the same day: what is not there is missing.
        const first = [0, 1].map(
          (unit) =>
            planned
              .filter((one) => one.unit === unit)
              .flatMap(datesOf)
              .toSorted()[0] ?? '9',
        );
        const order = first[1]! < first[0]! ? [1, 0] : first[0] === first[1] ? [0, 1] : [0, 1];
        const missing = [0, 0];
        let left = stock;
        for (const date of DAYS)
          for (const unit of first[0] === first[1] ? [0, 1] : order)
            for (const one of planned)
              if (one.unit === unit && datesOf(one).includes(date)) {
                const there = Math.min(left, one.amount);
                left -= there;
                missing[unit]! += one.amount - there;
              }
        const buys = [TEST_UNIT, LANTERNS].map((id) => lineOf(book, 'thing', id)?.buy.amount ?? 0);
        expect(buys).toEqual(missing);
      }),
      { numRuns: 200, seed: 22 },
    );
  });

  test('left over from packs for one unit serves the next', () => {
    const book = after(
      bookOf(
        [
          { unit: 0, block: 'table', from: 1, to: 1, amount: 7 },
          { unit: 1, block: 'table', from: 1, to: 1, amount: 5 },
        ],
        'consumable',
        0,
      ),
      aSupply('thing', { packs: [{ amount: 10, price: 200 as never }] }),
    );
    const [kites, lanterns] = [lineOf(book, 'thing')!, lineOf(book, 'thing', LANTERNS)!];
    expect([kites.packs?.leftOver, lanterns.carried, lanterns.buy.amount, lanterns.packs?.amount]).toEqual([
      3, 3, 2, 10,
    ]);
    expect(explainLine(lanterns, 'metric').join(' ')).toContain('3 is left of packs for an earlier unit');
  });

  test('is given away once: a third unit gets only what the second left', () => {
    const third = 'third' as UnitId;
    const need = (amount: number, unitId: string, i: number): ChangeInput[] => [
      anActivity(`n${i}`, { materials: [aMaterial('thing', amount, { for: { kind: 'all' } })] }),
      {
        type: 'unit/place',
        id: `n${i}`,
        unitId,
        activityId: `n${i}`,
        where: { kind: 'day', day: 1, blockId: 'table' },
      },
    ];
    const book = testBook(
      ...someChildren(1),
      second(),
      {
        type: 'unit/start',
        unit: { id: third, title: 'Third', style: 'theme', start: '2027-03-11', dayCount: 5 },
      },
      aSupply('thing', { packs: [{ amount: 10, price: 200 as never }] }),
      ...need(4, TEST_UNIT, 1),
      ...need(5, LANTERNS, 2),
      ...need(4, third, 3),
    );
    // Ten are bought for four: six are left, of which five go to the second and one to the third.
    const seen = [TEST_UNIT, LANTERNS, third].map((id) => {
      const line = lineOf(book, 'thing', id)!;
      return [line.carried, line.buy.amount, line.packs?.amount ?? 0];
    });
    expect(seen).toEqual([
      [0, 4, 10],
      [5, 0, 0],
      [1, 3, 10],
    ]);
  });
});

describe('what is put back', () => {
  test('counts at its peak, found also by counting every minute of every day', () => {
    fc.assert(
      fc.property(plans, (planned) => {
        const book = bookOf(planned, 'reusable', 0);
        for (const unit of [0, 1] as const) {
          const line = lineOf(book, 'thing', unit === 0 ? TEST_UNIT : LANTERNS);
          const own = new Set(planned.filter((one) => one.unit === unit).flatMap(datesOf));
          const at = (date: string, minute: number): number =>
            planned
              .filter((one) => datesOf(one).includes(date))
              .filter(({ block }) => MINUTES[block][0] <= minute && minute < MINUTES[block][1])
              .reduce((all, { amount }) => all + amount, 0);
          let most = 0;
          for (const date of own)
            for (let minute = 0; minute < 1440; minute += 5) most = Math.max(most, at(date, minute));
          expect(line?.need.amount ?? 0).toBe(most);
          // The moment that is named is one of them.
          if (line?.peak) expect(at(line.peak.day.date, line.peak.from)).toBe(most);
        }
      }),
      { numRuns: 200, seed: 23 },
    );
  });

  test('names the other unit that uses it at that moment', () => {
    const book = bookOf(
      [
        { unit: 0, block: 'table', from: 3, to: 3, amount: 2 },
        { unit: 1, block: 'table', from: 1, to: 1, amount: 3 },
      ],
      'reusable',
      4,
    );
    const line = lineOf(book, 'thing')!;
    expect([line.need.amount, line.buy.amount, line.sharedWith.map(({ title }) => title)]).toEqual([
      5,
      1,
      ['Lanterns'],
    ]);
    // What is got for the first unit is there for the second.
    expect(lineOf(book, 'thing', LANTERNS)!.buy.amount).toBe(0);
  });
});

describe('an amount by hand', () => {
  const book = bookOf([{ unit: 0, block: 'table', from: 1, to: 1, amount: 7 }], 'consumable', 2);
  const set = (amount: { set: number; instead: number } | null): ChangeInput => ({
    type: 'gather/put-errand',
    errand: { unitId: TEST_UNIT, supplyId: 'thing', amount },
  });

  test('is kept, and told when the plan moves under it', () => {
    const kept = after(book, set({ set: 20, instead: 7 }));
    expect(lineOf(kept, 'thing')).toMatchObject({
      need: { amount: 20 },
      planned: { amount: 7 },
      buy: { amount: 18 },
      isMoved: false,
    });
    const moved = after(
      kept,
      anActivity('more', { materials: [aMaterial('thing', 1)] }),
      onDay('q', 'more', 2),
    );
    const line = lineOf(moved, 'thing')!;
    expect(line).toMatchObject({ need: { amount: 20 }, planned: { amount: 10 }, isMoved: true });
    expect(explainLine(line, 'metric').join(' ')).toContain(
      'Set by Mara to 20; the plan asks for 10, and asked for 7',
    );
    expect(lineOf(after(moved, set(null)), 'thing')).toMatchObject({ need: { amount: 10 }, isMoved: false });
  });

  test('of nothing keeps its line; one below nought is refused with its path', () => {
    expect(lineOf(after(book, set({ set: 0, instead: 7 })), 'thing')).toMatchObject({ need: { amount: 0 } });
    expect(() => after(book, set({ set: -1, instead: 7 }))).toThrow(/below zero/);
  });

  test('may be got in another way', () => {
    const asked = after(book, {
      type: 'gather/put-errand',
      errand: {
        unitId: TEST_UNIT,
        supplyId: 'thing',
        basket: 'families',
        from: 'all families',
        note: 'clean ones',
      },
    });
    const line = lineOf(asked, 'thing')!;
    expect(line).toMatchObject({ basket: 'families', packs: null, errand: { by: 'Mara' } });
    expect(lineDetails(line, 'metric')).toEqual(['need 7, 2 on hand', 'from all families', 'clean ones']);
  });

  test.each<[string, object, string[]]>([
    [
      'borrowed',
      { basket: 'borrow', from: 'the library', askedOn: '2027-03-01', backBy: '2027-03-20' },
      ['need 7, 2 on hand', 'from the library', 'asked on Mon 1', 'back by Sat 20'],
    ],
    ['bought after all', { basket: 'buy', from: 'the library', backBy: '2027-03-20' }, ['need 7, 2 on hand']],
  ])('tells what matters to what is %s', (_, errand, told) => {
    const asked = after(book, {
      type: 'gather/put-errand',
      errand: { unitId: TEST_UNIT, supplyId: 'thing', ...errand } as never,
    });
    expect(lineDetails(lineOf(asked, 'thing')!, 'metric')).toEqual(told);
  });
});

describe('what is cooked', () => {
  const recipe: ChangeInput = {
    type: 'library/put-recipe',
    recipe: {
      id: 'dough',
      title: 'Dough from the pan',
      kind: 'dough',
      minutes: 20,
      waitHours: 2,
      keepsDays: 3,
      yields: { amount: 560, unit: 'mL' },
      ingredients: [
        { supplyId: 'flour', amount: 300 },
        { supplyId: 'water', amount: 200 },
      ],
      swaps: [{ allergen: 'gluten', supplyId: 'flour', insteadId: 'rice-flour', times: 1.2 }],
      makesId: 'lump',
    },
  };
  const kitchen = testBook(
    aCorner('a'),
    ...someChildren(6),
    aSupply('lump', { unit: 'mL' }),
    aSupply('flour', {
      unit: 'g',
      allergens: ['wheat', 'gluten'],
      packs: [{ amount: 1000, price: 230 as never }],
    }),
    aSupply('rice-flour', { unit: 'g' }),
    aSupply('water', { unit: 'mL', got: 'tap' }),
    recipe,
    anActivity('knead', { materials: [aMaterial('lump', 240, { every: 'span' })] }),
    onDay('p', 'knead', 2),
  );

  test('asks for batches, and for what goes into them; what comes from the tap is not asked for', () => {
    const [line, flour] = [lineOf(kitchen, 'lump')!, lineOf(kitchen, 'flour')!];
    // 6 × 240 mL = 1440 mL, 560 mL a batch: 2.57, so 3.
    expect([line.basket, line.cooking?.batches.valueOf(), line.cooking?.times]).toEqual(['cook', 3, 1]);
    expect([flour.need.amount, flour.packs?.cost, lineOf(kitchen, 'water')]).toEqual([900, 230, undefined]);
    expect(explainLine(flour, 'metric')[0]).toBe('Dough from the pan, 3 batches → 900 g');
    expect(lineDetails(flour, 'metric')).toEqual(['need 900 g, none on hand', '1 × 1 kg']);
    expect(lineDetails(line, 'metric')).toEqual(['need 1.44 L, none on hand', '3 batches']);
  });

  test('is made for a child who must not meet it in a bowl of its own', () => {
    const book = after(
      kitchen,
      aChild('c0', '2022-01-01', { allergies: [{ allergen: 'gluten', words: 'coeliac' }] }),
    );
    const { cooking } = lineOf(book, 'lump')!;
    expect([
      cooking?.batches.valueOf(),
      cooking?.own[0]?.batches.valueOf(),
      cooking?.own[0]?.children.map(({ id }) => id),
    ]).toEqual([2.5, 0.5, ['c0']]);
    expect([lineOf(book, 'flour')!.need.amount, lineOf(book, 'rice-flour')!.need.amount]).toEqual([750, 180]);
    expect(lineDetails(lineOf(book, 'lump')!, 'metric')).toEqual([
      'need 1.44 L, none on hand',
      '2½ batches for everyone',
      '½ of a batch for c0, own bowl',
    ]);
    expect(explainLine(lineOf(book, 'lump')!, 'metric').join(' ')).toContain(
      '½ of a batch without gluten for c0',
    );
  });

  test('is not made for a child for whom no swap does: that is told, and nothing is measured out for it', () => {
    const book = after(
      kitchen,
      aSupply('rice-flour', { unit: 'g', allergens: ['sesame'] }),
      aChild('c0', '2022-01-01', {
        allergies: [
          { allergen: 'gluten', words: 'coeliac' },
          { allergen: 'sesame', words: 'sesame' },
        ],
      }),
      aChild('c1', '2022-01-01', { allergies: [{ allergen: 'wheat', words: 'wheat' }] }),
    );
    const { cooking } = lineOf(book, 'lump')!;
    expect(cooking?.own.map(({ children }) => children.map(({ id }) => id))).toEqual([['c1']]);
    expect(cooking?.without.map(({ child, left }) => [child.id, left.map(({ id }) => id)])).toEqual([
      ['c0', ['rice-flour']],
    ]);
    // Four of six get everyone's: 960 mL, 1.71 batches of 300 g, taken as two.
    expect([lineOf(book, 'flour')!.need.amount, lineOf(book, 'rice-flour')!.need.amount]).toEqual([600, 180]);
    const told = 'nothing for c0: no swap for rice-flour (sesame)';
    expect(lineDetails(lineOf(book, 'lump')!, 'metric')).toContain(told);
    expect(explainLine(lineOf(book, 'lump')!, 'metric')).toContain(told);
  });

  test('counts what is in the house, and stays on the shelf when that is enough', () => {
    expect(lineOf(after(kitchen, counted('lump', 400)), 'lump')!.cooking?.batches.valueOf()).toBe(2);
    const enough = after(kitchen, counted('lump', 1440));
    expect([lineOf(enough, 'lump')!.basket, lineOf(enough, 'flour')]).toEqual(['shelf', undefined]);
  });

  test('is made more than once where it is used longer than it keeps', () => {
    const long = after(
      kitchen,
      inCorner('q', 'knead', 'a', 1, 10),
      anActivity('daily', { materials: [aMaterial('lump', 10)] }),
      inCorner('r', 'daily', 'a', 1, 10),
    );
    // Kept for three days: new on the 8th, the 12th and the 16th of March.
    expect(lineOf(long, 'lump')!.cooking?.times).toBe(3);
  });
});

test.each([
  ['got before the day on which it is needed', 'buy', '2027-03-04', '2027-03-01', 'order by Thu 4'],
  ['today', 'buy', '2027-03-04', '2027-03-04', 'order today'],
  ['too late', 'buy', '2027-03-04', '2027-03-05', 'order late'],
  ['cooked', 'cook', '2027-03-07', '2027-03-01', 'make by Sun 7'],
  ['got on the day itself', 'shelf', '2027-03-08', '2027-03-01', 'by Mon 8'],
])('what is %s is told so', (_, basket, orderBy, today, told) => {
  const book = bookOf([{ unit: 0, block: 'corner', from: 1, to: 1, amount: 1 }], 'consumable', 0);
  const line = { ...lineOf(book, 'thing')!, basket: basket as never, orderBy: plainDay(orderBy) };
  expect(dueText(line, plainDay(today))).toBe(told);
});

describe('a day that is done', () => {
  const book = bookOf([{ unit: 0, block: 'corner', from: 1, to: 3, amount: 7 }], 'consumable', 100);
  const done: ChangeInput = {
    type: 'gather/day-used',
    usedDay: { id: `${TEST_UNIT}:1`, unitId: TEST_UNIT, day: 1 },
  };

  test('is not counted any more, once', () => {
    expect(lineOf(book, 'thing')!.need.amount).toBe(21);
    const later = after(book, done);
    expect(lineOf(later, 'thing')!.need.amount).toBe(14);
    expect(attempt(later, [done])).toMatchObject({
      outcome: 'refused',
      refusal: { path: ['changes', 0, 'usedDay', 'id'] },
    });
  });
});

test('two people ticking the same thing make one tick, in either order', () => {
  const book = bookOf([{ unit: 0, block: 'table', from: 1, to: 1, amount: 7 }], 'consumable', 2);
  const tick: ChangeInput = { type: 'gather/pick-up', subject: { unitId: TEST_UNIT, supplyId: 'thing' } };
  const ticked = after(book, tick, tick);
  expect(Object.keys(ticked.pickups)).toHaveLength(1);
  expect(lineOf(ticked, 'thing')?.pickup?.by).toBe('Mara');
  const back: ChangeInput = { type: 'gather/put-back', subject: { unitId: TEST_UNIT, supplyId: 'thing' } };
  expect(after(ticked, back, back).pickups).toEqual({});
});

test('what has to be ordered is ordered so many days before', () => {
  const book = after(
    bookOf([{ unit: 0, block: 'table', from: 8, to: 8, amount: 7 }], 'consumable', 2),
    aSupply('thing', { arrivesInDays: 5 }),
  );
  expect(lineOf(book, 'thing', TEST_UNIT, plainDay('2027-03-08'))?.orderBy).toBe('2027-03-12');
});
