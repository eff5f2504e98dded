import { z } from 'zod';
import { childIdSchema } from '../house/index.ts';
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

/** The id of the one line about a child's piece. */
export const keepsakeIdOf = (placementId: string, childId: string): Keepsake['id'] =>
  `${placementId}:${childId}` as Keepsake['id'];
