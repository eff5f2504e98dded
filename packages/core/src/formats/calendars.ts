import { minutesSinceMidnight, type Minutes } from '../calendar/index.ts';
import type { CalendarEntry } from './calendar-out.ts';
import { LAST_PART_MINUTES, type Reading } from '../reading/index.ts';
import { eventDay } from '../unit/index.ts';

/** What of a unit goes into a calendar. */
export const CALENDARS = { events: 'Special events', preparation: 'Making ready' } as const;
export type CalendarOf = keyof typeof CALENDARS;

/** The special events of a unit by their real dates: those with times of their own from the first to the last of them. */
export const eventEntries = ({ events, frame }: Reading): readonly CalendarEntry[] =>
  events.flatMap((event): CalendarEntry[] => {
    const when = eventDay(event, frame.calendar);
    if (!('day' in when)) return [];
    const starts = event.plan.map(({ start }) => minutesSinceMidnight(start)).toSorted((a, b) => a - b);
    const [first, last] = [starts[0], starts.at(-1)];
    return [
      {
        id: `${event.id}@${frame.unit.id}.kobby`,
        title: event.title,
        detail: event.plan.map(({ start, text }) => `${start} ${text}`).join('\n'),
        date: frame.calendar.days[when.day - 1]!.date,
        at:
          first === undefined || last === undefined
            ? null
            : {
                from: first,
                minutes: ((event.ends === null
                  ? last + LAST_PART_MINUTES
                  : minutesSinceMidnight(event.ends)) - first) as Minutes,
              },
      },
    ];
  });

/** What is to be made ready for a unit, in the times into which it is laid; what is done is left out. */
export const preparationEntries = ({ ready, frame }: Reading): readonly CalendarEntry[] =>
  ready.entries.flatMap(({ task, slot, state }): CalendarEntry[] => {
    if (!slot || state !== 'laid' || task.unit.id !== frame.unit.id) return [];
    return [
      {
        id: `${task.id.replaceAll(':', '.')}@${frame.unit.id}.kobby`,
        title: task.text,
        detail: `${task.forWhat}, ${slot.name}`,
        date: slot.date,
        at: { from: slot.start, minutes: task.minutes },
      },
    ];
  });
