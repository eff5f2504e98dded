// Makes `core/src/verses/spoken-words.ts`: how the words are spoken that the songs of the starter library are sung with when nobody says others.
import { writeFileSync } from 'node:fs';
import { STARTER_SONGS as SONGS } from '../../starter/src/songs/index.ts';
import { SPOKEN_OTHERWISE } from './by-hand.mjs';
import { spokenOf } from './sources.mjs';

const own = new Set(
  SONGS.flatMap(({ rule }) => rule?.words ?? []).flatMap((word) =>
    word
      .split(/[/:]/)[0]
      .toLowerCase()
      .split(/[\s-]+/),
  ),
);
const lines = [...own].sort().flatMap((word) => {
  const spoken = SPOKEN_OTHERWISE[word] ?? spokenOf(word);
  return spoken ? [`  ['${word.replace(/'/g, "\\'")}', '${spoken}'],`] : [];
});
writeFileSync(
  new URL('../../core/src/verses/spoken-words.ts', import.meta.url),
  `import type { Spoken } from '../spoken/index.ts';

/** How the words are spoken that songs of the starter library are sung with. Made by the word book's build from the pronouncing dictionary. */
export const SPOKEN_WORDS: ReadonlyMap<string, Spoken> = new Map([
${lines.join('\n')}
] as [string, Spoken][]);
`,
);
console.log(own.size, lines.length);
