// Figures of drafting: how soon there is a first proposal, how far it and the last one lie from what no plan can be above, and how often
// a reshuffle by search alone is as good as the one that a solver proves; how soon a thousand weeks are tried.
import loadHighs from 'highs';
import {
  appraise,
  boundOf,
  Drafting,
  gapOf,
  NOTHING_HAPPENED,
  placingOf,
  proposals,
  read,
  reshuffle,
  searchFor,
  sureProblemOf,
  tryWeeks,
  type Book,
  type ChangeInput,
  type ChoiceSolver,
  type Disruption,
} from '@kobby/core';
import { after } from '../packages/core/src/testing/home.ts';
import { aChoice } from '../packages/core/src/testing/choices.ts';
import { seeded } from '../packages/core/src/testing/problems.ts';
import { aDraftedHome, DRAFT_TODAY, DRAFT_UNIT } from '../packages/starter/src/testing/drafted-homes.ts';
import { ms, percentile, show } from './figures.ts';

const HOMES = 8;
const DISRUPTIONS = 20;
const today = DRAFT_TODAY as never;
// About sixty places with five options each, as many wishes, and room that is short everywhere: harder than any home so far.
const TIGHT = { spots: 60, options: 9, rows: 12, hopes: 20 };
const TIGHT_SEEDS = 5;
const LONG = 20;

const percent = (share: number): string => `${(share * 100).toFixed(2)} %`;
const since = (start: number): number => performance.now() - start;
const middle = (values: readonly number[]): number =>
  percentile(
    values.toSorted((a, b) => a - b),
    0.5,
  );

/** Drafts of made-up homes with the whole library, and of problems that are tighter than those. */
export async function benchDraft(): Promise<void> {
  const highs = await loadHighs();
  const solver: ChoiceSolver = (lp, options) => highs.solve(lp, options);
  benchHomes(solver);
  benchLarge(solver);
  benchTight(solver);
  benchReshuffle(solver);
  benchSure();
}

function benchHomes(solver: ChoiceSolver): void {
  const [built, first, bound, last, gaps, firstGaps]: number[][] = [[], [], [], [], [], []];
  for (let seed = 1; seed <= HOMES; seed += 1) {
    const book = aDraftedHome(seed);
    let start = performance.now();
    const drafting = new Drafting(book, DRAFT_UNIT, today);
    built!.push(since(start));
    start = performance.now();
    const [one, two, three] = timed(proposals(drafting, solver), start);
    first!.push(one!.at);
    bound!.push((two ?? one!).at);
    last!.push((three ?? one!).at);
    firstGaps!.push(two ? (gapOf(two.value) ?? 0) : 0);
    gaps!.push(gapOf((three ?? one!).value) ?? 0);
  }
  show('what could come where, asked of the rules', ms(middle(built!)));
  show('  first proposal, judged, after', ms(middle(first!)));
  show('  certificate after', `${ms(middle(bound!))}: the first within ${percent(middle(firstGaps!))}`);
  show(
    '  last proposal after',
    `${ms(middle(last!))}: within ${percent(middle(gaps!))}, at most ${percent(Math.max(...gaps!))}`,
  );
}

function timed<T>(steps: Iterable<T>, start: number): { readonly value: T; readonly at: number }[] {
  const found: { value: T; at: number }[] = [];
  for (const value of steps) found.push({ value, at: since(start) });
  return found;
}

function benchLarge(solver: ChoiceSolver): void {
  const home = aDraftedHome(3);
  const unit = { ...home.units[DRAFT_UNIT]!, dayCount: 30, budget: null };
  const book = after(home, { type: 'unit/revise', unit } as ChangeInput);
  let start = performance.now();
  const drafting = new Drafting(book, DRAFT_UNIT, today);
  const built = since(start);
  start = performance.now();
  const steps = timed(proposals(drafting, solver), start);
  const { value, at } = steps.at(-1)!;
  show(
    `thirty days, ${drafting.spots.length} places, ${drafting.options.length} options`,
    `${ms(built)}, first ${ms(steps[0]!.at)}, last ${ms(at)}: within ${percent(gapOf(value) ?? 0)}`,
  );
}

