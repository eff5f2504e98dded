import { groupBy } from '../../book/index.ts';
import { minutesSinceMidnight, weekdayOf, type Minutes, type PlainDay } from '../../calendar/index.ts';
import type { Block, Home } from '../../house/index.ts';
import type { Process, RecipeStep } from '../../library/index.ts';
import type { Placement } from '../../unit/index.ts';
import {
  allOn,
  inTheWayOf,
  leftBeside,
  possibleOn,
  type InTheWay,
  type LaidProcess,
  type LineProcess,
  type LineSpan,
  type LineStep,
} from '../../timeline/index.ts';
import type { Circles } from '../circle/circle.ts';
import { stretchesOfDay } from '../conduct/stretches.ts';
import { answer, type Asking } from '../ground/answer.ts';
import { madeIn, type MadeIn } from '../kitchen/made-in.ts';
import { clockedSteps, nightAfter } from '../kitchen/timetable.ts';
import { blockOf, sessionsByDay, type Frame, type Session } from '../plan/plan.ts';
import { isMeal } from '../plan/block-kinds.ts';
import { dayLineOf, partAt, type DayLine, type Tie } from './day-line.ts';

/** One step of something that is made on a day, by the clock: minutes since midnight. */
export interface ClockStep {
  /** Null for a recipe without steps. */
  readonly step: RecipeStep | null;
  readonly from: Minutes;
  /** When the hands are free again. */
  readonly until: Minutes;
  /** When its wait is over at the earliest, and when the next step begins. */
  readonly ready: Minutes;
  readonly next: Minutes;
}

/** Something that is made on a day with the children or while they sleep, laid into that day. Times are minutes since its midnight. */
export interface DayProcess {
  readonly session: Session;
  readonly made: MadeIn;
  /** Which of several groups it is, from 1; null where it is done once for all. */
  readonly group: number | null;
  /** By the clock; empty where it has no room in the day. */
  readonly steps: readonly ClockStep[];
  /** When it is ready for use; null where it has no room. */
  readonly ready: Minutes | null;
  /** When it has to be ready, and for what. */
  readonly by: Minutes;
  readonly forWhat: string;
  /** Ready at the earliest and begun at the latest, beside all else; null where it has no room. */
  readonly earliestReady: Minutes | null;
  readonly latestStart: Minutes | null;
  readonly inTheWay: readonly InTheWay[];
  /** What ties the adults of the day, for saying why. */
  readonly ties: readonly Tie[];
}

/**
 * What is made on a numbered day with the children or while they sleep, each step by the clock: laid between blocks, circles, turns and
 * places so that nobody and nothing is asked for twice. What the children do lies where they have time for it, the first of it in its own
 * block. What is made beforehand is a task of making ready and not asked here.
 */
export function processesOfDay(
  asking: Asking,
  placements: readonly Placement[],
  circles: Circles,
  frame: Frame,
  number: number,
): readonly DayProcess[] {
  const sessions = sessionsByDay(placements, frame).get(number) ?? NONE;
  return sessions.some(isMadeOnTheDay) ? laidOn(asking, sessions, circles, frame, number) : NONE;
}
const NONE: readonly never[] = [];

const isMadeOnTheDay = ({ placement: { content } }: Session): boolean =>
  content.processes.some(({ when }) => when !== 'beforehand');

const laidOn = answer(
  (
    look,
    sessions: readonly Session[],
    circles: Circles,
    frame: Frame,
    number: number,
  ): readonly DayProcess[] => {
    const made = sessions.flatMap((session) =>
      madeIn(look, session, frame)
        .filter(({ process, children }) => process.when !== 'beforehand' && children.length > 0)
        .map((one) => ({ session, made: one })),
    );
    if (made.length === 0) return NONE;
    const on = (block: Block): number =>
      block.isCircle ? (circles.on(number, block, 'in')?.seconds ?? 0) : 0;
    const stretches = stretchesOfDay(
      sessions.map(({ placement }) => placement),
      circles,
      frame,
      number,
    );
    const day = dayLineOf(sessions, stretches, on, frame, number);
    const wanted = made.flatMap((one) => wantedOf(one, day, frame));
    return laidOut(wanted, day);
  },
);

/** Something to make, as it is asked of the line of its day. */
interface Wanted {
  readonly session: Session;
  readonly made: MadeIn;
  readonly group: number | null;
  readonly process: LineProcess;
  readonly forWhat: string;
}

