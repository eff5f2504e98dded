import { z } from 'zod';
import { plainDaySchema } from '../../calendar/index.ts';
import { supplyIdSchema } from '../../cupboard/index.ts';
import { childIdSchema, personIdSchema } from '../../house/index.ts';
import {
  activityContentSchema,
  activityIdSchema,
  contentFieldSchema,
  contentPartSchema,
  openSlots,
  versionIdSchema,
  type ActivityContent,
} from '../../library/index.ts';
import { idSchema, lineSchema } from '../../measure/index.ts';
import {
  backToLibrary,
  binFillSchema,
  placementIdSchema,
  takenOver,
  unfilledContent,
  unitIdSchema,
  whereSchema,
  writtenOverBy,
  type BinFill,
  type Held,
  type PlacedCopy,
  type Where,
} from '../../unit/index.ts';
import { change } from '../pen/define.ts';
import type { Pen } from '../pen/pen.ts';
import { existsAlready, unknownId, type Refusal } from '../pen/refusal.ts';
import { childName, titleOf, whereText } from '../pen/words.ts';

/** Changes of what is placed in a unit: where it stands, for whom, with what, with whom. */
export const PLACING_CHANGES = {
  /** Puts a copy of an activity of the library into a unit, the words of its slots filled in. */
  'unit/place': change({
    fields: {
      id: placementIdSchema,
      unitId: unitIdSchema,
      activityId: activityIdSchema,
      where: whereSchema,
      /** Words for the slots of a pattern, by the slot's name. */
      slots: z.record(z.string().max(24), lineSchema).optional(),
      /** Which of the theme's things it is about; left out: what the theme is about. */
      aboutId: idSchema.nullable().optional(),
    },
    apply: (pen, { id, unitId, activityId, where, slots, aboutId }) => {
      if (pen.get('placements', id)) return existsAlready(['id']);
      const activity = pen.get('activities', activityId);
      if (!activity) return unknownId(['activityId'], 'activity in the library');
      const { content, version } = activity;
      const open = new Set(slotsOf(content));
      return putAt(pen, where, {
        id,
        version: 0,
        unitId,
        originId: activityId,
        originVersion: version,
        base: content,
        slots: Object.fromEntries(Object.entries(slots ?? {}).filter(([slot]) => open.has(slot))),
        over: {},
        pinned: false,
        choices: [],
        leadId: null,
        bin: null,
        aboutId: aboutId ?? null,
        outSince: null,
      });
    },
    says: (book, { activityId, where }) =>
      `${book.activities[activityId]?.content.title ?? 'activity'} → ${whereText(book, where)}`,
  }),
  /** Puts something into a unit that is written here and in no library: a line is enough. */
  'unit/write': change({
    fields: {
      id: placementIdSchema,
      unitId: unitIdSchema,
      content: activityContentSchema,
      where: whereSchema,
    },
    apply: (pen, { id, unitId, content, where }) =>
      pen.get('placements', id)
        ? existsAlready(['id'])
        : putAt(pen, where, {
            ...{
              id,
              version: 0,
              unitId,
              originId: null,
              originVersion: 0,
              base: content,
              slots: {},
              over: {},
            },
            ...{ pinned: false, choices: [], leadId: null, bin: null, aboutId: null, outSince: null },
          }),
    says: (book, { content, where }) => `${content.title} → ${whereText(book, where)}`,
  }),
  /** Says some fields of something placed anew, here and nowhere else. */
  'unit/write-over': change({
    fields: { placementId: placementIdSchema, part: contentPartSchema },
    apply: (pen, { placementId, part }) =>
      onPlacement(pen, placementId, (placement) => putSound(pen, writtenOverBy(placement, part))),
    says: (book, { placementId }) => titleOf(book, placementId),
  }),
  /** Lets fields of something placed say again what the library says; all of them when none is named. */
  'unit/back-to-library': change({
    fields: {
      placementId: placementIdSchema,
      fields: z.array(contentFieldSchema).max(60).nullable().default(null),
    },
    apply: (pen, { placementId, fields }) =>
      onPlacement(pen, placementId, (placement) => putSound(pen, backToLibrary(placement, fields))),
    says: (book, { placementId }) => `${titleOf(book, placementId)} as the library has it`,
  }),
  /** Gives the words that fill the slots of something placed; those that are not named stay. */
  'unit/fill': change({
    fields: {
      placementId: placementIdSchema,
      slots: z.record(z.string().max(24), z.literal('').or(lineSchema)),
    },
    apply: (pen, { placementId, slots }) =>
      onPlacement(pen, placementId, (placement) => {
        const known = slotsOf(unfilledContent(placement));
        const strange = Object.keys(slots).find((slot) => !known.includes(slot));
        if (strange !== undefined) return unknownId(['slots', strange], 'gap of this activity');
        const filled = Object.entries({ ...placement.slots, ...slots }).filter(([, words]) => words !== '');
        return pen.put('placements', { ...placement, slots: Object.fromEntries(filled) });
      }),
    says: (book, { placementId }) => titleOf(book, placementId),
  }),
  /**
   * Lets something placed stand on an entry of the library as that is now: a newer one, or one that was made of it. The fields named
   * stay as they are here.
   */
  'unit/take-over': change({
    fields: {
      placementId: placementIdSchema,
      activityId: activityIdSchema,
      keep: z.array(contentFieldSchema).max(60),
    },
    apply: (pen, { placementId, activityId, keep }) => {
      const activity = pen.get('activities', activityId);
      if (!activity) return unknownId(['activityId'], 'activity in the library');
      return onPlacement(pen, placementId, (placement) =>
        putSound(pen, takenOver(placement, activity, keep, heldIn(pen, placement))),
      );
    },
    says: (book, { placementId }) => `${titleOf(book, placementId)} from the library`,
  }),
  'unit/move': change({
    fields: { placementId: placementIdSchema, where: whereSchema },
    apply: (pen, { placementId, where }) =>
      onPlacement(pen, placementId, (placement) => putAt(pen, where, placement)),
    says: (book, { placementId, where }) => `${titleOf(book, placementId)} → ${whereText(book, where)}`,
  }),
  /** Takes something out of a unit. What was to stand in for it in bad weather waits in the reserve. */
  'unit/unplace': change({
    fields: { placementId: placementIdSchema },
    apply: (pen, { placementId }) => {
      if (!pen.get('placements', placementId)) return unknownId(['placementId'], 'entry');
      for (const twin of twinsOf(pen, placementId))
        pen.put('placements', { ...twin, where: { kind: 'reserve' } });
      // Who would have led it is a plan, and goes with it; what was written about it keeps it.
      for (const { id, placementId: of } of pen.all('leadings'))
        if (of === placementId) pen.drop('leadings', id);
      pen.drop('placements', placementId);
      return undefined;
    },
    says: (book, { placementId }) => `take ${titleOf(book, placementId)} out`,
  }),
  /** Puts a copy of something that is placed, in whichever unit, with its words filled in and its hand choices. */
  'unit/copy': change({
    fields: {
      id: placementIdSchema,
      unitId: unitIdSchema,
      placementId: placementIdSchema,
      where: whereSchema,
      /** Stays out from before: since which day. */
      outSince: plainDaySchema.nullable().default(null),
    },
    apply: (pen, { id, unitId, placementId, where, outSince }) => {
      if (pen.get('placements', id)) return existsAlready(['id']);
      const original = pen.get('placements', placementId);
      if (!original) return unknownId(['placementId'], 'activity in a unit');
      const isHere = unitId === original.unitId;
      return putAt(pen, where, {
        ...original,
        id,
        version: 0,
        unitId,
        pinned: false,
        // Who gets what, and who leads it, was chosen for the days of that unit.
        choices: isHere ? original.choices : [],
        leadId: isHere ? original.leadId : null,
        aboutId: isHere ? original.aboutId : null,
        outSince,
      });
    },
    says: (book, { placementId, where }) => `${titleOf(book, placementId)} → ${whereText(book, where)}`,
  }),
  'unit/pin': change({
    fields: { placementId: placementIdSchema, pinned: z.boolean() },
    apply: (pen, { placementId, pinned }) =>
      onPlacement(pen, placementId, (placement) => pen.put('placements', { ...placement, pinned })),
    says: (book, { placementId, pinned }) => `${pinned ? 'pin' : 'unpin'} ${titleOf(book, placementId)}`,
  }),
  /** Sets which version a child gets, or lets age and rungs decide again. */
  'unit/choose-version': change({
    fields: {
      placementId: placementIdSchema,
      childId: childIdSchema,
      /** Null for none on purpose. */
      versionId: versionIdSchema.nullable(),
      /** False lets age and rungs decide again. */
      byHand: z.boolean().default(true),
    },
    apply: (pen, { placementId, childId, versionId, byHand }) =>
      onPlacement(pen, placementId, (placement) => {
        const { versions } = unfilledContent(placement);
        if (versionId !== null && !versions.some((version) => version.id === versionId))
          return unknownId(['versionId'], 'version of this activity');
        const others = placement.choices.filter((choice) => choice.childId !== childId);
        const choices = byHand ? [...others, { childId, versionId }] : others;
        pen.put('placements', {
          ...placement,
          choices: choices.toSorted((a, b) => (a.childId < b.childId ? -1 : 1)),
        });
        return undefined;
      }),
    says: (book, { placementId, childId }) => `${titleOf(book, placementId)} for ${childName(book, childId)}`,
  }),
  /** Names the adult who stays with something; null for nobody. */
  'unit/assign': change({
    fields: { placementId: placementIdSchema, personId: personIdSchema.nullable() },
    apply: (pen, { placementId, personId }) =>
      onPlacement(pen, placementId, (placement) => pen.put('placements', { ...placement, leadId: personId })),
    says: (book, { placementId, personId }) =>
      `${(personId && book.people[personId]?.name) ?? 'nobody'} stays with ${titleOf(book, placementId)}`,
  }),
  /** Uses one supply instead of another in something that is placed; the library's own stays as it is. */
  'unit/swap-material': change({
    fields: { placementId: placementIdSchema, supplyId: supplyIdSchema, insteadId: supplyIdSchema },
    apply: (pen, { placementId, supplyId, insteadId }) =>
      onPlacement(pen, placementId, (placement) => {
        const content = unfilledContent(placement);
        if (!content.materials.some((line) => line.supplyId === supplyId))
          return unknownId(['supplyId'], 'material of this activity');
        const materials = content.materials.map((line) =>
          line.supplyId === supplyId ? { ...line, supplyId: insteadId } : line,
        );
        return pen.put('placements', writtenOverBy(placement, { materials }));
      }),
    says: (book, { insteadId }) => `use ${book.supplies[insteadId]?.name ?? 'something else'}`,
  }),
  /** How a tub is filled; null leaves the fillers to the materials again. */
  'unit/fill-bin': change({
    fields: { placementId: placementIdSchema, bin: binFillSchema.nullable() },
    apply: (pen, { placementId, bin }) =>
      onPlacement(
        pen,
        placementId,
        (placement) => binRefusal(pen, bin) ?? pen.put('placements', { ...placement, bin }),
      ),
    says: (book, { placementId }) => `the tub of ${titleOf(book, placementId)}`,
  }),
};

