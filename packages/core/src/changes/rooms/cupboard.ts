import { stockMoveSchema, supplySchema, wishSchema, type Supply } from '../../cupboard/index.ts';
import { change } from '../pen/define.ts';
import type { Pen } from '../pen/pen.ts';
import { existsAlready, type Refusal } from '../pen/refusal.ts';
import { supplyName } from '../pen/words.ts';

/** Changes of what the home has, and of what it wants. */
export const CUPBOARD_CHANGES = {
  'cupboard/put-supply': change({
    fields: { supply: supplySchema },
    apply: (pen, { supply }) => unitRefusal(pen, supply) ?? pen.put('supplies', supply),
    says: (_, { supply }) => supply.name,
  }),
  'cupboard/record-stock': change({
    fields: { move: stockMoveSchema },
    apply: (pen, { move }) =>
      pen.get('stockMoves', move.id) ? existsAlready(['move', 'id']) : pen.put('stockMoves', move),
    says: (book, { move }) => `stock of ${supplyName(book, move.supplyId)}`,
  }),
  'cupboard/put-wish': change({
    fields: { wish: wishSchema },
    apply: (pen, { wish }) => pen.put('wishes', wish),
    says: (_, { wish }) => `wanted: ${wish.words}`,
  }),
};

// Amounts already written down would silently mean something else.
function unitRefusal(pen: Pen, supply: Supply): Refusal | undefined {
  const current = pen.get('supplies', supply.id);
  if (!current || current.unit === supply.unit) return undefined;
  const isCounted = pen.all('stockMoves').some((move) => move.supplyId === supply.id);
  if (!isCounted) return undefined;
  return {
    reason: 'still-used',
    path: ['supply', 'unit'],
    message: `Its stock is counted in ${current.unit}. Retire it and make another one for the other unit`,
  };
}
