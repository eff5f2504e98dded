import {
  movesBeat,
  offBeat,
  spokenInSongs,
  sing,
  songSchema,
  unknownSlots,
  usualVerses,
  WHOLE,
  type Song,
  type SongWords,
} from '@kobby/core';
import { describe, expect, test } from 'vitest';
import { STARTER_SONGS } from './index.ts';

const SONGS: readonly Song[] = STARTER_SONGS.map((one) => songSchema.parse(one));
// One, two and three syllables, and whatever article and number they take.
const WORDS: SongWords = {
  what: ['kite', 'windsock', 'umbrella', 'owl', 'lantern', 'washing line', 'key'],
  who: ['Bo', 'Ilse', 'Amelie', 'Tom'],
  colour: ['red', 'yellow', 'indigo'],
};
const NOTHING: SongWords = { what: [], who: [], colour: [] };
const textOf = (song: Song): string => [song.opening, ...song.verses, song.refrain, song.ending].join('\n');
const takesWords = (song: Song): boolean => /\{[^{}]*(?:what|word|each|colour)s?\}/.test(textOf(song));
const linesOf = (song: Song, words: SongWords, count: number | null = null) =>
  sing(song, words, { ...WHOLE, count }).flatMap(({ lines }) => lines);

describe('the songs of the starter library', () => {
  test('are more than forty, of which thirty and more are sung with the words of any unit', () => {
    expect(SONGS.length).toBeGreaterThanOrEqual(45);
    expect(SONGS.filter(takesWords).length).toBeGreaterThanOrEqual(30);
    expect(new Set(SONGS.map(({ id }) => id)).size).toBe(SONGS.length);
    for (const purpose of ['welcome', 'gather', 'look', 'count', 'move', 'calm', 'tidy', 'goodbye'])
      expect(SONGS.filter((song) => song.purpose === purpose).length).toBeGreaterThanOrEqual(2);
  });

  test.each(SONGS.map((song) => [song.id, song] as const))(
    '%s is sung whole, by itself and with words',
    (_, song) => {
      const lists = song.lists.map(({ slot }) => slot);
      expect(unknownSlots(textOf(song), lists)).toEqual([]);
      for (const words of [NOTHING, WORDS]) {
        const lines = linesOf(song, words);
        expect(lines.length).toBeGreaterThan(0);
        for (const { text, motion } of lines) expect(text + motion).not.toMatch(/[{}]|\/\/|undefined|null/);
      }
      expect(usualVerses(song, WORDS)).toBeLessThanOrEqual(6);
    },
  );

  test.each(SONGS.map((song) => [song.id, song] as const))(
    '%s scans with words of one to three syllables',
    (_, song) => {
      for (const what of WORDS.what)
        for (const line of linesOf(song, { ...WORDS, what: [what] }))
          expect([line.text, offBeat(line)]).toEqual([line.text, 0]);
      for (const line of linesOf(song, WORDS)) expect([line.text, offBeat(line)]).toEqual([line.text, 0]);
    },
  );

  test.each(SONGS.map((song) => [song.id, song] as const))(
    '%s keeps its beat with the words of its own, as they are spoken',
    (_, song) => {
      for (const line of linesOf(song, NOTHING))
        expect([line.text, movesBeat(line)]).toEqual([line.text, null]);
      for (const word of 'words' in song.rule ? song.rule.words : [])
        expect([word, spokenInSongs(word) !== null]).toEqual([word, true]);
    },
  );

  test.each(SONGS.filter(({ rule }) => rule.kind === 'counted').map((song) => [song.id, song] as const))(
    '%s counts to ten in whole sentences',
    (_, song) => {
      const lines = linesOf(song, WORDS, 10).map(({ text }) => text);
      expect(lines.join(' ')).not.toMatch(
        /\b(one (?:kites)|(?:two|three|four|five|six|seven|eight|nine|ten) kite)\b/i,
      );
      expect(lines.join(' ')).not.toMatch(/\b(?:no kite|none kites?)\b/i);
    },
  );
});
