import {
  answerSchema,
  handoverSchema,
  isProblemOf,
  type Handover,
  type Problem,
  type ShareTickRequest,
} from '@kobby/core';
import { ref, shallowRef } from 'vue';
import { ask, instantNow, newId } from './api.ts';

/** What a tick is about. */
export type TickSubject = ShareTickRequest['subject'];

interface WaitingTick {
  readonly gestureId: string;
  readonly at: string;
  readonly subject: TickSubject;
  readonly done: boolean;
}

const RETRY_MS = 2000;

const isSame = (a: TickSubject, b: TickSubject): boolean =>
  'taskId' in a
    ? 'taskId' in b && a.taskId === b.taskId
    : !('taskId' in b) && a.placementId === b.placementId && a.day === b.day && a.supplyId === b.supplyId;

/** What a link shows on this phone, kept up to date, and the ticks on their way back. */
export class SharedLink {
  readonly handover = shallowRef<Handover | null>(null);
  /** Why the link does not open; null while it does. */
  readonly closed = shallowRef<Problem | null>(null);
  readonly connected = ref(false);
  readonly waiting = shallowRef<readonly WaitingTick[]>([]);
  readonly #base: string;
  readonly #secret: string;
  #stream: EventSource | null = null;
  #sending = false;

  constructor(shareId: string, secret: string) {
    this.#base = `/api/shared/${encodeURIComponent(shareId)}`;
    this.#secret = secret;
  }

  /** Enters with the secret, or with the cookie of an earlier time, and listens. Comes back by itself. */
  async open(): Promise<void> {
    const said = this.#secret
      ? await ask('POST', `${this.#base}/enter`, handoverSchema, { secret: this.#secret })
      : await ask('GET', this.#base, handoverSchema);
    if (said.kind === 'problem') this.closed.value = said.problem;
    if (said.kind === 'unreachable') setTimeout(() => void this.open(), RETRY_MS);
    if (said.kind !== 'ok') return;
    this.handover.value = said.data;
    this.#listen();
  }

  /** Lets go of the stream. */
  close(): void {
    this.#stream?.close();
  }

  /** Ticks something off, or takes the tick back; it arrives once, also when it is sent again. */
  tick(subject: TickSubject, done: boolean): void {
    this.waiting.value = [...this.waiting.value, { gestureId: newId(), at: instantNow(), subject, done }];
    void this.#send();
  }

  /** Whether something counts as ticked on this phone, what is still on its way included. */
  isTicked(subject: TickSubject, known: boolean): boolean {
    return this.waiting.value.findLast((one) => isSame(one.subject, subject))?.done ?? known;
  }

  #listen(): void {
    this.close();
    const stream = new EventSource(`${this.#base}/live`);
    this.#stream = stream;
    stream.addEventListener('open', () => {
      this.connected.value = true;
      void this.#send();
    });
    stream.addEventListener('handover', (event) => {
      this.handover.value = handoverSchema.parse(JSON.parse(event.data));
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
    if (said.kind === 'unreachable') setTimeout(() => void this.#recheck(), RETRY_MS);
    if (said.kind === 'problem') {
      this.closed.value = said.problem;
      this.close();
    }
    if (said.kind !== 'ok') return;
    this.handover.value = said.data;
    if (this.#stream?.readyState === EventSource.CLOSED) this.#listen();
  }

  async #send(): Promise<void> {
    const [next] = this.waiting.value;
    if (this.#sending || !next) return;
    this.#sending = true;
    const said = await ask('POST', `${this.#base}/ticks`, answerSchema, next);
    this.#sending = false;
    if (said.kind === 'unreachable') {
      this.connected.value = false;
      setTimeout(() => void this.#send(), RETRY_MS);
      return;
    }
    if (said.kind === 'ok') await this.#showKept();
    this.waiting.value = this.waiting.value.filter((one) => one !== next);
    if (said.kind === 'problem' && !isProblemOf(said.problem, 'refused')) this.closed.value = said.problem;
    void this.#send();
  }

  // The stream brings it too, but perhaps a moment later: without this the tick would flicker.
  async #showKept(): Promise<void> {
    const said = await ask('GET', this.#base, handoverSchema);
    if (said.kind === 'ok') this.handover.value = said.data;
  }
}
