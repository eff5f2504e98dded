// Figures of a home of five years: the first reading of each page in a book of which nobody asked anything yet, and once more after a record.
import { performance } from 'node:perf_hooks';
import {
  areasMet,
  composeChildLetter,
  copiedIn,
  couldComeNext,
  cupboardOf,
  firstOf,
  freezeDeep,
  houseNotes,
  lookBackOn,
  mattersOf,
  metBy,
  monthsUpTo,
  MONTHS_SHOWN,
  overMonths,
  nextRungs,
  read,
  startFromEarlier,
  startingAgain,
  watchedIn,
  yearOf,
  type Book,
  type ChangeInput,
  type ChildId,
  type PlainDay,
  type UnitId,
} from '@kobby/core';
import { DEMO_TODAY } from '@kobby/starter';
import { after } from './bench-planning.ts';
import { fiveYears } from './bench-house.ts';
import { ms, show } from './figures.ts';

const UNIT = 'unit-kites' as UnitId;
const BO = 'bo' as ChildId;
const reading = (book: Book) => read(book, UNIT, DEMO_TODAY);

/** What each page asks of the book before it stands. */
const PAGES: Readonly<Record<string, (book: Book) => unknown>> = {
  units: (book) => {
    const now = yearOf(book, DEMO_TODAY).units.filter(({ phase }) => phase === 'now' || phase === 'to-come');
    return now.map(({ unit }) => {
      const { shelf, headsUps, supplies } = read(book, unit.id, DEMO_TODAY);
      return [shelf, mattersOf(headsUps), supplies];
    });
  },
  corners: (book) => [reading(book).shelf, reading(book).headsUps],
  days: (book) => [reading(book).placements, reading(book).lines, reading(book).specials],
  suggestions: (book) => reading(book).suggestions({}),
  circle: (book) => reading(book).circles,
  trays: (book) => reading(book).trays,
  gather: (book) => [reading(book).supplies, reading(book).cost],
  'make ready': (book) => reading(book).ready,
  'look back': (book) => lookBackOn(book, reading(book), DEMO_TODAY),
  'start again': (book) => {
    let made = 0;
    const unit = { ...book.units['unit-post']!, id: 'unit-again' as UnitId, start: '2028-02-14' as PlainDay };
    const { changes } = startFromEarlier(book, 'unit-post' as UnitId, unit, () => `again-${(made += 1)}`);
    const begun = { tried: after(book, [...changes]), id: unit.id, copies: copiedIn(changes) };
    return startingAgain(book, 'unit-post' as UnitId, begun, DEMO_TODAY);
  },
  watch: (book) => watchedIn(book, DEMO_TODAY),
  house: (book) => houseNotes(book, DEMO_TODAY),
  cupboard: (book) => cupboardOf(book, DEMO_TODAY),
  'a child': (book) => {
    const months = monthsUpTo(DEMO_TODAY, MONTHS_SHOWN);
    const mets = metBy(book, BO, firstOf(months[0]!));
    return [mets, areasMet(mets, months), nextRungs(book.children[BO]!, mets)];
  },
  'a child, all years': (book) => metBy(book, BO, null),
  year: (book) => [
    overMonths(book, 'development', DEMO_TODAY),
    couldComeNext(book, 'development', DEMO_TODAY),
    yearOf(book, DEMO_TODAY),
  ],
  'a page for the family': (book) =>
    composeChildLetter(book, BO, { from: '2027-01-01' as PlainDay, to: DEMO_TODAY, today: DEMO_TODAY }),
};

const timed = (work: () => unknown): number => {
  const start = performance.now();
  work();
  return performance.now() - start;
};

/** Prints a line a page. Whatever is asked was asked of the demo before, so that what is measured is not the warming up of the engine. */
export function benchPages(demo: Book): void {
  const years = JSON.stringify(fiveYears(demo));
  const record = {
    type: 'daybook/record',
    record: { unitId: UNIT, placementId: 'unit-kites-1', day: 1, outcome: 'loved' },
  } as ChangeInput;
  for (const ask of Object.values(PAGES)) ask(demo);
  const opened = freezeDeep(JSON.parse(years) as Book);
  show('pages of a home of five years, first reading (goal 100 ms); after a record (goal 16 ms)', '');
  show(
    '  all of them one after the other',
    Object.entries(PAGES)
      .map(([name, ask]) => `${name} ${ms(timed(() => ask(opened)))}`)
      .join(', '),
  );
  for (const [name, ask] of Object.entries(PAGES)) {
    const book = freezeDeep(JSON.parse(years) as Book);
    const first = timed(() => ask(book));
    const recorded = after(book, [record]);
    show(`  ${name}`, `${ms(first)}; ${ms(timed(() => ask(recorded)))}`);
  }
}