function benchTight(solver: ChoiceSolver): void {
  const [times, gaps, long]: number[][] = [[], [], []];
  for (let seed = 1; seed <= TIGHT_SEEDS; seed += 1) {
    const problem = aChoice(seed, TIGHT);
    const { value: most, guide } = boundOf(problem, solver)!;
    const start = performance.now();
    const { picks } = searchFor(problem, { seed, tries: 600 * TIGHT.spots, guide });
    times!.push(since(start));
    const { value } = appraise(problem, picks);
    const longer = searchFor(problem, { seed: seed + 1, tries: 600 * TIGHT.spots * LONG, guide }).value;
    gaps!.push((most - value) / Math.max(1, Math.abs(most)));
    long!.push((Math.max(longer, value) - value) / Math.max(longer, value));
  }
  show(
    `tight made-up problems of ${TIGHT.spots} places`,
    `${ms(middle(times!))}: ${percent(middle(gaps!))} below the bound, ${percent(middle(long!))} below a run of ${LONG} times`,
  );
}

function benchReshuffle(solver: ChoiceSolver): void {
  let same = 0;
  let moves = 0;
  const times: number[] = [];
  for (let seed = 1; seed <= DISRUPTIONS; seed += 1) {
    const { book, happened } = disrupted(seed);
    const start = performance.now();
    const searched = reshuffle(book, DRAFT_UNIT, happened, '2027-03-08' as never, null);
    times.push(since(start));
    const proven = reshuffle(book, DRAFT_UNIT, happened, '2027-03-08' as never, solver);
    moves += proven.moves.length + proven.lost.length;
    const isSame =
      searched.moves.length === proven.moves.length &&
      searched.lost.length === proven.lost.length &&
      searched.left.length === proven.left.length;
    if (isSame) same += 1;
  }
  show(
    `reshuffles after ${DISRUPTIONS} disruptions, ${moves} moves in all`,
    `${ms(middle(times))} by search alone, as good as the proven one in ${same}`,
  );
}

// How soon a thousand weeks of a drafted unit without anything standing in are tried, by problem and by try.
function benchSure(): void {
  const { book } = disrupted(1);
  const reading = read(book, DRAFT_UNIT, today);
  let start = performance.now();
  const problem = sureProblemOf(book, reading, today);
  const asked = since(start);
  start = performance.now();
  const [sure] = tryWeeks(problem, { seed: 1, tries: 1000, step: 1000 });
  show('a thousand weeks, what is tried', ms(asked));
  show(
    '  tried, in the worker',
    `${ms(since(start))}: ${problem.days.length} days, ${problem.comes.length} children, every day holds in ${percent(sure!.whole)}`,
  );
}

// A drafted unit without anything standing in, and two or three things that happen to it.
function disrupted(seed: number): { readonly book: Book; readonly happened: Disruption } {
  const empty = aDraftedHome(seed);
  const proposal = [...proposals(new Drafting(empty, DRAFT_UNIT, today), null)].at(-1)!;
  const pieces = proposal.pieces.filter(({ spot }) => spot.of === null);
  const placing = placingOf(pieces, DRAFT_UNIT, (key) => `p-${key.replaceAll(':', '-')}`);
  let book = after(empty, ...placing);
  const random = seeded(seed);
  const { days } = read(book, DRAFT_UNIT, today).frame.calendar;
  const day = () => days[Math.floor(random() * days.length)]!.date;
  if (random() < 0.4) {
    const unit = { ...book.units[DRAFT_UNIT]!, dayCount: days.length - 1 - Math.floor(random() * 2) };
    book = after(book, { type: 'unit/revise', unit } as ChangeInput);
  }
  if (random() < 0.5)
    for (const childId of Object.keys(book.children).slice(0, 2))
      book = after(book, {
        type: 'house/put-absence',
        absence: { id: `ill-${childId}`, childId, from: days[1]!.date, to: days[3]!.date } as never,
      });
  const happened = {
    ...NOTHING_HAPPENED,
    wet: random() < 0.6 ? [day(), day()] : [],
    tired: random() < 0.5 ? [day()] : [],
    away: random() < 0.4 ? [{ personId: 'adult-0' as never, days: [day()] }] : [],
  };
  return { book, happened };
}
