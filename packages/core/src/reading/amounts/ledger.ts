import { groupBy, type Table } from '../../book/index.ts';
import { onHand, type StockMove, type Supply } from '../../cupboard/index.ts';
import type { Quantity } from '../../measure/index.ts';
import { memoised } from '../memo.ts';

const bySupply = memoised((stockMoves: Table<StockMove>) =>
  groupBy(Object.values(stockMoves), (move) => move.supplyId),
);

/** What is on hand of a supply by the whole ledger; each line of the ledger is looked at once for all supplies. */
export const stockOf = (supply: Supply, stockMoves: Table<StockMove>): Quantity =>
  onHand(supply, bySupply(stockMoves).get(supply.id) ?? []);
