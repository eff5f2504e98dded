import loadHighs from 'highs';
import { beforeAll, describe, expect, test } from 'vitest';
import type { Minutes, Moment } from '../calendar/index.ts';
import { cases } from '../testing/cases.ts';
import { aProblem, seeded } from '../testing/problems.ts';
import {
  compareGoals,
  goalsOf,
  quickSchedule,
  solveSchedule,
  type Goals,
  type Laid,
  type ScheduleProblem,
  type Solver,
  type Task,
} from './index.ts';

let solver: Solver;
beforeAll(async () => {
  const highs = await loadHighs();
  solver = (lp, options) => highs.solve(lp, options as never);
});

// Everything below judges schedules by its own sums: it shares nothing with what it judges.

interface Verdict {
  readonly breaks: readonly string[];
  readonly goals: Goals;
}

/** What a schedule breaks and costs, minute by obvious minute. */
function judge({ tasks, slots, places, taken, mostOver }: ScheduleProblem, laid: Laid): Verdict {
  const breaks: string[] = [];
  const slotOf = (id: string) => {
    const s = laid[tasks.findIndex((task) => task.id === id)];
    return s === null || s === undefined ? null : slots[s]!;
  };
  const placed = tasks.filter((_, t) => laid[t] !== null);
  for (const task of placed) {
    const own = slotOf(task.id)!;
    if (!task.options.includes(slots.indexOf(own))) breaks.push(`${task.id} in a slot that is not its own`);
    for (const { taskId, waitMinutes, mostMinutes } of task.needs) {
      const before = slotOf(taskId);
      if (!before) breaks.push(`${task.id} without ${taskId}`);
      else if (before.to + waitMinutes > own.to) breaks.push(`${task.id} too soon after ${taskId}`);
      else if (mostMinutes !== null && before.to + mostMinutes < own.to)
        breaks.push(`${task.id} too late after ${taskId}`);
    }
  }
  let over = 0;
  for (const [s, slot] of slots.entries()) {
    const load = tasks.reduce((sum, task, t) => (laid[t] === s ? sum + task.minutes : sum), 0);
    const more = slot.minutes === null ? 0 : Math.max(0, load - slot.minutes);
    if (more > mostOver) breaks.push(`${slot.id} runs over by ${more}`);
    over += more;
  }
  const held = placed.flatMap(({ id, hold }) => {
    if (!hold) return [];
    const from = slotOf(id)!.to as number;
    const to = hold.until === null ? from + hold.forMinutes : Math.max(from, hold.until);
    return [{ place: hold.place, units: hold.units, from, to }];
  });
  for (const { place, from } of [...held, ...taken]) {
    const inIt = (one: { place: string; from: number; to: number }) =>
      one.place === place && one.from <= from && from <= one.to;
    const ours = held.filter(inIt).reduce((sum, { units }) => sum + units, 0);
    const theirs = taken.filter(inIt).reduce((sum, { units }) => sum + units, 0);
    if (ours > 0 && ours + theirs > (places[place] ?? Infinity)) breaks.push(`${place} is too full`);
  }
  const sumOf = (of: (task: Task, s: number | null) => number) =>
    tasks.reduce((sum, task, t) => sum + of(task, laid[t]!), 0);
  return {
    breaks,
    goals: {
      unplaced: sumOf((_, s) => (s === null ? 1 : 0)),
      over,
      last: sumOf((task, s) => (s !== null && s >= task.lastFrom ? task.minutes : 0)),
      moved: sumOf((task, s) => (task.shown !== null && task.shown !== s ? 1 : 0)),
    },
  };
}

/** The best of all schedules there are, ties by task id included. */
function bruteForce(problem: ScheduleProblem): Laid {
  const { tasks } = problem;
  const byId = tasks.map((_, t) => t).sort((a, b) => (tasks[a]!.id < tasks[b]!.id ? -1 : 1));
  const key = ({ goals }: Verdict, laid: Laid): number[] => [
    goals.unplaced,
    goals.over,
    goals.last,
    goals.moved,
    ...byId.map((t) => -(laid[t] ?? -1)),
  ];
  let best: { laid: Laid; key: number[] } | null = null;
  const visit = (laid: readonly (number | null)[]): void => {
    const t = laid.length;
    if (t === tasks.length) {
      const verdict = judge(problem, laid);
      if (verdict.breaks.length > 0) return;
      const its = key(verdict, laid);
      const differs = best ? its.findIndex((value, i) => value !== best!.key[i]) : 0;
      if (!best || (differs >= 0 && its[differs]! < best.key[differs]!)) best = { laid, key: its };
      return;
    }
    for (const s of [...tasks[t]!.options, null]) visit([...laid, s]);
  };
  visit([]);
  return best!.laid;
}

const CASES = cases(300, 2_000);

test(`the solver finds what brute force finds, ties included, in seeded small cases`, () => {
  for (let seed = 1; seed <= CASES; seed += 1) {
    const problem = small(seed);
    const best = bruteForce(problem);
    const solved = solveSchedule(problem, solver);
    expect({ seed, laid: solved.laid }).toEqual({ seed, laid: best });
    expect(solved.goals).toEqual(judge(problem, best).goals);
    expect({ seed, is: solved.isBest, n: problem.tasks }).toEqual({ seed, is: true, n: problem.tasks });
  }
});

