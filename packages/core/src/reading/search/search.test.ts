import { describe, expect, test } from 'vitest';
import {
  aMaterial,
  anActivity,
  after,
  aSupply,
  aVersion,
  inCorner,
  aCorner,
  testBook,
} from '../../testing/home.ts';
import type { ChangeInput } from '../../changes/index.ts';
import { libraryEntries } from './entry.ts';
import { entryFacts, entrySummary } from './facts.ts';
import { LibrarySearch, type LibraryWish } from './search.ts';

const recipe: ChangeInput = {
  type: 'library/put-recipe',
  recipe: {
    id: 'cloud',
    title: 'Cloud dough',
    kind: 'dough',
    minutes: 15,
    yields: { amount: 500, unit: 'mL' },
  },
};
const song: ChangeInput = {
  type: 'library/put-song',
  song: {
    id: 'gust',
    title: 'A gust comes by',
    kind: 'song',
    purpose: 'move',
    verses: ['Hold on to your hat'],
  },
};
const book = testBook(
  aCorner('c'),
  aSupply('straws'),
  {
    type: 'cupboard/record-stock',
    move: { id: 'm', supplyId: 'straws', kind: 'counted', amount: 5, at: '2027-03-01T12:00:00.000Z' },
  },
  aSupply('foil'),
  anActivity('kite', {
    title: 'Kite repair counter',
    skills: ['pretending'],
    cornerKinds: ['pretend-play'],
    versions: [aVersion(12, 30), aVersion(54)],
    features: { letters: ['K'], colours: ['red'], shapes: ['diamond'], numbers: [4] },
    mess: 'some',
    prep: [{ id: 'p', text: 'Cut', minutes: 20 }],
    materials: [aMaterial('foil', 1)],
  }),
  anActivity('straw', {
    title: 'Straw-blown trails',
    skills: ['painting', 'colour'],
    cornerKinds: ['easel'],
    place: 'either',
    mess: 'messy',
    materials: [aMaterial('straws', 1)],
    notes: [{ text: 'They asked for it again', loved: true }],
  }),
  anActivity('old', { title: 'An old one' }),
  recipe,
  song,
);
const retire = anActivity('old', { title: 'An old one' });
const retired = after(book, {
  ...retire,
  activity: { ...(retire as { activity: object }).activity, retired: true },
} as ChangeInput);

const search = new LibrarySearch();
const titles = (wish: LibraryWish, of = retired): string[] => {
  search.follow(of);
  return search.find(wish).map((entry) => entry.title);
};

describe('words', () => {
  test.each<[string, string[]]>([
    ['kite', ['Kite repair counter']],
    ['kit rep', ['Kite repair counter']],
    ['straw tails', ['Straw-blown trails']],
    ['reapir', ['Kite repair counter']],
    ['cloud', ['Cloud dough']],
    ['hat', ['A gust comes by']],
    ['painting', ['Straw-blown trails']],
    ['again', ['Straw-blown trails']],
    ['pretend', ['Kite repair counter']],
    ['volcano', []],
  ])('%s finds %j', (words, found) => expect(titles({ words })).toEqual(found));

  test('in the title count for more than words elsewhere', () => {
    const more = after(retired, anActivity('x', { title: 'Something else', summary: 'kite kite kite' }));
    expect(titles({ words: 'kite' }, more)[0]).toBe('Kite repair counter');
  });

  test('none at all list everything that is proposed, by title', () => {
    expect(titles({})).toEqual([
      'A gust comes by',
      'Cloud dough',
      'Kite repair counter',
      'Straw-blown trails',
    ]);
    expect(titles({ retired: true })).toContain('An old one');
  });
});