// Whatever is done to something placed is refused when it is not there.
function onPlacement(
  pen: Pen,
  placementId: string,
  act: (placement: PlacedCopy) => Refusal | void,
): Refusal | void {
  const placement = pen.get('placements', placementId);
  return placement ? act(placement) : unknownId(['placementId'], 'activity in this unit');
}

// The slots that stand in its texts, and those that it says it has.
const slotsOf = (content: ActivityContent): readonly string[] => [
  ...openSlots(content),
  ...content.slots.map(({ id }) => id),
];

// What was chosen, told, ticked or decided about something placed.
function heldIn(pen: Pen, { id, choices }: PlacedCopy): Held {
  const told = pen.all('records').flatMap((one) => (one.placementId === id ? [one.versionId] : []));
  const chosen = choices.map(({ versionId }) => versionId);
  const decided = [...pen.all('prepMarks'), ...pen.all('prepChoices')].map((one) => one.id as string);
  return {
    versionIds: new Set([...told, ...chosen].filter((one) => one !== null)),
    prepIds: new Set(
      decided
        .filter((task) => task.startsWith(`${id}:`))
        .map((task) => task.slice(id.length + 1).split(/[:.]/)[0]!),
    ),
  };
}

// Fields that do not go together are refused where they stand.
function putSound(pen: Pen, copy: PlacedCopy): Refusal | void {
  const whole = activityContentSchema.safeParse(unfilledContent(copy));
  if (whole.success) return pen.put('placements', copy);
  const [{ path, message }] = whole.error.issues as [z.core.$ZodIssue];
  return { reason: 'leads-nowhere', path: ['part', ...(path as (string | number)[])], message };
}

