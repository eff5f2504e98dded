import type { SupplyId } from '../../cupboard/index.ts';
import type { ChildId, CornerId, Lead } from '../../house/index.ts';
import type { RecipeId } from '../../library/index.ts';
import type { CirclePieceId, Placement, PlacementId } from '../../unit/index.ts';
import { memoised } from './memo.ts';

/** How much a finding weighs: do not do this; it needs a condition or somebody; worth knowing. */
export type Level = 'stop' | 'care' | 'note';

/** The rules that speak. What each of them is stands in rules/rules.ts. */
export type RuleId =
  | 'caution'
  | 'water'
  | 'may-contain'
  | 'label-unread'
  | 'not-looked'
  | 'unknown'
  | 'out-of-reach'
  | 'picked'
  | 'area-forgotten'
  | 'mess'
  | 'too-much'
  | 'adults-short'
  | 'ratio'
  | 'keepsake'
  | 'book-unread'
  | 'book-back'
  | 'feature-once'
  | 'partner'
  | 'event-without-plan'
  | 'no-twin'
  | 'out-of-stock'
  | 'pieces-missing'
  | 'recorded'
  | 'empty-corner'
  | 'left-out'
  | 'allergen'
  | 'past-the-end'
  | 'in-hand'
  | 'open-slot'
  | 'sketch'
  | 'rounds'
  | 'process'
  | 'order'
  | 'shared-table'
  | 'one-for-two'
  | 'only-watching'
  | 'wont-touch'
  | 'retired-corner'
  | 'event-without-day'
  | 'special-day'
  | 'keep-by'
  | 'broken'
  | 'cooling'
  | 'eaten'
  | 'by-hand'
  | 'bin-crowded'
  | 'bin-path'
  | 'bin-unweighed'
  | 'late'
  | 'place-crowded'
  | 'place-full'
  | 'spoils'
  | 'no-prep-time'
  | 'watch-late'
  | 'watch-awaited'
  | 'watch-unattended'
  | 'circle-over'
  | 'circle-drags'
  | 'circle-wordless';

/** Who keeps a finding as it is, since when and why. */
interface KeptAs {
  readonly by: string;
  readonly at: string;
  readonly why: string;
}

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
  /** Everything placed that it is about; the first is the one to show. Left out: only {@link Finding.placementId}. */
  readonly placementIds?: readonly PlacementId[];
  /** What it has to come after, where that stands in the same unit: moving that one is a way out. */
  readonly comesAfter?: PlacementId;
  /** The pieces of circles that it is about. */
  readonly pieceIds?: readonly CirclePieceId[];
  readonly supplyIds?: readonly SupplyId[];
  /** Its title beside one thing that is placed, where only some of its supplies are there. */
  readonly titles?: Readonly<Record<PlacementId, string>>;
  /** The recipe that makes what it is about: a swap written there may be a way out. */
  readonly recipeId?: RecipeId;
  /** Its row in docs/cautions.md; left out for what is no caution. */
  readonly row?: number;
  /** What to do instead, in a sentence or two. */
  readonly instead?: string;
  /** Naming an adult who may lead this, or anyone, is a way out. */
  readonly lead?: Lead | 'anyone';
  /** The fingerprint of its facts; left out where the whole finding is its facts. */
  readonly facts?: string;
  /** Kept as it is by somebody, and nothing about it has changed since. */
  readonly kept?: KeptAs;
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

const FNV_PRIME = 16777619;
const FNV_START = 2166136261;

/** A short fingerprint of some facts: the same for the same facts in the same order (FNV-1a, twice 32 bits). */
export function fingerprint(facts: readonly unknown[]): string {
  let [one, other] = [FNV_START, FNV_PRIME];
  for (const sign of JSON.stringify(facts)) {
    one = Math.imul(one ^ sign.charCodeAt(0), FNV_PRIME);
    other = Math.imul(other + sign.charCodeAt(0), FNV_START) ^ (other >>> 13);
  }
  return `${(one >>> 0).toString(16).padStart(8, '0')}${(other >>> 0).toString(16).padStart(8, '0')}`;
}

/** The fingerprint of a finding: what it says of itself, else all that it is made of. */
export const factsOf = (finding: Finding): string =>
  finding.facts ?? fingerprint([finding.key, finding.level, finding.days, finding.childIds, finding.detail]);

/** Everything placed that a finding is about. */
export const placementsOf = ({ placementIds, placementId }: Finding): readonly PlacementId[] =>
  placementIds ?? (placementId === null ? [] : [placementId]);

/** The title of a finding beside something that is placed: with what is there of what it is about. */
export const titleAt = ({ title, titles }: Finding, placementId: PlacementId): string =>
  titles?.[placementId] ?? title;

/** How many of something: `1 child`, `3 children`. */
export const counted = (n: number, one: string, many = `${one}s`): string => `${n} ${n === 1 ? one : many}`;

// Nobody reads more names than these; the rest is told as a number.
const MOST_NAMED = 4;

/** Names in a sentence, the first of many: `a, b, c and 5 more`. */
export const fewOf = (names: readonly string[]): string =>
  names.length <= MOST_NAMED
    ? listed(names)
    : listed([...names.slice(0, MOST_NAMED - 1), `${names.length - MOST_NAMED + 1} more`]);

/** Numbers of days, each once and in ascending order: as a finding names them. */
export const inDayOrder = (days: readonly number[]): readonly number[] =>
  [...new Set(days)].toSorted((a, b) => a - b);

// Nobody reads more stretches of days than this; the rest is told as a number.
const MOST_STRETCHES = 6;
const STRETCHES_SHOWN = 3;

/**
 * `Day 3`, `Day 1 to 5`, `Day 2, 4 and 7`; of many stretches the first ones and how many days there are in all.
 * The days in any order, each as often as it comes.
 */
export function formatDays(days: readonly number[]): string {
  const runs = inDayOrder(days).reduce<{ from: number; to: number }[]>((sofar, day) => {
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

/** Findings of several questions as one list, the same one as long as each of them is. */
export const joined = memoised(
  (...lists: readonly [readonly Finding[], ...(readonly Finding[])[]]): readonly Finding[] =>
    lists.length === 1 ? lists[0] : lists.flat(),
);
