import { describe, expect, test } from 'vitest';
import {
  changesOfDayUsed,
  changesOfMaking,
  changesOfThrowing,
  changesIfThere,
  changesToPutAway,
  dayToTakeOut,
  counterFor,
  oneBowl,
  onHand,
  read,
  usedOn,
  type Book,
  type ChangeInput,
  type KitchenOrder,
} from '../index.ts';
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
} from '../testing/home.ts';

let count = 0;
const STAMP = { at: '2027-03-08T12:00:00.000Z', newId: () => `${(count += 1)}` };
const handOf = (book: Book, id: string): number =>
  onHand(book.supplies[id]!, Object.values(book.stockMoves)).amount;

const home = testBook(
  aCorner('a'),
  aChild('ada', '2022-01-01'),
  aChild('bo', '2022-01-01', { allergies: [{ allergen: 'wheat', words: 'wheat' }] }),
  aSupply('sticks', { packs: [{ amount: 10, price: 150 as never, shop: 'Craft shop' }] }),
  aSupply('flour', { unit: 'g', gramsPerMl: 0.5, allergens: ['wheat'] }),
  aSupply('rice', { unit: 'g', gramsPerMl: 0.6 }),
  aSupply('water', { unit: 'mL', got: 'tap' }),
  aSupply('lump', { unit: 'g', gramsPerMl: 1.25 }),
  {
    type: 'library/put-recipe',
    recipe: {
      id: 'dough',
      title: 'Dough',
      kind: 'dough',
      minutes: 10,
      yields: { amount: 400, unit: 'mL' },
      ingredients: [
        { supplyId: 'flour', amount: 300, portions: 3 },
        { supplyId: 'water', amount: 200, limit: 260 },
      ],
      swaps: [{ allergen: 'wheat', supplyId: 'flour', insteadId: 'rice', times: 1.2 }],
      makesId: 'lump',
    },
  },
  {
    type: 'cupboard/record-stock',
    move: { id: 'count', supplyId: 'flour', kind: 'counted', amount: 1000, at: '2027-03-01T08:00:00.000Z' },
  },
  anActivity('build', { materials: [aMaterial('sticks', 2)] }),
  inCorner('p', 'build', 'a', 1, 3),
);

describe('putting away', () => {
  const tick: ChangeInput = { type: 'gather/pick-up', subject: { unitId: TEST_UNIT, supplyId: 'sticks' } };
  const lines = (book: Book) => read(book, TEST_UNIT, A_MONDAY).supplies;

  test('brings whole packs with their price into the ledger, and takes the tick back; undone, all is as before', () => {
    const ticked = after(home, tick);
    const away = attempt(ticked, changesToPutAway(lines(ticked), STAMP));
    if (away.outcome !== 'kept') throw new Error(JSON.stringify(away));
    expect([handOf(away.book, 'sticks'), away.book.pickups]).toEqual([20, {}]);
    expect(read(away.book, TEST_UNIT, A_MONDAY).cost).toMatchObject({ paid: 300, toBuy: 0 });
    const undone = attempt(away.book, [away.inverse as ChangeInput]);
    expect(
      undone.outcome === 'kept' && [handOf(undone.book, 'sticks'), Object.keys(undone.book.pickups)],
    ).toEqual([0, [`${TEST_UNIT}:sticks`]]);
  });

  test('does nothing without a tick', () => expect(changesToPutAway(lines(home), STAMP)).toEqual([]));
});

describe('what is there after all', () => {
  const lines = (book: Book) => read(book, TEST_UNIT, A_MONDAY).supplies;
  const sticksIn = (book: Book) => lines(book).find(({ supply }) => supply.id === 'sticks')!;

  test('is counted so that nothing of it is bought, whatever was there before; a tick goes', () => {
    const some: ChangeInput = {
      type: 'cupboard/record-stock',
      move: { id: 'few', supplyId: 'sticks', kind: 'counted', amount: 3, at: '2027-03-02T08:00:00.000Z' },
    };
    const tick: ChangeInput = { type: 'gather/pick-up', subject: { unitId: TEST_UNIT, supplyId: 'sticks' } };
    for (const begun of [home, after(home, some), after(home, some, tick)]) {
      const line = sticksIn(begun);
      expect(line.buy.amount).toBeGreaterThan(0);
      const there = after(begun, ...changesIfThere(begun, [line], STAMP));
      expect([sticksIn(there).buy.amount, there.pickups]).toEqual([0, {}]);
      expect(handOf(there, 'sticks')).toBe(handOf(begun, 'sticks') + line.buy.amount);
      expect(changesIfThere(there, lines(there), STAMP)).toEqual([]);
    }
  });
});

describe('a day that is done', () => {
  test('takes out what it used, and the rest is still needed', () => {
    expect(usedOn(home, TEST_UNIT, 1).map(({ supply, used }) => [supply.id, used.amount])).toEqual([
      ['sticks', 4],
    ]);
    const stocked = after(home, {
      type: 'cupboard/record-stock',
      move: { id: 'c2', supplyId: 'sticks', kind: 'counted', amount: 12, at: '2027-03-02T08:00:00.000Z' },
    });
    const done = after(stocked, ...changesOfDayUsed(stocked, TEST_UNIT, 1, STAMP));
    expect(handOf(done, 'sticks')).toBe(8);
    expect([dayToTakeOut(stocked, TEST_UNIT, A_MONDAY), dayToTakeOut(done, TEST_UNIT, A_MONDAY)]).toEqual([
      1,
      null,
    ]);
    expect(dayToTakeOut(done, TEST_UNIT, '2027-04-01' as never)).toBeNull();
    const [line] = read(done, TEST_UNIT, A_MONDAY).supplies;
    expect([line!.need.amount, line!.have.amount, line!.buy.amount]).toEqual([8, 8, 0]);
    expect(attempt(done, changesOfDayUsed(done, TEST_UNIT, 1, STAMP)).outcome).toBe('refused');
  });
});

