// Figures of the house and the library: search while typing over 5,000 entries, and opening five years of history.
import { randomBytes } from 'node:crypto';
import { performance } from 'node:perf_hooks';
import {
  cupboardOf,
  freezeDeep,
  homeOf,
  houseNotes,
  LibrarySearch,
  onHand,
  read,
  recordIdOf,
  type Activity,
  type Book,
  type DayRecord,
  type Minutes,
  type PlacementId,
  type PlainDay,
  type StockMove,
  type UnitId,
} from '@kobby/core';
import { DEMO_TODAY } from '@kobby/starter';
import { addDays } from '../packages/core/src/calendar/index.ts';
import { ms, percentile, show } from './figures.ts';

const ENTRIES = 5000;
const WORDS =
  'kite wind lantern bridge clock market paper mirror lock crane pulley letter post night star'.split(' ');
// Texts as they are typed, letter by letter, slips included.
const TYPED = [
  'k',
  'ki',
  'kit',
  'kite',
  'kite r',
  'kite rep',
  'kite repiar',
  'pour',
  'pouring to the line',
  'w',
  'wash',
  'lantren',
  'cou',
  'counting tray',
  'mirror face',
  'zebra',
  'paper boat',
  'blow',
  'bubble wind',
  'clip',
];

const pick = <T>(list: readonly T[], n: number): T => list[n % list.length]!;

/** The starter library over and over, each copy with words of its own. */
function largeLibrary(book: Book): Book {
  const originals = Object.values(book.activities);
  const activities: Record<string, Activity> = {};
  for (let n = 0; n < ENTRIES; n++) {
    const { content, ...rest } = pick(originals, n);
    const words = [
      pick(WORDS, n),
      pick(WORDS, n * 7 + 3),
      pick(WORDS, n * 13 + 5),
      randomBytes(3).toString('hex'),
    ];
    const id = `activity-${n}` as Activity['id'];
    activities[id] = {
      ...rest,
      id,
      content: {
        ...content,
        title: `${content.title} ${words[0]} ${n}`,
        summary: `${content.summary} ${words.join(' ')}`,
      },
    };
  }
  return freezeDeep({ ...book, activities, recipes: {}, songs: {}, bookTitles: {}, sheets: {} });
}

/** Search over 5,000 entries, as when somebody types; and what an edit of one entry costs the index. */
export function benchSearch(demo: Book): void {
  const book = largeLibrary(demo);
  const search = new LibrarySearch();
  let start = performance.now();
  search.follow(book);
  const built = performance.now() - start;
  const times: number[] = [];
  for (let round = -1; round < 10; round++) {
    for (const words of TYPED) {
      start = performance.now();
      search.find({ words, ...(round % 3 === 0 ? { mess: 'clean' as const, onHand: true } : {}) });
      if (round >= 0) times.push(performance.now() - start);
    }
  }
  times.sort((a, b) => a - b);
  show(
    `library search while typing, ${ENTRIES} entries`,
    `median ${ms(percentile(times, 0.5))}, 95 % ${ms(percentile(times, 0.95))}, most ${ms(times.at(-1)!)} (goal 16 ms)`,
  );
  const first = Object.values(book.activities)[0]!;
  const edited = { ...first, content: { ...first.content, title: 'Something else' } };
  start = performance.now();
  search.follow(freezeDeep({ ...book, activities: { ...book.activities, [edited.id]: edited } }));
  show('  the index made anew; after an edit of one entry', `${ms(built)}; ${ms(performance.now() - start)}`);
}

