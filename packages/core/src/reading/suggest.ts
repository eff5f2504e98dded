import type { Table } from '../book/index.ts';
import type { StockMove, Supply } from '../cupboard/index.ts';
import type { Child, Corner } from '../house/index.ts';
import { versionFor, type Activity, type ActivityContent } from '../library/index.ts';
import { stockOf } from './amounts/ledger.ts';
import { memoised } from './memo.ts';
import { learnerOn, type Frame } from './plan/plan.ts';

/** Something from the library that could be put in a place, with what speaks for it. */
export interface Suggestion {
  readonly activity: Activity;
  /** How many of the children who come during the unit find a version at their age on its first day. */
  readonly fits: number;
  /** Names of the supplies of which nothing is on hand. */
  readonly missing: readonly string[];
}

/**
 * What the library has for a corner (open set-ups that suit its kind) or, with `null`, for the group on a day.
 * First what needs nothing that is not on hand, then what fits more children, then by title.
 */
export const suggestionsFor = memoised(
  (
    frame: Frame,
    activities: Table<Activity>,
    supplies: Table<Supply>,
    stockMoves: Table<StockMove>,
    corner: Corner | null,
  ): readonly Suggestion[] => {
    const children = [...new Set(frame.attendance.flatMap((day) => day.children))];
    return Object.values(activities)
      .filter(({ content, retired }) => !retired && suits(content, corner))
      .map((activity) => ({
        activity,
        fits: countFitting(activity, children, frame),
        missing: missingFor(activity, supplies, stockMoves),
      }))
      .toSorted(
        (a, b) =>
          a.missing.length - b.missing.length ||
          b.fits - a.fits ||
          (a.activity.content.title < b.activity.content.title ? -1 : 1),
      );
  },
);

// A set-up goes into a corner of its kind; a bin of a child has its own place, on the page for trays.
function suits({ mode, cornerKinds }: ActivityContent, corner: Corner | null): boolean {
  if (corner) return (mode === 'open-corner' || mode === 'shelf-work') && cornerKinds.includes(corner.kind);
  return mode === 'whole-group' || mode === 'small-group' || mode === 'reserve';
}

function countFitting({ content }: Activity, children: readonly Child[], frame: Frame): number {
  const first = frame.calendar.days[0]?.date ?? frame.unit.start;
  return children.filter((child) => versionFor(content, learnerOn(child, first, frame.home)) !== null).length;
}

const missingFor = (
  { content }: Activity,
  supplies: Table<Supply>,
  stockMoves: Table<StockMove>,
): readonly string[] =>
  content.materials.flatMap(({ supplyId }) => {
    const supply = supplies[supplyId];
    return supply && stockOf(supply, stockMoves).amount === 0 ? [supply.name] : [];
  });
