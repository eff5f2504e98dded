import { describe, expect, test } from 'vitest';
import { testResultSchema, type TestResult } from '../../daybook/index.ts';
import { plannedTestSchema, TEST_MEASURES } from '../../library/index.ts';
import { aChild } from '../../testing/home.ts';
import { isTold, outcomeOf, testToBegin } from './test-outcome.ts';

const children = Object.fromEntries(
  ['ada', 'bo', 'ines'].map((id) => {
    const change = aChild(id, '2023-01-01') as unknown as { child: { id: string } };
    return [id, { ...change.child, name: id } as never];
  }),
);
const told = (rest: object): TestResult =>
  testResultSchema.parse({
    measure: 'seconds',
    tries: [
      { label: 'wool', result: null },
      { label: 'paper', result: null },
    ],
    ...rest,
  });
const own = (childId: string, tryIndex: number, ...results: number[]) => ({ childId, tryIndex, results });
const said = (rest: object): string => outcomeOf(told(rest), children, 'metric').text;

describe('what a test showed', () => {
  test('of each child: the middle and the range of all tries, who guessed it', () => {
    const outcome = outcomeOf(
      told({
        question: 'Which keeps the rain out longest?',
        by: 'child',
        guesses: [
          { childId: 'ada', tryIndex: 0 },
          { childId: 'bo', tryIndex: 1 },
          { childId: 'gone', tryIndex: 0 },
        ],
        own: [own('ada', 0, 12, 8), own('bo', 0, 30), own('ada', 1, 3), own('bo', 1, 4)],
      }),
      children,
      'metric',
    );
    expect(outcome.ways.map(({ size }) => size)).toEqual([12, 3.5]);
    expect(outcome.text).toBe(
      'Which keeps the rain out longest? wool: 12 s in the middle of 3 tries, 8 to 30 s, guessed by ada. ' +
        'paper: 3.5 s in the middle of 2 tries, 3 to 4 s, guessed by bo. The most: wool. ada guessed it.',
    );
  });
  test('of yes and no how many, of places how often first, of groups theirs', () => {
    const groups = [
      { group: 1, tryIndex: 0, results: [1] },
      { group: 2, tryIndex: 0, results: [0] },
      { group: 1, tryIndex: 1, results: [1, 1] },
    ];
    expect(said({ measure: 'yes-no', by: 'group', groups })).toBe(
      'wool: yes 1 of 2. paper: yes 2 of 2. The most: paper.',
    );
    const ranks = [own('ada', 0, 1), own('bo', 0, 2), own('ines', 0, 1), own('ada', 1, 2), own('bo', 1, 1)];
    expect(said({ measure: 'rank', by: 'child', own: ranks })).toBe(
      'wool: first for 2 of 3, place 1 in the middle. paper: first for 1 of 2, place 1.5 in the middle. The most: wool.',
    );
  });
  test('of what is level nobody guessed the most; of nothing measured nothing is the most', () => {
    const guesses = [{ childId: 'ada', tryIndex: 0 }];
    const level = [
      { label: 'wool', result: 4 },
      { label: 'paper', result: 4 },
    ];
    expect(said({ tries: level, guesses })).toBe(
      'wool: 4 s, guessed by ada. paper: 4 s. All came out level.',
    );
    expect(said({ guesses })).toBe('wool: not measured, guessed by ada. paper: not measured.');
    expect(outcomeOf(told({}), children, 'us').best).toEqual([]);
  });
  test('results of whoever does not try by the test do not count', () => {
    expect(said({ by: 'group', own: [own('ada', 0, 12)] })).toBe('wool: not measured. paper: not measured.');
  });
  test.each(Object.keys(TEST_MEASURES))(
    '%s has a picture with as many bars as ways, and a text',
    (measure) => {
      const outcome = outcomeOf(
        told({ measure, by: 'child', own: [own('ada', 0, 1), own('ada', 1, 2)] }),
        children,
        'us',
      );
      expect(outcome.ways.map(({ size }) => typeof size)).toEqual(['number', 'number']);
      expect(outcome.text).toMatch(/^wool: .+\. paper: .+\./);
    },
  );
});

test('a planned test is begun with its ways, and holds nothing yet', () => {
  const planned = plannedTestSchema.parse({ question: 'Which?', ways: [{ label: 'wool' }], by: 'group' });
  const begun = testToBegin(planned);
  expect(testResultSchema.parse(begun)).toEqual(begun);
  expect(isTold(begun)).toBe(false);
  expect(isTold({ ...begun, own: [own('ada', 0, 1) as never] })).toBe(true);
});
