import { describe, expect, test } from 'vitest';
import {
  plannedTestSchema,
  readResults,
  resultsTyped,
  resultText,
  testLines,
  TEST_MEASURES,
} from './test.ts';
import type { TestMeasure } from './test.ts';

const MEASURES = Object.keys(TEST_MEASURES) as TestMeasure[];
const roofs = plannedTestSchema.parse({
  question: 'Which roof keeps the rain out longest?',
  changed: 'the cloth',
  ways: [{ label: 'wool', tried: 12 }, { label: 'paper' }],
  tries: 2,
});

describe('what is typed into a cell', () => {
  test.each([
    ['12 9,5', 'seconds', 'metric', [12, 9.5]],
    ['12, 9; 8', 'seconds', 'metric', [12, 9, 8]],
    ['yes n 1 no', 'yes-no', 'metric', [1, 0, 1, 0]],
    ['', 'count', 'us', []],
    ['10', 'cm', 'us', [25.4]],
  ] as const)('%j of %s in %s', (typed, measure, system, results) => {
    expect(readResults(typed, measure, system)).toEqual(results);
  });
  test.each([
    ['12 x', 'seconds', 'x'],
    ['-1', 'count', '-1'],
    ['maybe', 'yes-no', 'maybe'],
    ['0', 'rank', '0'],
    ['Infinity', 'grams', 'Infinity'],
    ['2000000', 'drops', '2000000'],
  ] as const)('%j of %s names %s', (typed, measure, word) => {
    expect(readResults(typed, measure, 'metric')).toEqual({ word });
  });
  test('every measure reads what it shows again, in both systems', () => {
    for (const measure of MEASURES)
      for (const system of ['metric', 'us'] as const) {
        const shown = resultsTyped([1, 1], measure, system);
        expect(resultsTyped(readResults(shown, measure, system) as number[], measure, system)).toBe(shown);
      }
  });
});

test('a result is said in the units of the home', () => {
  const said = (value: number, measure: TestMeasure) => [
    resultText(value, measure, 'metric'),
    resultText(value, measure, 'us'),
  ];
  expect(said(12.7, 'cm')).toEqual(['12.7 cm', '5 in']);
  expect(said(56.69904625, 'grams')).toEqual(['56.7 g', '2 oz']);
  expect(said(0.25, 'seconds')).toEqual(['0.25 s', '0.25 s']);
  expect(said(1, 'drops')).toEqual(['1 drop', '1 drop']);
  expect(said(2, 'rank')).toEqual(['place 2', 'place 2']);
  expect(said(0, 'yes-no')).toEqual(['no', 'no']);
});

test('a planned test is said in lines', () => {
  expect(testLines(roofs, 'metric')).toEqual([
    'A test: Which roof keeps the rain out longest?',
    'Changed is only the cloth: wool, paper. Each guesses first.',
    'Tried by each child, 2 times each way; measured: time in seconds.',
    'Tried beforehand: wool 12 s.',
  ]);
});
