import { z } from 'zod';
import {
  clockTimeSchema,
  minutesSchema,
  minutesSinceMidnight,
  zoneSchema,
  type Weekday,
} from '../calendar/index.ts';
import { idSchema, lineSchema, versionSchema } from '../measure/index.ts';

export const partIdSchema = idSchema.brand<'PartId'>();
/** Id of a part of the day. */
export type PartId = z.infer<typeof partIdSchema>;
export const blockIdSchema = idSchema.brand<'BlockId'>();
/** Id of a block of the day. */
export type BlockId = z.infer<typeof blockIdSchema>;
export const homeIdSchema = z.literal('home').brand<'HomeId'>();
/** There is one home in a book, and this is its id. */
export const HOME_ID = homeIdSchema.parse('home');

export const weekdaySchema = z
  .int('A day of the week is a number from 1 to 7')
  .min(1, 'A day of the week is a number from 1 to 7')
  .max(7, 'A day of the week is a number from 1 to 7')
  .transform((day) => day as Weekday);

/** A part of the day with its clock times: attendance and work are entered by part and computed in time. */
export const partSchema = z
  .object({ id: partIdSchema, name: lineSchema, from: clockTimeSchema, to: clockTimeSchema })
  .refine((part) => part.from < part.to, { path: ['to'], message: 'A part of the day ends after it begins' });
export type Part = z.infer<typeof partSchema>;

/** A block of the day, such as circle or table time: a start and a length in minutes. */
export const blockSchema = z.object({
  id: blockIdSchema,
  name: lineSchema,
  start: clockTimeSchema,
  minutes: minutesSchema,
  /** Kept for circle time: nothing else is proposed for it. */
  isCircle: z.boolean().default(false),
});
export type Block = z.infer<typeof blockSchema>;

/** What is true of the home as a whole. */
export const homeSchema = z.object({
  id: homeIdSchema,
  version: versionSchema,
  name: lineSchema,
  zone: zoneSchema,
  workingWeekdays: z.array(weekdaySchema).min(1, 'A home works on at least one day of the week').max(7),
  parts: z.array(partSchema).min(1, 'A day has at least one part').max(8, 'At most 8 parts of a day'),
  blocks: z.array(blockSchema).min(1, 'A day has at least one block').max(24, 'At most 24 blocks of a day'),
  emergencyNumber: lineSchema.nullable(),
  poisonCentreNumber: lineSchema.nullable(),
});
export type Home = z.infer<typeof homeSchema>;

/** The parts of the day, at least a minute of which lies in the stretch from `start` on. */
export function partsDuring(
  home: Home,
  span: { readonly from: number; readonly to: number },
): readonly PartId[] {
  return home.parts
    .filter((part) => minutesSinceMidnight(part.from) < span.to && span.from < minutesSinceMidnight(part.to))
    .map((part) => part.id);
}
