import { syllable } from 'syllable';
import type { SungLine } from './sing.ts';

/** A line still scans with one syllable more or fewer than it was written with: a light one is sung along or left out. */
const LEEWAY = 1;

/** The syllables of a line as it is spoken, by the rules of English spelling: right for most words, not for all. */
export const syllablesIn = (text: string): number => syllable(text);

/** How a line fits the measure that it was written in: the syllables that it has too many (above 0) or too few; 0 when it scans. */
export function offBeat({ text, measure }: Pick<SungLine, 'text' | 'measure'>): number {
  const off = syllablesIn(text) - syllablesIn(measure);
  return Math.abs(off) <= LEEWAY ? 0 : off;
}
