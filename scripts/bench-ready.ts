// Figures of making ready: the quick schedule of a unit of full size, and what a solver gains over it.
import loadHighs from 'highs';
import {
  goalsOf,
  quickSchedule,
  solveSchedule,
  type Goals,
  type Minutes,
  type ScheduleProblem,
} from '@kobby/core';
import { aProblem } from '../packages/core/src/testing/problems.ts';
import { ms, percentile, show } from './figures.ts';

const FULL = { tasks: 120, slots: 30, minutes: 150 };
const RUNS = 60;
const SOLVED = 3;
const EDITS = 120;

const elapsed = (work: () => unknown): number => {
  const start = performance.now();
  work();
  return performance.now() - start;
};

const text = ({ unplaced, over, last, moved }: Goals): string =>
  `${unplaced} unplaced, ${over} min over, ${last} min on a last evening, ${moved} moved`;

/** The quick schedule, how far one edit moves it, and the solver beside it. */
export async function benchReady(): Promise<void> {
  const problems = Array.from({ length: RUNS }, (_, i) => aProblem(i + 1, FULL));
  problems.forEach(quickSchedule);
  const times = problems.map((problem) => elapsed(() => quickSchedule(problem))).toSorted((a, b) => a - b);
  show(
    `quick schedule, ${FULL.tasks} tasks × ${FULL.slots} slots`,
    `${ms(percentile(times, 0.5))} median, ${ms(percentile(times, 0.95))} at 95 %`,
  );
  show('tasks moved after one edit, of those that were shown', movedByAnEdit(problems[0]!));
  const highs = await loadHighs();
  for (const problem of problems.slice(0, SOLVED)) {
    const quick = goalsOf(problem, quickSchedule(problem));
    let solved = { goals: quick, isBest: false };
    const time = elapsed(() => {
      solved = solveSchedule(problem, (lp, options) => highs.solve(lp, options));
    });
    show('  quick', text(quick));
    show(
      `  solver, ${(time / 1000).toFixed(1)} s${solved.isBest ? '' : ' (at its limit)'}`,
      text(solved.goals),
    );
  }
}

function movedByAnEdit(problem: ScheduleProblem): string {
  const before = quickSchedule(problem);
  const tasks = problem.tasks.map((task, t) => ({ ...task, shown: before[t] ?? null }));
  const moved = Array.from({ length: EDITS }, (_, edit) => {
    const longer = (one: (typeof tasks)[number]) => ({ ...one, minutes: (one.minutes + 5) as Minutes });
    const edited = { ...problem, tasks: tasks.map((one, t) => (t === edit ? longer(one) : one)) };
    const after = quickSchedule(edited);
    return before.filter((s, t) => s !== null && after[t] !== s).length;
  });
  const shown = before.filter((s) => s !== null).length;
  const mean = moved.reduce((sum, one) => sum + one, 0) / EDITS;
  return `${mean.toFixed(2)} of ${shown} on average, ${Math.max(...moved)} at most`;
}
