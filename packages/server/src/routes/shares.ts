import {
  enterRequestSchema,
  fieldProblems,
  mayTick,
  mayWrite,
  problem,
  quotaReached,
  shareActsRequestSchema,
  sharePathSchema,
  shareRequestSchema,
  timedActSchema,
  type Actor,
  type Answer,
  type Book,
  type FieldProblem,
  type Handover,
  type Problem,
  type ShareAct,
  type ShareId,
  type TimedAct,
  type UnitId,
} from '@kobby/core';
import type { Context } from 'koa';
import { newSecret } from '../access/secrets.ts';
import {
  enterShare,
  keepShareSecret,
  noteOpened,
  openingsOf,
  opensShare,
  passPhraseHash,
} from '../access/sessions.ts';
import { fail, readBy, sendProblem } from '../problems.ts';
import { requireProvider, setShareToken, shareToken } from './door.ts';
import type { Services } from './services.ts';

type Params = Record<string, string>;

const shareIdOf = (params: Params): ShareId => readBy(sharePathSchema, params).shareId;

export async function makeShare(ctx: Context, services: Services): Promise<void> {
  const me = await requireProvider(ctx, services);
  const { gestureId, at, share, passPhrase } = readBy(shareRequestSchema, ctx.request.body);
  const secret = newSecret();
  const phraseHash = passPhrase === null ? null : await passPhraseHash(passPhrase);
  const locked = passPhrase !== null;
  const gesture = { id: gestureId, at, changes: [{ type: 'share/make', share: { ...share, locked } }] };
  let isNew = false;
  const answer = await services.keeper.keep(gesture, me, {
    alongside: async (trx) => {
      isNew = true;
      await keepShareSecret(trx, share.id, { secret, passPhraseHash: phraseHash });
    },
  });
  if (answer.outcome === 'not-kept') sendProblem(ctx, answer.problem);
  else if (isNew) {
    services.events.note('link-made', ctx);
    ctx.body = { shareId: share.id, secret, answer };
  } else
    throw fail(
      'id-reused',
      'This link was made before, and its secret is told only once. Make another link.',
    );
}

export async function showShares(ctx: Context, services: Services): Promise<void> {
  await requireProvider(ctx, services);
  ctx.body = { openings: await openingsOf(services.knex) };
}

export async function enter(ctx: Context, services: Services, params: Params): Promise<void> {
  const shareId = shareIdOf(params);
  const { secret, passPhrase } = readBy(enterRequestSchema, ctx.request.body);
  const { attempts, knex, shareViews } = services;
  const attempt = await attempts.take({ door: `link:${shareId}`, address: ctx.ip, device: null });
  const entered = await enterShare(knex, shareId, secret, passPhrase, services.clock.now());
  if (entered === 'wrong-secret' || entered === 'wrong-phrase') {
    services.events.note('wrong-link', ctx);
    throw entered === 'wrong-secret'
      ? fail('not-found', 'This link leads nowhere. Ask for a new one.')
      : fail('wrong-pass-phrase', 'This is not the pass-phrase of this link.', [
          { path: ['passPhrase'], message: 'This is not the pass-phrase of this link' },
        ]);
  }
  await (entered === 'locked' ? attempt.wasNone() : attempt.wasRight());
  // Whoever holds the secret of a link that is closed is told so before a pass-phrase is asked for.
  const view = shareViews.view(shareId);
  if (entered === 'locked')
    throw fail('link-locked', `Whoever sent it to you knows it: ask ${view.homeName}.`);
  ctx.body = view;
  services.events.note('link-entered', ctx);
  setShareToken(ctx, shareId, entered.token);
  await noteOpened(knex, shareId, services.clock.now());
}

