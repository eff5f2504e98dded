import { createHash } from 'node:crypto';
import { lackingIn, shippedTables, usualStock } from '@kobby/starter';
import type { Context } from 'koa';
import { requireProvider } from './door.ts';
import type { Services } from './services.ts';

/** What of Kobby's own library the home does not have. */
export async function showLacking(ctx: Context, services: Services): Promise<void> {
  await requireProvider(ctx, services);
  ctx.body = { entries: lackingIn(services.keeper.book) };
}

let edition: string | null = null;
/** Which edition of Kobby's library this is: another one as soon as anything in it says something else. */
export const editionOf = (): string =>
  (edition ??= createHash('sha256').update(JSON.stringify(shippedTables())).digest('hex').slice(0, 32));

const A_YEAR_S = 365 * 24 * 60 * 60;

/** Everything that ships. What is asked for by the edition that it is stays as it is, so a browser keeps it. */
export async function showShipped(ctx: Context, services: Services): Promise<void> {
  await requireProvider(ctx, services);
  if (ctx.query.edition === editionOf()) ctx.set('Cache-Control', `private, max-age=${A_YEAR_S}, immutable`);
  ctx.body = { edition: editionOf(), tables: shippedTables() };
}

/** What an ordinary home has: what a new one is proposed when it says what is there. */
export async function showUsualStock(ctx: Context, services: Services): Promise<void> {
  await requireProvider(ctx, services);
  ctx.body = { amounts: usualStock() };
}
