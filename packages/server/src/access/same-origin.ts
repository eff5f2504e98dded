import type { Middleware } from 'koa';
import { fail } from '../problems.ts';

const HARMLESS = new Set(['GET', 'HEAD', 'OPTIONS']);

/**
 * Lets requests that alter something come only from Kobby's own pages. Browsers say where a request comes
 * from; callers that are no browser say nothing and hold no cookie of somebody else's.
 */
export const sameOriginOnly =
  (publicAddress: string | null): Middleware =>
  async (ctx, next) => {
    const origin = ctx.get('Origin');
    const allowed = [
      `${ctx.protocol}://${ctx.host}`,
      ...(publicAddress ? [new URL(publicAddress).origin] : []),
    ];
    if (!HARMLESS.has(ctx.method) && origin && !allowed.includes(origin)) {
      throw fail('not-from-here', 'Open Kobby itself and do it there.');
    }
    await next();
  };