/** The link of a request: it must be entered and must still be open. */
export async function requireShare(ctx: Context, services: Services, params: Params): Promise<ShareId> {
  const shareId = shareIdOf(params);
  const token = shareToken(ctx, shareId);
  if (!token || !(await opensShare(services.knex, shareId, token, services.clock.now()))) {
    throw fail('sign-in-needed', 'Open the link again as it was sent to you.');
  }
  services.shareViews.view(shareId);
  return shareId;
}

export async function showShared(ctx: Context, services: Services, params: Params): Promise<void> {
  ctx.body = services.shareViews.view(await requireShare(ctx, services, params));
}

export async function watchShared(ctx: Context, services: Services, params: Params): Promise<void> {
  const shareId = await requireShare(ctx, services, params);
  await noteOpened(services.knex, shareId, services.clock.now());
  services.shareViews.watch(ctx, shareId);
}

export async function actShared(ctx: Context, services: Services, params: Params): Promise<void> {
  const shareId = await requireShare(ctx, services, params);
  const { acts } = readBy(shareActsRequestSchema, ctx.request.body);
  await services.acts.take(shareId, acts.length);
  const answers: Answer[] = [];
  for (const raw of acts) answers.push(await keepAct(raw, shareId, services));
  ctx.body = { answers };
}

async function keepAct(raw: unknown, shareId: ShareId, services: Services): Promise<Answer> {
  const { shareViews, keeper } = services;
  const parsed = timedActSchema.safeParse(raw);
  if (!parsed.success)
    return { ...wrongAct(raw, fieldProblems(parsed.error)), outcome: 'not-kept', current: [] };
  const { gestureId: id, at, act } = parsed.data;
  const name = shareViews.view(shareId).label;
  const actor: Actor = { kind: 'share', id: shareId, name };
  const gesture = { id, at, changes: [changeOf(act, shareViews.unitOf(shareId))] };
  return keeper.keep(gesture, actor, {
    barred: (book) => barredFrom(act, shareViews.view(shareId)) ?? tooMuch(act, book, shareId),
  });
}

const wrongAct = (raw: unknown, errors: readonly FieldProblem[]): { id: string | null; problem: Problem } => {
  const { gestureId } = (raw ?? {}) as Partial<TimedAct>;
  return {
    id: typeof gestureId === 'string' ? gestureId.slice(0, 64) : null,
    problem: problem('wrong-fields', 'Nothing was kept: this is not something that a link can do.', errors),
  };
};

// A link writes about what it shows, and stops only its own timers.
function barredFrom(act: ShareAct, view: Handover): Problem | null {
  const allowed = {
    tick: () => act.kind === 'tick' && mayTick(view, act.subject),
    note: () => act.kind === 'note' && mayWrite(view, act.note.day, act.note.placementId),
    'start-timer': () => true,
    'stop-timer': () => act.kind === 'stop-timer' && view.timers.some(({ id }) => id === act.timerId),
  }[act.kind]();
  if (allowed) return null;
  const message = 'This is not on your list any more';
  return problem('refused', `${message}.`, [{ path: ['act'], message }]);
}

function tooMuch(act: ShareAct, book: Book, shareId: ShareId): Problem | null {
  if (act.kind !== 'note' && act.kind !== 'start-timer') return null;
  const message = quotaReached(book, shareId, act.kind);
  return message === null ? null : problem('refused', `${message}.`, [{ path: ['act'], message }]);
}

function changeOf(act: ShareAct, unitId: UnitId): unknown {
  switch (act.kind) {
    case 'note':
      return { type: 'daybook/note', note: { ...act.note, unitId } };
    case 'start-timer':
      return { type: 'kitchen/start-timer', timer: act.timer };
    case 'stop-timer':
      return { type: 'book/drop', kind: 'timers', id: act.timerId };
    case 'tick': {
      const { subject, done } = act;
      if (!('taskId' in subject)) return { type: done ? 'daybook/tick' : 'daybook/untick', subject };
      const { taskId } = subject;
      return done ? { type: 'ready/done', unitId, taskId } : { type: 'ready/undone', taskId };
    }
  }
}
