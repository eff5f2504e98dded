// A thousand tries of a unit: what comes out is held to what is known in closed form, and says why.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import {
  comesOf,
  read,
  sureProblemOf,
  tryWeeks,
  type Book,
  type ChangeInput,
  type Sure,
  type SureProblem,
} from '../../index.ts';
import {
  A_MONDAY,
  aChild,
  aMaterial,
  anActivity,
  after,
  asTwin,
  aSupply,
  aVersion,
  inReserve,
  onDay,
  revised,
  TEST_HOME,
  TEST_UNIT,
  testBook,
} from '../../testing/home.ts';

const TRIES = 4000;
// Four standard errors of a share: seeds are fixed, so that it never fails by chance.
const NEAR = 4 * Math.sqrt(0.25 / TRIES);

const withValues = (values: object): ChangeInput => ({
  type: 'house/put-home',
  home: { ...TEST_HOME, values: { wetDaysPercent: 40, childComesPercent: 80, ...values } } as never,
});
const ALWAYS = { childComesPercent: 100, wetDaysPercent: 0, turnSpreadPercent: 0, spoiltPercent: 0 };
const problemOf = (book: Book, today = A_MONDAY): SureProblem =>
  sureProblemOf(book, read(book, TEST_UNIT, today), today);
const tried = (problem: SureProblem, seed = 7): Sure =>
  [...tryWeeks(problem, { seed, tries: TRIES, step: TRIES })].at(-1)!;
const triedIn = (...changes: readonly ChangeInput[]): Sure => tried(problemOf(testBook(...changes)));

const assistant = (id: string): ChangeInput => ({
  type: 'house/put-person',
  person: {
    ...{ id, name: id, role: 'assistant' as const },
    work: Object.fromEntries(['1', '2', '3', '4', '5'].map((day) => [day, ['morning']])),
  },
});

describe('a day', () => {
  test('holds in bad weather where something stands in, and else as often as it is dry', () => {
    const { days, whole, reserve } = triedIn(
      withValues({}),
      aChild('ada', '2024-01-01'),
      anActivity('parachute', { place: 'outdoors' }),
      anActivity('lacing'),
      onDay('bare', 'parachute', 1),
      onDay('safe', 'parachute', 2),
      asTwin('inside', 'lacing', 'safe'),
    );
    expect(Math.abs(days[0]!.holds - 0.6)).toBeLessThan(NEAR);
    expect(days[0]!.because.weather).toBe(1 - days[0]!.holds);
    expect(days.slice(1).map(({ holds }) => holds)).toEqual(Array(9).fill(1));
    expect(whole).toBe(days[0]!.holds);
    // Four tries of ten stop one thing: nine of ten need one out of the reserve.
    expect(reserve).toBe(1);
  });

  test('has everyone as often as all of them come; never where somebody is not expected', () => {
    const noor = Object.fromEntries(['1', '2', '4'].map((day) => [day, ['morning']]));
    const { days } = triedIn(
      withValues({}),
      aChild('ada', '2024-01-01'),
      aChild('bo', '2024-01-01'),
      aChild('noor', '2024-01-01', { attendance: noor }),
      {
        type: 'house/put-absence',
        absence: { id: 'trip', childId: 'bo', from: '2027-03-09', to: '2027-03-09' },
      } as ChangeInput,
    );
    expect(days[0]!.full).toBeCloseTo(0.8 ** 3, 10);
    // Bo is away, Noor does not come on a Wednesday.
    expect([days[1]!.full, days[2]!.full, days[3]!.full]).toEqual([0, 0, days[0]!.full]);
  });

  test('does not hold as often as turns come to more than their time', () => {
    const { days } = triedIn(
      withValues({ ...ALWAYS, turnSpreadPercent: 30 }),
      aChild('ada', '2024-01-01'),
      aChild('bo', '2024-01-01'),
      // Two rounds of 12 minutes and 2 between: 26 of 30; it fits up to turns of 14.
      anActivity('straws', { turnMinutes: 12 as never, atOnce: 1, resetMinutes: 2 as never }),
      onDay('straws', 'straws', 1),
    );
    // The normal distribution up to ln(14 / 12) / 0.3 = 0.514, by table.
    expect(Math.abs(days[0]!.holds - 0.6963)).toBeLessThan(NEAR);
    expect(days[0]!.because.turns).toBeGreaterThan(0.25);
  });

  test('hangs on an assistant where two things tie an adult at the same time', () => {
    const tied = anActivity('cooking', { adult: 'tied' });
    const changes = [
      withValues({ ...ALWAYS, adultComesPercent: 70 }),
      aChild('ada', '2024-01-01'),
      tied,
      onDay('one', 'cooking', 1),
      onDay('two', 'cooking', 1),
      onDay('three', 'cooking', 2),
    ];
    const two = triedIn(...changes, assistant('sol'), assistant('wren'));
    expect(Math.abs(two.days[0]!.because.adults - (1 - 0.7 ** 2))).toBeLessThan(NEAR);
    expect(two.days[1]!.because.adults).toBe(0);
    // Where nobody's work was entered, nobody is missed; where adults are short anyway, that is told elsewhere.
    expect(triedIn(...changes).days[0]!.holds).toBe(1);
    expect(triedIn(...changes, assistant('sol')).days[0]!.because.adults).toBe(0);
  });
});

