import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { CardThing, Mark, ShopTable } from './cards.ts';
import { printJob, type CardJob } from './job.ts';
import type { CardKindId } from './kinds.ts';
import { along, handwriting, lengthOf, type Stroke } from './strokes.ts';
import { WAYS, wayThrough, write } from './writing.ts';

const thing = (name: string, rank: number | null = null): CardThing => ({
  ...{ name, picture: null, kind: null, colour: null, rank, pair: null, parts: [], isShown: true },
});
const TABLE: ShopTable = {
  title: 'At the harbour',
  things: ['ferry', 'tugboat', 'buoy', 'crane', 'rope', 'gull'].map((name, i) => thing(name, i + 1)),
  names: ['Bo', 'Ada', 'Anna'],
  letter: 'f',
  number: 4,
};
const made = (kind: CardKindId, more: Partial<ShopTable> = {}): CardJob => {
  const job = printJob({ kind, size: 'middle', paper: 'a4', copies: 1 }, { ...TABLE, ...more });
  if (typeof job === 'string') throw new Error(job);
  return job;
};
const cards = (job: CardJob) => job.sheets.flat().map(({ card }) => card);
const marks = <K extends Mark['kind']>(job: CardJob, kind: K) =>
  cards(job).flatMap((card) =>
    card.marks.filter((mark): mark is Extract<Mark, { kind: K }> => mark.kind === kind),
  );

describe('handwriting', () => {
  test('knows every letter that a name has here, large and small, and the numbers', () => {
    for (const letter of 'abcdefghijklmnopqrstuvwxyzäöüßéèêëñçåčABCDEFGHIJKLMNOPQRSTUVWXYZÄÖÜÉÅČ0123456789-’')
      expect(handwriting(letter), letter).not.toBeNull();
    expect([handwriting('日'), handwriting('   '), handwriting('')]).toEqual([null, null, null]);
  });

  test('keeps small letters between the lines, tall ones no higher than twice, and goes from left to right', () => {
    for (const letter of 'aceimnorsuvwxz')
      for (const [, y] of handwriting(letter)!
        .letters[0]!.strokes.filter(({ length }) => length > 1)
        .flat()) {
        expect(y, letter).toBeGreaterThanOrEqual(-1e-9);
        expect(y, letter).toBeLessThanOrEqual(1 + 1e-9);
      }
    for (const letter of 'bdfhklABCDEFGHIKLMNOPRSTUVWXYZ0123456789')
      for (const [, y] of handwriting(letter)!.letters[0]!.strokes.flat())
        expect(y).toBeLessThanOrEqual(2 + 1e-9);
    const { letters } = handwriting('Zoë Bo')!;
    const lefts = letters.map(({ strokes }) => Math.min(...strokes.flat().map(([x]) => x)));
    expect(lefts).toEqual(lefts.toSorted((a, b) => a - b));
  });

  test('writes an e in one go, a t in two, and the dots of ï in place of its own', () => {
    const counts = (letter: string): number => handwriting(letter)!.letters[0]!.strokes.length;
    expect(['e', 't', 'A', 'i', 'ï', 'ö'].map(counts)).toEqual([1, 2, 3, 2, 3, 3]);
  });

  test('a word that is too long to trace is printed, or told', () => {
    const area = { x: 4, y: 4, width: 180, height: 30 };
    expect(write('Bo', area).marks.every(({ kind }) => kind !== 'words')).toBe(true);
    expect(write('x'.repeat(60), area).marks[0]).toMatchObject({ kind: 'words' });
    expect(write('x'.repeat(400), area)).toEqual({ marks: [], untold: 'x'.repeat(400) });
  });
});

describe('points along a line', () => {
  const line = fc.array(fc.tuple(fc.integer({ min: 0, max: 90 }), fc.integer({ min: 0, max: 90 })), {
    minLength: 2,
    maxLength: 9,
  });
  test('are evenly far from each other along it, with both its ends', () => {
    fc.assert(
      fc.property(line, fc.integer({ min: 2, max: 30 }), (points, least) => {
        const stroke = points as Stroke;
        const marked = along(stroke, least);
        const total = lengthOf(stroke);
        if (total === 0) return expect(marked).toHaveLength(1);
        expect([marked[0], marked.at(-1)]).toEqual([stroke[0], stroke.at(-1)]);
        expect(marked).toHaveLength(Math.max(1, Math.floor(total / least)) + 1);
      }),
    );
  });

  test.each(WAYS)('%s: a way begins left and ends right, halfway up, and stays in its area', (way) => {
    const stroke = wayThrough(way, { x: 10, y: 20, width: 100, height: 40 });
    for (const [x, y] of stroke) {
      expect(Math.min(x - 10, 110 - x, y - 20, 60 - y)).toBeGreaterThanOrEqual(-1e-9);
    }
    expect([stroke[0]![1], stroke.at(-1)![1]]).toEqual([40, expect.closeTo(40)]);
    expect(stroke[0]![0]).toBeLessThan(stroke.at(-1)![0]);
  });
});