describe('at the counter', () => {
  const recipe = home.recipes['dough']!;
  const order = (rest: Partial<KitchenOrder> = {}): KitchenOrder => ({
    target: { kind: 'children', children: 2, share: { amount: 240, unit: 'mL' }, spareShares: 0 },
    bowlMl: null,
    wanted: { without: [], onlyFood: false },
    system: 'metric',
    way: 'kept',
    children: [],
    ...rest,
  });
  const mixes = (rest: Partial<KitchenOrder> = {}) => {
    const counter = counterFor(recipe, home.supplies, home.stockMoves, order(rest));
    if (!counter.ok) throw new Error(counter.why.message);
    return counter.mixes;
  };

  test('amounts, portions, limits and what is missing stand on one line', () => {
    const [mix] = mixes();
    expect(
      mix!.lines.map(({ rounded, portions, atMost, missing }) => [
        rounded.text,
        portions,
        atMost,
        missing.amount,
      ]),
    ).toEqual([
      ['350 g', ['116 g', '116 g', '118 g'], null, 0],
      ['240 mL', ['240 mL'], '310 mL', 0],
    ]);
    expect(mix!.lines[0]!.because[0]).toBe('300 g a batch × 1.2 batches = 360 g.');
    expect(mix!.allergens).toEqual(['wheat', 'gluten']);
  });

  test('a child who must not meet it gets a bowl of its own, with the swap', () => {
    const children = Object.values(home.children);
    const [everyone, own] = mixes({ children });
    expect([everyone!.own, everyone!.scaled.gives.valueOf()]).toEqual([null, 240]);
    expect([own!.own?.children.map(({ id }) => id), own!.own?.without, own!.scaled.gives.valueOf()]).toEqual([
      ['bo'],
      ['wheat'],
      240,
    ]);
    expect([own!.lines.map(({ rounded }) => rounded.portion.supply.id), own!.allergens]).toEqual([
      ['rice', 'water'],
      [],
    ]);
  });

  test('where everyone must not meet it there is only that bowl; with nobody it is refused', () => {
    const bo = [home.children['bo']!];
    expect(
      mixes({
        children: bo,
        target: { kind: 'children', children: 1, share: { amount: 240, unit: 'mL' }, spareShares: 1 },
      }).map(({ own }) => own?.children.length),
    ).toEqual([1]);
    const nobody = counterFor(
      recipe,
      home.supplies,
      home.stockMoves,
      order({
        target: { kind: 'children', children: 0, share: { amount: 240, unit: 'mL' }, spareShares: 0 },
      }),
    );
    expect(nobody).toMatchObject({ ok: false, why: { path: 'children' } });
  });

  test('what was made takes its ingredients out, by the own value where one was noted, and comes in', () => {
    const [mix] = mixes();
    const made = { madeOn: A_MONDAY, own: [{ supplyId: 'flour', amount: 320 }] };
    const book = after(home, ...changesOfMaking(mix!.scaled, home, made, STAMP));
    // 480 mL at 1.25 g a mL.
    expect([handOf(book, 'flour'), handOf(book, 'lump'), handOf(book, 'water')]).toEqual([680, 600, 0]);
    expect(Object.values(book.batches)).toMatchObject([
      { recipeId: 'dough', amount: 480, unit: 'mL', own: [{ amount: 320 }] },
    ]);
    const [batch] = Object.values(book.batches);
    const gone = after(book, ...changesOfThrowing(book, batch!.id, 600, A_MONDAY, STAMP));
    expect([handOf(gone, 'lump'), Object.values(gone.batches)[0]!.goneOn]).toEqual([120, A_MONDAY]);
  });

  test('what was only tried makes nothing', () => {
    const book = after(
      home,
      ...changesOfMaking(
        mixes()[0]!.scaled,
        home,
        { madeOn: A_MONDAY, trial: true, found: '12 seconds' },
        STAMP,
      ),
    );
    expect([handOf(book, 'flour'), handOf(book, 'lump')]).toEqual([640, 0]);
  });
});

test('what is shown is measured out for one container, and tried once however often it should be ready', () => {
  const book = after(home, {
    type: 'library/put-recipe',
    recipe: {
      id: 'fizz',
      title: 'Fizz',
      kind: 'science',
      minutes: 4,
      repeats: 4,
      yields: { amount: 150, unit: 'mL' },
      ingredients: [{ supplyId: 'flour', amount: 15 }],
    },
  });
  const counter = counterFor(book.recipes['fizz']!, book.supplies, book.stockMoves, {
    target: { kind: 'batches', batches: 4 },
    bowlMl: null,
    wanted: { without: [], onlyFood: false },
    system: 'metric',
    way: 'kept',
    children: [],
  });
  if (!counter.ok) throw new Error(counter.why.message);
  const [mix] = counter.mixes;
  expect([mix!.scaled.bowls, mix!.lines[0]!.rounded.text, mix!.lines[0]!.need.amount]).toEqual([
    4,
    '15 g',
    60,
  ]);
  const tried = after(
    book,
    ...changesOfMaking(oneBowl(mix!.scaled), book, { madeOn: A_MONDAY, trial: true }, STAMP),
  );
  expect(handOf(tried, 'flour')).toBe(985);
});
