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
  /** The book after each gesture that waits, so that none is applied again when it was kept. */
  readonly afters: readonly Book[];
  /** What the person sees: the kept book with the waiting gestures applied. */
  readonly shown: Book;
}

export const EMPTY_REPLICA: Replica = {
  kept: EMPTY_BOOK,
  seq: 0,
  waiting: [],
  afters: [],
  shown: EMPTY_BOOK,
};

/** A copy that starts from a snapshot, with gestures that were still waiting. */
export function fromSnapshot(kept: Book, seq: number, waiting: readonly Gesture[], me: Actor): Replica {
  const afters: Book[] = [];
  for (const gesture of waiting) {
    const before = afters.at(-1) ?? kept;
    const outcome = applyGesture(before, gesture, me);
    // What no longer applies is not shown; the server's answer to it will say why.
    afters.push(outcome.outcome === 'kept' ? outcome.book : before);
  }
  return { kept, seq, waiting, afters, shown: afters.at(-1) ?? kept };
}

/** The copy after an own gesture that was applied to what is shown; it waits until the server has kept it. */
export const waitingFor = (replica: Replica, gesture: Gesture, { book }: Kept): Replica => ({
  ...replica,
  waiting: [...replica.waiting, gesture],
  afters: [...replica.afters, book],
  shown: book,
});

/**
 * Takes in the next kept gesture, whoever made it. Ones that are known already change nothing; null means that
 * one before it is missing (or does not apply here) and the copy must catch up first.
 */
export function takeIn(replica: Replica, next: KeptGesture, me: Actor): Replica | null {
  if (next.seq <= replica.seq) return without(replica, next.gesture.id, me);
  if (next.seq !== replica.seq + 1) return null;
  const [after] = replica.afters;
  // The own gesture that waits first was applied to this very book already.
  if (replica.waiting[0]?.id === next.gesture.id && after !== replica.kept)
    return {
      kept: after!,
      seq: next.seq,
      waiting: replica.waiting.slice(1),
      afters: replica.afters.slice(1),
      shown: replica.shown,
    };
  const outcome = applyGesture(replica.kept, next.gesture, next.actor);
  if (outcome.outcome !== 'kept') return null;
  const waiting = replica.waiting.filter((gesture) => gesture.id !== next.gesture.id);
  return fromSnapshot(outcome.book, next.seq, waiting, me);
}

/** The copy without a waiting gesture, because the server did not keep it. */
export function without(replica: Replica, gestureId: string, me: Actor): Replica {
  const waiting = replica.waiting.filter((gesture) => gesture.id !== gestureId);
  if (waiting.length === replica.waiting.length) return replica;
  return fromSnapshot(replica.kept, replica.seq, waiting, me);
}

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

/** A book and a person's history with what was kept since, by whomever; what does not apply ends it. */
export function broughtOn(
  book: Book,
  history: History,
  since: readonly KeptGesture[],
  me: Actor,
): { readonly book: Book; readonly history: History } {
  let now = { book, history };
  for (const { gesture, actor } of since) {
    const outcome = applyGesture(now.book, gesture, actor);
    if (outcome.outcome !== 'kept') break;
    const isMine = actor.kind === me.kind && actor.id === me.id;
    const entry = isMine ? historyEntry(now.book, gesture, outcome) : null;
    now = { book: outcome.book, history: entry ? advance(now.history, entry) : now.history };
  }
  return now;
}
