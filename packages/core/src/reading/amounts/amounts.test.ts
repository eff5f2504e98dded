import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { Book } from '../../book/index.ts';
import { plainDay, type ClockSpan } from '../../calendar/index.ts';
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
  TEST_HOME,
  TEST_UNIT,
  testBook,
} from '../../testing/home.ts';
import type { ChangeInput } from '../../changes/index.ts';
import { materialSchema, type Material } from '../../library/index.ts';
import { explainLine, materialText, read } from '../index.ts';
import { peakOf } from './peak.ts';
import type { Use } from './use.ts';

const needOf = (book: Book, supplyId: string, today = A_MONDAY) =>
  read(book, TEST_UNIT, today).supplies.find((line) => line.supply.id === supplyId);
const amount = (book: Book, supplyId: string, today = A_MONDAY) =>
  needOf(book, supplyId, today)?.need.amount ?? 0;

/** Three children every morning, one of them away on Day 2; a corner with room for two. */
const home = testBook(
  aCorner('a', { places: 2 }),
  aCorner('b'),
  aChild('ada', '2025-01-01'),
  aChild('bo', '2023-01-01'),
  aChild('eli', '2021-01-01'),
  { type: 'house/put-absence', absence: { id: 'x', childId: 'bo', from: '2027-03-09', to: '2027-03-09' } },
  aSupply('sticks'),
  aSupply('paint', { unit: 'mL' }),
  aSupply('trays', { use: 'reusable' }),
);
const withMaterial = (...changes: readonly ChangeInput[]) => after(home, ...changes);

describe('consumables', () => {
  test('needed every day are added up over the children who are there', () => {
    const book = withMaterial(
      anActivity('build', { materials: [aMaterial('sticks', 2)] }),
      inCorner('p', 'build', 'b', 1, 3),
    );
    expect(amount(book, 'sticks')).toBe(2 * (3 + 2 + 3));
  });

  test('needed once for the span count every child who comes on any of its days', () => {
    const once = (toDay: number) =>
      withMaterial(
        anActivity('dough', { materials: [aMaterial('paint', 240, { every: 'span' })] }),
        inCorner('p', 'dough', 'b', 2, toDay),
      );
    expect(amount(once(2), 'paint')).toBe(480);
    expect(amount(once(3), 'paint')).toBe(720);
    expect(needOf(once(3), 'paint')?.by.number).toBe(2);
  });

  test.each<[string, Parameters<typeof aMaterial>[2], number]>([
    ['for each child', {}, 3],
    ['for each pair begun', { for: { kind: 'group-of', size: 2 } }, 2],
    ['for all together', { for: { kind: 'all' } }, 1],
    ['with one spare for every eight begun', { spare: 'for-breakage' }, 4],
    ['with a spare for the one there is for all', { for: { kind: 'all' }, spare: 'for-breakage' }, 2],
  ])('%s', (_, rest, shares) => {
    const book = withMaterial(
      anActivity('print', { mode: 'whole-group', materials: [aMaterial('sticks', 5, rest)] }),
      onDay('p', 'print', 1),
    );
    expect(amount(book, 'sticks')).toBe(5 * shares);
  });

  test('only children with a version at their age are counted', () => {
    const book = withMaterial(
      anActivity('lace', {
        versions: [aVersion(36, 60)],
        materials: [aMaterial('sticks', 1)],
      }),
      onDay('p', 'lace', 1),
    );
    expect(amount(book, 'sticks')).toBe(1);
  });

  test('pieces are rounded up to whole ones, once for the sum', () => {
    const book = withMaterial(
      anActivity('cut', { materials: [aMaterial('sticks', 0.5)] }),
      onDay('p', 'cut', 1),
      onDay('q', 'cut', 3, 'groups'),
    );
    expect(amount(book, 'sticks')).toBe(3);
    expect(
      amount(
        withMaterial(anActivity('cut', { materials: [aMaterial('sticks', 0.5)] }), onDay('p', 'cut', 1)),
        'sticks',
      ),
    ).toBe(2);
  });

  test('what was needed before today is not asked for again', () => {
    const book = withMaterial(
      anActivity('build', { materials: [aMaterial('sticks', 2)] }),
      inCorner('p', 'build', 'b', 1, 3),
    );
    expect(amount(book, 'sticks', plainDay('2027-03-10'))).toBe(6);
    expect(needOf(book, 'sticks', plainDay('2027-03-11'))).toBeUndefined();
  });

  test('a child who leaves the list takes the amounts along', () => {
    const book = withMaterial(
      anActivity('build', { materials: [aMaterial('sticks', 2)] }),
      inCorner('p', 'build', 'b', 1, 1),
    );
    const away: ChangeInput = {
      type: 'house/put-absence',
      absence: { id: 'y', childId: 'ada', from: '2027-03-08', to: '2027-03-08' },
    };
    expect([amount(book, 'sticks'), amount(after(book, away), 'sticks')]).toEqual([6, 4]);
  });
});

