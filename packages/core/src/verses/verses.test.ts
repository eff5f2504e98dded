import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { songSchema, type Song } from '../library/index.ts';
import type { Spoken } from '../spoken/index.ts';
import {
  linesOf,
  listsOf,
  mostVerses,
  movesBeat,
  nounOf,
  numberWord,
  offBeat,
  OWN_WORDS,
  sing,
  unknownSlots,
  usualVerses,
  WHOLE,
  withArticle,
  type Cut,
  type SongWords,
} from './index.ts';

const song = (rest: object): Song =>
  songSchema.parse({
    id: 's',
    title: 'Kites',
    kind: 'finger-play',
    purpose: 'count',
    verses: ['{n what}'],
    ...rest,
  });
const words = (rest: Partial<SongWords>): SongWords => ({ ...OWN_WORDS, ...rest });
const text = (rest: object, given = OWN_WORDS, cut: Partial<Cut> = {}) =>
  sing(song(rest), given, { ...WHOLE, ...cut }).map(({ lines }) =>
    lines.map((line) => line.text).join(' / '),
  );
const down = { rule: { kind: 'counted', from: 3, to: 1, words: ['kite'] } };
const up = { rule: { kind: 'counted', from: 1, to: 3, words: ['kite'] } };

describe('counting', () => {
  test('goes up and down, both ends included, with one and many told apart', () => {
    const verses = ['{n bright what} {n:is|are} up,\nthen {next:there is|there are} {next what}.'];
    expect(text({ verses, ...down })).toEqual([
      'Three bright kites are up, / Then there are two kites.',
      'Two bright kites are up, / Then there is one kite.',
      'One bright kite is up, / Then there are no kites.',
    ]);
    expect(text({ verses: ['{n what}, soon {next}'], ...up })).toEqual([
      'One kite, soon two',
      'Two kites, soon three',
      'Three kites, soon four',
    ]);
  });

  test('comes down to none by its ending, which is left out when it stops before', () => {
    const ending = 'No {whats} at all.';
    expect(text({ ...down, ending }).at(-1)).toBe('No kites at all.');
    expect(text({ ...down, ending }, OWN_WORDS, { from: 9, count: 2 })).toEqual([
      'Nine kites',
      'Eight kites',
    ]);
    const toNone = { rule: { ...down.rule, to: 0 } };
    expect(text(toNone).at(-1)).toBe('No kites');
    expect(text({ ...up, ending: 'All {n what}!' }, OWN_WORDS, { count: 2 }).at(-1)).toBe('All two kites!');
  });

  test('begins at any number: down it ends where it ends, up it goes on', () => {
    expect(text(down, OWN_WORDS, { count: 5 }).map((line) => line.split(' ')[0])).toEqual([
      'Five',
      'Four',
      'Three',
      'Two',
      'One',
    ]);
    expect(text(up, OWN_WORDS, { count: 5 })).toHaveLength(5);
    expect(text(up, OWN_WORDS, { from: 11 })).toEqual(['Eleven kites']);
    expect(text(up, OWN_WORDS, { from: 11, count: 2 })).toEqual(['Eleven kites', 'Twelve kites']);
  });

  test('any start and any number of verses give one verse a number and never one below none', () => {
    fc.assert(
      fc.property(
        fc.nat(30),
        fc.nat(30),
        fc.option(fc.nat(30)),
        fc.option(fc.integer({ min: 1, max: 30 })),
        (from, to, start, count) => {
          const rule = { kind: 'counted', from, to, words: ['kite'] };
          const sung = sing(song({ rule }), OWN_WORDS, { ...WHOLE, from: start, count });
          const numbers = sung.map(({ about }) => Number(about));
          const step = from <= to ? 1 : -1;
          expect(numbers.length).toBeGreaterThan(0);
          expect(numbers.every((n) => n >= 0)).toBe(true);
          expect(numbers.every((n, i) => i === 0 || n === numbers[i - 1]! + step)).toBe(true);
          if (start !== null) expect(numbers[0]).toBe(start);
          if (count !== null) expect(numbers.length).toBeLessThanOrEqual(count);
          if (start === null && count === null) expect([numbers[0], numbers.at(-1)]).toEqual([from, to]);
          sung.forEach(({ lines }, i) => {
            const n = numbers[i]!;
            const noun = n === 1 ? 'kite' : 'kites';
            expect(lines[0]!.text.toLowerCase()).toBe(`${n === 0 ? 'no' : numberWord(n)} ${noun}`);
          });
        },
      ),
      { seed: 8, numRuns: 500 },
    );
  });
});

