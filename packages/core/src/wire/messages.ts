import { z } from 'zod';
import { KINDS, type Kind } from '../book/index.ts';
import { instantSchema, plainDaySchema, zoneSchema } from '../calendar/index.ts';
import { actorSchema, changeSchema, gestureIdSchema, gestureSchema } from '../changes/index.ts';
import { priceOfferSchema } from '../cupboard/index.ts';
import { noteOrderSchema, tickSubjectSchema, timerSchema } from '../daybook/index.ts';
import { addressSchema, letterSchema, shareIdSchema, shareOrderSchema } from '../handover/index.ts';
import { weatherSchema } from '../house/index.ts';
import { idSchema, lineSchema } from '../measure/index.ts';
import { handoverSchema, type Handover } from '../reading/index.ts';
import { dayNumberSchema, prepTaskIdSchema, unitIdSchema } from '../unit/index.ts';
import { problemSchema } from './problem.ts';
import { shippedSchema } from './shipped.ts';

/** Largest number of gestures in one request: an offline queue comes in several. */
export const MAX_GESTURES = 200;
/** Largest request with gestures, in bytes of JSON: a list of a thousand rows, brought in at once, is below it. */
export const MAX_GESTURES_BYTES = 4_000_000;
/** How many bytes of gestures go in one request, where one alone is not larger. */
export const GESTURES_AT_ONCE_BYTES = 800_000;

const seqSchema = z.int().min(0);
const kindSchema = z.enum(KINDS as [Kind, ...Kind[]]);
const touchSchema = z.object({ kind: kindSchema, id: z.string(), before: z.int(), after: z.int() });

/** `POST /api/gestures`: each gesture is read on its own, so that one bad one does not lose the others. */
export const gesturesRequestSchema = z.object({
  gestures: z
    .array(z.unknown())
    .min(1, 'Send at least one gesture')
    .max(MAX_GESTURES, `At most ${MAX_GESTURES} at once`),
});

/** The answer to one gesture. A clash carries the current state of what it touched; null for what is gone. */
export const answerSchema = z.discriminatedUnion('outcome', [
  z.object({
    outcome: z.literal('kept'),
    id: gestureIdSchema,
    seq: seqSchema,
    touched: z.array(touchSchema),
  }),
  z.object({
    outcome: z.literal('not-kept'),
    id: z.string().nullable(),
    problem: problemSchema,
    current: z.array(z.object({ kind: kindSchema, id: z.string(), entity: z.unknown() })),
  }),
]);
export type Answer = z.infer<typeof answerSchema>;

export const answersSchema = z.object({ answers: z.array(answerSchema) });

/** One gesture as it was kept: what listeners apply to their own book. */
export const keptGestureSchema = z.object({ seq: seqSchema, actor: actorSchema, gesture: gestureSchema });
export type KeptGesture = z.infer<typeof keptGestureSchema>;

/** One line of the caller's own history, oldest first. */
export const historyLineSchema = z.object({
  id: gestureIdSchema,
  label: z.string(),
  touched: z.array(touchSchema),
  inverse: changeSchema.nullable(),
  undoes: gestureIdSchema.nullable(),
});

/** How long a provider stays signed in without doing anything, in milliseconds; the copy on her device opens no longer either. */
export const SIGNED_IN_IDLE_MS = 14 * 24 * 60 * 60_000;

/** `GET /api/book`: the whole book at a sequence number, or with `?apart` without what is as it ships. The tables are checked by their own schemas. */
export const snapshotSchema = z.object({
  seq: seqSchema,
  /** Another one since what is in the home became another than its browsers were told, as by a restore. */
  epoch: z.string(),
  today: plainDaySchema,
  me: actorSchema,
  demo: z.boolean(),
  publicAddress: z.string().nullable(),
  history: z.array(historyLineSchema),
  book: z.object(Object.fromEntries(KINDS.map((kind) => [kind, z.record(z.string(), z.unknown())]))),
  /** What is left out of the book because it ships; null when nothing is. */
  shipped: shippedSchema.nullable().default(null),
});

/** `GET /api/book?since=N`: what was kept after a sequence number. */
export const sinceSchema = z.object({ seq: seqSchema, gestures: z.array(keptGestureSchema) });

/** A new pass-phrase: long enough to be words. Whether it is one that is known is asked where lists of such are. */
export const passPhraseSchema = z
  .string('A pass-phrase is needed here')
  .min(12, 'Use at least 12 characters; three or four words are good')
  .max(200, 'At most 200 characters fit here');

// Typed on a phone with wet hands, and the link itself is needed as well: shorter than that of the home.
const linkPhraseSchema = z
  .string('A pass-phrase is needed here')
  .min(6, 'Use at least 6 characters')
  .max(200, 'At most 200 characters fit here');