describe('what is shown in the group and then lies on the shelf', () => {
  const HEADS: Readonly<Record<number, readonly string[]>> = { 2: ['ada', 'eli'] };
  const headsOn = (days: readonly number[]): number =>
    new Set(days.flatMap((day) => HEADS[day] ?? ['ada', 'bo', 'eli'])).size;
  const upTo = (from: number, to: number): number[] =>
    Array.from({ length: to - from + 1 }, (_, i) => from + i);
  const KINDS: Readonly<Record<string, [Partial<Material>, (heads: number) => number]>> = {
    child: [{ for: { kind: 'child' } }, (heads) => heads],
    pair: [{ for: { kind: 'group-of', size: 2 } }, (heads) => Math.ceil(heads / 2)],
    all: [{ for: { kind: 'all' } }, (heads) => Math.min(1, heads)],
  };

  test('is needed once for its span, and each day anew where it is needed each day', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...Object.keys(KINDS)),
        fc.integer({ min: 1, max: 5 }),
        fc.integer({ min: 1, max: 5 }),
        fc.integer({ min: 0, max: 3 }),
        fc.constantFrom('span', 'day'),
        (kind, day, from, more, every) => {
          const [line, shares] = KINDS[kind]!;
          const shelf = upTo(from, from + more);
          const book = withMaterial(
            anActivity('dough', {
              mode: 'whole-group',
              materials: [aMaterial('paint', 10, { ...line, every } as never)],
            }),
            onDay('shown', 'dough', day),
            inCorner('shelf', 'dough', 'b', from, from + more),
          );
          const goesOn = from === day || from === day + 1;
          const expected =
            every === 'day'
              ? shares(headsOn([day])) + shelf.reduce((sum, one) => sum + shares(headsOn([one])), 0)
              : goesOn
                ? shares(headsOn([day, ...shelf]))
                : shares(headsOn([day])) + shares(headsOn(shelf));
          expect(amount(book, 'paint')).toBe(10 * expected);
        },
      ),
      { numRuns: 300, seed: 31 },
    );
  });

  test.each([
    ['moved to another corner', 2, 3, 4, 10],
    ['in two corners at the same time', 3, 3, 4, 20],
    ['put out anew after a day without', 1, 3, 4, 20],
  ])('%s', (_, until, from, to, expected) => {
    const line = aMaterial('paint', 10, { every: 'span', for: { kind: 'all' } });
    const book = withMaterial(
      anActivity('dough', { materials: [line] }),
      inCorner('p', 'dough', 'a', 1, until),
      inCorner('q', 'dough', 'b', from, to),
    );
    expect(amount(book, 'paint')).toBe(expected);
  });

  test('what another activity needs, or the same one in a block of the next day, is needed anew', () => {
    const paint = { materials: [aMaterial('paint', 10, { every: 'span' })] };
    const other = withMaterial(
      anActivity('dough', paint),
      anActivity('again', paint),
      onDay('shown', 'dough', 1),
      inCorner('shelf', 'again', 'b', 1, 1),
    );
    expect(amount(other, 'paint')).toBe(60);
    const twice = withMaterial(anActivity('dough', paint), onDay('p', 'dough', 3), onDay('q', 'dough', 4));
    expect(amount(twice, 'paint')).toBe(60);
  });
});