describe('words', () => {
  const rule = { kind: 'for-words', words: ['kite', 'flag'] };
  const verses = ['The {word} goes up,\nand {a what} comes down'];

  test('sings a verse for each word, its own when none are given', () => {
    expect(text({ verses, rule })).toEqual([
      'The kite goes up, / And a kite comes down',
      'The flag goes up, / And a flag comes down',
    ]);
    expect(text({ verses, rule }, words({ what: ['umbrella', 'mouse/mice', 'Windsock'] }))).toEqual([
      'The umbrella goes up, / And an umbrella comes down',
      'The mouse goes up, / And a mouse comes down',
      'The windsock goes up, / And a windsock comes down',
    ]);
    expect(text({ verses: ['{whats}'], rule }, words({ what: ['mouse/mice'] }))).toEqual(['Mice']);
  });

  test('has no verse without words, and no more than there are words', () => {
    const none = { verses, rule: { kind: 'for-words', words: [] } };
    expect(text(none)).toEqual([]);
    expect(text({ ...none, rule: { kind: 'growing', words: [] }, ending: 'The end' })).toEqual([]);
    expect(text({ verses, rule }, OWN_WORDS, { count: 9 })).toHaveLength(2);
    expect(text({ verses, rule }, OWN_WORDS, { count: 1 })).toHaveLength(1);
    const many = words({ what: Array.from({ length: 12 }, (_, i) => `thing ${i}`) });
    expect(text({ verses, rule }, many)).toHaveLength(4);
    expect(mostVerses(song({ rule }), many)).toBe(12);
  });

  test('sings of every child, with names as they are written, however long', () => {
    const overWho = { verses: ['{who} came up the path today'], rule: { kind: 'for-words', over: 'who' } };
    const long = 'Wilhelmina-Alexandrina von der Nordwestlichen Windmühle';
    const who = ['Ilse', 'Tom', 'Ada', 'Noor', 'Per', long];
    const verses = sing(song(overWho), words({ who }));
    expect(verses).toHaveLength(6);
    expect(verses[5]!.lines[0]!.text).toBe(`${long} came up the path today`);
    expect(offBeat(verses[5]!.lines[0]!)).toBeGreaterThan(5);
    expect(offBeat(verses[0]!.lines[0]!)).toBe(0);
    expect(usualVerses(song(overWho), words({ who }))).toBe(6);
  });

  test('grows by a word with each verse, the newest or the oldest first', () => {
    const growing = {
      verses: ['Up went {a what},\nAll: and {a each},\ninto the sky'],
      rule: { kind: 'growing', words: ['kite', 'owl', 'flag'] },
    };
    expect(text(growing)).toEqual([
      'Up went a kite, / And a kite, / Into the sky',
      'Up went an owl, / And an owl, / And a kite, / Into the sky',
      'Up went a flag, / And a flag, / And an owl, / And a kite, / Into the sky',
    ]);
    const oldest = { ...growing, rule: { ...growing.rule, order: 'oldest-first' } };
    expect(text(oldest)[1]).toBe('Up went an owl, / And a kite, / And an owl, / Into the sky');
    const names = { verses: ['{each} and'], rule: { kind: 'growing', over: 'who', words: ['Ada'] } };
    expect(text(names)).toEqual(['Ada and']);
  });

  test('stands as it is written otherwise, slots of nobody included', () => {
    expect(text({ verses: ['a\nb', 'c {x}'], rule: { kind: 'as-written' } })).toEqual(['A / B', 'C {x}']);
    expect(
      unknownSlots('{n} {n what} {next:is|are} {a what} {whats} {who} {word} {a each} {x} {whos it}'),
    ).toEqual(['x', 'whos it']);
  });
});

test('takes a line apart into what is sung, who answers and what the hands do', () => {
  expect(linesOf('Up we go // arms up\n\nAll: Up we go!\n  down  //  sit // softly ')).toMatchObject([
    { text: 'Up we go', motion: 'arms up', voice: 'lead' },
    { text: 'Up we go!', motion: '', voice: 'answer' },
    { text: 'down', motion: 'sit softly', voice: 'lead' },
  ]);
});

test('tells which lists of words a song is sung with', () => {
  const lists = (verse: string, rule: object = { kind: 'as-written' }) =>
    [...listsOf(song({ verses: [verse], rule }))].toSorted();
  expect(lists('nothing {n} {next:is|are}')).toEqual([]);
  expect(lists('{n bright what} and {a colour}')).toEqual(['colour', 'what']);
  expect(lists('{who}, {whats}')).toEqual(['what', 'who']);
  expect(lists('{word}', { kind: 'for-words', over: 'who' })).toEqual(['who']);
  expect(lists('{each}', { kind: 'growing' })).toEqual(['what']);
});

