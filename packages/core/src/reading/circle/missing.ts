import { BOOK_SUITS, type BookTitle, type Song, type SongPurpose } from '../../library/index.ts';
import type { Child } from '../../house/index.ts';
import type { PieceKindId } from '../../unit/index.ts';
import { listsOf } from '../../verses/index.ts';
import { ageOn, type Frame } from '../plan/plan.ts';
import { ruleSecondsOf } from './patience.ts';
import type { CirclePart, CircleRun, CircleStuff } from './run.ts';

/** A kind of piece that a circle lacks, and why it would do it good. */
export interface MissingPiece {
  readonly kind: PieceKindId;
  readonly why: string;
}

/** What a circle lacks, in the order in which it would stand there. A circle needs none of it: these are suggestions. */
export function missingIn(run: CircleRun, { home }: Frame): readonly MissingPiece[] {
  const { parts, children } = run;
  const has = (...kinds: PieceKindId[]): boolean => parts.some(({ piece }) => kinds.includes(piece.kind));
  const sat = parts.reduce((sum, { energy, length }) => sum + (energy === 'lively' ? 0 : length.seconds), 0);
  const isLong = children.length > 0 && sat > ruleSecondsOf(run, home);
  const lacks = (kind: PieceKindId, why: string, does: boolean): MissingPiece[] =>
    does ? [] : [{ kind, why }];
  return [
    ...lacks('welcome', 'everyone is greeted', has('welcome')),
    ...lacks('attention', 'eyes and ears come together', has('attention')),
    ...lacks('song', 'something to sing or to play with the fingers', has('song', 'finger-play')),
    ...lacks(
      'moving',
      isLong ? 'they sit longer than half of them can' : 'something lively in the middle',
      parts.some(({ energy }) => energy === 'lively'),
    ),
    ...lacks('story', 'a story', has('story')),
    ...lacks('close', 'a calm end', has('close')),
  ];
}

/** What could be a piece: a song or a book, with why it was chosen. */
export interface PieceIdea {
  readonly song: Song | null;
  readonly book: BookTitle | null;
  readonly why: string;
}

const PURPOSES: Readonly<Partial<Record<PieceKindId, readonly SongPurpose[]>>> = {
  welcome: ['welcome'],
  attention: ['gather'],
  'find-and-move': ['look'],
  moving: ['move'],
  close: ['calm', 'goodbye'],
};
/** What serves between the blocks. */
const AT_A_SEAM: readonly SongPurpose[] = ['gather', 'calm', 'tidy'];

/** Whether a song can be such a piece: by what it is for, a song or a finger play by what it is. */
export function suitsAs(song: Song, kind: PieceKindId, moment: CircleRun['moment']): boolean {
  if (kind === 'recorded') return song.recordedMinutes > 0;
  if (moment === 'after') return AT_A_SEAM.includes(song.purpose);
  if (kind === 'finger-play') return song.kind === 'finger-play';
  if (kind === 'song')
    return song.kind !== 'transition' && (song.purpose === 'count' || song.purpose === 'look');
  return PURPOSES[kind]?.includes(song.purpose) ?? false;
}

/**
 * Songs or books for a piece of a kind, the best first: about the theme, sung with its words, not in another circle of the
 * unit yet, and for the youngest too. What is in this circle already is left out; so are what is retired and, for a story,
 * what only stands on the rail.
 */
export function pieceIdeas(
  kind: PieceKindId,
  run: CircleRun,
  stuff: CircleStuff,
  frame: Frame,
): readonly PieceIdea[] {
  const inRun = new Set(run.parts.flatMap(({ song, book }) => [song?.id as string, book?.id as string]));
  const elsewhere = new Set(
    stuff.pieces.flatMap(({ songId, bookId }) => [songId as string, bookId as string]),
  );
  if (kind === 'story')
    return Object.values(stuff.books)
      .filter(({ id, retired, use }) => !retired && use !== 'rail' && !inRun.has(id))
      .map((book) => ({ book, ...bookWorth(book, run, frame, elsewhere) }))
      .toSorted(byWorth(({ book }) => book.title))
      .map(({ book, why }) => ({ song: null, book, why }));
  const themeWords = [frame.unit.title, ...stuff.things.map(({ name }) => name)].flatMap(wordsIn);
  return Object.values(stuff.songs)
    .filter((song) => !song.retired && !inRun.has(song.id) && suitsAs(song, kind, run.moment))
    .map((song) => ({ song, ...songWorth(song, run, themeWords, elsewhere) }))
    .toSorted(byWorth(({ song }) => song.title))
    .map(({ song, why }) => ({ song, book: null, why }));
}

const byWorth =
  <T extends { readonly worth: number }>(titleOf: (one: T) => string) =>
  (a: T, b: T): number =>
    b.worth - a.worth || (titleOf(a) < titleOf(b) ? -1 : 1);

const LEAST_LETTERS = 4;

// The theme in single words, without the many: `Kites` finds `kite`.
const wordsIn = (text: string): readonly string[] =>
  text
    .toLocaleLowerCase('en')
    .split(/[^\p{L}]+/u)
    .map((word) => word.replace(/s$/, ''))
    .filter((word) => word.length >= LEAST_LETTERS);

function songWorth(song: Song, run: CircleRun, theme: readonly string[], elsewhere: ReadonlySet<string>) {
  const text = [song.title, ...song.verses].join(' ').toLocaleLowerCase('en');
  const about = theme.some((word) => text.includes(word));
  const takes = listsOf(song).has('what');
  const forAll = run.children.every((child) => ageOn(child, run.day.date) >= song.fromMonths);
  const isNew = !elsewhere.has(song.id);
  const best = about ? 'about your theme' : takes && run.words.what.length > 0 ? 'sung with your words' : '';
  const why =
    [best, isNew ? '' : 'in this unit already'].filter(Boolean).join(', ') || 'not in this unit yet';
  return { worth: 4 * Number(about) + 3 * Number(takes) + 2 * Number(forAll) + Number(isNew), why };
}

function bookWorth(book: BookTitle, run: CircleRun, { unit }: Frame, elsewhere: ReadonlySet<string>) {
  const ofUnit = unit.bookIds.includes(book.id);
  const suited = whoSuits(book, run).length;
  const isNew = !elsewhere.has(book.id);
  const why = `${ofUnit ? 'belongs to the unit, ' : ''}suits ${suited} of ${run.children.length}`;
  return { worth: 20 * Number(ofUnit) + 2 * suited + Number(isNew), why };
}

/** The children of a circle whom a book suits by its level. */
export const whoSuits = ({ level }: BookTitle, { children, day }: CircleRun): readonly Child[] =>
  children.filter((child) => {
    const age = ageOn(child, day.date);
    return BOOK_SUITS[level].from <= age && age < BOOK_SUITS[level].until;
  });

/** What stands in a part's way on the day, in words: nothing to sing, or for nobody who is there. */
export function partDoubts({ song, verses, piece, book }: CirclePart, run: CircleRun): readonly string[] {
  const doubts: string[] = [];
  if (song && verses.length === 0) doubts.push('Nothing to sing: it needs words, and the unit has none yet');
  if (piece.kind === 'story' && !book && piece.words === '')
    doubts.push('No book is read aloud on this day yet');
  if (book && whoSuits(book, run).length === 0 && run.children.length > 0)
    doubts.push(`Nobody here is of the age for this book`);
  return doubts;
}
