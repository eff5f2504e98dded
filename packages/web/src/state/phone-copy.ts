import { handoverSchema, homeDaySince, timedActSchema, type Handover } from '@kobby/core';
import { z } from 'zod';
import { forgetDevice, readDevice, writeDevice } from './device.ts';

/** An act that the home could not keep, and why: shown until it was read. */
const unkeptSchema = z.object({ act: timedActSchema, why: z.string() });
export type UnkeptAct = z.infer<typeof unkeptSchema>;

const shownSchema = z.object({ handover: handoverSchema, atMs: z.number() });

/**
 * What this phone keeps of a link: what it shows, and what the home could not keep; beside it lies the outbox with what has not
 * arrived. Nothing of other links.
 */
export class PhoneCopy {
  readonly #shareId: string;

  constructor(shareId: string) {
    this.#shareId = shareId;
  }

  /** What was shown last, unless the day of the link has passed by now: then it is cleared instead. */
  shown(nowMs: number): Handover | null {
    const kept = readDevice(this.keyOf('shown'), shownSchema.nullable(), null);
    if (!kept) return null;
    const { handover, atMs } = kept;
    const { today, zone, lastDate } = handover;
    const day = homeDaySince({ today, zone, atMs }, nowMs);
    if (lastDate === null || day <= lastDate) return { ...handover, today: day };
    this.clear();
    return null;
  }

  keepShown(handover: Handover, atMs: number): void {
    writeDevice(this.keyOf('shown'), { handover, atMs });
    rememberLink(this.#shareId);
  }

  unkept(): readonly UnkeptAct[] {
    return readDevice(this.keyOf('unkept'), z.array(unkeptSchema), []);
  }

  keepUnkept(list: readonly UnkeptAct[]): readonly UnkeptAct[] {
    writeDevice(this.keyOf('unkept'), list);
    return list;
  }

  /** Takes everything of this link off the phone. */
  clear(): void {
    for (const what of ['shown', 'acts', 'unkept'] as const) forgetDevice(this.keyOf(what));
    if (lastLink() === this.#shareId) forgetDevice(LAST_LINK);
  }

  /** Under which key something of this link is kept on the phone. */
  keyOf(what: 'shown' | 'acts' | 'unkept'): string {
    return `kobby.link.${this.#shareId}.${what}`;
  }
}

const LAST_LINK = 'kobby.link';

// The page installed on the home screen begins with it, else at the door.
const rememberLink = (shareId: string): void => {
  try {
    localStorage.setItem(LAST_LINK, shareId);
  } catch {
    // Then it begins at the door.
  }
};

/** The link that was opened last on this phone; null when there is none. */
export function lastLink(): string | null {
  try {
    return localStorage.getItem(LAST_LINK);
  } catch {
    return null;
  }
}

/** Whether this page can keep a copy that outlives it: browsers allow that only over a secure connection. */
export const canKeepCopy = (): boolean => window.isSecureContext;
