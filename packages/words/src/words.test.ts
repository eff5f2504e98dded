import { readFileSync } from 'node:fs';
import { firstSoundOf, stressedSyllable, syllablesSpoken } from '@kobby/core';
import { describe, expect, test } from 'vitest';
import { SPOKEN_OTHERWISE } from '../build/by-hand.mjs';
import { offers, openWordBook, told } from './index.ts';
import { isSlip, wordsOf } from './forms.ts';
import { scenes } from './scenes/index.ts';
import { readScenes } from './scenes/scene.ts';
import { drawn } from './testing/draw.ts';

const book = openWordBook();
const linesOf = (file: string): readonly string[] =>
  readFileSync(new URL(`testing/${file}`, import.meta.url), 'utf8')
    .split('\n')
    .filter((line) => line !== '' && !line.startsWith('#'));
const namesFor = (theme: string, sense: number | null = null): readonly string[] =>
  offers(book, theme, sense).things.map(({ name }) => name);

describe('how words are spoken', () => {
  test('agrees with what was split by hand before, for 99 of 100', () => {
    const wrong = linesOf('by-hand.txt').filter((line) => {
      const [word = '', sound, syllables, stress] = line.split(' ');
      const spoken = book.spokenOf(word);
      return (
        !spoken ||
        firstSoundOf(spoken) !== sound ||
        syllablesSpoken(spoken) !== Number(syllables) ||
        stressedSyllable(spoken) !== Number(stress)
      );
    });
    expect(wrong.length).toBeLessThanOrEqual(linesOf('by-hand.txt').length / 100);
    expect(Object.keys(SPOKEN_OTHERWISE).length).toBeLessThanOrEqual(10);
  });

  test('a name of several words is spoken as its words are, and of the kind of its last', () => {
    expect(told(book, 'toy tram')).toMatchObject({
      spoken: 'T OY1 T R AE1 M',
      kind: 'vehicles',
    });
    expect(told(book, 'Knight')).toMatchObject({ spoken: 'N AY1 T', kind: 'people' });
  });

  test('nothing is made up for what it does not know', () => {
    for (const name of ['Zahnradbahn', '😀', 'xqzt', 'a'.repeat(120)])
      expect(told(book, name)).toMatchObject({
        spoken: null,
        rhymes: [],
        kind: null,
        sizeMm: null,
        parts: [],
      });
  });

  test('rhymes share their end, and none is the word itself', () => {
    expect(told(book, 'kite').rhymes).toContain('light');
    expect(told(book, 'kite').rhymes).not.toContain('kite');
  });
});

describe('scenes', () => {
  test('two hundred themes have two dozen things each, none twice', () => {
    expect(scenes.length).toBeGreaterThanOrEqual(200);
    for (const { themes, things } of scenes) {
      const names = things.map(({ name }) => name);
      expect(names.length, themes[0]).toBeGreaterThanOrEqual(24);
      expect(new Set(names).size, themes[0]).toBe(names.length);
      expect(
        names.every((name) => name === name.trim() && name.length > 1),
        themes[0],
      ).toBe(true);
    }
  });

  test('no two have a name in common, and each is found by all of its names', () => {
    const all = scenes.flatMap(({ themes }) => themes);
    expect(all.filter((name, i) => all.indexOf(name) !== i)).toEqual([]);
    for (const theme of all) expect(offers(book, theme).things.length, theme).toBeGreaterThanOrEqual(24);
  });

  test('partners are there, and what has an order has one without gaps', () => {
    for (const { themes, things } of scenes) {
      const names = new Set(things.map(({ name }) => name));
      for (const { name, pair } of things)
        if (pair !== null) expect(names.has(pair), `${themes[0]}: ${name} with ${pair}`).toBe(true);
      const ranks = things.flatMap(({ rank }) => rank ?? []).toSorted((a, b) => a - b);
      expect(ranks, themes[0]).toEqual(ranks.map((_, i) => i + 1));
    }
  });

  test('are read with kinds, roles, parts, partners and order, the first of each kind first', () => {
    const [scene] = readScenes(
      'mill; mills\ntools: stone(hole+groove), sack~rope\npeople: miller\norder: grain > flour\nsounds: clack',
    );
    expect(scene!.themes).toEqual(['mill', 'mills']);
    expect(scene!.things.map(({ name }) => name)).toEqual([
      'stone',
      'miller',
      'sack',
      'rope',
      'clack',
      'grain',
      'flour',
    ]);
    expect(scene!.things[0]).toMatchObject({ kind: 'tools', role: 'tool', parts: ['hole', 'groove'] });
    expect(scene!.things.find(({ name }) => name === 'rope')).toMatchObject({ pair: 'sack' });
    expect(scene!.things.find(({ name }) => name === 'flour')).toMatchObject({ rank: 2 });
  });
});

