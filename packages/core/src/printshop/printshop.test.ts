import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { CardThing, Mark, ShopTable } from './cards.ts';
import { printJob, sizeOf, type CardJob } from './job.ts';
import { CARD_KINDS, type CardKindId } from './kinds.ts';
import { CARD_SIZES, MARGIN_MM, PAPERS, type CardSizeId, type PaperId } from './paper.ts';
import { layWords, wordsWidth } from './words.ts';

const thing = (name: string, more: Partial<CardThing> = {}): CardThing => ({
  ...{ name, picture: null, kind: null, colour: null, rank: null, pair: null, parts: [], isShown: true },
  ...more,
});
const HARBOUR = [
  thing('ferry', {
    kind: 'carries',
    colour: 'white',
    rank: 2,
    pair: 'landing stage',
    parts: ['bow', 'deck'],
  }),
  thing('landing stage', { kind: 'stands', colour: 'brown', pair: 'ferry' }),
  thing('tugboat', { kind: 'carries', colour: 'red', rank: 1 }),
  thing('buoy', { kind: 'floats', colour: 'red', rank: 3 }),
  thing('Möwe über Ångström', { kind: 'flies', colour: 'white' }),
  thing('rope', { kind: 'holds', colour: 'brown', isShown: false }),
];
const SAND = ['sieve', 'bucket', 'spade', 'dune'].map((name, i) =>
  thing(name, {
    kind: i < 2 ? 'holds' : 'heaps',
    colour: i % 2 ? 'yellow' : 'grey',
    rank: i + 1,
    parts: ['rim'],
  }),
);
const KINDS = Object.keys(CARD_KINDS) as CardKindId[];
const SIZES = Object.keys(CARD_SIZES) as CardSizeId[];
const PAPER_IDS = Object.keys(PAPERS) as PaperId[];

const NAMES = ['Bo', 'Ada', 'Maximiliane-Josephine', 'Zoë'];
const tableOf = (things: readonly CardThing[], more: Partial<ShopTable> = {}): ShopTable => ({
  ...{ title: 'At the harbour', things, names: NAMES, letter: null, number: null },
  ...more,
});
const jobOf = (
  kind: CardKindId,
  things = HARBOUR,
  size: CardSizeId = 'middle',
  paper: PaperId = 'a4',
  more: Partial<ShopTable> = {},
) => printJob({ kind, size, paper, copies: 1 }, tableOf(things, more));

/** The rectangle that a mark takes on its card. */
function boxOf(mark: Mark) {
  if (mark.kind === 'picture')
    return { x: mark.x, y: mark.y, right: mark.x + mark.size, bottom: mark.y + mark.size };
  if (mark.kind === 'frame')
    return { x: mark.x, y: mark.y, right: mark.x + mark.width, bottom: mark.y + mark.height };
  if (mark.kind === 'dot')
    return { x: mark.x - mark.r, y: mark.y - mark.r, right: mark.x + mark.r, bottom: mark.y + mark.r };
  if (mark.kind === 'line') {
    const [xs, ys] = [mark.points.map(([x]) => x), mark.points.map(([, y]) => y)];
    const pen = mark.width / 2;
    return {
      ...{ x: Math.min(...xs) - pen, y: Math.min(...ys) - pen },
      ...{ right: Math.max(...xs) + pen, bottom: Math.max(...ys) + pen },
    };
  }
  const half = wordsWidth(mark.text, mark.size) / 2;
  return { x: mark.x - half, y: mark.y - mark.size, right: mark.x + half, bottom: mark.y + mark.size * 0.3 };
}

function expectWhole({ sheets, card, grid }: CardJob): void {
  for (const sheet of sheets) {
    for (const one of sheet) {
      expect(Math.min(one.x, one.y)).toBeGreaterThanOrEqual(MARGIN_MM - 1e-9);
      expect(one.x + card.width).toBeLessThanOrEqual(grid.page.width - MARGIN_MM + 1e-9);
      expect(one.y + card.height).toBeLessThanOrEqual(grid.page.height - MARGIN_MM + 1e-9);
      expect(one.card.marks.length).toBeGreaterThan(0);
      for (const box of one.card.marks.map(boxOf)) {
        expect(Math.min(box.x, box.y)).toBeGreaterThanOrEqual(0);
        expect(box.right).toBeLessThanOrEqual(card.width + 1e-9);
        expect(box.bottom).toBeLessThanOrEqual(card.height + 1e-9);
      }
    }
    // Cards touch and never lie on each other.
    const places = sheet.map(({ x, y }) => `${x.toFixed(3)} ${y.toFixed(3)}`);
    expect(new Set(places).size).toBe(places.length);
  }
  expect(sheets.flat().length).toBe(sheets.reduce((sum, sheet) => sum + sheet.length, 0));
}

describe.each(KINDS)('%s', (kind) => {
  test('is made of any theme that has what it needs: all within its cards and margins, nothing too long', () => {
    for (const things of [HARBOUR, SAND])
      for (const size of SIZES)
        for (const paper of PAPER_IDS) {
          const job = jobOf(kind, things, size, paper);
          if (typeof job === 'string') continue;
          expect(job.untold).toEqual([]);
          expect(job.card).toEqual(sizeOf(kind, size, paper));
          expectWhole(job);
        }
    expect(typeof jobOf(kind)).toBe('object');
  });

  test('says in one line what the table lacks, or makes do without', () => {
    const none = jobOf(kind, [], 'middle', 'a4', { names: [], title: '' });
    if (kind === 'numbers') return expect(typeof none).toBe('object');
    expect(none).toMatch(/^[A-Z].*\.$/);
    const bare = jobOf(kind, [thing('rope')]);
    if (typeof bare === 'string') expect(bare).toMatch(/beside/);
    else expectWhole(bare);
  });

  test('of two hundred things lies on as many sheets as it takes', () => {
    const many = Array.from({ length: 200 }, (_, i) =>
      thing(`thing ${i}`, {
        kind: `kind ${i % 3}`,
        colour: `colour ${i % 4}`,
        rank: i + 1,
        pair: `thing ${i ^ 1}`,
      }),
    ).map((one) => ({ ...one, parts: ['rim'] }));
    const job = jobOf(kind, many);
    if (typeof job === 'string') throw new Error(job);
    expect(job.sheets.length).toBe(Math.ceil(job.cards / (job.grid.across * job.grid.down)));
    expectWhole(job);
  });
});

