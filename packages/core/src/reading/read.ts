import type { Book } from '../book/index.ts';
import type { PlainDay } from '../calendar/index.ts';
import type { Corner } from '../house/index.ts';
import type { Placement, UnitId } from '../unit/index.ts';
import { supplyList, type SupplyLine } from './amounts/supply-list.ts';
import { shelfFindings, shelfOf, type Cubby } from './balance/shelf.ts';
import { allergenFindings } from './cautions/allergens.ts';
import type { Finding, Level } from './finding.ts';
import { openSlotFindings } from './fit/open-slots.ts';
import { leftOutFindings } from './fit/left-out.ts';
import { memoised } from './memo.ts';
import { frameOf, placementsIn, type Frame } from './plan/plan.ts';
import { suggestionsFor, type Suggestion } from './suggest.ts';

/** Everything that a plan says about itself. Each answer is computed when it is asked for, and then remembered. */
export interface Reading {
  readonly frame: Frame;
  readonly placements: readonly Placement[];
  readonly shelf: readonly Cubby[];
  readonly supplies: readonly SupplyLine[];
  /** What needs attention: stops first, then cares, then notes; within a level by their first day. */
  readonly headsUps: readonly Finding[];
  /** What could be put in a corner; with null, what could be done with the group on a day. */
  suggestions(corner: Corner | null): readonly Suggestion[];
}

/**
 * Reads a unit. `today` is the date on the home's clock: nothing is asked of days that are over.
 * @throws {Error} when the book has no such unit.
 */
export function read(book: Book, unitId: UnitId, today: PlainDay): Reading {
  const frame = frameOf(book, unitId);
  const placements = placementsIn(book, unitId);
  const { corners, supplies, stockMoves, activities } = book;
  return {
    frame,
    placements,
    get shelf() {
      return shelfOf(placements, frame, corners);
    },
    get supplies() {
      return supplyList(placements, frame, supplies, corners, stockMoves, today);
    },
    get headsUps() {
      return inOrder(
        shelfFindings(placements, frame, corners, today),
        leftOutFindings(placements, frame, today),
        allergenFindings(placements, frame, supplies, today),
        openSlotFindings(placements),
      );
    },
    suggestions: (corner) => suggestionsFor(frame, activities, supplies, stockMoves, corner),
  };
}

const WEIGHT: Record<Level, number> = { stop: 0, care: 1, note: 2 };

const inOrder = memoised(
  (...lists: readonly [readonly Finding[], ...(readonly Finding[])[]]): readonly Finding[] =>
    lists.flat().toSorted((a, b) => WEIGHT[a.level] - WEIGHT[b.level] || (a.days[0] ?? 0) - (b.days[0] ?? 0)),
);