/** The header with the code from the terminal, where the body is a file. */
export const SETUP_CODE_HEADER = 'Kobby-Code';
const setupCodeSchema = z
  .string('The code from the terminal is needed here')
  .trim()
  .min(1, 'The code from the terminal is needed here')
  .max(40);

/** `POST /api/setup`: makes a new home, once, with the code that the terminal shows. */
export const setupRequestSchema = z.object({
  code: setupCodeSchema,
  homeName: lineSchema,
  providerName: lineSchema,
  zone: zoneSchema,
  passPhrase: passPhraseSchema,
});

/**
 * `POST /api/setup/restore`: begins a new home with what was brought in (`POST /api/setup/brought`). Where it brings no pass-phrase
 * along, the one given here is the provider's.
 */
export const setupRestoreRequestSchema = z.object({
  code: setupCodeSchema,
  name: z.string('Say which backup').max(200),
  passPhrase: passPhraseSchema.nullable(),
});

/** `POST /api/session`: signs in. */
export const signInRequestSchema = z.object({
  passPhrase: z
    .string('A pass-phrase is needed here')
    .min(1, 'A pass-phrase is needed here')
    .max(200, 'At most 200 characters fit here'),
});

const sessionDeviceSchema = z.enum(['phone', 'computer']);
/** On what somebody is signed in, as far as a browser tells. */
export type SessionDevice = z.infer<typeof sessionDeviceSchema>;

const openSessionSchema = z.object({
  id: z.string(),
  device: sessionDeviceSchema,
  openedAt: z.string(),
  seenAt: z.string(),
  /** Whether it is the one that asks. */
  isThis: z.boolean(),
});
/** Somewhere that somebody is signed in. */
export type OpenSession = z.infer<typeof openSessionSchema>;

/** `GET /api/sessions`: where somebody is signed in, the one last used first. */
export const sessionsSchema = z.object({ sessions: z.array(openSessionSchema) });

/** `POST /api/pass-phrase`: changes the pass-phrase; everybody else has to sign in again. */
export const passPhraseRequestSchema = z.object({
  old: z
    .string('The pass-phrase of now is needed here')
    .min(1, 'The pass-phrase of now is needed here')
    .max(200),
  passPhrase: passPhraseSchema,
});

/** `GET /api/door`: what the sign-in page needs to know before anyone has signed in. */
export const doorSchema = z.object({
  state: z.enum(['set-up-needed', 'sign-in-needed', 'signed-in']),
  homeName: z.string().nullable(),
  /** In the demo: the pass-phrase to enter with. */
  demoPassPhrase: z.string().nullable(),
});
export type Door = z.infer<typeof doorSchema>;

/** `POST /api/shares`: makes a link. Sent again it makes no second one; the secret is told only once. */
export const shareRequestSchema = z.object({
  gestureId: gestureIdSchema,
  at: gestureSchema.shape.at,
  share: shareOrderSchema,
  /** Asked for when the link is opened; null for none. It is kept only as a hash. */
  passPhrase: linkPhraseSchema.nullable().default(null),
});

/** The secret of a new link; it is told once and kept only as a hash. */
export const shareMadeSchema = z.object({ shareId: shareIdSchema, secret: z.string(), answer: answerSchema });

/** `GET /api/shares`: when each link was last opened; null for never. */
export const shareOpeningsSchema = z.object({
  openings: z.array(z.object({ shareId: shareIdSchema, openedAt: z.string().nullable() })),
});

/** `POST /api/shared/:shareId/enter`: exchanges the secret for a cookie. */
export const enterRequestSchema = z.object({
  secret: z.string('The secret of the link is needed here').min(1).max(100),
  passPhrase: z.string().max(200).optional(),
});

/** One thing that the holder of a link does. */
export const shareActSchema = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('tick'),
    subject: z.union([tickSubjectSchema, z.object({ taskId: prepTaskIdSchema })]),
    done: z.boolean('Say whether it is done'),
  }),
  z.object({ kind: z.literal('note'), note: noteOrderSchema.omit({ unitId: true }) }),
  z.object({
    kind: z.literal('start-timer'),
    timer: z.object({
      id: timerSchema.shape.id,
      label: lineSchema,
      startedAt: instantSchema,
      endsAt: instantSchema,
    }),
  }),
  z.object({ kind: z.literal('stop-timer'), timerId: timerSchema.shape.id }),
]);
export type ShareAct = z.infer<typeof shareActSchema>;

/** An act with its id and the time at which it was done, which may be long before it arrives. */
export const timedActSchema = z.object({
  gestureId: gestureIdSchema,
  at: instantSchema,
  act: shareActSchema,
});
export type TimedAct = z.infer<typeof timedActSchema>;

