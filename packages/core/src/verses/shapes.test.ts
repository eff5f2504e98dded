// Songs in every shape: opening, refrain, verses that are not alike, lists in step, and whose words they are sung with.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { songSchema, type Song } from '../library/index.ts';
import {
  linesOf,
  nounOf,
  OWN_WORDS,
  sing,
  songPasted,
  uncountedFor,
  unknownSlots,
  WHOLE,
  type Cut,
  type SongWords,
} from './index.ts';

const song = (rest: object): Song =>
  songSchema.parse({ id: 's', title: 'Trams', kind: 'song', purpose: 'move', verses: ['{what}'], ...rest });
const words = (what: readonly string[]): SongWords => ({ ...OWN_WORDS, what });
const sung = (rest: object, what: readonly string[] = [], cut: Partial<Cut> = {}) =>
  sing(song(rest), words(what), { ...WHOLE, ...cut }).map(
    ({ part, lines }) => `${part}: ${lines.map(({ text }) => text).join(' / ')}`,
  );

const SIX = {
  opening: 'Here it comes.',
  verses: [
    'It leaves the depot.',
    'It climbs the hill.',
    'It rings twice.',
    'It stops.',
    'It waits.',
    'It goes home.',
  ],
  ending: 'Good night, tram.',
};

describe('a song as it is written', () => {
  test('has its opening, its verses and its ending once each, and the refrain behind each verse', () => {
    expect(sung({ ...SIX, verses: SIX.verses.slice(0, 2), refrain: 'Ring, ring.' })).toEqual([
      'opening: Here it comes.',
      'verse: It leaves the depot.',
      'refrain: Ring, ring.',
      'verse: It climbs the hill.',
      'refrain: Ring, ring.',
      'ending: Good night, tram.',
    ]);
  });

  test('is cut to any number of verses, and to those that are chosen, one of them twice if it was fun', () => {
    expect(sung(SIX, [], { count: 2 })).toEqual([
      'opening: Here it comes.',
      'verse: It leaves the depot.',
      'verse: It climbs the hill.',
      'ending: Good night, tram.',
    ]);
    expect(sung(SIX, [], { verses: [2, 6] }).slice(1, -1)).toEqual([
      'verse: It climbs the hill.',
      'verse: It goes home.',
    ]);
    expect(sung(SIX, [], { verses: [3, 3] }).slice(1, -1)).toEqual([
      'verse: It rings twice.',
      'verse: It rings twice.',
    ]);
    expect(sung(SIX, [], { verses: [2, 5, 6], count: 2 }).slice(1, -1)).toEqual([
      'verse: It climbs the hill.',
      'verse: It waits.',
    ]);
    // Verses that are not there any more are not sung; when none is left, all of them are.
    expect(sung(SIX, [], { verses: [40] })).toEqual(sung(SIX));
  });

  test('keeps opening and ending in their places, whatever is chosen', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 6 }), { minLength: 1, maxLength: 9 }),
        fc.option(fc.integer({ min: 1, max: 9 })),
        (verses, count) => {
          const parts = sung(SIX, [], { verses, count });
          expect(parts[0]).toBe('opening: Here it comes.');
          expect(parts.at(-1)).toBe('ending: Good night, tram.');
          expect(parts.slice(1, -1)).toEqual(
            verses.slice(0, count ?? undefined).map((n) => `verse: ${SIX.verses[n - 1]}`),
          );
        },
      ),
    );
  });
});