/** A book with five years of days away, stock lines, units and what was recorded of them in it. */
export function fiveYears(demo: Book): Book {
  const DAYS = 5 * 365;
  const from = addDays(DEMO_TODAY, -DAYS);
  const day = (n: number): PlainDay => addDays(from, n % DAYS);
  const kites = demo.units['unit-kites']!;
  const placements = Object.values(demo.placements).filter((placement) => placement.unitId === kites.id);
  const supplies = Object.values(demo.supplies);
  const children = Object.values(demo.children);
  const table = <E extends { readonly id: string }>(list: readonly E[]) =>
    Object.fromEntries(list.map((one) => [one.id, one]));
  const times = <T>(count: number, make: (n: number) => T): T[] =>
    Array.from({ length: count }, (_, n) => make(n));
  const units = times(130, (n) => ({
    ...kites,
    id: `old-${n}` as UnitId,
    title: `Unit ${n}`,
    start: day(n * 14),
  }));
  const moves = times(15_000, (n): StockMove => ({
    id: `old-${n}` as StockMove['id'],
    version: 1,
    supplyId: pick(supplies, n).id,
    kind: pick(['bought', 'used', 'used', 'counted'] as const, n),
    amount: (n % 40) + 1,
    at: `${day(n)}T12:00:00.000Z`,
    paid: null,
    forUnit: null,
  }));
  const absences = times(700, (n) => ({
    id: `old-${n}` as never,
    version: 1,
    childId: pick(children, n).id,
    from: day(n * 2),
    to: day(n * 2 + 1) < day(n * 2) ? day(n * 2) : day(n * 2 + 1),
    parts: [],
  }));
  const old = units.flatMap((unit) =>
    placements.map((placement) => ({
      ...placement,
      id: `${placement.id}-${unit.id}` as typeof placement.id,
      unitId: unit.id,
    })),
  );
  const records = units.flatMap(({ id: unitId }, n) =>
    placements.flatMap(({ id, where }, i): readonly DayRecord[] => {
      if (where.kind !== 'day' && where.kind !== 'corner') return [];
      const placementId = `${id}-${unitId}` as PlacementId;
      const programDay = where.kind === 'day' ? where.day : where.fromDay;
      return [
        {
          ...Object.values(demo.records)[0]!,
          id: recordIdOf(placementId, programDay),
          unitId,
          placementId,
          day: programDay,
          outcome: pick(['loved', 'fine', 'fine', 'lost', 'skipped'] as const, n + i),
          versionId: null,
          turnTook: i % 7 === 0 ? ((15 + (n % 12)) as Minutes) : null,
          children: [{ childId: pick(children, n + i).id, outcome: 'lost' }],
          at: `${day(n * 14 + i)}T12:00:00.000Z`,
        },
      ];
    }),
  );
  return {
    ...demo,
    records: { ...demo.records, ...table(records) },
    units: { ...demo.units, ...table(units) },
    placements: { ...demo.placements, ...table(old) },
    stockMoves: { ...demo.stockMoves, ...table(moves) },
    absences: { ...demo.absences, ...table(absences) },
  };
}

/** From the text that the server sends to the pages of the house and the current unit, with five years of history. */
export function benchLoad(demo: Book): void {
  const book = fiveYears(demo);
  const text = JSON.stringify(book);
  const open = (): void => {
    const opened = freezeDeep(JSON.parse(text) as Book);
    homeOf(opened);
    cupboardOf(opened, DEMO_TODAY);
    houseNotes(opened, DEMO_TODAY);
    const { shelf, supplies, headsUps } = read(opened, 'unit-kites' as UnitId, DEMO_TODAY);
    if (shelf.length + supplies.length + headsUps.length === 0) throw new Error('nothing was read');
  };
  open();
  const start = performance.now();
  for (let run = 0; run < 5; run++) open();
  const opened = (performance.now() - start) / 5;
  const parseStart = performance.now();
  for (let run = 0; run < 5; run++) JSON.parse(text);
  const parsed = (performance.now() - parseStart) / 5;
  const sizes = `${Object.keys(book.stockMoves).length} stock lines, ${Object.keys(book.placements).length} placements`;
  show(
    `the house and a unit opened, five years of history (${sizes})`,
    `${ms(opened)} → ${(opened / parsed).toFixed(1)} of JSON.parse, ${Math.round(text.length / 1e6)} MB`,
  );
  const [supply] = Object.values(book.supplies);
  cupboardOf(book, DEMO_TODAY);
  const edited = { ...book, wishes: {} };
  const again = performance.now();
  cupboardOf(edited, DEMO_TODAY);
  onHand(supply!, []);
  show('  the cupboard after an edit elsewhere', ms(performance.now() - again));
}
