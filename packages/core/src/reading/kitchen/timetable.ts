import { minutesSinceMidnight, type ClockTime, type Minutes } from '../../calendar/index.ts';
import type { Recipe, RecipeStep } from '../../library/index.ts';
import { memoised } from '../ground/memo.ts';

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

/** A step of a recipe with its minutes of hands, and how long it waits by itself afterwards. */
export interface ClockedStep {
  /** Null for a recipe without steps, which is one. */
  readonly step: RecipeStep | null;
  readonly minutes: number;
  readonly waitMinutes: number;
}

/** The steps of a recipe with their times; one without steps is a step with the times of the whole. */
export const clockedSteps = memoised((recipe: Recipe): readonly ClockedStep[] => {
  const [minutes, waits] = [minutesOfSteps(recipe), waitsOfSteps(recipe)];
  return recipe.steps.length === 0
    ? [{ step: null, minutes: recipe.minutes, waitMinutes: Math.round(recipe.waitHours * 60) }]
    : recipe.steps.map((step, i) => ({ step, minutes: minutes[i]!, waitMinutes: waits[i]! }));
});

/** What waits so long is not gone on with on its day: it freezes, dries or rises overnight. A default of Kobby. */
const NIGHT_FROM_MINUTES = 4 * 60;

/** After which step of a recipe it waits for another day, from 1; null when it is all done on one. */
export function nightAfter(recipe: Recipe): number | null {
  const at = clockedSteps(recipe).findIndex(({ waitMinutes }) => waitMinutes >= NIGHT_FROM_MINUTES);
  return at < 0 ? null : at + 1;
}

/** How long what is begun on one day waits until it is used on another, in minutes: the long wait and all after it. 0 for what is done on one. */
export function nightMinutes(recipe: Recipe): number {
  const after = nightAfter(recipe);
  if (after === null) return 0;
  return clockedSteps(recipe)
    .slice(after - 1)
    .reduce((sum, { minutes, waitMinutes }, i) => sum + waitMinutes + (i === 0 ? 0 : minutes), 0);
}

/**
 * The first steps of a recipe as a recipe of their own, for what is done of it the evening before: what it waits for then is the night in the
 * cold where the recipe knows one.
 */
export const firstSteps = memoised((recipe: Recipe, count: number): Recipe => {
  const steps = clockedSteps(recipe).slice(0, count);
  const last = recipe.steps[count - 1];
  const cold = last?.coldHours ?? null;
  const wait = cold === null ? (steps.at(-1)?.waitMinutes ?? 0) : cold * 60;
  return {
    ...recipe,
    steps: recipe.steps.slice(0, count).map((step, i) => ({
      ...step,
      minutes: steps[i]!.minutes as Minutes,
      waitMinutes: (i === count - 1 ? wait : steps[i]!.waitMinutes) as Minutes,
    })),
    minutes: steps.reduce((sum, { minutes }) => sum + minutes, 0) as Minutes,
    waitHours: 0,
    waitsIn: cold === null ? (last?.waitsIn ?? null) : 'fridge',
  };
});

/** A part of a process that somebody stays with: hands, and short waits between them. */
export interface Stretch {
  /** The step with which it begins; null for a recipe without steps. */
  readonly begins: RecipeStep | null;
  /** Minutes of hands. */
  readonly minutes: Minutes;
  /** From its first step to the end of its last, short waits between included. */
  readonly lastsMinutes: Minutes;
  /** How long it waits by itself afterwards. */
  readonly waitMinutes: Minutes;
}

/** Nobody stays with what rests for so long: it is gone on with another time. A default of Kobby. */
const LEFT_FROM_MINUTES = 60;

/**
 * A recipe in the stretches in which it is made: mix, rest, rise, bake and cool by its steps. What rests for long is a stretch of
 * its own on either side.
 */
export const stretchesOf = memoised((recipe: Recipe): readonly Stretch[] => {
  const [minutes, waits] = [minutesOfSteps(recipe), waitsOfSteps(recipe)];
  if (recipe.steps.length === 0) {
    const hands = recipe.minutes;
    const wait = Math.round(recipe.waitHours * 60) as Minutes;
    return [{ begins: null, minutes: hands, lastsMinutes: hands, waitMinutes: wait }];
  }
  const stretches: Stretch[] = [];
  let [from, hands, lasts] = [0, 0, 0];
  recipe.steps.forEach((_, i) => {
    hands += minutes[i]!;
    lasts += minutes[i]!;
    const isLast = i === recipe.steps.length - 1;
    if (!isLast && waits[i]! < LEFT_FROM_MINUTES) {
      lasts += waits[i]!;
      return;
    }
    stretches.push({
      begins: recipe.steps[from]!,
      minutes: hands as Minutes,
      lastsMinutes: lasts as Minutes,
      waitMinutes: waits[i]! as Minutes,
    });
    [from, hands, lasts] = [i + 1, 0, 0];
  });
  return stretches;
});

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
