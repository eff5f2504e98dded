import type { PlainDay, ProgramDay } from '../../calendar/index.ts';
import {
  cheapestPacks,
  type PackChoice,
  type StockMove,
  type Supply,
  type WayToGet,
} from '../../cupboard/index.ts';
import { subjectIdOf, type BasketId, type Errand } from '../../daybook/index.ts';
import { quantity } from '../../measure/index.ts';
import type { Unit } from '../../unit/index.ts';
import { groupBy } from '../../book/index.ts';
import { addDays } from '../../calendar/index.ts';
import { onHand } from '../../cupboard/index.ts';
import { peakOfDay, type Peak } from '../amounts/peak.ts';
import type { Need } from '../amounts/supply-list.ts';
import type { Use } from '../amounts/use.ts';
import { memoised } from '../ground/memo.ts';
import type { CookNeed, SupplyLine } from './line.ts';

/** A line before what is cooked and ticked is known. */
export type AllottedLine = Omit<SupplyLine, 'cooking' | 'pickup'>;

/** How a supply is got by itself. */
const BASKET_OF: Readonly<Record<WayToGet, BasketId>> = {
  bought: 'buy',
  families: 'families',
  borrowed: 'borrow',
  collected: 'collect',
  printed: 'print',
  made: 'make',
  tap: 'shelf',
};

/** Everything that is wanted of one supply, by all units. */
interface Wanted {
  readonly unit: Unit;
  readonly uses: readonly Use[];
  readonly cookNeeds: readonly CookNeed[];
  readonly errand: Errand | null;
  readonly by: ProgramDay;
}

/** A unit with what it asks for. */
interface Asked extends Wanted {
  readonly planned: number;
  readonly need: number;
  readonly peak: Peak | null;
  readonly sharedWith: readonly Unit[];
  /** The first day on which so much is not enough; null when it is. */
  readonly shortOn: (have: number) => PlainDay | null;
}

/**
 * Shares one supply out among the units that need it. The cupboard is one pool: what is used up goes to whoever needs it
 * first, what is put back serves everyone, and counts at the peak of simultaneous use across all units. What is left of
 * packs that are bought for one unit serves the next. Amounts by hand take the place of what the plan asks for.
 */
export const allotted = memoised(
  (
    needs: readonly Need[],
    cookNeeds: readonly CookNeed[],
    errands: readonly Errand[],
    moves: readonly StockMove[],
    isCooked: boolean,
  ): readonly AllottedLine[] => {
    const supply = needs[0]?.supply ?? cookNeeds[0]!.supply;
    const wanted = wantedBy(needs, cookNeeds, errands);
    const stock = onHand(supply, moves).amount;
    return supply.use === 'reusable'
      ? shareOut(supply, askedAtPeak(wanted, supply), () => stock, isCooked)
      : shareUsedUp(supply, wanted, stock, isCooked);
  },
);

function wantedBy(
  needs: readonly Need[],
  cookNeeds: readonly CookNeed[],
  errands: readonly Errand[],
): readonly Wanted[] {
  const units = new Map<string, Unit>();
  for (const { unit } of [...needs, ...cookNeeds]) units.set(unit.id, unit);
  return [...units.values()]
    .map((unit): Wanted => {
      const need = needs.find((one) => one.unit.id === unit.id);
      const cooked = cookNeeds.filter((one) => one.unit.id === unit.id);
      const days = [...(need ? [need.by] : []), ...cooked.map(({ by }) => by)];
      return {
        unit,
        uses: need?.uses ?? [],
        cookNeeds: cooked,
        errand: errands.find(({ unitId }) => unitId === unit.id) ?? null,
        by: days.reduce((first, day) => (day.date < first.date ? day : first)),
      };
    })
    .toSorted((a, b) => compare(a.by.date, b.by.date) || compare(a.unit.id, b.unit.id));
}

const compare = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);

/** Sums of thirds end in dust: a need of 6.000000001 pieces is 6, not 7. */
const whole = (amount: number, supply: Supply): number =>
  supply.unit === 'piece' ? Math.ceil(amount - 1e-6) : amount;

/** What each unit asks of a reusable: the most that is in use at one moment of its days, other units counted in. */
function askedAtPeak(wanted: readonly Wanted[], supply: Supply): readonly Asked[] {
  const byDate = groupBy(
    wanted.flatMap(({ uses }) => uses),
    ({ day }) => day.date,
  );
  const unitOf = new Map(wanted.map(({ unit }) => [unit.id, unit]));
  return wanted.map((one) => {
    const dates = [...new Set(one.uses.map(({ day }) => day.date))].toSorted();
    const peaks = dates.map((date) => ({
      date,
      peak: peakOfDay(byDate.get(date)!),
    }));
    const peak = peaks.reduce<{ date: PlainDay; peak: Peak } | null>(
      (best, now) => (best === null || now.peak.amount > best.peak.amount ? now : best),
      null,
    );
    const planned = whole(peak?.peak.amount ?? 0, supply);
    const others = (peak?.peak.uses ?? []).map(({ placement }) => placement.unitId);
    return {
      ...one,
      planned,
      need: one.errand?.amount?.set ?? planned,
      peak: peak && { ...peak.peak, day: dayOf(one.uses, peak.date) },
      sharedWith: [...new Set(others)].flatMap((id) => (id === one.unit.id ? [] : (unitOf.get(id) ?? []))),
      shortOn: (have) => peaks.find((now) => now.peak.amount > have)?.date ?? null,
    };
  });
}

