import type { Book } from '../book/index.ts';
import { asName } from '../measure/index.ts';
import { PIECE_KINDS, type CirclePiece, type PieceKindId } from '../unit/index.ts';
import type { BookTitle, Song } from '../library/index.ts';
import { readLine } from './line.ts';

/** A piece of a circle as a line says it. */
export interface JottedPiece {
  readonly kind: PieceKindId;
  readonly songId: Song['id'] | null;
  readonly bookId: BookTitle['id'] | null;
  /** What it is in words; empty where a song or a book says it. */
  readonly words: string;
  readonly minutes: CirclePiece['minutes'];
}

const KINDS = Object.entries(PIECE_KINDS) as [PieceKindId, { readonly name: string }][];
const BY_SONG: Readonly<Record<Song['kind'], PieceKindId>> = {
  song: 'song',
  'finger-play': 'finger-play',
  chant: 'song',
  transition: 'attention',
};

/**
 * Reads a line that somebody writes into a circle: `Story: The long rope, 6 min`. What stands before a colon and is a kind of piece
 * says the kind; minutes are those it takes; a title that a song or a book of the library has means that one; everything else is
 * said in words, something to talk about unless its kind is said. Null for an empty line.
 */
export function readPiece(
  line: string,
  { songs, bookTitles }: Pick<Book, 'songs' | 'bookTitles'>,
): JottedPiece | null {
  const said = KINDS.find(([, { name }]) => asName(line).startsWith(`${asName(name)}:`));
  const jotting = readLine(said ? line.slice(line.indexOf(':') + 1) : line);
  if (!jotting) return null;
  const { title, facts } = jotting;
  const minutes = facts.find((fact) => fact.kind === 'minutes')?.minutes ?? null;
  const named = <T extends { readonly title: string; readonly retired: boolean }>(
    all: Readonly<Record<string, T>>,
  ) => Object.values(all).find((one) => !one.retired && asName(one.title) === asName(title));
  const kind = said?.[0] ?? null;
  const book = kind === null || kind === 'story' ? named(bookTitles) : undefined;
  const song = kind === 'story' ? undefined : named(songs);
  const rest = { minutes: minutes as JottedPiece['minutes'], words: '', songId: null, bookId: null };
  if (song) return { ...rest, kind: kind ?? BY_SONG[song.kind], songId: song.id };
  if (book) return { ...rest, kind: 'story', bookId: book.id };
  const others = facts.length === (minutes === null ? 0 : 1) && jotting.rest.length === 0;
  return { ...rest, kind: kind ?? 'talk', words: others ? title : wordsOf(line, said !== undefined) };
}

// What was not understood is said as it stands.
const wordsOf = (line: string, isKindSaid: boolean): string =>
  (isKindSaid ? line.slice(line.indexOf(':') + 1) : line).trim();
