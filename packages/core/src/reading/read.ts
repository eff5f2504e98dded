import type { Book } from '../book/index.ts';
import type { PlainDay } from '../calendar/index.ts';
import type { LensId } from '../skills/index.ts';
import type { DayLine, Keeping, Omission, Placement, SpecialEvent, Thing, UnitId } from '../unit/index.ts';
import { balanceOf, type Balance } from './balance/balance.ts';
import { shelfFindings, shelfOf, type Cubby } from './balance/shelf.ts';
import { allergenFindings } from './cautions/allergens.ts';
import { binFindings } from './bins/findings.ts';
import { cautionFindings, supplyFindings, waterFindings } from './cautions/cautions.ts';
import { eatenFindings } from './cautions/eaten.ts';
import { withInherited } from './cautions/inherit.ts';
import { keepByFindings } from './cautions/keep-by.ts';
import { outOfReach, reachFindings, type OutOfReach } from './cautions/reach.ts';
import { beforeUnit, changeOvers, type ChangeOver } from './changeover/changeover.ts';
import { circlesOf, circleStandIns, together, type Circles } from './circle/circle.ts';
import { circleFindings } from './circle/findings.ts';
import { aboutPieces } from './circle/stand-ins.ts';
import { adultFindings, dayFindings, twinFinding } from './conduct/days.ts';
import { ratioFindings } from './conduct/ratio.ts';
import {
  areaFindings,
  bookFindings,
  featureFindings,
  partnerFindings,
  planFindings,
} from './conduct/theme.ts';
import { byHandFindings, pieceFindings, stockFindings } from './conduct/things.ts';
import { eventFindings } from './events.ts';
import { acrossUnitsFindings, oneForTwoFindings, reusablesOf } from './exclusive/one-for-two.ts';
import { retiredCornerFindings, sharedTableFindings } from './exclusive/tables.ts';
import { factsOf, type Finding, type Level } from './finding.ts';
import { watchFindings } from './forecast/findings.ts';
import { leftOutFindings } from './fit/left-out.ts';
import { openSlotFindings } from './fit/open-slots.ts';
import { traysOf, type TrayRow } from './fit/trays.ts';
import { watchingFindings } from './fit/watching.ts';
import { costOf, type Cost } from './gather/cost.ts';
import { gatherLines } from './gather/gather.ts';
import type { SupplyLine } from './gather/line.ts';
import { memoised, stableGroups } from './memo.ts';
import { orderFindings, verdictsFor, type DayVerdict } from './order/order.ts';
import { bothOf, frameOf, phaseOf, placedIn, type Frame, type Placed, type Twin } from './plan/plan.ts';
import { printJobs, type PrintJob } from './prints/prints.ts';
import { readyFindings } from './readiness/findings.ts';
import { namesIn, packable, packingOf, type Packing } from './readiness/packing.ts';
import { readinessOf, watchedIn, type Readiness } from './readiness/ready.ts';
import { lastUses, suggestionsFor, type LastUse, type Spot, type Suggestion } from './suggest.ts';

