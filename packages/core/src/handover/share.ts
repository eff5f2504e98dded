import { z } from 'zod';
import { instantSchema, plainDaySchema, type PlainDay } from '../calendar/index.ts';

import { idSchema, lineSchema, versionSchema } from '../measure/index.ts';
import { dayNumberSchema, unitIdSchema } from '../unit/index.ts';

export const shareIdSchema = idSchema.brand<'ShareId'>();
export type ShareId = z.infer<typeof shareIdSchema>;

const shareFields = z.object({
  id: shareIdSchema,
  version: versionSchema,
  unitId: unitIdSchema,
  /** For whom it was made, as the provider put it. */
  label: lineSchema,
  fromDay: dayNumberSchema,
  toDay: dayNumberSchema,
  /** The last date on which it opens; null when it has none. */
  lastDate: plainDaySchema.nullable(),
  revokedAt: instantSchema.nullable(),
});

const daysInOrder = {
  check: (share: { fromDay: number; toDay: number }) => share.fromDay <= share.toDay,
  problem: { path: ['toDay'], message: 'The last day cannot come before the first' },
};

/** A link for an assistant to some days of a unit. The secret that opens it is never part of the book. */
export const shareSchema = shareFields.refine(daysInOrder.check, daysInOrder.problem);
export type Share = z.infer<typeof shareSchema>;

/** What the provider decides when making a link. */
export const shareOrderSchema = shareFields
  .omit({ version: true, revokedAt: true })
  .refine(daysInOrder.check, daysInOrder.problem);
export type ShareOrder = z.infer<typeof shareOrderSchema>;

/** Why a link does not open on a date; null when it does. */
export function shareClosedBecause(share: Share, today: PlainDay): 'revoked' | 'expired' | null {
  if (share.revokedAt !== null) return 'revoked';
  return share.lastDate !== null && share.lastDate < today ? 'expired' : null;
}
