import { z } from 'zod';
import { clockTimeSchema, plainDaySchema } from '../calendar/index.ts';
import { supplyIdSchema } from '../cupboard/index.ts';
import { blockIdSchema, childIdSchema, cornerIdSchema, personIdSchema, type Block } from '../house/index.ts';
import { entityKind, idOf, type Cell, type Spread } from '../kind/index.ts';
import {
  activityContentSchema,
  activityIdSchema,
  contentPartSchema,
  fillSlots,
  versionIdSchema,
  withGaps,
  type ActivityContent,
  type ActivityId,
  type ContentPart,
} from '../library/index.ts';
import { idSchema, lineSchema, memoised, versionSchema, type ShownBy } from '../measure/index.ts';
import { eventIdSchema, type EventId } from './event.ts';
import { inHandOf, shownByTheme, type InHand } from './in-hand.ts';
import { countsOf, fillingFrom, themeAbout, type Theme, type ThemeCounts } from './theme.ts';
import { dayNumberSchema, unitIdSchema } from './unit.ts';

export const placementIdSchema = idOf('placements').brand<'PlacementId'>();
export type PlacementId = z.infer<typeof placementIdSchema>;

const inOrder = (where: { fromDay: number; toDay: number }): boolean => where.fromDay <= where.toDay;
const LAST_BEFORE_FIRST = { path: ['toDay'], message: 'The last day cannot come before the first' };

/** A set-up in a corner, from one numbered day to another, both included. */
const inCornerSchema = z
  .object({
    kind: z.literal('corner'),
    cornerId: cornerIdSchema,
    fromDay: dayNumberSchema,
    toDay: dayNumberSchema,
  })
  .refine(inOrder, LAST_BEFORE_FIRST);

/** An activity in a block of one numbered day. */
const onDaySchema = z.object({
  kind: z.literal('day'),
  day: dayNumberSchema,
  blockId: blockIdSchema,
});

/** In the bin of one child, on some days. */
const inBinSchema = z
  .object({
    kind: z.literal('bin'),
    childId: childIdSchema,
    fromDay: dayNumberSchema,
    toDay: dayNumberSchema,
  })
  .refine(inOrder, LAST_BEFORE_FIRST);

/** Undated: an extra that can be pulled out on any day. */
const inReserveSchema = z.object({ kind: z.literal('reserve') });

/** Instead of something that bad weather may stop: it stands where and when that one does. */
const asTwinSchema = z.object({ kind: z.literal('twin'), of: placementIdSchema });

/** In the plan of a special event, from a time on: it goes with the event to whichever day that has. */
const inEventSchema = z.object({
  kind: z.literal('event'),
  eventId: eventIdSchema,
  start: clockTimeSchema,
});

/** Where in the unit an activity stands. */
export const whereSchema = z.discriminatedUnion(
  'kind',
  [inCornerSchema, onDaySchema, inBinSchema, inReserveSchema, asTwinSchema, inEventSchema],
  'Something stands in a corner, on a day, in a bin, in the reserve, in an event, or in for something else',
);
export type Where = z.infer<typeof whereSchema>;

/** How a tub is filled: which one, with what, and how far up, in per cent of its inner height. */
export const binFillSchema = z.object({
  tubId: supplyIdSchema,
  fillerId: supplyIdSchema,
  depthPercent: z
    .number('A number is needed here')
    .gt(0, 'A depth above zero is needed here')
    .max(100, 'More than full does not fit'),
});
export type BinFill = z.infer<typeof binFillSchema>;

/** Which version a child gets, chosen by hand; null for none on purpose. */
export const choiceSchema = z.object({ childId: childIdSchema, versionId: versionIdSchema.nullable() });
export type Choice = z.infer<typeof choiceSchema>;

/**
 * An activity placed in a unit, as it is kept: a copy of the library's at one of its versions, what fills its slots, and what was
 * written over it here. Later edits of the library never change it. Why three and not one: what is filled can be filled otherwise,
 * what was not written over can follow a newer one, and what differs is seen, not remembered. {@link placementOf} is what it says.
 */
