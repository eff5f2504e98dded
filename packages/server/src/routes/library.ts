import { lackingIn } from '@kobby/starter';
import type { Context } from 'koa';
import { requireProvider } from './door.ts';
import type { Services } from './services.ts';

/** What of Kobby's own library the home does not have. */
export async function showLacking(ctx: Context, services: Services): Promise<void> {
  await requireProvider(ctx, services);
  ctx.body = { entries: lackingIn(services.keeper.book) };
}
