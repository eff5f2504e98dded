import { LETTERS, WIDTHS } from './widths.ts';

const WIDTH_OF: ReadonlyMap<string, number> = new Map([...LETTERS].map((letter, i) => [letter, WIDTHS[i]!]));
// What the face does not have is taken as wide as its widest letter.
const WIDEST = Math.max(...WIDTHS);
const PER_SIZE = 1000;

/** How wide words are in the printed face, in the unit of `size`, which is that of the letters. */
export const wordsWidth = (text: string, size: number): number =>
  ([...text.normalize('NFC')].reduce((sum, letter) => sum + (WIDTH_OF.get(letter) ?? WIDEST), 0) * size) /
  PER_SIZE;

/** Words laid out: one line or two, centred on `x`, each with its baseline. Millimetres. */
export interface LaidWords {
  readonly size: number;
  readonly lines: readonly { readonly text: string; readonly y: number }[];
}

/** Smaller than this nobody reads a card on the floor. */
const LEAST_MM = 2.6;
const LINE = 1.15;
const STEP = 0.94;

/**
 * Lays words into a box, as large as they fit and no larger than `most`: in one line, or in two where there is a space and that makes
 * them larger. Never cut off.
 * @returns null when they do not fit even in the least size.
 */
export function layWords(
  text: string,
  box: { readonly y: number; readonly width: number; readonly height: number },
  most: number,
): LaidWords | null {
  const ways = [[text], ...twoLines(text)];
  for (let size = Math.min(most, box.height); size >= LEAST_MM; size *= STEP)
    for (const lines of ways) {
      const fits = lines.every((line) => wordsWidth(line, size) <= box.width);
      if (!fits || lines.length * size * LINE > box.height) continue;
      const top = box.y + (box.height - lines.length * size * LINE) / 2;
      // A baseline lies about four fifths down its line.
      return { size, lines: lines.map((line, i) => ({ text: line, y: top + (i + 0.8) * size * LINE })) };
    }
  return null;
}

// Parted at each space, the most even one first.
const twoLines = (text: string): readonly (readonly string[])[] => {
  const words = text.split(' ');
  return words
    .slice(1)
    .map((_, i) => [words.slice(0, i + 1).join(' '), words.slice(i + 1).join(' ')])
    .toSorted((a, b) => Math.max(...a.map((l) => l.length)) - Math.max(...b.map((l) => l.length)));
};
