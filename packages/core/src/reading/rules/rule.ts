import type { Book } from '../../book/index.ts';
import type { PlainDay } from '../../calendar/index.ts';
import type { DayLine, Placement, SpecialEvent, Thing } from '../../unit/index.ts';
import type { Circles } from '../circle/circle.ts';
import type { Finding, Level } from '../ground/finding.ts';
import type { Frame, Placed } from '../plan/plan.ts';

/** What a rule is asked with: a unit, and what several rules look at. */
export interface Asked {
  readonly book: Book;
  readonly frame: Frame;
  readonly today: PlainDay;
  readonly placed: Placed;
  /** What stands on the days of the unit. */
  readonly placements: readonly Placement[];
  /** With what stands in for it in bad weather, what the circles sing about and what is on the list besides, as if it were placed. */
  readonly both: readonly Placement[];
  /** With what the circles sing about. */
  readonly withCircle: readonly Placement[];
  readonly circles: Circles;
  readonly members: readonly Thing[];
  readonly events: readonly SpecialEvent[];
  readonly lines: readonly DayLine[];
}

/**
 * Who is told of what a rule finds besides whoever plans: the phone of whoever is with something on its day, the papers that
 * lie beside it.
 */
export type Audience = 'phone' | 'paper';

/** A way out that may be offered for a finding; what each does stands in `mend`. */
export type Way =
  | 'lead'
  | 'version'
  | 'filler'
  | 'other'
  | 'leaving-out'
  | 'day'
  | 'reserve'
  | 'swap'
  | 'reading'
  | 'looking'
  | 'mended'
  | 'filling'
  | 'bin'
  | 'thinning'
  | 'piece-out'
  | 'shortening'
  | 'moving'
  | 'patience'
  | 'twin'
  | 'clearing'
  | 'book'
  | 'partner'
  | 'making-new'
  | 'plan'
  | 'tub'
  | 'ticking'
  | 'made-set'
  | 'beginning-later'
  | 'simpler-way'
  | 'more-time'
  | 'leaving-lamination'
  | 'splitting'
  | 'circle-shorter'
  | 'earlier-block'
  | 'evening-before'
  | 'made-beforehand'
  | 'maker-earlier';

/** A way of which no more than so many are offered, so that other ways stand beside them. */
export interface FewOf {
  readonly way: Way;
  readonly most: number;
}

/**
 * All that is to be known of a rule about a unit, but for the words of its findings, which are said by its question. Whoever
 * shows, prints or mends findings asks here: there is no other list of rules.
 */
export interface Rule {
  /** What it is about, in a few words. */
  readonly about: string;
  /** How much it may weigh. */
  readonly levels: readonly Level[];
  /** Its rows in docs/cautions.md; none for a rule of the plan itself. */
  readonly rows?: readonly number[];
  /** Its question. Rules that are told together share one. */
  readonly ask: (asked: Asked) => readonly Finding[];
  /**
   * `ever`: also of an idea without days and of what is over. `to-come`: only while there are days to plan.
   * @defaultValue `ever`
   */
  readonly when?: 'ever' | 'to-come';
  /** @defaultValue nobody besides whoever plans */
  readonly tells?: readonly Audience[];
  /** The page that shows what it finds in a place of its own, besides the heads-ups. */
  readonly page?: 'trays';
  /** What may be offered, in this order. */
  readonly ways?: readonly (Way | FewOf)[];
}
