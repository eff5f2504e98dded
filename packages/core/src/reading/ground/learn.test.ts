import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { learn, LEARNED, type Sample } from './learn.ts';

const STEP = 0.25;
const many = (count: number, times: number): readonly Sample[] =>
  Array.from({ length: count }, () => ({ times }));

/** Numbers of a home that are the same in each run. */
function numbers(seed: number): { readonly even: () => number; readonly normal: () => number } {
  let state = seed * 2_654_435_761;
  const even = (): number => {
    state = (state * 1_664_525 + 1_013_904_223) >>> 0;
    return (state + 0.5) / 2 ** 32;
  };
  const normal = (): number => Math.sqrt(-2 * Math.log(even())) * Math.cos(2 * Math.PI * even());
  return { even, normal };
}

/** How a sample comes about in a home where something really is `truth` times what is known of it. */
type Kind = (truth: number, home: ReturnType<typeof numbers>) => Sample;
const KINDS: Readonly<Record<string, Kind>> = {
  // A clock was looked at, or a measuring cup: what came out scatters.
  minutes: (truth, { normal }) => ({ times: truth * Math.exp(0.15 * normal()) }),
  amounts: (truth, { normal }) => ({ times: truth * Math.exp(0.12 * normal()) }),
  // A circle of some length: it loses them where they sit no longer, else it shows a least.
  patience: (truth, { normal }) => {
    const sat = truth * Math.exp(0.15 * normal());
    const lasts = Math.exp(0.25 * normal());
    if (lasts > sat) return { times: sat };
    return { times: sat > lasts * 1.15 ? lasts * 1.1 : lasts, atLeast: true };
  },
};
const HOMES = 200;
/** How homes differ: about a third more or less is common. */
const HOMES_DIFFER = 0.3;

describe('over 200 homes with known truth', () => {
  const table = Object.entries(KINDS).flatMap(([name, kind]) =>
    [3, 10, 30].map((count) => {
      let [error, begun, worse] = [0, 0, 0];
      for (let seed = 1; seed <= HOMES; seed += 1) {
        const home = numbers(seed);
        const truth = Math.exp(HOMES_DIFFER * home.normal());
        const learned = learn(
          Array.from({ length: count }, () => kind(truth, home)),
          STEP,
        );
        const off = Math.abs(Math.log(learned / truth));
        const offAtFirst = Math.abs(Math.log(truth));
        error += off / HOMES;
        begun += offAtFirst / HOMES;
        if (off > offAtFirst + 1e-9) worse += 1;
      }
      return { name, count, error, begun, worse };
    }),
  );
  console.log(
    table
      .map(
        ({ name, count, error, begun, worse }) =>
          `${name} after ${count}: off by ${(100 * error).toFixed(1)} % instead of ${(100 * begun).toFixed(1)} %, worse in ${worse} of ${HOMES} homes`,
      )
      .join('\n'),
  );

  test.each(table)(
    '$name after $count records are nearer than what is known otherwise',
    ({ error, begun, worse }) => {
      expect(error).toBeLessThan(begun);
      expect(worse).toBeLessThanOrEqual(HOMES * 0.05);
    },
  );

  test.each(Object.keys(KINDS))('%s are nearer the more is recorded', (name) => {
    const errors = table.filter((row) => row.name === name).map(({ error }) => error);
    expect(errors).toEqual(errors.toSorted((a, b) => b - a));
  });
});

test('one wild record among some moves less than a step, wherever it stands', () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 0.85, max: 1.2, noNaN: true }), { minLength: 3, maxLength: 30 }),
      fc.constantFrom(0, 0.01, 50, 1e6),
      fc.nat(),
      (times, wild, at) => {
        const calm = times.map((one) => ({ times: one }));
        const where = at % (calm.length + 1);
        const thrown = [...calm.slice(0, where), { times: wild }, ...calm.slice(where)];
        const moved = Math.abs(Math.log(learn(thrown, STEP) / learn(calm, STEP)));
        expect(moved).toBeLessThan(Math.log1p(STEP));
      },
    ),
  );
});

test('nothing is learned from nothing, nor from one record more than its step', () => {
  expect(learn([], STEP)).toBe(1);
  expect(learn(many(1, 100), STEP)).toBeCloseTo(1.25, 6);
  expect(learn(many(1, 0), STEP)).toBeCloseTo(0.8, 6);
  expect(learn(many(1, 100), 0)).toBe(1);
});

test('it stays within its bounds, and what is steady is learned nearly as it is', () => {
  expect(learn(many(40, 100), STEP)).toBe(LEARNED.most);
  expect(learn(many(40, 0), STEP)).toBe(LEARNED.least);
  expect(learn(many(30, 1.5), STEP)).toBeGreaterThan(1.45);
});

test('the latest count: what changed is followed', () => {
  expect(learn([...many(60, 1.5), ...many(LEARNED.recent, 0.8)], STEP)).toBeLessThan(0.85);
});

test('what shows only a least draws nothing down', () => {
  const least = Array.from({ length: 10 }, () => ({ times: 0.4, atLeast: true }));
  expect(learn(least, STEP)).toBe(1);
  expect(learn([...many(10, 1.4), ...least], STEP)).toBeGreaterThanOrEqual(1);
});