describe('scansion by how words are spoken', () => {
  const about = { verses: ['The {what} went over the hill'], rule: { kind: 'for-words', words: ['kite'] } };
  const spoken: Record<string, string> = {
    ...{ kite: 'K AY1 T', giraffe: 'JH ER0 AE1 F', queen: 'K W IY1 N', umbrella: 'AH0 M B R EH1 L AH0' },
    ...{ lantern: 'L AE1 N T ER0 N', caterpillar: 'K AE1 T ER0 P IH2 L ER0' },
  };
  const spokenOf = (word: string) => (spoken[word] ?? null) as Spoken | null;
  const lineWith = (what: string, verse = about) => sing(song(verse), words({ what: [what] }))[0]!.lines[0]!;

  test('a word that is stressed elsewhere moves the beat; one that only ends lighter does not', () => {
    const moved = ['giraffe', 'umbrella', 'lantern', 'queen', 'kite'].map((word) =>
      movesBeat(lineWith(word), spokenOf),
    );
    expect(moved).toEqual(['giraffe', 'umbrella', null, null, null]);
    const long = ['lantern', 'caterpillar', 'queen'].map((word) => offBeat(lineWith(word), spokenOf));
    expect(long).toEqual([0, 3, 0]);
  });

  test('without knowing, the rules of spelling go over the line, and no beat is said to move', () => {
    expect(movesBeat(lineWith('giraffe'), () => null)).toBe(null);
    expect(offBeat(lineWith('umbrella'), () => null)).toBe(2);
    const noSwap = { ...about, verses: ['Up and over the hill'] };
    expect([
      offBeat(lineWith('giraffe', noSwap), spokenOf),
      movesBeat(lineWith('giraffe', noSwap), spokenOf),
    ]).toEqual([0, null]);
  });
});

describe('scansion', () => {
  const song3 = { verses: ['The {what} went over the hill'], rule: { kind: 'for-words', words: ['kite'] } };
  const offs = (what: string[]) => sing(song(song3), words({ what })).map(({ lines }) => offBeat(lines[0]!));

  test('marks the lines that words of more syllables spoil', () => {
    expect(offs(['lamp', 'lantern', 'umbrella', 'caterpillar'])).toEqual([0, 0, 2, 3]);
    // Written with a word of two, those of one, two and three scan.
    const two = { ...song3, rule: { kind: 'for-words', words: ['lantern'] } };
    const sung = sing(song(two), words({ what: ['kite', 'windsock', 'umbrella', 'caterpillar'] }));
    expect(sung.map(({ lines }) => offBeat(lines[0]!))).toEqual([0, 0, 0, 2]);
  });

  test('marks words that are too short, numbers that are too long, and words that came before', () => {
    const long = { ...song3, rule: { kind: 'for-words', words: ['umbrella'] } };
    expect(offBeat(sing(song(long), words({ what: ['kite'] }))[0]!.lines[0]!)).toBe(-2);
    const numbers = sing(song(up), OWN_WORDS, { ...WHOLE, from: 5, count: 7 }).map(({ lines }) =>
      offBeat(lines[0]!),
    );
    expect(numbers).toEqual([0, 0, 0, 0, 0, 0, 2]);
    const growing = { verses: ['and {a each}'], rule: { kind: 'growing', words: ['kite'] } };
    expect(
      sing(song(growing), words({ what: ['umbrella', 'flag'] }))[1]!.lines.map((line) => offBeat(line)),
    ).toEqual([0, 2]);
    expect(offBeat({ text: '', measure: '', swaps: [] })).toBe(0);
  });
});

test('numbers are words up to ninety-nine', () => {
  expect([0, 1, 12, 20, 21, 99, 100, 1.5, -1].map(numberWord)).toEqual([
    'none',
    'one',
    'twelve',
    'twenty',
    'twenty-one',
    'ninety-nine',
    '100',
    '1.5',
    '-1',
  ]);
});

test('nouns know their many, and the article their sound', () => {
  expect(nounOf('box kite').many).toBe('box kites');
  expect(nounOf('Set of keys / sets of keys')).toMatchObject({ one: 'set of keys', many: 'sets of keys' });
  expect(nounOf('LED lamp').one).toBe('LED lamp');
  expect(['hour', 'unicycle', 'umbrella', 'eye', 'kite', 'one-legged stool', 'u'].map(withArticle)).toEqual([
    'an hour',
    'a unicycle',
    'an umbrella',
    'an eye',
    'a kite',
    'a one-legged stool',
    'a u',
  ]);
});

test('a song has words, and numbers that can be counted', () => {
  expect(songSchema.safeParse({ ...song({}), verses: [] }).success).toBe(false);
  const rule = { kind: 'counted', from: -1, to: 3 };
  const { error } = songSchema.safeParse({ ...song({}), rule });
  expect(error!.issues[0]!.path).toEqual(['rule', 'from']);
});
