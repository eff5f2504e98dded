import {
  exact,
  EXACT_ZERO,
  fractionText,
  nearestOf,
  sumOf,
  toNumber,
  UNITS,
  type Exact,
  type MeasureId,
  type UnitSystem,
} from '../../measure/index.ts';
import { converted } from './convert.ts';
import type { Portion } from './scale.ts';

/** Rounding may move the share of an ingredient in the whole by no more than this part of itself. */
export const MOST_SHARE_MOVED = 0.05;

/** How amounts are measured out: as the cupboard keeps them, or with cups and spoons, or on the scales. */
export const WAYS_TO_MEASURE = {
  kept: 'as kept',
  volume: 'cups and spoons',
  weight: 'on the scales',
} as const;
export type WayToMeasure = keyof typeof WAYS_TO_MEASURE;

/** An amount as it is measured out. */
export interface Rounded {
  readonly portion: Portion;
  readonly measure: MeasureId;
  /** Before rounding, in that measure. */
  readonly before: Exact;
  /** What is measured out. */
  readonly amount: Exact;
  /** `2⅓ cups`, `25 g`. */
  readonly text: string;
  /** By how much its share in the whole moved, of itself: 0.02 is two in a hundred more. */
  readonly shareMoved: number;
  /** The weighing was asked for, and nobody wrote down how heavy it is. */
  readonly isDensityMissing: boolean;
}

const CUP = exact(UNITS.cup.size);
const TBSP = CUP.div(16);
const TSP = CUP.div(48);
const OZ = exact(UNITS.oz.size);

/** A way to round: to the nearest of the multiples of its steps; no step is exact. */
type Rung = readonly Exact[];
const EXACTLY: Rung = [];

const metric = (finest: number): readonly Rung[] => [
  [exact(25)],
  [exact(5)],
  [exact(1)],
  [exact(finest)],
  EXACTLY,
];
/** From coarse to fine, for each system and measure. The first rung that a size allows is tried first. */
const LADDERS: Readonly<Record<UnitSystem, Readonly<Record<MeasureId, readonly Rung[]>>>> = {
  metric: {
    g: metric(0.1),
    mL: metric(0.5),
    // Whole already, or half where the recipe says so.
    piece: [EXACTLY],
    mm: [[exact(10)], [exact(1)], EXACTLY],
  },
  us: {
    g: [[OZ], [OZ.div(2)], [OZ.div(4)], [OZ.div(8)], EXACTLY],
    mL: [[CUP.div(4), CUP.div(3)], [TBSP.div(2)], [TSP.div(4)], [TSP.div(8)], EXACTLY],
    piece: [EXACTLY],
    mm: [[exact(25.4).div(8)], EXACTLY],
  },
};

/** Below these sizes a finer rung is the first: 1 g or mL under 50, 5 under 250; ¼ tsp under 1 tbsp, ½ tbsp to ¼ cup. */
const FIRST_RUNG: Readonly<Record<UnitSystem, Readonly<Record<MeasureId, (amount: Exact) => number>>>> = {
  metric: { g: metricRung, mL: metricRung, piece: () => 0, mm: (amount) => (amount.lt(500) ? 1 : 0) },
  us: {
    mL: (amount) => (amount.lt(TBSP) ? 2 : amount.lte(CUP.div(4)) ? 1 : 0),
    g: (amount) => (amount.lt(OZ.mul(4)) ? 2 : amount.lt(OZ.mul(16)) ? 1 : 0),
    piece: () => 0,
    mm: () => 0,
  },
};

function metricRung(amount: Exact): number {
  return amount.lt(50) ? 2 : amount.lt(250) ? 1 : 0;
}

interface Line {
  readonly portion: Portion;
  readonly measure: MeasureId;
  readonly before: Exact;
  /** How much one unit counts in the whole: millilitres, where that is known; as water where it is not. */
  readonly weight: Exact;
  readonly ladder: readonly Rung[];
  readonly isDensityMissing: boolean;
}

