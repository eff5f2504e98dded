import { z } from 'zod';
import {
  DROPPABLE_KINDS,
  kindOf,
  nameAt,
  RESTORABLE_KINDS,
  type DroppableKind,
  type RestorableKind,
} from '../../book/index.ts';
import { change } from '../pen/define.ts';
import { unknownId } from '../pen/refusal.ts';

// Some ids are made of two or three others.
const anyIdSchema = z.string('An id is needed here').regex(/^[A-Za-z0-9:._-]{1,200}$/, 'This is not an id');

// More often than this nothing was ever changed. What is kept can count on from there.
const MAX_VERSION = 2 ** 40;

function wrongAbout(id: string, entity: { readonly id: string; readonly version: number }) {
  if (entity.id !== id) return [{ path: ['id'], message: 'This is the id of something else' }];
  return entity.version > MAX_VERSION ? [{ path: ['version'], message: 'This is not a version' }] : [];
}

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
    const wrong = parsed.success ? wrongAbout(restored.id, parsed.data) : parsed.error.issues;
    if (parsed.success && wrong.length === 0) return { ...restored, to: parsed.data };
    for (const issue of wrong) {
      context.issues.push({
        code: 'custom',
        input: restored.to,
        path: ['to', ...issue.path],
        message: issue.message,
      });
    }
    return z.NEVER;
  });

/** Changes of whatever kind of entry: taking away what nothing uses, and bringing back what was there. */
export const BOOK_CHANGES = {
  'book/drop': change({
    fields: {
      kind: z.enum(DROPPABLE_KINDS as [DroppableKind, ...DroppableKind[]], 'This cannot be taken away'),
      id: anyIdSchema,
    },
    apply: (pen, { kind, id }) => {
      const entity = pen.get(kind, id);
      if (!entity) return unknownId(['id'], 'entry');
      if (kind === 'people' && 'role' in entity && entity.role === 'provider')
        return {
          reason: 'still-used',
          path: ['id'],
          message: 'Whoever signs in here cannot be taken away',
        };
      return pen.drop(kind, id);
    },
    says: (book, { kind, id }) => `take ${nameAt(book, { kind, id }) ?? 'an entry'} away`,
  }),
  'book/restore': change({
    fields: { entities: z.array(restoredSchema).min(1).max(500) },
    apply: (pen, { entities }) => {
      for (const { kind, id, to } of entities) {
        if (to === null) pen.drop(kind, id);
        else pen.bringBack(kind, to as never);
      }
    },
    says: () => 'undo',
  }),
};
