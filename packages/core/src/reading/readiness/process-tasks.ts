import { momentOf, type PlainDay } from '../../calendar/index.ts';
import type { Process, Recipe } from '../../library/index.ts';
import type { Placement } from '../../unit/index.ts';
import { answerFlat } from '../ground/answer.ts';
import { firstSteps } from '../kitchen/timetable.ts';
import { madeIn } from '../kitchen/made-in.ts';
import { sessionsOf, type Frame, type Session } from '../plan/plan.ts';
import { cookTasks } from './cook-tasks.ts';
import { openingOf } from './slots.ts';
import type { ReadyTask } from './task.ts';

const DAY = 24 * 60;

/**
 * What the processes of something placed ask for before its days: all of those that are made beforehand, the first steps of the others
 * where somebody said so.
 */
export const processTasks = answerFlat(
  (look, placement: Placement, frame: Frame, today: PlainDay): readonly ReadyTask[] => {
    const { processes } = placement.content;
    if (!processes.some(({ when, stepsBefore }) => when === 'beforehand' || stepsBefore > 0)) return [];
    return sessionsOf(placement, frame).flatMap((session) =>
      session.day.date < today
        ? []
        : madeIn(look, session, frame).flatMap(({ process, recipe, children }): readonly ReadyTask[] => {
            const part = partBefore(process, recipe);
            if (part === null || children.length === 0) return [];
            return tasksOf(part, process, recipe, session, frame);
          }),
    );
  },
);

/** What of a process is made before its day, as a recipe; null for nothing of it. */
const partBefore = ({ when, stepsBefore }: Process, recipe: Recipe): Recipe | null => {
  if (when === 'beforehand' || stepsBefore >= Math.max(1, recipe.steps.length)) return recipe;
  return stepsBefore > 0 ? firstSteps(recipe, stepsBefore) : null;
};

function tasksOf(
  part: Recipe,
  process: Process,
  recipe: Recipe,
  { placement, day, span }: Session,
  frame: Frame,
): readonly ReadyTask[] {
  const { home, unit } = frame;
  const isPart = part !== recipe;
  const usedAt =
    placement.where.kind === 'day' && span.from > 0
      ? momentOf(day.date, span.from, home.zone)
      : openingOf(home, day.date);
  const rests = part.steps.at(-1)?.waitMinutes ?? 0;
  return cookTasks({
    ...{ id: `${placement.id}:made:${process.id}:${day.number}`, unit, recipe: part, times: 1 },
    ...{ forWhat: placement.content.title, placement, day, usedAt },
    keepsMinutes: isPart ? rests + DAY : recipe.keepsDays === null ? null : recipe.keepsDays * DAY,
  });
}
