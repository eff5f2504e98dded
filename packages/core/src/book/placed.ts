import { placementOf, type Placement } from '../unit/index.ts';
import type { Book } from './book.ts';

/** Something that is placed in a unit, as it reads; null when it is not there. */
export function placementAt(book: Book, id: string | null): Placement | null {
  const copy = id === null ? undefined : book.placements[id];
  return copy ? placementOf(copy) : null;
}
