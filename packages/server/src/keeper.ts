import {
  describeGesture,
  entityAt,
  fieldProblems,
  forgets,
  gestureSchema,
  judge,
  problem,
  refKey,
  type Actor,
  type Answer,
  type Book,
  type EntityRef,
  type Gesture,
  type KeptGesture,
  type PlainDay,
  type Problem,
  type Touch,
} from '@kobby/core';
import type { Knex } from 'knex';
import { loadBook, writeTouched } from './store/book-store.ts';
import { append, earlierAnswer, hashOf, newestSeq, redact } from './store/journal.ts';

/** What comes with a gesture beside its own changes. */
export interface Beside {
  /** Something more to write in the same transaction, such as the hash of a link's secret. */
  readonly alongside?: (trx: Knex.Transaction) => Promise<void>;
  /** Why whoever sends it may not do it; null when they may. Asked only of what was not kept before. */
  readonly barred?: (book: Book) => Problem | null;
}

/** The clocks that a keeper reads: milliseconds since 1970 for the journal's stamps, and the date of a home. */
export interface Clocks {
  now(): number;
  today(book: Book): PlainDay;
}

/**
 * The single writer. It holds the book in memory, judges gestures one after the other, and answers only
 * when what it kept is on the disk. The book in memory changes after the commit, never before.
 */
export class Keeper {
  readonly #knex: Knex;
  readonly #now: () => number;
  readonly #today: (book: Book) => PlainDay;
  readonly #listeners = new Set<(kept: KeptGesture) => void>();
  #book: Book;
  #seq: number;
  #turn: Promise<unknown> = Promise.resolve();

  private constructor(knex: Knex, clocks: Clocks, book: Book, seq: number) {
    this.#knex = knex;
    this.#now = clocks.now;
    this.#today = clocks.today;
    this.#book = book;
    this.#seq = seq;
  }

  /** Reads the book from an open database. */
  static async open(knex: Knex, clocks: Clocks): Promise<Keeper> {
    return new Keeper(knex, clocks, await loadBook(knex), await newestSeq(knex));
  }

  get book(): Book {
    return this.#book;
  }

  /** The number of the newest kept gesture. */
  get seq(): number {
    return this.#seq;
  }

  /** Calls back after each kept gesture; what comes back ends it. */
  listen(listener: (kept: KeptGesture) => void): () => void {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  }

  /** Runs something while nothing is being written. */
  exclusive<T>(work: () => Promise<T>): Promise<T> {
    const turn = this.#turn.then(work);
    this.#turn = turn.catch(() => undefined);
    return turn;
  }

  /** Judges one gesture, in whatever shape it came: keeps it whole or says why not. */
  keep(raw: unknown, actor: Actor, beside: Beside = {}): Promise<Answer> {
    return this.exclusive(() => this.#judge(raw, actor, beside));
  }

  async #judge(raw: unknown, actor: Actor, { alongside, barred }: Beside): Promise<Answer> {
    const parsed = gestureSchema.safeParse(raw);
    if (!parsed.success) {
      const errors = fieldProblems(parsed.error);
      return notKept(idIn(raw), problem('wrong-fields', 'Nothing was kept. See the fields below.', errors));
    }
    const gesture = parsed.data;
    const bodyHash = hashOf({ raw, actor });
    const earlier = await earlierAnswer(this.#knex, gesture.id);
    if (earlier) return earlier.bodyHash === bodyHash ? earlier.answer : idReused(gesture);
    const bar = barred?.(this.#book);
    if (bar) return notKept(gesture.id, bar);
    const outcome = judge(this.#book, gesture, actor, this.#today(this.#book));
    if (outcome.outcome === 'untimely') {
      const errors = outcome.problems.map(({ path, message }) => ({ path: [...path], message }));
      return notKept(gesture.id, problem('wrong-fields', 'Nothing was kept. See the fields below.', errors));
    }
    if (outcome.outcome === 'clash') return this.#clash(gesture, outcome.refs);
    if (outcome.outcome === 'refused') {
      const { path, message } = outcome.refusal;
      return notKept(gesture.id, problem('refused', message, [{ path: [...path], message }]));
    }
    const label = describeGesture(this.#book, gesture);
    const keptAt = new Date(this.#now()).toISOString();
    const { touched, inverse } = outcome;
    const seq = await this.#knex.transaction(async (trx) => {
      await writeTouched(trx, outcome.book, touched);
      await alongside?.(trx);
      const line = await append(trx, { gesture, bodyHash, actor, label, touched, inverse, keptAt });
      if (forgets(gesture)) await redact(trx, ...forgotten(gesture, touched));
      return line;
    });
    // What was overwritten still stands in the log beside the file until that is emptied.
    if (forgets(gesture)) await this.#knex.raw('PRAGMA wal_checkpoint(TRUNCATE)');
    this.#book = outcome.book;
    this.#seq = seq;
    for (const listener of this.#listeners) listener({ seq, actor, gesture });
    return { outcome: 'kept', id: gesture.id, seq, touched: [...touched] };
  }

  #clash(gesture: Gesture, refs: readonly EntityRef[]): Answer {
    const detail =
      'Somebody changed the same thing meanwhile. Nothing of yours was kept; see what is there now.';
    const errors = refs.map(({ kind, id }) => ({
      path: ['bases', `${kind}/${id}`],
      message: 'This is out of date',
    }));
    const current = refs.map((ref) => ({ ...ref, entity: entityAt(this.#book, ref) }));
    return notKept(gesture.id, problem('clash', detail, errors), current);
  }
}

// Everything that a forgetting took away, and the words that go with it.
const forgotten = (
  { changes }: Gesture,
  touched: readonly Touch[],
): [ReadonlySet<string>, readonly string[]] => [
  new Set(touched.filter((touch) => touch.after === 0).map(refKey)),
  changes.flatMap((change) => (change.type === 'house/forget-child' ? change.words : [])),
];

type NotKept = Extract<Answer, { outcome: 'not-kept' }>;

const notKept = (id: string | null, why: Problem, current: NotKept['current'] = []): Answer => ({
  outcome: 'not-kept',
  id,
  problem: why,
  current,
});

const idReused = (gesture: Gesture): Answer =>
  notKept(
    gesture.id,
    problem(
      'id-reused',
      'A gesture with this id was kept before, with another content. This one was not kept.',
      [{ path: ['id'], message: 'This id was used for another gesture' }],
    ),
  );

const idIn = (raw: unknown): string | null => {
  const id = typeof raw === 'object' && raw !== null && 'id' in raw ? raw.id : null;
  return typeof id === 'string' ? id.slice(0, 64) : null;
};
