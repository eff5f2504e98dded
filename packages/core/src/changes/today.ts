import { ageInMonths } from '../house/index.ts';
import type { PlainDay } from '../calendar/index.ts';
import type { Gesture } from './change.ts';

/** Nobody in a home daycare is older than this; an earlier birthday is a slip of the keys. */
const OLDEST_MONTHS = 216;

/** What is wrong with a gesture on the day on which it is made: a path in it and what to do. */
export interface DayProblem {
  readonly path: readonly (string | number)[];
  readonly message: string;
}

/**
 * What cannot be on the day on which it is entered, such as a birthday still to come. Asked once, when a gesture
 * is accepted: what was kept is never judged by another day.
 */
export const dayProblems = (gesture: Gesture, today: PlainDay): readonly DayProblem[] =>
  gesture.changes.flatMap((change, index) => {
    const at = (...path: string[]) => ['changes', index, ...path];
    if (change.type === 'house/put-child')
      return birthProblems(change.child.birth, today, at('child', 'birth'));
    if (change.type === 'watch/put-observation')
      return stillToCome(change.observation.startedOn, today, at('observation', 'startedOn'));
    return change.type === 'watch/record' ? stillToCome(change.sighting.on, today, at('sighting', 'on')) : [];
  });

const stillToCome = (day: PlainDay, today: PlainDay, path: DayProblem['path']): readonly DayProblem[] =>
  day > today ? [{ path, message: 'This day is still to come' }] : [];

function birthProblems(birth: PlainDay, today: PlainDay, path: DayProblem['path']): readonly DayProblem[] {
  if (birth > today) return stillToCome(birth, today, path);
  return ageInMonths(birth, today) > OLDEST_MONTHS
    ? [{ path, message: 'That is more than eighteen years ago' }]
    : [];
}
