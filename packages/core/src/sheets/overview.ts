import { groupBy, type Book } from '../book/index.ts';
import { formatDay } from '../calendar/index.ts';
import { lensFor, listed, type BalanceRow, type Reading } from '../reading/index.ts';
import { headingsOfContent, LENSES, type LensId } from '../skills/index.ts';
import {
  FEATURE_KINDS,
  LINE_KINDS,
  lineHoldsOn,
  lineText,
  standsOn,
  type LineKind,
  type Placement,
} from '../unit/index.ts';
import { pairsOf, type GridCell, type PrintedGrid, type PrintedPage } from './page.ts';

// A unit that has no dates yet is laid out by its numbers.
const numbersOf = ({ frame }: Reading): readonly number[] =>
  Array.from({ length: frame.unit.dayCount }, (_, i) => i + 1);

/** Days on which the same is said are one cell: what stays out all week is read once. */
export function spanned(byDay: readonly (readonly string[])[]): readonly GridCell[] {
  const cells: { span: number; lines: readonly string[] }[] = [];
  for (const lines of byDay) {
    const last = cells.at(-1);
    if (last && last.lines.length === lines.length && last.lines.every((line, i) => line === lines[i]))
      last.span += 1;
    else cells.push({ span: 1, lines });
  }
  return cells;
}

/**
 * A unit on one page: its corners and the rows of its days down, its numbered days across. What stays out over several days is one
 * cell over all of them.
 */
export function overviewGrid(book: Book, reading: Reading): PrintedGrid {
  const { frame, placements, shelf, lines, events, circles } = reading;
  const numbers = numbersOf(reading);
  const over = (textsOn: (day: number) => readonly string[]): readonly GridCell[] =>
    spanned(numbers.map(textsOn));
  const titlesOn = (test: (placement: Placement) => boolean, day: number): readonly string[] =>
    placements.filter((one) => test(one) && standsOn(one, day)).map(({ content }) => content.title);
  const onDays = (isWanted: (placement: Placement) => boolean) => (day: number) =>
    titlesOn((one) => one.where.kind === 'day' && isWanted(one), day);
  const isForAll = ({ content }: Placement): boolean => content.mode === 'whole-group';
  const said = (kind: LineKind) => (day: number) =>
    lines
      .filter((line) => line.kind === kind && lineHoldsOn(line, day))
      .map((line) => lineText(line, book.bookTitles));
  const sung = (day: number): readonly string[] =>
    circles.runs
      .filter((run) => run.day.number === day && run.moment === 'in')
      .flatMap(({ parts }) => parts.filter(({ song }) => song !== null).map(({ title }) => title));
  const sungByDay = numbers.map(sung).filter(({ length }) => length > 0);
  const daily =
    sungByDay.length < 2
      ? []
      : sungByDay[0]!.filter((title) => sungByDay.every((titles) => titles.includes(title)));
  const rows = [
    {
      name: 'Special',
      cells: over((day) => events.filter((one) => isOn(reading, one, day)).map(({ title }) => title)),
    },
    { name: 'Everyone', cells: over(onDays(isForAll)) },
    { name: 'A few', cells: over(onDays((one) => !isForAll(one))) },
    { name: 'Read', cells: over(said('read-aloud')) },
    { name: 'Sung daily', cells: over(() => (daily.length === 0 ? [] : [daily.join(', ')])) },
    { name: 'Sung', cells: over((day) => sung(day).filter((title) => !daily.includes(title))) },
    ...shelf.map(({ corner }) => ({
      name: corner.name,
      isMain: true,
      cells: over((day) =>
        titlesOn(({ where }) => where.kind === 'corner' && where.cornerId === corner.id, day),
      ),
    })),
    ...(['circle', 'indoors', 'outdoors', 'note'] as const).map((kind) => ({
      name: LINE_KINDS[kind],
      cells: over(said(kind)),
    })),
  ];
  const isSaid = ({ cells }: { readonly cells: readonly GridCell[] }): boolean =>
    cells.some((cell) => cell.lines.length > 0);
  return {
    kind: 'grid',
    head: numbers.map((number) => {
      const date = frame.calendar.days[number - 1]?.date;
      return date ? [`Day ${number}`, formatDay(date, 'brief')] : [`Day ${number}`];
    }),
    // A corner is there also when it is empty: that is what one looks for.
    rows: rows.filter((row) => 'isMain' in row || isSaid(row)),
  };
}

// An idea has no dates: its events are where their numbers say.
const isOn = (
  { frame, specials }: Reading,
  { id, when }: Reading['events'][number],
  number: number,
): boolean =>
  frame.unit.start === null
    ? when.kind === 'day' && when.day === number
    : specials.some(({ event, day }) => event.id === id && day === number);

function aboutUnit(
  book: Book,
  { frame: { unit }, placements, things }: Reading,
): readonly (readonly [string, string])[] {
  const reserve = placements
    .filter(({ where }) => where.kind === 'reserve')
    .map(({ content }) => content.title);
  return (
    [
      ['Featured', unit.featured.map(({ kind, value }) => `${FEATURE_KINDS[kind].toLowerCase()} ${value}`)],
      ['Things', things.map(({ name }) => name)],
      ['New words', unit.words],
      ['Books', unit.bookIds.flatMap((id) => book.bookTitles[id]?.title ?? [])],
      ['On the wall', unit.pictures],
      ['In reserve', reserve],
    ] as const
  ).flatMap(([what, list]) => (list.length === 0 ? [] : [[what, list.join(', ')] as const]));
}

