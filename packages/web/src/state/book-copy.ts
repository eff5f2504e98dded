import {
  homeDaySince,
  HOME_ID,
  keptGestureSchema,
  SIGNED_IN_IDLE_MS,
  shippedTablesSchema,
  snapshotSchema,
  withShipped,
  type KeptGesture,
  type PlainDay,
} from '@kobby/core';
import { z } from 'zod';
import { Vault } from './vault.ts';

export type Snapshot = z.output<typeof snapshotSchema>;
type ShippedTables = z.output<typeof shippedTablesSchema>;

/** The book as it was when this device last heard of it. */
interface CopiedBook {
  readonly snapshot: Snapshot;
  /** What was kept after the snapshot, in its order. */
  readonly gestures: readonly KeptGesture[];
  /** The day of the home by now, as far as this device's clock tells. */
  readonly today: PlainDay;
}

const SNAPSHOT = 'snapshot';
const SHIPPED = 'shipped';
const HEARD = 'heard';
const EDITION = 'edition';
const NEXT = 'next:';
const isNext = (name: string): boolean => name.startsWith(NEXT);
const seqOf = (name: string): number => Number(name.slice(NEXT.length));
const copiedSchema = z.object({ snapshot: snapshotSchema, atMs: z.number() });
const zoneSchema = z.looseObject({ zone: z.string() });

/**
 * The book on this device, ciphered, so that the pages open without a network: the last whole book, and what was kept since. Why not
 * the book as it stands: it is large, and each change is small. It opens for as long as somebody would stay signed in, and no longer.
 */
export class BookCopy {
  readonly #vault = new Vault('kobby.book');
  // One after the other: what is taken off the device does not come back by something that was on its way.
  #last: Promise<unknown> = Promise.resolve();

  /** Keeps a whole book as the server told it, without what ships with Kobby; what was kept before it is not needed any more. */
  keep(snapshot: Snapshot, atMs: number): Promise<void> {
    return this.#inTurn(async () => {
      const before = await this.#vault.names();
      await this.#vault.write(SNAPSHOT, { snapshot, atMs });
      await this.#vault.write(HEARD, atMs);
      await this.#vault.remove(before.filter((name) => isNext(name) && seqOf(name) <= snapshot.seq));
    });
  }

  /** Keeps what ships, once for each edition. */
  keepShipped(shipped: ShippedTables): Promise<void> {
    return this.#inTurn(async () => {
      if ((await this.#vault.read(EDITION)) === shipped.edition) return;
      await this.#vault.write(SHIPPED, shipped);
      await this.#vault.write(EDITION, shipped.edition);
    });
  }

  /** Keeps what was kept by the server after the whole book. */
  keepNext(kept: KeptGesture, atMs: number): Promise<void> {
    return this.#inTurn(async () => {
      await this.#vault.write(`${NEXT}${kept.seq}`, kept);
      await this.#vault.write(HEARD, atMs);
    });
  }

  /** Notes that the server was heard: whoever is there stays signed in. */
  heard(atMs: number): Promise<void> {
    return this.#inTurn(async () => {
      if ((await this.#vault.read(HEARD)) !== undefined) await this.#vault.write(HEARD, atMs);
    });
  }

  /** Opens the copy; null when there is none that can be read, or nobody was here for so long that the door would be closed. */
  async open(nowMs: number): Promise<CopiedBook | null> {
    const copied = copiedSchema.safeParse(await this.#vault.read(SNAPSHOT));
    if (!copied.success) return null;
    const heardMs = z
      .number()
      .catch(copied.data.atMs)
      .parse(await this.#vault.read(HEARD));
    // A clock that was turned back opens nothing for longer.
    if (Math.abs(nowMs - heardMs) > SIGNED_IN_IDLE_MS) {
      await this.forget();
      return null;
    }
    const snapshot = await this.#whole(copied.data.snapshot);
    if (!snapshot) return null;
    const { atMs } = copied.data;
    const { zone } = zoneSchema.parse(snapshot.book['homes']?.[HOME_ID]);
    const today = homeDaySince({ today: snapshot.today, zone, atMs }, nowMs);
    return { snapshot, gestures: await this.#since(snapshot.seq), today };
  }

  /** Nothing of the home stays on this device. */
  forget(): Promise<void> {
    return this.#inTurn(() => this.#vault.forget());
  }

  #inTurn(what: () => Promise<void>): Promise<void> {
    const turn = this.#last.then(what);
    this.#last = turn;
    return turn;
  }

  async #whole(snapshot: Snapshot): Promise<Snapshot | null> {
    const { shipped, book } = snapshot;
    if (!shipped) return snapshot;
    const kobby = shippedTablesSchema.safeParse(await this.#vault.read(SHIPPED));
    if (!kobby.success || kobby.data.edition !== shipped.edition) return null;
    const whole = withShipped(book, shipped, kobby.data.tables);
    return whole && { ...snapshot, book: whole };
  }

  // Without a gap: what comes after one that is missing does not stand on what is there.
  async #since(seq: number): Promise<readonly KeptGesture[]> {
    const numbers = (await this.#vault.names())
      .filter(isNext)
      .map(seqOf)
      .toSorted((a, b) => a - b);
    const found: KeptGesture[] = [];
    for (const number of numbers.filter((one) => one > seq)) {
      if (number !== seq + found.length + 1) break;
      const kept = keptGestureSchema.safeParse(await this.#vault.read(`${NEXT}${number}`));
      if (!kept.success) break;
      found.push(kept.data);
    }
    return found;
  }
}
