import {
  aboutDuration,
  concerns,
  formatDay,
  formatMinutes,
  WAITING_PLACES,
  type ReadyEntry,
  type ReadySlot,
} from '@kobby/core';

/** `Thu 11 March · Nap time 13:00`. */
export const slotText = ({ date, name, start, kind }: ReadySlot): string =>
  `${formatDay(date)} · ${name}${kind === 'children' || kind === 'errand' ? '' : ` ${formatMinutes(start)}`}`;

/** What a task is for, and where and how long it waits, in a few words. */
export function forText({ task }: ReadyEntry, unitId: string): string {
  const wait = task.waitMinutes > 0 ? ` · done ${aboutDuration(task.waitMinutes)} before` : '';
  const place = task.hold ? ` · waits in the ${WAITING_PLACES[task.hold.kind]}` : '';
  const of = concerns(task, unitId) ? '' : ` · ${task.unit.title}`;
  const what = task.forWhat.startsWith('Day ') ? '' : `${task.forWhat} · `;
  return `${what}${dayText(task)}${wait}${place}${of}`;
}

/** `Day 5`; a date where no numbered day needs it. */
export const dayText = ({ day }: ReadyEntry['task']): string =>
  day.number === 0 ? formatDay(day.date) : `Day ${day.number}`;
