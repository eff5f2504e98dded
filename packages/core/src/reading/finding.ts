import type { ChildId, CornerId } from '../house/index.ts';
import type { Placement, PlacementId } from '../unit/index.ts';

/** How much a finding weighs: do not do this; it needs a condition or somebody; worth knowing. */
export type Level = 'stop' | 'care' | 'note';

/** The rules that speak so far. */
type RuleId =
  | 'empty-corner'
  | 'left-out'
  | 'allergen'
  | 'past-the-end'
  | 'open-slot'
  | 'order'
  | 'shared-table'
  | 'one-for-two'
  | 'only-watching'
  | 'retired-corner'
  | 'event-without-day'
  | 'special-day';

/** Something that the plan knows about itself. */
export interface Finding {
  /** The same for the same matter as the plan changes, so that lists keep their places. */
  readonly key: string;
  readonly rule: RuleId;
  readonly level: Level;
  readonly title: string;
  /** What it is about and what could be done, in a sentence or two. */
  readonly detail: string;
  /** Where the rule comes from. */
  readonly basis: string;
  /** The numbered days that it concerns; empty when it is the whole unit. */
  readonly days: readonly number[];
  readonly cornerIds: readonly CornerId[];
  readonly placementId: PlacementId | null;
  readonly childIds: readonly ChildId[];
}

/** The one sentence that stands wherever findings are shown. */
export const CAUTION_LINE =
  "Kobby points things out; it does not certify. Follow your licence, each child's care plan, product labels and your own eyes.";

/** The part of a finding that a rule about one placement fills in the same way each time. */
export const aboutPlacement = ({
  id,
  where,
}: Placement): Pick<Finding, 'cornerIds' | 'placementId' | 'childIds'> => ({
  cornerIds: where.kind === 'corner' ? [where.cornerId] : [],
  placementId: id,
  childIds: [],
});

// Nobody reads more stretches of days than this; the rest is told as a number.
const MOST_STRETCHES = 6;
const STRETCHES_SHOWN = 3;

/**
 * `Day 3`, `Day 1 to 5`, `Day 2, 4 and 7`; of many stretches the first ones and how many days there are in all.
 * The days in ascending order.
 */
export function formatDays(days: readonly number[]): string {
  const runs = days.reduce<{ from: number; to: number }[]>((sofar, day) => {
    const last = sofar.at(-1);
    if (last && last.to === day - 1) last.to = day;
    else sofar.push({ from: day, to: day });
    return sofar;
  }, []);
  const texts = runs.flatMap(({ from, to }) =>
    from === to ? [`${from}`] : to === from + 1 ? [`${from}`, `${to}`] : [`${from} to ${to}`],
  );
  if (texts.length <= MOST_STRETCHES) return `Day ${listed(texts)}`;
  return `Day ${texts.slice(0, STRETCHES_SHOWN).join(', ')} and so on, ${days.length} days`;
}

/** `a`, `a and b`, `a, b and c`. */
export const listed = (texts: readonly string[]): string =>
  texts.length < 2 ? (texts[0] ?? '') : `${texts.slice(0, -1).join(', ')} and ${texts.at(-1)}`;
