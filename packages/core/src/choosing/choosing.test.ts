import loadHighs from 'highs';
import { beforeAll, describe, expect, test } from 'vitest';
import { cases } from '../testing/cases.ts';
import { aChoice } from '../testing/choices.ts';
import {
  appraise,
  boundOf,
  ChoiceBoard,
  Search,
  searchFor,
  solveChoice,
  type ChoiceProblem,
  type ChoiceSolver,
  type Picks,
} from './index.ts';
import { seeded } from '../testing/problems.ts';

let solver: ChoiceSolver;
beforeAll(async () => {
  const highs = await loadHighs();
  solver = (lp, options) => highs.solve(lp, options as never);
});

const SMALL = { spots: 5, options: 4, rows: 3, hopes: 5 };
const LARGE = { spots: 30, options: 12, rows: 12, hopes: 25 };
const NODES = 5000;

// Every way to fill every place, one after the other.
function bestByTrying(problem: ChoiceProblem): number {
  let best = -Infinity;
  const ways = Array.from({ length: problem.spots }, (_, spot) => [
    null,
    ...problem.options.flatMap((option, o) => (option.spot === spot ? [o] : [])),
  ]);
  const picks: (number | null)[] = [];
  const go = (spot: number): void => {
    if (spot === problem.spots) {
      const { value, broken } = appraise(problem, picks);
      if (broken.length === 0 && value > best) best = value;
      return;
    }
    for (const way of ways[spot]!) {
      picks[spot] = way;
      go(spot + 1);
    }
  };
  go(0);
  return best;
}

describe('choosing', () => {
  test('search and solver find what trying everything finds', () => {
    for (let seed = 1; seed <= cases(150, 1000); seed += 1) {
      const problem = aChoice(seed, SMALL);
      const best = bestByTrying(problem);
      const found = searchFor(problem, { seed, tries: 2500 });
      expect(found.value, `searched, seed ${seed}`).toBeCloseTo(best, 6);
      expect(appraise(problem, found.picks)).toMatchObject({ broken: [] });
      const solved = solveChoice(problem, solver, NODES)!;
      expect(appraise(problem, solved.picks).value, `solved, seed ${seed}`).toBeCloseTo(best, 6);
      expect(solved.isBest).toBe(true);
      expect(boundOf(problem, solver)!.value, `bound, seed ${seed}`).toBeGreaterThan(best - 1e-6);
    }
  });

  test('a board equals what is appraised, whatever is put and taken', () => {
    for (let seed = 1; seed <= 20; seed += 1) {
      const problem = aChoice(seed, LARGE);
      const board = new ChoiceBoard(problem);
      const random = seeded(seed);
      for (let step = 0; step < 120; step += 1) {
        const spot = Math.floor(random() * problem.spots);
        const options = board.optionsOf[spot]!;
        board.set(spot, random() < 0.2 ? null : (options[Math.floor(random() * options.length)] ?? null));
        const { value, broken } = appraise(problem, board.picks);
        expect(board.value).toBeCloseTo(value, 6);
        expect([...board.broken].map((row) => problem.rows[row])).toHaveLength(broken.length);
      }
    }
  });

  test('the same seed finds the same; slices or at once', () => {
    const problem = aChoice(7, LARGE);
    const atOnce = searchFor(problem, { seed: 3, tries: 4000 });
    const sliced = new Search(problem, { seed: 3, tries: 4000 });
    while (!sliced.isDone) sliced.run(250);
    expect(sliced.best).toEqual(atOnce.picks);
    expect(sliced.value).toBe(atOnce.value);
  });

  test('what it holds can stand at any time, and never gets worse', () => {
    for (let seed = 1; seed <= 10; seed += 1) {
      const problem = aChoice(seed, LARGE);
      const search = new Search(problem, { seed, tries: 3000 });
      let before = -Infinity;
      while (!search.isDone) {
        search.run(100);
        const { value, broken } = appraise(problem, search.best);
        expect(broken).toEqual([]);
        expect(value).toBeCloseTo(search.value, 6);
        expect(search.value).toBeGreaterThanOrEqual(before - 1e-9);
        before = search.value;
      }
    }
  });

  test('held places keep what they have, whatever it costs', () => {
    const problem = aChoice(11, LARGE);
    const start: Picks = searchFor(problem, { seed: 1, tries: 500 }).picks;
    const held = new Set([...start.keys()].filter((spot) => spot % 3 === 0));
    const { picks } = searchFor(problem, { seed: 2, tries: 3000, start, held });
    for (const spot of held) expect(picks[spot]).toBe(start[spot]);
  });

  test('places without options, and no places at all, stay empty', () => {
    const nothing: ChoiceProblem = { spots: 2, options: [], rows: [], hopes: [] };
    expect(searchFor(nothing, { seed: 1, tries: 100 })).toEqual({ picks: [null, null], value: 0 });
    expect(solveChoice(nothing, solver, NODES)).toEqual({ picks: [null, null], isBest: true });
    expect(boundOf(nothing, solver)).toBeNull();
  });

  test('an option of another place is refused by name', () => {
    const problem = aChoice(1, SMALL);
    expect(() => appraise(problem, [problem.options.findIndex(({ spot }) => spot === 1)])).toThrow(
      /does not fill place 0/,
    );
  });
});
