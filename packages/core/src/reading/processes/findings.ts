import { formatDuration, formatMinutes, type Minutes, type PlainDay } from '../../calendar/index.ts';
import { WAITING_PLACES, type WaitingPlaceKind } from '../../house/index.ts';
import type { Placement } from '../../unit/index.ts';
import type { Circles } from '../circle/circle.ts';
import type { Asking } from '../ground/answer.ts';
import { aboutPlacement, fewOf, fingerprint, type Finding } from '../ground/finding.ts';
import { memoised } from '../ground/memo.ts';
import { clockedSteps } from '../kitchen/timetable.ts';
import type { Frame } from '../plan/plan.ts';
import { processesOfDay, type DayProcess } from './day-processes.ts';

/** The findings about what is made on a day and is not ready when it is wanted, or cannot be worked out. Days before `today` are not asked. */
export const processFindings = (
  asking: Asking,
  placements: readonly Placement[],
  circles: Circles,
  frame: Frame,
  today: PlainDay,
): readonly Finding[] => {
  const withProcess = placements.filter(({ content }) => content.processes.length > 0);
  if (withProcess.length === 0) return NONE;
  return frame.calendar.days.flatMap(({ number, date }) =>
    date < today ? NONE : tellOf(processesOfDay(asking, placements, circles, frame, number), number),
  );
};
const NONE: readonly Finding[] = [];

// Of several groups of one thing that have no room only the first is told.
const tellOf = memoised((processes: readonly DayProcess[], number: number): readonly Finding[] => {
  const told = new Set<string>();
  return processes.flatMap((one) => {
    const { session, made } = one;
    const key = `process:${session.placement.id}:${made.process.id}:${number}`;
    if (told.has(key)) return [];
    const found = made.problem === null ? (one.ready === null ? lateFinding(one) : null) : brokenFinding(one);
    if (!found) return [];
    told.add(key);
    const base = { key, rule: 'process', days: [number], ...aboutPlacement(session.placement) } as const;
    return [{ ...base, ...found }];
  });
});

type Told = Pick<Finding, 'level' | 'title' | 'detail' | 'basis' | 'facts'>;

const brokenFinding = ({ made }: DayProcess): Told => ({
  level: 'care',
  title: `${made.recipe.title} cannot be worked out`,
  detail: `${made.problem}.`,
  basis: 'the recipe and who is there',
  facts: fingerprint([made.recipe.id, made.problem]),
});

function lateFinding(one: DayProcess): Told {
  const { made, by, forWhat, group } = one;
  const which = group === null ? '' : `, group ${group}`;
  const takes = clockedSteps(made.recipe)
    .slice(made.process.stepsBefore)
    .reduce((sum, { minutes, waitMinutes }) => sum + minutes * made.process.repeats + waitMinutes, 0);
  const wanted = forWhat === formatMinutes(by) ? formatMinutes(by) : `${forWhat} (${formatMinutes(by)})`;
  return {
    level: 'care',
    title: `${made.recipe.title}${which} is not ready by ${wanted}`,
    detail: `It takes ${formatDuration(takes)} with its waits. ${whyText(one)}`,
    basis: 'each step and its wait, the blocks of the day, who is free, and what the places hold',
    facts: fingerprint([made.process.id, by, one.inTheWay]),
  };
}

/** Why something has no room in a day, a sentence for each thing that is in its way. */
export function whyText({ inTheWay, ties, by, session }: DayProcess): string {
  const earlier = ties.filter(({ from }) => from < by);
  const tied = [
    ...new Set(
      earlier.map(({ what, from, to }) => `${what} (${formatMinutes(from)} to ${formatMinutes(to)})`),
    ),
  ];
  return inTheWay
    .map((one) => {
      switch (one.kind) {
        case 'adult':
          return tied.length > 0
            ? `Nobody is free for it in time: ${fewOf(tied)} ${tied.length === 1 ? 'ties' : 'tie'} an adult.`
            : 'Nobody is free for it in time.';
        case 'place':
          return `The ${WAITING_PLACES[one.place as WaitingPlaceKind] ?? one.place} is full meanwhile.`;
        case 'begin':
          return `It would have to begin by ${formatMinutes(one.latest as Minutes)}.`;
        case 'children':
          return `What the children do of it does not fit into the time of ${session.placement.content.title} and what comes after it.`;
        case 'time':
          return one.short === null
            ? 'One of its steps is longer than any time there is for it.'
            : `By itself it is ready ${formatDuration(one.short as Minutes)} too late.`;
      }
    })
    .join(' ');
}
