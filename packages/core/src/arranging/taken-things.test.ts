import { expect, test } from 'vitest';
import { lettersEach, thingSchema, soundOf, syllablesOf, thingGaps, type Thing } from '../unit/index.ts';
import { toldWordSchema, type ToldWord } from '../wire/index.ts';
import { TEST_UNIT } from '../testing/home.ts';
import { lookedUp, renamed, thingFrom } from './taken-things.ts';

const told = (rest: Partial<Record<keyof ToldWord, unknown>>): ToldWord =>
  toldWordSchema.parse({
    ...{ spoken: null, many: null, rhymes: [], kind: null, role: null, rank: null, sizeMm: null },
    ...{ parts: [], pair: null, colour: null },
    ...rest,
  });
const KNIGHT = told({
  ...{ name: 'knight', spoken: 'N AY1 T', rhymes: ['light'], kind: 'people', role: 'who', sizeMm: 1000 },
  ...{ parts: ['helmet'], pair: 'horse', colour: 'silver', rank: 3 },
});
const at = { id: 't' as Thing['id'], unitId: TEST_UNIT, order: 'a1' as Thing['order'] };
const parsed = (thing: unknown): Thing => thingSchema.parse(thing);

test('what is taken has what was looked up; parts, partner, colour and order are only offered', () => {
  const knight = parsed(thingFrom(KNIGHT, at));
  expect(knight).toMatchObject({
    name: 'knight',
    kind: 'people',
    role: 'who',
    sizeMm: 1000,
    rhymes: ['light'],
  });
  expect(knight).toMatchObject({ parts: [], pair: null, colour: null, rank: null });
  expect(knight.guessed.toSorted()).toEqual(['kind', 'role', 'sizeMm']);
  expect([soundOf(knight), syllablesOf(knight)]).toEqual(['n', 1]);
});

test('what somebody says stands before how it is spoken', () => {
  const knight = parsed({ ...thingFrom(KNIGHT, at), firstSound: 'kn', syllables: 2 });
  expect([soundOf(knight), syllablesOf(knight)]).toEqual(['kn', 2]);
});

test('looked up later, what was said stays', () => {
  const own = parsed({ ...at, name: 'knight', kind: 'heroes', sizeMm: 90 });
  const found = parsed(lookedUp(own, KNIGHT));
  expect(found).toMatchObject({
    kind: 'heroes',
    sizeMm: 90,
    role: 'who',
    spoken: 'N AY1 T',
    guessed: ['role'],
  });
});

test('under another name only what somebody said stays', () => {
  const knight = parsed({
    ...thingFrom(KNIGHT, at),
    colour: 'red',
    kind: 'heroes',
    guessed: ['role', 'sizeMm'],
  });
  const tower = told({ name: 'tower', spoken: 'T AW1 ER0', kind: 'places', role: 'place' });
  expect(parsed(renamed(knight, 'tower', tower))).toMatchObject({
    ...{ name: 'tower', kind: 'heroes', colour: 'red', role: 'place', sizeMm: null, rhymes: [] },
    ...{ spoken: 'T AW1 ER0', guessed: ['role'] },
  });
  expect(parsed(renamed(knight, 'Zahnrad', null))).toMatchObject({ spoken: null, role: null, guessed: [] });
});

test('what was filled in for some is no gap of others that nothing is known of', () => {
  const things = [parsed(thingFrom(KNIGHT, at)), parsed({ ...at, id: 'u', name: 'xqzt' })];
  expect(thingGaps(things)).toEqual([]);
  const said = [...things, parsed({ ...at, id: 'v', name: 'tower', kind: 'places', firstSound: 't' })];
  expect(thingGaps(said).map(({ text }) => text)).toEqual([
    'xqzt has no kind yet',
    'xqzt has no first sound yet',
  ]);
});

test('letters are counted each: for all words at once, and for one after the other', () => {
  expect(lettersEach(['Kite', 'tea-tent', '3 é'])).toEqual([
    { letter: 'a', atOnce: 1, most: 1 },
    { letter: 'e', atOnce: 3, most: 2 },
    { letter: 'i', atOnce: 1, most: 1 },
    { letter: 'k', atOnce: 1, most: 1 },
    { letter: 'n', atOnce: 1, most: 1 },
    { letter: 't', atOnce: 4, most: 3 },
    { letter: 'é', atOnce: 1, most: 1 },
  ]);
  expect(lettersEach([])).toEqual([]);
});