/** The unit on one landscape page; none of a unit with nothing in it. */
export function overviewSheet(book: Book, reading: Reading): readonly PrintedPage[] {
  const { unit, home } = reading.frame;
  return [
    {
      key: 'one-page',
      title: unit.title,
      sub: [unit.about, home.name].filter(Boolean).join(' · '),
      parts: [overviewGrid(book, reading), ...pairsOf(aboutUnit(book, reading))],
    },
  ];
}

/** An idea under a heading, with where it stands. */
interface SubjectIdea {
  readonly placement: Placement;
  readonly at: string;
}

/** A heading with the ideas that count for it. */
export interface SubjectRow {
  readonly row: BalanceRow;
  readonly ideas: readonly SubjectIdea[];
}

/** Through which headings ideas are laid out: those at which the unit is looked at first, school subjects where that is by corners. */
export function subjectLens({ frame }: Pick<Reading, 'frame'>): Exclude<LensId, 'corners'> {
  const lens = lensFor(frame);
  return lens === 'corners' ? 'subjects' : lens;
}

/** The headings of a lens, each with its ideas in the order of the days; what counts for several stands under each of them. */
export function ideasBySubject(book: Book, reading: Reading, lens: LensId): readonly SubjectRow[] {
  const { placements, frame } = reading;
  return reading.balance(lens).rows.map((row) => ({
    row,
    ideas: placements
      .filter(({ content }) => headingsOfContent(lens, content, frame.home.ownHeadings).includes(row.id))
      .map((placement) => ({ placement, at: placeText(book, placement) })),
  }));
}

function placeText(book: Book, { where }: Placement): string {
  if (where.kind === 'corner') return book.corners[where.cornerId]?.name ?? 'a corner';
  if (where.kind === 'day') return `Day ${where.day}`;
  return where.kind === 'bin' ? 'a bin' : 'in reserve';
}

/** Subjects and ideas on one landscape page. */
export function subjectSheet(book: Book, reading: Reading): readonly PrintedPage[] {
  const lens = subjectLens(reading);
  const { unit, home } = reading.frame;
  return [
    {
      key: 'by-subject',
      title: unit.title,
      sub: [
        unit.featured.map(({ kind, value }) => `${FEATURE_KINDS[kind]} ${value}`).join(', '),
        LENSES[lens].name,
        home.name,
      ]
        .filter(Boolean)
        .join(' · '),
      parts: [
        {
          kind: 'grid',
          head: [['Ideas, and where they stand']],
          rows: ideasBySubject(book, reading, lens).map(({ row, ideas }) => ({
            name: row.name,
            isMain: true,
            cells: [{ span: 1, lines: ideas.length === 0 ? [] : [inOneLine(ideas)] }],
          })),
        },
        ...pairsOf([...aboutUnit(book, reading), ...thinText(reading.balance(lens).rows)]),
      ],
    },
  ];
}

// What is done several times is said once, with all its places.
const inOneLine = (ideas: readonly SubjectIdea[]): string =>
  [...groupBy(ideas, ({ placement }) => placement.content.title)]
    .map(([title, those]) => `${title} (${those.map(({ at }) => at).join(', ')})`)
    .join(' · ');

const thinText = (rows: readonly BalanceRow[]): readonly (readonly [string, string])[] => {
  const thin = rows.filter(({ isThin }) => isThin).map(({ name }) => name);
  return thin.length === 0 ? [] : [['Still thin', listed(thin)]];
};

// The inside of a landscape sheet that is letter and A4 at once, less what stands above and below the grid, in millimetres.
const INSIDE = { width: 252, height: 130, nameWidth: 26 } as const;
const SIZES = [9, 8.5, 8, 7.5, 7, 6.5, 6] as const;
const MM_PER_POINT = 25.4 / 72;
/** A letter of the print font is about half as wide as it is high, a line a fifth higher. */
const LETTER = { width: 0.5, height: 1.2 } as const;
const CELL_PADDING_MM = 1.2;

/**
 * The size of letters, in points, at which a grid fits on one landscape page of letter or A4 paper: the largest from 9 to 6 points for
 * which its lines, wrapped at words as wide as their column, do. 6 where none does: it goes on on a second page then.
 */
export function gridPoints({ head, rows }: PrintedGrid): number {
  const fits = (points: number): boolean => {
    const columnMm = (INSIDE.width - INSIDE.nameWidth) / Math.max(1, head.length);
    const letterMm = points * MM_PER_POINT * LETTER.width;
    const linesIn = (text: string, widthMm: number): number =>
      Math.ceil((text.length * letterMm * 1.1) / (widthMm - CELL_PADDING_MM));
    const heights = rows.map(({ name, cells }) => {
      const own = linesIn(name, INSIDE.nameWidth);
      const inCells = cells.map(({ span, lines }) =>
        lines.reduce((sum, line) => sum + linesIn(line, columnMm * span), 0),
      );
      return Math.max(own, ...inCells) * points * MM_PER_POINT * LETTER.height + CELL_PADDING_MM;
    });
    return heights.reduce((sum, height) => sum + height, 0) <= INSIDE.height;
  };
  return SIZES.find(fits) ?? SIZES.at(-1)!;
}
