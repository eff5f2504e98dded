import { isShipped, pictureNamed } from '@kobby/pictures';
import { expect, test } from 'vitest';
import { STARTER_ACTIVITIES } from './activities/index.ts';
import { PICTURES } from './activities/pictures.ts';
import { STARTER_SUPPLIES } from './supplies/index.ts';
import { SUPPLY_PICTURES } from './supplies/pictures.ts';

test('what shows the starter library and cupboard ships, and each id is one of theirs', () => {
  const activities = new Set(STARTER_ACTIVITIES.map(({ id }) => id));
  const supplies = new Set(STARTER_SUPPLIES.map(({ supply }) => supply.id));
  for (const [id, picture] of Object.entries(PICTURES))
    expect([id, activities.has(id), isShipped(picture)]).toEqual([id, true, true]);
  for (const [id, picture] of SUPPLY_PICTURES)
    expect([id, supplies.has(id), isShipped(picture)]).toEqual([id, true, true]);
  const shown = STARTER_SUPPLIES.filter(({ supply }) => supply.picture || pictureNamed(supply.name));
  expect(shown.length).toBeGreaterThan(STARTER_SUPPLIES.length / 2);
});