const dayOf = (uses: readonly Use[], date: PlainDay): ProgramDay =>
  uses.find(({ day }) => day.date === date)!.day;

interface Taking {
  readonly at: number;
  readonly date: PlainDay;
  readonly amount: number;
}

/** What is used up is taken in the order of its days, whoever takes it. */
function shareUsedUp(
  supply: Supply,
  wanted: readonly Wanted[],
  stock: number,
  isCooked: boolean,
): readonly AllottedLine[] {
  const asked = wanted.map((one): Asked => {
    const sum = (list: readonly { readonly amount: number }[]): number =>
      list.reduce((all, { amount }) => all + amount, 0);
    const planned = whole(quantity(sum(one.uses) + sum(one.cookNeeds), supply.unit).amount, supply);
    return {
      ...one,
      planned,
      need: one.errand?.amount?.set ?? planned,
      peak: null,
      sharedWith: [],
      shortOn: () => null,
    };
  });
  const takings = asked
    .flatMap((one, at) => takingsOf(one, at))
    .toSorted((a, b) => compare(a.date, b.date) || a.at - b.at);
  let left = stock;
  let total = 0;
  // Who has taken something so far, in the order in which they began.
  const takers: number[] = [];
  const byUnit = asked.map(() => ({
    had: 0,
    took: 0,
    before: stock,
    takersBefore: 0,
    shortOn: null as PlainDay | null,
  }));
  for (const { at, date, amount } of takings) {
    const unit = byUnit[at]!;
    const taken = Math.min(left, amount);
    if (taken < amount - 1e-6) unit.shortOn ??= date;
    left -= taken;
    unit.had += taken;
    // What others took until a unit's last taking is not there for it.
    unit.before = Math.max(0, stock - (total - unit.took));
    unit.takersBefore = takers.length;
    if (unit.took === 0) takers.push(at);
    unit.took += amount;
    total += amount;
  }
  const shared = asked.map((one, at): Asked => {
    const { takersBefore, shortOn } = byUnit[at]!;
    const others = stock > 0 ? takers.slice(0, takersBefore).filter((other) => other !== at) : [];
    return { ...one, sharedWith: others.map((other) => asked[other]!.unit), shortOn: () => shortOn };
  });
  const haveOf = (at: number): number => {
    const { had, before } = byUnit[at]!;
    return had < asked[at]!.need - 1e-6 ? had : Math.max(had, before);
  };
  return shareOut(supply, shared, haveOf, isCooked);
}

// By hand it is one amount, needed on the first day.
function takingsOf(one: Asked, at: number): readonly Taking[] {
  const planned = [
    ...one.uses.map(({ day, amount }) => ({ at, date: day.date, amount })),
    ...one.cookNeeds.map(({ by, amount }) => ({ at, date: by.date, amount })),
  ];
  const sum = planned.reduce((all, { amount }) => all + amount, 0);
  if (one.errand?.amount) return [{ at, date: one.by.date, amount: one.need }];
  // What whole things take beyond the sum goes with the first.
  return one.need > sum ? [...planned, { at, date: one.by.date, amount: one.need - sum }] : planned;
}

/** What each unit still has to get, in the order of their days: what is left over from one serves the next. */
function shareOut(
  supply: Supply,
  asked: readonly Asked[],
  haveOf: (at: number) => number,
  isCooked: boolean,
): readonly AllottedLine[] {
  let over = 0;
  return asked.map((one, at) => {
    const have = haveOf(at);
    const shortOn = one.shortOn(have);
    const missing = Math.max(0, whole(quantity(one.need - have, supply.unit).amount, supply));
    const carried = Math.min(over, missing);
    const buy = quantity(missing - carried, supply.unit);
    const basket = basketOf(supply, one.errand, buy.amount, isCooked);
    const packs: PackChoice | null = basket === 'buy' ? cheapestPacks(buy.amount, supply.packs) : null;
    // What is put back is there for the next one whole, of what is used up only the rest.
    if (supply.use === 'reusable') over += packs?.amount ?? buy.amount;
    else over += (packs?.leftOver ?? 0) - carried;
    return {
      unit: one.unit,
      supply,
      need: quantity(one.need, supply.unit),
      planned: quantity(one.planned, supply.unit),
      have: quantity(have, supply.unit),
      carried: quantity(carried, supply.unit).amount,
      buy,
      basket,
      by: one.by,
      shortOn,
      orderBy: buy.amount > 0 ? addDays(shortOn ?? one.by.date, -supply.arrivesInDays) : one.by.date,
      uses: one.peak ? one.peak.uses : one.uses,
      cookNeeds: one.cookNeeds,
      peak: one.peak,
      sharedWith: one.sharedWith,
      packs,
      errand: one.errand,
      isMoved:
        one.errand?.amount !== undefined &&
        one.errand.amount !== null &&
        one.errand.amount.instead !== one.planned,
    };
  });
}

function basketOf(supply: Supply, errand: Errand | null, missing: number, isCooked: boolean): BasketId {
  if (errand?.basket) return errand.basket;
  if (missing === 0) return 'shelf';
  return isCooked ? 'cook' : BASKET_OF[supply.got];
}

/** The id under which a line is ticked or decided by hand. */
export const lineIdOf = ({ unit, supply }: Pick<SupplyLine, 'unit' | 'supply'>): string =>
  subjectIdOf({ unitId: unit.id, supplyId: supply.id });