describe('pieces', () => {
  const pieces = (values: object, count: number): Sure =>
    triedIn(
      withValues({ ...ALWAYS, ...values }),
      ...Array.from({ length: 4 }, (_, i) => aChild(`child-${i}`, '2024-01-01')),
      aSupply('plates'),
      anActivity('masks', { materials: [aMaterial('plates', count, { spare: 'for-breakage' })] }),
      onDay('masks', 'masks', 1),
    );

  test('as many as are planned do where nothing is spoilt; more where much is', () => {
    const [none] = pieces({}, 2).pieces;
    expect(none).toMatchObject({ planned: 10, enough: 8, short: 0 });
    // Eight whole ones, each lost with one in four: the negative binomial has 0.9 at 14 (by its recurrence below).
    const [much] = pieces({ spoiltPercent: 25 }, 2).pieces;
    let [sum, share, more] = [0.75 ** 8, 0.75 ** 8, 0];
    while (sum < 0.9) {
      more += 1;
      share *= ((7 + more) / more) * 0.25;
      sum += share;
    }
    expect(much!.enough).toBe(8 + more);
    expect(much!.short).toBeGreaterThan(0.3);
  });

  test('are fewer where children stay away', () => {
    expect(pieces({ childComesPercent: 50 }, 2).pieces[0]!.enough).toBeLessThan(8);
  });
});

test('what is over is not tried, and a unit that is over has no days', () => {
  const book = testBook(
    aChild('ada', '2024-01-01'),
    anActivity('x'),
    onDay('x', 'x', 1),
    inReserve('y', 'x'),
  );
  expect(problemOf(book, '2027-03-12' as never).days.map(({ day }) => day.number)).toEqual([
    5, 6, 7, 8, 9, 10,
  ]);
  expect(problemOf(book).reserve).toBe(1);
  const over = tried(problemOf(book, '2028-01-01' as never));
  expect(over).toMatchObject({ days: [], whole: 1, reserve: 0 });
  expect(tried(problemOf(after(book, revised(book, { start: null })))).days.length).toBe(0);
});

test('what is known of who comes counts beside what is said before', () => {
  const tap = (date: string, how: 'in' | 'away'): ChangeInput =>
    ({ type: 'daybook/tap', date, childId: 'ada', tap: how }) as ChangeInput;
  const book = testBook(
    withValues({}),
    aChild('ada', '2024-01-01'),
    ...['2027-03-01', '2027-03-02'].map((date) => tap(date, 'in')),
    ...['2027-03-03', '2027-03-04', '2027-03-05'].map((date) => tap(date, 'away')),
    // Today is not over.
    tap(A_MONDAY, 'away'),
  );
  const [ada] = comesOf(book, read(book, TEST_UNIT, A_MONDAY), A_MONDAY);
  expect(ada).toMatchObject({ days: 5, share: (2 + 8) / 15 });
});

test('the same seed comes to the same, told on the way; shares are shares', () => {
  const book = testBook(
    aChild('ada', '2024-01-01'),
    anActivity('straws', { place: 'outdoors', turnMinutes: 20 as never, versions: [aVersion(0)] }),
    ...[1, 2, 3].map((day) => onDay(`straws-${day}`, 'straws', day)),
  );
  const problem = problemOf(book);
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 2 ** 31 }), fc.integer({ min: 1, max: 90 }), (seed, step) => {
      const told = [...tryWeeks(problem, { seed, tries: 200, step })];
      expect(told.map(({ tries }) => tries).at(-1)).toBe(200);
      expect(told).toHaveLength(Math.ceil(200 / step));
      const last = told.at(-1)!;
      expect([...tryWeeks(problem, { seed, tries: 200, step: 200 })]).toEqual([last]);
      for (const { holds, because } of last.days) {
        expect(holds).toBeGreaterThanOrEqual(last.whole);
        expect(Math.max(...Object.values(because))).toBeLessThanOrEqual(1 - holds + 1e-9);
        expect(because.weather + because.adults + because.turns).toBeGreaterThanOrEqual(1 - holds - 1e-9);
      }
    }),
    { numRuns: 25 },
  );
});
