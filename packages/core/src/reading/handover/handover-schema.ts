import { z } from 'zod';
import {
  clockTimeSchema,
  instantSchema,
  minutesSchema,
  plainDaySchema,
  zoneSchema,
} from '../../calendar/index.ts';
import { supplyIdSchema } from '../../cupboard/index.ts';
import { noteIdSchema, timerSchema } from '../../daybook/index.ts';
import { shareIdSchema } from '../../handover/index.ts';
import { blockIdSchema } from '../../house/index.ts';
import { activityModeSchema } from '../../library/index.ts';
import { linkSchema, pictureSchema, shownBySchema } from '../../measure/index.ts';
import { dayNumberSchema, placementIdSchema, prepTaskIdSchema } from '../../unit/index.ts';

const tickedSchema = z.object({ by: z.string() }).nullable();

const readySchema = z.strictObject({
  taskId: prepTaskIdSchema,
  text: z.string(),
  /** The activity, or the day. */
  forWhat: z.string(),
  when: z.string(),
  /** Whose time it is; null for anybody's. */
  who: z.string().nullable(),
  minutes: minutesSchema,
  ticked: tickedSchema,
});

const groupSchema = z.strictObject({
  /** Who leads it; null when nobody was named. */
  lead: z.string().nullable(),
  /** It is the group of whoever the link was made for. */
  mine: z.boolean(),
  children: z.array(z.string()),
});

const itemSchema = z.strictObject({
  placementId: placementIdSchema,
  title: z.string(),
  shownBy: shownBySchema,
  mode: activityModeSchema,
  /** Name of the corner or of the block of the day. */
  place: z.string(),
  /** The block in which it is done; null for what is out all day. */
  blockId: blockIdSchema.nullable(),
  start: clockTimeSchema.nullable(),
  minutes: minutesSchema.nullable(),
  /** One of its groups is led by whoever the link was made for. */
  mine: z.boolean(),
  groups: z.array(groupSchema),
  /** How many do it at the same time; null when only the places limit it. */
  atOnce: z.int().nullable(),
  /** How it runs, in a few words each. */
  how: z.array(z.string()),
  /** What is guessed, tried and measured, in lines. */
  test: z.array(z.string()),
  steps: z.array(z.string()),
  /** What to say and look for in the room, in lines. */
  hints: z.array(z.string()),
  versions: z.array(
    z.strictObject({
      children: z.array(z.string()),
      does: z.string(),
      /** What is other than for the rest. */
      changes: z.string(),
      say: z.string(),
      word: z.string(),
      sign: z.string(),
      fact: z.string(),
    }),
  ),
  things: z.array(
    z.strictObject({
      supplyId: supplyIdSchema,
      name: z.string(),
      picture: pictureSchema,
      amount: z.string(),
      keptIn: z.string().nullable(),
      ticked: tickedSchema,
    }),
  ),
  /** What is made in it by a recipe: bowls, steps by the clock, when it is ready. */
  made: z.array(
    z.strictObject({
      title: z.string(),
      how: z.string(),
      steps: z.array(z.string()),
      ready: z.string().nullable(),
      tried: z.string().nullable(),
      bowls: z.array(z.strictObject({ label: z.string(), lines: z.array(z.string()) })),
      none: z.array(z.string()),
    }),
  ),
  /** What is at hand for spills and clean-up. */
  spillKit: z.string(),
  /** What happens when filler leaves the bin, in the home's own words; null for what is no bin. */
  binRule: z.string().nullable(),
  cleanUpMinutes: minutesSchema,
  cautions: z.array(z.strictObject({ level: z.enum(['stop', 'care']), text: z.string() })),
  ticked: tickedSchema,
});

const circleSchema = z.strictObject({
  blockId: blockIdSchema,
  name: z.string(),
  start: clockTimeSchema,
  /** What must be there. */
  things: z.array(z.string()),
  parts: z.array(
    z.strictObject({
      title: z.string(),
      kind: z.string(),
      length: z.string(),
      /** A song's verses, line by line; none for what has no song. */
      verses: z.array(z.array(z.string())),
      words: z.string(),
      /** Where its recording or clip is. */
      link: linkSchema.nullable(),
    }),
  ),
});

const daySchema = z.strictObject({
  number: dayNumberSchema,
  date: plainDaySchema,
  dateText: z.string(),
  /** The children who come, as the home shows them to assistants. */
  children: z.array(z.string()),
  /** What throws the ordinary plan out, with its own times. */
  events: z.array(
    z.strictObject({ title: z.string(), guests: z.string(), brings: z.string(), plan: z.array(z.string()) }),
  ),
  /** Books, notes and what is open, by the block in which they stand; null for all day. */
  lines: z.array(z.strictObject({ blockId: blockIdSchema.nullable(), text: z.string() })),
  circles: z.array(circleSchema),
  /** What is made ready on this day for a day that the link shows. */
  ready: z.array(readySchema),
  items: z.array(itemSchema),
});

/**
 * What whoever holds a link gets to see: an allow-list. What is not named here never leaves the home, so
 * a field is added only when an assistant needs it in the room.
 */
export const handoverSchema = z.strictObject({
  shareId: shareIdSchema,
  label: z.string(),
  scope: z.enum(['all', 'stations']),
  homeName: z.string(),
  unitTitle: z.string(),
  today: plainDaySchema,
  /** The home's zone and the last day of the link: a phone without a connection hides its copy by them. */
  zone: zoneSchema,
  lastDate: plainDaySchema.nullable(),
  /** Whether pictures are of any kind, or only what the home photographed or drew. */
  pictures: z.enum(['any', 'realistic']),
  emergencyNumber: z.string().nullable(),
  poisonCentreNumber: z.string().nullable(),
  days: z.array(daySchema),
  /** What was written with this link, the newest first. */
  notes: z.array(
    z.strictObject({
      id: noteIdSchema,
      day: dayNumberSchema,
      placementId: placementIdSchema.nullable(),
      kind: z.enum(['note', 'help']),
      text: z.string(),
      at: instantSchema,
      seen: z.boolean(),
    }),
  ),
  /** The timers that were started with this link. */
  timers: z.array(z.strictObject({ id: timerSchema.shape.id, label: z.string(), endsAt: instantSchema })),
});
export type Handover = z.infer<typeof handoverSchema>;
export type HandoverDay = Handover['days'][number];
export type HandoverItem = HandoverDay['items'][number];
export type HandoverTask = HandoverDay['ready'][number];
export type HandoverCircle = HandoverDay['circles'][number];
