import { GESTURES_AT_ONCE_BYTES, MAX_GESTURES, type Answer, type Problem } from '@kobby/core';
import { ref, shallowRef } from 'vue';
import { z } from 'zod';
import { forgetDevice, readDevice, writeDevice } from './device.ts';

const RETRY_MS = 1500;
const LONGEST_RETRY_MS = 60_000;

/** Why none of them was taken, and how long the server asks to wait; null when it does not say. */
export interface NotTaken {
  readonly problem: Problem;
  readonly retryAfterMs: number | null;
}

/**
 * What came of sending some: the answer to each; a problem of all of them together; or nothing, to be tried again, or not
 * before {@link Outbox.open}.
 */
export type Sent = readonly Answer[] | NotTaken | 'again' | 'closed';

/** How things go to the server, and what becomes of them. */
export interface Post<T> {
  send(items: readonly T[]): Promise<Sent>;
  /** Takes the answer to one; it has left the outbox. */
  answered(item: T, answer: Answer): void;
  /** What goes before everything else that waits, such as a call for help. */
  isUrgent?(item: T): boolean;
}

/**
 * What was done here and is on its way: shown at once, sent in order, kept on the device until it was answered. Its ids make
 * sending twice harmless, so whatever is in doubt is sent again. Each write to the device reads what is there first: the same
 * page may be open in two windows, and neither loses what the other did.
 *
 * Nothing stands in the way of what comes behind it: what is too much for one request goes in smaller ones, what the server says
 * can never be kept is answered so, and what it stumbles over goes last, again and again, with longer and longer waits.
 */
export class Outbox<T> {
  /** In the order in which it was done. */
  readonly waiting = shallowRef<readonly T[]>([]);
  /** Why what waits is not kept yet, as the server said last; null while it answers. */
  readonly trouble = shallowRef<Problem | null>(null);
  /** Whether this device could keep what waits: else it is lost with the page. */
  readonly isOnDevice = ref(true);
  #atOnce = MAX_GESTURES;
  #waitMs = RETRY_MS;
  #timer: ReturnType<typeof setTimeout> | undefined;
  readonly #stumbledOver = new Set<string>();
  readonly #schema: z.ZodType<T>;
  readonly #idOf: (item: T) => string;
  readonly #post: Post<T>;
  #key: string | null = null;
  #isSending = false;
  #isOpen = false;

  constructor(schema: z.ZodType<T>, idOf: (item: T) => string, post: Post<T>) {
    this.#schema = schema;
    this.#idOf = idOf;
    this.#post = post;
  }