/**
 * Rounds the amounts of what is mixed together to what spoons, cups and scales can do: each at the coarsest step for its
 * size, and where that would move the share of any ingredient in the whole by more than {@link MOST_SHARE_MOVED} of
 * itself, at the next finer one, down to exact. Shares are by volume; what nobody weighed counts as heavy as water, and
 * what is counted in pieces stays whole and counts for nothing.
 */
export function roundedTogether(
  portions: readonly Portion[],
  system: UnitSystem,
  way: WayToMeasure = 'kept',
): readonly Rounded[] {
  const lines = portions.map((portion) => lineOf(portion, system, way));
  const rungs = lines.map(({ before, measure }) => FIRST_RUNG[system][measure](before));
  for (;;) {
    const amounts = lines.map((line, i) => atRung(line, rungs[i]!));
    const moved = sharesMoved(lines, amounts);
    const worst = worstOf(moved);
    if (worst === null) {
      return lines.map((line, i) => ({
        portion: line.portion,
        measure: line.measure,
        before: line.before,
        amount: amounts[i]!,
        text: amountText(amounts[i]!, line.measure, system),
        shareMoved: moved[i]!,
        isDensityMissing: line.isDensityMissing,
      }));
    }
    const finer = canBeFiner(lines, rungs, worst) ? worst : furthestOff(lines, amounts, rungs);
    rungs[finer] = rungs[finer]! + 1;
  }
}

function lineOf(portion: Portion, system: UnitSystem, way: WayToMeasure): Line {
  const { supply, amount } = portion;
  const wanted = measureFor(supply.unit, way);
  const shown = converted(amount, supply.unit, wanted, supply);
  const measure = shown.ok ? wanted : supply.unit;
  const before = shown.ok ? shown.amount : amount;
  const inMl = converted(exact(1), measure, 'mL', supply);
  const isBulk = measure === 'g' || measure === 'mL';
  return {
    portion,
    measure,
    before,
    weight: isBulk ? (inMl.ok ? inMl.amount : exact(1)) : EXACT_ZERO,
    ladder: LADDERS[system][measure],
    isDensityMissing: !shown.ok,
  };
}

function measureFor(unit: MeasureId, way: WayToMeasure): MeasureId {
  if (way === 'kept' || (unit !== 'g' && unit !== 'mL')) return unit;
  return way === 'volume' ? 'mL' : 'g';
}

function atRung({ before, ladder }: Line, rung: number): Exact {
  const [first, ...others] = (ladder[rung] ?? EXACTLY).map((step) => nearestOf(before, step));
  if (!first) return before;
  return others.reduce((best, one) => (one.sub(before).abs().lt(best.sub(before).abs()) ? one : best), first);
}

/** By how much each share moved, of itself; 0 for what counts for nothing. */
function sharesMoved(lines: readonly Line[], amounts: readonly Exact[]): readonly number[] {
  const exactTotal = sumOf(lines.map(({ before, weight }) => before.mul(weight)));
  const total = sumOf(lines.map(({ weight }, i) => amounts[i]!.mul(weight)));
  return lines.map(({ before, weight }, i) => {
    const was = before.mul(weight);
    if (was.equals(0)) return 0;
    // Everything rounded to nothing: as wrong as can be.
    if (total.equals(0)) return -1;
    return toNumber(amounts[i]!.mul(weight).mul(exactTotal).div(total.mul(was)).sub(1));
  });
}

function worstOf(moved: readonly number[]): number | null {
  const worst = moved.reduce((at, one, i) => (Math.abs(one) > Math.abs(moved[at]!) ? i : at), 0);
  return Math.abs(moved[worst] ?? 0) > MOST_SHARE_MOVED ? worst : null;
}

const canBeFiner = (lines: readonly Line[], rungs: readonly number[], i: number): boolean =>
  rungs[i]! < lines[i]!.ladder.length - 1;

// When the one whose share moved is exact already, it is another's rounding that moves it.
function furthestOff(lines: readonly Line[], amounts: readonly Exact[], rungs: readonly number[]): number {
  const off = lines.map((line, i) =>
    canBeFiner(lines, rungs, i) ? amounts[i]!.sub(line.before).abs().mul(line.weight) : exact(-1),
  );
  return off.reduce((at, one, i) => (one.gt(off[at]!) ? i : at), 0);
}

