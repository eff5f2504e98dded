import { z } from 'zod';
import { blockIdSchema, cornerIdSchema } from '../house/index.ts';
import { activityContentSchema, activityIdSchema } from '../library/index.ts';
import { idSchema, versionSchema } from '../measure/index.ts';
import { dayNumberSchema, unitIdSchema } from './unit.ts';

/** A set-up in a corner, from one numbered day to another, both included. */
const inCornerSchema = z
  .object({
    kind: z.literal('corner'),
    cornerId: cornerIdSchema,
    fromDay: dayNumberSchema,
    toDay: dayNumberSchema,
  })
  .refine((where) => where.fromDay <= where.toDay, {
    path: ['toDay'],
    message: 'The last day cannot come before the first',
  });

/** An activity in a block of one numbered day. */
const onDaySchema = z.object({
  kind: z.literal('day'),
  day: dayNumberSchema,
  blockId: blockIdSchema,
});

/** Where in the unit an activity stands. */
export const whereSchema = z.union([inCornerSchema, onDaySchema]);
export type Where = z.infer<typeof whereSchema>;

export const placementIdSchema = idSchema.brand<'PlacementId'>();
export type PlacementId = z.infer<typeof placementIdSchema>;

/**
 * An activity placed in a unit. It is a copy of the library's, with its origin and that one's version at the
 * time: later edits of the library never change it.
 */
export const placementSchema = z.object({
  id: placementIdSchema,
  version: versionSchema,
  unitId: unitIdSchema,
  originId: activityIdSchema,
  originVersion: z.int().min(0),
  content: activityContentSchema,
  where: whereSchema,
});
export type Placement = z.infer<typeof placementSchema>;

/** Whether a placement stands on a numbered day. */
export const standsOn = ({ where }: Placement, day: number): boolean =>
  where.kind === 'day' ? where.day === day : where.fromDay <= day && day <= where.toDay;

/** The last numbered day of a placement. */
export const lastDayOf = ({ where }: Placement): number => (where.kind === 'day' ? where.day : where.toDay);
