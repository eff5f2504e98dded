import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import {
  childrenAround,
  fillableTubs,
  fillerChoices,
  fillingOf,
  fillingVolume,
  homeOf,
  mendsFor,
  read,
  type Book,
  type ChangeInput,
  type Inside,
  type SupplyId,
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
  TEST_UNIT,
  testBook,
} from '../../testing/home.ts';
import { isDemanding } from './fillers.ts';

const filler = (id: string, kind: string, rest: object = {}): ChangeInput =>
  aSupply(id, {
    category: 'filler',
    unit: 'g',
    gramsPerMl: 0.8,
    properties: { loosePart: 'none', filler: kind, foodOnly: 'all', dust: false } as never,
    ...rest,
  });
const tub = (id: string, inside: Inside): ChangeInput =>
  aSupply(id, { category: 'containers', use: 'reusable', inside });

const home = testBook(
  aCorner('a', { kind: 'sensory-bin', places: 3 }),
  aChild('ada', '2025-06-01', { mouthsThings: true }),
  aChild('bo', '2021-01-01', { knowsBins: true }),
  aChild('cy', '2022-06-01', { allergies: [{ allergen: 'wheat', words: 'wheat' }] }),
  tub('small', { kind: 'box', lengthMm: 400, widthMm: 250, heightMm: 100 }),
  tub('large', { kind: 'box', lengthMm: 700, widthMm: 400, heightMm: 150 }),
  tub('round', { kind: 'round', acrossMm: 340, heightMm: 130 }),
  filler('rice', 'fine', {
    packs: [
      { amount: 1000, price: 160 as never },
      { amount: 5000, price: 690 as never },
    ],
  }),
  filler('paper', 'clinging', { unit: 'mL', gramsPerMl: 0.05 }),
  filler('pasta', 'coarse', { allergens: ['wheat'] }),
  filler('mystery', 'coarse', { gramsPerMl: null }),
  {
    type: 'cupboard/record-stock',
    move: { id: 'c', supplyId: 'rice', kind: 'counted', amount: 500, at: '2027-03-01T08:00:00.000Z' },
  },
  anActivity('scoop', {
    materials: [
      aMaterial('paper', 4000, { for: { kind: 'all' }, every: 'span' }),
      aMaterial('small', 1, { for: { kind: 'all' } }),
    ],
  }),
  inCorner('p', 'scoop', 'a', 1, 3),
);
const bin = (tubId: string, fillerId: string, depthPercent = 50) => ({
  tubId: tubId as SupplyId,
  fillerId: fillerId as SupplyId,
  depthPercent,
});
const filled = (tubId: string, fillerId: string, depthPercent = 50): Book =>
  after(home, { type: 'unit/fill-bin', placementId: 'p', bin: bin(tubId, fillerId, depthPercent) });

describe('a filling', () => {
  test('is surface times depth, whatever the shape', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 50, max: 1500 }),
        fc.integer({ min: 50, max: 1500 }),
        fc.integer({ min: 10, max: 600 }),
        fc.integer({ min: 1, max: 100 }),
        (lengthMm, widthMm, heightMm, depth) => {
          const box = fillingVolume({ kind: 'box', lengthMm, widthMm, heightMm }, depth);
          // By litres: decimetres multiplied.
          expect(box / 1000).toBeCloseTo(
            (lengthMm / 100) * (widthMm / 100) * ((heightMm * depth) / 10_000),
            6,
          );
          const round = fillingVolume({ kind: 'round', acrossMm: lengthMm, heightMm }, depth);
          expect(round / 1000).toBeCloseTo(
            Math.PI * (lengthMm / 200) ** 2 * ((heightMm * depth) / 10_000),
            3,
          );
        },
      ),
      { numRuns: 150, seed: 31 },
    );
  });

  test('has a weight, an amount in the unit of the filler, and room for children', () => {
    const found = fillingOf(bin('large', 'rice', 33), home.supplies)!;
    // 700 × 400 × 49.5 mm = 13.86 L, at 0.8 g a mL.
    expect([found.volumeMl, found.weightG, found.amount, found.surfaceCm2, found.depthMm]).toEqual([
      13_860, 11_088, 11_088, 2800, 49.5,
    ]);
    expect([
      childrenAround(found.tub.inside!, homeOf(home)),
      childrenAround(home.supplies['small']!.inside!, homeOf(home)),
    ]).toEqual([3, 1]);
  });

  test('cannot be told in grams of what nobody weighed, and says what to do', () => {
    expect(fillingOf(bin('small', 'mystery'), home.supplies)).toMatchObject({
      amount: null,
      weightG: null,
      problem: expect.stringContaining('Weigh a cup of mystery'),
    });
  });

  test.each([
    ['more than full', bin('small', 'rice', 101), 'depthPercent'],
    ['no depth', bin('small', 'rice', 0), 'depthPercent'],
  ])('%s is refused by its field', (_, wrong, field) => {
    expect(() => after(home, { type: 'unit/fill-bin', placementId: 'p', bin: wrong })).toThrow(field);
  });
  test('what nobody measured, or is gone, is refused by its field', () => {
    const change = (tubId: string): ChangeInput => ({
      type: 'unit/fill-bin',
      placementId: 'p',
      bin: bin(tubId, 'rice'),
    });
    for (const id of ['rice', 'gone'])
      expect(attempt(home, [change(id)])).toMatchObject({
        outcome: 'refused',
        refusal: { path: ['changes', 0, 'bin', 'tubId'] },
      });
    expect(
      attempt(home, [{ type: 'unit/fill-bin', placementId: 'p', bin: bin('small', 'gone') }]),
    ).toMatchObject({ outcome: 'refused' });
  });
});