/**
 * The portions in which an amount goes in, in their order: equal to a quarter of a teaspoon, a gram or a millilitre (a
 * tenth and a half where the whole is no whole number); the last one makes up the rest, so that they add up to it.
 */
export function inPortions(
  amount: Exact,
  measure: MeasureId,
  count: number,
  system: UnitSystem,
): readonly Exact[] {
  if (count <= 1) return [amount];
  const metricStep = amount.d === 1n ? 1 : measure === 'g' ? 0.1 : 0.5;
  const step = system === 'us' && measure === 'mL' ? TSP.div(4) : exact(metricStep);
  const each = amount.div(count).div(step).floor().mul(step);
  return [...Array.from({ length: count - 1 }, () => each), amount.sub(each.mul(count - 1))];
}

/**
 * An amount as it is measured out: `2⅓ cups`, `1 cup + 2½ tbsp`, `¾ tsp`, `25 g`, `1.25 kg`, `3½ oz`. Amounts that no
 * spoon can do are told in millilitres.
 */
export function amountText(amount: Exact, measure: MeasureId, system: UnitSystem): string {
  if (measure === 'piece') return piecesText(amount);
  if (system === 'us' && measure === 'mL') return spoonsText(amount);
  if (system === 'us' && measure === 'g') return ouncesText(amount);
  const large = measure === 'mm' ? 'm' : measure === 'g' ? 'kg' : 'L';
  return amount.gte(1000) ? `${decimals(amount.div(1000))} ${large}` : `${decimals(amount)} ${measure}`;
}

// Half a lemon is written as one halves it; what no common fraction is, in digits.
const piecesText = (amount: Exact): string =>
  amount.d === 2n || amount.d === 3n || amount.d === 4n || amount.d === 8n
    ? fractionText(toNumber(amount))
    : decimals(amount);

// Three digits after the point hold every step of the ladders, kilograms and litres included.
const decimals = (amount: Exact): string => {
  const value = toNumber(amount);
  return String(value < 0.1 ? Number(value.toPrecision(2)) : Math.round(value * 1000) / 1000);
};

const isMultiple = (amount: Exact, step: Exact): boolean => amount.div(step).d === 1n;
const inUnit = (amount: Exact, unit: Exact, name: string): string =>
  `${fractionText(toNumber(amount.div(unit)))} ${name}`;
const cupsText = (amount: Exact): string => inUnit(amount, CUP, amount.gt(CUP) ? 'cups' : 'cup');

function spoonsText(amount: Exact): string {
  if (isMultiple(amount, CUP.div(4)) || isMultiple(amount, CUP.div(3))) return cupsText(amount);
  if (!isMultiple(amount, TSP.div(8))) return `${decimals(amount)} mL`;
  const cups = amount.div(CUP.div(4)).floor().mul(CUP.div(4));
  const rest = amount.sub(cups);
  const spoons = rest.gte(TBSP) && isMultiple(rest, TBSP.div(2)) ? rest : rest.div(TBSP).floor().mul(TBSP);
  const drops = rest.sub(spoons);
  return [
    cups.gt(0) ? cupsText(cups) : '',
    spoons.gt(0) ? inUnit(spoons, TBSP, 'tbsp') : '',
    drops.gt(0) ? inUnit(drops, TSP, 'tsp') : '',
  ]
    .filter((text) => text !== '')
    .join(' + ');
}

function ouncesText(amount: Exact): string {
  if (!isMultiple(amount, OZ.div(8))) return `${decimals(amount)} g`;
  const pounds = amount.div(OZ.mul(16)).floor();
  const ounces = amount.sub(pounds.mul(OZ.mul(16)));
  return [
    pounds.gt(0) ? `${pounds.toString()} lb` : '',
    ounces.gt(0) || pounds.equals(0) ? inUnit(ounces, OZ, 'oz') : '',
  ]
    .filter((text) => text !== '')
    .join(' ');
}
