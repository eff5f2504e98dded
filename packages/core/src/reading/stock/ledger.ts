import type { Table } from '../../book/index.ts';
import { onHand, type StockMove, type Supply } from '../../cupboard/index.ts';
import type { Quantity } from '../../measure/index.ts';
import { memoised, stableGroups } from '../ground/memo.ts';

const bySupply = stableGroups((move: StockMove) => move.supplyId);
const NONE: readonly StockMove[] = [];

/** Whether anything at all was written down of how much of a supply there is. */
export const isCounted = (supply: Supply, stockMoves: Table<StockMove>): boolean =>
  bySupply(stockMoves).has(supply.id);

const onHandOf = memoised((moves: readonly StockMove[], supply: Supply): Quantity => onHand(supply, moves));

/** What is on hand of a supply by the whole ledger; a line of the ledger is looked at again only for its own supply. */
export const stockOf = (supply: Supply, stockMoves: Table<StockMove>): Quantity =>
  onHandOf(bySupply(stockMoves).get(supply.id) ?? NONE, supply);
