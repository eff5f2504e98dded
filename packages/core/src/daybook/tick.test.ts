import { expect, test } from 'vitest';
import { tickIdOf, tickIdSchema, tickSubjectSchema } from './index.ts';

test('a tick is known by its subject: the same one has the same id, any other another', () => {
  const subjects = [
    { placementId: 'p', day: 1, supplyId: null },
    { placementId: 'p', day: 1, supplyId: 'sticks' },
    { placementId: 'p', day: 11, supplyId: null },
    { placementId: 'p2', day: 1, supplyId: null },
  ].map((subject) => tickSubjectSchema.parse(subject));
  const ids = subjects.map(tickIdOf);
  expect(new Set(ids).size).toBe(4);
  expect(subjects.map((subject) => tickIdOf({ ...subject }))).toEqual(ids);
  for (const id of ids) expect(tickIdSchema.safeParse(id).success).toBe(true);
});
