import type { Book, Table } from '../../book/index.ts';
import { addDays, type PlainDay } from '../../calendar/index.ts';
import { unrecorded, type PropertyId, type StockMove, type Supply } from '../../cupboard/index.ts';
import type { Quantity } from '../../measure/index.ts';
import { isCounted, stockOf } from '../stock/ledger.ts';
import { memoised } from '../ground/memo.ts';

/** Days ahead from which what is borrowed, or spoils, is pointed out. */
export const LOOK_AHEAD_DAYS = 7;

/** A supply as it stands in the cupboard, with what is to be said about it. */
export interface CupboardRow {
  readonly supply: Supply;
  readonly have: Quantity;
  /** At or below its low mark, as far as somebody counted it. */
  readonly isLow: boolean;
  /** Past its best before, or within a week of it. */
  readonly spoilsBy: PlainDay | null;
  /** Borrowed, and due back within a week or overdue. */
  readonly backBy: PlainDay | null;
  /** Properties that its category asks for and nobody recorded. */
  readonly unrecorded: readonly PropertyId[];
  /** Bought, used up, and without a pack: what to buy cannot be told in packs or money. */
  readonly lacksPack: boolean;
  readonly piecesMissing: number;
  readonly piecesWorn: number;
}

/** The cupboard by name, what is no longer kept left out. Each answer is remembered with the supplies and the ledger. */
export const cupboardOf = ({ supplies, stockMoves }: Book, today: PlainDay): readonly CupboardRow[] =>
  rows(supplies, stockMoves, today);

const rows = memoised(
  (supplies: Table<Supply>, stockMoves: Table<StockMove>, today: PlainDay): readonly CupboardRow[] =>
    Object.values(supplies)
      .filter((supply) => !supply.retired)
      .map((supply) => rowOf(supply, stockMoves, today))
      .toSorted((a, b) => a.supply.name.localeCompare(b.supply.name, 'en')),
);

function rowOf(supply: Supply, stockMoves: Table<StockMove>, today: PlainDay): CupboardRow {
  const have = stockOf(supply, stockMoves);
  const soon = (day: PlainDay | null): PlainDay | null =>
    day !== null && day <= addDays(today, LOOK_AHEAD_DAYS) ? day : null;
  return {
    supply,
    have,
    isLow: supply.lowMark !== null && have.amount <= supply.lowMark && isCounted(supply, stockMoves),
    spoilsBy: have.amount > 0 ? soon(supply.bestBefore) : null,
    backBy: supply.got === 'borrowed' ? soon(supply.backBy) : null,
    unrecorded: unrecorded(supply.category, supply.properties),
    lacksPack: supply.got === 'bought' && supply.use === 'consumable' && supply.packs.length === 0,
    piecesMissing: supply.set?.pieces.reduce((sum, piece) => sum + piece.missing, 0) ?? 0,
    piecesWorn: supply.set?.pieces.reduce((sum, piece) => sum + piece.worn, 0) ?? 0,
  };
}
