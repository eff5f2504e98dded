import type { Table } from '../../book/index.ts';
import type { PlainDay } from '../../calendar/index.ts';
import type { CircleRecord } from '../../daybook/index.ts';
import { valueIn, type Child, type Home, type Months } from '../../house/index.ts';
import { LEARNED, learn, type Sample } from '../ground/learn.ts';
import { memoised } from '../ground/memo.ts';
import { inOrderTold, learnStepOf } from '../plan/learned.ts';
import { ageOn } from '../plan/plan.ts';
import type { CircleRun } from './run.ts';

/** How much longer or shorter this group sits than the age rule says, and what that comes from. */
export interface GroupPatience {
  /** Times the age rule: 1 where nothing was told; within the bounds of what is learned. */
  readonly factor: number;
  /** The circles that were told of, oldest first, each with the factor after it. */
  readonly steps: readonly { readonly record: CircleRecord; readonly factor: number }[];
}

/** Who wanted more would have sat somewhat longer: taken as a tenth. */
const MORE = 1.1;

/**
 * The patience of the group, from what was told of its circles since the home began to count. A circle that held them shows only that
 * they sit at least so long; one that they wanted more of, a tenth longer; one that lost them or had them restless at its end, how long
 * they sit.
 */
export const groupPatience = memoised((records: Table<CircleRecord>, home: Home): GroupPatience => {
  const since = home.patienceSince ?? '';
  const told = inOrderTold(Object.values(records).filter(({ at }) => at > since));
  const samples = told.map(shownBy);
  const steps = told.map((record, i) => ({
    record,
    factor: learn(samples.slice(Math.max(0, i + 1 - LEARNED.recent), i + 1), learnStepOf(home)),
  }));
  return { factor: steps.at(-1)?.factor ?? 1, steps };
});

function shownBy({ outcome, heldSeconds, ruleSeconds }: CircleRecord): Sample {
  const sat = heldSeconds / ruleSeconds;
  if (outcome === 'more') return { times: sat * MORE, atLeast: true };
  return outcome === 'held' ? { times: sat, atLeast: true } : { times: sat };
}

const MONTHS_A_YEAR = 12;
const SECONDS_A_MINUTE = 60;

/** How long a child sits, by the age rule and as this group has shown, in seconds. */
export interface Patience {
  readonly child: Child;
  readonly months: Months;
  readonly ruleSeconds: number;
  readonly seconds: number;
}

/** The patience of a child on a date: the home's minutes for each year of age, in twelfths by the month, times the group's factor. */
export function patienceOf(child: Child, date: PlainDay, home: Home, factor: number): Patience {
  const months = ageOn(child, date);
  const ruleSeconds =
    (Math.max(0, months) / MONTHS_A_YEAR) * valueIn(home, 'sittingMinutesPerYear') * SECONDS_A_MINUTE;
  return { child, months, ruleSeconds, seconds: ruleSeconds * factor };
}

/** The middle one of some patiences by the age rule, in seconds: half of the children sit at least so long. 0 for nobody. */
export function middleOf(patiences: readonly Patience[]): number {
  const sorted = patiences.map(({ ruleSeconds }) => ruleSeconds).toSorted((a, b) => b - a);
  return sorted[Math.ceil(sorted.length / 2) - 1] ?? 0;
}

/** How long the age rule lets half of the children of a circle sit at least, in seconds; 0 when nobody is there. */
export const ruleSecondsOf = ({ children, day }: Pick<CircleRun, 'children' | 'day'>, home: Home): number =>
  middleOf(children.map((child) => patienceOf(child, day.date, home, 1)));

// Nobody can tell less apart from how a few circles went.
const PERCENT_STEP = 5;

/** How a group sits against the age rule: `about 20 % longer than the age rule`, `about as the age rule says`. */
export function patienceText(factor: number): string {
  const percent = Math.round(((factor - 1) * 100) / PERCENT_STEP) * PERCENT_STEP;
  if (percent === 0) return factor === 1 ? 'as the age rule says' : 'about as the age rule says';
  return `about ${Math.abs(percent)} % ${percent > 0 ? 'longer' : 'shorter'} than the age rule`;
}
