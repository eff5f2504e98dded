import { z } from 'zod';
import {
  DROPPABLE_KINDS,
  kindOf,
  RESTORABLE_KINDS,
  type DroppableKind,
  type RestorableKind,
} from '../book/index.ts';
import { instantSchema, plainDaySchema } from '../calendar/index.ts';
import { stockMoveSchema, supplyIdSchema, supplySchema, wishSchema } from '../cupboard/index.ts';
import {
  batchSchema,
  circleRecordIdSchema,
  circleRecordOrderSchema,
  errandOrderSchema,
  noteIdSchema,
  noteOrderSchema,
  pickupSubjectSchema,
  recordOrderSchema,
  TAPS,
  tickSubjectSchema,
  timerSchema,
  usedDaySchema,
} from '../daybook/index.ts';
import {
  leadingOrderSchema,
  letterOrderSchema,
  letterSchema,
  shareIdSchema,
  shareOrderSchema,
} from '../handover/index.ts';
import {
  absenceIdSchema,
  absenceSchema,
  childIdSchema,
  childSchema,
  closureIdSchema,
  closureSchema,
  cornerSchema,
  extraSchema,
  homeSchema,
  personIdSchema,
  personSchema,
  prepTimeSchema,
} from '../house/index.ts';
import {
  activityIdSchema,
  activitySchema,
  bookTitleSchema,
  recipeSchema,
  sheetSchema,
  songSchema,
  versionIdSchema,
} from '../library/index.ts';
import { idSchema, lineSchema } from '../measure/index.ts';
import {
  binFillSchema,
  circlePieceSchema,
  dayLineSchema,
  eventSchema,
  keepingOrderSchema,
  omissionSchema,
  ownTaskSchema,
  placementIdSchema,
  prepChoiceSchema,
  prepPlanOrderSchema,
  prepTaskIdSchema,
  readyUnitSchema,
  thingSchema,
  unitIdSchema,
  unitSchema,
  whereSchema,
} from '../unit/index.ts';
import { observationSchema, sightingOrderSchema, watchPatternSchema } from '../watch/index.ts';

// Some ids are made of two or three others.
const anyIdSchema = z.string('An id is needed here').regex(/^[A-Za-z0-9:._-]{1,200}$/, 'This is not an id');

const restoredSchema = z
  .object({
    kind: z.enum(RESTORABLE_KINDS as [RestorableKind, ...RestorableKind[]]),
    id: anyIdSchema,
    to: z.unknown(),
  })
  .transform((restored, context) => {
    const gone = restored.to === null || restored.to === undefined;
    // A book always has its home: it can be brought back, never undone.
    if (gone && restored.kind !== 'homes') return { ...restored, to: null };
    const parsed = kindOf(restored.kind).schema.safeParse(restored.to);
    if (parsed.success && parsed.data.id === restored.id) return { ...restored, to: parsed.data };
    for (const issue of parsed.error?.issues ?? [
      { path: ['id'], message: 'This is the id of something else' },
    ]) {
      context.issues.push({
        code: 'custom',
        input: restored.to,
        path: ['to', ...issue.path],
        message: issue.message,
      });
    }
    return z.NEVER;
  });

