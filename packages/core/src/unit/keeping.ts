import { z } from 'zod';
import { instantSchema } from '../calendar/index.ts';

import { entityKind } from '../kind/index.ts';
import { idSchema, lineSchema, textSchema, versionSchema, wellFormed } from '../measure/index.ts';
import { unitIdSchema } from './unit.ts';

/** What is said when a finding is kept as it is. */
export const keepingOrderSchema = z.object({
  id: idSchema.brand<'KeepingId'>(),
  unitId: unitIdSchema,
  /** Which finding: its key. */
  key: z.string('A finding is named by its key').min(1).max(300),
  /** The fingerprint of its facts: when they change, the finding comes back. */
  facts: z.string('The facts are needed here').min(1).max(64).overwrite(wellFormed),
  why: textSchema.min(1, 'Say why it is kept as it is'),
});

/** A finding that somebody keeps as it is, with the reason. */
export const keepingSchema = keepingOrderSchema.extend({
  version: versionSchema,
  by: lineSchema,
  at: instantSchema,
});
export type Keeping = z.infer<typeof keepingSchema>;

/** What a finding kept is to the book. */
export const keepingKind = entityKind({
  schema: keepingSchema,
  word: 'a finding kept',
  name: null,
  // What was kept about a child is named by its id.
  isAbout: ({ key }, childId) => key.split(':').includes(childId),
});
