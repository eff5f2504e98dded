import { unique, type Book } from '../book/index.ts';
import { addDays, formatDay, type PlainDay } from '../calendar/index.ts';
import { formatQuantity } from '../measure/index.ts';
import { specialHours, listed, type Reading, type SupplyLine } from '../reading/index.ts';
import { lineHoldsOn } from '../unit/index.ts';

/** A note home as it is proposed: the provider edits it before anybody gets it. */
export interface NoteHome {
  readonly subject: string;
  readonly text: string;
}

/**
 * A note to families about the days of a unit from `today` on: theme, words, songs and books of the week, what to send in
 * and by when, thanks for what came, special events and days on which the home is closed. It names no child, no allergy and no caution: families
 * see neither.
 */
export function composeNoteHome(book: Book, reading: Reading, today: PlainDay): NoteHome {
  const { frame, circles, supplies } = reading;
  const { unit, calendar, home } = frame;
  const ahead = calendar.days.filter(({ date }) => date >= today);
  const days = ahead.length > 0 ? ahead : calendar.days;
  const numbers = new Set(days.map(({ number }) => number));
  const [first, last] = [days[0], days.at(-1)];
  const span = first && last ? `${formatDay(first.date)} to ${formatDay(last.date)}` : '';
  const parts = circles.runs.filter(({ day }) => numbers.has(day.number)).flatMap((run) => run.parts);
  const paragraphs = [
    'Dear families,',
    [span === '' ? `We are planning "${unit.title}".` : `"${unit.title}": ${span}.`, unit.about]
      .filter(Boolean)
      .join(' '),
    unit.words.length > 0 ? `New words: ${unit.words.join(', ')}.` : '',
    lineOf('We sing', unique(parts.flatMap(({ song }) => song?.title ?? []))),
    lineOf(
      'We read',
      booksOf(
        book,
        reading,
        numbers,
        parts.flatMap(({ book: read }) => read?.title ?? []),
      ),
    ),
    asksOf(supplies, home.units, today),
    thanksFor(book, reading),
    ...eventsOf(reading, numbers),
    ...closedOf(reading, today),
    `With warm regards, ${home.name}`,
  ];
  return {
    subject: span === '' ? unit.title : `${unit.title}: ${span}`,
    text: paragraphs.filter((text) => text !== '').join('\n\n'),
  };
}

const lineOf = (begins: string, titles: readonly string[]): string =>
  titles.length === 0 ? '' : `${begins}: ${titles.join(', ')}.`;

const booksOf = (
  book: Book,
  { lines }: Reading,
  numbers: ReadonlySet<number>,
  inCircles: readonly string[],
): readonly string[] => {
  const aloud = lines
    .filter((line) => line.kind === 'read-aloud' && [...numbers].some((day) => lineHoldsOn(line, day)))
    .flatMap(({ bookId }) => (bookId === null ? [] : (book.bookTitles[bookId]?.title ?? [])));
  return unique([...inCircles, ...aloud]);
};

// It should be there the day before; where that is over, soon.
const byWhen = (needed: PlainDay, today: PlainDay): string =>
  addDays(needed, -1) < today ? 'as soon as you can' : `by ${formatDay(addDays(needed, -1))}`;

function asksOf(
  lines: readonly SupplyLine[],
  units: Parameters<typeof formatQuantity>[1],
  today: PlainDay,
): string {
  const asked = lines.filter(({ basket, buy }) => basket === 'families' && buy.amount > 0);
  if (asked.length === 0) return '';
  const texts = asked.map(
    ({ supply, buy, by, errand }) =>
      `- ${formatQuantity(buy, units)} ${supply.name}, ${byWhen(by.date, today)}${errand?.note ? ` (${errand.note})` : ''}`,
  );
  return ['Could you send in, if you have it:', ...texts].join('\n');
}

// What families sent in for it: taken off the list, or put away since; what was got otherwise in the end is no reason to thank them.
function thanksFor(book: Book, { supplies, frame }: Reading): string {
  const putAway = new Set(
    Object.values(book.stockMoves)
      .filter(({ kind, forUnit }) => kind === 'bought' && forUnit === frame.unit.id)
      .map(({ supplyId }) => supplyId),
  );
  const names = supplies
    .filter(({ supply, errand }) => (errand?.basket ?? supply.got) === 'families')
    .filter(({ supply, pickup }) => pickup !== null || putAway.has(supply.id))
    .map(({ supply }) => supply.name);
  return names.length === 0 ? '' : `Thank you for what you sent in: ${listed(names)}.`;
}

const eventsOf = ({ specials, frame }: Reading, numbers: ReadonlySet<number>): readonly string[] =>
  specials
    .filter(({ day }) => numbers.has(day))
    .map((special) => {
      const { title, brings, bringsElse } = special.event;
      const from = specialHours(special)?.from;
      const date = formatDay(frame.calendar.days[special.day - 1]!.date);
      return [
        `Something special on ${date}${from ? ` from ${from}` : ''}: ${title}.`,
        brings === '' ? '' : `Each child brings ${brings}.`,
        brings === '' || bringsElse === '' ? '' : `Whoever has none: ${bringsElse}.`,
      ]
        .filter(Boolean)
        .join(' ');
    });

function closedOf({ frame: { calendar } }: Reading, today: PlainDay): readonly string[] {
  const closed = calendar.skipped.filter(({ date }) => date >= today);
  return closed.length === 0
    ? []
    : [`We are closed on ${listed(closed.map(({ date }) => formatDay(date)))}.`];
}
