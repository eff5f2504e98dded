import { z } from 'zod';
import { clockTimeSchema } from '../calendar/index.ts';
import { cornerKindSchema } from '../house/index.ts';
import { entityKind } from '../kind/index.ts';
import { activityIdSchema } from '../library/index.ts';
import { idSchema, lineSchema, versionSchema } from '../measure/index.ts';
import { pieceFields } from './circle.ts';
import { eventFields } from './event.ts';
import { lineFields } from './day-line.ts';
import { keptMemberSchema } from './thing-list.ts';
import { dayCountSchema, dayNumberSchema, sparkFields } from './unit.ts';

/** Where something stands in a ready-made unit, in words that hold for any home. */
const readyWhereSchema = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('corner'),
    cornerKind: cornerKindSchema,
    fromDay: dayNumberSchema,
    toDay: dayNumberSchema,
  }),
  /** In the first free block of a day. */
  z.object({ kind: z.literal('day'), day: dayNumberSchema }),
  z.object({ kind: z.literal('reserve') }),
  /** In the plan of this one of its events, counted from 0. */
  z.object({
    kind: z.literal('event'),
    event: z.int('A whole number is needed here').min(0).max(9),
    start: clockTimeSchema,
  }),
]);

const blockNumberSchema = z
  .int('A whole number is needed here')
  .min(1, 'The first is 1')
  .max(24, 'At most 24');

const readyPlacementSchema = z.object({
  activityId: activityIdSchema,
  where: readyWhereSchema,
  /** Words for the slots of a pattern. */
  slots: z.record(z.string().max(24), lineSchema).default({}),
});

/** Which circle of a day, or the seam after which of its blocks, counted from 1: homes name their blocks each in their own way. */
const readyMomentSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('circle'), number: blockNumberSchema }),
  z.object({ kind: z.literal('after'), block: blockNumberSchema }),
]);

const readyPieceSchema = z.object({
  ...pieceFields,
  moment: readyMomentSchema,
  /** Null for every day of the unit. */
  day: dayNumberSchema.nullable().default(null),
  /** On its day it takes the place of this one of the list, counted from 0: a piece of every day. */
  insteadOf: z.int('A whole number is needed here').min(0).max(399).nullable().default(null),
  notOn: z.array(dayNumberSchema).max(60, 'At most 60').default([]),
});

/** A unit that is ready to be started from: without dates, for corners of any home. */
export const readyUnitSchema = z.object({
  id: idSchema.brand<'ReadyUnitId'>(),
  version: versionSchema,
  ...sparkFields,
  dayCount: dayCountSchema,
  things: z.array(keptMemberSchema).max(40).default([]),
  placements: z.array(readyPlacementSchema).max(200, 'At most 200').default([]),
  lines: z.array(z.object(lineFields)).max(200).default([]),
  events: z.array(z.object(eventFields)).max(10).default([]),
  /** The pieces of its circles and seams, in their order. */
  circle: z.array(readyPieceSchema).max(400, 'At most 400').default([]),
  retired: z.boolean().default(false),
});
export type ReadyUnit = z.infer<typeof readyUnitSchema>;

/** What a ready-made unit is to the book. */
export const readyUnitKind = entityKind({
  schema: readyUnitSchema,
  word: 'a ready-made unit',
  name: ({ title }) => title,
});