test.each<[LibraryWish, string[]]>([
  [{ kinds: ['songs', 'recipes'] }, ['A gust comes by', 'Cloud dough']],
  [{ cornerKind: 'easel' }, ['Straw-blown trails']],
  [{ area: 'art' }, ['Straw-blown trails']],
  [{ skill: 'pretending' }, ['Kite repair counter']],
  [{ ageMonths: 29, kinds: ['activities'] }, ['Kite repair counter', 'Straw-blown trails']],
  [{ ageMonths: 30, kinds: ['activities'] }, ['Straw-blown trails']],
  [{ mess: 'some' }, ['Kite repair counter']],
  [{ place: 'outdoors' }, ['Straw-blown trails']],
  [{ prepMinutes: 15 }, ['Cloud dough', 'Straw-blown trails']],
  [{ letter: 'k' }, ['Kite repair counter']],
  [{ letter: 's' }, ['Straw-blown trails']],
  [{ number: 4 }, ['Kite repair counter']],
  [{ colour: 'RED' }, ['Kite repair counter']],
  [{ shape: 'diamond' }, ['Kite repair counter']],
  [{ onHand: true }, ['Cloud dough', 'Straw-blown trails']],
  [{ lovedBefore: true }, ['Straw-blown trails']],
  [{ usedBefore: true }, []],
  [{ words: 'kite', mess: 'messy' }, []],
])('narrowed down by %j', (wish, found) => expect(titles(wish)).toEqual(found));

test('used before is what stands in any unit', () => {
  expect(titles({ usedBefore: true }, after(retired, inCorner('p', 'straw', 'c', 1, 2)))).toEqual([
    'Straw-blown trails',
  ]);
});

test('the index follows the book', () => {
  const renamed = after(retired, anActivity('straw', { title: 'Puffs of paint' }));
  expect(titles({ words: 'trails' }, renamed)).toEqual([]);
  expect(titles({ words: 'puffs' }, renamed)).toEqual(['Puffs of paint']);
  const gone = after(renamed, { type: 'book/drop', kind: 'activities', id: 'straw' });
  expect(titles({ words: 'puffs' }, gone)).toEqual([]);
  expect(titles({ words: 'trails' }, retired)).toEqual(['Straw-blown trails']);
});

test('an entry stays the same object as long as its entity does', () => {
  const renamed = after(retired, anActivity('straw', { title: 'Puffs of paint' }));
  const [before, now] = [libraryEntries(retired), libraryEntries(renamed)];
  expect(now.filter((entry, i) => entry !== before[i]).map((entry) => entry.title)).toEqual([
    'Puffs of paint',
  ]);
});

test('an entry tells what is worth knowing before it is opened', () => {
  const told = libraryEntries(retired).map((entry) => [entry.title, ...entryFacts(entry)]);
  expect(told).toEqual([
    ['Kite repair counter', 'open corner', 'from 12 months', '20 min to prepare', 'some mess'],
    ['Straw-blown trails', 'open corner', 'from birth', 'messy', 'loved before'],
    ['An old one', 'open corner', 'from birth', 'retired'],
    ['Cloud dough', '15 min to prepare'],
    ['A gust comes by'],
  ]);
  expect(libraryEntries(retired).map(entrySummary)).toEqual(['', '', '', '', 'Hold on to your hat']);
});

test('before a book was followed there is nothing', () => {
  expect(new LibrarySearch().find({})).toEqual([]);
});

describe('a slip of the keys', () => {
  const titles = [
    'Kite run',
    'Bite of bread',
    'Letter tiles',
    'Better butter',
    'Butterfly wings',
    'Peacock tail',
  ];
  const shelf = testBook(...titles.map((title, i) => anActivity(`t${i}`, { title })));
  const search = new LibrarySearch();
  search.follow(shelf);
  const found = (words: string): string[] => search.find({ words }).map(({ title }) => title);
  test.each([
    // Short words match whole or by their beginning, and nothing that is one letter away.
    ['kite', ['Kite run']],
    ['pea', ['Peacock tail']],
    // One slip in longer ones, two in long ones.
    ['lettre', ['Letter tiles']],
    ['leter', ['Letter tiles']],
    ['buterfly', ['Butterfly wings']],
    ['buterfli', ['Butterfly wings']],
  ])('%s finds %j', (words, expected) => expect(found(words)).toEqual(expected));
});