describe('as many runs as there are groups', () => {
  const lead = (groups: readonly (readonly [string, readonly string[]])[]): ChangeInput => ({
    type: 'handover/lead',
    leading: {
      unitId: TEST_UNIT,
      placementId: 'p',
      day: 1,
      groups: groups.map(([personId, childIds]) => ({ personId, childIds })),
    } as never,
  });
  const people = ['sol', 'mara'].map((id): ChangeInput => ({
    type: 'house/put-person',
    person: { id, name: id, role: 'assistant' },
  }));
  test.each<[string, object, ChangeInput[], number]>([
    ['all at once, nobody named', {}, [], 1],
    ['two of three at once: one adult has two groups', { atOnce: 2 }, [], 2],
    [
      'two adults with a group each',
      {},
      [
        lead([
          ['sol', ['ada']],
          ['mara', []],
        ]),
      ],
      2,
    ],
    [
      'one adult with two groups',
      {},
      [
        lead([
          ['sol', ['ada']],
          ['sol', []],
        ]),
      ],
      2,
    ],
    ['one adult named', {}, [lead([['sol', []]])], 1],
    [
      'two adults, one of whom has two groups',
      { atOnce: 1 },
      [
        lead([
          ['sol', ['ada']],
          ['mara', []],
        ]),
      ],
      3,
    ],
    ['for the whole group it is one run', { mode: 'whole-group', atOnce: 1 }, [], 1],
  ])('%s', (_, content, more, runs) => {
    const book = withMaterial(
      ...people,
      anActivity('drum', {
        mode: 'small-group',
        materials: [aMaterial('paint', 10, { for: { kind: 'run' } })],
        ...content,
      }),
      onDay('p', 'drum', 1),
      ...more,
    );
    expect(amount(book, 'paint')).toBe(10 * runs);
  });
});

describe('reusables', () => {
  const trays = (each: number) => ({ materials: [aMaterial('trays', each)] });

  test('in a corner count for no more children than it has places', () => {
    expect(
      amount(withMaterial(anActivity('sort', trays(1)), inCorner('p', 'sort', 'a', 1, 5)), 'trays'),
    ).toBe(2);
    expect(
      amount(withMaterial(anActivity('sort', trays(1)), inCorner('p', 'sort', 'b', 1, 5)), 'trays'),
    ).toBe(3);
  });

  test('of set-ups that overlap by a day are added, of adjacent ones not', () => {
    const spans = (fromDay: number) =>
      withMaterial(
        anActivity('sort', trays(1)),
        inCorner('p', 'sort', 'a', 1, 5),
        inCorner('q', 'sort', 'b', fromDay, 10),
      );
    expect(amount(spans(5), 'trays')).toBe(5);
    expect(needOf(spans(5), 'trays')?.peak?.day.number).toBe(5);
    expect(amount(spans(6), 'trays')).toBe(3);
  });

  test('of activities whose blocks touch are not added, unless the clean-up runs into the next block', () => {
    const day = (cleanUpMinutes: number) =>
      withMaterial(
        anActivity('sort', { ...trays(1), cleanUpMinutes }),
        onDay('p', 'sort', 1),
        onDay('q', 'sort', 1, 'groups'),
      );
    expect(amount(day(0), 'trays')).toBe(3);
    expect(amount(day(1), 'trays')).toBe(6);
  });

  test('of a set-up are held during the activities of the day', () => {
    const book = withMaterial(
      anActivity('sort', trays(1)),
      inCorner('p', 'sort', 'a', 1, 5),
      onDay('q', 'sort', 3),
    );
    expect(needOf(book, 'trays')?.peak).toMatchObject({ amount: 5, day: { number: 3 } });
  });

  test('of an activity for a few count for those who do it at once', () => {
    const book = withMaterial(anActivity('sort', { ...trays(2), atOnce: 2 }), onDay('q', 'sort', 3));
    expect(amount(book, 'trays')).toBe(4);
  });

  test('are compared with what is on hand', () => {
    const book = withMaterial(anActivity('sort', trays(1)), inCorner('p', 'sort', 'b', 1, 5), {
      type: 'cupboard/record-stock',
      move: { id: 'm', supplyId: 'trays', kind: 'counted', amount: 2, at: '2027-03-07T09:00:00.000Z' },
    });
    expect(needOf(book, 'trays')).toMatchObject({ have: { amount: 2 }, buy: { amount: 1 } });
  });
});

