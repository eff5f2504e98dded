import { expect, test } from 'vitest';
import { supplySchema } from '../../cupboard/index.ts';
import type { Spoken } from '../../spoken/index.ts';
import { thingSchema } from '../../unit/index.ts';
import { lettersFound, nounsOf, objectBox } from './object-box.ts';

const supply = (name: string, rest: object = {}) =>
  supplySchema.parse({
    ...{ id: name.toLowerCase().replaceAll(/\W+/g, '-'), version: 1, name, unit: 'piece', use: 'reusable' },
    ...{ keptIn: null, allergens: [] },
    ...rest,
  });
const thing = (name: string, rest: object = {}) =>
  thingSchema.parse({ id: `t-${name}`, unitId: 'u', name, order: 'a0', ...rest });
const supplies = Object.fromEntries(
  [
    supply('Keys, large'),
    supply('Tea kettle'),
    supply('Butter knives'),
    supply('Ketchup', { unit: 'mL', use: 'consumable' }),
    supply('Wooden blocks'),
    supply('Kites of paper', { retired: true }),
  ].map((one) => [one.id, one]),
);
const SPOKEN: Record<string, string> = { key: 'K IY1', kettle: 'K EH1 T AH0 L', knife: 'N AY1 F' };
const spokenOf = (word: string): Spoken | null => (SPOKEN[word] ?? null) as Spoken | null;
const book = { supplies, songs: {}, bookTitles: {} };
const found = (letter = 'K', things: ReturnType<typeof thing>[] = []) =>
  lettersFound(book, things, letter, spokenOf);

test('what begins with a letter is told by its noun and by how that is spoken', () => {
  const { begins, has } = found('K', [
    thing('knight', { spoken: 'N AY1 T' }),
    thing('kite', { spoken: 'K AY1 T' }),
    thing('knot'),
    thing('rake'),
  ]);
  expect(begins.supplies.map(({ name }) => name)).toEqual(['Keys, large', 'Tea kettle']);
  expect(begins.things.map(({ name }) => name)).toEqual(['kite']);
  expect(has.supplies.map(({ name }) => name)).toEqual(['Butter knives', 'Wooden blocks']);
  expect(has.things.map(({ name }) => name)).toEqual(['knight', 'knot', 'rake']);
  expect(nounsOf(Object.values(supplies))).toEqual(['key', 'kettle', 'knife', 'ketchup', 'block', 'kite']);
});

test('the object box takes what begins with it, what stands for the theme’s things, and one stranger', () => {
  const things = [thing('kite', { spoken: 'K AY1 T', supplyId: 'toy-kite' })];
  const house = { supplies: { ...supplies, bell: supply('Bell'), drum: supply('Drum') } };
  const box = objectBox(house, found('K', things), 'k')!;
  expect(box.title).toBe('Object box: K');
  expect(box.materials.map(({ supplyId }) => supplyId)).toEqual([
    'toy-kite',
    'keys-large',
    'tea-kettle',
    'bell',
  ]);
  expect(box.features.letters).toEqual(['K']);
  expect(objectBox(house, found('Q'), 'Q')).toBeNull();
});
