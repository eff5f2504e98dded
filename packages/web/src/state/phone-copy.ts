import { handoverSchema, homeDaySince, timedActSchema, type Handover, type TimedAct } from '@kobby/core';
import { z } from 'zod';

/** An act that the home could not keep, and why: shown until it was read. */
const unkeptSchema = z.object({ act: timedActSchema, why: z.string() });
export type UnkeptAct = z.infer<typeof unkeptSchema>;

const shownSchema = z.object({ handover: handoverSchema, atMs: z.number() });

/**
 * What this phone keeps of a link: what it shows, and what was done with it and has not arrived. Nothing of other links and
 * nothing beside it. Each write reads what is there first: the same link may be open twice.
 */
export class PhoneCopy {
  readonly #shareId: string;

  constructor(shareId: string) {
    this.#shareId = shareId;
  }

  /** What was shown last, unless the day of the link has passed by now: then it is cleared instead. */
  shown(nowMs: number): Handover | null {
    const kept = this.#read('shown', shownSchema.nullable(), null);
    if (!kept) return null;
    const { handover, atMs } = kept;
    const { today, zone, lastDate } = handover;
    const day = homeDaySince({ today, zone, atMs }, nowMs);
    if (lastDate === null || day <= lastDate) return { ...handover, today: day };
    this.clear();
    return null;
  }

  keepShown(handover: Handover, atMs: number): void {
    this.#write('shown', { handover, atMs });
    rememberLink(this.#shareId);
  }

  /** What waits to be sent, in the order in which it was done. */
  waiting(): readonly TimedAct[] {
    return this.#read('acts', z.array(timedActSchema), []);
  }

  add(act: TimedAct): readonly TimedAct[] {
    return this.#write('acts', [...this.waiting(), act]);
  }

  /** Takes away what arrived, or was answered otherwise. */
  arrived(ids: ReadonlySet<string>): readonly TimedAct[] {
    return this.#write(
      'acts',
      this.waiting().filter(({ gestureId }) => !ids.has(gestureId)),
    );
  }

  unkept(): readonly UnkeptAct[] {
    return this.#read('unkept', z.array(unkeptSchema), []);
  }

  keepUnkept(list: readonly UnkeptAct[]): readonly UnkeptAct[] {
    return this.#write('unkept', list);
  }

  /** Takes everything of this link off the phone. */
  clear(): void {
    for (const what of ['shown', 'acts', 'unkept'] as const) localStorage.removeItem(this.#key(what));
    if (lastLink() === this.#shareId) localStorage.removeItem(LAST_LINK);
  }

  #key(what: string): string {
    return `kobby.link.${this.#shareId}.${what}`;
  }

  #read<T>(what: string, schema: z.ZodType<T>, without: T): T {
    try {
      const text = localStorage.getItem(this.#key(what));
      const parsed = text === null ? null : schema.safeParse(JSON.parse(text));
      return parsed?.success ? parsed.data : without;
    } catch {
      return without;
    }
  }

  // A full or forbidden store only means that nothing outlives the page, which says so.
  #write<T>(what: string, value: T): T {
    try {
      localStorage.setItem(this.#key(what), JSON.stringify(value));
    } catch {
      // Shown as waiting in the page all the same.
    }
    return value;
  }
}

const LAST_LINK = 'kobby.link';

const rememberLink = (shareId: string): void => {
  try {
    localStorage.setItem(LAST_LINK, shareId);
  } catch {
    // The page installed on the home screen then begins at the door.
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
