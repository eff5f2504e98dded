import {
  advance,
  applyAsSeen,
  answersSchema,
  bookOf,
  describeGesture,
  EMPTY_HISTORY,
  fieldProblems,
  foldHistory,
  forgets,
  gestureSchema,
  isProblemOf,
  judge,
  judgeAsSeen,
  MAX_GESTURES_BYTES,
  sinceSchema,
  type Actor,
  type Answer,
  type Book,
  type ChangeInput,
  type FieldProblem,
  type Gesture,
  type GestureInput,
  type History,
  type KeptGesture,
  type Judgement,
  type PlainDay,
  type Problem,
  type Step,
} from '@kobby/core';
import { ref, shallowRef } from 'vue';
import { ask, instantNow, newId } from './api.ts';
import { BookCopy, type Snapshot } from './book-copy.ts';
import { listenLive } from './live.ts';
import {
  broughtOn,
  EMPTY_REPLICA,
  fromSnapshot,
  historyEntry,
  historyWith,
  takeIn,
  waitingFor,
  without,
} from './replica.ts';
import { bytesOf, Outbox, type Sent } from './outbox.ts';
import { finishSigningOut } from './signing-out.ts';
import { askWhole } from './whole-book.ts';

/** Whether the person may go on, or what keeps her from it. */
export type Connection = 'loading' | 'connected' | 'unreachable' | 'troubled' | 'signed-out';

/** What became of an act at once: done, or the fields that were wrong. */
export type ActResult =
  { readonly done: true } | { readonly done: false; readonly errors: readonly FieldProblem[] };

/**
 * Keeps this browser's book and the server's together: shows an act at once, sends it in order, takes in what
 * others did, and says when something could not be kept. Its fields are what screens may watch.
 */
