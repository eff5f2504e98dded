import { z } from 'zod';
import { blockIdSchema } from '../house/index.ts';
import { entityKind } from '../kind/index.ts';
import { bookTitleIdSchema } from '../library/index.ts';
import { idSchema, orderKeySchema, textSchema, versionSchema } from '../measure/index.ts';
import { dayNumberSchema, unitIdSchema } from './unit.ts';

/** What a line of a day is: beside its activities a day has a book, a circle, notes, and what is open. */
export const LINE_KINDS = {
  'read-aloud': 'Read aloud',
  circle: 'Circle time',
  note: 'Note',
  indoors: 'Open indoors',
  outdoors: 'Open outdoors',
} as const;
export type LineKind = keyof typeof LINE_KINDS;

/** What a line says, in whichever unit it stands. */
export const lineFields = {
  kind: z.enum(Object.keys(LINE_KINDS) as [LineKind, ...LineKind[]], 'A day has no such line'),
  /** Null for every day. */
  day: dayNumberSchema.nullable(),
  /** The last day of a span that begins on its day; null for that day alone. */
  toDay: dayNumberSchema.nullable().default(null),
  /** The book that is read aloud. */
  bookId: bookTitleIdSchema.nullable().default(null),
  words: textSchema.default(''),
};

/** A line of one day, or of every day of the unit. */
export const dayLineSchema = z
  .object({
    id: idSchema.brand<'DayLineId'>(),
    version: versionSchema,
    unitId: unitIdSchema,
    ...lineFields,
    blockId: blockIdSchema.nullable().default(null),
    order: orderKeySchema,
  })
  .refine((line) => line.bookId !== null || line.words !== '', {
    path: ['words'],
    message: 'Choose a book, or say in words',
  })
  .refine(({ day, toDay }) => toDay === null || (day !== null && day <= toDay), {
    path: ['toDay'],
    message: 'The last day cannot come before the first',
  });
export type DayLine = z.infer<typeof dayLineSchema>;

/** What a line of a day is to the book. */
export const dayLineKind = entityKind({
  schema: dayLineSchema,
  word: 'a line of a day',
  name: ({ words }) => words,
});

/** Whether a line holds on a numbered day: on its own, on every day of its span, or on all days. */
export const lineHoldsOn = ({ day, toDay }: Pick<DayLine, 'day' | 'toDay'>, number: number): boolean =>
  day === null || (day <= number && number <= (toDay ?? day));

/** Whether a line holds on one day alone, so that it stands there. */
export const isOfOneDay = ({ day, toDay }: Pick<DayLine, 'day' | 'toDay'>): boolean =>
  day !== null && (toDay === null || toDay === day);

/** What a line says: its book by title, then its words. `titles` are the books of the library by their ids. */
export const lineText = (
  { bookId, words }: Pick<DayLine, 'bookId' | 'words'>,
  titles: Readonly<Record<string, { readonly title: string }>>,
): string => [bookId === null ? '' : (titles[bookId]?.title ?? ''), words].filter(Boolean).join(' · ');