const namesOf = (job: CardJob | string): readonly string[] =>
  typeof job === 'string' ? [job] : job.sheets.flat().map(({ card }) => card.name);
const marksOf = (job: CardJob | string, kind: Mark['kind']) =>
  typeof job === 'string'
    ? []
    : job.sheets.flat().map(({ card }) => card.marks.filter((m) => m.kind === kind));

test.each(KINDS)('%s: the size that is chosen decides something, or is not asked for', (kind) => {
  const { sized } = CARD_KINDS[kind];
  const of = (size: CardSizeId) => jobOf(kind, HARBOUR, size, 'a4', { letter: 'w', number: 4 });
  const [small, large] = [of('small'), of('large')];
  if (sized === null) return expect(small).toEqual(large);
  expect(small).not.toEqual(large);
  if (sized === 'card') expect((small as CardJob).card.width).toBeLessThan((large as CardJob).card.width);
});

describe('what is made', () => {
  test('pairs are twice the same, halves are one each, sizes shrink', () => {
    expect(namesOf(jobOf('pairs', SAND)).slice(0, 2)).toEqual(['sieve', 'sieve']);
    const [left, right] = marksOf(jobOf('halves', SAND), 'picture');
    expect([left![0], right![0]]).toMatchObject([{ as: 'left' }, { as: 'right' }]);
    const sizes = marksOf(jobOf('sizes', SAND), 'picture').slice(0, 3);
    const [large, middling, little] = sizes.map(([mark]) => (mark as { size: number }).size);
    expect([middling! / large!, little! / large!]).toEqual([expect.closeTo(0.65), expect.closeTo(0.35)]);
  });

  test('an order is that of the table, and each card tells its place without reading', () => {
    const job = jobOf('order');
    expect(namesOf(job)).toEqual(['1. tugboat', '2. ferry', '3. buoy']);
    const filled = marksOf(job, 'dot').map(
      (dots) => dots.filter((dot) => 'isFilled' in dot && dot.isFilled).length,
    );
    expect(filled).toEqual([1, 2, 3]);
  });

  test('partners come once, whoever names whom', () => {
    expect(namesOf(jobOf('partners'))).toEqual(['ferry', 'landing stage']);
  });

  test('every number has as many pictures, and the right choice among its three', () => {
    const job = jobOf('clips', SAND);
    marksOf(job, 'picture').forEach((marks, i) => expect(marks).toHaveLength(i + 1));
    marksOf(job, 'words').forEach((marks, i) => {
      const choices = marks.map((mark) => ('text' in mark ? mark.text : ''));
      expect([new Set(choices).size, choices.includes(String(i + 1))]).toEqual([3, true]);
    });
    expect(marksOf(jobOf('frames', SAND), 'picture').map((marks) => marks.length)).toEqual(
      Array.from({ length: 10 }, (_, i) => i + 1),
    );
  });

  test('what sorts by colour says the colour in words', () => {
    const heads = namesOf(jobOf('by-colour')).filter((name) => name.endsWith('to sort by'));
    expect(heads).toEqual(['white, to sort by', 'brown, to sort by', 'red, to sort by']);
  });

  test('several sets are the set again', () => {
    const job = printJob({ kind: 'picture', size: 'small', paper: 'letter', copies: 3 }, tableOf(SAND));
    expect(namesOf(job)).toEqual([...SAND, ...SAND, ...SAND].map(({ name }) => name));
  });
});

describe('words', () => {
  test('of forty letters go on two lines or grow small, and are told when they cannot be read', () => {
    const box = { y: 0, width: 38, height: 12 };
    const long = layWords('the long wooden landing stage of ferries', box, 7)!;
    expect(long.lines).toHaveLength(2);
    expect(layWords('w'.repeat(40), box, 7)).toBeNull();
    const job = jobOf('named', [thing('w'.repeat(40))], 'small');
    expect((job as CardJob).untold).toEqual(['w'.repeat(40)]);
  });

  test('are never wider than their box, whatever is written', () => {
    fc.assert(
      fc.property(
        fc.string({ minLength: 1, maxLength: 40 }),
        fc.integer({ min: 20, max: 90 }),
        (text, width) => {
          const laid = layWords(text, { y: 3, width, height: 14 }, 9);
          for (const line of laid?.lines ?? [])
            expect(wordsWidth(line.text, laid!.size)).toBeLessThanOrEqual(width);
          if (laid) expect(laid.lines.map((line) => line.text).join(' ')).toBe(text);
        },
      ),
    );
  });

  test('with marks on their letters are as wide as the face says', () => {
    expect(wordsWidth('ü', 10)).toBeCloseTo(wordsWidth('u', 10), 0);
    expect(wordsWidth('u\u0308', 10)).toBe(wordsWidth('ü', 10));
    expect(wordsWidth('mm', 10)).toBeGreaterThan(wordsWidth('ii', 10));
  });
});