/** Every way to alter the book. A `put` makes an entity or replaces the one with its id. */
export const changeSchema = z.discriminatedUnion('type', [
  z.object({ type: z.literal('house/put-home'), home: homeSchema }),
  z.object({ type: z.literal('house/put-person'), person: personSchema }),
  z.object({ type: z.literal('house/put-child'), child: childSchema }),
  z.object({ type: z.literal('house/put-absence'), absence: absenceSchema }),
  z.object({ type: z.literal('house/drop-absence'), absenceId: absenceIdSchema }),
  z.object({ type: z.literal('house/put-extra'), extra: extraSchema }),
  z.object({
    type: z.literal('house/forget-child'),
    childId: childIdSchema,
    /** Names under which the child may stand in any text of the home: they are taken out of all of them. */
    words: z.array(lineSchema.min(2, 'At least two letters')).max(10, 'At most 10'),
  }),
  z.object({ type: z.literal('house/put-corner'), corner: cornerSchema }),
  z.object({ type: z.literal('house/put-closure'), closure: closureSchema }),
  z.object({ type: z.literal('house/drop-closure'), closureId: closureIdSchema }),
  z.object({ type: z.literal('cupboard/put-supply'), supply: supplySchema }),
  z.object({ type: z.literal('cupboard/record-stock'), move: stockMoveSchema }),
  z.object({ type: z.literal('cupboard/put-wish'), wish: wishSchema }),
  z.object({ type: z.literal('library/put-activity'), activity: activitySchema }),
  z.object({ type: z.literal('library/put-recipe'), recipe: recipeSchema }),
  z.object({ type: z.literal('library/put-song'), song: songSchema }),
  z.object({ type: z.literal('library/put-book'), book: bookTitleSchema }),
  z.object({ type: z.literal('library/put-sheet'), sheet: sheetSchema }),
  z.object({ type: z.literal('library/put-ready-unit'), readyUnit: readyUnitSchema }),
  z.object({ type: z.literal('unit/start'), unit: unitSchema }),
  z.object({ type: z.literal('unit/revise'), unit: unitSchema }),
  z.object({
    type: z.literal('unit/place'),
    id: placementIdSchema,
    unitId: unitIdSchema,
    activityId: activityIdSchema,
    where: whereSchema,
    /** Words for the slots of a pattern, by the slot's name. */
    slots: z.record(z.string().max(24), lineSchema).optional(),
  }),
  z.object({ type: z.literal('unit/move'), placementId: placementIdSchema, where: whereSchema }),
  z.object({ type: z.literal('unit/unplace'), placementId: placementIdSchema }),
  /** Puts a copy of something that is placed, in whichever unit, with its words filled in and its hand choices. */
  z.object({
    type: z.literal('unit/copy'),
    id: placementIdSchema,
    unitId: unitIdSchema,
    placementId: placementIdSchema,
    where: whereSchema,
    /** Stays out from before: since which day. */
    outSince: plainDaySchema.nullable().default(null),
  }),
  z.object({ type: z.literal('unit/pin'), placementId: placementIdSchema, pinned: z.boolean() }),
  z.object({
    type: z.literal('unit/choose-version'),
    placementId: placementIdSchema,
    childId: childIdSchema,
    /** Null for none on purpose. */
    versionId: versionIdSchema.nullable(),
    /** False lets age and rungs decide again. */
    byHand: z.boolean().default(true),
  }),
  /** Names the adult who stays with something; null for nobody. */
  z.object({
    type: z.literal('unit/assign'),
    placementId: placementIdSchema,
    personId: personIdSchema.nullable(),
  }),
  /** Uses one supply instead of another in something that is placed; the library's own stays as it is. */
  z.object({
    type: z.literal('unit/swap-material'),
    placementId: placementIdSchema,
    supplyId: supplyIdSchema,
    insteadId: supplyIdSchema,
  }),
  z.object({ type: z.literal('unit/keep-finding'), keeping: keepingOrderSchema }),
  z.object({ type: z.literal('unit/put-thing'), thing: thingSchema }),
  z.object({ type: z.literal('unit/put-event'), event: eventSchema }),
  z.object({ type: z.literal('unit/put-line'), line: dayLineSchema }),
  z.object({ type: z.literal('circle/put-piece'), piece: circlePieceSchema }),
  /** Says how a circle went; said again, it is corrected. */
  z.object({ type: z.literal('circle/record'), record: circleRecordOrderSchema }),
  z.object({ type: z.literal('circle/unrecord'), recordId: circleRecordIdSchema }),
  z.object({ type: z.literal('unit/leave-empty'), omission: omissionSchema }),
  /** How a tub is filled; null leaves the fillers to the materials again. */
  z.object({
    type: z.literal('unit/fill-bin'),
    placementId: placementIdSchema,
    bin: binFillSchema.nullable(),
  }),
  z.object({ type: z.literal('ready/put-time'), time: prepTimeSchema }),
  z.object({ type: z.literal('ready/choose'), choice: prepChoiceSchema }),
  z.object({ type: z.literal('ready/put-task'), task: ownTaskSchema }),
  /** Shows people a schedule; what they were shown before is replaced. */
  z.object({ type: z.literal('ready/publish'), plan: prepPlanOrderSchema }),
  z.object({ type: z.literal('ready/done'), unitId: unitIdSchema, taskId: prepTaskIdSchema }),
  z.object({ type: z.literal('ready/undone'), taskId: prepTaskIdSchema }),
  z.object({ type: z.literal('library/put-watch-pattern'), pattern: watchPatternSchema }),
  z.object({ type: z.literal('watch/put-observation'), observation: observationSchema }),
  /** Says what was seen; said again with the same id, it replaces what was said. */
  z.object({ type: z.literal('watch/record'), sighting: sightingOrderSchema }),
  z.object({ type: z.literal('gather/put-errand'), errand: errandOrderSchema }),
  z.object({ type: z.literal('gather/pick-up'), subject: pickupSubjectSchema }),
  z.object({ type: z.literal('gather/put-back'), subject: pickupSubjectSchema }),
  /** A day is done: what it used was taken out of the stock. A day is done once. */
  z.object({ type: z.literal('gather/day-used'), usedDay: usedDaySchema }),
  z.object({ type: z.literal('kitchen/put-batch'), batch: batchSchema }),
  z.object({ type: z.literal('kitchen/start-timer'), timer: timerSchema }),
  z.object({ type: z.literal('daybook/tick'), subject: tickSubjectSchema }),
  z.object({ type: z.literal('daybook/untick'), subject: tickSubjectSchema }),
  /** A child came, left or stays away; said again, it is corrected. */
  z.object({
    type: z.literal('daybook/tap'),
    date: plainDaySchema,
    childId: childIdSchema,
    tap: z.enum(TAPS, 'A child came, left or stays away'),
  }),
  /** Says how something went; said again, it is corrected. */
  z.object({ type: z.literal('daybook/record'), record: recordOrderSchema }),
  z.object({ type: z.literal('daybook/note'), note: noteOrderSchema }),
  /** Somebody saw to a word from the room. */
  z.object({ type: z.literal('daybook/see-note'), noteId: noteIdSchema }),
  /** Says whether a child has its piece; null leaves it to attendance and the record again. */
  z.object({
    type: z.literal('daybook/keepsake'),
    placementId: placementIdSchema,
    childId: childIdSchema,
    has: z.boolean().nullable(),
  }),
  /** Names who leads something on a day, with whom; no groups take the naming back. */
  z.object({ type: z.literal('handover/lead'), leading: leadingOrderSchema }),
  z.object({ type: z.literal('handover/put-letter'), letter: letterOrderSchema }),
  /** A letter went out: it stays as it was sent. */
  z.object({ type: z.literal('handover/sent'), letterId: letterSchema.shape.id }),
  z.object({ type: z.literal('share/make'), share: shareOrderSchema }),
  z.object({ type: z.literal('share/revoke'), shareId: shareIdSchema }),
  z.object({
    type: z.literal('book/drop'),
    kind: z.enum(DROPPABLE_KINDS as [DroppableKind, ...DroppableKind[]], 'This cannot be taken away'),
    id: anyIdSchema,
  }),
  z.object({ type: z.literal('book/restore'), entities: z.array(restoredSchema).min(1).max(500) }),
]);
export type Change = z.infer<typeof changeSchema>;
export type ChangeType = Change['type'];

