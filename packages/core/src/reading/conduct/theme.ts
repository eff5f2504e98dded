import { groupBy } from '../../book/index.ts';
import { formatDay } from '../../calendar/index.ts';
import { AREAS, areaOf } from '../../skills/index.ts';
import {
  lineHoldsOn,
  isShownIn,
  thingGaps,
  type CirclePiece,
  type DayLine,
  type Feature,
  type Placement,
  type SpecialEvent,
  type Thing,
} from '../../unit/index.ts';
import { answer } from '../ground/answer.ts';
import { featuresMet, isShownByThing } from '../plan/features.ts';
import { linesIn, membersIn, piecesIn } from '../plan/of-unit.ts';
import { formatDays, listed, type Finding } from '../ground/finding.ts';
import { memoised } from '../ground/memo.ts';
import type { Frame } from '../plan/plan.ts';

const OF_UNIT = { days: [], cornerIds: [], placementId: null, childIds: [] } as const;

// What is hardly begun has gaps everywhere: it is not told before so much stands.
const FEWEST_PLACED = 4;
const isBegun = (placements: readonly Placement[]): boolean => placements.length >= FEWEST_PLACED;

/** The finding about areas of skills for which nothing at all is planned. */
export const areaFindings = memoised((placements: readonly Placement[]): readonly Finding[] => {
  if (!isBegun(placements)) return [];
  const met = new Set(placements.flatMap(({ content }) => content.skills.map(areaOf)));
  const forgotten = AREAS.filter((area) => !met.has(area));
  if (forgotten.length === 0) return [];
  return [
    {
      key: 'area-forgotten',
      rule: 'area-forgotten',
      level: 'note',
      title: `Nothing for ${listed(forgotten)}`,
      detail: 'No corner, no day and no bin works on that.',
      instead: 'See on the trays what could fill it.',
      basis: 'every area in every unit, unless left out on purpose',
      ...OF_UNIT,
    },
  ];
});

/** How often something featured should turn up at least. */
const FEWEST_FEATURED = 2;

/** The findings about what is featured and hardly turns up. */
export const featureFindings = answer(
  (look, placements: readonly Placement[], frame: Frame): readonly Finding[] => {
    if (!isBegun(placements)) return [];
    const { featured } = frame;
    const met = featuresMet(look, placements, featured);
    const thin = featured
      .map((feature) => ({
        name: `${feature.kind} ${feature.value}`,
        places: [
          ...placements.filter((_, i) => met[i]!.includes(feature)).map(({ content }) => content.title),
          ...metBeside(look, frame, feature),
        ],
      }))
      .filter(({ places }) => places.length < FEWEST_FEATURED);
    if (thin.length === 0) return [];
    const where = thin.map(({ name, places: [place] }) => `${name} ${place ? `once: ${place}` : 'nowhere'}`);
    return [
      {
        key: 'feature-once',
        rule: 'feature-once',
        level: 'note',
        title: `${listed(thin.map(({ name }) => name))} hardly ${thin.length === 1 ? 'turns' : 'turn'} up`,
        detail: `${listed(where)}.`,
        instead: 'The ledge shows what has it.',
        basis:
          'what is featured turns up in several places: activities, the theme’s things, words, books, songs',
        ...OF_UNIT,
      },
    ];
  },
);

/** Where the children of a unit meet what is featured beside its activities, by name: the theme's things and words, books and songs. */
const metBeside = answer((look, frame: Frame, feature: Feature): readonly string[] => {
  const { id, words, bookIds } = frame.unit;
  const pieces = piecesIn(look, id);
  const read = [...linesIn(look, id), ...pieces].flatMap(({ bookId }) => bookId ?? []);
  return [
    ...membersIn(look, id)
      .filter((thing) => isShownByThing(thing, feature))
      .map(({ name }) => name),
    ...words.filter((word) => isShownIn(feature, word)),
    ...[...new Set([...bookIds, ...read])].flatMap((bookId) => {
      const book = look.one('bookTitles', bookId);
      return book && isShownIn(feature, [book.title, ...book.about].join(' \n')) ? [book.title] : [];
    }),
    ...pieces
      .map(({ songId, words: said }) => (songId && look.one('songs', songId)?.title) || said)
      .filter((title) => isShownIn(feature, title)),
  ];
});