  /**
   * Takes up what was left under a key of this device when the page was last closed. What waits under another key stays there:
   * nobody sends in somebody else's name.
   */
  takeUp(key: string): void {
    if (this.#key !== null && this.#key !== key) this.waiting.value = [];
    this.#key = key;
    this.waiting.value = this.#joined(this.#onDevice(), this.waiting.value);
  }

  add(item: T): void {
    this.waiting.value = [...this.waiting.value, item];
    this.#keep(this.#joined(this.#onDevice(), this.waiting.value));
    void this.flush();
  }

  /** Sends from now on, beginning with what waits. */
  open(): void {
    this.#isOpen = true;
    void this.flush();
  }

  /** Sends nothing more; what waits stays. */
  shut(): void {
    this.#isOpen = false;
  }

  /** Lets go of what waits in this page; on the device it stays for the next time. */
  letGo(): void {
    this.shut();
    this.waiting.value = [];
  }

  /** Takes what waits off the device as well. */
  clear(): void {
    this.letGo();
    if (this.#key) forgetDevice(this.#key);
  }

  /** Sends what waits, unless that is under way; comes back by itself when it could not be sent. */
  async flush(): Promise<void> {
    const items = this.#next();
    if (this.#isSending || !this.#isOpen || items.length === 0) return;
    this.#isSending = true;
    const sent = await this.#post.send(items);
    this.#isSending = false;
    if (sent === 'closed') this.shut();
    else if (sent === 'again') this.#later(RETRY_MS);
    else if ('problem' in sent) this.#notTaken(items, sent);
    else {
      [this.trouble.value, this.#atOnce, this.#waitMs] = [null, MAX_GESTURES, RETRY_MS];
      this.#settle(items, sent);
      void this.flush();
    }
  }

  // What goes next: what is urgent first, what was stumbled over last, and no more than fits.
  #next(): readonly T[] {
    const smooth = this.waiting.value.filter((item) => !this.#stumbledOver.has(this.#idOf(item)));
    const list = smooth.length > 0 ? smooth : this.#stumbledOverLongestAgo();
    const isUrgent = (item: T): boolean => this.#post.isUrgent?.(item) ?? false;
    const inOrder = [...list.filter(isUrgent), ...list.filter((item) => !isUrgent(item))];
    let bytes = 0;
    const fits = inOrder.findIndex((item, i) => {
      bytes += bytesOf(item);
      return i >= this.#atOnce || (i > 0 && bytes > GESTURES_AT_ONCE_BYTES);
    });
    return fits < 0 ? inOrder : inOrder.slice(0, fits);
  }

  #stumbledOverLongestAgo(): readonly T[] {
    const [id] = this.#stumbledOver;
    return this.waiting.value.filter((item) => this.#idOf(item) === id);
  }

  // None of them was judged. Half as many are tried, until it is clear which one it is.
  #notTaken(items: readonly T[], { problem, retryAfterMs }: NotTaken): void {
    this.trouble.value = problem;
    // It is about none of them: the server says when it has time again.
    if (retryAfterMs !== null) return this.#later(Math.max(RETRY_MS, retryAfterMs));
    const isBusy = problem.status >= 500 || problem.status === 429;
    const [only] = items;
    if (items.length > 1) this.#atOnce = Math.ceil(items.length / 2);
    else if (!isBusy && only) {
      this.#settle([only], [{ outcome: 'not-kept', id: this.#idOf(only), problem, current: [] }]);
      this.trouble.value = null;
    } else if (only) {
      // In the order in which they were tried last: one that never works does not keep another one from its turn.
      const id = this.#idOf(only);
      this.#stumbledOver.delete(id);
      this.#stumbledOver.add(id);
      this.#waitMs = Math.min(this.#waitMs * 2, LONGEST_RETRY_MS);
    }
    this.#later(isBusy ? this.#waitMs : 0);
  }

  #settle(items: readonly T[], answers: readonly Answer[]): void {
    this.arrived(items.map(this.#idOf));
    items.forEach((item, i) => answers[i] && this.#post.answered(item, answers[i]));
  }

  // One time to come, however often something was added meanwhile.
  #later(afterMs: number): void {
    clearTimeout(this.#timer);
    this.#timer = setTimeout(() => void this.flush(), afterMs);
  }

  /** Takes out what the server is known to have, by its ids. */
  arrived(ids: readonly string[]): void {
    const gone = new Set(ids);
    for (const id of gone) this.#stumbledOver.delete(id);
    const left = (list: readonly T[]): readonly T[] => list.filter((item) => !gone.has(this.#idOf(item)));
    if (left(this.waiting.value).length === this.waiting.value.length) return;
    this.#keep(left(this.#onDevice()));
    this.waiting.value = left(this.waiting.value);
  }

  // One that cannot be read any more does not take the others with it.
  #onDevice(): readonly T[] {
    if (!this.#key) return [];
    return readDevice(this.#key, z.array(z.unknown()), []).flatMap((one) => {
      const parsed = this.#schema.safeParse(one);
      return parsed.success ? [parsed.data] : [];
    });
  }

  #joined(list: readonly T[], more: readonly T[]): readonly T[] {
    const known = new Set(list.map(this.#idOf));
    return [...list, ...more.filter((item) => !known.has(this.#idOf(item)))];
  }

  #keep(list: readonly T[]): void {
    if (!this.#key) return;
    if (list.length === 0) forgetDevice(this.#key);
    this.isOnDevice.value = list.length === 0 || writeDevice(this.#key, list);
  }
}

const ENCODER = new TextEncoder();
/** How long something is on the wire, in bytes of JSON. */
export const bytesOf = (item: unknown): number => ENCODER.encode(JSON.stringify(item)).length;
