// Figures of gathering: a year of forty units sharing one cupboard, and the choice of packs.
import {
  addDays,
  cheapestPacks,
  freezeDeep,
  read,
  type Book,
  type Pack,
  type UnitId,
  unfilledContent,
} from '@kobby/core';
import { DEMO_TODAY } from '@kobby/starter';
import { demoBook } from './bench-planning.ts';
import { ms, percentile, show } from './figures.ts';

const UNITS = 40;
const DAYS_APART = 9;
const EDITS = 60;

/** The demo home with its current unit forty times over a year, all of it still to come. */
function yearOfUnits(): Book {
  const demo = demoBook();
  const kites = demo.units['unit-kites']!;
  const placed = Object.values(demo.placements).filter(
    ({ unitId, where }) => unitId === kites.id && where.kind !== 'twin',
  );
  const numbers = Array.from({ length: UNITS }, (_, n) => n);
  const units = numbers.map((n) => ({
    ...kites,
    id: `year-${n}` as UnitId,
    title: `Unit ${n}`,
    start: addDays(DEMO_TODAY, n * DAYS_APART),
  }));
  const placements = units.flatMap((unit) =>
    placed.map((one) => ({ ...one, id: `${unit.id}-${one.id}` as typeof one.id, unitId: unit.id })),
  );
  const table = <E extends { readonly id: string }>(list: readonly E[]): Record<string, E> =>
    Object.fromEntries(list.map((one) => [one.id, one]));
  return freezeDeep({ ...demo, units: table(units), placements: table(placements), errands: {} });
}

const elapsed = (work: () => unknown): number => {
  const start = performance.now();
  work();
  return performance.now() - start;
};

/** Gather for a year: read cold, after an edit of one placement, and after a line of the ledger. */
export function benchGather(): void {
  const year = yearOfUnits();
  const unitId = 'year-3' as UnitId;
  const count = Object.keys(year.placements).length;
  const cold = elapsed(() => read(year, unitId, DEMO_TODAY).supplies);
  show(`Gather, ${UNITS} units with ${count} placements in a year: read cold`, ms(cold));
  const one = elapsed(() => JSON.parse(JSON.stringify(year)));
  show('  the same book copied as JSON, for comparison', ms(one));

  const ids = Object.keys(year.placements);
  let book = year;
  const edits: number[] = [];
  for (let i = 0; i < EDITS; i++) {
    const id = ids[(i * 37) % ids.length]!;
    const placement = book.placements[id]!;
    const over = freezeDeep({
      materials: unfilledContent(placement).materials.map((line) => ({ ...line, amount: line.amount + 1 })),
    });
    book = { ...book, placements: Object.freeze({ ...book.placements, [id]: { ...placement, over } }) };
    edits.push(elapsed(() => read(book, unitId, DEMO_TODAY).supplies));
  }
  edits.sort((a, b) => a - b);
  show(
    '  after an edit of one placement: median, 95 %',
    `${ms(percentile(edits, 0.5))}, ${ms(percentile(edits, 0.95))}`,
  );

  const moves: number[] = [];
  for (let i = 0; i < EDITS; i++) {
    const move = {
      ...Object.values(book.stockMoves)[i]!,
      id: `bench-${i}` as never,
      kind: 'used' as const,
      amount: 1,
    };
    book = { ...book, stockMoves: Object.freeze({ ...book.stockMoves, [move.id]: move }) };
    moves.push(elapsed(() => read(book, unitId, DEMO_TODAY).supplies));
  }
  moves.sort((a, b) => a - b);
  show(
    '  after a line of the ledger: median, 95 %',
    `${ms(percentile(moves, 0.5))}, ${ms(percentile(moves, 0.95))}`,
  );
}

const RUNS = 40;
// Sizes without a common step and prices close to each other: the hardest that a shelf could hold.
const SIZES = [7, 11, 13, 17, 19, 23, 29, 31, 37, 41, 43, 47];

/** The choice among twelve packs for a need of ten thousand, and for a need of more steps than are gone through. */
export function benchPacks(): void {
  const packs = SIZES.map((amount, i): Pack => ({
    amount,
    price: (amount * 10 + (i % 5)) as never,
    pricedOn: null,
    shop: null,
  }));
  const time = (need: number, offers: readonly Pack[]): string => {
    const times = Array.from({ length: RUNS }, () => elapsed(() => cheapestPacks(need, offers))).toSorted(
      (a, b) => a - b,
    );
    return `${ms(percentile(times, 0.5))}, ${ms(percentile(times, 0.95))}`;
  };
  show('pack choice, 12 sizes, need of 10,000: median, 95 %', time(10_000, packs));
  const fine = packs.map((pack) => ({ ...pack, amount: pack.amount + 0.001 }));
  show('pack choice, 12 sizes, need of 10,000 in thousandths: median, 95 %', time(10_000, fine));
}
