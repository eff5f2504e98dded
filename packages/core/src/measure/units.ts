import { z } from 'zod';
import { MAX_AMOUNT, quantity, type MeasureId, type Quantity } from './quantity.ts';

/** The system in which amounts are shown. */
export const unitSystemSchema = z.enum(['metric', 'us'], 'Units are metric or US');
export type UnitSystem = z.infer<typeof unitSystemSchema>;

interface UnitRow {
  readonly measure: MeasureId;
  /** How much of the stored measure one of it is. */
  readonly size: number;
  readonly words: readonly string[];
}

/**
 * Every unit that can be typed. US customary sizes are exact by definition: the inch is 25.4 mm, the gallon 231
 * cubic inches, the pound 453.59237 g. Cup, tablespoon and teaspoon are the US ones.
 */
export const UNITS = {
  piece: { measure: 'piece', size: 1, words: ['pieces', 'pc', 'pcs', 'sheet', 'sheets'] },
  dozen: { measure: 'piece', size: 12, words: ['doz'] },
  mL: { measure: 'mL', size: 1, words: ['ml', 'millilitre', 'millilitres', 'milliliter', 'milliliters'] },
  L: { measure: 'mL', size: 1000, words: ['l', 'litre', 'litres', 'liter', 'liters'] },
  tsp: { measure: 'mL', size: 4.92892159375, words: ['teaspoon', 'teaspoons'] },
  tbsp: { measure: 'mL', size: 14.78676478125, words: ['tablespoon', 'tablespoons'] },
  'fl oz': { measure: 'mL', size: 29.5735295625, words: ['floz', 'fluid ounce', 'fluid ounces'] },
  cup: { measure: 'mL', size: 236.5882365, words: ['cups', 'c'] },
  pt: { measure: 'mL', size: 473.176473, words: ['pint', 'pints'] },
  qt: { measure: 'mL', size: 946.352946, words: ['quart', 'quarts'] },
  gal: { measure: 'mL', size: 3785.411784, words: ['gallon', 'gallons'] },
  g: { measure: 'g', size: 1, words: ['gram', 'grams'] },
  kg: { measure: 'g', size: 1000, words: ['kilo', 'kilos', 'kilogram', 'kilograms'] },
  oz: { measure: 'g', size: 28.349523125, words: ['ounce', 'ounces'] },
  lb: { measure: 'g', size: 453.59237, words: ['lbs', 'pound', 'pounds'] },
  mm: { measure: 'mm', size: 1, words: ['millimetre', 'millimetres', 'millimeter', 'millimeters'] },
  cm: { measure: 'mm', size: 10, words: ['centimetre', 'centimetres', 'centimeter', 'centimeters'] },
  m: { measure: 'mm', size: 1000, words: ['metre', 'metres', 'meter', 'meters'] },
  in: { measure: 'mm', size: 25.4, words: ['inch', 'inches'] },
  ft: { measure: 'mm', size: 304.8, words: ['foot', 'feet'] },
  yd: { measure: 'mm', size: 914.4, words: ['yard', 'yards'] },
} as const satisfies Record<string, UnitRow>;
export type UnitName = keyof typeof UNITS;

const BY_WORD: ReadonlyMap<string, UnitRow> = new Map(
  Object.entries<UnitRow>(UNITS).flatMap(([id, row]) =>
    [id.toLowerCase(), ...row.words].map((word): [string, UnitRow] => [word, row]),
  ),
);

const GLYPHS = '½⅓⅔¼¾⅛⅜⅝⅞⅕⅖⅗⅘⅙⅚';
const GLYPH_VALUES = [
  1 / 2,
  1 / 3,
  2 / 3,
  1 / 4,
  3 / 4,
  1 / 8,
  3 / 8,
  5 / 8,
  7 / 8,
  1 / 5,
  2 / 5,
  3 / 5,
  4 / 5,
  1 / 6,
  5 / 6,
];
const NUMBER = new RegExp(
  `^(?:(?<whole>\\d+(?:[.,]\\d+)?)?\\s*(?:(?<top>\\d+)\\s*/\\s*(?<bottom>\\d+)|(?<glyph>[${GLYPHS}]))?)\\s*(?<unit>\\D*)$`,
);

const AHEAD = new RegExp(
  `^((?:\\d+(?:[.,]\\d+)?)?\\s*(?:\\d+\\s*/\\s*\\d+|[${GLYPHS}])|\\d+(?:[.,]\\d+)?)\\s*(.*)$`,
);

/** What became of an amount that somebody typed. */
export type ParsedAmount =
  { readonly ok: true; readonly quantity: Quantity } | { readonly ok: false; readonly message: string };

const wrong = (message: string): ParsedAmount => ({ ok: false, message });

/**
 * Reads an amount as people write it: `3`, `1.5 kg`, `2 1/3 cups`, `½ tsp`, `2,5 m`. Without a unit it is in the
 * measure given. `gramsPerMl` lets volumes be typed for what is kept by weight, and the other way round.
 */
export function parseAmount(
  text: string,
  measure: MeasureId,
  gramsPerMl: number | null = null,
): ParsedAmount {
  const typed = text.trim();
  if (typed.startsWith('-')) return wrong('This cannot be below zero');
  const parts = splitFraction(typed);
  if (!parts) return wrong('Write an amount such as 3, 1.5 kg or 2 1/3 cups');
  const word = parts.unit.trim().toLowerCase().replace(/\.$/, '');
  const unit = word === '' ? { measure, size: 1 } : BY_WORD.get(word);
  if (!unit) return wrong(`Kobby does not know the unit “${parts.unit.trim()}”. ${unitsFor(measure)}`);
  const factor = conversion(unit.measure, measure, gramsPerMl);
  if (factor === null) return wrong(`This is kept in ${measure}. ${unitsFor(measure)}`);
  const amount = parts.value * unit.size * factor;
  return amount > MAX_AMOUNT
    ? wrong('This is more than Kobby can count')
    : { ok: true, quantity: quantity(amount, measure) };
}

