import { syllable } from 'syllable';
import { stressedSyllable, syllablesSpoken, type Spoken } from '../spoken/index.ts';
import type { SungLine } from './sing.ts';
import { SPOKEN_WORDS } from './spoken-words.ts';

/** A line still scans with one syllable more or fewer than it was written with: a light one is sung along or left out. */
const LEEWAY = 1;

/** The syllables of a line as it is spoken, by the rules of English spelling: right for most words, not for all. */
export const syllablesIn = (text: string): number => syllable(text);

/** How a word is spoken, where that is known: of things of a theme as it was looked up. */
export type SpokenOf = (word: string) => Spoken | null;

/** How the songs' own words are spoken, a name of several as its words are; null for all others. */
export const spokenInSongs: SpokenOf = (name) => {
  const each = nameOf(name)
    .split(/[\s-]+/)
    .map((word) => SPOKEN_WORDS.get(word));
  return each.every(Boolean) ? (each.join(' ') as Spoken) : null;
};

const nameOf = (word: string): string => word.split(/[/:]/)[0]!.trim().toLocaleLowerCase('en');

/** A word that is sung where another stood, both as they are spoken. */
interface KnownSwap {
  readonly word: string;
  readonly was: string;
  readonly sung: Spoken;
  readonly written: Spoken;
}

// Only where all of them are known; else the rules of spelling go over the whole line.
function knownSwaps({ swaps }: Pick<SungLine, 'swaps'>, spokenOf: SpokenOf): readonly KnownSwap[] | null {
  if (swaps.length === 0) return null;
  const known = swaps.flatMap(({ sung, written }) => {
    const said = spokenOf(sung) ?? spokenInSongs(sung);
    const then = spokenOf(written) ?? spokenInSongs(written);
    return said && then ? [{ word: nameOf(sung), was: nameOf(written), sung: said, written: then }] : [];
  });
  return known.length === swaps.length ? known : null;
}

/**
 * How a line fits the measure that it was written in: the syllables that it has too many (above 0) or too few; 0 when it scans. Counted
 * by how the words are spoken that stand where others stood, where that is known of all of them; else by the rules of spelling.
 */
export function offBeat(
  line: Pick<SungLine, 'text' | 'measure' | 'swaps'>,
  spokenOf: SpokenOf = spokenInSongs,
): number {
  const bySpelling = syllablesIn(line.text) - syllablesIn(line.measure);
  // Where it is known how the words are spoken, what the spelling says of them is put right.
  const mended = (knownSwaps(line, spokenOf) ?? []).map(
    ({ word, was, sung, written }) =>
      syllablesSpoken(sung) - syllablesSpoken(written) - (syllablesIn(word) - syllablesIn(was)),
  );
  const off = mended.reduce((sum, one) => sum + one, bySpelling);
  return Math.abs(off) <= LEEWAY ? 0 : off;
}

/**
 * The word of a line whose stress lies on another syllable than that of the word which it was written with, so that the beat moves:
 * `giraffe` where `kite` stood. Null when none does, or how they are spoken is not known.
 */
export function movesBeat(
  line: Pick<SungLine, 'text' | 'measure' | 'swaps'>,
  spokenOf: SpokenOf = spokenInSongs,
): string | null {
  const moved = knownSwaps(line, spokenOf)?.find(
    ({ sung, written }) => stressedSyllable(sung) !== stressedSyllable(written),
  );
  return moved?.word ?? null;
}
