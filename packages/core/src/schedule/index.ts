/** Schedule: tasks laid backwards into slots. A quick answer at once, a better one by a solver that is handed in. */
export {
  compareGoals,
  goalsOf,
  GOALS,
  type Goals,
  type Hold,
  type Laid,
  type ScheduleProblem,
  type TimeSlot,
  type Taken,
  type Task,
  type TaskNeed,
} from './problem.ts';
export { Board } from './board.ts';
export { quickSchedule } from './quick.ts';
export { holds, solveSchedule, type Solved, type Solver, type Stage } from './solve.ts';
