import { createHmac, randomBytes } from 'node:crypto';
import type { Context } from 'koa';
import type { Logger } from 'pino';

/** What whoever watches over a home wants to know afterwards. */
export type SecurityEvent =
  | 'signed-in'
  | 'wrong-pass-phrase'
  | 'signed-out'
  | 'session-ended'
  | 'pass-phrase-changed'
  | 'home-set-up'
  | 'wrong-set-up-code'
  | 'link-made'
  | 'link-entered'
  | 'wrong-link'
  | 'home-taken-out'
  | 'backup-taken-out'
  | 'restored';

/**
 * Writes down who tried to get in and what was taken out, without saying who it was: an address is told from others by a mark that
 * means nothing after the next start.
 */
export class SecurityLog {
  readonly #key = randomBytes(16);
  readonly #log: Logger;

  constructor(log: Logger) {
    this.#log = log;
  }

  note(event: SecurityEvent, ctx: Context): void {
    const from = createHmac('sha256', this.#key).update(ctx.ip).digest('hex').slice(0, 8);
    this.#log.info({ event, from }, 'security');
  }
}
