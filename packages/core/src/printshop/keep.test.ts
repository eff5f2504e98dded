import { expect, test } from 'vitest';
import {
  printDetails,
  homeOf,
  printLines,
  read,
  readinessOf,
  type ChangeInput,
  type ChildId,
  type Corner,
} from '../index.ts';
import { A_MONDAY, aChild, aCorner, after, TEST_UNIT, testBook } from '../testing/home.ts';
import { stockOf } from '../reading/stock/ledger.ts';
import type { CardThing } from './cards.ts';
import { printJob, type CardJob, type CardOrder } from './job.ts';
import { jobChanges, jobFigures, keptAsSet, levelFor, LEVELS, setFor, type JobSet } from './keep.ts';
import { shopTable } from './table.ts';

const THINGS = ['ferry', 'tugboat', 'buoy', 'crane', 'rope', 'landing stage'];
const book = testBook(
  aCorner('table'),
  aChild('ada', '2025-06-01'),
  aChild('bo', '2022-12-01'),
  aChild('cy', '2021-01-01'),
);
const unit = book.units[TEST_UNIT]!;
const table = shopTable(
  {
    ...read(book, TEST_UNIT, A_MONDAY),
    things: THINGS.map((name) => ({
      name,
      picture: null,
      kind: null,
      colour: null,
      rank: null,
      pair: null,
      parts: [],
    })) as never,
  },
  () => true,
);
const setOf = (kind: CardOrder['kind'], fromMonths: number | null = null): JobSet => {
  const order: CardOrder = { kind, size: 'middle', paper: 'a4', copies: 1 };
  return { order, job: printJob(order, table) as CardJob, fromMonths };
};
const levels = LEVELS.map(({ kind, fromMonths }) => setOf(kind, fromMonths)) as [JobSet, JobSet, JobSet];
const newIds = () => {
  let i = 0;
  return () => `new-${(i += 1)}`;
};
const given = { unit, supplies: Object.values(book.supplies) };
const corner = book.corners.table as Corner;
const printing = (changes: readonly ChangeInput[]) =>
  readinessOf(after(book, ...changes), A_MONDAY).entries.filter(({ task: { kind } }) =>
    ['print', 'laminate', 'cut', 'finish'].includes(kind),
  );

test('what is on the table is that of the unit: its things, the children youngest first, what it features', () => {
  expect(table.things.map(({ name }: CardThing) => name)).toEqual(THINGS);
  expect([table.names, table.letter, table.number]).toEqual([['ada', 'bo', 'cy'], null, null]);
});

test('who is shown by initials is written by name', () => {
  const shown = (shownAs: string) =>
    shopTable(
      read(testBook(aChild('bo', '2022-01-01', { name: 'Bo Marsh', shownAs })), TEST_UNIT, A_MONDAY),
      () => true,
    ).names;
  expect(['Bo', 'B. M.', 'BM', 'Bo M.'].map(shown)).toEqual([['Bo'], ['Bo Marsh'], ['Bo Marsh'], ['Bo M.']]);
});

test('three levels on a shelf: each printed once for those whose age it is, one task, card and pouches gathered', () => {
  const changes = jobChanges(
    levels,
    { laminate: true, goesTo: { kind: 'corner', corner, fromDay: 3 } },
    given,
    newIds(),
  );
  const reading = read(after(book, ...changes), TEST_UNIT, A_MONDAY);
  expect(
    reading.prints.map(({ sheet: { title, made, level }, copyCount, by }) => [
      title,
      made!.kind,
      level,
      copyCount,
      by.number,
    ]),
  ).toEqual([
    ['Picture and word apart: Kites', 'apart', 'from 5 years', 1, 3],
    ['Picture and word: Kites', 'named', 'from 3 years', 1, 3],
    ['Pictures: Kites', 'picture', 'the youngest', 1, 3],
  ]);
  const pages = levels.reduce((sum, { job }) => sum + job.sheets.length, 0);
  expect(
    reading.supplies.map(({ supply: { name }, uses }) => [
      name,
      uses.reduce((sum, { amount }) => sum + amount, 0),
    ]),
  ).toEqual([
    ['Laminating pouches', pages],
    ['White card, sheets', pages],
  ]);
  expect(printing(changes).map(({ task: { text, how } }) => [text.split(':').at(-1), how])).toEqual([
    [' print, laminate, cut', expect.stringMatching(/^print \d+ min, laminate \d+ min, cut \d+ min$/)],
  ]);
});

