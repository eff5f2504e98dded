import { beginsWithVowel, type Spoken } from './spoken.ts';

// By sound, not by letter: `an hour`, `a unicycle`, `a one-eyed owl`.
const SILENT_H = /^(?:hour|honest|honou?r|heir)/i;
const SOUNDS_LIKE_YOU = /^(?:uni(?!n|m)|use|usu|ute|eu|ewe|one|once|u-|[uU]$)/i;

/** Whether a word takes `an`: by how it is spoken where that is known, else by the rules of spelling. */
export function takesAn(word: string, spoken: Spoken | null = null): boolean {
  if (spoken) return beginsWithVowel(spoken);
  return SILENT_H.test(word) || (/^[aeiou]/i.test(word) && !SOUNDS_LIKE_YOU.test(word));
}
