import { brotliCompressSync } from 'node:zlib';
import { expect, test } from 'vitest';
import { isShipped, pictureNamed, PICTURES, picturesLike } from './index.ts';
import { pictureFiles } from './svg.ts';

const files = pictureFiles();

test('every picture is there once, has names, and each name shows one thing', () => {
  expect([...files.keys()]).toEqual(PICTURES.map(({ id }) => id));
  const ids = PICTURES.map(({ id }) => id);
  expect(new Set(ids).size).toBe(ids.length);
  const named = new Map<string, string>();
  for (const { id, names, from } of PICTURES)
    for (const name of names) {
      expect(named.has(name) && from !== 'drawn' ? `${name}: ${named.get(name)} and ${id}` : '').toBe('');
      named.set(name, id);
      expect(pictureNamed(name), name).not.toBeNull();
    }
});

test('pictures carry nothing but shapes, and are light: at most 350 kB packed, each by itself', () => {
  let packed = 0;
  for (const [id, svg] of files) {
    expect(svg, id).toMatch(/^<svg [^>]*viewBox="0 0 32 32"/);
    expect(svg, id).not.toMatch(
      /<script|<style|<image|<text|<foreignObject|href="[^#]|url\((?!#)|on\w+=|[“”]/i,
    );
    packed += brotliCompressSync(svg).length;
  }
  expect(packed).toBeLessThan(350_000);
});

test.each([
  ['kite', 'kite'],
  ['Kites', 'kite'],
  ['a tram', 'tram'],
  ['the scissors', 'scissors'],
  ['scissors', 'scissors'],
  ['glue', 'glue'],
  ['clothes pegs', 'clothes-peg'],
  ['leaves', 'leaf-fluttering-in-wind'],
  ['two o’clock', 'two-oclock'],
  ['key/keys', 'key'],
  ['Buttons, 4 cm', 'button'],
])('%s is shown', (name, id) => {
  expect(pictureNamed(name)).toBe(id);
});

test.each([
  'kite string',
  'tram driver',
  'ice skater’s hat',
  'sandpaper',
  '🪁',
  '',
  '   ',
  'constructor',
  'x'.repeat(400),
])('nothing goes by the name of “%s”: a keyword within a name is no name', (name) => {
  expect(pictureNamed(name)).toBeNull();
});

test('what was typed is looked for at the beginning of names, then of their words', () => {
  expect(picturesLike('tr', 60).map(({ id }) => id)).toEqual(
    expect.arrayContaining(['tram', 'train', 'tractor', 'tray']),
  );
  expect(picturesLike('tram', 3)[0]!.id).toBe('tram');
  expect(picturesLike('bin', 40).map(({ id }) => id)).toContain('sensory-bin');
  expect(picturesLike('', 5)).toEqual([]);
  expect(isShipped('tram')).toBe(true);
  expect(isShipped('../../etc')).toBe(false);
});

// What must never be shown to children, whatever else is chosen from the set one day.
test('nothing unfit ships', () => {
  const unfit =
    /gun|pistol|bomb|dagger|sword|cigar|smok|beer|wine|cocktail|coffin|skull|syringe|pill\b|kiss|vampire|zombie|casino|slot-machine|middle-finger|poo/;
  expect(
    PICTURES.flatMap(({ id, names }) => [id, ...names]).filter(
      (name) => unfit.test(name) && !/pool|poodle|spoon|spool|no-smoking/.test(name),
    ),
  ).toEqual([]);
});
