import type { CirclePart, CircleRun, SungLine } from '@kobby/core';

/** One screen of a circle: a verse, or a piece that has none. */
export interface Screen {
  readonly part: CirclePart;
  /** Which part of the circle it is in, from 0. */
  readonly index: number;
  /** Which verse of the part, from 0. */
  readonly verse: number;
  readonly of: number;
  readonly lines: readonly Pick<SungLine, 'text' | 'motion' | 'voice' | 'by'>[];
  /** Pace and voice, in a few words; empty for nothing to say. */
  readonly hint: string;
}

/** What is shown one after the other: each verse of each song, and each piece without verses as one. */
export function screensOf({ parts }: CircleRun): readonly Screen[] {
  return parts.flatMap((part, index): Screen[] => {
    const whole = { part, index, hint: hintOf(part) };
    if (part.verses.length === 0) return [{ ...whole, verse: 0, of: 1, lines: linesWithout(part) }];
    return part.verses.map(({ lines }, verse) => ({ ...whole, verse, of: part.verses.length, lines }));
  });
}

function hintOf({ song, book }: CirclePart): string {
  if (book) return book.keptHigh ? 'It is kept up high' : '';
  return song ? [song.tune, song.pace, song.voice].filter(Boolean).join(' · ') : '';
}

const linesWithout = ({ title, piece, book }: CirclePart): Screen['lines'] => [
  { text: title, motion: book?.keptIn ?? '', voice: 'lead', by: '' },
  ...(piece.words !== '' && piece.words !== title
    ? [{ text: piece.words, motion: '', voice: 'lead' as const, by: '' as const }]
    : []),
];
