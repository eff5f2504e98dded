import { z } from 'zod';
import { instantSchema, plainDaySchema, type PlainDay } from '../calendar/index.ts';
import { childIdSchema } from '../house/index.ts';
import { entityKind } from '../kind/index.ts';
import { lineSchema, versionSchema } from '../measure/index.ts';

/** When a child came and left on a day, tapped as it happened. There is one a child and day. */
export const arrivalSchema = z.object({
  id: z
    .string('An id is needed here')
    .regex(/^[A-Za-z0-9:._-]{1,130}$/, 'This is not an id')
    .brand<'ArrivalId'>(),
  version: versionSchema,
  date: plainDaySchema,
  childId: childIdSchema,
  /** Null when the child did not come. */
  inAt: instantSchema.nullable(),
  outAt: instantSchema.nullable(),
  /** Fell ill there: what it shared on that day is not shared again. */
  ill: z.boolean().default(false),
  by: lineSchema,
});
export type Arrival = z.infer<typeof arrivalSchema>;

/** What a line about who came is to the book. */
export const arrivalKind = entityKind({
  schema: arrivalSchema,
  word: 'a line about who came',
  name: null,
  dropped: 'never',
  undone: 'never',
  atOnce: 'commute',
});

/** The id of the one line about a child on a day. */
export const arrivalIdOf = (date: PlainDay, childId: string): Arrival['id'] =>
  `${date}:${childId}` as Arrival['id'];

/** What can be said of a child on a day: came, left, fell ill and left, stays away, or nothing after all. */
export const TAPS = ['in', 'out', 'ill', 'away', 'unsaid'] as const;
export type Tap = (typeof TAPS)[number];