/** The measure that a word for a unit stands for; null for a word that is none. */
export const measureOf = (word: string): MeasureId | null =>
  BY_WORD.get(word.trim().toLowerCase().replace(/\.$/, ''))?.measure ?? null;

/**
 * Parts an amount at the beginning of a text from what follows: `2 1/3 cups flour` is `2 1/3 cups` and `flour`, `3 eggs` is `3`
 * and `eggs`. Null for a text that begins with no number.
 */
export function amountAhead(text: string): { readonly amount: string; readonly rest: string } | null {
  const found = AHEAD.exec(text.trim());
  if (!found) return null;
  const [, number, after] = found;
  const words = after!.trim().split(/\s+/);
  const count = [2, 1].find((n) => words.length >= n && measureOf(words.slice(0, n).join(' ')) !== null) ?? 0;
  return {
    amount: [number!.trim(), ...words.slice(0, count)].join(' '),
    rest: words.slice(count).join(' ').replace(/^of /i, ''),
  };
}

function splitFraction(text: string): { readonly value: number; readonly unit: string } | null {
  const { whole, top, bottom, glyph, unit = '' } = NUMBER.exec(splitMixed(text))?.groups ?? {};
  if (whole === undefined && top === undefined && glyph === undefined) return null;
  if (bottom !== undefined && Number(bottom) === 0) return null;
  const fraction = glyph ? GLYPH_VALUES[GLYPHS.indexOf(glyph)]! : top ? Number(top) / Number(bottom) : 0;
  return { value: Number((whole ?? '0').replace(',', '.')) + fraction, unit };
}

// `1/2` is no whole part followed by a fraction, `1 1/2` is.
const splitMixed = (text: string): string => text.replace(/^(\d+)\s*\/\s*(\d+)/, '0 $1/$2');

function conversion(from: MeasureId, to: MeasureId, gramsPerMl: number | null): number | null {
  if (from === to) return 1;
  if (gramsPerMl === null) return null;
  if (from === 'mL' && to === 'g') return gramsPerMl;
  return from === 'g' && to === 'mL' ? 1 / gramsPerMl : null;
}

/** The units that can be typed for a measure, in a sentence. */
function unitsFor(measure: MeasureId): string {
  const names = Object.entries<UnitRow>(UNITS)
    .filter(([, row]) => row.measure === measure)
    .map(([id]) => id);
  return `Use ${names.slice(0, -1).join(', ')} or ${names.at(-1)}.`;
}

interface Step {
  readonly from: number;
  readonly unit: UnitName;
  /** Parts of a unit to which what is shown is rounded: the nearest of all of them. */
  readonly parts: readonly number[];
}

// From the largest down: the first that is not larger than the amount is used.
const US_STEPS: Readonly<Record<MeasureId, readonly Step[]>> = {
  piece: [],
  mL: [
    { from: 3785.411784 * 2, unit: 'gal', parts: [4] },
    { from: 236.5882365 / 2, unit: 'cup', parts: [4, 3, 8] },
    { from: 14.78676478125, unit: 'tbsp', parts: [2] },
    { from: 0, unit: 'tsp', parts: [4] },
  ],
  g: [
    { from: 453.59237, unit: 'lb', parts: [4] },
    { from: 0, unit: 'oz', parts: [4] },
  ],
  mm: [
    { from: 304.8 * 3, unit: 'ft', parts: [4] },
    { from: 0, unit: 'in', parts: [8] },
  ],
};

const METRIC_LARGER: Readonly<Record<MeasureId, UnitName | null>> = {
  piece: null,
  mL: 'L',
  g: 'kg',
  mm: 'm',
};

/**
 * A quantity as people read it, in one system: `6`, `240 mL`, `1.68 L`, `2 kg`, or `2¼ cups`, `1½ lb`. What is
 * shown is rounded to the nearest step, what is computed is not.
 */
export function formatQuantity(q: Quantity, system: UnitSystem): string {
  if (q.unit === 'piece') return shown(q.amount);
  if (system === 'metric') {
    const larger = METRIC_LARGER[q.unit]!;
    const { size } = UNITS[larger];
    return q.amount >= size ? `${shown(q.amount / size)} ${larger}` : `${shown(q.amount)} ${q.unit}`;
  }
  const step = US_STEPS[q.unit].find(({ from }) => q.amount >= from)!;
  const inUnit = q.amount / UNITS[step.unit].size;
  const rounded = nearest(inUnit, step.parts);
  return `${fractionText(rounded)} ${step.unit === 'cup' && rounded > 1 ? 'cups' : step.unit}`;
}

const shown = (value: number): string => String(Math.round(value * 100) / 100);

// The nearest of some fractions, the coarsest where two are as near; never nothing when there is something.
function nearest(value: number, parts: readonly number[]): number {
  const rounded = parts.map((of) => Math.max(Math.round(value * of), value > 0 ? 1 : 0) / of);
  return rounded.reduce((best, one) => (Math.abs(one - value) < Math.abs(best - value) - 1e-9 ? one : best));
}

/** `2¼`, `⅜`, `3`: a number with a common fraction; what is no common fraction loses its rest. */
export function fractionText(value: number): string {
  const whole = Math.floor(value + 1e-9);
  const rest = value - whole;
  const glyph = GLYPHS[GLYPH_VALUES.findIndex((one) => Math.abs(one - rest) < 1e-9)] ?? '';
  return whole === 0 && glyph ? glyph : `${whole}${glyph}`;
}
