import type { Book } from '../book/index.ts';
import { formatDay } from '../calendar/index.ts';
import type { Reading } from '../reading/index.ts';
import { bringsText, eventDay } from '../unit/index.ts';
import { text, type PrintedPage } from './page.ts';

/** An invitation for each child who comes on the day of a special event, where somebody wrote what it says. */
export function invitations(_book: Book, { events, frame }: Reading): readonly PrintedPage[] {
  return events.flatMap((event): readonly PrintedPage[] => {
    const at = eventDay(event, frame.calendar);
    if (event.invitation === '' || !('day' in at)) return [];
    const { date, number } = frame.calendar.days[at.day - 1]!;
    const from = event.plan.map(({ start }) => start).toSorted()[0];
    const hours = from ? `, ${from}${event.ends ? ` to ${event.ends}` : ''}` : '';
    return frame.attendance[number - 1]!.children.map((child) => ({
      key: `${event.id}-${child.id}`,
      title: event.title,
      sub: `${formatDay(date)}${hours} · for ${child.shownAs}`,
      parts: [
        text(event.invitation),
        ...(event.brings === '' ? [] : [text(`${bringsText(event)}.`)]),
        text(frame.home.name, true),
      ],
    }));
  });
}
