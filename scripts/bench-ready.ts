// Figures of making ready: the quick schedule of a unit of full size, what a solver gains over it, and whether the page
// answers while the solver runs in its worker.
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
import { openDemo } from '../e2e/support/demo.ts';
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

const OWN_TASKS = 120;
const SOLVER_SECONDS = 15;

/** The longest task of the page's main thread while a full-size schedule is worked out beside it. */
export async function benchSolverInBrowser(): Promise<void> {
  const { server, mara, close } = await openDemo();
  const changes = Array.from({ length: OWN_TASKS }, (_, i) => ({
    type: 'ready/put-task',
    task: {
      id: `own-${i}`,
      unitId: 'unit-lanterns',
      text: `Task ${i}`,
      minutes: 5 + ((i * 7) % 26),
      day: 1 + (i % 10),
    },
  }));
  await mara.page.evaluate(
    async (body) => {
      await fetch('/api/gestures', { method: 'POST', headers: { 'content-type': 'application/json' }, body });
    },
    JSON.stringify({ gestures: [{ id: 'bench-own-tasks', at: '2027-03-11T12:00:00.000Z', changes }] }),
  );
  await mara.go(`${server.url}/units/unit-lanterns/ready`);
  await mara.find('[data-test="task"]');
  // The page is at rest before anything is measured: its picture comes last.
  await mara.find('main svg text');
  await mara.page.evaluate(() => {
    const longest = { ms: 0 };
    Object.assign(window, { longest });
    // Drawing what was found is counted as well.
    new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries()) longest.ms = Math.max(longest.ms, duration);
    }).observe({ entryTypes: ['longtask'] });
  });
  const start = performance.now();
  await mara.press('[data-test="work-out"]');
  const found = await mara.page
    .waitForFunction(
      () => !document.querySelector('[data-test="better"]')?.textContent?.includes('Working'),
      {
        timeout: SOLVER_SECONDS * 1000,
      },
    )
    .then(() => true)
    .catch(() => false);
  const longest = await mara.page.evaluate(() => (window as never as { longest: { ms: number } }).longest.ms);
  const took = ((performance.now() - start) / 1000).toFixed(1);
  const outcome = await mara.textOf('[data-test="better"]');
  show(
    `${OWN_TASKS} more tasks on the page: ${found ? 'worked out' : 'still at it'} after`,
    `${took} s: ${outcome}`,
  );
  show(
    '  longest task of the main thread meanwhile (goal: 50 ms)',
    longest === 0 ? 'none over 50 ms' : ms(longest),
  );
  await close();
}