test('the peak is that of an oracle that looks at every minute of every day', () => {
  const use = fc.record({
    day: fc.integer({ min: 1, max: 3 }),
    from: fc.integer({ min: 0, max: 40 }),
    length: fc.integer({ min: 1, max: 20 }),
    amount: fc.integer({ min: 1, max: 9 }),
  });
  fc.assert(
    fc.property(fc.array(use, { maxLength: 12 }), (uses) => {
      const given = uses.map(({ day, from, length, amount: each }) => ({
        day: { number: day, date: A_MONDAY },
        span: { from, to: from + length } as ClockSpan,
        amount: each,
        placement: { id: 'p', where: { kind: 'reserve' } },
      }));
      let most = 0;
      for (const day of [1, 2, 3]) {
        for (let minute = 0; minute < 70; minute++) {
          const inUse = uses.filter(
            (one) => one.day === day && one.from <= minute && minute < one.from + one.length,
          );
          most = Math.max(
            most,
            inUse.reduce((sum, one) => sum + one.amount, 0),
          );
        }
      }
      expect(peakOf(given as unknown as Use[])?.amount ?? 0).toBe(most);
    }),
  );
});

describe('an amount explains itself', () => {
  test('by activity, with days that are alike told together', () => {
    const book = withMaterial(
      anActivity('trails', { materials: [aMaterial('sticks', 2, { spare: 'for-breakage' })] }),
      inCorner('p', 'trails', 'b', 1, 3),
    );
    expect(explainLine(needOf(book, 'sticks')!, 'metric')).toEqual([
      'trails, Day 1 and 3: 3 children × 2 + 1 spare × 2 days → 16',
      'trails, Day 2: 2 children × 2 + 1 spare → 6',
      'Together 22; on hand 0, 22 missing.',
    ]);
  });

  test('by the moment of most use', () => {
    const book = withMaterial(
      anActivity('sort', { materials: [aMaterial('trays', 1)] }),
      inCorner('p', 'sort', 'a', 1, 2),
    );
    expect(explainLine(needOf(book, 'trays')!, 'metric')).toEqual([
      'sort, Day 1: 2 children at once × 1 → 2',
      'Most at once: 2 on Day 1; on hand 0, 2 missing.',
    ]);
  });

  test('and every explained part adds up to the need', () => {
    const book = withMaterial(
      anActivity('one', {
        materials: [aMaterial('paint', 30), aMaterial('sticks', 3, { for: { kind: 'group-of', size: 2 } })],
      }),
      anActivity('two', { materials: [aMaterial('paint', 100, { every: 'span', for: { kind: 'all' } })] }),
      inCorner('p', 'one', 'a', 1, 10),
      inCorner('q', 'two', 'b', 4, 6),
      onDay('r', 'one', 7),
    );
    for (const line of read(book, TEST_UNIT, A_MONDAY).supplies) {
      expect(line.uses.reduce((sum, one) => sum + one.amount, 0)).toBeCloseTo(line.need.amount);
    }
  });
});

describe('a standing kit', () => {
  const scoops = anActivity('scoop', { materials: [aMaterial('trays', 1)] });
  const withKit = (kit: number) =>
    withMaterial(
      aCorner('b', { standingKit: [{ supplyId: 'trays', amount: kit }] }),
      scoops,
      inCorner('p', 'scoop', 'b', 1, 3),
    );

  test('serves its corner first, and only what goes beyond it is asked of the cupboard', () => {
    expect(amount(withKit(2), 'trays')).toBe(1);
    expect(needOf(withKit(3), 'trays')).toBeUndefined();
    expect(explainLine(needOf(withKit(2), 'trays')!, 'metric')).toContain('2 stand in that corner already');
  });

  test('serves two set-ups of its corner together, and no other corner', () => {
    const two = after(withKit(4), inCorner('q', 'scoop', 'b', 1, 3));
    expect(amount(two, 'trays')).toBe(2);
    expect(amount(after(withKit(3), inCorner('q', 'scoop', 'a', 1, 3)), 'trays')).toBe(2);
  });
});