export const placedCopySchema = z
  .object({
    id: placementIdSchema,
    version: versionSchema,
    unitId: unitIdSchema,
    /** Null for what was written here and is in no library. */
    originId: activityIdSchema.nullable(),
    originVersion: z.int().min(0),
    /** The library's content at that version, its slots open. */
    base: activityContentSchema,
    /** Words for its slots, by the slot's name. */
    slots: z.record(z.string().max(24), lineSchema).default({}),
    /** What was written over, by field. */
    over: contentPartSchema.default({}),
    where: whereSchema,
    /** Stays where it is when days are drafted anew or swapped. */
    pinned: z.boolean().default(false),
    choices: z.array(choiceSchema).max(60, 'At most 60').default([]),
    /** Who stays with it and does nothing else meanwhile; null when nobody was named. */
    leadId: personIdSchema.nullable().default(null),
    /** The tub and its filler, where one was worked out: it takes the place of the fillers among the materials. */
    bin: binFillSchema.nullable().default(null),
    /** Which of the theme's things it is about; null, or one that is gone: what the theme is about. */
    aboutId: idSchema.nullable().default(null),
    /** Carried over from an earlier unit: the day since which it has been out. */
    outSince: plainDaySchema.nullable().default(null),
  })
  .superRefine(({ base, over }, context) => {
    if (Object.keys(over).length === 0) return;
    const whole = activityContentSchema.safeParse({ ...base, ...over });
    for (const { path, message } of whole.error?.issues ?? [])
      context.addIssue({ code: 'custom', path: ['over', ...path], message });
  });
export type PlacedCopy = z.infer<typeof placedCopySchema>;

/** An activity in a unit as it reads: its copy with what was written over it, and its slots filled. */
export interface Placement extends Omit<PlacedCopy, 'originId' | 'base' | 'slots' | 'over'> {
  /** What was written here is its own origin: it is the same as nothing else. */
  readonly originId: ActivityId;
  readonly content: ActivityContent;
  /** The part of a special event in which it stands, like a block of that day. */
  readonly part?: Block;
  readonly inEvent?: EventId;
  /** What it is shown by: its own picture, else that of the member that fills it, else by its title. */
  readonly shownBy: ShownBy;
  /** Members of the theme that are to be handled and for which nothing in the house stands, by name. */
  readonly notInHand?: readonly string[];
  /** How many there are of what its amounts may be counted by, from the theme's table. */
  readonly counts?: ThemeCounts;
  /** The day from which it steps back, because an event fills that. */
  readonly backFrom?: number;
}

const writtenOver = memoised((base: ActivityContent, over: ContentPart): ActivityContent =>
  Object.keys(over).length === 0 ? base : { ...base, ...(over as Partial<ActivityContent>) },
);
// Words that somebody gave stand before those of the theme's table.
const filledIn = memoised(
  (content: ActivityContent, slots: Readonly<Record<string, string>>, theme: Theme | null) => {
    const { words, spoken } = fillingFrom(content.slots, theme);
    const filled = fillSlots(content, { words: { ...words, ...slots }, spoken });
    const inHand: InHand = inHandOf(content, theme, slots);
    const shownBy = content.picture ? filled : (shownByTheme(content, theme, slots) ?? filled);
    return {
      content:
        inHand.materials.length === 0
          ? filled
          : { ...filled, materials: [...filled.materials, ...inHand.materials] },
      shownBy: { name: 'title' in shownBy ? shownBy.title : shownBy.name, picture: shownBy.picture },
      ...(inHand.lacks.length > 0 ? { notInHand: inHand.lacks } : {}),
    };
  },
);

/** What a copy says with its slots still open. */
export const unfilledContent = ({ base, over }: Pick<PlacedCopy, 'base' | 'over'>): ActivityContent =>
  writtenOver(base, over);

/** What a copy is a copy of: what was written here is its own origin. */
export const originOf = ({ id, originId }: Pick<PlacedCopy, 'id' | 'originId'>): ActivityId =>
  originId ?? (id as string as ActivityId);

