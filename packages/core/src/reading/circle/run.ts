import type { Table } from '../../book/index.ts';
import { clockSpan, type ClockSpan, type ProgramDay } from '../../calendar/index.ts';
import type { SupplyId } from '../../cupboard/index.ts';
import { valueIn, type Block, type Child, type Home, type Person } from '../../house/index.ts';
import type { BookTitle, Song } from '../../library/index.ts';
import {
  lineHoldsOn,
  PIECE_KINDS,
  singingSchema,
  type CirclePiece,
  type DayLine,
  type Feature,
  type PieceEnergy,
  type Singing,
  type Thing,
} from '../../unit/index.ts';
import { listsOf, sing, type SongWords, type SungVerse } from '../../verses/index.ts';
import { memoised, stableGroups } from '../ground/memo.ts';
import { thereOn, type Frame } from '../plan/plan.ts';
import type { SpecialDay } from '../plan/special.ts';
import { lengthOf, type PieceLength } from './length.ts';

/** A thing that must be there for a piece, in the right number. */
interface PieceProp {
  readonly words: string;
  readonly supplyId: SupplyId | null;
  readonly count: number;
}

/** A piece as it is on one day. */
export interface CirclePart {
  readonly piece: CirclePiece;
  readonly title: string;
  readonly song: Song | null;
  readonly book: BookTitle | null;
  /** What its slots are filled with. */
  readonly words: SongWords;
  /** As they are sung; none for what has no song. */
  readonly verses: readonly SungVerse[];
  readonly length: PieceLength;
  readonly energy: PieceEnergy;
  readonly recordedMinutes: number;
  readonly props: readonly PieceProp[];
  /** The piece of every day whose place it takes. */
  readonly insteadOf: CirclePiece | null;
}

/** A circle on one day, or what stands at the seam after a block: its parts in their order. */
export interface CircleRun {
  readonly day: ProgramDay;
  readonly block: Block;
  readonly moment: CirclePiece['moment'];
  readonly parts: readonly CirclePart[];
  readonly seconds: number;
  /** What the slots of its songs are filled with unless words are chosen for a piece. */
  readonly words: SongWords;
  readonly children: readonly Child[];
  readonly adults: readonly Person[];
}

/** Everything that circles are made from, as one value that stays the same while all of it does. */
export interface CircleStuff {
  /** Songs of special events among them. */
  readonly pieces: readonly CirclePiece[];
  readonly specials: readonly SpecialDay[];
  readonly things: readonly Thing[];
  readonly lines: readonly DayLine[];
  readonly songs: Table<Song>;
  readonly books: Table<BookTitle>;
}

/** The blocks that a home keeps for circle time. */
export const circleBlocks = (home: Home): readonly Block[] => home.blocks.filter(({ isCircle }) => isCircle);

/**
 * Every circle and every seam of a unit that has a piece, day by day in the order of the home's blocks. Pieces whose block
 * is gone from the home stand in none.
 */
export const runsOf = memoised((stuff: CircleStuff, frame: Frame): readonly CircleRun[] => {
  if (stuff.pieces.length === 0) return NO_RUNS;
  return frame.calendar.days.flatMap((day) =>
    blocksOn(stuff, frame, day.number).flatMap((block) =>
      MOMENTS.flatMap((moment) => {
        const run = runOn(stuff, frame, day, block, moment);
        return run.parts.length > 0 ? [run] : [];
      }),
    ),
  );
});

// A special event has parts of its own.
const blocksOn = ({ specials }: CircleStuff, { home }: Frame, day: number): readonly Block[] => {
  const parts = specials.flatMap((special) => (special.day === day ? special.parts : []));
  return parts.length === 0 ? home.blocks : [...home.blocks, ...parts];
};

const NO_RUNS: readonly CircleRun[] = [];
const MOMENTS = ['in', 'after'] as const;

