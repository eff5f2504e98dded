import { describe, expect, test } from 'vitest';
import { CATEGORIES, type CategoryId } from '../../cupboard/index.ts';
import type { ChangeInput } from '../../changes/index.ts';
import {
  A_MONDAY,
  aChild,
  aMaterial,
  anActivity,
  aSupplyAsWritten,
  onDay,
  TEST_UNIT,
  testBook,
} from '../../testing/home.ts';
import { read } from '../answers/read.ts';

type Level = 'stop' | 'care' | null;
type Properties = NonNullable<Extract<ChangeInput, { type: 'cupboard/put-supply' }>['supply']['properties']>;

function levelFor(category: CategoryId, properties: Properties, eaten = true): Level {
  const book = testBook(
    aChild('bo', '2022-01-01'),
    aSupplyAsWritten('thing', { category, properties }),
    anActivity('bake', { eaten, mode: 'whole-group', materials: [aMaterial('thing', 1)] }),
    onDay('p', 'bake', 2),
  );
  const found = read(book, TEST_UNIT, A_MONDAY).headsUps.filter(({ rule }) => rule === 'eaten');
  expect(found.length).toBeLessThan(2);
  return found[0] ? (found[0].level as Level) : null;
}

// Nothing recorded; recorded as made for food, and as not; made only of food, and not.
const TABLE: Readonly<Partial<Record<CategoryId, readonly [Level, Level, Level, Level, Level]>>> = {
  food: [null, null, null, null, null],
  room: [null, null, null, null, null],
  music: [null, null, null, null, null],
  outdoors: [null, null, null, null, null],
  print: ['stop', null, 'stop', 'stop', 'stop'],
  'paper-and-card': ['stop', null, 'stop', 'stop', 'stop'],
  electric: ['stop', null, 'stop', 'stop', 'stop'],
  'paint-and-glue': ['care', null, 'stop', null, 'stop'],
  made: ['care', null, 'stop', null, 'stop'],
  filler: ['care', null, 'stop', null, 'stop'],
};
const OTHERS: readonly [Level, Level, Level, Level, Level] = ['care', null, 'stop', 'care', 'care'];

describe('what is eaten afterwards', () => {
  test.each(Object.keys(CATEGORIES) as CategoryId[])('touches %s', (category) => {
    const found = [
      levelFor(category, {}),
      levelFor(category, { forFood: true }),
      levelFor(category, { forFood: false }),
      levelFor(category, { foodOnly: 'all' }),
      levelFor(category, { foodOnly: 'no' }),
    ];
    expect(found).toEqual(TABLE[category] ?? OTHERS);
  });

  test('is asked only of what is eaten', () => {
    expect(levelFor('electric', {}, false)).toBeNull();
  });
});
