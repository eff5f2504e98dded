import { TEST_MEASURES, resultText, type PlannedTest } from '../../library/index.ts';
import type { TestResult } from '../../daybook/index.ts';
import type { Child } from '../../house/index.ts';
import type { UnitSystem } from '../../measure/index.ts';
import { counted, listed } from '../ground/finding.ts';

/** What came out of one way of a test. */
export interface WayOutcome {
  readonly label: string;
  /** All that was measured, in the stored unit; in the order in which it was noted. */
  readonly values: readonly number[];
  /** How long its bar is: the middle of what was measured, how many said yes, or for how many it came first. Null where nothing was. */
  readonly size: number | null;
  /** In short, as it stands at the bar: `12 s`, `yes 5 of 7`. */
  readonly figure: string;
  /** `12 s in the middle of 7 tries, 8 to 15 s`. */
  readonly text: string;
  /** Each try as a dot at its bar; none where the bar is a count. */
  readonly dots: readonly number[];
  readonly guessedBy: readonly Child[];
}

/** What a test showed, for a picture and in words. */
export interface TestOutcome {
  readonly ways: readonly WayOutcome[];
  /** The labels of the ways with the most; several where they are level, none while nothing was measured. */
  readonly best: readonly string[];
  /** Who guessed one of these. */
  readonly right: readonly Child[];
  readonly text: string;
}

/** The test that is begun from a planned one: its ways, nothing measured yet. */
export const testToBegin = ({ question, measure, by, ways }: PlannedTest): TestResult => ({
  ...{ question, measure, by, guesses: [], own: [], groups: [] },
  tries: ways.map(({ label }) => ({ label, result: null })),
});

/** Whether anything was guessed or measured. */
export const isTold = ({ tries, guesses, own, groups }: TestResult): boolean =>
  guesses.length + own.length + groups.length > 0 || tries.some(({ result }) => result !== null);

/**
 * What a test showed: of each way the middle and the range of what was measured, of yes and no how many, of places how often it came first;
 * which was the most, and who guessed that. Results count of whoever tried by the test: all, children or groups.
 * @param children Of the home; guesses of others are left out.
 */
export function outcomeOf(
  test: TestResult,
  children: Readonly<Record<string, Child>>,
  system: UnitSystem,
): TestOutcome {
  const ways = test.tries.map(({ label }, i): WayOutcome => {
    const values = valuesOf(test, i);
    const guessedBy = test.guesses
      .filter(({ tryIndex }) => tryIndex === i)
      .flatMap(({ childId }) => children[childId] ?? []);
    return { label, values, guessedBy, ...saidOf(values, test.measure, system) };
  });
  const sizes = ways.flatMap(({ size }) => size ?? []);
  const most = Math.max(...sizes);
  const bestWays = sizes.length > 0 && most > 0 ? ways.filter(({ size }) => size === most) : [];
  // Where all are level, nobody can have guessed which has the most.
  const isLevel = ways.length > 1 && bestWays.length === ways.length;
  const right = isLevel ? [] : bestWays.flatMap(({ guessedBy }) => guessedBy);
  const best = bestWays.map(({ label }) => label);
  return { ways, best, right, text: textOf(test, ways, isLevel ? [] : best, right, isLevel) };
}

function valuesOf({ by, tries, own, groups }: TestResult, index: number): readonly number[] {
  if (by === 'all') return tries[index]!.result === null ? [] : [tries[index]!.result];
  const lines: readonly { readonly tryIndex: number; readonly results: readonly number[] }[] =
    by === 'child' ? own : groups;
  return lines.filter(({ tryIndex }) => tryIndex === index).flatMap(({ results }) => results);
}

// The middle: of an even number of values half-way between the two in the middle.
function middleOf(values: readonly number[]): number {
  const ordered = values.toSorted((a, b) => a - b);
  const half = Math.floor(ordered.length / 2);
  return ordered.length % 2 === 1 ? ordered[half]! : (ordered[half - 1]! + ordered[half]!) / 2;
}

type Said = Pick<WayOutcome, 'size' | 'figure' | 'text' | 'dots'>;

function saidOf(values: readonly number[], measure: TestResult['measure'], system: UnitSystem): Said {
  const [first] = values;
  const plainly = (size: number | null, figure: string, text = figure): Said => ({
    size,
    figure,
    text,
    dots: [],
  });
  if (first === undefined) return plainly(null, 'not measured');
  const count = values.length;
  const middle = middleOf(values);
  const said = resultText(middle, measure, system);
  if (measure === 'yes-no') {
    const yes = values.filter((value) => value >= 0.5).length;
    return plainly(yes, count === 1 ? said : `yes ${yes} of ${count}`);
  }
  if (measure === 'rank') {
    const best = values.filter((value) => value === 1).length;
    const figure = `first for ${best} of ${count}`;
    return count === 1 ? plainly(best, said) : plainly(best, figure, `${figure}, ${said} in the middle`);
  }
  if (count === 1) return plainly(middle, said);
  const { unit, size } = TEST_MEASURES[measure].in[system];
  const bare = (value: number): string => String(Number((value / size).toFixed(1)));
  const range = `${bare(Math.min(...values))} to ${bare(Math.max(...values))}${unit === '' ? '' : ` ${unit}`}`;
  return {
    ...{ size: middle, figure: said, dots: values },
    text: `${said} in the middle of ${counted(count, 'try', 'tries')}, ${range}`,
  };
}

function textOf(
  { question, guesses }: TestResult,
  ways: readonly WayOutcome[],
  best: readonly string[],
  right: readonly Child[],
  isLevel: boolean,
): string {
  const lines = [
    question,
    ...ways.map(({ label, text, guessedBy }) => {
      const by = guessedBy.length === 0 ? '' : `, guessed by ${listed(guessedBy.map(({ name }) => name))}`;
      return `${label}: ${text}${by}.`;
    }),
    isLevel ? 'All came out level.' : best.length > 0 && ways.length > 1 ? `The most: ${listed(best)}.` : '',
    best.length > 0 && guesses.length > 0
      ? right.length === 0
        ? 'Nobody guessed it.'
        : `${listed(right.map(({ name }) => name))} guessed it.`
      : '',
  ];
  return lines.filter(Boolean).join(' ');
}
