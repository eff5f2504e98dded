import { z } from 'zod';
import { KINDS, type Kind } from '../book/index.ts';
import { plainDaySchema, zoneSchema } from '../calendar/index.ts';
import { actorSchema, changeSchema, gestureIdSchema, gestureSchema } from '../changes/index.ts';
import { tickSubjectSchema } from '../daybook/index.ts';
import { shareIdSchema, shareOrderSchema } from '../handover/index.ts';
import { idSchema, lineSchema } from '../measure/index.ts';
import { prepTaskIdSchema } from '../unit/index.ts';
import { problemSchema } from './problem.ts';

/** Largest number of gestures in one request: an offline queue comes in several. */
export const MAX_GESTURES = 200;

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

/** `GET /api/book`: the whole book at a sequence number. The tables are checked by their own schemas. */
export const snapshotSchema = z.object({
  seq: seqSchema,
  today: plainDaySchema,
  me: actorSchema,
  demo: z.boolean(),
  publicAddress: z.string().nullable(),
  history: z.array(historyLineSchema),
  book: z.object(Object.fromEntries(KINDS.map((kind) => [kind, z.record(z.string(), z.unknown())]))),
});

/** `GET /api/book?since=N`: what was kept after a sequence number. */
export const sinceSchema = z.object({ seq: seqSchema, gestures: z.array(keptGestureSchema) });

const passPhraseSchema = z
  .string('A pass-phrase is needed here')
  .min(10, 'Use at least 10 characters; three or four words are good')
  .max(200, 'At most 200 characters fit here');

/** `POST /api/setup`: makes a new home, once, with the code that the terminal shows. */
export const setupRequestSchema = z.object({
  code: z
    .string('The code from the terminal is needed here')
    .trim()
    .min(1, 'The code from the terminal is needed here')
    .max(40),
  homeName: lineSchema,
  providerName: lineSchema,
  zone: zoneSchema,
  passPhrase: passPhraseSchema,
});

/** `POST /api/session`: signs in. */
export const signInRequestSchema = z.object({
  passPhrase: z
    .string('A pass-phrase is needed here')
    .min(1, 'A pass-phrase is needed here')
    .max(200, 'At most 200 characters fit here'),
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
});

/** The secret of a new link; it is told once and kept only as a hash. */
export const shareMadeSchema = z.object({ shareId: shareIdSchema, secret: z.string(), answer: answerSchema });

/** `POST /api/shared/:shareId/enter`: exchanges the secret for a cookie. */
export const enterRequestSchema = z.object({
  secret: z.string('The secret of the link is needed here').min(1).max(100),
});

/** `POST /api/shared/:shareId/ticks`: all that the holder of a link can write. */
export const shareTickRequestSchema = z.object({
  gestureId: gestureIdSchema,
  at: gestureSchema.shape.at,
  subject: z.union([tickSubjectSchema, z.object({ taskId: prepTaskIdSchema })]),
  done: z.boolean('Say whether it is done'),
});
export type ShareTickRequest = z.infer<typeof shareTickRequestSchema>;

/** The path parameter of everything under a link. */
export const sharePathSchema = z.object({ shareId: idSchema.pipe(shareIdSchema) });