// Six tasks and four slots at most; many are smaller, so that brute force stays quick.
function small(seed: number): ScheduleProblem {
  const random = seeded(seed * 31);
  const tasks = 1 + Math.floor(random() * 6);
  const slots = 1 + Math.floor(random() * (tasks > 5 ? 3 : 4));
  return aProblem(seed, { tasks, slots: seed % 20 === 0 ? 4 : slots, minutes: 40 });
}

const FULL = { tasks: 120, slots: 30, minutes: 150 };

describe('the quick schedule', () => {
  test('breaks nothing and is always the same, in small cases and in units of full size', () => {
    for (let seed = 1; seed <= CASES; seed += 1) {
      const size = seed % 40 === 0 ? FULL : { tasks: 12, slots: 6, minutes: 40 };
      const problem = aProblem(seed, size);
      const laid = quickSchedule(problem);
      expect({ seed, breaks: judge(problem, laid).breaks }).toEqual({ seed, breaks: [] });
      expect(judge(problem, laid).goals).toEqual(goalsOf(problem, laid));
      if (seed % 40 === 0) expect(quickSchedule(structuredClone(problem) as ScheduleProblem)).toEqual(laid);
    }
  });

  test('keeps what people were shown where nothing speaks against it', () => {
    let [moved, tasks] = [0, 0];
    for (let seed = 1; seed <= 40; seed += 1) {
      const problem = aProblem(seed, FULL);
      const before = quickSchedule(problem);
      const shown = published(problem, before);
      // One edit: one task takes longer.
      const edited = {
        ...shown,
        tasks: shown.tasks.map((task, t) =>
          t === seed ? { ...task, minutes: (task.minutes + 5) as Minutes } : task,
        ),
      };
      const after = quickSchedule(edited);
      expect(judge(edited, after).breaks).toEqual([]);
      // Nothing that was shown moves for nothing: only where something better is gained by it.
      const again = quickSchedule(shown);
      const [was, is] = [judge(shown, before).goals, judge(shown, again).goals];
      if (before.some((s, t) => s !== null && again[t] !== s))
        expect(compareGoals({ ...is, moved: 0 }, { ...was, moved: 0 })).toBeLessThan(0);
      moved += before.filter((s, t) => s !== null && after[t] !== s).length;
      tasks += before.filter((s) => s !== null).length;
    }
    expect(moved / tasks).toBeLessThan(0.01);
  });
});

const published = (problem: ScheduleProblem, laid: Laid): ScheduleProblem => ({
  ...problem,
  tasks: problem.tasks.map((task, t) => ({ ...task, shown: laid[t] ?? null })),
});

test('the solver is never worse than the quick schedule, breaks nothing, and repeats itself', () => {
  for (let seed = 1; seed <= 6; seed += 1) {
    const problem = aProblem(seed, { tasks: 30, slots: 8, minutes: 40 });
    const solved = solveSchedule(problem, solver);
    expect(judge(problem, solved.laid)).toEqual({ breaks: [], goals: solved.goals });
    expect(compareGoals(solved.goals, goalsOf(problem, quickSchedule(problem)))).toBeLessThanOrEqual(0);
    expect(solveSchedule(problem, solver)).toEqual(solved);
  }
});

describe('what cannot be', () => {
  const slot = (id: string, to: number, minutes: number | null = 60) => ({
    id,
    from: (to - 60) as Moment,
    to: to as Moment,
    minutes: minutes as Minutes | null,
  });
  const task = (id: string, rest: Partial<Task> = {}): Task => ({
    id,
    minutes: 20 as Minutes,
    options: [0],
    needs: [],
    hold: null,
    lastFrom: 99,
    shown: null,
    ...rest,
  });
  const problem = (rest: Partial<ScheduleProblem>): ScheduleProblem => ({
    tasks: [],
    slots: [slot('a', 100)],
    places: {},
    taken: [],
    mostOver: 0 as Minutes,
    ...rest,
  });
  const both = (one: ScheduleProblem) => [quickSchedule(one), solveSchedule(one, solver).laid];

  test('without slots, or with one of no minutes, tasks stay unplaced', () => {
    expect(both(problem({ slots: [], tasks: [task('x', { options: [] })] }))).toEqual([[null], [null]]);
    expect(both(problem({ slots: [slot('a', 100, 0)], tasks: [task('x')] }))).toEqual([[null], [null]]);
  });

  test('a wait that is longer than the time left leaves what waits unplaced, and what it needs placed', () => {
    const tasks = [
      task('dye', { options: [0, 1] }),
      task('fill', {
        options: [0, 1],
        needs: [{ taskId: 'dye', waitMinutes: 999 as Minutes, mostMinutes: null }],
      }),
    ];
    expect(both(problem({ slots: [slot('a', 100), slot('b', 200)], tasks }))).toEqual([
      [1, null],
      [1, null],
    ]);
  });

  test('what needs something that is never done is not done either', () => {
    const need = { taskId: 'x', waitMinutes: 0 as Minutes, mostMinutes: null };
    expect(both(problem({ tasks: [task('x', { options: [] }), task('y', { needs: [need] })] }))).toEqual([
      [null, null],
      [null, null],
    ]);
  });

  test('nothing to do is done', () => {
    expect(both(problem({}))).toEqual([[], []]);
  });
});