describe('lines that are counted in other ways', () => {
  const one = (rest: Partial<ReturnType<typeof aMaterial>>, ...changes: readonly ChangeInput[]) =>
    withMaterial(
      ...changes,
      anActivity('build', {
        versions: [aVersion(0, 48), aVersion(48)],
        materials: [aMaterial('sticks', 2, rest)],
      }),
      inCorner('p', 'build', 'b', 1, 2),
    );
  const works: ChangeInput = {
    type: 'house/put-person',
    person: { id: 'sol', name: 'Sol', role: 'assistant', work: { '1': ['morning'], '2': ['morning'] } },
  };

  test('for each adult at work, and for one where nobody entered any work', () => {
    expect(amount(one({ for: { kind: 'adult' } }), 'sticks')).toBe(4);
    const mara: ChangeInput = {
      type: 'house/put-person',
      person: { id: 'mara', name: 'Mara', role: 'provider', work: { '1': ['morning'] } },
    };
    const book = one({ for: { kind: 'adult' } }, works, mara);
    expect(amount(book, 'sticks')).toBe(2 * (2 + 1));
    expect(explainLine(needOf(book, 'sticks')!, 'metric')[0]).toContain('2 adults × 2');
  });

  test('each time it is run, also when the line says once', () => {
    expect(amount(one({ for: { kind: 'run' }, every: 'span' }), 'sticks')).toBe(4);
  });

  test('only for the children of some versions', () => {
    // Bo and Eli are four by then, and Bo is away on Day 2.
    expect(amount(one({ versionIds: ['from-48' as never] }), 'sticks')).toBe(2 * (2 + 1));
  });

  test("by the letters of the children's names, the longest first where places are few", () => {
    const letters = one({ times: 'letters-of-name', every: 'span' });
    expect(amount(letters, 'sticks')).toBe(2 * (3 + 2 + 3));
    expect(explainLine(needOf(letters, 'sticks')!, 'metric')[0]).toContain(
      '8 letters in the names of 3 children',
    );
    const few = withMaterial(
      anActivity('tiles', { materials: [aMaterial('trays', 1, { times: 'letters-of-name' })] }),
      inCorner('p', 'tiles', 'a', 1, 1),
    );
    expect(amount(few, 'trays')).toBe(3 + 3);
  });

  test('not at all while the unit does not say its number', () => {
    expect(needOf(one({ times: 'featured-number' }), 'sticks')).toBeUndefined();
  });

  test('with spares by the value of the home', () => {
    const often = one(
      { spare: 'for-breakage', every: 'span' },
      { type: 'house/put-home', home: { ...TEST_HOME, values: { piecesPerSpare: 1 } } },
    );
    expect(amount(often, 'sticks')).toBe(2 * (3 + 3));
  });

  test('shown in the units of the home', () => {
    const book = withMaterial(
      anActivity('wash', { materials: [aMaterial('paint', 240)] }),
      inCorner('p', 'wash', 'b', 1, 1),
    );
    expect(explainLine(needOf(book, 'paint')!, 'us')[0]).toContain('3 children × 1 cup → 3 cups');
  });
});

test.each<[string, Partial<Material>]>([
  ['2 a child', {}],
  ['2 for 4, with spares', { for: { kind: 'group-of', size: 4 }, spare: 'for-breakage' }],
  ['2 an adult', { for: { kind: 'adult' } }],
  ['2 for all', { for: { kind: 'all' } }],
  ['2 each time', { for: { kind: 'run' } }],
  ["2 a child, times the letters of each child's name", { times: 'letters-of-name' }],
])('a line reads %s', (text, rest) => {
  const line = materialSchema.parse({ ...aMaterial('sticks', 2), ...rest });
  expect(materialText(line, home.supplies.sticks!, 'metric')).toBe(text);
});