describe('what is offered for a theme', () => {
  test('a scene by its name, by one of its words, with words that say nothing, in many or one', () => {
    for (const theme of ['tram', 'Trams', 'our week about the tram', 'All about trams!', 'streetcar'])
      expect(offers(book, theme).from, theme).toBe('scene');
    expect(namesFor('the old tram')).toEqual(namesFor('tram'));
    expect(namesFor('theatre')).toEqual(namesFor('theater'));
  });

  test('the word book where nobody wrote a scene, its own word first', () => {
    expect(offers(book, 'violin').from).toBe('word-book');
    expect(namesFor('violins')[0]).toBe('violin');
    expect(namesFor('violin')).toContain('bow');
  });

  test('two senses are told, and either can be chosen', () => {
    const { senses } = offers(book, 'crane');
    expect(senses).toEqual(['a machine that lifts', 'a bird with long legs']);
    expect(namesFor('crane', 0)).toContain('hook');
    expect(namesFor('crane', 1)).not.toContain('hook');
    expect(namesFor('crane', 1)).toContain('heron');
    expect(namesFor('crane', 9)).toEqual(namesFor('crane', 0));
  });

  test('a letter has things that begin with it', () => {
    expect(offers(book, 'Letter W').from).toBe('letter');
    expect(namesFor('W week').every((name) => name.startsWith('w'))).toBe(true);
  });

  test('no data, another language, a slip of the hand, signs, far too much', () => {
    expect(offers(book, 'Zahnrad')).toMatchObject({ from: null, things: [], missing: ['zahnrad'] });
    expect(offers(book, 'kiets').meant).toContain('kite');
    for (const theme of ['😀', '!!!', 'the of', 'x'.repeat(120), "'; drop"])
      expect(offers(book, theme).things.length, theme).toBeLessThanOrEqual(24);
    expect(namesFor(Array.from({ length: 30 }, (_, i) => book.nouns[i * 40]!.word).join(' ')).length).toBe(
      24,
    );
  });

  test('never more than two dozen, none twice', () => {
    for (const theme of drawn([...book.themes], 800, 24)) {
      const names = namesFor(theme);
      expect(names.length, theme).toBeLessThanOrEqual(24);
      expect(new Set(names).size, theme).toBe(names.length);
    }
  });

  // What a person types is never judged; this is what is offered.
  test('nothing that is not for children stands among what may be offered, rhymes included', () => {
    const unfit =
      /\b(beer|wine|whisk(e)?y|vodka|rum|gin|liquor|cocktail|cigar(ette)?|tobacco|ashtray|gun|rifle|pistol|revolver|bullet|bomb|grenade|cannon|sword(?! of card)|dagger|spear|weapon|warship|tank|casino|poker|roulette|corpse|coffin|grave|tombstone|hearse|gallows|guillotine|prison|jail|convict|thief|robber|murderer|killer|poison|venom|drug|heroin|cocaine|opium|bra|panties|lingerie|thong|condom|breast|nipple|urine|feces|dung|slave|whip|devil|hell|zombie)s?\b/;
    const found = [
      ...book.nouns.map(({ word }) => word),
      ...scenes.flatMap(({ things }) => things.map(({ name }) => name)),
    ]
      .filter((name) => unfit.test(name))
      .filter((name) => !['fish tank', 'air tank', 'tank', 'tanker', 'bullet train'].includes(name));
    expect(found).toEqual([]);
    const nouns = new Set(book.nouns.map(({ word }) => word));
    for (const { word } of book.nouns.slice(0, 600))
      expect(told(book, word).rhymes.every((one) => nouns.has(one))).toBe(true);
  });

  test('words are looked up in one form', () => {
    expect(wordsOf("The Baker's colours and theatres")).toEqual(['baker', 'color', 'theater']);
    expect([
      isSlip('kite', 'kiet'),
      isSlip('kite', 'kites'),
      isSlip('kite', 'kyte'),
      isSlip('kite', 'key'),
    ]).toEqual([true, true, true, false]);
  });
});

// Judged by a person: gladly taken is what belongs to the theme without explanation, can be seen, held, acted or drawn by a child of one
// to six, has a name that one would teach in that unit, and repeats none before it.
describe('twenty themes, drawn by a seed', () => {
  const judged = linesOf('judged.txt').map((line) => {
    const [theme = '', words = ''] = line.split(': ');
    const said = words.split(', ').map((one) => ({ word: one.slice(1), isTaken: one.startsWith('+') }));
    return { theme, said, taken: said.filter(({ isTaken }) => isTaken).length };
  });
  const written = drawn(scenes, 10, 606).map(({ themes }) => themes[0]!);
  const unwritten = drawn(
    linesOf('forty-more.txt').filter((theme) => offers(book, theme).from === 'word-book'),
    10,
    2711,
  );

  test.each([
    ['scenes', written, 11, 9],
    ['themes that nobody wrote', unwritten, 6.5, 4],
  ] as const)('%s', (_, draw, mean, least) => {
    const found = judged.filter(({ theme }) => draw.includes(theme));
    expect(found.map(({ theme }) => theme).toSorted()).toEqual(draw.toSorted());
    for (const { theme, said, taken } of found) {
      expect(
        said.map(({ word }) => word),
        theme,
      ).toEqual(namesFor(theme).slice(0, 12));
      expect(taken, theme).toBeGreaterThanOrEqual(least);
    }
    expect(found.reduce((sum, { taken }) => sum + taken, 0) / 10).toBeGreaterThanOrEqual(mean);
  });
});
