import type { Book } from '../book/index.ts';
import type { Actor } from './pen/actor.ts';
import { applyAsSeen } from './apply.ts';
import { gestureSchema, type ChangeInput } from './change.ts';

const NOBODY: Actor = { kind: 'person', id: 'tried', name: 'Tried' };

/**
 * The book as it would be if somebody made these changes; null when they would be refused. Nothing is kept of it: mends and drafts ask it
 * of every way that they look at before one is offered.
 */
export function asIf(book: Book, changes: readonly ChangeInput[]): Book | null {
  if (changes.length === 0) return book;
  const parsed = gestureSchema.safeParse({ id: 'tried-beside', at: '2000-01-01T00:00:00.000Z', changes });
  if (!parsed.success) return null;
  const { outcome } = applyAsSeen(book, parsed.data, NOBODY);
  return outcome.outcome === 'kept' ? outcome.book : null;
}
