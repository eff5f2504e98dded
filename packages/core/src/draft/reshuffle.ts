import { groupBy, type Book } from '../book/index.ts';
import type { PlainDay } from '../calendar/index.ts';
import type { ChangeInput } from '../changes/index.ts';
import {
  searchFor,
  solveChoice,
  type ChoiceProblem,
  type ChoiceRow,
  type ChoiceSolver,
  type Hope,
  type Picks,
  type Take,
} from '../choosing/index.ts';
import { placementsOf, read, type Finding, type Frame, type Reading } from '../reading/index.ts';
import type { Placement, UnitId, Where } from '../unit/index.ts';
import { afterwards } from './afterwards.ts';
import { MOVE_TERMS, type Disruption, type MoveTerm } from './disruption.ts';
import { MUST_NOT } from './drafting.ts';
import { movablesOf, type Movable, type MoveOption } from './movable.ts';
import { standingRows, type Bench } from './must-hold.ts';
import { childHopes } from './would-be-nice.ts';

/** Something that moves so that the plan holds again. */
export interface PlannedMove {
  readonly placement: Placement;
  readonly to: Where;
  /** Why, in a few words. */
  readonly why: string;
}

/** A plan that holds again, with the fewest moves that were found. */
export interface Reshuffled {
  readonly moves: readonly PlannedMove[];
  /** What has no day any more, and waits in the reserve. */
  readonly lost: readonly PlannedMove[];
  /** What the plan would still point out of what moved or could have. */
  readonly left: readonly Finding[];
  /** The changes that do it. */
  readonly changes: readonly ChangeInput[];
  /** It is proven that there is no better one; false as well when nobody looked. */
  readonly isBest: boolean;
}

interface Cut {
  readonly options: readonly number[];
  /** What stops may not be; the rest is only worse than a move. */
  readonly isStop: boolean;
  readonly title: string;
}

const MOST_ROUNDS = 10;
const TRIES = 150;
const SEED = 20_270_312;
const MOST_NODES = 2000;

/**
 * What of a plan moves, so that it holds again after something has happened. `book` knows who is away, what is closed and how long the unit
 * is; `happened` the rest. The reading judges where everything would stand, as it does for drafts.
 */
export function reshuffle(
  book: Book,
  unitId: UnitId,
  happened: Disruption,
  today: PlainDay,
  solver: ChoiceSolver | null,
): Reshuffled {
  const reading = read(book, unitId, today);
  const { items, options } = movablesOf(book, reading, happened, today);
  const counts = countsOn(reading.frame, today);
  const cuts: Cut[] = [];
  let found: { readonly picks: Picks; readonly isBest: boolean } = { picks: [], isBest: false };
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    const problem = problemOf(book, reading, { items, options }, happened, cuts, today);
    found = best(problem, options, solver, round);
    const told = toldOf(book, unitId, changesFor(items, options, found.picks), today);
    if (cutOff(told.filter(counts), items, found.picks, cuts) === 0) break;
  }
  const { picks, isBest } = found;
  const changes = changesFor(items, options, picks);
  const moved = movesOf(items, options, picks, cuts);
  const mine = new Set<string>(items.map(({ placement }) => placement.id));
  return {
    moves: moved.filter(({ to }) => to.kind !== 'reserve'),
    lost: moved.filter(({ to }) => to.kind === 'reserve'),
    left: toldOf(book, unitId, changes, today).filter(
      (finding) => counts(finding) && placementsOf(finding).some((id) => mine.has(id)),
    ),
    changes,
    isBest,
  };
}

function best(
  problem: ChoiceProblem,
  options: readonly MoveOption[],
  solver: ChoiceSolver | null,
  round: number,
): { readonly picks: Picks; readonly isBest: boolean } {
  const start: (number | null)[] = Array.from({ length: problem.spots }, () => null);
  options.forEach(({ spot, isStay }, o) => {
    if (isStay) start[spot] = o;
  });
  const tries = TRIES * Math.max(1, problem.spots);
  const { picks } = searchFor(problem, { seed: SEED + round, tries, start });
  const solved = solver && solveChoice(problem, solver, MOST_NODES);
  return solved?.isBest ? solved : { picks, isBest: false };
}

function problemOf(
  book: Book,
  reading: Reading,
  { items, options }: { readonly items: readonly Movable[]; readonly options: readonly MoveOption[] },
  happened: Disruption,
  cuts: readonly Cut[],
  today: PlainDay,
): ChoiceProblem {
  const mine = new Set(items.map(({ placement }) => placement));
  const absent = new Map(
    reading.frame.calendar.days.map(({ date, number }) => [
      number,
      new Set<string>(happened.away.flatMap(({ personId, days }) => (days.includes(date) ? [personId] : []))),
    ]),
  );
  const bench: Bench<MoveOption> = {
    ...{ book, reading, options, absent },
    fixed: reading.placements.filter((one) => !mine.has(one)),
    days: reading.frame.calendar.days.filter(({ date }) => date >= today).map(({ number }) => number),
  };
  const weights = Object.fromEntries(
    Object.entries(MOVE_TERMS).map(([term, { points }]) => [term, points]),
  ) as Record<MoveTerm, number>;
  const stops = cuts.filter(({ isStop }) => isStop);
  return {
    spots: items.length,
    options,
    rows: [...standingRows(bench), ...roomRows(bench, items), ...stops.map(rowOf)],
    hopes: [
      // Areas are the business of a draft: nothing moves for them.
      ...childHopes(bench, { ...weights, areas: 0 } as never).filter(({ points }) => points > 0),
      ...emptyHopes(bench),
      ...cuts.filter(({ isStop }) => !isStop).map(hopeOf),
    ],
  };
}