describe('lists in step', () => {
  const motions = { lists: [{ slot: 'motion', words: ['clap', 'stamp', 'turn'] }] };

  test('change together with the verses, whatever these go over', () => {
    const forWords = {
      ...motions,
      verses: ['The {what} can {motion}.'],
      rule: { kind: 'for-words', over: 'what', words: [] },
    };
    expect(sung(forWords, ['tram', 'bus'])).toEqual([
      'verse: The tram can clap.',
      'verse: The bus can stamp.',
    ]);
    // A shorter list begins again.
    expect(sung(forWords, ['tram', 'bus', 'boat', 'cart']).at(-1)).toBe('verse: The cart can clap.');
    expect(sung({ ...motions, verses: ['Let us {motion}.', 'And {motion}.'] })).toEqual([
      'verse: Let us clap.',
      'verse: And stamp.',
    ]);
    expect(sung({ ...motions, verses: ['Let us {motion}.', 'And {motion}.'] }, [], { verses: [2] })).toEqual([
      'verse: And stamp.',
    ]);
  });

  test('stay with their number wherever the counting begins', () => {
    const counted = {
      ...motions,
      verses: ['{n}: {motion}'],
      rule: { kind: 'counted', from: 3, to: 1, words: [] },
    };
    expect(sung(counted)).toEqual(['verse: Three: clap', 'verse: Two: stamp', 'verse: One: turn']);
    expect(sung(counted, [], { from: 2 })).toEqual(['verse: Two: stamp', 'verse: One: turn']);
    expect(sung(counted, [], { from: 4 })[0]).toBe('verse: Four: turn');
    const up = { ...counted, rule: { kind: 'counted', from: 1, to: 3, words: [] }, ending: 'That was {n}.' };
    expect(sung(up, [], { count: 5 }).slice(-2)).toEqual(['verse: Five: stamp', 'ending: That was five.']);
  });

  test('are named so that they mean nothing else, and are known where the song is written', () => {
    const named = (slot: string) =>
      songSchema.safeParse({ ...song({}), lists: [{ slot, words: ['a'] }] }).success;
    expect([named('motion'), named('what'), named('n'), named('Motion'), named('two words')]).toEqual([
      ...[true, false, false, false, false],
    ]);
    expect(unknownSlots('{motion} {it} {them} {it:flies|fly} {nothing}', ['motion'])).toEqual(['nothing']);
  });

  test('of any length give every verse an entry', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: 0, max: 12 }),
        (length, verses, given) => {
          const list = Array.from({ length }, (_, i) => `m${i}`);
          const rule = {
            kind: 'for-words',
            over: 'who',
            words: Array.from({ length: verses }, (_, i) => `w${i}`),
          };
          const who = Array.from({ length: given }, (_, i) => `g${i}`);
          const made = sing(
            song({ lists: [{ slot: 'step', words: list }], verses: ['{who}-{step}'], rule }),
            { ...OWN_WORDS, who },
          );
          const expected = given > 0 ? who : rule.words;
          const all = made.map(({ lines }) => lines[0]!.text.toLowerCase());
          expect(all).toEqual(
            expected.slice(0, all.length).map((word, i) => `${word}-${list[i % list.length]}`),
          );
          expect(all.length).toBeGreaterThan(0);
        },
      ),
    );
  });
});

describe('whose words', () => {
  const body = {
    verses: ['Touch your {what}.'],
    rule: { kind: 'for-words', over: 'what', words: ['knees', 'toes'] },
    wordsFrom: { own: true },
  };

  test('a list of its own is never replaced', () => {
    expect(sung(body, ['lantern', 'letter'])).toEqual([
      'verse: Touch your knees.',
      'verse: Touch your toes.',
    ]);
    expect(sung({ ...body, wordsFrom: {} }, ['lantern'])).toEqual(['verse: Touch your lantern.']);
  });

  test('what is not counted is left out of a song that counts, and told', () => {
    const counting = {
      verses: ['{n what} in the sink'],
      rule: { kind: 'counted', from: 2, to: 1, words: ['cup'] },
    };
    expect(sung(counting, ['lava/lava', 'scissors', 'bolt'])).toEqual([
      'verse: Two bolts in the sink',
      'verse: One bolt in the sink',
    ]);
    expect(sung(counting, ['lava/lava'])[0]).toBe('verse: Two cups in the sink');
    expect(uncountedFor(song(counting), words(['lava/lava', 'sheep', 'scissors']))).toEqual([
      'lava/lava',
      'scissors',
    ]);
    expect(uncountedFor(song({}), words(['lava/lava']))).toEqual([]);
  });

  test('people, pairs, masses and letters are said as they are', () => {
    const rule = { kind: 'for-words', over: 'what', words: [] };
    const verses = ['I see {a what}: {it:waves|wave}, and I like {them} and {its} hat.'];
    expect(sung({ verses, rule }, ['driver:they', 'king:he', 'queen:she', 'tram'])).toEqual([
      'verse: I see a driver: they wave, and I like them and their hat.',
      'verse: I see a king: he waves, and I like him and his hat.',
      'verse: I see a queen: she waves, and I like her and her hat.',
      'verse: I see a tram: it waves, and I like it and its hat.',
    ]);
    expect(
      sung({ verses: ['Look, {a what}!'], rule }, ['scissors', 'sand/sand', 'K thing', 'A boat']),
    ).toEqual([
      'verse: Look, a pair of scissors!',
      'verse: Look, some sand!',
      'verse: Look, a K thing!',
      'verse: Look, a boat!',
    ]);
    expect([nounOf('sheep'), nounOf('Trams')]).toMatchObject([
      { one: 'sheep', many: 'sheep', counted: true },
      { one: 'trams', pronoun: 'it' },
    ]);
  });
});