/** A circle of one day, also one without a piece. */
export const runOn = memoised(
  (
    stuff: CircleStuff,
    frame: Frame,
    day: ProgramDay,
    block: Block,
    moment: CirclePiece['moment'],
  ): CircleRun => {
    const span = spanAt(block, moment);
    const { children, adults } = thereOn(frame, day.number, span);
    const at = seamsOf(stuff.pieces).get(`${block.id}:${moment}`) ?? [];
    const parts = piecesOn(at, day.number).map((piece) => partOf(piece, day.number, children, stuff, frame));
    const seconds = secondsUntil({ parts }, parts.length);
    const words = wordsFor(NO_CHOICE, frame.featured, stuff.things, children);
    return { day, block, moment, parts, seconds, words, children, adults };
  },
);

const seamsOf = stableGroups((piece: CirclePiece) => `${piece.blockId}:${piece.moment}`);

// At the seam those are there who were in the block.
const spanAt = (block: Block, moment: CirclePiece['moment']): ClockSpan => {
  const span = clockSpan(block.start, block.minutes);
  return moment === 'in' ? span : { from: span.to, to: (span.to + 1) as typeof span.to };
};

/**
 * The pieces of one day in their order: those of every day that are not left out on it and whose place no other takes, and
 * those of the day. What takes the place of another stands where that one would.
 */
export function piecesOn(pieces: readonly CirclePiece[], day: number): readonly CirclePiece[] {
  const byId = new Map<string, CirclePiece>(pieces.map((piece) => [piece.id, piece]));
  const ofDay = pieces.filter((piece) => piece.day === day);
  const taken = new Set<string | null>(ofDay.map(({ insteadOf }) => insteadOf));
  const everyDay = pieces.filter(
    ({ id, day: own, notOn }) => own === null && !notOn.includes(day) && !taken.has(id),
  );
  const placeOf = ({ insteadOf, order }: CirclePiece): string =>
    (insteadOf === null ? undefined : byId.get(insteadOf)?.order) ?? order;
  return [...everyDay, ...ofDay].toSorted((a, b) => {
    const [one, other] = [placeOf(a), placeOf(b)];
    return one < other ? -1 : one > other ? 1 : a.id < b.id ? -1 : 1;
  });
}

function partOf(
  piece: CirclePiece,
  day: number,
  children: readonly Child[],
  { pieces, things, lines, songs, books }: CircleStuff,
  { home, featured }: Frame,
): CirclePart {
  const song = (piece.songId && songs[piece.songId]) || null;
  const bookId =
    piece.bookId ?? (piece.kind === 'story' && piece.words === '' ? bookOfDay(lines, day) : null);
  const book = (bookId && books[bookId]) || null;
  const insteadOf = pieces.find(({ id }) => id === piece.insteadOf) ?? null;
  // A song that names nobody is the same whoever comes.
  const named = song && namesChildren(song) ? children : NOBODY;
  const meant = song ? thingsSungOf(song, things) : things;
  const part = made(piece, song, book, wordsFor(piece.singing, featured, meant, named), home);
  return { ...part, props: song ? propsOf(song, part.verses, children.length) : [], insteadOf };
}

const NOBODY: readonly Child[] = [];
const namesChildren = memoised((song: Song): boolean => listsOf(song).has('who'));

const NO_CHOICE: CirclePiece['singing'] = singingSchema.parse({});

const bookOfDay = (lines: readonly DayLine[], day: number): string | null =>
  (
    lines.find(
      (line) =>
        line.kind === 'read-aloud' && line.day !== null && lineHoldsOn(line, day) && line.bookId !== null,
    ) ?? lines.find((line) => line.kind === 'read-aloud' && line.day === null && line.bookId !== null)
  )?.bookId ?? null;

// What does not depend on the day is the same on each.
const made = memoised(
  (
    piece: CirclePiece,
    song: Song | null,
    book: BookTitle | null,
    words: SongWords,
    home: Home,
  ): Omit<CirclePart, 'props' | 'insteadOf'> => {
    const verses = song ? sing(song, words, piece.singing) : NO_VERSES;
    const length = lengthOf(piece, song, verses, home);
    const recorded = piece.kind === 'recorded' || (song?.recordedMinutes ?? 0) > 0;
    return {
      piece,
      title: titleOf(piece, song, book),
      song,
      book,
      words,
      verses,
      length,
      energy: song?.energy ?? PIECE_KINDS[piece.kind].energy,
      recordedMinutes: recorded ? Math.ceil(length.ownSeconds / 60) : 0,
    };
  },
);
const NO_VERSES: readonly SungVerse[] = [];