const rowOf = ({ options, title }: Cut): ChoiceRow => ({
  about: title,
  room: options.length - 1,
  takes: options.map((o): Take => [o, 1]),
});
const hopeOf = ({ options, title }: Cut): Hope => ({
  ...{ term: 'holds', about: title, side: 'at-most', points: MOVE_TERMS.holds.points },
  sums: [{ want: options.length - 1, takes: options.map((o): Take => [o, 1]) }],
});

// One thing in a block, or as many as stand there now.
function roomRows({ options, fixed }: Bench<MoveOption>, items: readonly Movable[]): readonly ChoiceRow[] {
  const keyOf = (where: Where): string => (where.kind === 'day' ? `${where.day}:${where.blockId}` : '');
  const there = groupBy(items, ({ placement }) => keyOf(placement.where));
  const stands = groupBy(fixed, ({ where }) => keyOf(where));
  return [...groupBy([...options.keys()], (o) => keyOf(options[o]!.at.where))].map(([key, those]) => ({
    about: 'one thing at a time',
    room: Math.max(there.get(key)?.length ?? 0, stands.has(key) ? 0 : 1),
    takes: those.map((o): Take => [o, 1]),
  }));
}

// A day on which children come has something.
function emptyHopes({ options, fixed, days, reading }: Bench<MoveOption>): readonly Hope[] {
  return days
    .filter((day) => reading.frame.attendance[day - 1]!.children.length > 0)
    .filter((day) => !fixed.some(({ where }) => where.kind === 'day' && where.day === day))
    .filter((day) => !reading.specials.some((special) => special.day === day))
    .map((day) => ({
      ...{ term: 'empty', about: `Day ${day} has a plan`, side: 'at-least', points: MOVE_TERMS.empty.points },
      sums: [
        { want: 1, takes: options.flatMap(({ at }, o): Take[] => (at.days.includes(day) ? [[o, 1]] : [])) },
      ],
    }));
}

// Of what is for today nobody knows yet whether it is ready: that is asked, and nothing moves for it.
const countsOn =
  ({ calendar }: Frame, today: PlainDay) =>
  ({ level, rule, kept, days }: Finding): boolean => {
    if (kept) return false;
    const isAsked = rule === 'late' && days.every((day) => calendar.days[day - 1]?.date === today);
    return !isAsked && (level === 'stop' || MUST_NOT.has(rule));
  };

// What is told of where things would stand may not be, or is worse than a move. How much is new.
function cutOff(told: readonly Finding[], items: readonly Movable[], picks: Picks, cuts: Cut[]): number {
  const known = new Set(cuts.map(({ options }) => options.join()));
  const before = cuts.length;
  for (const finding of told) {
    const ids = new Set<string>(placementsOf(finding));
    const options = picks.filter(
      (pick, i): pick is number => pick !== null && ids.has(items[i]!.placement.id),
    );
    if (options.length === 0 || known.has(options.join())) continue;
    known.add(options.join());
    cuts.push({ options, isStop: finding.level === 'stop', title: finding.title });
  }
  return cuts.length - before;
}

const whereOf = (option: MoveOption | undefined): Where => option?.at.where ?? { kind: 'reserve' };

function changesFor(
  items: readonly Movable[],
  options: readonly MoveOption[],
  picks: Picks,
): readonly ChangeInput[] {
  return items.flatMap(({ placement }, i): ChangeInput[] => {
    const option = options[picks[i] ?? -1];
    if (option?.isStay || (!option && placement.where.kind === 'reserve')) return [];
    const move: ChangeInput = { type: 'unit/move', placementId: placement.id, where: whereOf(option) };
    const lead = option?.wouldBe.lead;
    return lead ? [move, { type: 'unit/assign', placementId: placement.id, personId: lead.id }] : [move];
  });
}

function movesOf(
  items: readonly Movable[],
  options: readonly MoveOption[],
  picks: Picks,
  cuts: readonly Cut[],
): readonly PlannedMove[] {
  return items.flatMap((item, i): PlannedMove[] => {
    const option = options[picks[i] ?? -1];
    if (option?.isStay || (!option && item.placement.where.kind === 'reserve')) return [];
    return [
      {
        placement: item.placement,
        to: whereOf(option),
        why: whyOf(item, i, { items, options, picks, cuts }),
      },
    ];
  });
}

function whyOf(
  { placement, whyNot }: Movable,
  i: number,
  {
    items,
    options,
    picks,
    cuts,
  }: {
    readonly items: readonly Movable[];
    readonly options: readonly MoveOption[];
    readonly picks: Picks;
    readonly cuts: readonly Cut[];
  },
): string {
  if (whyNot !== null) return whyNot;
  if (placement.where.kind === 'reserve') return 'the day would have no plan';
  const stay = options.findIndex(({ spot, isStay }) => spot === i && isStay);
  const cut = cuts.find((one) => one.options.includes(stay));
  if (cut) return cut.title;
  const against = options[stay]?.speaks.find(
    ({ term, points }) => (term === 'keepsake' || term === 'tired') && points < 0,
  );
  if (against) return against.term === 'tired' ? 'too much for a tired day' : 'it waits for a full house';
  const { where } = placement;
  const other = picks.findIndex((pick, j) => {
    const at = pick === null || j === i ? undefined : options[pick];
    return (
      at?.at.where.kind === 'day' &&
      where.kind === 'day' &&
      !at.isStay &&
      at.at.where.day === where.day &&
      at.at.where.blockId === where.blockId
    );
  });
  return other < 0
    ? 'so that everyone has something'
    : `makes room for ${items[other]!.placement.content.title}`;
}

function toldOf(
  book: Book,
  unitId: UnitId,
  changes: readonly ChangeInput[],
  today: PlainDay,
): readonly Finding[] {
  return read(afterwards(book, changes), unitId, today).headsUps;
}
