import type { ChangeInput, SkillId, SongKind, SongPurpose } from '@kobby/core';

export type SongInput = Extract<ChangeInput, { type: 'library/put-song' }>['song'];
type Rest = Partial<Omit<SongInput, 'skills' | 'verses'>>;

/** A song of the starter library; each verse is given as its lines. */
export const song = (
  id: string,
  title: string,
  kind: SongKind,
  purpose: SongPurpose,
  skills: readonly SkillId[],
  verses: readonly (readonly string[])[],
  rest: Rest = {},
): SongInput => ({
  id,
  title,
  kind,
  purpose,
  skills: [...skills],
  verses: verses.map((lines) => lines.join('\n')),
  source: 'Kobby starter library',
  // What is as written tells something from its first line to its last, unless it says otherwise.
  whole: rest.rule === undefined,
  ...rest,
});

// Sung with a word of two syllables by themselves, so that words of one and of three scan as well.
export const overThings = (...words: string[]) => ({ kind: 'for-words', over: 'what', words }) as const;
export const overChildren = {
  kind: 'for-words' as const,
  over: 'who' as const,
  words: ['our friend', 'our guest'],
};
export const growingBy = (...words: string[]) => ({ kind: 'growing', over: 'what', words }) as const;
export const counted = (from: number, to: number, ...words: string[]) =>
  ({ kind: 'counted', from, to, words }) as const;
