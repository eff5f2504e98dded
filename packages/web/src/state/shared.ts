import {
  answersSchema,
  handoverPatchSchema,
  handoverSchema,
  isProblemOf,
  patched,
  timedActSchema,
  type Answer,
  type Handover,
  type HandoverDay,
  type Problem,
  type ShareAct,
  type TimedAct,
} from '@kobby/core';
import { computed, ref, shallowRef } from 'vue';
import { ask, instantNow, newId } from './api.ts';
import { Outbox, type Sent } from './outbox.ts';
import { PhoneCopy, type UnkeptAct } from './phone-copy.ts';

/** What a tick is about. */
export type TickSubject = Extract<ShareAct, { kind: 'tick' }>['subject'];
/** A word from the room as it is written here. */
export type SharedWord = Omit<Extract<ShareAct, { kind: 'note' }>['note'], 'id'>;

const RETRY_MS = 2000;
// Who is told to wait does not get in sooner by asking.
const PATIENT_MS = 30_000;

const isSame = (a: TickSubject, b: TickSubject): boolean =>
  'taskId' in a
    ? 'taskId' in b && a.taskId === b.taskId
    : !('taskId' in b) && a.placementId === b.placementId && a.day === b.day && a.supplyId === b.supplyId;

/** What a link shows on this phone, kept up to date and kept for when there is no connection, and what goes back. */
export class SharedLink {
  readonly handover = shallowRef<Handover | null>(null);
  /** Why the link does not open; null while it does. */
  readonly closed = shallowRef<Problem | null>(null);
  /** What keeps the home from answering just now, as it said itself; it is asked again. Null while it answers. */
  readonly trouble = shallowRef<Problem | null>(null);
  /** A pass-phrase is asked for; with what was wrong about the last one. */
  readonly locked = shallowRef<{ readonly problem: Problem } | null>(null);
  readonly connected = ref(false);
  /** What the home could not keep, until somebody has read it. */
  readonly unkept = shallowRef<readonly UnkeptAct[]>([]);
  /** Words written with this link, those on their way included, the newest first. */
  readonly words = computed(() => {
    const known = this.handover.value?.notes ?? [];
    const mine = this.waiting.value.flatMap(({ act, at }) =>
      act.kind === 'note' && !known.some(({ id }) => id === act.note.id)
        ? [{ ...act.note, at, seen: false, isWaiting: true }]
        : [],
    );
    return [...mine.toReversed(), ...known.map((note) => ({ ...note, isWaiting: false }))];
  });
  /** Timers started with this link, those on their way included. */
  readonly timers = computed(() => {
    const timers = new Map((this.handover.value?.timers ?? []).map((timer) => [timer.id as string, timer]));
    for (const { act } of this.waiting.value) {
      if (act.kind === 'start-timer') timers.set(act.timer.id, act.timer);
      if (act.kind === 'stop-timer') timers.delete(act.timerId);
    }
    return [...timers.values()].toSorted((a, b) => (a.endsAt < b.endsAt ? -1 : 1));
  });
  readonly #base: string;
  readonly #secret: string;
  readonly #copy: PhoneCopy;
  #stream: EventSource | null = null;
  #ended = false;
  readonly #outbox = new Outbox<TimedAct>(timedActSchema, ({ gestureId }) => gestureId, {
    send: (acts) => this.#post(acts),
    answered: (act, answer) => this.#answered(act, answer),
    isUrgent: ({ act }) => act.kind === 'note' && act.note.kind === 'help',
  });
  /** Whether this phone could keep what waits: else it is lost with the page. */
  readonly isOnDevice = this.#outbox.isOnDevice;
  readonly #online = (): void => void this.#outbox.flush();
  readonly waiting = this.#outbox.waiting;

  constructor(shareId: string, secret: string) {
    this.#base = `/api/shared/${encodeURIComponent(shareId)}`;
    this.#secret = secret;
    this.#copy = new PhoneCopy(shareId);
    this.handover.value = this.#copy.shown(Date.now());
    this.#outbox.takeUp(this.#copy.keyOf('acts'));
    this.unkept.value = this.#copy.unkept();
  }

  /** Enters with the secret, or with the cookie of an earlier time, and listens. Comes back by itself. */
  async open(passPhrase?: string): Promise<void> {
    window.addEventListener('online', this.#online);
    // What was entered before needs no secret: the cookie may have run out, then the secret is asked for again.
    const said = this.#secret
      ? await ask('POST', `${this.#base}/enter`, handoverSchema, { secret: this.#secret, passPhrase })
      : await ask('GET', this.#base, handoverSchema);
    if (this.#ended) return;
    if (said.kind === 'problem' && this.#met(said.problem)) return;
    if (said.kind !== 'ok') {
      setTimeout(() => void this.open(passPhrase), this.#retryMs());
      return;
    }
    this.locked.value = null;
    this.closed.value = null;
    this.#show(said.data);
    this.#outbox.open();
    this.#listen();
  }

  /** Lets go of the stream. */
  close(): void {
    this.#ended = true;
    window.removeEventListener('online', this.#online);
    this.#outbox.shut();
    this.#stream?.close();
  }

  /** Ticks something off, or takes the tick back; it arrives once, also when it is sent again. */
  tick(subject: TickSubject, done: boolean): void {
    this.#act({ kind: 'tick', subject, done });
  }

  /** Writes a note or calls for help. */
  write(word: SharedWord): void {
    this.#act({ kind: 'note', note: { ...word, id: `note-${newId()}` as never } });
  }

  startTimer(label: string, minutes: number): void {
    const startedAt = instantNow();
    const endsAt = new Date(Date.parse(startedAt) + minutes * 60_000).toISOString();
    this.#act({ kind: 'start-timer', timer: { id: `timer-${newId()}` as never, label, startedAt, endsAt } });
  }

  stopTimer(timerId: string): void {
    this.#act({ kind: 'stop-timer', timerId: timerId as never });
  }

  /** Somebody has read what could not be kept. */
  readUnkept(): void {
    this.unkept.value = this.#copy.keepUnkept([]);
  }

  /** Whether something counts as ticked on this phone, what is still on its way included. */
  isTicked(subject: TickSubject, known: boolean): boolean {
    const last = this.waiting.value.findLast(
      ({ act }) => act.kind === 'tick' && isSame(act.subject, subject),
    );
    return last?.act.kind === 'tick' ? last.act.done : known;
  }

  #act(act: ShareAct): void {
    this.#outbox.add({ gestureId: newId() as never, at: instantNow(), act });
  }

  #show(handover: Handover): void {
    this.trouble.value = null;
    this.handover.value = handover;
    this.#copy.keepShown(handover, Date.now());
  }

  /**
   * Takes what the server says of the link itself: true when it does not open now. The end of a link takes its copy off the phone;
   * a pass-phrase that is asked for does not. Any other problem is the server's: what is shown stays, and it is asked again.
   */
  #met(problem: Problem): boolean {
    const isAsking = this.locked.value !== null && isProblemOf(problem, 'too-many-attempts');
    if (isAsking || LOCKS.some((kind) => isProblemOf(problem, kind))) {
      this.locked.value = { problem };
      return true;
    }
    if (!SHUTS.some((kind) => isProblemOf(problem, kind))) {
      this.trouble.value = problem;
      return false;
    }
    this.closed.value = problem;
    this.#stream?.close();
    if (ENDS.some((kind) => isProblemOf(problem, kind))) {
      this.#copy.clear();
      this.handover.value = null;
      this.#outbox.clear();
    }
    return true;
  }

  #retryMs(): number {
    return this.trouble.value && isProblemOf(this.trouble.value, 'too-many-attempts') ? PATIENT_MS : RETRY_MS;
  }

  #listen(): void {
    this.#stream?.close();
    const stream = new EventSource(`${this.#base}/live`);
    this.#stream = stream;
    stream.addEventListener('open', () => {
      this.connected.value = true;
      this.#outbox.open();
    });
    stream.addEventListener('handover', (event) => {
      this.#show(handoverSchema.parse(JSON.parse(event.data)));
    });
    stream.addEventListener('patch', (event) => {
      if (this.handover.value)
        this.#show(patched(this.handover.value, handoverPatchSchema.parse(JSON.parse(event.data))));
    });
    stream.addEventListener('closed', () => void this.#recheck());
    stream.addEventListener('error', () => {
      this.connected.value = false;
      if (stream.readyState === EventSource.CLOSED) setTimeout(() => void this.#recheck(), RETRY_MS);
    });
  }

  // The server closed the door, or something in between did: only the first is the end.
  async #recheck(): Promise<void> {
    const said = await ask('GET', this.#base, handoverSchema);
    if (this.#ended) return;
    if (said.kind === 'problem' && this.#met(said.problem)) return;
    if (said.kind !== 'ok') {
      setTimeout(() => void this.#recheck(), this.#retryMs());
      return;
    }
    this.#show(said.data);
    if (this.#stream?.readyState === EventSource.CLOSED) this.#listen();
  }

  async #post(acts: readonly TimedAct[]): Promise<Sent> {
    const said = await ask('POST', `${this.#base}/acts`, answersSchema, { acts });
    if (said.kind === 'problem') return this.#met(said.problem) ? 'closed' : said;
    if (said.kind === 'unreachable') {
      this.connected.value = false;
      return 'again';
    }
    await this.#showKept();
    return said.data.answers;
  }

  // What could not be kept is shown with the reason, not lost.
  #answered(act: TimedAct, answer: Answer): void {
    if (answer.outcome === 'not-kept')
      this.unkept.value = this.#copy.keepUnkept([...this.unkept.value, { act, why: answer.problem.detail }]);
  }

  // The stream brings it too, but perhaps a moment later: without this the tick would flicker.
  async #showKept(): Promise<void> {
    const said = await ask('GET', this.#base, handoverSchema);
    if (said.kind === 'ok') this.#show(said.data);
  }
}

const ENDS = ['link-revoked', 'link-expired', 'not-found'] as const;
const SHUTS = [...ENDS, 'sign-in-needed', 'not-from-here'] as const;
const LOCKS = ['link-locked', 'wrong-pass-phrase'] as const;

/** A day of what a link shows, by its blocks in the order of the clock; what is out all day apart. */
export interface SharedBlock {
  readonly key: string;
  readonly name: string;
  readonly start: string;
  /** Null for a circle without items. */
  readonly minutes: number | null;
  readonly items: HandoverDay['items'];
  readonly circle: HandoverDay['circles'][number] | null;
  readonly lines: readonly string[];
}

/** The blocks of a day that have something in them. */
export function blocksOf(day: HandoverDay): readonly SharedBlock[] {
  const keys = [
    ...new Set([
      ...day.items.flatMap(({ blockId }) => blockId ?? []),
      ...day.circles.map(({ blockId }) => blockId),
    ]),
  ];
  return keys
    .map((blockId): SharedBlock => {
      const items = day.items.filter((item) => item.blockId === blockId);
      const circle = day.circles.find((one) => one.blockId === blockId) ?? null;
      return {
        key: blockId,
        name: items[0]?.place ?? circle?.name ?? '',
        start: items[0]?.start ?? circle?.start ?? '',
        minutes: items[0]?.minutes ?? null,
        items,
        circle,
        lines: day.lines.filter((line) => line.blockId === blockId).map(({ text }) => text),
      };
    })
    .toSorted((a, b) => (a.start < b.start ? -1 : 1));
}
