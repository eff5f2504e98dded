import { z } from 'zod';
import { plainDaySchema } from '../calendar/index.ts';
import { entityKind } from '../kind/index.ts';
import { idSchema, lineSchema, versionSchema } from '../measure/index.ts';

export const closureIdSchema = idSchema.brand<'ClosureId'>();
/** A stretch of days, first and last included, on which the home is closed. At most a year. */
export const closureSchema = z
  .object({
    id: closureIdSchema,
    version: versionSchema,
    from: plainDaySchema,
    to: plainDaySchema,
    why: lineSchema,
  })
  .refine((closure) => closure.from <= closure.to, {
    path: ['to'],
    message: 'The last day cannot come before the first',
  });
export type Closure = z.infer<typeof closureSchema>;

/** What a closure is to the book. */
export const closureKind = entityKind({
  schema: closureSchema,
  word: 'a closure',
  name: null,
});
