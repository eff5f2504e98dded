import {
  dayInZone,
  describeGesture,
  entityAt,
  fieldProblems,
  forgets,
  gestureSchema,
  HOME_ID,
  instantOn,
  judge,
  KINDS,
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
import {
  append,
  condenseSome,
  earlierAnswer,
  hashOf,
  newestSeq,
  orderRedaction,
  redactSome,
} from './store/journal.ts';
import { epochOf, forgetSetAside, readBookSoundly } from './store/set-aside.ts';

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
  /** Hears what went wrong beside an answer that was given all the same. */
  wentWrong?(error: unknown): void;
}

/**
 * The single writer. It holds the book in memory, judges gestures one after the other, and answers only
 * when what it kept is on the disk. The book in memory changes after the commit, never before.
 */
export class Keeper {
  readonly #knex: Knex;
  readonly #now: () => number;
  readonly #today: (book: Book) => PlainDay;
  readonly #wentWrong: (error: unknown) => void;
  readonly #listeners = new Set<(kept: KeptGesture) => void>();
  #book: Book;
  #seq: number;
  #turn: Promise<unknown> = Promise.resolve();
  #clearing: Promise<void> = Promise.resolve();
  #isClosed = false;
  #isInDoubt = false;
  /** Another one since what is in the folder became another than browsers were told step by step. */
  readonly epoch: string;

  private constructor(
    knex: Knex,
    clocks: Clocks,
    { book, seq, epoch }: { readonly book: Book; readonly seq: number; readonly epoch: string },
  ) {
    this.#knex = knex;
    this.#now = clocks.now;
    this.#today = clocks.today;
    this.#wentWrong = clocks.wentWrong?.bind(clocks) ?? (() => undefined);
    this.#book = book;
    this.#seq = seq;
    this.epoch = epoch;
  }

  /** Reads the book from an open database; what cannot be read is set aside. */
  static async open(knex: Knex, clocks: Clocks): Promise<Keeper> {
    const book = await readBookSoundly(knex, new Date(clocks.now()).toISOString());
    const keeper = new Keeper(knex, clocks, {
      book,
      seq: await newestSeq(knex),
      epoch: await epochOf(knex),
    });
    keeper.#clearJournal();
    return keeper;
  }

  /** Ends when nothing is being written any more and nothing is left to be taken out of the journal. */
  async settled(): Promise<void> {
    await this.#clearing;
    await this.#turn;
  }

  /** Writes nothing more. What is left to be taken out of the journal is gone on with at the next start. */
  async close(): Promise<void> {
    this.#isClosed = true;
    await this.settled();
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
    await this.#resolveDoubt();
    const gesture = this.#timely(parsed.data);
    const bodyHash = hashOf({ raw, actor });
    const earlier = await earlierAnswer(this.#knex, gesture.id);
    if (earlier) return earlier.bodyHash === bodyHash ? earlier.answer : idReused(gesture);
    const bar = barred?.(this.#book);
    if (bar) return notKept(gesture.id, bar);
    // Versions of another epoch say nothing: the same number may stand for something else.
    if (gesture.epoch !== undefined && gesture.epoch !== this.epoch && Object.keys(gesture.bases).length > 0)
      return this.#clash(gesture, basesOf(gesture));
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
    const seq = await this.#committed(async (trx) => {
      await writeTouched(trx, outcome.book, touched);
      await alongside?.(trx);
      const line = await append(trx, { gesture, bodyHash, actor, label, touched, inverse, keptAt });
      if (forgets(gesture)) await forgetIn(trx, gesture, touched);
      return line;
    });
    this.#book = outcome.book;
    this.#seq = seq;
    if (forgets(gesture)) this.#clearJournal();
    this.#tell({ seq, actor, gesture });
    return { outcome: 'kept', id: gesture.id, seq, touched: [...touched] };
  }

  // A clock that is ahead writes nothing into days that are still to come; one that is behind may have been without a network.
  #timely(gesture: Gesture): Gesture {
    const zone = this.#book.homes[HOME_ID]?.zone ?? 'UTC';
    const today = this.#today(this.#book);
    return dayInZone(Date.parse(gesture.at), zone) > today
      ? { ...gesture, at: instantOn(today, this.#now(), zone) }
      : gesture;
  }

  /**
   * Writes in one transaction. When it fails, nobody knows whether it was kept before it failed: before anything else is judged,
   * the file is asked, and what is in memory becomes what is in the file.
   */
  async #committed(work: (trx: Knex.Transaction) => Promise<number>): Promise<number> {
    try {
      return await this.#knex.transaction(work);
    } catch (error) {
      this.#isInDoubt = true;
      throw error;
    }
  }

  async #resolveDoubt(): Promise<void> {
    if (!this.#isInDoubt) return;
    const seq = await newestSeq(this.#knex);
    if (seq !== this.#seq) [this.#book, this.#seq] = [await loadBook(this.#knex), seq];
    this.#isInDoubt = false;
  }

  // One who cannot be told does not keep the others from being told, nor the one who asked from the answer.
  #tell(kept: KeptGesture): void {
    for (const listener of this.#listeners) {
      try {
        listener(kept);
      } catch (error) {
        this.#listeners.delete(listener);
        this.#wentWrong(error);
      }
    }
  }

  #clearJournal(): void {
    this.#between(() => redactSome(this.#knex));
  }

  /** Condenses what is old in the journal, while nobody has to wait for it. */
  condenseJournal(): void {
    this.#between(() => condenseSome(this.#knex, this.#now()));
  }

  // Between what people do, some lines at a time, until nothing is left.
  #between(some: () => Promise<boolean>): void {
    this.#clearing = this.#clearing.then(async () => {
      let hasDone = false;
      while (!this.#isClosed && (await this.exclusive(some))) {
        hasDone = true;
        await new Promise((next) => setImmediate(next));
      }
      // What was overwritten still stands in the log beside the file until that is emptied.
      if (hasDone && !this.#isClosed)
        await this.exclusive(async () => this.#knex.raw('PRAGMA wal_checkpoint(TRUNCATE)'));
    });
    this.#clearing = this.#clearing.catch((error: unknown) => this.#wentWrong(error));
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
async function forgetIn(
  trx: Knex.Transaction,
  { changes }: Gesture,
  touched: readonly Touch[],
): Promise<void> {
  const refs = new Set(touched.filter((touch) => touch.after === 0).map(refKey));
  const words = changes.flatMap((change) => (change.type === 'house/forget-child' ? change.words : []));
  await orderRedaction(trx, refs, words);
  await forgetSetAside(trx, refs, words);
}

const basesOf = ({ bases }: Gesture): readonly EntityRef[] =>
  Object.keys(bases).flatMap((key) => {
    const end = key.indexOf('/');
    const kind = KINDS.find((one) => one === key.slice(0, end));
    return kind ? [{ kind, id: key.slice(end + 1) }] : [];
  });

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