export class BookSync {
  readonly replica = shallowRef(EMPTY_REPLICA);
  readonly history = shallowRef<History>(EMPTY_HISTORY);
  readonly me = shallowRef<Actor | null>(null);
  readonly today = ref<PlainDay | null>(null);
  readonly publicAddress = ref<string | null>(null);
  readonly connection = ref<Connection>('loading');
  readonly keptAt = ref<string | null>(null);
  /** Something that the person must be told, once. */
  readonly notice = ref<string | null>(null);
  readonly #outbox = new Outbox<Gesture>(gestureSchema, ({ id }) => id, {
    send: (gestures) => this.#post(gestures),
    answered: (gesture, answer) => this.#settle(gesture, answer),
  });
  readonly #copy = new BookCopy();
  #stopListening: (() => void) | null = null;
  #epoch: string | null = null;
  // One more each time somebody leaves.
  #stays = 0;
  /** Why what waits is not kept yet; null while the server answers. */
  readonly trouble = this.#outbox.trouble;
  /** Why the server did not open the book; null when it did, or was not there. */
  readonly refused = shallowRef<Problem | null>(null);
  /** Whether this device could keep what waits. */
  readonly isOnDevice = this.#outbox.isOnDevice;

  /**
   * Fetches the whole book, and listens from there on. Where the server does not answer soon, what this device has of it is opened
   * meanwhile: what is done then waits.
   */
  async load(): Promise<void> {
    const own = this.#stays;
    // Whoever signed out here without a network does not come in by the next one.
    if (!(await finishSigningOut())) return void (this.connection.value = 'unreachable');
    const soon = setTimeout(() => own === this.#stays && void this.#openCopy(), COPY_AFTER_MS);
    const said = await askWhole(this.#copy);
    clearTimeout(soon);
    // What was asked for before somebody left is not shown after it.
    if (own !== this.#stays) return;
    if (said.kind === 'ok') return this.#open(said.data, 'connected');
    if (said.kind === 'unreachable') return this.#openCopy();
    if (isProblemOf(said.problem, 'sign-in-needed')) return this.#closeDoor();
    this.refused.value = said.problem;
    this.connection.value = 'troubled';
  }

  async #openCopy(): Promise<void> {
    const copied = this.me.value ? null : await this.#copy.open(Date.now());
    if (copied && !this.me.value)
      this.#open({ ...copied.snapshot, today: copied.today }, 'unreachable', copied.gestures);
    else if (this.connection.value !== 'connected') this.connection.value = 'unreachable';
  }

  #open(told: Snapshot, connection: 'connected' | 'unreachable', since: readonly KeptGesture[] = []): void {
    const { seq, epoch, me, today, publicAddress } = told;
    this.#epoch = epoch;
    this.#outbox.takeUp(`kobby.waiting.${me.id}`);
    const waiting = this.#outbox.waiting.value;
    this.me.value = me;
    this.today.value = today;
    this.publicAddress.value = publicAddress;
    const { book: kept, history } = broughtOn(bookOf(told.book), foldHistory(told.history), since, me);
    this.history.value = historyWith(history, kept, waiting, me);
    this.replica.value = fromSnapshot(kept, since.at(-1)?.seq ?? seq, waiting, me);
    this.connection.value = connection;
    this.refused.value = null;
    this.#listen();
    if (connection === 'unreachable') return;
    this.keptAt.value ??= instantNow();
    this.#outbox.open();
  }

  /** Does something: shown at once, sent when the server can be reached, kept when it says so. */
  perform(changes: readonly ChangeInput[], undoing?: Step): ActResult {
    const input: GestureInput = { id: newId(), at: instantNow(), changes: [...changes] };
    if (this.#epoch !== null) input.epoch = this.#epoch;
    if (undoing) input.undoes = undoing.entry.id;
    const parsed = gestureSchema.safeParse(input);
    if (!parsed.success) return { done: false, errors: fieldProblems(parsed.error) };
    if (bytesOf(parsed.data) > MOST_BYTES) return { done: false, errors: [TOO_MUCH] };
    const before = this.replica.value.shown;
    const { gesture, outcome } = this.#judge(parsed.data, undoing);
    if (outcome.outcome !== 'kept') return { done: false, errors: errorsOf(outcome) };
    if (outcome.touched.length === 0) return { done: true };
    this.replica.value = waitingFor(this.replica.value, gesture, outcome);
    this.history.value = advance(
      this.history.value,
      historyEntry(before, gesture, outcome, undoing?.entry.label),
    );
    this.#outbox.add(gesture);
    return { done: true };
  }

  // An undo stands on the versions that the person's own gesture left, anything else on what she sees.
  #judge(asked: Gesture, undoing?: Step): { readonly gesture: Gesture; readonly outcome: Judgement } {
    const [book, me, today] = [this.replica.value.shown, this.me.value!, this.today.value!];
    if (!undoing) return judgeAsSeen(book, asked, me, today);
    const gesture = { ...asked, bases: { ...undoing.bases } };
    return { gesture, outcome: judge(book, gesture, me, today) };
  }

  /** What the book would be after an act, for asking before it is done; null when it could not be done. */
  would(changes: readonly ChangeInput[]): Book | null {
    const parsed = gestureSchema.safeParse({ id: newId(), at: instantNow(), changes });
    if (!parsed.success || !this.me.value) return null;
    const { outcome } = applyAsSeen(this.replica.value.shown, parsed.data, this.me.value);
    return outcome.outcome === 'kept' ? outcome.book : null;
  }

  /** Takes the newest own step back. */
  undo(): void {
    this.#stepBack(this.history.value.undo.at(-1));
  }

  /** Does the newest step that was taken back again. */
  redo(): void {
    this.#stepBack(this.history.value.redo.at(-1));
  }

  #stepBack(step: Step | undefined): void {
    if (!step) return;
    const result = this.perform([step.entry.inverse as ChangeInput], step);
    if (result.done) return;
    this.notice.value = `This step cannot be taken back: ${result.errors[0]?.message ?? 'others went on from it'}`;
  }

  /** Takes the copy of the book off this device. */
  forgetCopy(): Promise<void> {
    return this.#copy.forget();
  }

  /** Leaves the book, as when signing out. What still waits stays on this device for the next time, the copy does not. */
  leave(): void {
    void this.forgetCopy();
    this.stopListening();
    this.#outbox.letGo();
    this.replica.value = EMPTY_REPLICA;
    this.history.value = EMPTY_HISTORY;
    this.me.value = null;
    this.#stays += 1;
    this.connection.value = 'signed-out';
  }

  /** Lets go of the stream, as when the page is left. */
  stopListening(): void {
    this.#stopListening?.();
    this.#stopListening = null;
  }

  #listen(): void {
    this.stopListening();
    this.#stopListening = listenLive(() => this.#since(), {
      kept: (gesture) => this.#receive(gesture),
      today: (day) => (this.today.value = day),
      takeSnapshot: () => void this.load(),
      opened: () => {
        this.connection.value = 'connected';
        void this.#copy.heard(Date.now());
        this.#outbox.open();
      },
      lost: () => void this.#lookAgain(),
    });
  }

  // From where on something is asked for: a number says nothing in another epoch.
  #since(): string {
    return new URLSearchParams({
      since: String(this.replica.value.seq),
      epoch: this.#epoch ?? '',
    }).toString();
  }

  // A lost stream comes back by itself, unless the door was closed meanwhile.
  async #lookAgain(): Promise<void> {
    if (this.connection.value === 'connected') this.connection.value = 'unreachable';
    const said = await ask('GET', `/api/book?${this.#since()}`, sinceSchema);
    if (said.kind === 'problem' && isProblemOf(said.problem, 'sign-in-needed')) this.#closeDoor();
    else if (said.kind === 'ok') {
      // The stream comes back by itself and brings what was missed.
      this.connection.value = 'connected';
      this.#outbox.open();
    }
  }

  /** The device has no network: told at once, not when something is sent. */
  cutOff(): void {
    if (this.connection.value === 'connected') this.connection.value = 'unreachable';
  }

  /** The device has a network again: what waits goes, and what others did comes. */
  back(): void {
    if (this.me.value) void this.#lookAgain();
    else void this.load();
  }

  // What waits stays here until the person has signed in again; what the door keeps to itself does not.
  #closeDoor(): void {
    void this.#copy.forget();
    this.connection.value = 'signed-out';
    this.#outbox.shut();
    this.stopListening();
  }

  #receive(kept: KeptGesture): void {
    if (!this.me.value) return;
    this.#outbox.arrived([kept.gesture.id]);
    void this.#copy.keepNext(kept, Date.now());
    const next = takeIn(this.replica.value, kept, this.me.value);
    if (next) this.replica.value = next;
    else void this.#catchUp();
    // Whoever was forgotten goes from this browser's own history too: the server knows what is left of it.
    if (forgets(kept.gesture)) void this.load();
  }

  async #catchUp(): Promise<void> {
    const said = await ask('GET', `/api/book?${this.#since()}`, sinceSchema);
    if (said.kind === 'unreachable' || !this.me.value) return;
    for (const kept of said.kind === 'ok' ? said.data.gestures : []) {
      const next = takeIn(this.replica.value, kept, this.me.value);
      if (!next) return this.load();
      this.replica.value = next;
      void this.#copy.keepNext(kept, Date.now());
    }
    if (said.kind === 'problem') await this.load();
  }

  async #post(gestures: readonly Gesture[]): Promise<Sent> {
    const said = await ask('POST', '/api/gestures', answersSchema, { gestures });
    this.connection.value = said.kind === 'unreachable' ? 'unreachable' : 'connected';
    if (said.kind === 'unreachable') return 'again';
    if (said.kind === 'ok') return said.data.answers;
    const inside = answersSchema.safeParse(said.problem);
    if (inside.success) return inside.data.answers;
    if (!isProblemOf(said.problem, 'sign-in-needed')) {
      // What was refused for good is not written over by what is only late.
      if (this.notice.value === null || this.notice.value.startsWith(NOT_YET))
        this.notice.value = `${NOT_YET}${said.problem.detail}`;
      return said;
    }
    this.#closeDoor();
    return 'closed';
  }

  #settle(gesture: Gesture, answer: Answer): void {
    if (!this.me.value) return;
    this.keptAt.value = instantNow();
    if (answer.outcome === 'kept') {
      this.#receive({ seq: answer.seq, actor: this.me.value, gesture });
      return;
    }
    this.notice.value = `Not kept: ${describeGesture(this.replica.value.kept, gesture)}. ${answer.problem.detail}`;
    this.replica.value = without(this.replica.value, gesture.id, this.me.value);
    // The history was ahead of what was kept: the server knows what is really there.
    void this.load();
  }
}

const NOT_YET = 'Not kept yet, it is tried again: ';
/** So long the server is waited for before what this device has is opened. */
const COPY_AFTER_MS = 4000;
// The versions that it meets still come to a gesture.
const MOST_BYTES = MAX_GESTURES_BYTES * 0.9;
const TOO_MUCH: FieldProblem = {
  path: [],
  message: 'This is too much to be kept at once: bring it in in two parts',
};

function errorsOf(outcome: Exclude<Judgement, { outcome: 'kept' }>): FieldProblem[] {
  if (outcome.outcome === 'untimely')
    return outcome.problems.map(({ path, message }) => ({ path: [...path], message }));
  if (outcome.outcome === 'refused')
    return [{ path: [...outcome.refusal.path], message: outcome.refusal.message }];
  return [{ path: ['bases'], message: 'somebody changed the same thing since' }];
}
