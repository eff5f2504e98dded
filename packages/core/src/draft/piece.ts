import type { PersonId } from '../house/index.ts';
import type { ActivityId } from '../library/index.ts';
import type { ShownBy } from '../measure/index.ts';
import type { DraftSpot } from './spots.ts';

/** Something that a draft proposes for a place. */
export interface ProposedPiece {
  readonly spot: DraftSpot;
  readonly activityId: ActivityId;
  readonly title: string;
  readonly shownBy: ShownBy;
  /** Which of the theme's things it is about; null for what the theme is about. */
  readonly aboutId: string | null;
  /** Who would stay with it; null when nobody has to. */
  readonly leadId: PersonId | null;
  /** What speaks for it there, the strongest first: a few words each. */
  readonly reasons: readonly string[];
}
