import { minutesSinceMidnight, type ClockTime } from '../../calendar/index.ts';
import type { Recipe, RecipeStep } from '../../library/index.ts';

/** One step of a process with its times, in minutes since the midnight of the day by whose time it is fitted. */
export interface TimedStep {
  readonly step: RecipeStep;
  readonly from: number;
  /** When the hands are free again. */
  readonly until: number;
  /** When its waiting is over and the next step can begin. */
  readonly ready: number;
}

/** The timetable of a process. Times before midnight of that day are negative: it begins on an earlier day. */
export interface Timetable {
  readonly steps: readonly TimedStep[];
  /** When the first step begins. */
  readonly from: number;
  /** When it is ready for use. */
  readonly ready: number;
  /** Minutes during which hands are busy, and minutes during which it waits by itself. */
  readonly busyMinutes: number;
  readonly waitMinutes: number;
  /** What `earliest` leaves between; negative is how many minutes are missing. Null when no earliest was given. */
  readonly spareMinutes: number | null;
}

/**
 * Fits the steps of a recipe before a time of day, backwards: the last waiting ends at `readyBy`. What is baked or cooled
 * afterwards as a whole (`waitHours`) counts as the last waiting where the steps do not tell. Steps without minutes share
 * what is left of the minutes of the whole recipe. `earliest` is when somebody can begin, in minutes since that
 * midnight, and may be negative.
 */
export function timetableOf(recipe: Recipe, readyBy: ClockTime, earliest: number | null = null): Timetable {
  const ready = minutesSinceMidnight(readyBy);
  const minutes = minutesOfSteps(recipe);
  const waits = waitsOfSteps(recipe);
  let at: number = ready;
  const steps: TimedStep[] = [];
  for (const [i, step] of [...recipe.steps.entries()].reverse()) {
    const until = at - waits[i]!;
    const from = until - minutes[i]!;
    steps.unshift({ step, from, until, ready: at });
    at = from;
  }
  const busyMinutes = minutes.reduce<number>((all, one) => all + one, 0);
  return {
    steps,
    from: at,
    ready,
    busyMinutes,
    waitMinutes: ready - at - busyMinutes,
    spareMinutes: earliest === null ? null : at - earliest,
  };
}

function minutesOfSteps({ steps, minutes }: Recipe): readonly number[] {
  const told = steps.reduce<number>((all, step) => all + step.minutes, 0);
  const untold = steps.filter((step) => step.minutes === 0 && step.waitMinutes === 0).length;
  const rest = Math.max(0, minutes - told);
  let given = 0;
  return steps.map((step): number => {
    if (step.minutes > 0 || step.waitMinutes > 0 || untold === 0) return Number(step.minutes);
    // Whole minutes that add up to the rest.
    given += 1;
    return Math.floor((rest * given) / untold) - Math.floor((rest * (given - 1)) / untold);
  });
}

function waitsOfSteps({ steps, waitHours }: Recipe): readonly number[] {
  const told = steps.reduce<number>((all, step) => all + step.waitMinutes, 0);
  const rest = Math.max(0, Math.round(waitHours * 60) - told);
  return steps.map((step, i) => step.waitMinutes + (i === steps.length - 1 ? rest : 0));
}
