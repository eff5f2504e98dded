// What a provider asks the library in words, and what has to be on the first page then.
import { LibrarySearch, readQuestion, versionFor, type LibraryEntry } from '@kobby/core';
import { describe, expect, test } from 'vitest';
import { DEMO_TODAY } from './index.ts';
import { demo } from './testing/demo-home.ts';

const FIRST_PAGE = 60;
const search = new LibrarySearch();
search.follow(demo);
const ask = (text: string): { page: readonly LibraryEntry[]; said: string; words: string } => {
  const question = readQuestion(text, demo, DEMO_TODAY);
  const wish = question ? { ...question.wish, words: question.words } : { words: text };
  return {
    page: search.find(wish).slice(0, FIRST_PAGE),
    said: question?.said.join(', ') ?? '',
    words: question?.words ?? text,
  };
};

/** `[what is asked, how it is understood, what is on the first page]` */
const QUESTIONS: readonly (readonly [string, string, readonly string[]])[] = [
  [
    'something for hands in ten minutes, with what is here, for Ada',
    'for Ada, 9 months, prepared in 10 min, with what is here, for hands',
    ['tongs-across', 'walls-all-round'],
  ],
  ['something for hands in ten minutes', 'prepared in 10 min, for hands', ['dressed-with', 'tongs-across']],
  ['something calm before the nap', 'calm', ['pass-the-squeeze', 'sleepy-stretch']],
  ['something lively outside', 'outdoors, lively', ['catch-the-tail', 'shadow-tag']],
  ['something to let off steam when it rains', 'indoors, lively', ['machine-of-people', 'moves-like']],
  [
    'something for everyone, nothing to prepare',
    'nothing to prepare, whole group',
    ['grow-story', 'echo-the'],
  ],
  ['something for a few with counting', 'small group, for number', ['maths-share', 'number-story']],
  ['something for Tove with letters', 'for Tove, 4 y 1 m, for print', ['letter-large', 'letters-of-it']],
  ['something for the babies with music', 'for 7 months, for music', ['sounds-of-the', 'quiet-loud']],
  ['something for toddlers, clean', 'for 20 months, clean', ['pass-the-squeeze', 'reading-den']],
  [
    'something for school age about maths in the blocks',
    'for 6 y 4 m, for blocks, for number',
    ['up-to-the-mark', 'way-between'],
  ],
  ['what can we do in the sensory bin', 'for sensory bin', ['paths-in-a-bin', 'small-world-of']],
  [
    'what can we do at the light table in 15 minutes',
    'prepared in 15 min, for light table',
    ['colours-laid-over'],
  ],
  ['anything at the easel without mess', 'clean, for easel', ['drawn-from-looking']],
  ['anything messy outdoors', 'outdoors, messy', ['mud-and-pots', 'wash-the-things']],
  ['a song to calm down', 'calm, songs', ['toes-in-a-row', 'rock-with-the']],
  ['a song', 'songs', ['toes-in-a-row']],
  ['a recipe with bananas', 'recipes', ['banana-spread', 'banana-ice']],
  ['something to eat with pumpkin', 'to eat', ['pumpkin-soup']],
  ['something to show with salt', 'to show', ['salt-crystals', 'ice-and-salt']],
  ['something for feelings', 'for feelings', ['felt-faces', 'feelings-weather']],
  ['something for the whole body inside', 'indoors, for body', ['slow-race', 'shrinking-blanket']],
  ['something with scissors for a child of 4 years', 'for 4 y, for cutting', ['snip-and-fringe']],
  ['something with a torch, calm', 'calm', ['shadow-large-small', 'rest-look']],
  [
    'something new for everyone outside',
    'not used before, outdoors, whole group',
    ['catch-the-tail', 'hear-and-hide'],
  ],
  ['something we have never done for a few', 'not used before, small group', ['weave-it']],
  ['something for one child with water', 'shelf work', ['poured-for', 'sponged-across']],
  ['a game with dice', '', ['path-game']],
  ['something for practical life', 'for self', ['polished-up']],
  ['something with cardboard boxes for music', 'for music', ['strings-and-boxes']],
];

describe('a question to the library', () => {
  test.each(QUESTIONS)('%s', (text, said, expected) => {
    const found = ask(text);
    expect(found.said).toBe(said);
    expect(found.page.length).toBeGreaterThan(0);
    expect(found.page.map(({ entity }) => entity.id as string)).toEqual(
      expect.arrayContaining([...expected]),
    );
  });

  test('what only looks for something is looked for as it is typed', () => {
    for (const text of ['kite', 'music', 'calm', 'blocks', 'A shop for', 'for'])
      expect(readQuestion(text, demo, DEMO_TODAY)).toBeNull();
  });

  test('for a child means a version that this child gets', () => {
    const { page } = ask('something for Ada');
    const [ada] = Object.values(demo.children).filter(({ name }) => name.startsWith('Ada'));
    expect(page.length).toBe(FIRST_PAGE);
    for (const { entity } of page)
      if ('content' in entity)
        expect(
          versionFor(entity.content, { age: 9 as never, rungs: ada!.rungs, readinessMonths: 0 }),
        ).not.toBeNull();
  });
});
