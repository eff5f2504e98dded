import { z } from 'zod';
import { plainDaySchema } from '../../calendar/index.ts';
import {
  arrivalIdOf,
  keepsakeIdOf,
  noteIdSchema,
  noteOrderSchema,
  recordIdOf,
  recordOrderSchema,
  TAPS,
  tickIdOf,
  tickSubjectSchema,
  type Arrival,
  type Tap,
} from '../../daybook/index.ts';
import { childIdSchema } from '../../house/index.ts';
import { placementIdSchema, unfilledContent } from '../../unit/index.ts';
import { linkOf } from '../pen/actor.ts';
import { change } from '../pen/define.ts';
import { existsAlready, unknownId } from '../pen/refusal.ts';
import { childName, titleOf } from '../pen/words.ts';

const TAP_TEXTS: Readonly<Record<Tap, string>> = {
  in: 'came',
  out: 'went home',
  ill: 'fell ill',
  away: 'stays away',
  unsaid: 'not said yet',
};

const NEITHER = { inAt: null, outAt: null, ill: false };

// Who goes home came before, whether somebody tapped it or not.
const TAPPED: Readonly<
  Record<
    Exclude<Tap, 'unsaid'>,
    (before: Arrival | null, at: string) => Pick<Arrival, 'inAt' | 'outAt' | 'ill'>
  >
> = {
  in: (before, at) => ({ inAt: before?.inAt ?? at, outAt: null, ill: false }),
  out: (before, at) => ({ inAt: before?.inAt ?? at, outAt: at, ill: before?.ill ?? false }),
  ill: (before, at) => ({ inAt: before?.inAt ?? at, outAt: before?.outAt ?? at, ill: true }),
  away: () => NEITHER,
};

/** Changes of what is written down in the room: what is done, who came, how it went, words, keepsakes. */
export const DAYBOOK_CHANGES = {
  'daybook/tick': change({
    fields: { subject: tickSubjectSchema },
    apply: (pen, { subject }, { at, actor }) => {
      const id = tickIdOf(subject);
      if (!pen.get('ticks', id)) pen.put('ticks', { ...subject, id, version: 0, by: actor.name, at });
    },
    says: (book, { subject }) => `tick ${titleOf(book, subject.placementId)}`,
  }),
  'daybook/untick': change({
    fields: { subject: tickSubjectSchema },
    apply: (pen, { subject }) => pen.drop('ticks', tickIdOf(subject)),
    says: (book, { subject }) => `untick ${titleOf(book, subject.placementId)}`,
  }),
  /** A child came, left or stays away; said again, it is corrected. */
  'daybook/tap': change({
    fields: {
      date: plainDaySchema,
      childId: childIdSchema,
      tap: z.enum(TAPS, 'A child came, left or stays away'),
    },
    apply: (pen, { date, childId, tap }, { at, actor }) => {
      const id = arrivalIdOf(date, childId);
      if (tap === 'unsaid') return pen.drop('arrivals', id);
      const before = pen.get('arrivals', id);
      return pen.put('arrivals', {
        ...{ id, version: 0, date, childId },
        ...TAPPED[tap](before, at),
        by: actor.name,
      });
    },
    says: (book, { childId, tap }) => `${childName(book, childId)}: ${TAP_TEXTS[tap]}`,
  }),
  /** Says how something went; said again, it is corrected. */
  'daybook/record': change({
    fields: { record: recordOrderSchema },
    apply: (pen, { record }, { at, actor }) => {
      const placement = pen.get('placements', record.placementId);
      if (!placement) return unknownId(['record', 'placementId'], 'activity in this unit');
      const { versionId, test } = record;
      if (versionId !== null && !unfilledContent(placement).versions.some(({ id }) => id === versionId))
        return unknownId(['record', 'versionId'], 'version of this activity');
      for (const list of ['guesses', 'own', 'groups'] as const) {
        const wild = test?.[list].findIndex(({ tryIndex }) => tryIndex >= test.tries.length) ?? -1;
        if (wild >= 0) return unknownId(['record', 'test', list, wild, 'tryIndex'], 'try');
      }
      const id = recordIdOf(record.placementId, record.day);
      return pen.put('records', { ...record, id, version: 0, by: actor.name, at });
    },
    says: (book, { record }) => `how ${titleOf(book, record.placementId)} went`,
  }),
  'daybook/note': change({
    fields: { note: noteOrderSchema },
    apply: (pen, { note }, { at, actor }) =>
      pen.get('notes', note.id)
        ? existsAlready(['note', 'id'])
        : pen.put('notes', {
            ...note,
            version: 0,
            shareId: linkOf(actor),
            by: actor.name,
            at,
            seenAt: null,
          }),
    says: (_, { note }) => (note.kind === 'help' ? 'a call for help' : 'a note from the room'),
  }),
  /** Somebody saw to a word from the room. */
  'daybook/see-note': change({
    fields: { noteId: noteIdSchema },
    apply: (pen, { noteId }, { at }) => {
      const note = pen.get('notes', noteId);
      return note ? pen.put('notes', { ...note, seenAt: note.seenAt ?? at }) : unknownId(['noteId'], 'note');
    },
    says: () => 'a note from the room seen',
  }),
  /** Says whether a child has its piece; null leaves it to attendance and the record again. */
  'daybook/keepsake': change({
    fields: { placementId: placementIdSchema, childId: childIdSchema, has: z.boolean().nullable() },
    apply: (pen, { placementId, childId, has }, { actor }) => {
      const id = keepsakeIdOf(placementId, childId);
      if (has === null) pen.drop('keepsakes', id);
      else pen.put('keepsakes', { id, version: 0, placementId, childId, has, by: actor.name });
    },
    says: (book, { placementId }) => `who has ${titleOf(book, placementId)}`,
  }),
};
