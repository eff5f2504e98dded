import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import {
  amountAhead,
  formatMoney,
  formatQuantity,
  MEASURES,
  parseAmount,
  parseMoney,
  quantity,
  UNITS,
  fractionText,
} from './index.ts';

test.each([
  ['2 1/3 cups flour', '2 1/3 cups', 'flour'],
  ['½ tsp. of salt', '½ tsp.', 'salt'],
  ['3 eggs', '3', 'eggs'],
  ['1.5kg sand', '1.5 kg', 'sand'],
  ['8 fl oz milk', '8 fl oz', 'milk'],
  ['1 dozen pegs', '1 dozen', 'pegs'],
  ['6', '6', ''],
  ['eggs', null, null],
  ['', null, null],
])('%s begins with an amount, or with none', (text, amount, rest) =>
  expect(amountAhead(text)).toEqual(amount === null ? null : { amount, rest }),
);

describe('an amount that is typed', () => {
  test.each([
    ['3', 'piece', 3],
    ['1 dozen', 'piece', 12],
    ['1.5 kg', 'g', 1500],
    ['2,5 m', 'mm', 2500],
    ['½ tsp', 'mL', 2.464461],
    ['2 1/3 cups', 'mL', 552.039219],
    ['2⅓ cups', 'mL', 552.039219],
    ['3/4 cup', 'mL', 177.441177],
    ['1 gal', 'mL', 3785.411784],
    ['8 fl oz', 'mL', 236.588237],
    ['2 lb', 'g', 907.18474],
    ['3 ft', 'mm', 914.4],
    ['  40 ml ', 'mL', 40],
    ['10 inches', 'mm', 254],
    ['2 Tbsp.', 'mL', 29.57353],
  ] as const)('%s of something kept in %s is %d', (text, measure, amount) => {
    expect(parseAmount(text, measure)).toEqual({ ok: true, quantity: { amount, unit: measure } });
  });

  test.each([
    ['', 'piece', 'Write an amount'],
    ['many', 'piece', 'Write an amount'],
    ['-3', 'piece', 'This cannot be below zero'],
    ['3 handfuls', 'g', 'Kobby does not know the unit “handfuls”. Use g, kg, oz or lb.'],
    ['2 cups', 'g', 'This is kept in g. Use g, kg, oz or lb.'],
    ['1/0 cup', 'mL', 'Write an amount'],
    ['99999999 kg', 'g', 'more than Kobby can count'],
  ] as const)('%s of something kept in %s is refused', (text, measure, message) => {
    const parsed = parseAmount(text, measure);
    expect(parsed.ok ? '' : parsed.message).toContain(message);
  });

  test('may be a volume of what is kept by weight when its density is known', () => {
    expect(parseAmount('2 cups', 'g', 0.53)).toEqual({ ok: true, quantity: quantity(250.783531, 'g') });
    expect(parseAmount('1 kg', 'mL', 0.5)).toEqual({ ok: true, quantity: quantity(2000, 'mL') });
    expect(parseAmount('3 ft', 'g', 0.5).ok).toBe(false);
  });

  test('reads back what is shown, as near as it was rounded', () => {
    const amounts = fc.double({ min: 35, max: 50_000, noNaN: true });
    fc.assert(
      fc.property(
        amounts,
        fc.constantFrom(...MEASURES),
        fc.constantFrom('metric', 'us'),
        (amount, unit, system) => {
          const text = formatQuantity(quantity(amount, unit), system as 'us');
          const parsed = parseAmount(text, unit);
          expect(parsed.ok).toBe(true);
          const back = parsed.ok ? parsed.quantity.amount : Number.NaN;
          expect(Math.abs(back - amount) / amount).toBeLessThan(0.13);
        },
      ),
    );
  });
});

test.each([
  [quantity(6, 'piece'), 'metric', '6'],
  [quantity(1680, 'mL'), 'metric', '1.68 L'],
  [quantity(999, 'mL'), 'metric', '999 mL'],
  [quantity(400, 'g'), 'metric', '400 g'],
  [quantity(12_000, 'mm'), 'metric', '12 m'],
  [quantity(0, 'g'), 'metric', '0 g'],
  [quantity(240, 'mL'), 'us', '1 cup'],
  [quantity(552, 'mL'), 'us', '2⅓ cups'],
  [quantity(158, 'mL'), 'us', '⅔ cup'],
  [quantity(30, 'mL'), 'us', '2 tbsp'],
  [quantity(1.3, 'mL'), 'us', '¼ tsp'],
  [quantity(680, 'g'), 'us', '1½ lb'],
  [quantity(100, 'g'), 'us', '3½ oz'],
  [quantity(9000, 'mm'), 'us', '29½ ft'],
  [quantity(60, 'mm'), 'us', '2⅜ in'],
  [quantity(0.1, 'g'), 'us', '¼ oz'],
] as const)('%o in %s is written %s', (q, system, text) => expect(formatQuantity(q, system)).toBe(text));

test('sizes agree with their definitions', () => {
  expect(UNITS.gal.size / 231).toBeCloseTo(UNITS.in.size ** 3 / 1000, 9);
  expect([UNITS.cup.size * 16, UNITS.tbsp.size * 16, UNITS.tsp.size * 3]).toEqual(
    [UNITS.gal.size, UNITS.cup.size, UNITS.tbsp.size].map((size) => expect.closeTo(size, 9)),
  );
  expect(UNITS.lb.size / 16).toBeCloseTo(UNITS.oz.size, 9);
});

test('money is kept in the smallest part of its currency', () => {
  expect([
    parseMoney('2.50', 'USD'),
    parseMoney('2,5', 'EUR'),
    parseMoney('3', 'USD'),
    parseMoney('400', 'JPY'),
  ]).toEqual([250, 250, 300, 400]);
  expect([
    parseMoney('-1', 'USD'),
    parseMoney('1.234', 'USD'),
    parseMoney('4.5', 'JPY'),
    parseMoney('x', 'USD'),
  ]).toEqual([null, null, null, null]);
  expect([formatMoney(250 as never, 'USD'), formatMoney(400 as never, 'JPY')]).toEqual(['$2.50', '¥400']);
});

test.each([
  ['½', 1, 2],
  ['⅓', 1, 3],
  ['⅔', 2, 3],
  ['¼', 1, 4],
  ['¾', 3, 4],
  ['⅛', 1, 8],
  ['⅜', 3, 8],
  ['⅝', 5, 8],
  ['⅞', 7, 8],
  ['⅕', 1, 5],
  ['⅖', 2, 5],
  ['⅗', 3, 5],
  ['⅘', 4, 5],
  ['⅙', 1, 6],
  ['⅚', 5, 6],
])('%s is read and written as %i/%i', (glyph, top, bottom) => {
  for (const [typed, value] of [
    [glyph, top / bottom],
    [`2${glyph}`, 2 + top / bottom],
    [`2 ${top}/${bottom}`, 2 + top / bottom],
  ] as const) {
    const parsed = parseAmount(typed, 'piece');
    expect(parsed.ok && parsed.quantity.amount).toBeCloseTo(value, 5);
  }
  expect([fractionText(top / bottom), fractionText(3 + top / bottom)]).toEqual([glyph, `3${glyph}`]);
});
