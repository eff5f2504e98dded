import { problem } from '@kobby/core';
import { RateLimiterMemory } from 'rate-limiter-flexible';
import { ProblemError } from '../problems.ts';

/** Failed attempts that an address may make before it has to wait, and for how long it then waits. */
export const ATTEMPTS = { points: 8, seconds: 15 * 60 } as const;

/** Slows down guessing: counts failed attempts by address, and forgets them after a success. */
export class AttemptLimit {
  readonly #limiter = new RateLimiterMemory({ points: ATTEMPTS.points, duration: ATTEMPTS.seconds });

  /** @throws {ProblemError} when the address has failed too often. */
  async check(key: string): Promise<void> {
    const state = await this.#limiter.get(key);
    if (!state || state.consumedPoints < ATTEMPTS.points) return;
    const seconds = Math.ceil(state.msBeforeNext / 1000);
    const detail = `Wait ${Math.ceil(seconds / 60)} minutes, then try again.`;
    throw new ProblemError(problem('too-many-attempts', detail), { 'Retry-After': String(seconds) });
  }

  async failed(key: string): Promise<void> {
    await this.#limiter.penalty(key);
  }

  async succeeded(key: string): Promise<void> {
    await this.#limiter.delete(key);
  }
}
