import type { Book } from '../book/index.ts';
import { applyAsSeen, gestureSchema, type Actor, type ChangeInput } from '../changes/index.ts';

const NOBODY: Actor = { kind: 'person', id: 'tried', name: 'Tried' };

/** The book as it would be after changes. @throws {Error} when they are refused. */
export function afterwards(book: Book, changes: readonly ChangeInput[]): Book {
  if (changes.length === 0) return book;
  const gesture = gestureSchema.parse({ id: 'tried-beside', at: '2000-01-01T00:00:00.000Z', changes });
  const { outcome } = applyAsSeen(book, gesture, NOBODY);
  if (outcome.outcome !== 'kept') throw new Error(`it cannot stand so: ${JSON.stringify(outcome)}`);
  return outcome.book;
}
