import { z } from 'zod';
import { lineSchema, textSchema, type UnitSystem } from '../measure/index.ts';

/** A unit in which something is measured: what stands beside the number, what it is called, and how much of the stored unit one of it is. */
interface TestUnit {
  readonly unit: string;
  readonly words: string;
  readonly size: number;
}
const plain = (unit: string, words = unit) => ({
  metric: { unit, words, size: 1 },
  us: { unit, words, size: 1 },
});
const length = {
  metric: { unit: 'cm', words: 'centimetres', size: 1 },
  us: { unit: 'in', words: 'inches', size: 2.54 },
};
const weight = {
  metric: { unit: 'g', words: 'grams', size: 1 },
  us: { unit: 'oz', words: 'ounces', size: 28.349523125 },
};

/** What a test is measured by. Seconds, centimetres and grams are stored; an inch is 2.54 cm and an ounce 28.349523125 g by definition. */
export const TEST_MEASURES = {
  seconds: { name: 'Time', in: plain('s', 'seconds') },
  cm: { name: 'Distance', in: length },
  height: { name: 'Height', in: length },
  grams: { name: 'Weight', in: weight },
  drops: { name: 'Drops', in: plain('drops', '') },
  count: { name: 'Count', in: plain('') },
  'yes-no': { name: 'Yes or no', in: plain('') },
  rank: { name: 'Place, 1 is the best', in: plain('') },
} as const satisfies Readonly<Record<string, { name: string; in: Readonly<Record<UnitSystem, TestUnit>> }>>;
export type TestMeasure = keyof typeof TEST_MEASURES;
export const testMeasureSchema = z.enum(
  Object.keys(TEST_MEASURES) as [TestMeasure, ...TestMeasure[]],
  'Say what was measured',
);

/** Who tries: a result for all, for each child, or for each group. */
export const TEST_BY = { all: 'all together', child: 'each child', group: 'each group' } as const;
export type TestBy = keyof typeof TEST_BY;
export const testBySchema = z.enum(Object.keys(TEST_BY) as [TestBy, ...TestBy[]], 'Say who tries');

/** How many ways of doing it a test may have. */
export const MOST_WAYS = 8;

/** What came out of a try, in the stored unit of its measure: yes is 1, no is 0. */
export const resultSchema = z
  .number('A number is needed here')
  .min(0, 'This cannot be below zero')
  .max(1_000_000, 'At most a million');

/**
 * A real test, as it is planned: a question, the one thing that is changed, the ways in which it is done, what is measured and who tries.
 * Why in the content: who leads it knows what to ask for before, and what comes out has a place to stand.
 */
export const plannedTestSchema = z.object({
  question: lineSchema,
  /** The one thing that is changed: the length of the tail. */
  changed: textSchema.default(''),
  /** The ways in which it is done, and what came out where somebody tried it beforehand. */
  ways: z
    .array(z.object({ label: lineSchema, tried: resultSchema.nullable().default(null) }))
    .min(1, 'A test has at least one way')
    .max(MOST_WAYS, `At most ${MOST_WAYS} ways`),
  measure: testMeasureSchema.default('seconds'),
  by: testBySchema.default('child'),
  /** How often each of them tries each way. */
  tries: z.int('A whole number is needed here').min(1, 'At least once').max(10, 'At most 10').default(1),
});
export type PlannedTest = z.infer<typeof plannedTestSchema>;

const rounded = (value: number, places: number): number => Number(value.toFixed(places));

/**
 * A result as it is said.
 * @param value In the stored unit of the measure.
 * @returns `12 s`, `5 in`, `yes`, `place 2`; one decimal at most, two below 1.
 */
export function resultText(value: number, measure: TestMeasure, system: UnitSystem): string {
  if (measure === 'yes-no') return value >= 0.5 ? 'yes' : 'no';
  const { unit, size } = TEST_MEASURES[measure].in[system];
  const shown = rounded(value / size, value / size < 1 ? 2 : 1);
  if (measure === 'rank') return `place ${shown}`;
  if (measure === 'drops' && shown === 1) return '1 drop';
  return unit === '' ? String(shown) : `${shown} ${unit}`;
}

/** What of some text could not be read as results. */
export interface UnreadResult {
  readonly word: string;
}

/**
 * Results as they are typed into a cell: numbers in the units of the home with blanks or semicolons between them, `12 9,5`; yes and no.
 * @returns The results in the stored unit, in their order; the first word that is none.
 */
export function readResults(
  text: string,
  measure: TestMeasure,
  system: UnitSystem,
): readonly number[] | UnreadResult {
  const results: number[] = [];
  for (const word of text.split(/[;\s]+|,\s+/u).filter(Boolean)) {
    const result = measure === 'yes-no' ? yesOrNo(word) : Number(word.replace(',', '.'));
    const stored = result === null ? NaN : result * TEST_MEASURES[measure].in[system].size;
    if (!resultSchema.safeParse(stored).success || (measure === 'rank' && !(stored >= 1))) return { word };
    results.push(stored);
  }
  return results;
}
const yesOrNo = (word: string): number | null =>
  /^(y|yes|1)$/iu.test(word) ? 1 : /^(n|no|0)$/iu.test(word) ? 0 : null;

/** Results as they stand in a cell, to be read again: `12 9.5`. */
export const resultsTyped = (results: readonly number[], measure: TestMeasure, system: UnitSystem): string =>
  results
    .map((one) =>
      measure === 'yes-no'
        ? resultText(one, measure, system)
        : String(rounded(one / TEST_MEASURES[measure].in[system].size, 2)),
    )
    .join(' ');

/** A planned test in lines for whoever leads it: what is asked, what is changed, who tries and what is measured, what came out beforehand. */
export function testLines(test: PlannedTest, system: UnitSystem): readonly string[] {
  const { question, changed, ways, measure, by, tries } = test;
  const { words } = TEST_MEASURES[measure].in[system];
  const labels = ways.map(({ label }) => label).join(', ');
  const times = tries === 1 ? '' : `, ${tries} times each way`;
  const tried = ways.flatMap(({ label, tried: value }) =>
    value === null ? [] : [`${label} ${resultText(value, measure, system)}`],
  );
  return [
    `A test: ${question}`,
    `${changed === '' ? 'The ways' : `Changed is only ${changed}`}: ${labels}. Each guesses first.`,
    `Tried by ${TEST_BY[by]}${times}; measured: ${TEST_MEASURES[measure].name.toLowerCase()}${words ? ` in ${words}` : ''}.`,
    ...(tried.length === 0 ? [] : [`Tried beforehand: ${tried.join(', ')}.`]),
  ];
}
