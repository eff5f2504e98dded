import { LINK_QUOTAS, problem } from '@kobby/core';
import { RateLimiterMemory, RateLimiterRes } from 'rate-limiter-flexible';
import { ProblemError } from '../problems.ts';

/** Attempts that one address, or one known device, may get wrong before it has to wait, and for how long it then waits. */
export const ATTEMPTS = { points: 8, seconds: 15 * 60 } as const;
/** Attempts that all unknown devices together may get wrong at one door: whoever guesses from many addresses has no more. */
export const STRANGERS = { points: 60, seconds: 15 * 60 } as const;

/** Who tries to get in, and where. */
export interface Attempter {
  /** What is tried: each door counts by itself, so that a link's guesses never close the provider's door. */
  readonly door: 'provider' | 'set-up' | `link:${string}`;
  readonly address: string;
  /** A device on which somebody got in before; null for a stranger's. */
  readonly device: string | null;
}

/** An attempt that was counted. */
export interface Attempt {
  /** It was right: it is not counted, and what went wrong before it is forgotten. */
  wasRight(): Promise<void>;
  /** Nothing was guessed: it is not counted. */
  wasNone(): Promise<void>;
}

/**
 * Slows down guessing. An attempt is counted before it is looked at, so that of many at the same time no more are looked at than
 * may be wrong; whoever gets in has it back. A device on which somebody got in before counts by itself: strangers who guess, even
 * from the same address, do not lock out who lives here.
 */
export class AttemptLimit {
  readonly #own = limiter(ATTEMPTS);
  readonly #strangers = limiter(STRANGERS);

  /**
   * Counts an attempt. What comes back says how it went, where it was not wrong.
   * @throws {ProblemError} when too many went wrong: how long to wait is told.
   */
  async take({ door, address, device }: Attempter): Promise<Attempt> {
    const key = device === null ? `${door} from ${address}` : `${door} on ${device}`;
    await counted(this.#own, key);
    if (device === null) await counted(this.#strangers, door);
    const giveBack = async (): Promise<void> => {
      await this.#own.reward(key);
      if (device === null) await this.#strangers.reward(door);
    };
    return {
      wasRight: async () => {
        await giveBack();
        await this.#own.delete(key);
      },
      wasNone: giveBack,
    };
  }
}

/** How much is written with one link in some minutes: a queue that was filled offline fits many times over. */
export class ActLimit {
  readonly #acts = limiter({ points: LINK_QUOTAS.acts, seconds: LINK_QUOTAS.actsWithinSeconds });

  /** @throws {ProblemError} when it is too much: how long to wait is told, and nothing was kept. */
  async take(shareId: string, acts: number): Promise<void> {
    await counted(this.#acts, shareId, acts);
  }
}

const limiter = ({ points, seconds }: { points: number; seconds: number }): RateLimiterMemory =>
  new RateLimiterMemory({ points, duration: seconds });

async function counted(by: RateLimiterMemory, key: string, acts?: number): Promise<void> {
  try {
    await by.consume(key, acts ?? 1);
  } catch (refused) {
    if (!(refused instanceof RateLimiterRes)) throw refused;
    const seconds = Math.ceil(refused.msBeforeNext / 1000);
    const detail = `Wait ${Math.ceil(seconds / 60)} minutes, then try again.`;
    const kind = acts === undefined ? 'too-many-attempts' : 'too-much';
    throw new ProblemError(problem(kind, detail), { 'Retry-After': String(seconds) });
  }
}
