import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { Book } from '../book/index.ts';
import { startFromEarlier, type ChangeInput } from '../changes/index.ts';
import { mendsFor } from '../mend/index.ts';
import { read } from '../reading/index.ts';
import { NEAR_SECONDS } from '../reading/circle/fit.ts';
import { cases } from '../testing/cases.ts';
import { aPiece, aSong, CIRCLE_HOME, circleBook } from '../testing/circle.ts';
import { A_MONDAY, after, TEST_UNIT } from '../testing/home.ts';
import type { UnitId } from '../unit/index.ts';
import {
  addPiece,
  changePiece,
  fitFrom,
  fitRun,
  insteadOn,
  leaveOut,
  movePiece,
  type Reach,
} from './index.ts';

const circle = (book: Book, day = 1) => {
  const { circles } = read(book, TEST_UNIT, A_MONDAY);
  return circles.on(day, circles.blocks[0]!, 'in')!;
};
const titles = (book: Book, day = 1) => circle(book, day).parts.map(({ title }) => title);
const piecesIn = (book: Book) => read(book, TEST_UNIT, A_MONDAY).circles.stuff.pieces;
const piece = (book: Book, id: string) => piecesIn(book).find((one) => one.id === id)!;
let count = 0;
const newId = (): string => `n${(count += 1)}`;
const lasting = (minutes: number) => ({ minutes: minutes as never });

describe('the pieces of a circle', () => {
  const book = circleBook(aPiece('a', 'a0'), aPiece('b', 'a1'), aPiece('c', 'a2'));

  test('are added anywhere, on a day or on every day', () => {
    const add = (b: Book, words: string, index: number, reach: Reach, day = 1) =>
      after(b, ...addPiece(circle(b, day), TEST_UNIT, { kind: 'talk', words }, { index, reach, id: words }));
    expect(titles(add(book, 'x', 0, 'every-day'), 2)).toEqual(['x', 'a', 'b', 'c']);
    expect(titles(add(book, 'x', 2, 'every-day'))).toEqual(['a', 'b', 'x', 'c']);
    const onDay2 = add(book, 'x', 3, 'day', 2);
    expect([titles(onDay2, 1), titles(onDay2, 2)]).toEqual([
      ['a', 'b', 'c'],
      ['a', 'b', 'c', 'x'],
    ]);
    expect(titles(add(circleBook(), 'x', 0, 'every-day'))).toEqual(['x']);
  });

  test('are moved before any other', () => {
    const moved = (from: number, to: number) => titles(after(book, ...movePiece(circle(book), from, to)));
    expect(moved(0, 3)).toEqual(['b', 'c', 'a']);
    expect(moved(0, 2)).toEqual(['b', 'a', 'c']);
    expect(moved(2, 0)).toEqual(['c', 'a', 'b']);
    expect(movePiece(circle(book), 1, 1)).toEqual([]);
    expect(movePiece(circle(book), 1, 2)).toEqual([]);
    expect(movePiece(circle(book), 9, 0)).toEqual([]);
    const b = after(
      book,
      ...insteadOn(piece(book, 'b'), 2, { kind: 'talk', words: 'b2' }, piecesIn(book), 'b2'),
    );
    const both = after(b, ...movePiece(circle(b, 2), 1, 0));
    expect([titles(both, 1), titles(both, 2)]).toEqual([
      ['b', 'a', 'c'],
      ['b2', 'a', 'c'],
    ]);
  });

  test('are left out on a day or for good, whatever stood in for them', () => {
    const out = (b: Book, id: string, day: number, reach: Reach) =>
      after(b, ...leaveOut(piece(b, id), day, reach, piecesIn(b)));
    const once = out(book, 'b', 2, 'day');
    expect([titles(once, 1), titles(once, 2)]).toEqual([
      ['a', 'b', 'c'],
      ['a', 'c'],
    ]);
    expect(titles(out(book, 'b', 2, 'every-day'), 1)).toEqual(['a', 'c']);
    const other = after(
      book,
      ...insteadOn(piece(book, 'b'), 2, { kind: 'talk', words: 'b2' }, piecesIn(book), 'b2'),
    );
    expect(titles(out(other, 'b2', 2, 'day'), 2)).toEqual(['a', 'c']);
    expect(titles(out(other, 'b2', 2, 'day'), 1)).toEqual(['a', 'b', 'c']);
    expect(titles(out(other, 'b2', 2, 'every-day'), 1)).toEqual(['a', 'c']);
    expect(piecesIn(out(other, 'b', 1, 'every-day')).map(({ id }) => id)).toEqual(['a', 'c']);
    const twice = after(
      other,
      ...insteadOn(piece(other, 'b'), 2, { kind: 'talk', words: 'b3' }, piecesIn(other), 'b3'),
    );
    expect(titles(twice, 2)).toEqual(['a', 'b3', 'c']);
  });

  test('are sung or pinned otherwise on one day or on all of them', () => {
    const pinned = (reach: Reach) =>
      after(book, ...changePiece(piece(book, 'b'), { pinned: true }, 2, reach, 'b2'));
    const pins = (b: Book, day: number) => circle(b, day).parts.map((part) => part.piece.pinned);
    expect([pins(pinned('day'), 1), pins(pinned('day'), 2)]).toEqual([
      [false, false, false],
      [false, true, false],
    ]);
    expect(pins(pinned('every-day'), 1)).toEqual([false, true, false]);
  });
});

