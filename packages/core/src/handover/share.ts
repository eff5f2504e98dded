import { z } from 'zod';
import {
  addDays,
  dayInZone,
  daysBetween,
  instantSchema,
  plainDaySchema,
  type PlainDay,
} from '../calendar/index.ts';

import { personIdSchema } from '../house/index.ts';
import { entityKind, idOf } from '../kind/index.ts';
import { lineSchema, versionSchema } from '../measure/index.ts';
import { dayNumberSchema, unitIdSchema } from '../unit/index.ts';

export const shareIdSchema = idOf('shares').brand<'ShareId'>();
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
  /** Whose it is, so that their own groups come first; null for whoever holds it. */
  personId: personIdSchema.nullable().default(null),
  /** `stations` shows only what that person leads; `all` the whole of its days. */
  scope: z.enum(['all', 'stations'], 'A link shows all of its days or only the groups of one').default('all'),
  /** Whether a pass-phrase is asked for when it is opened. The phrase itself is never part of the book. */
  locked: z.boolean().default(false),
  revokedAt: instantSchema.nullable(),
});

const daysInOrder = {
  check: (share: { fromDay: number; toDay: number }) => share.fromDay <= share.toDay,
  problem: { path: ['toDay'], message: 'The last day cannot come before the first' },
};
const somebodys = {
  check: (share: { scope: string; personId: string | null }) =>
    share.scope === 'all' || share.personId !== null,
  problem: { path: ['personId'], message: 'Say whose groups it shows' },
};

/** A link for an assistant to some days of a unit. The secret that opens it is never part of the book. */
export const shareSchema = shareFields
  .refine(daysInOrder.check, daysInOrder.problem)
  .refine(somebodys.check, somebodys.problem);
export type Share = z.infer<typeof shareSchema>;

/** What a link is to the book. */
export const shareKind = entityKind({
  schema: shareSchema,
  word: 'a link',
  name: null,
  dropped: 'never',
  undone: 'never',
});

/** What the provider decides when making a link. */
export const shareOrderSchema = shareFields
  .omit({ version: true, revokedAt: true })
  .refine(daysInOrder.check, daysInOrder.problem)
  .refine(somebodys.check, somebodys.problem);
export type ShareOrder = z.infer<typeof shareOrderSchema>;

/** Why a link does not open on a date; null when it does. */
export function shareClosedBecause(share: Share, today: PlainDay): 'revoked' | 'expired' | null {
  if (share.revokedAt !== null) return 'revoked';
  return share.lastDate !== null && share.lastDate < today ? 'expired' : null;
}

/**
 * The date of a home as a phone without a connection can tell: the date it was told last, and the days that have begun in the
 * home's zone since. A clock that was turned back counts as none.
 * @throws {RangeError} for an unknown zone.
 */
export function homeDaySince(
  told: { readonly today: PlainDay; readonly atMs: number; readonly zone: string },
  nowMs: number,
): PlainDay {
  const days = daysBetween(dayInZone(told.atMs, told.zone), dayInZone(nowMs, told.zone));
  return addDays(told.today, Math.max(0, days));
}
