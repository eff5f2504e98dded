import { z } from 'zod';
import { instantSchema } from '../calendar/index.ts';
import { shareIdSchema } from '../handover/share.ts';
import { entityKind } from '../kind/index.ts';
import { idSchema, lineSchema, textSchema, versionSchema } from '../measure/index.ts';
import { dayNumberSchema, placementIdSchema, unitIdSchema } from '../unit/index.ts';

export const noteIdSchema = idSchema.brand<'NoteId'>();
export type NoteId = z.infer<typeof noteIdSchema>;

/** A word from the room, as it is written: a note, or a call for help. */
export const noteOrderSchema = z.object({
  id: noteIdSchema,
  unitId: unitIdSchema,
  day: dayNumberSchema,
  /** What it is about; null for the day as a whole. */
  placementId: placementIdSchema.nullable(),
  kind: z.enum(['note', 'help'], 'A word is a note or a call for help'),
  text: textSchema,
});
export type NoteOrder = z.infer<typeof noteOrderSchema>;

/** A word from the room, by whom and when. */
export const noteSchema = noteOrderSchema.extend({
  version: versionSchema,
  /** The link with which it was written; null when somebody who is signed in wrote it. */
  shareId: shareIdSchema.nullable(),
  by: lineSchema,
  at: instantSchema,
  /** When somebody saw to it; null while it is open. */
  seenAt: instantSchema.nullable(),
});
export type Note = z.infer<typeof noteSchema>;

/** What a note from the room is to the book. */
export const noteKind = entityKind({
  schema: noteSchema,
  word: 'a note from the room',
  name: null,
  undone: 'never',
  atOnce: 'commute',
});
