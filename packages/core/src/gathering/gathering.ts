import type { Book } from '../book/index.ts';
import type { PlainDay } from '../calendar/index.ts';
import type { ChangeInput } from '../changes/index.ts';
import { usedDayIdOf } from '../daybook/index.ts';
import { yieldOf, type Recipe } from '../library/index.ts';
import { exact, toNumber } from '../measure/index.ts';
import {
  converted,
  phaseOf,
  read,
  usedOn,
  type Portion,
  type Scaled,
  type SupplyLine,
} from '../reading/index.ts';
import { stockOf } from '../reading/stock/ledger.ts';
import type { UnitId } from '../unit/index.ts';

/** When something happened by the home's clock, and a maker of ids: one id at each call. */
export interface Stamp {
  readonly at: string;
  readonly newId: () => string;
}

type MoveInput = Extract<ChangeInput, { type: 'cupboard/record-stock' }>['move'];
type MoveOrder = Omit<MoveInput, 'id' | 'at'>;

const moved = (move: MoveOrder, { at, newId }: Stamp): ChangeInput => ({
  type: 'cupboard/record-stock',
  move: { ...move, id: `move-${newId()}`, at },
});

/**
 * Puts away what was ticked while shopping: each comes into the ledger with what is in its packs and what they cost, what
 * has no pack with what was missing, and the ticks go. What was ticked although nothing was missing only loses its tick.
 */
export const changesToPutAway = (lines: readonly SupplyLine[], stamp: Stamp): readonly ChangeInput[] =>
  lines
    .filter(({ pickup }) => pickup !== null)
    .flatMap((line): ChangeInput[] => {
      const { unit, supply, packs, buy } = line;
      const amount = packs?.amount ?? buy.amount;
      return [
        ...(amount > 0
          ? [
              moved(
                { supplyId: supply.id, kind: 'bought', amount, paid: packs?.cost ?? null, forUnit: unit.id },
                stamp,
              ),
            ]
          : []),
        { type: 'gather/put-back', subject: { unitId: unit.id, supplyId: supply.id } },
      ];
    });

/**
 * Somebody looked, and what is missing is in the house: each is counted as what the ledger has and what is missing, so that nothing of it is
 * bought. What was ticked while shopping loses its tick. Lines of which nothing is missing change nothing.
 */
export const changesIfThere = (
  book: Book,
  lines: readonly SupplyLine[],
  stamp: Stamp,
): readonly ChangeInput[] =>
  lines
    .filter(({ buy }) => buy.amount > 0)
    .flatMap(({ unit, supply, buy, pickup }): ChangeInput[] => {
      const amount = stockOf(supply, book.stockMoves).amount + buy.amount;
      return [
        moved({ supplyId: supply.id, kind: 'counted', amount }, stamp),
        ...(pickup
          ? [{ type: 'gather/put-back', subject: { unitId: unit.id, supplyId: supply.id } } as const]
          : []),
      ];
    });

/**
 * The last day of a running unit that has begun, used something up and was not taken out of the ledger yet, by its number;
 * null for none, and for a unit that is over: its stock has been counted since.
 */
export function dayToTakeOut(book: Book, unitId: UnitId, today: PlainDay): number | null {
  const { frame } = read(book, unitId, today);
  if (phaseOf(frame, today) !== 'now') return null;
  const open = frame.calendar.days.filter(
    ({ number, date }) =>
      date <= today && !book.usedDays[usedDayIdOf(unitId, number)] && usedOn(book, unitId, number).length > 0,
  );
  return open.at(-1)?.number ?? null;
}

/** A day is done: what it used by the plan is taken out of the ledger, once. */
export const changesOfDayUsed = (
  book: Book,
  unitId: UnitId,
  day: number,
  stamp: Stamp,
): readonly ChangeInput[] => [
  { type: 'gather/day-used', usedDay: { id: usedDayIdOf(unitId, day), unitId, day } },
  ...usedOn(book, unitId, day).map(({ supply, used }) =>
    moved({ supplyId: supply.id, kind: 'used', amount: used.amount, forUnit: unitId }, stamp),
  ),
];

/** What somebody says about what was made. */
export type MadeInput = Omit<
  Extract<ChangeInput, { type: 'kitchen/put-batch' }>['batch'],
  'id' | 'recipeId' | 'amount' | 'unit'
>;

/**
 * Something was made: the batch is noted, its ingredients are taken out (in the amounts that really went in, where they
 * were noted) and what it makes comes in. Something that was only tried takes its ingredients and makes nothing.
 */
export function changesOfMaking(
  scaled: Scaled,
  book: Book,
  made: MadeInput,
  stamp: Stamp,
): readonly ChangeInput[] {
  const { recipe, gives, portions, unit } = scaled;
  const own = new Map(made.own?.map(({ supplyId, amount }) => [supplyId as string, amount]));
  const amount = toNumber(gives);
  return [
    {
      type: 'kitchen/put-batch',
      batch: { ...made, id: `batch-${stamp.newId()}`, recipeId: recipe.id, amount, unit },
    },
    ...portions
      .filter(isTaken)
      .map(({ supply, amount: planned }) =>
        moved({ supplyId: supply.id, kind: 'used', amount: own.get(supply.id) ?? toNumber(planned) }, stamp),
      ),
    ...(made.trial ? [] : comesIn(recipe, amount, book, stamp)),
  ];
}

const isTaken = ({ supply, amount }: Portion): boolean => supply.got !== 'tap' && amount.gt(0);

function comesIn(recipe: Recipe, amount: number, book: Book, stamp: Stamp): readonly ChangeInput[] {
  const product = recipe.makesId === null ? undefined : book.supplies[recipe.makesId];
  if (!product) return [];
  const inUnit = converted(exact(amount), yieldOf(recipe).unit, product.unit, product);
  if (!inUnit.ok) return [];
  return [moved({ supplyId: product.id, kind: 'made', amount: toNumber(inUnit.amount) }, stamp)];
}

/** A batch goes: used up or thrown away. What is on hand of what it made goes with it when it is thrown. */
export function changesOfThrowing(
  book: Book,
  batchId: string,
  onHand: number,
  goneOn: string,
  stamp: Stamp,
): readonly ChangeInput[] {
  const batch = book.batches[batchId];
  if (!batch) return [];
  const makesId = book.recipes[batch.recipeId]?.makesId ?? null;
  return [
    { type: 'kitchen/put-batch', batch: { ...batch, goneOn: goneOn as never } },
    ...(makesId !== null && onHand > 0 && !batch.trial
      ? [moved({ supplyId: makesId, kind: 'thrown', amount: Math.min(onHand, batch.amount) }, stamp)]
      : []),
  ];
}
