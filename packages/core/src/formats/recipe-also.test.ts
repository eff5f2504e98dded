import { describe, expect, test } from 'vitest';
import { recipeSchema } from '../library/index.ts';
import { aSupply, testBook } from '../testing/home.ts';
import { alsoIn, alsoLines } from './recipe-also.ts';

const book = testBook(
  aSupply('flour', { name: 'Plain flour', unit: 'g' }),
  aSupply('rice', { name: 'Rice flour, certified', unit: 'g' }),
  aSupply('water', { name: 'Water', unit: 'mL' }),
);
const RECIPE = recipeSchema.parse({
  ...{
    id: 'bread',
    version: 0,
    title: 'Bread',
    kind: 'food',
    minutes: 5,
    yields: { amount: 1, unit: 'piece' },
  },
  ingredients: [{ supplyId: 'flour', amount: 100 }],
  swaps: [
    {
      ...{ allergen: 'gluten', supplyId: 'flour', insteadId: 'rice', times: 0.9 },
      also: [{ supplyId: 'water', times: 1.1 }],
      how: 'Rest it; then roll\nit out',
    },
    { allergen: 'own:red-kiwi', supplyId: 'water', insteadId: null },
    { allergen: null, supplyId: 'flour', insteadId: 'rice' },
  ],
  variants: [
    {
      ...{ id: 'a', name: 'half rice: soft' },
      changes: [{ supplyId: 'flour', part: 0.5, insteadId: 'rice' }, { supplyId: 'water' }],
      also: [{ supplyId: 'flour', times: 1.2 }],
    },
  ],
});
const LINES = [
  '~ without gluten: Plain flour becomes 0.9 × Rice flour, certified; also 1.1 × Water; (Rest it, then roll it out)',
  '~ without red kiwi: Water is left out',
  '~ only food: Plain flour becomes 1 × Rice flour, certified',
  '~ as half rice, soft: 0.5 of Plain flour becomes 1 × Rice flour, certified; Water is left out; also 1.2 × Plain flour',
];
const supplyOf = (name: string) => Object.values(book.supplies).find((one) => one.name === name)?.id ?? null;
const read = (line: string) => alsoIn(line, supplyOf, () => 'a');

describe('what may come instead', () => {
  test('is a line each', () => expect(alsoLines(RECIPE, book)).toEqual(LINES));
  test('is read back as it was', () => {
    const found = LINES.map(read);
    const again = recipeSchema.parse({
      ...RECIPE,
      swaps: found.flatMap((one) => (one.kind === 'swaps' ? [one.value] : [])),
      variants: found.flatMap((one) => (one.kind === 'variants' ? [one.value] : [])),
    });
    expect(alsoLines(again, book)).toEqual(LINES);
    expect(again.swaps[0]).toEqual({ ...RECIPE.swaps[0], how: 'Rest it, then roll it out' });
    expect(again.swaps[1]).toEqual(RECIPE.swaps[1]);
    expect(again.variants[0]).toEqual({ ...RECIPE.variants[0], name: 'half rice, soft' });
  });
  test.each([
    ['~ without gluten: Plain flour becomes 1 × Moon dust', 'Moon dust'],
    ['~ without gluten: nothing to see', 'nothing to see'],
    ['~ perhaps: Water is left out', 'perhaps'],
    ['~ without gluten:', 'without gluten'],
    ['~', '~'],
  ])('%s is told, not guessed', (line, word) => {
    const found = read(line);
    expect(found.kind === 'unread' && found.why).toContain(word);
  });
});
