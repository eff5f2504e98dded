import { applyAsSeen, EMPTY_BOOK, gestureSchema, type Actor, type Book, type ChangeInput } from '@kobby/core';
import { demoGestures } from '../index.ts';

const KOBBY: Actor = { kind: 'person', id: 'kobby', name: 'Kobby' };
let made = 0;

/** A new id at each call, for tests that take things in. */
export const newId = (): string => `made-in-a-test-${(made += 1)}`;

/** A book after some changes. @throws {Error} when they are refused. */
export function after(book: Book, changes: readonly ChangeInput[]): Book {
  const gesture = gestureSchema.parse({ id: newId(), at: '2027-03-05T18:00:00.000Z', changes });
  const { outcome } = applyAsSeen(book, gesture, KOBBY);
  if (outcome.outcome !== 'kept') throw new Error(JSON.stringify(outcome.refusal));
  return outcome.book;
}

/** The demo home, made by its own gestures. */
export const demo: Book = demoGestures().reduce<Book>(after, EMPTY_BOOK);
