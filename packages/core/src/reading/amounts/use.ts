import type { ClockSpan, ProgramDay } from '../../calendar/index.ts';
import type { Supply } from '../../cupboard/index.ts';
import type { Child } from '../../house/index.ts';
import type { Material, Recipe } from '../../library/index.ts';
import type { Placement } from '../../unit/index.ts';
import type { OwnBowl } from '../kitchen/own-bowl.ts';

/** What one line of a placement's materials takes on one day. */
export interface Use {
  readonly supply: Supply;
  readonly line: Material;
  readonly placement: Placement;
  /** The day on which it is needed; for what is needed once for a span, its first day. */
  readonly day: ProgramDay;
  readonly span: ClockSpan;
  /** The children that were counted, and how many they are. */
  readonly children: readonly Child[];
  readonly heads: number;
  /** Adults that were counted; for lines that are for each adult. */
  readonly adults: number;
  /** How often the line's amount is needed: for each child, group, adult or letter, or once. */
  readonly shares: number;
  readonly spares: number;
  /** Fewer children than are there were counted, because no more fit at once. */
  readonly limitedTo: number | null;
  /** How much of it stands in the corner for good, in the supply's unit; 0 where there is none. */
  readonly standing: number;
  /** In the supply's unit: shares and spares times the line's amount. */
  readonly amount: number;
  /** For what goes into something that is made in it: by which recipe, for how many, and whose own bowl it is. */
  readonly made?: { readonly recipe: Recipe; readonly how: string; readonly own: OwnBowl | null };
}
