import { describe, expect, test } from 'vitest';
import type { Book } from '../book/index.ts';
import { plainDay } from '../calendar/index.ts';
import type { ChangeInput } from '../changes/index.ts';
import { onHand } from '../cupboard/index.ts';
import { read } from '../reading/index.ts';
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
} from '../testing/home.ts';
import { mendsFor } from './mends.ts';

let count = 0;
const newId = (): string => `k${(count += 1)}`;
const TODAY = plainDay('2027-03-12');

function offersFor(book: Book, rule: string, today = A_MONDAY) {
  const { headsUps } = read(book, TEST_UNIT, today);
  return headsUps
    .filter((one) => one.rule === rule)
    .flatMap((finding) => mendsFor(book, TEST_UNIT, finding, today, newId));
}
const made = (id: string, name: string, rest: object = {}): ChangeInput =>
  aSupply(id, {
    name,
    category: 'made',
    unit: 'mL',
    properties: { loosePart: 'none', ingredients: [], foodOnly: 'all', saltPercent: 'none' } as never,
    ...rest,
  });
const recipe = (id: string, makesId: string, part: string): ChangeInput => ({
  type: 'library/put-recipe',
  recipe: {
    id,
    title: id,
    kind: 'dough',
    minutes: 10,
    keepsDays: 3,
    yields: { amount: 500, unit: 'mL' },
    ingredients: [{ supplyId: part, amount: 300 }],
    makesId,
  },
});

const home = testBook(
  aCorner('a'),
  aChild('tove', '2022-01-20', { allergies: [{ allergen: 'gluten', words: 'coeliac' }] }),
  aSupply('flour', { unit: 'g', allergens: ['wheat'] }),
  aSupply('rice', { unit: 'g' }),
  made('pan', 'Dough from the pan'),
  made('lump', 'Rice lump'),
  recipe('pan-dough', 'pan', 'flour'),
  recipe('rice-lump', 'lump', 'rice'),
  anActivity('knead', { materials: [aMaterial('lump', 100, { every: 'day' })] }),
  inCorner('p', 'knead', 'a', 1, 10),
);

describe('what is too old', () => {
  const old = [
    {
      type: 'kitchen/put-batch',
      batch: { id: 'b', recipeId: 'rice-lump', madeOn: plainDay('2027-03-08'), amount: 500, unit: 'mL' },
    },
    {
      type: 'cupboard/record-stock',
      move: { id: 'm', supplyId: 'lump', kind: 'made', amount: 500, at: '2027-03-12T09:00:00.000Z' },
    },
  ] satisfies ChangeInput[];

  test('goes by one press, with what is left of it, and then stands among what is cooked', () => {
    const book = after(home, ...old);
    const [mend] = offersFor(book, 'keep-by', TODAY);
    expect(mend?.label).toBe('It is thrown away: make it new');
    const thrown = after(book, ...mend!.changes);
    expect(onHand(thrown.supplies['lump']!, Object.values(thrown.stockMoves)).amount).toBe(0);
    expect(offersFor(thrown, 'keep-by', TODAY)).toEqual([]);
    const line = read(thrown, TEST_UNIT, TODAY).supplies.find(({ supply }) => supply.id === 'lump');
    expect([line?.basket, line?.cooking?.recipe.id]).toEqual(['cook', 'rice-lump']);
  });

  test('is left alone while there is time to make it new', () => {
    const book = after(home, ...old);
    expect(
      read(book, TEST_UNIT, plainDay('2027-03-10')).headsUps.filter(({ rule }) => rule === 'keep-by'),
    ).toMatchObject([{ level: 'care' }]);
    expect(offersFor(book, 'keep-by', plainDay('2027-03-10'))).toEqual([]);
  });
});

test('a dough with what a child must not meet is swapped for one without', () => {
  const book = after(
    home,
    anActivity('wheaty', { materials: [aMaterial('pan', 100)] }),
    inCorner('q', 'wheaty', 'a', 1, 1),
  );
  const labels = offersFor(book, 'allergen').map(({ label }) => label);
  expect(labels[0]).toBe('Use Rice lump instead');
});

test('an amount by hand that is less than the plan needs goes back to the plan', () => {
  const hand = (set: number): Book =>
    after(home, {
      type: 'gather/put-errand',
      errand: { unitId: TEST_UNIT, supplyId: 'lump', amount: { set, instead: 1000 } },
    });
  expect(offersFor(hand(999), 'by-hand').map(({ label }) => label)).toEqual(['Take what the plan asks for']);
  expect(offersFor(hand(1000), 'by-hand')).toEqual([]);
});
