import { forOthers, type Book } from '../book/index.ts';
import type { PlainDay } from '../calendar/index.ts';
import { read, type Reading } from '../reading/index.ts';
import type { UnitId } from '../unit/index.ts';
import { bagLabels, binCards, cornerCards, recipeCards } from './cards.ts';
import { childLists, daySheet } from './day-sheet.ts';
import { invitations } from './invitations.ts';
import { folderSheet, preparationLists, supplyList } from './lists.ts';
import { composeNoteHome } from './note-home.ts';
import { offeredSheet } from './offered.ts';
import { overviewSheet, subjectSheet } from './overview.ts';
import { text, type PrintedLayout, type PrintedPage } from './page.ts';

interface Printed {
  readonly name: string;
  readonly hint: string;
  readonly layout: PrintedLayout;
  /** Printed for one numbered day. */
  readonly perDay: boolean;
  /** The pages; none when there is nothing to print. `day` matters only where it is per day. */
  readonly pages: (book: Book, reading: Reading, day: number, today: PlainDay) => readonly PrintedPage[];
}

/** The note as it was edited last, else as it is composed. */
function noteHome(book: Book, reading: Reading, today: PlainDay): readonly PrintedPage[] {
  const { unit, home } = reading.frame;
  const letter = Object.values(book.letters)
    .filter(({ unitId }) => unitId === unit.id)
    .toSorted((a, b) => Number(a.sentAt !== null) - Number(b.sentAt !== null))[0];
  const note = letter ?? composeNoteHome(book, reading, today);
  return [
    {
      key: 'note-home',
      title: note.subject,
      sub: home.name,
      parts: note.text.split('\n\n').map((paragraph) => text(paragraph)),
    },
  ];
}

/** Everything of a unit that is printed from the plan, in the order in which it is used. */
export const PRINTED = {
  'one-page': {
    name: 'The unit on one page',
    hint: 'corners and days, across the sheet',
    layout: 'landscape',
    perDay: false,
    pages: overviewSheet,
  },
  'by-subject': {
    name: 'Subjects and ideas',
    hint: 'each heading with what counts for it',
    layout: 'landscape',
    perDay: false,
    pages: subjectSheet,
  },
  'day-sheet': {
    name: 'Day sheet',
    hint: 'the whole day, with who does what and whom to watch for',
    layout: 'pages',
    perDay: true,
    pages: daySheet,
  },
  folder: {
    name: 'Folder sheet',
    hint: 'what lies in the folder of the day',
    layout: 'pages',
    perDay: true,
    pages: folderSheet,
  },
  'corner-cards': {
    name: 'Corner cards',
    hint: 'one a set-up, to stand beside it',
    layout: 'cards',
    perDay: false,
    pages: cornerCards,
  },
  'bin-cards': {
    name: 'Bin cards',
    hint: 'with the rule of the home',
    layout: 'cards',
    perDay: false,
    pages: binCards,
  },
  'recipe-cards': {
    name: 'Recipe cards',
    hint: 'in the amounts of this unit',
    layout: 'cards',
    perDay: false,
    pages: recipeCards,
  },
  'supply-list': {
    name: 'Supply list',
    hint: 'by shop, then families, borrowing, collecting',
    layout: 'pages',
    perDay: false,
    pages: supplyList,
  },
  preparation: {
    name: 'Preparation',
    hint: 'a page for each person',
    layout: 'pages',
    perDay: false,
    pages: preparationLists,
  },
  'bag-labels': {
    name: 'Bag labels',
    hint: '90 × 50 mm, with how each set is used',
    layout: 'labels',
    perDay: false,
    pages: bagLabels,
  },
  'by-child': {
    name: 'Lists by child',
    hint: 'what each does, and its bin',
    layout: 'pages',
    perDay: false,
    pages: childLists,
  },
  invitations: {
    name: 'Invitations',
    hint: 'one a child for a special event, where it says what the invitation is',
    layout: 'cards',
    perDay: false,
    pages: invitations,
  },
  'note-home': {
    name: 'Note home',
    hint: 'as it was edited last',
    layout: 'pages',
    perDay: false,
    pages: (book, reading, _day, today) => noteHome(book, reading, today),
  },
  offered: {
    name: 'What was offered',
    hint: 'by day and area, as recorded, to be signed',
    layout: 'pages',
    perDay: false,
    pages: (book, reading, _day, today) => offeredSheet(book, reading, today),
  },
} as const satisfies Record<string, Printed>;
export type PrintedId = keyof typeof PRINTED;

/**
 * The pages of a sheet of a unit, with every child called as the home shows it; none when there is nothing to print. Paper lies
 * about. `day` matters only where the sheet is per day, and may be all of them.
 * @throws {Error} for a unit that is not there.
 */
export function printedPages(
  id: PrintedId,
  whole: Book,
  { unitId, day, today }: { readonly unitId: UnitId; readonly day: number | 'all'; readonly today: PlainDay },
): readonly PrintedPage[] {
  const book = forOthers(whole);
  const reading = read(book, unitId, today);
  const { pages, perDay } = PRINTED[id];
  if (day !== 'all') return pages(book, reading, day, today);
  const days = perDay ? reading.frame.calendar.days.map(({ number }) => number) : [1];
  return days.flatMap((number) =>
    pages(book, reading, number, today).map((page) => ({ ...page, key: `${number} ${page.key}` })),
  );
}