test('bins hold what is hers: by child, from its day on, still one task', () => {
  const sets = ['ada', 'bo', 'cy'].map((id, i) => ({ child: { id: id as ChildId }, set: levels[i]! }));
  const changes = jobChanges(
    levels,
    { laminate: false, goesTo: { kind: 'bins', fromDay: 2, sets } },
    given,
    newIds(),
  );
  const reading = read(after(book, ...changes), TEST_UNIT, A_MONDAY);
  expect(
    reading.placements.map(({ content, where }) => [content.title, where.kind === 'bin' && where.childId]),
  ).toEqual([
    ['Pictures: Kites', 'ada'],
    ['Picture and word: Kites', 'bo'],
    ['Picture and word apart: Kites', 'cy'],
  ]);
  expect(
    reading.packing.bins.map(({ title, things }) => [title, things.some((one) => / × 1, for /.test(one))]),
  ).toEqual([
    ['Bin of ada', true],
    ['Bin of bo', true],
    ['Bin of cy', true],
  ]);
  expect(printing(changes)).toHaveLength(1);
  // Two who have the same set are one line of the list.
  const same = jobChanges(
    levels,
    {
      laminate: true,
      goesTo: { kind: 'bins', fromDay: 2, sets: sets.map(({ child }) => ({ child, set: levels[1] })) },
    },
    given,
    newIds(),
  );
  const lines = printLines(read(after(book, ...same), TEST_UNIT, A_MONDAY).prints);
  expect(lines.map(({ job, forWhat }) => [forWhat, ...printDetails(job)])).toEqual([
    [
      'bins of ada, bo, cy',
      ...['3 copies × 1 page', 'print on card in colour → laminate → cut', '3 pouches, 18 cards'],
    ],
  ]);
  // Sets that nobody gets are not kept.
  const one = jobChanges(
    levels,
    { laminate: false, goesTo: { kind: 'bins', fromDay: 2, sets: sets.slice(0, 1) } },
    given,
    newIds(),
  );
  expect(one.map(({ type }) => type)).toEqual(['library/put-sheet', 'cupboard/put-supply', 'unit/write']);
});

test('what a job takes is told in whole things; laminated cards are cut one sheet after another', () => {
  const figures = (laminate: boolean) => jobFigures(levels, laminate, unit, homeOf(book));
  // 6 + 6 + 18 cards, nine on a sheet: 4 sheets, each by itself 11 or 15 cuts.
  const { steps, ...rest } = figures(true);
  expect(rest).toEqual({
    ...{ cards: 30, sheets: 4, pouches: 4, untold: [] },
    ...{ cuts: 11 + 11 + 2 * 16, singleCuts: 11 + 11 + 2 * 16 },
    minutes: steps.reduce((sum, { minutes }) => sum + minutes, 0),
  });
  expect(steps.map(({ name }) => name)).toEqual(['print', 'laminate', 'cut']);
  const plain = figures(false);
  expect([plain.pouches, plain.cuts < plain.singleCuts, plain.steps.map(({ name }) => name)]).toEqual([
    0,
    true,
    ['print', 'cut'],
  ]);
  expect(jobFigures([], true, unit, homeOf(book))).toMatchObject({ cards: 0, minutes: 0, steps: [] });
});

test('what the house has already is used up, whatever it is called', () => {
  const known = after(book, {
    type: 'cupboard/put-supply',
    supply: {
      id: 'cs',
      name: 'Cardstock, A4',
      category: 'paper-and-card',
      unit: 'piece',
      use: 'consumable',
      keptIn: null,
      allergens: [],
    },
  });
  const changes = jobChanges(
    [setOf('pairs')],
    { laminate: false, goesTo: { kind: 'corner', corner, fromDay: 1 } },
    { unit, supplies: Object.values(known.supplies) },
    newIds(),
  );
  expect(changes.map(({ type }) => type)).toEqual(['library/put-sheet', 'unit/write']);
  expect(read(after(known, ...changes), TEST_UNIT, A_MONDAY).supplies[0]!.supply.id).toBe('cs');
});

test('a made set is kept with its pieces and its ways to play', () => {
  const then = after(book, ...keptAsSet(setOf('pairs'), unit, 'set-a', '2027-03-08T18:00:00.000Z'));
  const kept = then.supplies['set-a']!;
  expect(stockOf(kept, then.stockMoves).amount).toBe(1);
  expect([kept.set!.pieces[0], kept.set!.waysToPlay.length > 2, kept.got]).toEqual([
    expect.objectContaining({ name: 'card', count: 12 }),
    true,
    'printed',
  ]);
});

test('who would get a set that cannot be made gets the next easier one, else the easiest', () => {
  const [pictures, named, apart] = levels;
  const kinds = (level: JobSet, ...sets: readonly JobSet[]) => setFor(level.order.kind, sets)?.order.kind;
  expect([kinds(apart, named, pictures), kinds(apart, pictures), kinds(pictures, apart, named)]).toEqual([
    'named',
    'picture',
    'named',
  ]);
  expect(setFor('named', [])).toBeNull();
});

test.each([
  [0, 'picture'],
  [35, 'picture'],
  [36, 'named'],
  [60, 'apart'],
  [140, 'apart'],
])('at %d months: %s', (months, kind) => expect(levelFor(months).kind).toBe(kind));
