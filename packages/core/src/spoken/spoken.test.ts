import { describe, expect, test } from 'vitest';
import {
  beginsWithVowel,
  firstSoundOf,
  rhymeOf,
  spokenSchema,
  stressedSyllable,
  syllablesSpoken,
} from './spoken.ts';

const spoken = (text: string) => spokenSchema.parse(text);

describe('how a word is spoken', () => {
  test.each([
    ['knight', 'N AY1 T', 'n', 1, 1, 'AY T', false],
    ['giraffe', 'JH ER0 AE1 F', 'j', 2, 2, 'AE F', false],
    ['sugar', 'SH UH1 G ER0', 'sh', 2, 1, 'UH G ER', false],
    ['ice', 'AY1 S', 'eye', 1, 1, 'AY S', true],
    ['airplane', 'EH1 R P L EY2 N', 'air', 2, 1, 'EY N', true],
    ['unicorn', 'Y UW1 N AH0 K AO2 R N', 'you', 3, 1, 'AO R N', false],
    ['yarn', 'Y AA1 R N', 'y', 1, 1, 'AA R N', false],
    ['hour', 'AW1 ER0', 'ow', 2, 1, 'AW ER', true],
    ['thimble', 'TH IH1 M B AH0 L', 'th', 2, 1, 'IH M B AH L', false],
    ['whale', 'W EY1 L', 'w', 1, 1, 'EY L', false],
    ['fire truck', 'F AY1 ER0 T R AH1 K', 'f', 3, 1, 'AH K', false],
    ['the', 'DH AH0', 'th', 1, 1, 'AH', false],
  ] as const)('%s', (_, said, sound, syllables, stress, rhyme, vowel) => {
    const word = spoken(said);
    expect(firstSoundOf(word)).toBe(sound);
    expect(syllablesSpoken(word)).toBe(syllables);
    expect(stressedSyllable(word)).toBe(stress);
    expect(rhymeOf(word)).toBe(rhyme);
    expect(beginsWithVowel(word)).toBe(vowel);
  });

  test('what is no pronunciation is refused', () => {
    for (const said of ['', 'kite', 'K T', 'K  AY1', 'K AY3 T', 'KAY1'])
      expect(spokenSchema.safeParse(said).success).toBe(false);
  });
});