/** A copy as it reads in its theme, the same object for the same copy and theme. */
export const placementOf = memoised((copy: PlacedCopy, whole: Theme | null): Placement => {
  const theme = whole && themeAbout(whole, copy.aboutId);
  const { originId: _origin, base: _base, slots, over: _over, ...rest } = copy;
  const counts = theme && countsOf(theme);
  return {
    ...rest,
    originId: originOf(copy),
    ...filledIn(unfilledContent(copy), slots, theme),
    ...(counts ? { counts } : {}),
  };
});

type TextCell = 'corner_id' | 'child_id' | 'twin_of' | 'block_id' | 'event_id' | 'at_time';
type WhereCells = Readonly<Record<TextCell, string | null>> & Readonly<Record<'from_day' | 'to_day', number>>;
type WhereWays = {
  readonly [K in Where['kind']]: {
    toCells(where: Extract<Where, { kind: K }>): Partial<WhereCells>;
    fromCells(cells: Readonly<Record<string, Cell>>): object;
  };
};

const NOWHERE: WhereCells = {
  corner_id: null,
  child_id: null,
  twin_of: null,
  block_id: null,
  event_id: null,
  at_time: null,
  from_day: 0,
  to_day: 0,
};
const WHERE_WAYS: WhereWays = {
  corner: {
    toCells: (w) => ({ corner_id: w.cornerId, from_day: w.fromDay, to_day: w.toDay }),
    fromCells: (row) => ({ cornerId: row.corner_id, fromDay: row.from_day, toDay: row.to_day }),
  },
  day: {
    toCells: (w) => ({ block_id: w.blockId, from_day: w.day, to_day: w.day }),
    fromCells: (row) => ({ blockId: row.block_id, day: row.from_day }),
  },
  bin: {
    toCells: (w) => ({ child_id: w.childId, from_day: w.fromDay, to_day: w.toDay }),
    fromCells: (row) => ({ childId: row.child_id, fromDay: row.from_day, toDay: row.to_day }),
  },
  reserve: { toCells: () => ({}), fromCells: () => ({}) },
  twin: { toCells: (w) => ({ twin_of: w.of }), fromCells: (row) => ({ of: row.twin_of }) },
  event: {
    toCells: (w) => ({ event_id: w.eventId, at_time: w.start }),
    fromCells: (row) => ({ eventId: row.event_id, start: row.at_time }),
  },
};

// Where something stands has several shapes: columns that can be joined hold them all.
const WHERE_COLUMNS: Spread<Where> = {
  toCells: (where) => ({
    where_kind: where.kind,
    ...NOWHERE,
    ...(WHERE_WAYS[where.kind].toCells as (where: Where) => Partial<WhereCells>)(where),
  }),
  fromCells: (cells) => {
    const kind = String(cells.where_kind) as Where['kind'];
    return { kind, ...WHERE_WAYS[kind]?.fromCells(cells) };
  },
};

/** What an activity in a unit is to the book. */
export const placementKind = entityKind({
  schema: placedCopySchema,
  word: 'an activity in a unit',
  name: (copy) => withGaps(placementOf(copy, null).content.title),
  dropped: 'never',
  columns: { where: WHERE_COLUMNS },
});

/** The first and the last numbered day on which a placement stands; null for what has no day of its own. */
export function spanOfDays({
  where,
}: Pick<Placement, 'where'>): { readonly from: number; readonly to: number } | null {
  if (where.kind === 'day') return { from: where.day, to: where.day };
  return where.kind === 'corner' || where.kind === 'bin' ? { from: where.fromDay, to: where.toDay } : null;
}

/** Whether a placement stands on a numbered day. */
export function standsOn(placement: Pick<Placement, 'where'>, day: number): boolean {
  const span = spanOfDays(placement);
  return span !== null && span.from <= day && day <= span.to;
}

/** The first numbered day of a placement; 0 for what has none. */
export const firstDayOf = (placement: Pick<Placement, 'where'>): number => spanOfDays(placement)?.from ?? 0;

/** The last numbered day of a placement; 0 for what has none. */
export const lastDayOf = (placement: Pick<Placement, 'where'>): number => spanOfDays(placement)?.to ?? 0;