/**
 * `POST /api/shared/:shareId/acts`: all that the holder of a link can write, judged in order, one answer each: an
 * offline queue comes as it was made.
 */
export const shareActsRequestSchema = z.object({
  acts: z
    .array(z.unknown())
    .min(1, 'Send at least one act')
    .max(MAX_GESTURES, `At most ${MAX_GESTURES} at once`),
});

/** An event of a link's stream: what has become another, day by day. Days that are not named stay as they are. */
export const handoverPatchSchema = z.object({
  rest: handoverSchema.omit({ days: true }),
  numbers: z.array(dayNumberSchema),
  days: handoverSchema.shape.days,
});
export type HandoverPatch = z.infer<typeof handoverPatchSchema>;

/** What a link shows after a patch. @throws {Error} when a day is neither in the patch nor known. */
export function patched(before: Handover, { rest, numbers, days }: HandoverPatch): Handover {
  const known = new Map([...before.days, ...days].map((day) => [day.number, day]));
  return {
    ...rest,
    days: numbers.map((number) => {
      const day = known.get(number);
      if (!day) throw new Error(`a patch without Day ${number}`);
      return day;
    }),
  };
}

/** `POST /api/outbox`: sends a letter of the book, or a calendar of a unit, by the outbox that ships with Kobby. */
export const sendRequestSchema = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('letter'),
    gestureId: gestureIdSchema,
    at: instantSchema,
    letterId: letterSchema.shape.id,
    /** The version that the sender sees: nothing is sent that somebody else changed meanwhile. */
    version: z.int().min(1),
  }),
  z.object({
    kind: z.literal('calendar'),
    unitId: unitIdSchema,
    of: z.enum(['events', 'preparation'], 'This is not a calendar'),
    to: z.array(addressSchema).min(1, 'Name at least one address').max(60, 'At most 60'),
  }),
]);

/** `GET /api/health`: for whoever watches over the machine. It says nothing of the home. */
export const healthSchema = z.object({
  ok: z.boolean(),
  database: z.enum(['answers', 'silent']),
  /** Low under half a gigabyte. */
  disk: z.enum(['enough', 'low']),
  /** The day of the newest backup; null when there is none. */
  lastBackup: plainDaySchema.nullable(),
});

const backupSchema = z.object({
  name: z.string(),
  madeAt: z.string(),
  bytes: z.int(),
  why: z.enum(['daily', 'asked', 'before-migration', 'before-restore', 'brought']),
});
/** A backup that lies beside the home. */
export type Backup = z.infer<typeof backupSchema>;

/** `GET /api/backups`: what is kept beside the home, the newest first, and what could not be read at the last start. */
export const backupsSchema = z.object({
  backups: z.array(backupSchema),
  /** How many of those that are made by themselves every day are kept. */
  keepsDaily: z.int(),
  setAside: z.array(z.object({ kind: z.string(), id: z.string(), why: z.string(), at: z.string() })),
});
export type Backups = z.infer<typeof backupsSchema>;

/** What a backup was found to hold when it was tried. */
export const backupTriedSchema = z.object({
  name: z.string(),
  homeName: z.string(),
  madeAt: z.string().nullable(),
  /** How many there are of each kind that there are any of. */
  counts: z.partialRecord(kindSchema, z.int()),
  files: z.int(),
  /** Whether somebody in it has a pass-phrase; else the one typed when it is restored is taken. */
  hasPassPhrase: z.boolean(),
  /** What of it cannot be read, in words. */
  unreadable: z.array(z.string()),
});
export type BackupTried = z.infer<typeof backupTriedSchema>;

/** `POST /api/restore`: puts a backup in the place of the home, after the pass-phrase was typed once more. */
export const restoreRequestSchema = z.object({
  name: z.string('Say which backup').max(200),
  passPhrase: z.string('The pass-phrase is needed here').min(1).max(200),
});

const outboxEntrySchema = z.object({
  name: z.string(),
  to: z.string(),
  subject: z.string(),
  at: z.string(),
});
export type OutboxEntry = z.infer<typeof outboxEntrySchema>;

/** `GET /api/outbox`: what was sent, the newest first. */
export const outboxSchema = z.object({ entries: z.array(outboxEntrySchema) });

/** `GET /api/prices`: what a shop offers, for prices that are proposed and taken by a press. */
export const pricesSchema = z.object({ shop: lineSchema, offers: z.array(priceOfferSchema) });
export type Prices = z.infer<typeof pricesSchema>;

/** `GET /api/weather`: the weather of the days ahead. */
export const forecastSchema = z.object({ days: z.array(weatherSchema) });

/** The path parameter of everything under a link. */
export const sharePathSchema = z.object({ shareId: idSchema.pipe(shareIdSchema) });