function wantedOf(
  { session, made }: Pick<Wanted, 'session' | 'made'>,
  day: DayLine,
  frame: Frame,
): readonly Wanted[] {
  const { home } = frame;
  const { process, recipe } = made;
  const windows = windowsFor(session, process, day, home);
  const goal = goalOf(session, process, day, home);
  const bowls = Math.max(1, made.mixes.length);
  const isFirst = firstOfChildren(made);
  const steps = stepsOnTheDay(made).map(({ step, minutes, waitMinutes, isLast }, i): LineStep => {
    const owner = process.when === 'asleep' ? 'adult' : (step?.owner ?? 'together');
    const place = waitMinutes === 0 ? null : (step?.waitsIn ?? (isLast ? recipe.waitsIn : null));
    const { loads, hold } = holdIn(place, bowls, day);
    return {
      hands: minutes * process.repeats,
      adults: owner === 'child' ? 0 : 1,
      within:
        process.when === 'asleep'
          ? windows.first
          : owner === 'adult'
            ? null
            : i === isFirst
              ? windows.first
              : windows.later,
      leastWait: waitMinutes * loads,
      mostWait: step?.mostWaitMinutes ?? null,
      hold,
    };
  });
  const groups = process.for === 'group' ? process.groups : 1;
  return Array.from({ length: groups }, (_, i): Wanted => ({
    session,
    made,
    group: groups > 1 ? i + 1 : null,
    process: {
      ...{ id: `${process.id}:${i}`, steps, from: 0, by: goal.at },
      aim: process.readyBy === null ? 'soon' : 'fresh',
    },
    forWhat: goal.name,
  }));
}

// Where a place holds fewer bowls than there are, one load comes after the other. A kind of place that nobody named holds whatever comes.
function holdIn(
  place: string | null,
  bowls: number,
  { line }: DayLine,
): Pick<LineStep, 'hold'> & { readonly loads: number } {
  const holds = place === null ? undefined : line.places[place]?.[0];
  if (place === null || holds === undefined) return { loads: 1, hold: null };
  const room = Math.min(bowls, holds);
  return { loads: Math.ceil(bowls / Math.max(1, room)), hold: { place, room } };
}

// What is done on the day itself: not what was done before, nor what comes after a night. The long wait is no part of the day.
function stepsOnTheDay({ recipe, process }: MadeIn) {
  const night = nightAfter(recipe);
  return clockedSteps(recipe)
    .map((one, i, all) => ({
      ...one,
      waitMinutes: i + 1 === night ? 0 : one.waitMinutes,
      isLast: i === all.length - 1 && night === null,
    }))
    .slice(process.stepsBefore, night ?? undefined);
}

// The first step for which children are wanted lies in its own block; nothing is mixed for them elsewhere.
const firstOfChildren = (made: MadeIn): number =>
  stepsOnTheDay(made).findIndex(({ step }) => step?.owner !== 'adult');

interface Windows {
  readonly first: readonly LineSpan[];
  readonly later: readonly LineSpan[];
}

function windowsFor(session: Session, process: Process, day: DayLine, home: Home): Windows {
  if (process.when === 'asleep') {
    const asleep = sleepOf(home, session.day.date);
    return { first: asleep, later: asleep };
  }
  const own = blockOf(session.placement, home);
  const active = day.active.map(day.spanOf);
  if (!own) {
    const open = home.blocks.filter(({ isCircle }) => !isCircle).map(day.spanOf);
    return { first: open, later: open };
  }
  const span = day.spanOf(own);
  return { first: [span], later: [span, ...active.filter(({ from }) => from >= span.to)] };
}

/** When the children sleep: the home's own times for making ready that lie in its hours on that day of the week. */
function sleepOf({ prepSlots, parts }: Home, date: PlainDay): readonly LineSpan[] {
  const weekday = String(weekdayOf(date)) as keyof (typeof prepSlots)[number]['minutes'];
  const open = parts.map(({ from, to }) => [minutesSinceMidnight(from), minutesSinceMidnight(to)] as const);
  return prepSlots
    .map(({ start, minutes }) => {
      const from = minutesSinceMidnight(start);
      return { from, to: from + (minutes[weekday] ?? 0) };
    })
    .filter(({ from, to }) => from < to && open.some(([opens, closes]) => opens <= from && from < closes));
}

