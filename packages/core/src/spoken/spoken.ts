import { z } from 'zod';

/**
 * How a word is spoken, as it was looked up: phonemes as the pronouncing dictionary writes them, apart by spaces, with the stress behind
 * each vowel (1 the main one, 2 a lesser one, 0 none): `JH ER0 AE1 F`. Why so: first sound, syllables, beat and rhyme all follow from
 * it, so one looked-up fact stands with a thing, not five that could come apart.
 */
export const spokenSchema = z
  .string('How it is spoken is needed here')
  .max(240, 'At most 240 signs')
  .regex(/^[A-Z]{1,2}[0-2]?(?: [A-Z]{1,2}[0-2]?)*$/, 'This is no way to write how a word is spoken')
  .refine((spoken) => /\d/.test(spoken), 'A word has a vowel')
  .brand<'Spoken'>();
export type Spoken = z.infer<typeof spokenSchema>;

const phonemesOf = (spoken: Spoken): readonly string[] => spoken.split(' ');
const bare = (phoneme: string): string => phoneme.replace(/\d/, '');
const isVowel = (phoneme: string): boolean => /\d$/.test(phoneme);

// How sounds are spoken of among children: vowels as they are heard, consonants by the letter that usually writes them.
const VOWELS: Readonly<Record<string, string>> = {
  ...{ AA: 'o', AE: 'a', AH: 'u', AO: 'aw', AW: 'ow', AY: 'eye', EH: 'e', ER: 'er', EY: 'ay', IH: 'i' },
  ...{ IY: 'ee', OW: 'oh', OY: 'oy', UH: 'oo', UW: 'oo' },
};
const BEFORE_R: Readonly<Record<string, string>> = { EH: 'air', AA: 'ar', IH: 'ear', IY: 'ear' };
const CONSONANTS: Readonly<Record<string, string>> = { HH: 'h', JH: 'j', DH: 'th', NG: 'ng', ZH: 'zh' };

/** The sound that a word begins with, as it is spoken of: `n` of knight, `sh` of sugar, `eye` of ice, `air` of airplane, `you` of unicorn. */
export function firstSoundOf(spoken: Spoken): string {
  const [first = '', second = ''] = phonemesOf(spoken).map(bare);
  if (first === 'Y' && second === 'UW') return 'you';
  return (
    (second === 'R' ? BEFORE_R[first] : undefined) ??
    VOWELS[first] ??
    CONSONANTS[first] ??
    first.toLocaleLowerCase('en')
  );
}

/** How many syllables it has: one for each vowel; at least 1. */
export const syllablesSpoken = (spoken: Spoken): number => phonemesOf(spoken).filter(isVowel).length;

/** Which syllable carries the main stress, counted from 1; the first of several, as in a name of two words. */
export function stressedSyllable(spoken: Spoken): number {
  const vowels = phonemesOf(spoken).filter(isVowel);
  const main = vowels.findIndex((one) => one.endsWith('1'));
  return (
    (main < 0
      ? Math.max(
          0,
          vowels.findIndex((one) => one.endsWith('2')),
        )
      : main) + 1
  );
}

/** From its last stressed vowel to its end, without the stress: words that rhyme share it. */
export function rhymeOf(spoken: Spoken): string {
  const phonemes = phonemesOf(spoken);
  const stressed = phonemes.findLastIndex((one) => /[12]$/.test(one));
  const from = stressed < 0 ? phonemes.findIndex(isVowel) : stressed;
  return phonemes.slice(from).map(bare).join(' ');
}

/** Whether it is spoken with `an` before it. */
export const beginsWithVowel = (spoken: Spoken): boolean => isVowel(phonemesOf(spoken)[0]!);