// What stands in for something stands where that one does: it cannot stand in for what stands in itself.
function putAt(pen: Pen, where: Where, placement: Omit<PlacedCopy, 'where'>): Refusal | undefined {
  if (where.kind === 'twin') {
    const original = pen.get('placements', where.of);
    if (!original || original.unitId !== placement.unitId)
      return unknownId(['where', 'of'], 'activity in this unit');
    if (
      original.id === placement.id ||
      original.where.kind === 'twin' ||
      twinsOf(pen, placement.id).length > 0
    )
      return {
        reason: 'circle',
        path: ['where', 'of'],
        message: 'What stands in for something else needs nothing standing in for it',
      };
  }
  if (where.kind === 'event' && pen.get('events', where.eventId)?.unitId !== placement.unitId)
    return unknownId(['where', 'eventId'], 'event in this unit');
  pen.put('placements', { ...placement, where });
  return undefined;
}

const twinsOf = (pen: Pen, id: string): readonly PlacedCopy[] =>
  pen.all('placements').filter(({ where }) => where.kind === 'twin' && where.of === id);

// What has no inside cannot be filled.
function binRefusal(pen: Pen, bin: BinFill | null): Refusal | undefined {
  const tub = bin && pen.get('supplies', bin.tubId);
  if (!bin || (tub && tub.inside !== null)) return undefined;
  return {
    reason: 'leads-nowhere',
    path: ['bin', 'tubId'],
    message: tub ? `Nobody has measured the inside of ${tub.name} yet` : 'There is no such supply any more',
  };
}