/** The finding about members of the theme whose partner is missing or goes with another. */
export const partnerFindings = memoised((things: readonly Thing[]): readonly Finding[] => {
  const gaps = thingGaps(things).filter(({ column }) => column === 'pair');
  if (gaps.length === 0) return [];
  return [
    {
      key: 'partner',
      rule: 'partner',
      level: 'note',
      title: gaps.length === 1 ? 'A partner is missing' : `${gaps.length} partners are missing`,
      detail: `${listed(gaps.map(({ text }) => text))}.`,
      instead: 'Add it to the theme’s things, or choose another partner.',
      basis: 'pairs are matched two by two',
      ...OF_UNIT,
    },
  ];
});

/** The findings about special events that have no plan of their own: nothing said and nothing that stands in them. */
export const planFindings = memoised(
  (events: readonly SpecialEvent[], placements: readonly Placement[]): readonly Finding[] =>
    events
      .filter(
        ({ id, plan }) =>
          plan.length === 0 &&
          !placements.some(
            ({ where, inEvent }) => inEvent === id || (where.kind === 'event' && where.eventId === id),
          ),
      )
      .map(({ id, title }) => ({
        key: `event-without-plan:${id}`,
        rule: 'event-without-plan',
        level: 'note',
        title: `${title} has no plan`,
        detail: 'On its day the ordinary plan is thrown out.',
        instead: 'Write a line or two: when, what.',
        basis: 'a special day has a plan of its own',
        ...OF_UNIT,
      })),
);

/** The findings about borrowed books that are read on a day after they go back. */
export const goneBookFindings = answer(
  (look, lines: readonly DayLine[], pieces: readonly CirclePiece[], frame: Frame): readonly Finding[] => {
    const { days } = frame.calendar;
    const readOn = [
      ...lines.map((line) => ({ ...line, isOn: (day: number) => lineHoldsOn(line, day) })),
      ...pieces.map((piece) => ({
        ...piece,
        isOn: (day: number) => piece.day === null || piece.day === day,
      })),
    ];
    const uses = readOn.flatMap(({ bookId, isOn }) => (bookId === null ? [] : [{ bookId, isOn }]));
    return [...groupBy(uses, ({ bookId }) => bookId)].flatMap(([bookId, ofBook]) => {
      const book = look.one('bookTitles', bookId);
      const backBy = book?.backBy ?? null;
      if (!book || backBy === null) return [];
      const late = days.filter(
        ({ number, date }) => date > backBy && ofBook.some(({ isOn }) => isOn(number)),
      );
      if (late.length === 0) return [];
      return [
        {
          key: `book-back:${bookId}`,
          rule: 'book-back',
          level: 'care',
          title: `${book.title} goes back before it is read`,
          detail: `It goes back${book.borrowedFrom === null ? '' : ` to ${book.borrowedFrom}`} by ${formatDay(backBy)}; it is read on ${formatDays(late.map(({ number }) => number))}.`,
          instead: 'Read it before, ask for it longer, or choose another one.',
          basis: 'what is borrowed goes back',
          ...OF_UNIT,
          days: late.map(({ number }) => number),
        },
      ];
    });
  },
);

/** The finding about books of the unit that are never read aloud. */
export const bookFindings = answer(
  (look, lines: readonly DayLine[], pieces: readonly CirclePiece[], frame: Frame): readonly Finding[] => {
    const read = new Set([
      ...lines.filter(({ kind }) => kind === 'read-aloud').map(({ bookId }) => bookId as string),
      ...pieces.map(({ bookId }) => bookId as string),
    ]);
    const unread = frame.unit.bookIds.flatMap((id) => {
      const title = look.one('bookTitles', id);
      return !title || title.use === 'rail' || read.has(id) ? [] : [title.title];
    });
    if (unread.length === 0) return [];
    return [
      {
        key: 'book-unread',
        rule: 'book-unread',
        level: 'note',
        title: unread.length === 1 ? `Never read: ${unread[0]}` : `${unread.length} books are never read`,
        detail: `${listed(unread)} ${unread.length === 1 ? 'belongs' : 'belong'} to the unit and ${unread.length === 1 ? 'stands' : 'stand'} on no day.`,
        instead: 'Put it on a day, before what grows from it.',
        basis: 'the story before what grows from it',
        ...OF_UNIT,
      },
    ];
  },
);
