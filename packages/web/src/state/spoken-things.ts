import type { SpokenOf, Thing } from '@kobby/core';
import { spokenInSongs } from '@kobby/core';

const plain = (word: string): string => word.split(/[/:]/)[0]!.trim().toLocaleLowerCase('en');

/** How words are spoken that songs are sung with: a theme's things as they were looked up, else the songs' own words. */
export const spokenBy =
  (things: readonly Thing[]): SpokenOf =>
  (word) =>
    things.find(({ name }) => plain(name) === plain(word))?.spoken ?? spokenInSongs(word);
