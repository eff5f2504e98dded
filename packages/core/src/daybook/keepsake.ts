import { z } from 'zod';
import { childIdSchema } from '../house/index.ts';
import { entityKind } from '../kind/index.ts';
import { lineSchema, versionSchema } from '../measure/index.ts';
import { placementIdSchema } from '../unit/index.ts';

/** Whether a child has its piece of a keepsake, where somebody said so: else attendance and the record tell. */
export const keepsakeSchema = z.object({
  id: z
    .string('An id is needed here')
    .regex(/^[A-Za-z0-9:._-]{1,130}$/, 'This is not an id')
    .brand<'KeepsakeId'>(),
  version: versionSchema,
  placementId: placementIdSchema,
  childId: childIdSchema,
  has: z.boolean(),
  by: lineSchema,
});
export type Keepsake = z.infer<typeof keepsakeSchema>;

/** What a line about a keepsake is to the book. */
export const keepsakeKind = entityKind({
  schema: keepsakeSchema,
  word: 'a line about a keepsake',
  name: null,
  dropped: 'never',
  undone: 'never',
  atOnce: 'commute',
});

/** The id of the one line about a child's piece. */
export const keepsakeIdOf = (placementId: string, childId: string): Keepsake['id'] =>
  `${placementId}:${childId}` as Keepsake['id'];
