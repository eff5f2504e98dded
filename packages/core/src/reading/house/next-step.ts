import type { Book } from '../../book/index.ts';
import type { PlainDay } from '../../calendar/index.ts';
import type { UnitId } from '../../unit/index.ts';
import { unitsByNearness } from '../plan/plan.ts';

/** What is still to be done before a home has its first plan, in this order. */
const STEPS = ['children', 'week', 'unit', 'things', 'plan', 'stock'] as const;
export type NextStepId = (typeof STEPS)[number];

/** What a new home does next. */
export interface NextStep {
  readonly id: NextStepId;
  /** The unit it is about; null for what is of the house. */
  readonly unitId: UnitId | null;
  /** How many of how many are behind it. */
  readonly done: number;
  readonly of: number;
}

/**
 * The next step of a home that has no plan yet, from who comes to what is in the house; null once there is none, and for a home that has
 * been through a unit: it knows its way. Why computed and not ticked: whoever does things in another order is not asked for them again.
 */
export function nextStepOf(book: Book, today: PlainDay): NextStep | null {
  const units = unitsByNearness(book, today);
  if (units.some(({ phase }) => phase === 'over')) return null;
  const first = units.find(({ phase }) => phase !== 'idea')?.unit;
  const children = Object.values(book.children);
  const isOf = ({ unitId }: { readonly unitId: UnitId }): boolean => unitId === first?.id;
  const isDone: Readonly<Record<NextStepId, boolean>> = {
    children: children.length > 0,
    week:
      children.length > 0 &&
      children.every(({ attendance }) => Object.values(attendance).some((parts) => parts.length > 0)),
    unit: first !== undefined,
    things: Object.values(book.things).some(isOf),
    plan: Object.values(book.placements).some(isOf),
    stock: Object.keys(book.stockMoves).length > 0,
  };
  const id = STEPS.find((step) => !isDone[step]);
  if (!id) return null;
  const isOfUnit = id === 'things' || id === 'plan' || id === 'stock';
  return {
    ...{ id, of: STEPS.length, done: STEPS.filter((step) => isDone[step]).length },
    unitId: isOfUnit ? (first?.id ?? null) : null,
  };
}
