import { z } from 'zod';
import { clockTimeSchema, plainDaySchema, type PlainDay } from '../calendar/index.ts';
import { entityKind } from '../kind/index.ts';
import { idSchema, lineSchema, textSchema, versionSchema } from '../measure/index.ts';
import { dayNumberSchema, unitIdSchema, type UnitDays } from './unit.ts';

/** A special event: a party, an outing, a guest, a birthday. On its day the ordinary plan is thrown out. */
export const eventSchema = z.object({
  id: idSchema.brand<'EventId'>(),
  version: versionSchema,
  unitId: unitIdSchema,
  title: lineSchema,
  /** By the number of a day, which moves with a closure, or on a date, which does not. */
  when: z.discriminatedUnion('kind', [
    z.object({ kind: z.literal('day'), day: dayNumberSchema }),
    z.object({ kind: z.literal('date'), date: plainDaySchema }),
  ]),
  /** The day's own plan. */
  plan: z
    .array(z.object({ start: clockTimeSchema, text: textSchema.min(1, 'Say what is done then') }))
    .max(30, 'At most 30')
    .default([]),
});
export type SpecialEvent = z.infer<typeof eventSchema>;

/** What a special event is to the book. */
export const eventKind = entityKind({
  schema: eventSchema,
  word: 'a special event',
  name: ({ title }) => title,
});

/** Where an event falls: a numbered day, or the date on which it cannot be held. */
export type EventDay = { readonly day: number } | { readonly lost: PlainDay | null };

/** The numbered day of an event; `lost` with its date when that is no day of the unit, null when its day is past the end. */
export function eventDay({ when }: Pick<SpecialEvent, 'when'>, { days }: UnitDays): EventDay {
  const found = days.find(({ number, date }) =>
    when.kind === 'day' ? number === when.day : date === when.date,
  );
  if (found) return { day: found.number };
  return { lost: when.kind === 'date' ? when.date : null };
}
