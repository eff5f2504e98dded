import { arrivalIdOf, keepsakeIdOf, recordIdOf, type Arrival, type Tap } from '../daybook/index.ts';
import { leadingIdOf, shareIdSchema, type ShareId } from '../handover/index.ts';
import type { Actor } from './change.ts';
import type { Envelope, Handlers } from './handler.ts';
import type { Pen } from './pen.ts';
import { existsAlready, unknownId, type Refusal } from './refusal.ts';

/** The link with which somebody acts; null for whoever is signed in. */
export const linkOf = (actor: Actor): ShareId | null =>
  actor.kind === 'share' ? shareIdSchema.parse(actor.id) : null;

const NEITHER = { inAt: null, outAt: null };

// Who goes home came before, whether somebody tapped it or not.
const TAPPED: Readonly<
  Record<Exclude<Tap, 'unsaid'>, (before: Arrival | null, at: string) => Pick<Arrival, 'inAt' | 'outAt'>>
> = {
  in: (before, at) => ({ inAt: before?.inAt ?? at, outAt: null }),
  out: (before, at) => ({ inAt: before?.inAt ?? at, outAt: at }),
  away: () => NEITHER,
};

type RoomChange =
  | 'daybook/tap'
  | 'daybook/record'
  | 'daybook/note'
  | 'daybook/see-note'
  | 'daybook/keepsake'
  | 'handover/lead'
  | 'handover/put-letter'
  | 'handover/sent';

/** What is done in the room and for those who are in it: who came, how it went, words, keepsakes, groups, notes home. */
export const ROOM_HANDLERS: Handlers<RoomChange> = {
  'daybook/tap': (pen, { date, childId, tap }, { at, actor }) => {
    const id = arrivalIdOf(date, childId);
    if (tap === 'unsaid') return pen.drop('arrivals', id);
    const before = pen.get('arrivals', id);
    pen.put('arrivals', { id, version: 0, date, childId, ...TAPPED[tap](before, at), by: actor.name });
  },
  'daybook/record': (pen, { record }, { at, actor }) => {
    const placement = pen.get('placements', record.placementId);
    if (!placement) return unknownId(['record', 'placementId'], 'activity in this unit');
    const { versionId, test } = record;
    if (versionId !== null && !placement.content.versions.some(({ id }) => id === versionId))
      return unknownId(['record', 'versionId'], 'version of this activity');
    const wild = test?.guesses.findIndex(({ tryIndex }) => tryIndex >= test.tries.length) ?? -1;
    if (wild >= 0) return unknownId(['record', 'test', 'guesses', wild, 'tryIndex'], 'try');
    const id = recordIdOf(record.placementId, record.day);
    pen.put('records', { ...record, id, version: 0, by: actor.name, at });
  },
  'daybook/note': (pen, { note }, { at, actor }) =>
    pen.get('notes', note.id)
      ? existsAlready(['note', 'id'])
      : pen.put('notes', { ...note, version: 0, shareId: linkOf(actor), by: actor.name, at, seenAt: null }),
  'daybook/see-note': (pen, { noteId }, { at }) => {
    const note = pen.get('notes', noteId);
    if (!note) return unknownId(['noteId'], 'note');
    pen.put('notes', { ...note, seenAt: note.seenAt ?? at });
  },
  'daybook/keepsake': (pen, { placementId, childId, has }, { actor }) => {
    const id = keepsakeIdOf(placementId, childId);
    if (has === null) return pen.drop('keepsakes', id);
    pen.put('keepsakes', { id, version: 0, placementId, childId, has, by: actor.name });
  },
  'handover/lead': (pen, { leading }) => {
    const id = leadingIdOf(leading.placementId, leading.day);
    if (leading.groups.length === 0) return pen.drop('leadings', id);
    pen.put('leadings', { ...leading, id, version: 0 });
  },
  'handover/put-letter': (pen, { letter }) =>
    sentAlready(pen, letter.id, ['letter', 'id']) ??
    pen.put('letters', { ...letter, version: 0, sentAt: null }),
  'handover/sent': (pen, { letterId }, { at }) => markSent(pen, letterId, at),
};

function sentAlready(pen: Pen, letterId: string, path: readonly string[]): Refusal | undefined {
  if ((pen.get('letters', letterId)?.sentAt ?? null) === null) return undefined;
  return { reason: 'exists-already', path, message: 'This note was sent: write another one' };
}

function markSent(pen: Pen, letterId: string, at: Envelope['at']): Refusal | void {
  const letter = pen.get('letters', letterId);
  if (!letter) return unknownId(['letterId'], 'note home');
  if (letter.to.length === 0)
    return { reason: 'leads-nowhere', path: ['letterId'], message: 'Nobody is named to whom it goes' };
  return sentAlready(pen, letterId, ['letterId']) ?? pen.put('letters', { ...letter, sentAt: at });
}
