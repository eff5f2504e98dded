import { z } from 'zod';
import { clockTimeSchema, plainDaySchema, type PlainDay } from '../calendar/index.ts';
import { entityKind, idOf } from '../kind/index.ts';
import { songIdSchema } from '../library/index.ts';
import { lineSchema, textSchema, versionSchema } from '../measure/index.ts';
import { dayNumberSchema, unitIdSchema, type UnitDays } from './unit.ts';

export const eventIdSchema = idOf('events').brand<'EventId'>();
export type EventId = z.infer<typeof eventIdSchema>;

/** What an event is, in whichever unit it stands: everything but the people of one home. */
export const eventFields = {
  title: lineSchema,
  /** By the number of a day, which moves with a closure, or on a date, which does not. */
  when: z.discriminatedUnion('kind', [
    z.object({ kind: z.literal('day'), day: dayNumberSchema }),
    z.object({ kind: z.literal('date'), date: plainDaySchema }),
  ]),
  /** The day's own plan by the clock: what is done, and what is sung then. Activities stand at their own time beside it. */
  plan: z
    .array(
      z.object({
        start: clockTimeSchema,
        text: textSchema.min(1, 'Say what is done then'),
        songIds: z.array(songIdSchema).max(12, 'At most 12').default([]),
      }),
    )
    .max(30, 'At most 30')
    .default([]),
  /** When it is over; null for as long as its last part takes by itself. */
  ends: clockTimeSchema.nullable().default(null),
  /** Whether the ordinary plan of its day steps back. */
  fills: z.boolean().default(false),
  /** Who comes to it, beside the children. */
  guests: textSchema.default(''),
  /** What its invitation says; empty for none. */
  invitation: textSchema.default(''),
  /** What each child brings from home, and another way for whoever has none. */
  brings: textSchema.default(''),
  bringsElse: textSchema.default(''),
  /** What it uses that is made in the plan: lanterns, a banner. */
  uses: z.array(lineSchema).max(8, 'At most 8').default([]),
};

/**
 * A special event: a party, an outing, a guest, a birthday. It is a bundle with a plan of its own by the clock; on its day the
 * ordinary plan steps back where it fills the day. Why its activities are placements and not its own: so they are summed, prepared,
 * watched over and handed on like everything else.
 */
export const eventSchema = z
  .object({ id: eventIdSchema, version: versionSchema, unitId: unitIdSchema, ...eventFields })
  .refine(({ plan, ends }) => ends === null || plan.every(({ start }) => start < ends), {
    path: ['ends'],
    message: 'It ends after its last part begins',
  });
export type SpecialEvent = z.infer<typeof eventSchema>;

/** What a special event is to the book. */
export const eventKind = entityKind({
  schema: eventSchema,
  word: 'a special event',
  name: ({ title }) => title,
});

/** `Each child brings a lantern; whoever has none: draws one`; empty where nothing is brought. */
export const bringsText = ({ brings, bringsElse }: Pick<SpecialEvent, 'brings' | 'bringsElse'>): string =>
  brings === ''
    ? ''
    : `Each child brings ${brings}${bringsElse === '' ? '' : `; whoever has none: ${bringsElse}`}`;

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