/** Everything that a plan says about itself. Each answer is computed when it is asked for, and then remembered. */
export interface Reading {
  readonly frame: Frame;
  readonly placements: readonly Placement[];
  /** What stands in for something in bad weather, at that one's place and time. */
  readonly twins: readonly Twin[];
  readonly things: readonly Thing[];
  readonly events: readonly SpecialEvent[];
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

const thingsOf = stableGroups((thing: Thing) => thing.unitId);
const eventsOf = stableGroups((event: SpecialEvent) => event.unitId);
const linesOf = stableGroups((line: DayLine) => line.unitId);
const keepingsOf = stableGroups((keeping: Keeping) => keeping.unitId);
const omissionsOf = stableGroups((omission: Omission) => omission.unitId);

const NONE: readonly never[] = [];
const byOrder = memoised(<E extends { readonly order: string }>(entities: readonly E[]): readonly E[] =>
  entities.toSorted((a, b) => (a.order < b.order ? -1 : a.order > b.order ? 1 : 0)),
) as <E extends { readonly order: string }>(entities: readonly E[]) => readonly E[];

/**
 * Reads a unit. `today` is the date on the home's clock: nothing is asked of days that are over.
 * @throws {Error} when the book has no such unit.
 */
export function read(book: Book, unitId: UnitId, today: PlainDay): Reading {
  const frame = frameOf(book, unitId);
  const placed = placedIn(book, unitId);
  const { placements, twins } = placed;
  const { corners, supplies, stockMoves, activities } = book;
  const omissions = omissionsOf(book.omissions).get(unitId) ?? NONE;
  let uses: LastUse | null = null;
  return {
    frame,
    placements,
    twins,
    events: eventsOf(book.events).get(unitId) ?? NONE,
    things: byOrder(thingsOf(book.things).get(unitId) ?? NONE),
    lines: byOrder(linesOf(book.dayLines).get(unitId) ?? NONE),
    get shelf() {
      return shelfOf(placements, frame, corners, omissions);
    },
    get supplies() {
      return gatherLines(book, unitId, today);
    },
    get cost() {
      return costOf(gatherLines(book, unitId, today), frame, supplies, stockMoves, book.usedDays, today);
    },
    get prints() {
      return printJobs(bothOf(placed), frame, book.sheets, today);
    },
    get trays() {
      return traysOf(placements, frame);
    },
    get changeOvers() {
      return changeOvers(placements, frame, supplies, corners, beforeUnit(book, unitId)?.left ?? NONE);
    },
    get ready() {
      return readinessOf(book, today);
    },
    get circles() {
      return circlesOf(book, unitId);
    },
    get packing() {
      const jobs = printJobs(bothOf(placed), frame, book.sheets, today);
      const lines = linesOf(book.dayLines).get(unitId) ?? NONE;
      const names = namesIn(supplies, book.bookTitles);
      const packed = packable(placements, jobs, lines, circlesOf(book, unitId).runs);
      return packingOf(packed, frame, names, today);
    },
    get outOfReach() {
      return outOfReach(placements, frame, withInherited(supplies, book.recipes));
    },
    get headsUps() {
      return headsUpsOf(book, frame, placed, today);
    },
    balance: (lens) => balanceOf(placements, frame, corners, lens),
    suggestions(spot) {
      uses ??= lastUses(book, unitId);
      return suggestionsFor(frame, placements, book, uses, spot);
    },
    verdicts: (placement) => verdictsFor(placement, placements, frame, activities),
  };
}

/** Every rule asked about a unit, and what of it somebody keeps as it is. */
function headsUpsOf(book: Book, frame: Frame, placed: Placed, today: PlainDay): readonly Finding[] {
  const { corners, supplies, stockMoves, activities, bookTitles } = book;
  const { placements } = placed;
  const of = <T>(groups: ReadonlyMap<UnitId, readonly T[]>): readonly T[] =>
    groups.get(frame.unit.id) ?? NONE;
  const events = of(eventsOf(book.events));
  const omissions = of(omissionsOf(book.omissions));
  const here = reusablesOf(placements, frame, supplies, corners);
  const acrossUnits = neighboursOf(book, frame).map((other) => {
    const there = reusablesOf(placedIn(book, other.unit.id).placements, other, supplies, corners);
    return acrossUnitsFindings(here, frame, there, other.unit, stockMoves, today);
  });
  const [circle, standIns] = [circlesOf(book, frame.unit.id), circleStandIns(book, frame.unit.id)];
  const both = together(bothOf(placed), standIns);
  const withCircle = together(placements, standIns);
  // What a recipe makes brings along what goes into it.
  const things = withInherited(supplies, book.recipes);
  const phase = phaseOf(frame, today);
  // What is over is over, and an idea has no days to fill: only what the children meet is looked at.
  const conduct =
    phase === 'over' || phase === 'idea'
      ? []
      : [
          areaFindings(placements),
          featureFindings(placements, frame),
          partnerFindings(byOrder(of(thingsOf(book.things)))),
          planFindings(events),
          bookFindings(of(linesOf(book.dayLines)), circle.stuff.pieces, frame, bookTitles),
          dayFindings(withCircle, frame, today),
          circleFindings(circle.runs, frame, circle.patience.factor, today),
          adultFindings(placements, frame, today),
          ratioFindings(frame, today),
          twinFinding(placements, twinnedIn(placed), frame, today),
          stockFindings(gatherLines(book, frame.unit.id, today)),
          byHandFindings(gatherLines(book, frame.unit.id, today)),
          pieceFindings(placements, frame, supplies, today),
          readyFindings(readinessOf(book, today), frame.unit, frame.home, today),
          watchFindings(watchedIn(book, today), frame, phase === 'now'),
        ];
  const found = inOrder(
    shelfFindings(placements, frame, corners, omissions, today),
    leftOutFindings(placements, frame, today),
    allergenFindings(both, frame, things, book.recipes, today),
    cautionFindings(both, frame, things, today),
    waterFindings(both, frame, today),
    supplyFindings(both, frame, things, today),
    reachFindings(placements, frame, things, today),
    eatenFindings(both, frame, things, today),
    keepByFindings(both, frame, supplies, book.recipes, book.batches, today),
    binFindings(placements, frame, supplies, corners, today),
    openSlotFindings(placements, frame.unit),
    orderFindings(placements, frame, activities),
    sharedTableFindings(placements, frame, corners, today),
    retiredCornerFindings(placements, corners),
    oneForTwoFindings(withCircle, frame, supplies, corners, stockMoves, today),
    watchingFindings(placements, frame, today),
    eventFindings(events, placements, frame),
    ...acrossUnits,
    ...conduct,
  );
  return withKept(toldOfPieces(found), of(keepingsOf(book.keepings)));
}

const toldOfPieces = memoised((found: readonly Finding[]): readonly Finding[] => {
  const told = found.map(aboutPieces);
  return told.every((one, i) => one === found[i]) ? found : told;
});

const twinnedIn = memoised(({ twins }: Placed): ReadonlySet<string> => new Set(twins.map(({ of }) => of.id)));

// What is kept goes to the end, and comes back as soon as its facts are others.
const withKept = memoised((found: readonly Finding[], keepings: readonly Keeping[]): readonly Finding[] => {
  if (keepings.length === 0) return found;
  const byKey = new Map(keepings.map((keeping) => [keeping.key, keeping]));
  const open: Finding[] = [];
  const kept: Finding[] = [];
  for (const finding of found) {
    const keeping = byKey.get(finding.key);
    if (keeping?.facts === factsOf(finding)) {
      const { by, at, why } = keeping;
      kept.push({ ...finding, kept: { by, at, why } });
    } else open.push(finding);
  }
  return [...open, ...kept];
});

/** The frames of the units whose days overlap those of this one. */
function neighboursOf(book: Book, { unit, calendar }: Frame): readonly Frame[] {
  const last = calendar.days.at(-1)?.date;
  if (unit.start === null || last === undefined) return NONE;
  return Object.values(book.units)
    .filter(({ id, start }) => id !== unit.id && start !== null && start <= last)
    .map(({ id }) => frameOf(book, id))
    .filter((other) => (other.calendar.days.at(-1)?.date ?? '') >= unit.start!);
}

const WEIGHT: Record<Level, number> = { stop: 0, care: 1, note: 2 };

const inOrder = memoised(
  (...lists: readonly [readonly Finding[], ...(readonly Finding[])[]]): readonly Finding[] =>
    lists.flat().toSorted((a, b) => WEIGHT[a.level] - WEIGHT[b.level] || (a.days[0] ?? 0) - (b.days[0] ?? 0)),
);

/** What an act broke: the findings that are there after it and were not before. */
export const brokenBy = (before: readonly Finding[], after: readonly Finding[]): readonly Finding[] => {
  const known = new Set(before.map(({ key }) => key));
  return after.filter(({ key }) => !known.has(key));
};