/** A change as it is written down before it is checked: versions may be left out, ids are plain text. */
export type ChangeInput = z.input<typeof changeSchema>;

export const gestureIdSchema = z
  .string('A gesture needs an id')
  .regex(/^[A-Za-z0-9-]{8,64}$/, 'This is not the id of a gesture')
  .brand<'GestureId'>();
export type GestureId = z.infer<typeof gestureIdSchema>;

/** One act of a person: one or more changes that happen together or not at all. */
export const gestureSchema = z.object({
  id: gestureIdSchema,
  at: instantSchema,
  changes: z
    .array(changeSchema)
    .min(1, 'A gesture changes something')
    .max(2000, 'At most 2000 changes at once'),
  /** The versions that the person saw of what the changes touch, by reference key; what is not there is new. */
  bases: z.record(z.string().max(300), z.int().min(0)).default({}),
  /** The gesture that this one takes back. */
  undoes: gestureIdSchema.optional(),
});
export type Gesture = z.infer<typeof gestureSchema>;
export type GestureInput = z.input<typeof gestureSchema>;

/** Who made a gesture: a person of the home, or whoever holds a link. Known from the session, never from the body. */
export const actorSchema = z.object({
  kind: z.enum(['person', 'share']),
  id: idSchema,
  name: lineSchema,
});
export type Actor = z.infer<typeof actorSchema>;
