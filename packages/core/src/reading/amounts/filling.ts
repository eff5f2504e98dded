import type { Table } from '../../book/index.ts';
import type { Inside, Supply } from '../../cupboard/index.ts';
import { valueIn, type Home } from '../../house/index.ts';
import { exact, toNumber, type Exact } from '../../measure/index.ts';
import type { BinFill } from '../../unit/index.ts';
import { answer } from '../ground/answer.ts';
import { converted } from '../kitchen/convert.ts';
import { memoised } from '../ground/memo.ts';

// π to as many digits as an inner width is ever measured.
const PI = exact(3.14159265);

/** Whether a supply is something to fill a bin with. */
export const isFiller = ({ category, properties: { filler } }: Supply): boolean =>
  category === 'filler' || (filler !== undefined && filler !== 'none');

/** The tubs that can be filled: those whose inside was measured, by name. */
export const fillableTubs = memoised((supplies: Table<Supply>): readonly Supply[] =>
  Object.values(supplies)
    .filter(({ inside, retired }) => inside !== null && !retired)
    .toSorted((a, b) => (a.name < b.name ? -1 : 1)),
);

/** How many fillers a home keeps. */
export const fillerCount = (supplies: Table<Supply>): number =>
  Object.values(supplies).filter((supply) => !supply.retired && isFiller(supply)).length;

/** The surface of a tub in square millimetres, exactly but for π: length times width, or π × (across / 2)². */
export const surfaceMm2 = (inside: Inside): Exact =>
  inside.kind === 'box'
    ? exact(inside.lengthMm).mul(exact(inside.widthMm))
    : exact(inside.acrossMm).pow(2)!.mul(PI).div(4);

/** How many children fit round a surface at once, by the home's value of cm² a child. At least one. */
export const childrenAround = (inside: Inside, home: Home): number =>
  Math.max(
    1,
    surfaceMm2(inside)
      .div(100)
      .div(exact(valueIn(home, 'binSurfaceCm2')))
      .floor()
      .valueOf(),
  );

/** What a tub takes at a depth in per cent of its inner height, in millilitres. */
export const fillingVolume = (inside: Inside, depthPercent: number): number =>
  toNumber(surfaceMm2(inside).mul(exact(inside.heightMm)).mul(exact(depthPercent)).div(100_000));

/** A tub as it is filled. */
export interface Filling {
  readonly tub: Supply;
  readonly filler: Supply;
  readonly depthMm: number;
  readonly surfaceCm2: number;
  readonly volumeMl: number;
  /** Null where nobody weighed the filler. */
  readonly weightG: number | null;
  /** In the unit of the filler; null where it cannot be converted. */
  readonly amount: number | null;
  /** What to do about an amount that cannot be converted. */
  readonly problem: string | null;
}

/**
 * What a tub takes of a filler at a depth: surface times depth; straight walls. Millimetres cubed are a thousandth of a
 * millilitre. Null when the tub or the filler is gone, or nobody measured the tub.
 */
export const fillingOf = (bin: BinFill, supplies: Table<Supply>): Filling | null =>
  filled(bin, supplies[bin.tubId], supplies[bin.fillerId]);

/** The same of the cupboard of a book. */
export const filledWith = answer((look, bin: BinFill): Filling | null =>
  filled(bin, look.one('supplies', bin.tubId), look.one('supplies', bin.fillerId)),
);

function filled(
  { depthPercent }: BinFill,
  tub: Supply | null | undefined,
  filler: Supply | null | undefined,
): Filling | null {
  if (!tub?.inside || !filler) return null;
  const depth = exact(tub.inside.heightMm).mul(exact(depthPercent)).div(100);
  const volume = surfaceMm2(tub.inside).mul(depth).div(1000);
  const amount = converted(volume, 'mL', filler.unit, filler);
  const weight = converted(volume, 'mL', 'g', filler);
  return {
    tub,
    filler,
    depthMm: toNumber(depth),
    surfaceCm2: toNumber(surfaceMm2(tub.inside).div(100)),
    volumeMl: toNumber(volume),
    weightG: weight.ok ? toNumber(weight.amount) : null,
    amount: amount.ok ? toNumber(amount.amount) : null,
    problem: amount.ok ? null : amount.why.message,
  };
}
