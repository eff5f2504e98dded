import type { Supply } from '../../cupboard/index.ts';
import { exact, type Exact, type MeasureId } from '../../measure/index.ts';

/** Why an amount cannot be taken over into another measure: the place and what to do. */
export interface CannotConvert {
  readonly supply: Supply;
  readonly message: string;
}

export type Converted =
  { readonly ok: true; readonly amount: Exact } | { readonly ok: false; readonly why: CannotConvert };

/**
 * An amount of a supply in another measure: volume and weight by its density (grams a millilitre), exactly.
 * Refused, with what to do, where nobody weighed it, and for pieces and lengths.
 */
export function converted(amount: Exact, from: MeasureId, to: MeasureId, supply: Supply): Converted {
  if (from === to) return { ok: true, amount };
  const isBulk = (from === 'g' && to === 'mL') || (from === 'mL' && to === 'g');
  if (!isBulk) return no(supply, `${supply.name} is counted ${AS[from]}, which tells no ${WORDS[to]}`);
  if (supply.gramsPerMl === null)
    return no(supply, `Weigh a cup of ${supply.name} and write its grams per millilitre in the cupboard`);
  const density = exact(supply.gramsPerMl);
  return { ok: true, amount: from === 'g' ? amount.div(density) : amount.mul(density) };
}

const AS: Readonly<Record<MeasureId, string>> = {
  mL: 'by volume',
  g: 'by weight',
  piece: 'in pieces',
  mm: 'by length',
};
const WORDS: Readonly<Record<MeasureId, string>> = {
  mL: 'volume',
  g: 'weight',
  piece: 'number',
  mm: 'length',
};

const no = (supply: Supply, message: string): Converted => ({ ok: false, why: { supply, message } });
