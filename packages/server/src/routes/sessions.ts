import { HOME_ID, passPhraseRequestSchema } from '@kobby/core';
import type { Context } from 'koa';
import { refuseKnown } from '../access/known.ts';
import { endSessions, openSessions, setPassPhrase } from '../access/sessions.ts';
import { fail, readBy } from '../problems.ts';
import { endStreamsOf, requirePassPhrase, requireProvider, sessionOf } from './door.ts';
import type { Services } from './services.ts';

export async function showSessions(ctx: Context, services: Services): Promise<void> {
  await requireProvider(ctx, services);
  ctx.body = { sessions: await openSessions(services.knex, sessionOf(ctx), services.clock.now()) };
}

const OTHERS = 'others';

/** Ends one by its name, or all but the one that asks. Its open pages hear nothing more. */
export async function endSession(
  ctx: Context,
  services: Services,
  { id: wanted }: Record<string, string>,
): Promise<void> {
  await requireProvider(ctx, services);
  const own = sessionOf(ctx);
  const ended = await endSessions(services.knex, (id, hash) =>
    wanted === OTHERS ? hash !== own : id === wanted,
  );
  if (ended.length === 0 && wanted !== OTHERS) throw fail('not-found', 'This one has ended already.');
  endStreamsOf(services, ended);
  services.events.note('session-ended', ctx);
  ctx.body = { sessions: await openSessions(services.knex, own, services.clock.now()) };
}

/** Whoever changes it knows the one of now; everybody else has to sign in again. */
export async function changePassPhrase(ctx: Context, services: Services): Promise<void> {
  await requireProvider(ctx, services);
  const { old, passPhrase } = readBy(passPhraseRequestSchema, ctx.request.body);
  const { knex, clock, keeper } = services;
  const personId = await requirePassPhrase(ctx, services, old, 'old');
  refuseKnown(passPhrase, [keeper.book.homes[HOME_ID]?.name ?? '']);
  await setPassPhrase(knex, personId, passPhrase);
  services.events.note('pass-phrase-changed', ctx);
  const own = sessionOf(ctx);
  endStreamsOf(services, await endSessions(knex, (_, hash) => hash !== own));
  ctx.body = { sessions: await openSessions(knex, own, clock.now()) };
}
