import { z } from 'zod';
import { instantSchema } from '../calendar/index.ts';
import { entityKind } from '../kind/index.ts';
import { idSchema, lineSchema, textSchema, versionSchema } from '../measure/index.ts';
import { unitIdSchema } from '../unit/index.ts';

/** An address that a message can be written to. */
export const addressSchema = z.email('This is not an address such as name@example.org').max(200);

/** What is written to families or assistants, as it is edited. */
export const letterOrderSchema = z.object({
  id: idSchema.brand<'LetterId'>(),
  unitId: unitIdSchema,
  subject: lineSchema,
  text: textSchema.min(1, 'A note without a word helps nobody'),
  /** To whom; each gets a message of their own and sees no other address. */
  to: z.array(addressSchema).max(60, 'At most 60').default([]),
});
export type LetterOrder = z.infer<typeof letterOrderSchema>;

/** A note home, and when it was sent. What was sent stays as it was. */
export const letterSchema = letterOrderSchema.extend({
  version: versionSchema,
  sentAt: instantSchema.nullable().default(null),
});
export type Letter = z.infer<typeof letterSchema>;

/** What a note home is to the book. */
export const letterKind = entityKind({
  schema: letterSchema,
  word: 'a note home',
  name: null,
  undone: 'never',
});
