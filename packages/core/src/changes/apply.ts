import { entityAt, kindOf, refKey, type Book, type EntityRef, type Kind } from '../book/index.ts';
import type { PlainDay } from '../calendar/index.ts';
import type { Actor } from './pen/actor.ts';
import { changeKindOf, dayProblems, forgets, type Change, type Gesture } from './change.ts';
import type { DayProblem, Envelope } from './pen/define.ts';
import { Pen, type Touch, type Unsound } from './pen/pen.ts';
import type { Refusal } from './pen/refusal.ts';

/** What became of a gesture. */
export type Outcome =
  | {
      readonly outcome: 'kept';
      readonly book: Book;
      readonly touched: readonly Touch[];
      /** What takes the gesture back; null when it cannot be undone, or when there is nothing to undo. */
      readonly inverse: Change | null;
    }
  | { readonly outcome: 'refused'; readonly refusal: Refusal }
  /** Somebody else changed what it touches since the person saw it. */
  | { readonly outcome: 'clash'; readonly refs: readonly EntityRef[] };

type Kept = Extract<Outcome, { outcome: 'kept' }>;
type Refused = Extract<Outcome, { outcome: 'refused' }>;

/**
 * Applies a gesture whole or not at all. Pure: the same book, gesture and actor give the same outcome in the
 * browser and in the server. The gesture must have been read by its schema.
 * A gesture that changes nothing is kept and touches nothing, and the same book comes back.
 */
export function applyGesture(book: Book, gesture: Gesture, actor: Actor): Outcome {
  const written = write(book, gesture, actor);
  if (written.outcome === 'refused') return written;
  const refs = written.touched.filter((touch) => isStale(touch, gesture));
  return refs.length > 0 ? { outcome: 'clash', refs: refs.map(({ kind, id }) => ({ kind, id })) } : written;
}

/** What became of a gesture on a day: `untimely` for what cannot be on that day. */
export type Judgement = Outcome | { readonly outcome: 'untimely'; readonly problems: readonly DayProblem[] };

/** Judges a gesture that is made on a day: may it be on this day, then what becomes of it. Keeper and browser both ask here. */
export function judge(book: Book, gesture: Gesture, actor: Actor, today: PlainDay): Judgement {
  const problems = dayProblems(gesture, today);
  return problems.length > 0 ? { outcome: 'untimely', problems } : applyGesture(book, gesture, actor);
}

/** The same of a gesture of somebody who sees this very book: it comes back with the versions that she has seen. */
export function judgeAsSeen(
  book: Book,
  gesture: Gesture,
  actor: Actor,
  today: PlainDay,
): { readonly gesture: Gesture; readonly outcome: Judgement } {
  const problems = dayProblems(gesture, today);
  return problems.length > 0
    ? { gesture, outcome: { outcome: 'untimely', problems } }
    : applyAsSeen(book, gesture, actor);
}

/**
 * Applies a gesture of somebody who sees this very book, and gives it the versions that its changes meet: what she has seen.
 * It cannot clash.
 */
export function applyAsSeen(
  book: Book,
  gesture: Gesture,
  actor: Actor,
): { readonly gesture: Gesture; readonly outcome: Kept | Refused } {
  const outcome = write(book, gesture, actor);
  if (outcome.outcome === 'refused') return { gesture, outcome };
  const met = outcome.touched.filter(({ kind, before }) => asksForVersions(kind) && before > 0);
  return {
    gesture: { ...gesture, bases: Object.fromEntries(met.map((touch) => [refKey(touch), touch.before])) },
    outcome,
  };
}

/** The gesture with the versions that its changes meet in the book. One that cannot be applied here comes back as it is. */
export const withSeenVersions = (book: Book, gesture: Gesture, actor: Actor): Gesture =>
  applyAsSeen(book, gesture, actor).gesture;

// What becomes of the book, whatever its writer has seen of it.
function write(book: Book, gesture: Gesture, actor: Actor): Kept | Refused {
  const pen = new Pen(book);
  const envelope: Envelope = { at: gesture.at, actor };
  for (const [index, change] of gesture.changes.entries()) {
    const refusal = changeKindOf(change.type).apply(pen, change, envelope);
    if (refusal) return { outcome: 'refused', refusal: under(refusal, ['changes', index]) };
  }
  const finished = pen.finish();
  if ('kind' in finished) return { outcome: 'refused', refusal: unsoundRefusal(finished, gesture) };
  return { outcome: 'kept', ...finished, inverse: inverseOf(book, finished.touched, gesture) };
}

// Where two may write at once, whoever comes second finds the same result: no version is asked for.
const asksForVersions = (kind: Kind): boolean => kindOf(kind).atOnce === 'clash';

const isStale = (touch: Touch, gesture: Gesture): boolean =>
  asksForVersions(touch.kind) && (gesture.bases[refKey(touch)] ?? 0) !== touch.before;

const under = (refusal: Refusal, path: readonly (string | number)[]): Refusal => ({
  ...refusal,
  path: [...path, ...refusal.path],
});

const capital = (text: string): string => text.slice(0, 1).toUpperCase() + text.slice(1);

function unsoundRefusal(unsound: Unsound, gesture: Gesture): Refusal {
  if (unsound.kind === 'leads-nowhere') {
    const field = String(unsound.broken.path.at(-1));
    return {
      reason: 'leads-nowhere',
      path: pathOfField(gesture, unsound, field) ?? [],
      message: `There is no such ${unsound.broken.noun} any more`,
    };
  }
  if (unsound.kind === 'no-id')
    return { reason: 'no-id', path: ['changes'], message: `${unsound.ref.id} cannot be an id` };
  const ticked = unsound.by.kind === 'ticks';
  return {
    reason: 'still-used',
    path: ['changes'],
    message: ticked
      ? 'Somebody has ticked this off; take the tick back first, or let it end the day before'
      : `${capital(kindOf(unsound.by.kind).word)} still uses this`,
  };
}

// The pen names the entity and the path within; the person needs the path within the gesture.
function pathOfField(
  gesture: Gesture,
  { broken }: Extract<Unsound, { kind: 'leads-nowhere' }>,
  field: string,
): (string | number)[] | null {
  const find = (value: unknown, path: (string | number)[]): (string | number)[] | null => {
    if (path.at(-1) === field && value === broken.id) return path;
    if (typeof value !== 'object' || value === null) return null;
    for (const [key, inner] of Object.entries(value)) {
      const found = find(inner, [...path, Array.isArray(value) ? Number(key) : key]);
      if (found) return found;
    }
    return null;
  };
  return find(gesture.changes, ['changes']);
}

// Exact images of what was there before; null for gestures that touch what cannot be taken back.
function inverseOf(before: Book, touched: readonly Touch[], gesture: Gesture): Change | null {
  if (touched.length === 0) return null;
  if (forgets(gesture)) return null;
  const entities = touched.flatMap(({ kind, id }) =>
    kindOf(kind).undone === 'restored' ? [{ kind, id, to: entityAt(before, { kind, id }) }] : [],
  );
  return entities.length === touched.length ? ({ type: 'book/restore', entities } as Change) : null;
}