/** What a piece is called: its song or book, else its words, else what kind it is. */
function titleOf({ words, kind }: CirclePiece, song: Song | null, book: BookTitle | null): string {
  const title = song?.title ?? book?.title ?? '';
  if (title !== '') return title;
  if (words !== '') return words;
  return kind === 'story' ? 'The book of the day' : PIECE_KINDS[kind].name;
}

/** What the slots of a piece are filled with: the theme's members, its colours and who is there, unless words are chosen for it. */
const wordsFor = memoised(
  (
    singing: CirclePiece['singing'],
    featured: readonly Feature[],
    things: readonly Thing[],
    children: readonly Child[],
  ): SongWords =>
    chosenWords(singing, {
      what: inOrder(things).map(wordOfThing),
      who: children.map(({ shownAs }) => shownAs),
      colour: featured.filter(({ kind }) => kind === 'colour').map(({ value }) => value),
    }),
);

/** Of a theme's things those that a song is sung of: all, or those of one kind or role. The same list for the same song and things. */
const thingsSungOf = memoised(
  ({ wordsFrom: { kind, role } }: Song, things: readonly Thing[]): readonly Thing[] =>
    kind === null && role === null
      ? things
      : things.filter(
          (thing) =>
            (kind === null ||
              thing.kind?.trim().toLocaleLowerCase('en') === kind.trim().toLocaleLowerCase('en')) &&
            (role === null || thing.role === role),
        ),
);

// As songs write a word: one and many of it, and for people what stands for them afterwards.
const wordOfThing = ({ name, many, role }: Thing): string => {
  const [one = '', own = ''] = name.split('/');
  const plural = many ?? own;
  const said = plural === '' ? one : `${one}/${plural}`;
  return role === 'who' && !/:\w+$/.test(said) ? `${said}:they` : said;
};

/** Words, those that are chosen for a piece in place of the others. */
export const chosenWords = ({ what, colour }: Singing, others: SongWords): SongWords => ({
  ...others,
  what: what.length > 0 ? what : others.what,
  colour: colour.length > 0 ? colour : others.colour,
});

const inOrder = (things: readonly Thing[]): readonly Thing[] =>
  things.toSorted((a, b) => (a.order < b.order ? -1 : a.order > b.order ? 1 : 0));

// A song that counts needs as many as its highest number, whichever way it goes.
function propsOf(
  { props, rule }: Song,
  verses: readonly SungVerse[],
  children: number,
): readonly PieceProp[] {
  const sung = verses.filter(({ part }) => part === 'verse');
  const times = {
    once: 1,
    verse: rule.kind === 'counted' ? Math.max(0, ...sung.map(({ about }) => Number(about))) : sung.length,
    child: children,
  };
  return props.map(({ words, supplyId, count, per }) => ({ words, supplyId, count: count * times[per] }));
}

/** How much of one's sitting a lively piece gives back, as a share from 0 to 1. */
export const givesBack = (home: Home): number => valueIn(home, 'movingGivesBackPercent') / 100;

/** From the beginning of a circle until the part at `index` begins, in seconds; until its end when there is none. */
export const secondsUntil = ({ parts }: Pick<CircleRun, 'parts'>, index: number): number =>
  parts.slice(0, index).reduce((sum, { length }) => sum + length.seconds, 0);

/** What must be there for some parts, in words: books, then each prop once, in the most that is needed at a time. */
export function thingsFor(parts: readonly CirclePart[]): readonly string[] {
  const books = parts.flatMap(({ book }) =>
    book ? [book.keptHigh ? `${book.title} (kept up high)` : book.title] : [],
  );
  const most = new Map<string, number>();
  for (const { words, count } of parts.flatMap(({ props }) => props))
    most.set(words, Math.max(most.get(words) ?? 0, count));
  const props = [...most].flatMap(([words, count]) => (count > 0 ? [`${words} × ${count}`] : []));
  return [...new Set([...books, ...props])];
}
