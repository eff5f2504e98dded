import {
  leadingIdOf,
  leadingOrderSchema,
  letterOrderSchema,
  letterSchema,
  shareIdSchema,
  shareOrderSchema,
} from '../../handover/index.ts';
import { change } from '../pen/define.ts';
import type { Pen } from '../pen/pen.ts';
import { existsAlready, unknownId, type Refusal } from '../pen/refusal.ts';
import { titleOf } from '../pen/words.ts';

/** Changes of what is handed to others: groups, notes home, links. */
export const HANDOVER_CHANGES = {
  /** Names who leads something on a day, with whom; no groups take the naming back. */
  'handover/lead': change({
    fields: { leading: leadingOrderSchema },
    apply: (pen, { leading }) => {
      const id = leadingIdOf(leading.placementId, leading.day);
      if (leading.groups.length === 0) pen.drop('leadings', id);
      else pen.put('leadings', { ...leading, id, version: 0 });
    },
    says: (book, { leading }) => `who leads ${titleOf(book, leading.placementId)}`,
  }),
  'handover/put-letter': change({
    fields: { letter: letterOrderSchema },
    apply: (pen, { letter }) =>
      sentAlready(pen, letter.id, ['letter', 'id']) ??
      pen.put('letters', { ...letter, version: 0, sentAt: null }),
    says: (_, { letter }) => `note home: ${letter.subject}`,
  }),
  /** A letter went out: it stays as it was sent. */
  'handover/sent': change({
    fields: { letterId: letterSchema.shape.id },
    apply: (pen, { letterId }, { at }) => {
      const letter = pen.get('letters', letterId);
      if (!letter) return unknownId(['letterId'], 'note home');
      if (letter.to.length === 0)
        return { reason: 'leads-nowhere', path: ['letterId'], message: 'Nobody is named to whom it goes' };
      return sentAlready(pen, letterId, ['letterId']) ?? pen.put('letters', { ...letter, sentAt: at });
    },
    says: () => 'note home sent',
  }),
  'share/make': change({
    fields: { share: shareOrderSchema },
    apply: (pen, { share }) =>
      pen.get('shares', share.id)
        ? existsAlready(['share', 'id'])
        : pen.put('shares', { ...share, version: 0, revokedAt: null }),
    says: (_, { share }) => `link for ${share.label}`,
  }),
  'share/revoke': change({
    fields: { shareId: shareIdSchema },
    apply: (pen, { shareId }, { at }) => {
      const share = pen.get('shares', shareId);
      return share
        ? pen.put('shares', { ...share, revokedAt: share.revokedAt ?? at })
        : unknownId(['shareId'], 'link');
    },
    says: (book, { shareId }) => `take back the link for ${book.shares[shareId]?.label ?? 'someone'}`,
  }),
};

function sentAlready(pen: Pen, letterId: string, path: readonly string[]): Refusal | undefined {
  if ((pen.get('letters', letterId)?.sentAt ?? null) === null) return undefined;
  return { reason: 'exists-already', path, message: 'This note was sent: write another one' };
}
