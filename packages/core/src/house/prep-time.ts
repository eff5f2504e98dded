import { z } from 'zod';
import { clockTimeSchema, minutesSchema, plainDaySchema } from '../calendar/index.ts';
import { entityKind } from '../kind/index.ts';
import { idSchema, lineSchema, versionSchema } from '../measure/index.ts';
import { personIdSchema } from './person.ts';

/** Time for making ready on one day only, beside those of the week: a Saturday morning, twenty minutes of the assistant's. */
export const prepTimeSchema = z.object({
  id: idSchema.brand<'PrepTimeId'>(),
  version: versionSchema,
  name: lineSchema,
  date: plainDaySchema,
  start: clockTimeSchema,
  minutes: minutesSchema.refine((minutes) => minutes > 0, 'A time has at least a minute'),
  personId: personIdSchema.nullable().default(null),
});
export type PrepTime = z.infer<typeof prepTimeSchema>;

/** What a time for making ready is to the book. */
export const prepTimeKind = entityKind({
  schema: prepTimeSchema,
  word: 'a time for making ready',
  name: ({ name }) => name,
});
