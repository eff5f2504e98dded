import { apartFromShipped } from '@kobby/starter';
import { gesturesRequestSchema, HISTORY_LENGTH, problem, type Answer } from '@kobby/core';
import type { Context } from 'koa';
import { fail, readBy, sendProblem } from '../problems.ts';
import { historyOf, keptSince } from '../store/journal.ts';
import { requireProvider, sessionOf } from './door.ts';
import { editionOf } from './library.ts';
import type { Services } from './services.ts';

/** How far behind a listener may be and still be brought up to date gesture by gesture. */
const MOST_CAUGHT_UP = 500;

export async function showBook(ctx: Context, services: Services): Promise<void> {
  const me = await requireProvider(ctx, services);
  const { keeper, knex, clock } = services;
  if (ctx.query.since !== undefined) {
    const gestures = isOfNow(ctx, services) ? await keptSince(knex, sinceOf(ctx), MOST_CAUGHT_UP) : null;
    if (!gestures) throw fail('take-a-snapshot', 'Fetch the whole book instead.');
    ctx.body = { seq: gestures.at(-1)?.seq ?? sinceOf(ctx), gestures };
    return;
  }
  const isApart = ctx.query.apart !== undefined;
  await keeper.exclusive(async () => {
    const { book, ids } = isApart ? apartFromShipped(keeper.book) : { book: keeper.book, ids: null };
    ctx.body = {
      seq: keeper.seq,
      epoch: keeper.epoch,
      today: clock.today(),
      me,
      demo: services.demoPassPhrase !== null,
      publicAddress: services.publicAddress,
      history: await historyOf(knex, me, HISTORY_LENGTH),
      book,
      shipped: ids && { edition: editionOf(), ids },
    };
  });
}

export async function keepGestures(ctx: Context, services: Services): Promise<void> {
  const me = await requireProvider(ctx, services);
  const { gestures } = readBy(gesturesRequestSchema, ctx.request.body);
  const answers: Answer[] = [];
  for (const gesture of gestures) answers.push(await services.keeper.keep(gesture, me));
  sendAnswers(ctx, answers);
}

/** One gesture that was not kept is answered with its own problem; a queue always with all its answers. */
function sendAnswers(ctx: Context, answers: readonly Answer[]): void {
  const [only] = answers;
  if (answers.length === 1 && only?.outcome === 'not-kept') sendProblem(ctx, { ...only.problem, answers });
  else ctx.body = { answers };
}

export async function listenLive(ctx: Context, services: Services): Promise<void> {
  await requireProvider(ctx, services);
  const session = sessionOf(ctx);
  const { keeper, knex, providers } = services;
  const since = sinceOf(ctx);
  // Nothing is kept between looking up what was missed and listening.
  await keeper.exclusive(async () => {
    const missed = isOfNow(ctx, services) ? await keptSince(knex, since, MOST_CAUGHT_UP) : null;
    const stream = providers.add(ctx, session);
    if (!missed) stream.send('take-a-snapshot', problem('take-a-snapshot', 'Fetch the whole book instead.'));
    for (const kept of missed ?? []) stream.send('kept', kept, kept.seq);
  });
}

// Who does not say which epoch it knows is taken at its number.
const isOfNow = (ctx: Context, { keeper }: Services): boolean =>
  ctx.query.epoch === undefined || ctx.query.epoch === keeper.epoch;

function sinceOf(ctx: Context): number {
  const text = ctx.get('Last-Event-ID') || String(ctx.query.since ?? '');
  if (/^\d{1,15}$/.test(text)) return Number(text);
  throw fail('wrong-fields', 'Say after which number.', [
    { path: ['since'], message: 'A sequence number is needed here' },
  ]);
}
