import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { cheapestPacks, type Pack } from './index.ts';

const pack = (amount: number, price: number | null): Pack => ({
  amount,
  price: price as never,
  pricedOn: null,
  shop: null,
});

/** Every choice of up to so many packs is tried. Shares no code with what it judges. */
function tryAll(need: number, packs: readonly Pack[]) {
  let best: { cost: number; amount: number; count: number } | null = null;
  const walk = (i: number, cost: number, amount: number, count: number): void => {
    if (amount >= need) {
      const better =
        !best ||
        cost < best.cost ||
        (cost === best.cost && (amount < best.amount || (amount === best.amount && count < best.count)));
      if (better) best = { cost, amount, count };
      return;
    }
    for (let j = i; j < packs.length; j++)
      walk(j, cost + (packs[j]!.price ?? 0), amount + packs[j]!.amount, count + 1);
  };
  walk(0, 0, 0, 0);
  return best as { cost: number; amount: number; count: number } | null;
}

describe('the cheapest packs', () => {
  test('equal what trying all of them gives: all small cases of two packs', () => {
    for (let a = 1; a <= 4; a++)
      for (let b = 1; b <= 5; b++)
        for (let priceA = 0; priceA <= 4; priceA += 2)
          for (let priceB = 0; priceB <= 5; priceB++)
            for (let need = 1; need <= 12; need++) {
              const packs = [pack(a, priceA), pack(b, priceB)];
              const found = cheapestPacks(need, packs)!;
              const oracle = tryAll(need, packs)!;
              const count = found.packs.reduce((all, one) => all + one.count, 0);
              expect([found.cost, found.amount, count]).toEqual([oracle.cost, oracle.amount, oracle.count]);
            }
  });

  test('equal what trying all of them gives: generated cases of up to five packs', () => {
    const packs = fc.array(
      fc.record({ amount: fc.integer({ min: 1, max: 9 }), price: fc.integer({ min: 0, max: 12 }) }),
      { minLength: 1, maxLength: 5 },
    );
    fc.assert(
      fc.property(packs, fc.integer({ min: 1, max: 26 }), (some, need) => {
        const offers = some.map(({ amount, price }) => pack(amount, price));
        const found = cheapestPacks(need, offers)!;
        const oracle = tryAll(need, offers)!;
        expect(found.cost).toBe(oracle.cost);
        expect(found.amount).toBe(oracle.amount);
        expect(found.leftOver).toBe(oracle.amount - need);
      }),
      { numRuns: 400, seed: 6 },
    );
  });

  test('are the same for needs of a great many steps', () => {
    // The same packs and need in millionths of the size: more steps than are gone through one by one.
    const sizes = fc.array(
      fc.record({ amount: fc.integer({ min: 1, max: 9 }), price: fc.integer({ min: 1, max: 12 }) }),
      { minLength: 1, maxLength: 4 },
    );
    fc.assert(
      fc.property(sizes, fc.integer({ min: 1, max: 20 }), (some, need) => {
        const SIZE = 400_000;
        const small = cheapestPacks(
          need,
          some.map(({ amount, price }) => pack(amount, price)),
        )!;
        // A tiny pack that is far too dear makes the common step a thousandth.
        const offers = [
          ...some.map(({ amount, price }) => pack(amount * SIZE, price)),
          pack(0.001, 1_000_000),
        ];
        const large = cheapestPacks(need * SIZE, offers)!;
        expect(large.cost).toBe(small.cost);
        expect(large.amount).toBe(small.amount * SIZE);
      }),
      { numRuns: 100, seed: 7 },
    );
  });

  test.each([
    ['a giant pack may be cheaper', 900, [pack(1000, 230), pack(250, 90)], [[1000, 1]]],
    [
      'two small ones for a little more than one',
      1100,
      [pack(1000, 230), pack(250, 90)],
      [
        [1000, 1],
        [250, 1],
      ],
    ],
    ['of equally cheap ones the least left over', 5, [pack(10, 100), pack(6, 100)], [[6, 1]]],
    ['of equally little left over the fewest packs', 6, [pack(3, 50), pack(6, 100)], [[6, 1]]],
    ['a fraction of a unit', 0.3, [pack(0.1, 5)], [[0.1, 3]]],
    ['sums of thirds end in dust', 1 / 3 + 2 / 3, [pack(1, 5)], [[1, 1]]],
  ])('%s', (_, need, packs, expected) => {
    expect(cheapestPacks(need, packs)!.packs.map(({ pack: { amount }, count }) => [amount, count])).toEqual(
      expected,
    );
  });

  test('without any price the least left over decides, and there is no cost', () => {
    const found = cheapestPacks(7, [pack(10, null), pack(4, null)])!;
    expect([found.amount, found.cost, found.unpriced]).toEqual([8, null, []]);
  });

  test('a pack without a price is left out where others have one, and named', () => {
    const found = cheapestPacks(7, [pack(7, null), pack(4, 100)])!;
    expect([found.amount, found.cost, found.unpriced.map(({ amount }) => amount)]).toEqual([8, 200, [7]]);
  });

  test('nothing is chosen where nothing is needed or known', () => {
    expect([cheapestPacks(0, [pack(1, 1)]), cheapestPacks(-2, [pack(1, 1)]), cheapestPacks(5, [])]).toEqual([
      null,
      null,
      null,
    ]);
  });
});