test('who sings a line is said before it', () => {
  expect(
    linesOf('Who is there?\nchildren: We are! // wave\nThis side: Ding!').map(({ by, voice, text }) => [
      by,
      voice,
      text,
    ]),
  ).toEqual([
    ['', 'lead', 'Who is there?'],
    ['Children', 'answer', 'We are!'],
    ['This side', 'answer', 'Ding!'],
  ]);
});

describe('a pasted song', () => {
  test('is taken apart by its empty lines, heads and repetitions, and nothing is lost', () => {
    const text = `The slow tram

Intro:
Here it comes. (wave)

1.
It leaves the depot,
it rings twice.

Ring, ring, let us in!

Verse 2
It climbs the hill.

Ring, ring, let us in!

Last time: Good night, tram.`;
    expect(songPasted(text)).toEqual({
      title: 'The slow tram',
      opening: 'Here it comes. // wave',
      verses: ['It leaves the depot,\nit rings twice.', 'It climbs the hill.'],
      refrain: 'Ring, ring, let us in!',
      ending: 'Good night, tram.',
    });
  });

  test('of six unlike verses is six verses', () => {
    const six = songPasted(SIX.verses.join('\n\n'));
    expect([six.verses, six.refrain, six.title]).toEqual([SIX.verses, '', '']);
  });

  test('whatever it is, every line of it stands somewhere', () => {
    const line = fc.constantFrom(
      'Ring, ring.',
      'All: We are!',
      'Verse 2',
      'Refrain:',
      'It goes (stamp)',
      'Tram',
      '',
      '1.',
      'Chorus: la la.',
    );
    fc.assert(
      fc.property(fc.array(line, { maxLength: 20 }), (lines) => {
        const { title, opening, verses, refrain, ending } = songPasted(lines.join('\n'));
        const all = [title, opening, ...verses, refrain, ending].join('\n');
        for (const one of ['Ring, ring.', 'We are!', 'It goes', 'la la.'])
          if (lines.some((written) => written.includes(one))) expect(all).toContain(one);
      }),
    );
    expect(songPasted('')).toMatchObject({ verses: [], refrain: '' });
  });
});

describe('bad input is told where it stands', () => {
  const wrong = (rest: object): readonly string[] =>
    (songSchema.safeParse({ ...song({}), ...rest }).error?.issues ?? []).map(
      ({ path, message }) => `${path.join('.')}: ${message}`,
    );

  test.each([
    ['a verse without lines', { verses: ['Up', ''] }, 'verses.1: A verse has words'],
    ['an opening only', { opening: 'Up', verses: [] }, 'verses: At least one verse'],
    ['a hundred verses', { verses: Array.from({ length: 100 }, () => 'Up') }, 'verses: At most 30 verses'],
    [
      'a list of nothing',
      { lists: [{ slot: 'motion', words: [] }] },
      'lists.0.words: A list has at least one entry',
    ],
    [
      'a slot that means something else',
      { lists: [{ slot: 'what', words: ['a'] }] },
      'lists.0.slot: This name means something else in a song',
    ],
    [
      'a role that there is not',
      { wordsFrom: { role: 'king' } },
      'wordsFrom.role: This is no role in a theme',
    ],
  ])('%s', (_, rest, message) => {
    expect(wrong(rest)).toEqual([message]);
  });

  test('a line of 300 letters is sung as it is, and a slot that nothing fills stands there and is told', () => {
    const long = 'la '.repeat(100).trim();
    expect(wrong({ verses: [long] })).toEqual([]);
    expect(sung({ verses: [long] })).toEqual([`verse: ${long.replace('l', 'L')}`]);
    expect(sung({ verses: ['Look: {motoin}'] })).toEqual(['verse: Look: {motoin}']);
    expect(unknownSlots('Look: {motoin}', ['motion'])).toEqual(['motoin']);
  });
});
