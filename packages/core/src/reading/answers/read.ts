import type { Book } from '../../book/index.ts';
import type { PlainDay } from '../../calendar/index.ts';
import type { LensId } from '../../skills/index.ts';
import type { DayLine, Placement, SpecialEvent, Theme, Thing, UnitId } from '../../unit/index.ts';
import { balanceOf, type Balance } from '../balance/balance.ts';
import { shelfOf, type Cubby } from '../balance/shelf.ts';
import { outOfReach, type OutOfReach } from '../cautions/reach.ts';
import { beforeUnit, changeOvers, type ChangeOver } from '../changeover/changeover.ts';
import { circlesOf, circleStandIns, together, type Circles } from '../circle/circle.ts';
import { type Finding } from '../ground/finding.ts';
import { traysOf, type TrayRow } from '../fit/trays.ts';
import { costOf, type Cost } from '../gather/cost.ts';
import { gatherLines } from '../gather/gather.ts';
import type { SupplyLine } from '../gather/line.ts';
import { eventsIn, keepingsIn, linesIn, membersIn } from '../plan/of-unit.ts';
import { askedOf } from '../rules/asked.ts';
import { headsUpsOf } from '../rules/heads-ups.ts';
import { verdictsFor, type DayVerdict } from '../order/order.ts';
import { specialDaysIn } from '../plan/copies.ts';
import { bothOf, frameOf, placedIn, themeIn, type Frame, type Twin } from '../plan/plan.ts';
import type { SpecialDay } from '../plan/special.ts';
import { printJobs, type PrintJob } from '../prints/prints.ts';
import { namesIn, packable, packingOf, type Packing } from '../readiness/packing.ts';
import { readinessOf, type Readiness } from '../readiness/ready.ts';
import { lastUses, suggestionsFor, type LastUse, type Spot, type Suggestion } from '../suggest/suggest.ts';

/** Everything that a plan says about itself. Each answer is computed when it is asked for, and then remembered. */
export interface Reading {
  readonly frame: Frame;
  readonly placements: readonly Placement[];
  /** What stands in for something in bad weather, at that one's place and time. */
  readonly twins: readonly Twin[];
  readonly things: readonly Thing[];
  /** The theme, from which patterns are filled. */
  readonly theme: Theme | null;
  readonly events: readonly SpecialEvent[];
  /** Those of them that have a day, on it. */
  readonly specials: readonly SpecialDay[];
  readonly lines: readonly DayLine[];
  readonly shelf: readonly Cubby[];
  readonly supplies: readonly SupplyLine[];
  /** What it costs, against the budget. */
  readonly cost: Cost;
  readonly prints: readonly PrintJob[];
  readonly trays: readonly TrayRow[];
  readonly changeOvers: readonly ChangeOver[];
  /** What is made ready, by whom and when, for every unit of the home. */
  readonly ready: Readiness;
  /** The circles of its days and what stands between the blocks. */
  readonly circles: Circles;
  /** What goes into which folder, basket and bin. */
  readonly packing: Packing;
  readonly outOfReach: readonly OutOfReach[];
  /** What needs attention: stops first, then cares, then notes; within a level by their first day. */
  readonly headsUps: readonly Finding[];
  balance(lens: LensId): Balance;
  /** What could be put in a place, the best first. */
  suggestions(spot: Spot): readonly Suggestion[];
  /** For each day, what moving a placement there would break. */
  verdicts(placement: Placement): readonly DayVerdict[];
}

const NONE: readonly never[] = [];

/**
 * Reads a unit. `today` is the date on the home's clock: nothing is asked of days that are over.
 * @throws {Error} when the book has no such unit.
 */
export function read(book: Book, unitId: UnitId, today: PlainDay): Reading {
  const frame = frameOf(book, unitId);
  const placed = placedIn(book, unitId);
  const { placements, twins } = placed;
  const { supplies } = book;
  let uses: LastUse | null = null;
  return {
    frame,
    placements,
    twins,
    events: eventsIn(book, unitId),
    specials: specialDaysIn(book, unitId),
    things: membersIn(book, unitId),
    theme: themeIn(book, unitId),
    lines: linesIn(book, unitId),
    get shelf() {
      return shelfOf(book, placements, frame);
    },
    get supplies() {
      return gatherLines(book, unitId, today);
    },
    get cost() {
      return costOf(book, gatherLines(book, unitId, today), frame, today);
    },
    get prints() {
      return printJobs(book, bothOf(placed), frame, today);
    },
    get trays() {
      return traysOf(placements, frame);
    },
    get changeOvers() {
      return changeOvers(book, placements, frame, beforeUnit(book, unitId)?.left ?? NONE);
    },
    get ready() {
      return readinessOf(book, today);
    },
    get circles() {
      return circlesOf(book, unitId);
    },
    get packing() {
      const jobs = printJobs(book, bothOf(placed), frame, today);
      const names = namesIn(supplies, book.bookTitles);
      const packed = packable(placements, jobs, linesIn(book, unitId), circlesOf(book, unitId).runs);
      return packingOf(packed, frame, names, today);
    },
    get outOfReach() {
      return outOfReach(book, placements, frame);
    },
    get headsUps() {
      return headsUpsOf(askedOf(book, frame, today), keepingsIn(book, unitId));
    },
    balance: (lens) => balanceOf(book, placements, frame, lens),
    suggestions(spot) {
      uses ??= lastUses(book, unitId);
      return suggestionsFor(book, frame, placements, uses, spot);
    },
    verdicts: (placement) =>
      verdictsFor(book, placement, together(placements, circleStandIns(book, unitId)), frame),
  };
}

/** What stops as things are, but for what somebody keeps as it is with a reason. */
export const openStops = ({ headsUps }: Pick<Reading, 'headsUps'>): readonly Finding[] =>
  headsUps.filter(({ level, kept }) => level === 'stop' && !kept);

/** What an act broke: the findings that are there after it and were not before. */
export const brokenBy = (before: readonly Finding[], after: readonly Finding[]): readonly Finding[] => {
  const known = new Set(before.map(({ key }) => key));
  return after.filter(({ key }) => !known.has(key));
};
