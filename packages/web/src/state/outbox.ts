import { MAX_GESTURES, type Answer } from '@kobby/core';
import { shallowRef } from 'vue';
import { z } from 'zod';
import { forgetDevice, readDevice, writeDevice } from './device.ts';

const RETRY_MS = 1500;

/** How things go to the server, and what becomes of them. */
export interface Post<T> {
  /** Sends some: the answer to each, or why there is none: to be tried again, or not before {@link Outbox.open}. */
  send(items: readonly T[]): Promise<readonly Answer[] | 'again' | 'closed'>;
  /** Takes the answer to one; it has left the outbox. */
  answered(item: T, answer: Answer): void;
}

/**
 * What was done here and is on its way: shown at once, sent in order, kept on the device until it was answered. Its ids make
 * sending twice harmless, so whatever is in doubt is sent again. Each write to the device reads what is there first: the same
 * page may be open in two windows, and neither loses what the other did.
 */
export class Outbox<T> {
  /** In the order in which it was done. */
  readonly waiting = shallowRef<readonly T[]>([]);
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
    this.#keep(this.#joined(this.#onDevice(), [item]));
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
    const items = this.waiting.value.slice(0, MAX_GESTURES);
    if (this.#isSending || !this.#isOpen || items.length === 0) return;
    this.#isSending = true;
    const answers = await this.#post.send(items);
    this.#isSending = false;
    if (answers === 'closed') return this.shut();
    if (answers === 'again') {
      setTimeout(() => void this.flush(), RETRY_MS);
      return;
    }
    this.arrived(items.map(this.#idOf));
    items.forEach((item, i) => answers[i] && this.#post.answered(item, answers[i]));
    void this.flush();
  }

  /** Takes out what the server is known to have, by its ids. */
  arrived(ids: readonly string[]): void {
    const gone = new Set(ids);
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
    else writeDevice(this.#key, list);
  }
}