test('a circle comes along when a unit is started from it', () => {
  const before = circleBook(
    aPiece('a', 'a0'),
    aPiece('b', 'a1'),
    aPiece('b2', 'a1', { day: 2, insteadOf: 'b' }),
  );
  const unit = { id: 'again', title: 'Again', style: 'theme', start: '2027-04-05', dayCount: 5 } as const;
  const { changes } = startFromEarlier(before, TEST_UNIT, unit, newId);
  const { circles } = read(after(before, ...changes), 'again' as UnitId, A_MONDAY);
  const on = (day: number) => circles.on(day, circles.blocks[0]!, 'in')!.parts.map(({ title }) => title);
  expect([on(1), on(2)]).toEqual([
    ['a', 'b'],
    ['a', 'b2'],
  ]);
  expect(titles(before, 2)).toEqual(['a', 'b2']);
});

describe('fitting a circle', () => {
  const counted = aSong('kites', { purpose: 'count', rule: { kind: 'counted', from: 5, to: 1 } });
  const book = circleBook(
    counted,
    aSong('hop', { purpose: 'move', energy: 'lively' }),
    aPiece('hello', 'a0', { kind: 'welcome', ...lasting(1) }),
    aPiece('sing', 'a1', { kind: 'song', songId: 'kites' }),
    aPiece('talk', 'a2', lasting(2)),
    aPiece('bye', 'a3', { kind: 'close', ...lasting(1) }),
  );
  const fit = (b: Book, seconds: number, reach: Reach = 'day', sung = 0) => {
    const { circles, frame } = read(b, TEST_UNIT, A_MONDAY);
    return fitRun(circle(b), seconds, { stuff: circles.stuff, frame, reach, newId, sung });
  };
  const steps = (...args: Parameters<typeof fit>) => {
    const fitted = fit(...args);
    if (fitted.outcome === 'cannot') return fitted.why;
    const done = fitted.changes.length === 0 ? args[0] : after(args[0], ...fitted.changes);
    // What it promised is what comes of it.
    expect(circle(done).seconds).toBe(fitted.seconds);
    return [...fitted.steps, ...(fitted.short ? [fitted.short] : [])];
  };

  test('gives and takes verses before pieces', () => {
    expect(circle(book).seconds).toBe(340);
    expect(steps(book, 340)).toEqual([]);
    expect(steps(book, 300)).toEqual(['kites: 3 verses in place of 5']);
    expect(steps(book, 400)).toEqual(['kites: 7 verses in place of 5']);
    expect(steps(book, 130)).toEqual(['Leave out kites', 'Leave out talk']);
    // One that was given more verses than it has by itself counts from those.
    const long = { ...piece(book, 'sing').singing, count: 7 };
    const given = after(book, ...changePiece(piece(book, 'sing'), { singing: long }, 1, 'every-day', 'x'));
    expect(circle(given).seconds).toBe(380);
    expect(steps(given, 360)).toEqual(['kites: 6 verses in place of 7']);
  });

  test('with songs of every shape is the best of all ways to sing it, and what it promised is what comes of it', () => {
    const shape = fc.record({
      verses: fc.integer({ min: 1, max: 5 }),
      opening: fc.boolean(),
      refrain: fc.boolean(),
      ending: fc.boolean(),
      whole: fc.boolean(),
      chosen: fc.option(fc.subarray([1, 2, 3, 4, 5], { minLength: 1 })),
    });
    const lines = (one: { opening: boolean; refrain: boolean; ending: boolean }, verses: number): number =>
      Number(one.opening) + Number(one.ending) + verses * (one.refrain ? 2 : 1);
    fc.assert(
      fc.property(
        fc.array(shape, { minLength: 1, maxLength: 4 }),
        fc.integer({ min: 0, max: 100 }),
        (shapes, percent) => {
          const text = (isThere: boolean): string => (isThere ? 'one line' : '');
          const songs = circleBook(
            ...shapes.flatMap((one, i) => [
              aSong(`s${i}`, {
                verses: Array.from({ length: one.verses }, (_, v) => `verse ${v}`),
                ...{ opening: text(one.opening), refrain: text(one.refrain), ending: text(one.ending) },
                whole: one.whole,
              }),
              aPiece(`p${i}`, `a${i}`, { kind: 'song', songId: `s${i}`, singing: { verses: one.chosen } }),
            ]),
          );
          const whole = circle(songs).seconds;
          const wanted = Math.floor((whole * percent) / 100);
          const ways = shapes.map((one): readonly (number | null)[] => {
            const there = one.chosen?.filter((n) => n <= one.verses).length || one.verses;
            return [null, ...(one.whole ? [there] : Array.from({ length: there }, (_, v) => v + 1))];
          });
          const costs = ways
            .reduce<(number | null)[][]>(
              (all, way) => all.flatMap((one) => way.map((v) => [...one, v])),
              [[]],
            )
            .flatMap((choice) => {
              const seconds = choice.reduce<number>(
                (sum, v, i) => sum + (v === null ? 0 : 5 * lines(shapes[i]!, v)),
                0,
              );
              if (seconds > wanted) return [];
              const left = wanted - seconds;
              const gone = choice.filter((v) => v === null).length;
              const fewer = choice.reduce<number>(
                (sum, v, i) => sum + (v === null ? 0 : ways[i]!.at(-1)! - v),
                0,
              );
              return [[Math.max(0, left - NEAR_SECONDS), gone, fewer, left]];
            });
          const { circles, frame } = read(songs, TEST_UNIT, A_MONDAY);
          const fitted = fitRun(circle(songs), wanted, { stuff: circles.stuff, frame, reach: 'day', newId });
          if (fitted.outcome === 'cannot') throw new Error(fitted.why);
          const done = fitted.changes.length === 0 ? songs : after(songs, ...fitted.changes);
          const run = circle(done);
          expect(run.seconds).toBe(fitted.seconds);
          const sung = (i: number): number | null =>
            run.parts.find(({ song }) => song?.id === `s${i}`)?.length.verseCount ?? null;
          const mine = [
            Math.max(0, wanted - run.seconds - NEAR_SECONDS),
            shapes.filter((_, i) => sung(i) === null).length,
            shapes.reduce((sum, _, i) => sum + (sung(i) === null ? 0 : ways[i]!.at(-1)! - sung(i)!), 0),
            wanted - run.seconds,
          ];
          const isLess = (a: readonly number[]): boolean => {
            const at = a.findIndex((cost, i) => cost !== mine[i]);
            return at >= 0 && a[at]! < mine[at]!;
          };
          expect(costs.filter(isLess)).toEqual([]);
        },
      ),
      { seed: 25, numRuns: cases(120, 2_000) },
    );
  });

  test('adds what is missing when verses do not fill the time, and says when nothing does', () => {
    expect(steps(book, 530)).toEqual(['kites: 12 verses in place of 5', 'Add hop']);
    expect(steps(book, 900)).toEqual([
      'kites: 12 verses in place of 5',
      'Add hop',
      'That is all there is: 8½ min of 15 min.',
    ]);
  });

  test('is for the day or for every day', () => {
    const verses = (b: Book, day: number) => circle(b, day).parts[1]!.verses.length;
    const fitted = (reach: Reach) => {
      const result = fit(book, 300, reach);
      return result.outcome === 'fitted' ? after(book, ...result.changes) : book;
    };
    expect([verses(fitted('day'), 1), verses(fitted('day'), 2)]).toEqual([3, 5]);
    expect([verses(fitted('every-day'), 1), verses(fitted('every-day'), 2)]).toEqual([3, 3]);
  });

  test('keeps what is pinned and what was sung already', () => {
    const pinned = after(book, aPiece('talk', 'a2', { ...lasting(2), pinned: true }));
    expect(steps(pinned, 130)).toEqual(['Leave out hello', 'Leave out kites', 'Leave out bye']);
    expect(steps(pinned, 100)).toBe('It cannot be done in 1½ min: what stays as it is takes 2 min (talk).');
    expect(steps(book, 260, 'day', 2)).toEqual(['Leave out talk']);
    const lively = after(book, aPiece('jump', 'a4', { kind: 'moving', pinned: true, ...lasting(1) }));
    expect(
      steps(after(lively, aPiece('bye', 'a5', { kind: 'moving', pinned: true, ...lasting(1) })), 600),
    ).toMatch(/^It cannot be done: as .* stay, it would end lively/);
  });

  test('from the middle on it becomes longer, or half as long; what came until then stays', () => {
    const { circles, frame } = read(book, TEST_UNIT, A_MONDAY);
    const from = (index: number, pull: 'longer' | 'shorter') => {
      const fitted = fitFrom(circle(book), index, pull, { stuff: circles.stuff, frame, newId });
      return fitted.outcome === 'fitted' ? [...fitted.steps, fitted.seconds] : fitted.why;
    };
    // Of 340 s, 160 are sung by then and 180 are left.
    expect(from(1, 'shorter')).toEqual(['Leave out talk', 220]);
    expect(from(1, 'longer')).toEqual(['Add hop', 360]);
    expect(from(3, 'shorter')).toEqual([340]);
    expect(from(0, 'longer')).toEqual(['kites: 10 verses in place of 5', 440]);
  });

  test('mends a circle that is longer than its block, and one that most are done with', () => {
    const mended = (b: Book, rule: string): string[] => {
      const found = read(b, TEST_UNIT, A_MONDAY).headsUps.find((one) => one.rule === rule)!;
      return mendsFor(b, TEST_UNIT, found, A_MONDAY, newId).map(({ label, changes }) => {
        const done = read(after(b, ...changes), TEST_UNIT, A_MONDAY).headsUps;
        expect(done.map(({ key }) => key)).not.toContain(found.key);
        return label;
      });
    };
    const long = after(book, aPiece('long', 'a2V', lasting(18)));
    expect(mended(long, 'circle-over')).toEqual(['Leave out kites; Leave out talk']);
    const drags = after(book, aPiece('more', 'a2V', lasting(5)));
    expect(mended(drags, 'circle-drags')).toEqual(['hop in the middle', expect.stringMatching(/^\d+ min: /)]);
    const limit: ChangeInput = {
      type: 'house/put-home',
      home: { ...CIRCLE_HOME, recordedLimits: [{ underMonths: null, minutes: 1 }] },
    };
    const clip = after(book, limit, aPiece('clip', 'a2V', { kind: 'recorded', day: 2, ...lasting(2) }));
    expect(mended(clip, 'recorded')).toEqual(['Without clip on Day 2']);
  });
});