describe('what is made', () => {
  const lettersOf = (job: CardJob): string =>
    cards(job)
      .map(({ name }) => name.at(-1))
      .join('');
  test('tiles: for one word at a time as many as it needs, for names as many as all of them', () => {
    expect(lettersOf(made('tiles', { things: [thing('gull'), thing('lull')] }))).toBe('glllu');
    expect(lettersOf(made('name-tiles', { names: ['Anna', 'Bo'] }))).toBe('aabnno');
  });

  test('letters and numbers are those that the unit features, else the first ones of its things', () => {
    expect(cards(made('letter-traced')).map(({ name }) => name)).toEqual(['F and f to trace']);
    expect(
      cards(made('letter-traced', { letter: null }))
        .map(({ name }) => name[0])
        .join(''),
    ).toBe('FTBCRG');
    expect(cards(made('dots')).map(({ name }) => name)).toEqual(['F of dots', '4 of dots']);
    expect(cards(made('numerals', { number: null })).length).toBe(2);
  });

  test('dots of a letter never lie on each other', () => {
    const dots = cards(made('dots', { letter: 'w', number: 8 })).map(
      ({ marks: all }) => all as Extract<Mark, { kind: 'dot' }>[],
    );
    for (const all of dots)
      for (const [i, a] of all.entries())
        for (const b of all.slice(i + 1))
          expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeGreaterThanOrEqual(a.r + b.r - 1e-9);
  });

  test('a hunt says how many are to be found', () => {
    const [card] = cards(made('hunt'));
    const texts = card!.marks.flatMap((mark) => (mark.kind === 'words' ? [mark.text] : []));
    const found = texts.slice(2).filter((text) => text.toLowerCase() === 'f').length;
    expect(texts[1]).toBe(`Find all ${found}`);
    expect(found).toBeGreaterThan(5);
  });

  test('flags spell the name of the unit between two of its things', () => {
    const names = cards(made('bunting')).map(({ name }) => name);
    expect(
      names
        .map((name) => name.at(-1))
        .slice(1, -1)
        .join(''),
    ).toBe('ATTHEHARBOUR');
    expect([names[0], names.at(-1)]).toEqual(['a flag with ferry', 'a flag with tugboat']);
  });

  test('a die of dots has seven on each two faces that lie opposite, a wheel as many stages as have an order', () => {
    const [, dots] = cards(made('dice'));
    const faces = dots!.marks.filter((mark) => mark.kind === 'frame');
    const [top, left, front, right, bottom, back] = faces.map(
      ({ x, y, width }) =>
        dots!.marks.filter(
          (mark) =>
            mark.kind === 'dot' && mark.x > x && mark.x < x + width && mark.y > y && mark.y < y + width,
        ).length,
    );
    expect([top! + bottom!, left! + right!, front! + back!]).toEqual([7, 7, 7]);
    expect(marks(made('wheel'), 'picture')).toHaveLength(6);
    expect(marks(made('wheel', { things: TABLE.things.slice(0, 3) }), 'picture')).toHaveLength(3);
  });

  test('sums come once, whichever number is first, to five and for small cards to ten', () => {
    expect(cards(made('sums')).length).toBe(6);
    const all = printJob({ kind: 'sums', size: 'small', paper: 'a4', copies: 1 }, TABLE) as CardJob;
    expect(all.cards).toBe(25);
  });

  test('a path counts its squares, and a crown has a mark for each head', () => {
    const numbers = marks(made('board'), 'words').map(({ text }) => text);
    expect([numbers[0], numbers.at(-1), numbers.includes('22')]).toEqual(['Start', 'Here!', true]);
    expect(
      marks(made('crown'), 'words')
        .map(({ text }) => text)
        .slice(0, 4),
    ).toEqual(['46', '49', '51', '53']);
  });
});
