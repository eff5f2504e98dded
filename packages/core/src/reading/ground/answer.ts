import type { Book } from '../../book/index.ts';
import { Ground, Look, type Asking } from './look.ts';
import { flattened } from './memo.ts';

export type { Asking, Look } from './look.ts';

/** What an answer is asked about besides the book: ids, days, numbers, or objects that stay the same while they mean the same. */
type About = string | number | boolean | null | object;

interface Told<R> {
  readonly value: R;
  readonly ground: Ground;
}

// Where an answer for what it is asked about is kept; what was kept for an object goes when it goes.
interface Place<H> {
  byValue?: Map<About, Place<H>>;
  byObject?: WeakMap<object, Place<H>>;
  held?: H;
}

function placeOf<H>(place: Place<H>, about: About): Place<H> {
  const inside =
    typeof about === 'object' && about !== null
      ? (place.byObject ??= new WeakMap<object, Place<H>>())
      : (place.byValue ??= new Map<About, Place<H>>());
  const known = (inside as Map<About, Place<H>>).get(about);
  if (known) return known;
  const made: Place<H> = {};
  (inside as Map<About, Place<H>>).set(about, made);
  return made;
}

const bookOf = (asking: Asking): Book => (asking instanceof Look ? asking.book : asking);

// Whoever asks stands on what the other saw.
function handedOn<R>(asking: Asking, { value, ground }: Told<R>): R {
  if (asking instanceof Look) asking.ground.noteAll(ground);
  return value;
}

// The book as it is, as it would be after an act, and as it was before it: more are hardly ever asked in turns.
const MOST_BOOKS = 3;

/**
 * Makes an answer out of a pure question: `(look, …) => …`. The question looks at the book through `look` and hands it on to
 * other answers; the answer is asked with a book, or with the look of whoever asks it. It is worked out once for what it saw:
 * with another book in which all of that is the same, the same value comes back. A list or a record whose members came out the
 * same is the same one, so that what is asked about it is not worked out anew either.
 *
 * Why not hand over slices of the book: whoever calls would have to know what the question looks at, and an answer that is
 * handed a whole table is worked out anew with every entity of it.
 */
export function answer<A extends readonly About[], R>(
  question: (look: Look, ...about: A) => R,
): (asking: Asking, ...about: A) => R {
  const root: Place<Told<R>[]> = {};
  return (asking, ...about) => {
    const book = bookOf(asking);
    const place = about.reduce<Place<Told<R>[]>>(placeOf, root);
    const held = (place.held ??= []);
    const at = held.findIndex(({ ground }) => ground.holdsIn(book));
    const known = held[at];
    if (!known) {
      const ground = new Ground();
      const value = asBefore(held[0]?.value, question(new Look(book, ground), ...about));
      held.unshift({ value, ground });
      held.length = Math.min(held.length, MOST_BOOKS);
    } else if (at > 0) {
      held.splice(at, 1);
      held.unshift(known);
    }
    return handedOn(asking, held[0]!);
  };
}

interface Each<T, R> {
  readonly list: readonly T[];
  readonly members: readonly Told<R>[];
  readonly results: readonly R[];
  readonly ground: Ground;
}

/**
 * The same for a question about each member of a list, one result a member: only members that are new to the list are asked,
 * and those that saw something that is another now. The same list of results back while they are the same.
 */
export function answerEach<T extends object, C extends readonly About[], R>(
  question: (look: Look, member: T, ...context: C) => R,
): (asking: Asking, list: readonly T[], ...context: C) => readonly R[] {
  const root: Place<Each<T, R>> = {};
  return (asking, list, ...context) => {
    const book = bookOf(asking);
    const place = context.reduce<Place<Each<T, R>>>(placeOf, root);
    const before = place.held;
    const holds = before?.ground.holdsIn(book) ?? false;
    if (before && holds && before.list === list)
      return handedOn(asking, { value: before.results, ground: before.ground });
    const knownOf = before ? finderIn(before) : () => undefined;
    const members = list.map((member, i) => {
      const known = knownOf(member, i);
      if (known && (holds || known.ground.holdsIn(book))) return known;
      const ground = new Ground();
      const value = question(new Look(book, ground), member, ...context);
      return { value: known ? asBefore(known.value, value) : value, ground };
    });
    // Where all still held, what is gone from the list is left in the ground: it only makes it ask more often.
    const ground = before && holds ? before.ground : new Ground();
    members.forEach((member, i) => {
      if (!holds || member !== before?.members[i]) ground.noteAll(member.ground);
    });
    const results = asBefore(
      before?.results,
      members.map(({ value }) => value),
    );
    place.held = { list, members, results, ground };
    return handedOn(asking, { value: results, ground });
  };
}

/** The same where each member gives a list: all of them in one, the same one while they are the same. */
export function answerFlat<T extends object, C extends readonly About[], R>(
  question: (look: Look, member: T, ...context: C) => readonly R[],
): (asking: Asking, list: readonly T[], ...context: C) => readonly R[] {
  const each = answerEach(question);
  return (asking, list, ...context) => flattened(each(asking, list, ...context));
}

// Most lists differ in a few members from the one before: the others stand where they stood.
function finderIn<T, R>({ list, members }: Each<T, R>): (member: T, at: number) => Told<R> | undefined {
  let elsewhere: Map<T, Told<R>> | null = null;
  return (member, at) => {
    if (list[at] === member) return members[at];
    elsewhere ??= new Map(list.map((one, i) => [one, members[i]!]));
    return elsewhere.get(member);
  };
}

function asBefore<R>(before: R | undefined, now: R): R {
  if (before === undefined || before === now) return now;
  if (Array.isArray(before) && Array.isArray(now)) return isSameList(before, now) ? before : now;
  return isBag(before) && isBag(now) && isSameBag(before, now) ? before : now;
}

// Most lists differ early or not at all, and some are long: one by one, without anything made for it.
function isSameList(a: readonly unknown[], b: readonly unknown[]): boolean {
  if (a.length !== b.length) return false;
  for (let i = 0; i < a.length; i += 1) if (a[i] !== b[i]) return false;
  return true;
}

function isSameBag(a: Bag, b: Bag): boolean {
  const keys = Object.keys(b);
  return keys.length === Object.keys(a).length && keys.every((key) => a[key] === b[key]);
}

type Bag = Readonly<Record<string, unknown>>;
const isBag = (value: unknown): value is Bag =>
  typeof value === 'object' && value !== null && Object.getPrototypeOf(value) === Object.prototype;
