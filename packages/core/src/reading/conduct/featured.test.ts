import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { Book } from '../../book/index.ts';
import type { ChangeInput } from '../../changes/index.ts';
import { cases } from '../../testing/cases.ts';
import { aPiece, aSong, circleBook } from '../../testing/circle.ts';
import {
  A_MONDAY,
  after,
  aMaterial,
  anActivity,
  aSupply,
  aVersion,
  inReserve,
  onDay,
  revised,
  TEST_UNIT,
} from '../../testing/home.ts';
import type { Feature } from '../../unit/index.ts';
import { read } from '../answers/read.ts';
import { frameOf } from '../plan/plan.ts';

/** One way in which a child meets a word: a change or two that bring it into the unit. */
const WAYS: Readonly<Record<string, (word: string) => readonly ChangeInput[]>> = {
  'title of an activity': (word) => [anActivity('w1', { title: word }), onDay('w1', 'w1', 1)],
  'new word of a version': (word) => [
    anActivity('w2', { versions: [aVersion(0, null, { word: `${word}: what it means` })] }),
    onDay('w2', 'w2', 2),
  ],
  'name of a material': (word) => [
    aSupply('s3', { name: word }),
    anActivity('w3', { materials: [aMaterial('s3', 1)] }),
    inReserve('w3', 'w3'),
  ],
  'title of a sheet': (word) => [
    { type: 'library/put-sheet', sheet: { id: 's4', title: word } },
    anActivity('w4', { sheetIds: ['s4'] }),
    onDay('w4', 'w4', 3),
  ],
  'member of the theme': (word) => [
    { type: 'unit/put-thing', thing: { id: 't5', unitId: TEST_UNIT, name: word, order: 'a1' } },
  ],
  'title of a song': (word) => [
    aSong('s6', { title: word }),
    aPiece('p6', 'a2', { songId: 's6', words: '' }),
  ],
  'what is talked about': (word) => [aPiece('p7', 'a3', { words: word })],
};
const NAMES = Object.keys(WAYS);

/** What is featured, a word that shows it, and one that does not. */
const FEATURED: readonly (readonly [Pick<Feature, 'kind' | 'value'>, string, string])[] = [
  [{ kind: 'letter', value: 'Q' }, 'the quilt', 'a plaque of the mat'],
  [{ kind: 'letter', value: 'th' }, 'Thimble', 'the mat with this'],
  [{ kind: 'number', value: '7' }, 'Seven mats', '17 mats, or 70'],
  [{ kind: 'colour', value: 'deep plum' }, 'a deep plum mat', 'plum and deep'],
  [{ kind: 'shape', value: 'oval' }, 'Ovals', 'removal'],
];

const quiet = (book: Book): Book =>
  after(
    book,
    ...['m1', 'm2', 'm3', 'm4'].flatMap((id) => [anActivity(id, { title: 'Mat' }), inReserve(id, id)]),
  );
const base = quiet(circleBook());
const told = (book: Book): string[] =>
  read(book, TEST_UNIT, A_MONDAY)
    .headsUps.filter((one) => one.rule === 'feature-once')
    .map(({ detail }) => detail);

describe('what is featured', () => {
  test('is met wherever it has words: in fewer than two places it is told, and where', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...FEATURED),
        fc.array(fc.boolean(), { minLength: NAMES.length, maxLength: NAMES.length }),
        ([feature, word, other], has) => {
          const unit = revised(base, { featured: [{ ...feature, span: 'unit' }] });
          const book = after(base, unit, ...NAMES.flatMap((name, i) => WAYS[name]!(has[i] ? word : other)));
          const many = has.filter(Boolean).length;
          const name = `${feature.kind} ${feature.value}`;
          const [detail] = told(book);
          if (many === 0) expect(detail).toBe(`${name} nowhere.`);
          else if (many === 1) expect(detail).toMatch(new RegExp(`^${name} once: `));
          else expect(detail).toBeUndefined();
        },
      ),
      { numRuns: cases(60, 600) },
    );
  });

  test('is met in the words, the books and the first sounds of a theme, and in amounts that are counted by it', () => {
    const letter = { kind: 'letter', value: 'K', span: 'unit' } as const;
    const words = after(base, revised(base, { featured: [letter], words: ['keel', 'knot'] }));
    expect(told(words)).toEqual([]);
    const thing = { id: 't', unitId: TEST_UNIT, name: 'cord', firstSound: 'k', order: 'a1' };
    const sound = after(
      base,
      { type: 'unit/put-thing', thing },
      { type: 'library/put-book', book: { id: 'b', title: 'A day of knots', level: 'lap' } },
      revised(base, { featured: [letter], bookIds: ['b'] as never }),
    );
    expect(told(sound)).toEqual([]);
    const counted = after(
      base,
      revised(base, { featured: [{ kind: 'number', value: '4', span: 'unit' }] }),
      aSupply('pegs'),
      ...(['featured-number', 'one-to-n'] as const).flatMap((times) => [
        anActivity(times, { materials: [aMaterial('pegs', 1, { times })] }),
        inReserve(times, times),
      ]),
    );
    expect(told(counted)).toEqual([]);
  });
});

describe("a month's feature", () => {
  const starts = (id: string, start: string, featured: readonly Feature[]): ChangeInput => ({
    type: 'unit/start',
    unit: { id, title: id, style: 'theme', start, dayCount: 5, featured: [...featured] },
  });
  const six: Feature = { kind: 'number', value: '6', span: 'month' };
  const featuredOf = (book: Book) => frameOf(book, TEST_UNIT).featured.map(({ value }) => value);

  test('holds for every unit that has days in the month of its first day', () => {
    expect(featuredOf(after(base, starts('early', '2027-03-01', [six])))).toEqual(['6']);
    expect(featuredOf(after(base, starts('late', '2027-03-29', [six])))).toEqual(['6']);
    expect(featuredOf(after(base, starts('before', '2027-02-24', [six])))).toEqual([]);
    expect(featuredOf(after(base, starts('after', '2027-04-01', [six])))).toEqual([]);
    expect(featuredOf(after(base, starts('own', '2027-03-01', [{ ...six, span: 'unit' }])))).toEqual([]);
    const across = after(base, starts('april', '2027-04-05', [six]), revised(base, { start: '2027-03-29' }));
    expect(featuredOf(across)).toEqual(['6']);
  });

  test('comes behind what the unit features itself, each once', () => {
    const own = revised(base, { featured: [{ kind: 'number', value: '4', span: 'unit' }] });
    const book = after(base, starts('a', '2027-03-01', [six]), starts('b', '2027-03-02', [six]), own);
    expect(featuredOf(book)).toEqual(['4', '6']);
  });

  test('is what amounts are counted by where the unit says no number', () => {
    const pegs = anActivity('pegs', { materials: [aMaterial('peg', 1, { times: 'featured-number' })] });
    const placed = after(base, aSupply('peg', { use: 'reusable' }), pegs, onDay('p', 'pegs', 1));
    const needed = (book: Book): number | undefined =>
      read(book, TEST_UNIT, A_MONDAY).supplies.find(({ supply }) => supply.id === 'peg')?.need.amount;
    expect(needed(placed)).toBeUndefined();
    expect(needed(after(placed, starts('early', '2027-03-01', [six])))).toBe(18);
  });

  test('leaves the frame of a unit as it is when it does not hold there', () => {
    const fresh = circleBook();
    const before = frameOf(fresh, TEST_UNIT);
    expect(frameOf(after(fresh, starts('after', '2027-05-03', [six])), TEST_UNIT)).toBe(before);
  });
});
