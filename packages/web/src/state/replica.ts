import {
  advance,
  applyGesture,
  describeGesture,
  EMPTY_BOOK,
  type Actor,
  type Book,
  type Gesture,
  type History,
  type HistoryEntry,
  type KeptGesture,
  type Outcome,
} from '@kobby/core';

/**
 * The browser's copy of the book: what the server has kept, and on top of it the person's own gestures that
 * are still on their way. Both are frozen values; the same apply as in the server makes them.
 */
export interface Replica {
  readonly kept: Book;
  readonly seq: number;
  readonly waiting: readonly Gesture[];
  /** What the person sees: the kept book with the waiting gestures applied. */
  readonly shown: Book;
}

export const EMPTY_REPLICA: Replica = { kept: EMPTY_BOOK, seq: 0, waiting: [], shown: EMPTY_BOOK };

/** A copy that starts from a snapshot, with gestures that were still waiting. */
export const fromSnapshot = (kept: Book, seq: number, waiting: readonly Gesture[], me: Actor): Replica => ({
  kept,
  seq,
  waiting,
  shown: replay(kept, waiting, me),
});

/** Applies an own gesture to what is shown; it waits until the server has kept it. */
export function act(replica: Replica, gesture: Gesture, me: Actor): { replica: Replica; outcome: Outcome } {
  const outcome = applyGesture(replica.shown, gesture, me);
  if (outcome.outcome !== 'kept') return { replica, outcome };
  return { replica: { ...replica, shown: outcome.book, waiting: [...replica.waiting, gesture] }, outcome };
}

/**
 * Takes in the next kept gesture, whoever made it. Ones that are known already change nothing; null means that
 * one before it is missing (or does not apply here) and the copy must catch up first.
 */
export function takeIn(replica: Replica, next: KeptGesture, me: Actor): Replica | null {
  if (next.seq <= replica.seq) return without(replica, next.gesture.id, me);
  if (next.seq !== replica.seq + 1) return null;
  const outcome = applyGesture(replica.kept, next.gesture, next.actor);
  if (outcome.outcome !== 'kept') return null;
  const waiting = replica.waiting.filter((gesture) => gesture.id !== next.gesture.id);
  return { kept: outcome.book, seq: next.seq, waiting, shown: replay(outcome.book, waiting, me) };
}

/** The copy without a waiting gesture, because the server did not keep it. */
export function without(replica: Replica, gestureId: string, me: Actor): Replica {
  const waiting = replica.waiting.filter((gesture) => gesture.id !== gestureId);
  if (waiting.length === replica.waiting.length) return replica;
  return { ...replica, waiting, shown: replay(replica.kept, waiting, me) };
}

// What no longer applies is not shown; the server's answer to it will say why.
const replay = (kept: Book, waiting: readonly Gesture[], me: Actor): Book =>
  waiting.reduce((book, gesture) => {
    const outcome = applyGesture(book, gesture, me);
    return outcome.outcome === 'kept' ? outcome.book : book;
  }, kept);

type Kept = Extract<Outcome, { outcome: 'kept' }>;

/** A gesture as a person's history notes it. */
export const historyEntry = (
  before: Book,
  gesture: Gesture,
  { touched, inverse }: Kept,
  label?: string,
): HistoryEntry => ({
  id: gesture.id,
  label: label ?? describeGesture(before, gesture),
  touched,
  inverse,
  undoes: gesture.undoes ?? null,
});

/** A history that goes on with what still waits: it can be taken back too. */
export function historyWith(history: History, kept: Book, waiting: readonly Gesture[], me: Actor): History {
  let book = kept;
  return waiting.reduce((sofar, gesture) => {
    const outcome = applyGesture(book, gesture, me);
    if (outcome.outcome !== 'kept') return sofar;
    const entry = historyEntry(book, gesture, outcome);
    book = outcome.book;
    return advance(sofar, entry);
  }, history);
}
