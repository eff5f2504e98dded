import type { Book } from '../../book/index.ts';
import type { PlainDay } from '../../calendar/index.ts';
import type { Placement } from '../../unit/index.ts';
import { answer } from '../ground/answer.ts';
import { joined, type Finding } from '../ground/finding.ts';
import { neighboursOf, placedIn, type Frame } from '../plan/plan.ts';
import { acrossUnitsFindings, oneForTwoFindings, reusablesOf } from './one-for-two.ts';

/** The findings about one thing that is needed in two places of a unit, and in two units whose days overlap. */
export function oneForTwo(
  book: Book,
  placements: readonly Placement[],
  withCircle: readonly Placement[],
  frame: Frame,
  today: PlainDay,
): readonly Finding[] {
  const here = reusablesOf(book, placements, frame);
  const across = neighboursOf(book, frame).map((other) =>
    acrossUnitsFindings(book, here, frame, reusablesIn(book, other), today),
  );
  return joined(oneForTwoFindings(book, withCircle, frame, today), ...across);
}

const reusablesIn = answer((look, of: Frame) => ({
  unit: of.unit,
  uses: reusablesOf(look, placedIn(look, of.unit.id).placements, of),
}));
