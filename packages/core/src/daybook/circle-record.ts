import { z } from 'zod';
import { instantSchema } from '../calendar/index.ts';

import { blockIdSchema } from '../house/index.ts';
import { entityKind } from '../kind/index.ts';
import { lineSchema, versionSchema } from '../measure/index.ts';
import { dayNumberSchema, unitIdSchema } from '../unit/index.ts';

/** How a circle went. */
export const CIRCLE_OUTCOMES = {
  more: { name: 'They wanted more', hint: 'to the end, and could have gone on' },
  held: { name: 'It held them', hint: 'to the end' },
  restless: { name: 'Restless at the end', hint: 'just about' },
  lost: { name: 'It lost them', hint: 'tap the piece where' },
} as const;
export type CircleOutcome = keyof typeof CIRCLE_OUTCOMES;

const secondsSchema = z
  .number('A number is needed here')
  .min(0, 'This cannot be below zero')
  .max(4 * 3600, 'At most four hours');

/** What somebody says of a circle afterwards. */
export const circleRecordOrderSchema = z.object({
  unitId: unitIdSchema,
  day: dayNumberSchema,
  blockId: blockIdSchema,
  outcome: z.enum(Object.keys(CIRCLE_OUTCOMES) as [CircleOutcome, ...CircleOutcome[]], 'Say how it went'),
  /** Seconds until it lost them, or of the whole circle. */
  heldSeconds: secondsSchema,
  /** How long the age rule lets the middle child of those who were there sit, in seconds: what was known then. */
  ruleSeconds: secondsSchema.gt(0, 'This cannot be zero'),
});
export type CircleRecordOrder = z.infer<typeof circleRecordOrderSchema>;

export const circleRecordIdSchema = z
  .string('An id is needed here')
  .regex(/^[A-Za-z0-9:._-]{1,200}$/, 'This is not an id')
  .brand<'CircleRecordId'>();

/** How a circle went, by whom and when. There is one a circle: said again, it is corrected. */
export const circleRecordSchema = circleRecordOrderSchema.extend({
  id: circleRecordIdSchema,
  version: versionSchema,
  by: lineSchema,
  at: instantSchema,
});
export type CircleRecord = z.infer<typeof circleRecordSchema>;

/** What a record of a circle is to the book. */
export const circleRecordKind = entityKind({
  schema: circleRecordSchema,
  word: 'a record of a circle',
  name: null,
  dropped: 'never',
});

/** The id of the one record of a circle. */
export const circleRecordIdOf = ({
  unitId,
  day,
  blockId,
}: Pick<CircleRecordOrder, 'unitId' | 'day' | 'blockId'>): CircleRecord['id'] =>
  `${unitId}:${day}:${blockId}` as CircleRecord['id'];