// When it is wanted: as somebody said, else at the next meal, else at the end of its part of the day, when some go.
function goalOf(
  { placement }: Session,
  { readyBy, when }: Process,
  { spanOf }: DayLine,
  home: Home,
): { readonly at: Minutes; readonly name: string } {
  if (readyBy !== null) return { at: minutesSinceMidnight(readyBy), name: readyBy };
  const own = blockOf(placement, home);
  const closes = Math.max(...home.parts.map(({ to }) => minutesSinceMidnight(to))) as Minutes;
  if (!own || when === 'asleep') return { at: closes, name: 'the end of the day' };
  const { from } = spanOf(own);
  const part = partAt(home, from);
  const ends = minutesSinceMidnight(part.to);
  const meal = home.blocks
    .filter((block) => isMeal(block) && spanOf(block).from > from && spanOf(block).from <= ends)
    .toSorted((a, b) => spanOf(a).from - spanOf(b).from)[0];
  if (meal && placement.content.eaten) return { at: spanOf(meal).from as Minutes, name: meal.name };
  return { at: ends, name: `the end of ${part.name}` };
}

function laidOut(wanted: readonly Wanted[], day: DayLine): readonly DayProcess[] {
  const { opens, ties } = day;
  const processes = wanted.map(({ process }) => sinceOpening(process, opens));
  const laid = groupsInOrder(wanted, allOn(day.line, processes).laid);
  const onTheClock = (minute: number | undefined): Minutes | null =>
    minute === undefined ? null : ((minute + opens) as Minutes);
  return wanted.map((one, i): DayProcess => {
    const { session, made, group, forWhat } = one;
    // Asked of what is looked at closer, and of what has no room.
    const beside = once(() => leftBeside(day.line, processes.toSpliced(i, 1), laid.toSpliced(i, 1)));
    const possible = once(() => possibleOn(beside(), processes[i]!));
    const inTheWay = once(() => (laid[i] ? NONE : wayOnTheClock(inTheWayOf(beside(), processes[i]!), opens)));
    return {
      ...{ session, made, group, forWhat, ties },
      steps: laid[i] ? byTheClock(one, laid[i], opens) : [],
      ready: onTheClock(laid[i]?.ready),
      by: one.process.by as Minutes,
      get earliestReady() {
        return onTheClock(possible()?.earliest.ready);
      },
      get latestStart() {
        return onTheClock(possible()?.latest.starts[0]);
      },
      get inTheWay() {
        return inTheWay();
      },
    };
  });
}

// A line begins when the home opens; what is asked of it and what it answers are minutes of the day.
const sinceOpening = (process: LineProcess, opens: number): LineProcess => ({
  ...process,
  from: Math.max(0, process.from - opens),
  by: process.by - opens,
  steps: process.steps.map((step) => ({
    ...step,
    within: step.within && step.within.map(({ from, to }) => ({ from: from - opens, to: to - opens })),
  })),
});
const wayOnTheClock = (ways: readonly InTheWay[], opens: number): readonly InTheWay[] =>
  ways.map((way) => (way.kind === 'begin' ? { ...way, latest: way.latest + opens } : way));

function once<T>(make: () => T): () => T {
  let made: { readonly value: T } | null = null;
  return () => (made ??= { value: make() }).value;
}

// Groups of one thing are alike: the first is whose turn comes first.
function groupsInOrder(
  wanted: readonly Wanted[],
  laid: readonly (LaidProcess | null)[],
): readonly (LaidProcess | null)[] {
  const result = [...laid];
  for (const [, those] of groupBy(
    wanted.map((_, i) => i),
    (i) => wanted[i]!.made,
  )) {
    const sorted = those
      .map((i) => laid[i]!)
      .toSorted((a, b) => (a?.starts[0] ?? Infinity) - (b?.starts[0] ?? Infinity));
    those.forEach((i, at) => (result[i] = sorted[at]!));
  }
  return result;
}

function byTheClock(
  { made, process }: Wanted,
  { starts, ready }: LaidProcess,
  opens: number,
): readonly ClockStep[] {
  const steps = stepsOnTheDay(made);
  return process.steps.map(({ hands, leastWait }, i) => {
    const from = starts[i]! + opens;
    const until = from + hands;
    return {
      step: steps[i]!.step,
      from: from as Minutes,
      until: until as Minutes,
      ready: (until + leastWait) as Minutes,
      next: ((starts[i + 1] ?? ready) + opens) as Minutes,
    };
  });
}
