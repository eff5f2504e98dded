import type { Minutes, Moment } from '../calendar/index.ts';
import { randomOf } from '../measure/index.ts';
import type { ScheduleProblem, TimeSlot, Task, TaskNeed } from '../schedule/index.ts';

/** Numbers for made-up cases, always the same for a seed. */
export const seeded = randomOf;

/** How large a made-up problem is, and how tight. */
export interface ProblemSize {
  readonly tasks: number;
  readonly slots: number;
  readonly minutes: number;
}

const HOUR = 60;
const DAY = 24 * HOUR;
const PLACES = { freezer: 2, line: 1 };

/** A made-up problem: slots about a day apart, tasks with waits, gaps, needs, places, and some that were shown. */
export function aProblem(seed: number, size: ProblemSize): ScheduleProblem {
  const random = seeded(seed);
  const upTo = (most: number): number => Math.floor(random() * (most + 1));
  const oneOf = <T>(list: readonly T[]): T => list[upTo(list.length - 1)]!;
  const slots = Array.from({ length: size.slots }, (_, i): TimeSlot => {
    const to = i * DAY + upTo(3) * HOUR;
    const minutes = random() < 0.1 ? null : ((upTo(size.minutes / 10) * 10) as Minutes);
    return { id: `s${i}`, from: (to - HOUR) as Moment, to: to as Moment, minutes };
  }).toSorted((a, b) => a.to - b.to);
  const ids = Array.from({ length: size.tasks }, (_, i) => `t${(i * 7) % size.tasks}-${i}`);
  const tasks = ids.map((id, i): Task => {
    const first = upTo(Math.max(0, size.slots - 2));
    const last = first + upTo(size.slots - 1 - first);
    const options = slots.map((_, s) => s).filter((s) => first <= s && s <= last && random() < 0.9);
    const needs: TaskNeed[] =
      i > 0 && random() < 0.4
        ? [
            {
              taskId: ids[upTo(i - 1)]!,
              waitMinutes: oneOf([0, 0, 8 * HOUR, DAY]) as Minutes,
              mostMinutes: random() < 0.25 ? ((2 * DAY) as Minutes) : null,
            },
          ]
        : [];
    const hold =
      random() < 0.3
        ? {
            place: oneOf(Object.keys(PLACES)),
            units: 1 + upTo(1),
            until: random() < 0.5 ? ((size.slots * DAY) as Moment) : null,
            forMinutes: oneOf([0, 10 * HOUR, 2 * DAY]) as Minutes,
          }
        : null;
    return {
      id,
      minutes: ((1 + upTo(4)) * 5) as Minutes,
      options,
      needs,
      hold,
      lastFrom: oneOf([size.slots, Math.max(0, last), last + 1]),
      shown: random() < 0.4 ? upTo(size.slots) - 1 : null,
    };
  });
  const taken =
    random() < 0.3 ? [{ place: 'freezer', units: 1, from: 0 as Moment, to: (2 * DAY) as Moment }] : [];
  return { tasks, slots, places: PLACES, taken, mostOver: oneOf([0, 5, 15]) as Minutes };
}
