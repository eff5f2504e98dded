import { isIP } from 'node:net';
import type { Middleware } from 'koa';
import { fail } from '../problems.ts';

/** Names under which a server is always reached from its own machine. */
const OWN = ['localhost'];

const nameIn = (host: string): string => {
  try {
    return new URL(`http://${host}`).hostname.replace(/^\[|\]$/g, '').toLowerCase();
  } catch {
    return '';
  }
};

/**
 * Answers only under names that are this server's: an address made of numbers, its own machine's, and those that are listed. Why:
 * a page from elsewhere can let its own name lead here, and would then be of the same origin as Kobby itself.
 */
export function knownHostsOnly(names: readonly string[]): Middleware {
  const known = new Set([...OWN, ...names.map((name) => name.toLowerCase())]);
  return async (ctx, next) => {
    const name = nameIn(ctx.get('Host'));
    if (isIP(name) === 0 && !known.has(name))
      throw fail(
        'wrong-name',
        'Open Kobby under its own address. Names are listed with --names when it starts.',
      );
    await next();
  };
}
