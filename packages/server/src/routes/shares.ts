import {
  enterRequestSchema,
  mayTick,
  sharePathSchema,
  shareRequestSchema,
  shareTickRequestSchema,
  type Actor,
  type ShareId,
  type ShareTickRequest,
  type UnitId,
} from '@kobby/core';
import type { Context } from 'koa';
import { newSecret } from '../access/secrets.ts';
import { enterShare, keepShareSecret, opensShare } from '../access/sessions.ts';
import { fail, readBy, sendProblem } from '../problems.ts';
import { requireProvider, setShareToken, shareToken } from './door.ts';
import type { Services } from './services.ts';

type Params = Record<string, string>;

const shareIdOf = (params: Params): ShareId => readBy(sharePathSchema, params).shareId;

export async function makeShare(ctx: Context, services: Services): Promise<void> {
  const me = await requireProvider(ctx, services);
  const request = readBy(shareRequestSchema, ctx.request.body);
  const { gestureId, share } = request;
  const secret = newSecret();
  const gesture = {
    id: gestureId,
    at: request.at,
    changes: [{ type: 'share/make', share }],
  };
  let isNew = false;
  const answer = await services.keeper.keep(gesture, me, async (trx) => {
    isNew = true;
    await keepShareSecret(trx, share.id, secret);
  });
  if (answer.outcome === 'not-kept') sendProblem(ctx, answer.problem);
  else if (isNew) ctx.body = { shareId: share.id, secret, answer };
  else
    throw fail(
      'id-reused',
      'This link was made before, and its secret is told only once. Make another link.',
    );
}

export async function enter(ctx: Context, services: Services, params: Params): Promise<void> {
  const shareId = shareIdOf(params);
  const { secret } = readBy(enterRequestSchema, ctx.request.body);
  await services.attempts.check(ctx.ip);
  const token = await enterShare(services.knex, shareId, secret);
  if (!token) {
    await services.attempts.failed(ctx.ip);
    throw fail('not-found', 'This link leads nowhere. Ask for a new one.');
  }
  ctx.body = services.shareViews.view(shareId);
  setShareToken(ctx, shareId, token);
}

// The link must be entered and must still be open.
async function requireShare(ctx: Context, services: Services, params: Params): Promise<ShareId> {
  const shareId = shareIdOf(params);
  const token = shareToken(ctx, shareId);
  if (!token || !(await opensShare(services.knex, shareId, token))) {
    throw fail('sign-in-needed', 'Open the link again as it was sent to you.');
  }
  services.shareViews.view(shareId);
  return shareId;
}

export async function showShared(ctx: Context, services: Services, params: Params): Promise<void> {
  ctx.body = services.shareViews.view(await requireShare(ctx, services, params));
}

export async function watchShared(ctx: Context, services: Services, params: Params): Promise<void> {
  services.shareViews.watch(ctx, await requireShare(ctx, services, params));
}

export async function tickShared(ctx: Context, services: Services, params: Params): Promise<void> {
  const shareId = await requireShare(ctx, services, params);
  const { gestureId, at, subject, done } = readBy(shareTickRequestSchema, ctx.request.body);
  const view = services.shareViews.view(shareId);
  if (!mayTick(view, subject)) {
    throw fail('refused', 'This is not on your list any more.', [
      { path: ['subject'], message: 'This is not on your list any more' },
    ]);
  }
  const actor: Actor = { kind: 'share', id: shareId, name: view.label };
  const change = changeOfTick(services.shareViews.unitOf(shareId), subject, done);
  const answer = await services.keeper.keep({ id: gestureId, at, changes: [change] }, actor);
  if (answer.outcome === 'not-kept') sendProblem(ctx, answer.problem);
  else ctx.body = answer;
}

function changeOfTick(unitId: UnitId, subject: ShareTickRequest['subject'], done: boolean): unknown {
  if (!('taskId' in subject)) return { type: done ? 'daybook/tick' : 'daybook/untick', subject };
  const { taskId } = subject;
  return done ? { type: 'ready/done', unitId, taskId } : { type: 'ready/undone', taskId };
}
