import type { Book } from '../book/index.ts';
import { asIf, type ChangeInput } from '../changes/index.ts';

/** The book as it would be after what a draft itself proposes. @throws {Error} when that is refused: the draft is wrong then. */
export function afterwards(book: Book, changes: readonly ChangeInput[]): Book {
  const then = asIf(book, changes);
  if (!then) throw new Error('what is proposed cannot stand so');
  return then;
}
