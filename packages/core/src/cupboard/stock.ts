import { z } from 'zod';
import { instantSchema } from '../calendar/index.ts';
import { entityKind } from '../kind/index.ts';
import {
  amountSchema,
  idSchema,
  moneySchema,
  quantity,
  versionSchema,
  type Quantity,
} from '../measure/index.ts';
import { supplyIdSchema, type Supply } from './supply.ts';

export const stockMoveIdSchema = idSchema.brand<'StockMoveId'>();

/**
 * A line of the stock ledger: `counted` says how much was there, the others say how much came (bought or made in
 * the home) or went.
 * Amounts are in the supply's unit and never negative.
 */
export const stockMoveSchema = z.object({
  id: stockMoveIdSchema,
  version: versionSchema,
  supplyId: supplyIdSchema,
  kind: z.enum(
    ['counted', 'bought', 'made', 'used', 'thrown'],
    'Stock is counted, bought, made, used or thrown',
  ),
  amount: amountSchema,
  at: instantSchema,
  /** What was paid for it; null when it was not bought, or nobody said. */
  paid: moneySchema.nullable().default(null),
  /** The unit for which it came or went; null for none. That unit may be gone by now. */
  forUnit: idSchema.nullable().default(null),
});
export type StockMove = z.infer<typeof stockMoveSchema>;

/** What a line of the stock ledger is to the book. */
export const stockMoveKind = entityKind({
  schema: stockMoveSchema,
  word: 'a line of the stock ledger',
  name: null,
  dropped: 'never',
  atOnce: 'commute',
});

/**
 * What is on hand of a supply: the last count and every movement after it, never below zero.
 * Lines may arrive in any order: only their instants count (for equal instants, their ids), so lines made
 * offline commute.
 */
export function onHand(supply: Supply, moves: readonly StockMove[]): Quantity {
  const ledger = moves
    .filter((move) => move.supplyId === supply.id)
    .toSorted((a, b) => (a.at === b.at ? compare(a.id, b.id) : compare(a.at, b.at)));
  const lastCount = ledger.findLastIndex((move) => move.kind === 'counted');
  const amount = ledger.slice(Math.max(0, lastCount)).reduce((sum, move) => {
    if (move.kind === 'counted') return move.amount;
    return move.kind === 'bought' || move.kind === 'made' ? sum + move.amount : sum - move.amount;
  }, 0);
  return quantity(Math.max(0, amount), supply.unit);
}

const compare = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);
