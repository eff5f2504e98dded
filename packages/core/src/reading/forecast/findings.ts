import type { Finding } from '../ground/finding.ts';
import { memoised } from '../ground/memo.ts';
import type { Frame } from '../plan/plan.ts';
import type { Forecast } from './forecast.ts';

/** What is watched and comes late, for the unit that runs: whichever unit began it. */
export const watchFindings = memoised(
  (watched: readonly Forecast[], frame: Frame, isNow: boolean): readonly Finding[] =>
    watched
      .filter(({ isOver, observation }) => !isOver && (isNow || observation.unitId === frame.unit.id))
      .flatMap(({ observation, stages }) =>
        stages
          .filter(({ overdueDays }) => overdueDays > 0)
          .map(({ stage, overdueDays }): Finding => ({
            key: `watch-late:${observation.id}:${stage.id}`,
            rule: 'watch-late',
            level: 'note',
            title: `Late: ${observation.title}`,
            detail: `${stage.name} has not begun, ${overdueDays} ${overdueDays === 1 ? 'day' : 'days'} after the last day that was thought. All that comes after has moved along.`,
            instead: 'Write down what is seen on the page Watch, or end it and begin anew.',
            basis: 'stages have rough durations',
            days: [],
            cornerIds: [],
            placementId: null,
            childIds: [],
          })),
      ),
);
