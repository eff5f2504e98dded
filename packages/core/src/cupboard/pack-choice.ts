import { moneySchema, type Money } from '../measure/index.ts';
import type { Pack } from './supply.ts';

/** How many of a pack. */
export interface PackCount {
  readonly pack: Pack;
  readonly count: number;
}

/** The packs to buy for a need. */
export interface PackChoice {
  readonly packs: readonly PackCount[];
  /** What is in them, in the unit of the supply. */
  readonly amount: number;
  /** What is left of them when the need is met. */
  readonly leftOver: number;
  /** Null when a price is missing. */
  readonly cost: Money | null;
  /** Packs that were not looked at, because nobody wrote down what they cost. */
  readonly unpriced: readonly Pack[];
}

/** Up to so many steps of the common size of all packs the choice is worked out step by step. */
const MOST_STEPS = 1_000_000;

/**
 * The cheapest set of packs that covers a need, exactly; of equally cheap ones the one with the least left over, of
 * those the one with the fewest packs. Any number of each pack can be bought. Where some packs have prices, only those
 * are looked at; where none has, the least left over decides, then the fewest packs. Null when nothing is needed or no
 * pack is known. Amounts are counted in thousandths of the supply's unit: a pack is never counted for more than is in it,
 * a need never for less.
 */
export function cheapestPacks(need: number, packs: readonly Pack[]): PackChoice | null {
  // A pack with less than a thousandth in it could never fill anything.
  const usable = packs.filter(({ amount }) => inThousandths(amount) > 0);
  if (!(need > 0) || usable.length === 0) return null;
  const priced = usable.filter(({ price }) => price !== null);
  const offers = (priced.length > 0 ? priced : usable).map((pack) => ({
    pack,
    size: inThousandths(pack.amount),
    cost: pack.price ?? 0,
  }));
  const common = offers.map(({ size }) => size).reduce(commonDivisor);
  const sized = offers.map((offer) => ({ ...offer, size: offer.size / common }));
  const steps = Math.ceil(Math.ceil(need * 1000 - 1e-6) / common);
  const counts = steps <= MOST_STEPS ? stepByStep(steps, sized) : byBounds(steps, sized);
  return choiceOf(need, sized, counts, priced.length > 0 ? usable.filter(({ price }) => price === null) : []);
}

const inThousandths = (amount: number): number => Math.floor(amount * 1000 + 1e-6);

interface Offer {
  readonly pack: Pack;
  /** In common steps of all packs. */
  readonly size: number;
  readonly cost: number;
}

function choiceOf(
  need: number,
  offers: readonly Offer[],
  counts: readonly number[],
  unpriced: readonly Pack[],
): PackChoice {
  const packs = offers.flatMap(({ pack }, i) => (counts[i]! > 0 ? [{ pack, count: counts[i]! }] : []));
  const amount = tidy(packs.reduce((all, { pack, count }) => all + pack.amount * count, 0));
  const cost = packs.reduce((all, { pack, count }) => all + (pack.price ?? 0) * count, 0);
  return {
    packs,
    amount,
    leftOver: Math.max(0, tidy(amount - need)),
    cost: packs.some(({ pack }) => pack.price === null) ? null : moneySchema.parse(cost),
    unpriced,
  };
}

const tidy = (amount: number): number => Math.round(amount * 1e6) / 1e6;

const commonDivisor = (a: number, b: number): number => (b === 0 ? a : commonDivisor(b, a % b));

/** The best way to cover every need up to the one asked for, each from smaller ones. */
function stepByStep(steps: number, offers: readonly Offer[]): readonly number[] {
  const cost = new Float64Array(steps + 1);
  const size = new Float64Array(steps + 1);
  const count = new Int32Array(steps + 1);
  const last = new Uint8Array(steps + 1);
  for (let need = 1; need <= steps; need++) {
    let [bestCost, bestSize, bestCount, best] = [Infinity, Infinity, Infinity, 0];
    for (let i = 0; i < offers.length; i++) {
      const offer = offers[i]!;
      const rest = need > offer.size ? need - offer.size : 0;
      const newCost = cost[rest]! + offer.cost;
      if (newCost > bestCost) continue;
      const newSize = size[rest]! + offer.size;
      const newCount = count[rest]! + 1;
      const isBetter =
        newCost < bestCost || newSize < bestSize || (newSize === bestSize && newCount < bestCount);
      if (isBetter) [bestCost, bestSize, bestCount, best] = [newCost, newSize, newCount, i];
    }
    cost[need] = bestCost;
    size[need] = bestSize;
    count[need] = bestCount;
    last[need] = best;
  }
  const counts = offers.map(() => 0);
  for (let need = steps; need > 0; need -= offers[last[need]!]!.size) counts[last[need]!]! += 1;
  return counts;
}

interface Found {
  readonly cost: number;
  readonly size: number;
  readonly packs: number;
  readonly counts: readonly number[];
}

const isBetter = (a: Omit<Found, 'counts'>, b: Omit<Found, 'counts'>): boolean =>
  a.cost !== b.cost ? a.cost < b.cost : a.size !== b.size ? a.size < b.size : a.packs < b.packs;

/**
 * For needs of very many steps: from the pack that is cheapest for what is in it on, as many as could be taken first, then
 * ever fewer, and left as soon as what is still missing costs more at the best rate left than what was found.
 */
function byBounds(steps: number, offers: readonly Offer[]): readonly number[] {
  const order = offers
    .map((offer, index) => ({ ...offer, index }))
    .toSorted((a, b) => a.cost / a.size - b.cost / b.size || b.size - a.size);
  let best: Found | null = null;
  const counts = offers.map(() => 0);
  const look = (at: number, missing: number, sofar: Omit<Found, 'counts'>): void => {
    if (missing <= 0) {
      if (!best || isBetter(sofar, best)) best = { ...sofar, counts: [...counts] };
      return;
    }
    const offer = order[at];
    if (!offer) return;
    // At the best rate that is left, and without any waste, nothing better can come of it.
    const least = {
      cost: sofar.cost + (missing * offer.cost) / offer.size,
      size: sofar.size + missing,
      packs: 0,
    };
    if (best && !isBetter(least, best)) return;
    for (let count = Math.ceil(missing / offer.size); count >= 0; count--) {
      counts[offer.index] = count;
      look(at + 1, missing - count * offer.size, {
        cost: sofar.cost + count * offer.cost,
        size: sofar.size + count * offer.size,
        packs: sofar.packs + count,
      });
      const next = order[at + 1];
      // Each one less leaves more for a worse rate: when even that bound is too dear, the rest is too.
      const rest = missing - (count - 1) * offer.size;
      const bound =
        sofar.cost + (count - 1) * offer.cost + (next ? (rest * next.cost) / next.size : Infinity);
      if (best && bound > (best as Found).cost) break;
    }
    counts[offer.index] = 0;
  };
  look(0, steps, { cost: 0, size: 0, packs: 0 });
  return best!.counts;
}
