import type { Book } from '../book/index.ts';
import { formatDay } from '../calendar/index.ts';
import { specialHours, type Reading } from '../reading/index.ts';
import { bringsText } from '../unit/index.ts';
import { text, type PrintedPage } from './page.ts';

/** An invitation for each child who comes on the day of a special event, where somebody wrote what it says. */
export const invitations = (_book: Book, { specials, frame }: Reading): readonly PrintedPage[] =>
  specials
    .filter(({ event }) => event.invitation !== '')
    .flatMap((special) => {
      const { event, day } = special;
      const hours = specialHours(special);
      const when = `${formatDay(frame.calendar.days[day - 1]!.date)}${hours ? `, ${hours.from} to ${hours.to}` : ''}`;
      return frame.attendance[day - 1]!.children.map((child) => ({
        key: `${event.id}-${child.id}`,
        title: event.title,
        sub: `${when} · for ${child.shownAs}`,
        parts: [
          text(event.invitation),
          ...(event.brings === '' ? [] : [text(`${bringsText(event)}.`)]),
          text(frame.home.name, true),
        ],
      }));
    });
