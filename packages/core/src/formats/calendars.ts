import { minutesSinceMidnight, type Minutes } from '../calendar/index.ts';
import type { CalendarEntry } from './calendar-out.ts';
import type { Reading } from '../reading/index.ts';

/** What of a unit goes into a calendar. */
export const CALENDARS = { events: 'Special events', preparation: 'Making ready' } as const;
export type CalendarOf = keyof typeof CALENDARS;

/** The special events of a unit by their real dates: those with times of their own from the first to the last of them. */
export const eventEntries = ({ specials, frame }: Reading): readonly CalendarEntry[] =>
  specials.map(({ event, day, parts }): CalendarEntry => {
    const [first, last] = [parts[0], parts.at(-1)];
    const from = first && minutesSinceMidnight(first.start);
    return {
      id: `${event.id}@${frame.unit.id}.kobby`,
      title: event.title,
      detail: event.plan.map(({ start, text }) => `${start} ${text}`).join('\n'),
      date: frame.calendar.days[day - 1]!.date,
      at:
        from === undefined || !last
          ? null
          : { from, minutes: (minutesSinceMidnight(last.start) + last.minutes - from) as Minutes },
    };
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