describe('a filled tub', () => {
  test('takes the place of the fillers among the materials, and is counted like them', () => {
    const need = (book: Book) =>
      Object.fromEntries(
        read(book, TEST_UNIT, A_MONDAY).supplies.map(({ supply, need: { amount } }) => [supply.id, amount]),
      );
    expect(need(home)).toEqual({ paper: 4000, small: 1 });
    expect(need(filled('large', 'rice'))).toEqual({ rice: 16_800, large: 1 });
    expect(
      need(after(filled('large', 'rice'), { type: 'unit/fill-bin', placementId: 'p', bin: null })),
    ).toEqual({ paper: 4000, small: 1 });
  });

  test('is told when too many stand round it, too demanding for beginners, or of unknown weight; each has a way out', () => {
    const rules = (book: Book) =>
      read(book, TEST_UNIT, A_MONDAY).headsUps.filter(({ rule }) => rule.startsWith('bin-'));
    const offers = (book: Book, rule: string) =>
      rules(book)
        .filter((one) => one.rule === rule)
        .flatMap((finding) =>
          mendsFor(book, TEST_UNIT, finding, A_MONDAY, () => 'new').map(({ label }) => label),
        );
    expect(rules(filled('large', 'paper')).map(({ rule }) => rule)).toEqual([]);
    expect(rules(filled('small', 'paper')).map(({ title }) => title)).toEqual(['small: room for 1 at once']);
    expect(offers(filled('small', 'paper'), 'bin-crowded')).toEqual(['Use large']);
    // Bo knows bins, the others do not.
    expect(rules(filled('large', 'rice')).map(({ title }) => title)).toEqual([
      'Fine filler for beginners: ada and cy',
    ]);
    expect(offers(filled('large', 'rice'), 'bin-path')[0]).toBe('Fill it with paper');
    expect(rules(filled('large', 'mystery')).map(({ rule }) => rule)).toEqual(['bin-unweighed']);
  });

  test('meets the cautions by its filler', () => {
    const rows = (book: Book) =>
      read(book, TEST_UNIT, A_MONDAY).headsUps.flatMap(({ row, level }) => (row === 10 ? [level] : []));
    expect(rows(filled('large', 'rice'))).toContain('stop');
    expect(rows(filled('large', 'paper'))).toEqual([]);
  });
});

test('the fillers that suit everyone come first; allergies, ages and what is in the house are looked at', () => {
  const children = Object.values(home.children);
  const choices = fillerChoices(
    home,
    { tubId: 'large' as SupplyId, depthPercent: 33 },
    { children, day: A_MONDAY },
  );
  expect(choices.map(({ filler: { id } }) => id)).toEqual(['paper', 'mystery', 'pasta', 'rice']);
  const [paper, , pasta, rice] = choices;
  expect([
    pasta!.stops.map(({ id }) => id),
    rice!.stops.map(({ id }) => id),
    rice!.tooSoon.map(({ id }) => id),
  ]).toEqual([['cy'], ['ada'], ['ada', 'cy']]);
  expect([rice!.missing?.amount, rice!.packs?.cost]).toEqual([10_588, 2 * 690 + 160]);
  expect([paper!.roughlyPercent, rice!.roughlyPercent]).toEqual([40, 15]);
  expect(fillableTubs(home.supplies).map(({ id }) => id)).toEqual(['large', 'round', 'small']);
});

test.each([
  ['none', false],
  ['coarse', false],
  ['clinging', false],
  ['fine', true],
  ['gel-beads', false],
  ['foam-beads', true],
  [undefined, false],
] as const)('a filler of %s comes late on the path: %s', (kind, expected) => {
  const filler = kind === undefined ? {} : { filler: kind };
  const book = testBook(aSupply('x', { category: 'filler', properties: filler }));
  expect(isDemanding(book.supplies['x' as never]!)).toBe(expected);
});
