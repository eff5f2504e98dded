import { describe, expect, test } from 'vitest';
import { allergenIdSchema, allergenName, allergenNamed, isOwnAllergen, withImplied } from './allergens.ts';

describe('an allergen that a family names', () => {
  test.each([
    ['milk', 'milk', 'milk'],
    ['Tree nuts', 'tree-nuts', 'tree nuts'],
    [' tree nuts ', 'tree-nuts', 'tree nuts'],
    ['Kiwi', 'own:kiwi', 'kiwi'],
    ['kiwi!', 'own:kiwi', 'kiwi'],
    ['Red kiwi, raw', 'own:red-kiwi-raw', 'red kiwi raw'],
    ['Möhre', 'own:möhre', 'möhre'],
    ['E 102', 'own:e-102', 'e 102'],
    ['constructor', 'own:constructor', 'constructor'],
    ['x'.repeat(120), `own:${'x'.repeat(56)}`, 'x'.repeat(56)],
  ])('%s is known by one id, however it is written', (words, id, name) => {
    expect(allergenNamed(words)).toBe(id);
    expect([allergenIdSchema.parse(id), allergenName(id as never)]).toEqual([id, name]);
    expect(isOwnAllergen(id as never)).toBe(id.startsWith('own:'));
  });

  test.each(['', ' ', '!?', '— …'])('%j names nothing', (words) => expect(allergenNamed(words)).toBe(null));

  test.each(['kiwi', 'own:', 'own:Kiwi', 'own:-', 'toString', `own:${'x'.repeat(80)}`])(
    '%s is no id',
    (id) => {
      expect(allergenIdSchema.safeParse(id).success).toBe(false);
    },
  );
});

test('wheat brings gluten, and nothing else brings anything', () => {
  expect([...withImplied(['wheat', 'own:kiwi'])]).toEqual(['wheat', 'own:kiwi', 'gluten']);
});
