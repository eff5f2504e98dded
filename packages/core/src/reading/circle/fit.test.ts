import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { cases } from '../../testing/cases.ts';
import { fitCircle, NEAR_SECONDS, type FitChoice, type FitPiece, type FitProblem } from './fit.ts';

const piece = (id: string, seconds: readonly number[], rest: Partial<FitPiece> = {}): FitPiece => ({
  id,
  options: seconds.map((one, i) => ({ verses: i + 1, seconds: one })),
  now: 0,
  pinned: false,
  lively: false,
  frames: false,
  ...rest,
});

/** Every choice there is, judged by its own sums: shares nothing with what it judges. */
function bruteForce({ pieces, atMostSeconds }: FitProblem): { cost: number[]; choice: FitChoice }[] {
  let all: (number | null)[][] = [[]];
  for (const { options, pinned, now } of pieces) {
    const ways: (number | null)[] = pinned ? [now] : [null, ...options.map((_, i) => i)];
    all = all.flatMap((before) => ways.map((way) => [...before, way]));
  }
  return all.flatMap((choice) => {
    const taken = pieces.filter((_, i) => choice[i] !== null);
    const seconds = choice.reduce<number>(
      (sum, way, i) => sum + (way === null ? 0 : pieces[i]!.options[way]!.seconds),
      0,
    );
    if (seconds > atMostSeconds) return [];
    if (taken.some((one, i) => one.lively && taken[i + 1]?.lively)) return [];
    if (taken.at(-1)?.lively) return [];
    const gone = pieces.filter(({ now }, i) => now !== null && choice[i] === null);
    const added = pieces.filter(({ now }, i) => now === null && choice[i] !== null);
    let verses = 0;
    pieces.forEach(({ now, options }, i) => {
      const way = choice[i]!;
      if (now !== null && way !== null) verses += Math.abs(options[way]!.verses - options[now]!.verses);
    });
    const left = atMostSeconds - seconds;
    return [
      {
        choice,
        cost: [
          left > NEAR_SECONDS ? left - NEAR_SECONDS : 0,
          gone.filter(({ frames }) => frames).length,
          gone.length,
          added.length,
          verses,
          left,
        ],
      },
    ];
  });
}

const smaller = (a: readonly number[], b: readonly number[]): boolean => {
  for (let i = 0; i < a.length; i += 1) if (a[i] !== b[i]) return a[i]! < b[i]!;
  return false;
};

const pieceArb = (steps: number): fc.Arbitrary<FitPiece> =>
  fc
    .record({
      first: fc.integer({ min: 1, max: 12 }),
      more: fc.array(fc.integer({ min: 1, max: 5 }), { maxLength: 3 }),
      now: fc.option(fc.nat(3)),
      pinned: fc.boolean(),
      lively: fc.boolean(),
      frames: fc.boolean(),
    })
    .map(({ first, more, now, pinned, lively, frames }) => {
      const seconds = more.reduce((all, one) => [...all, all.at(-1)! + one * steps], [first * steps]);
      const at = now === null ? null : Math.min(now, seconds.length - 1);
      return piece('p', seconds, {
        now: at,
        pinned: pinned && at !== null && first % 3 === 0,
        lively,
        frames,
      });
    });

describe('fitting a circle to a time', () => {
  test('is the best of all choices, in seeded small cases', () => {
    const numRuns = cases(400, 3_000);
    const outcomes = { fitted: 0, 'too-long': 0, 'out-of-order': 0 };
    fc.assert(
      fc.property(
        fc.constantFrom(5, 7, 20).chain((steps) => fc.array(pieceArb(steps), { maxLength: 6 })),
        fc.integer({ min: 0, max: 600 }),
        (pieces, atMostSeconds) => {
          const problem = { pieces, atMostSeconds };
          const result = fitCircle(problem);
          outcomes[result.outcome] += 1;
          const all = bruteForce(problem);
          const pinned = pieces
            .filter((one) => one.pinned)
            .reduce((sum, { options, now }) => sum + options[now!]!.seconds, 0);
          if (result.outcome !== 'fitted') {
            expect(all).toEqual([]);
            expect(result.outcome).toBe(pinned > atMostSeconds ? 'too-long' : 'out-of-order');
            return;
          }
          const mine = all.find(({ choice }) => choice.every((way, i) => way === result.chosen[i]));
          expect(mine).toBeDefined();
          expect(all.some(({ cost }) => smaller(cost, mine!.cost))).toBe(false);
          expect(atMostSeconds - result.seconds).toBe(mine!.cost[5]);
          expect(result.leftSeconds).toBe(mine!.cost[0]);
        },
      ),
      { seed: 8, numRuns },
    );
    // Each kind of answer was met often enough to mean something.
    expect(outcomes.fitted).toBeGreaterThan(numRuns / 2);
    expect(outcomes['too-long']).toBeGreaterThan(numRuns / 150);
    expect(outcomes['out-of-order']).toBeGreaterThan(numRuns / 150);
  });

  test('leaves a circle that fits as it is', () => {
    const pieces = [piece('a', [60, 120]), piece('b', [60, 90], { now: 1 })];
    expect(fitCircle({ pieces, atMostSeconds: 160 })).toEqual({
      outcome: 'fitted',
      chosen: [0, 1],
      seconds: 150,
      leftSeconds: 0,
    });
  });

  test('adds verses before pieces, and gives up verses before pieces, welcome and close last', () => {
    const pieces = [
      piece('welcome', [60], { frames: true }),
      piece('song', [40, 80, 120], { now: 1 }),
      piece('new', [60], { now: null }),
      piece('close', [60], { frames: true }),
    ];
    const chosen = (atMostSeconds: number) => {
      const result = fitCircle({ pieces, atMostSeconds });
      return result.outcome === 'fitted' ? result.chosen : result.outcome;
    };
    expect(chosen(240)).toEqual([0, 2, null, 0]);
    expect(chosen(170)).toEqual([0, 0, null, 0]);
    expect(chosen(130)).toEqual([0, null, null, 0]);
    expect(chosen(300)).toEqual([0, 2, 0, 0]);
    expect(fitCircle({ pieces, atMostSeconds: 600 })).toMatchObject({
      leftSeconds: 600 - 300 - NEAR_SECONDS,
    });
  });

  test('says when it cannot be done, and why', () => {
    const pieces = [piece('a', [300], { pinned: true }), piece('b', [60])];
    expect(fitCircle({ pieces, atMostSeconds: 240 })).toEqual({ outcome: 'too-long', pinnedSeconds: 300 });
    const lively = [
      piece('a', [60], { pinned: true, lively: true }),
      piece('b', [60], { pinned: true, lively: true }),
      piece('c', [30]),
    ];
    expect(fitCircle({ pieces: lively, atMostSeconds: 240 })).toEqual({ outcome: 'out-of-order' });
    expect(
      fitCircle({ pieces: [piece('a', [60], { pinned: true, lively: true })], atMostSeconds: 90 }),
    ).toEqual({
      outcome: 'out-of-order',
    });
    expect(fitCircle({ pieces: [], atMostSeconds: 60 })).toMatchObject({
      outcome: 'fitted',
      chosen: [],
      leftSeconds: 30,
    });
  });
});
