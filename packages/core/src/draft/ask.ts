import type { ChildId, CornerId } from '../house/index.ts';
import type { ActivityId } from '../library/index.ts';
import type { Character } from './weights.ts';

/** What of a unit can be drafted by itself. */
export const DRAFT_PARTS = {
  corners: 'the corners',
  days: 'the days',
  circles: 'the circles',
  bins: "the children's bins",
} as const;
export type DraftPart = keyof typeof DRAFT_PARTS;

/** An activity in a place of a draft. */
export interface DraftedAt {
  /** The key of the place. */
  readonly spot: string;
  readonly activityId: ActivityId;
}

/** What is asked of a draft. What stands in the unit stays, whatever is asked. */
export interface DraftAsk {
  readonly parts: readonly DraftPart[];
  /** These days only; null for all that are still to come. */
  readonly days: readonly number[] | null;
  /** This corner, or this child's bin, only. */
  readonly cornerId: CornerId | null;
  readonly childId: ChildId | null;
  readonly character: Character;
  /** Stays where it is: it was liked. */
  readonly kept: readonly DraftedAt[];
  /** Not there. */
  readonly not: readonly DraftedAt[];
  /** Not at all. */
  readonly never: readonly ActivityId[];
}

/** Everything, as the home weighs it. */
export const WHOLE_DRAFT: DraftAsk = {
  parts: ['corners', 'days', 'circles'],
  days: null,
  cornerId: null,
  childId: null,
  character: 'even',
  kept: [],
  not: [],
  never: [],
};
