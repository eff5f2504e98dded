import {
  HOME_ID,
  setupRequestSchema,
  signInRequestSchema,
  type Actor,
  type Door,
  type SessionDevice,
} from '@kobby/core';
import { STARTER_RULES, starterChanges } from '@kobby/starter';
import type { Context } from 'koa';
import { DEVICE_MS, deviceOf, rememberDevice } from '../access/devices.ts';
import { refuseKnown } from '../access/known.ts';
import { newSecret, sameText, secretHash } from '../access/secrets.ts';
import {
  actorOfSession,
  closeSession,
  openSession,
  personByPassPhrase,
  SESSION_MS,
  setPassPhrase,
} from '../access/sessions.ts';
import { fail, ProblemError, readBy } from '../problems.ts';
import type { Services } from './services.ts';

// Behind TLS a cookie says so in its name: no other host, and nobody on a plain line, can have set it.
const cookieName = (ctx: Context, name: string): string => (ctx.secure ? `__Host-${name}` : name);
const SESSION = 'kobby_session';
const DEVICE = 'kobby_device';

/** Who makes a home and its starter library: nobody's own history. */
export const KOBBY: Actor = { kind: 'person', id: 'kobby', name: 'Kobby' };

const cookieOptions = (ctx: Context) =>
  ({
    httpOnly: true,
    sameSite: 'strict',
    secure: ctx.secure,
    path: ctx.secure ? '/' : '/api',
    overwrite: true,
  }) as const;

/** By what the session of a request is known, without its token; empty where there is none. */
export function sessionOf(ctx: Context): string {
  const token = ctx.cookies.get(cookieName(ctx, SESSION));
  return token ? secretHash(token) : '';
}

/** Who is signed in; null when nobody is. */
async function signedIn(ctx: Context, { knex, keeper, clock }: Services): Promise<Actor | null> {
  const token = ctx.cookies.get(cookieName(ctx, SESSION));
  return token ? actorOfSession(knex, keeper.book, token, clock.now()) : null;
}

/** Who is signed in. @throws {ProblemError} when nobody is. */
export async function requireProvider(ctx: Context, services: Services): Promise<Actor> {
  const actor = await signedIn(ctx, services);
  if (!actor) throw fail('sign-in-needed', 'Your work is kept. Sign in and go on.');
  return actor;
}

function door(services: Services, isSignedIn: boolean): Door {
  const home = services.keeper.book.homes[HOME_ID];
  if (!home) return { state: 'set-up-needed', homeName: null, demoPassPhrase: null };
  return {
    state: isSignedIn ? 'signed-in' : 'sign-in-needed',
    homeName: home.name,
    demoPassPhrase: services.demoPassPhrase,
  };
}

export async function showDoor(ctx: Context, services: Services): Promise<void> {
  ctx.body = door(services, (await signedIn(ctx, services)) !== null);
}

/**
 * Whether whoever asks has the code from the terminal of a home that is still to be made.
 * @throws {ProblemError} when they do not, or there is a home.
 */
export async function requireSetUpCode(ctx: Context, services: Services, code: string): Promise<void> {
  const attempt = await services.attempts.take({ door: 'set-up', address: ctx.ip, device: null });
  if (services.keeper.book.homes[HOME_ID]) throw fail('already-set-up', 'Sign in instead.');
  if (!sameText(code.toUpperCase(), services.setUpCode)) {
    services.events.note('wrong-set-up-code', ctx);
    throw fail('wrong-fields', 'Nothing was kept. See the fields below.', [
      { path: ['code'], message: 'This is not the code that the terminal shows' },
    ]);
  }
  await attempt.wasRight();
}

export async function setUp(ctx: Context, services: Services): Promise<void> {
  const { keeper, knex, clock } = services;
  const request = readBy(setupRequestSchema, ctx.request.body);
  await requireSetUpCode(ctx, services, request.code);
  refuseKnown(request.passPhrase, [request.homeName, request.providerName]);
  const personId = `person-${newSecret().slice(0, 16)}`;
  const { zone, homeName: name, providerName } = request;
  const gesture = {
    id: newSecret().replaceAll(/[^A-Za-z0-9]/g, 'x'),
    at: new Date(clock.now()).toISOString(),
    changes: [
      { type: 'house/put-home', home: { id: HOME_ID, name, zone, ...STARTER_RULES } },
      { type: 'house/put-person', person: { id: personId, name: providerName, role: 'provider' } },
      ...starterChanges(),
    ],
  };
  const answer = await keeper.keep(gesture, KOBBY, {
    alongside: (trx) => setPassPhrase(trx, personId, request.passPhrase),
  });
  if (answer.outcome === 'not-kept') throw new ProblemError(answer.problem);
  services.events.note('home-set-up', ctx);
  await startSession(ctx, services, personId, knex);
}

/**
 * Whose pass-phrase it is, by an attempt that counts before it is looked at.
 * @param field where it stands in the request.
 * @throws {ProblemError} when it is nobody's, or too many were wrong.
 */
export async function requirePassPhrase(
  ctx: Context,
  services: Services,
  passPhrase: string,
  field = 'passPhrase',
): Promise<string> {
  const { attempts, knex, clock, events } = services;
  const device = await deviceOf(knex, ctx.cookies.get(cookieName(ctx, DEVICE)), clock.now());
  const attempt = await attempts.take({ door: 'provider', address: ctx.ip, device });
  const personId = await personByPassPhrase(knex, passPhrase);
  if (!personId) {
    events.note('wrong-pass-phrase', ctx);
    throw fail('wrong-pass-phrase', 'This is not the pass-phrase of this home.', [
      { path: [field], message: 'This is not the pass-phrase of this home' },
    ]);
  }
  await attempt.wasRight();
  return personId;
}

export async function signIn(ctx: Context, services: Services): Promise<void> {
  const { passPhrase } = readBy(signInRequestSchema, ctx.request.body);
  const personId = await requirePassPhrase(ctx, services, passPhrase);
  await startSession(ctx, services, personId, services.knex);
}

// No more of it is kept than tells one from the other in a list.
const deviceKind = (ctx: Context): SessionDevice =>
  /mobile|android|iphone|ipad/i.test(ctx.get('User-Agent')) ? 'phone' : 'computer';

async function startSession(
  ctx: Context,
  services: Services,
  personId: string,
  knex: Services['knex'],
): Promise<void> {
  services.events.note('signed-in', ctx);
  const now = services.clock.now();
  const token = await openSession(knex, personId, deviceKind(ctx), now);
  ctx.cookies.set(cookieName(ctx, SESSION), token, { ...cookieOptions(ctx), maxAge: SESSION_MS });
  // It stays when somebody signs out: it opens nothing, and tells who lives here from who guesses.
  if ((await deviceOf(knex, ctx.cookies.get(cookieName(ctx, DEVICE)), now)) === null)
    ctx.cookies.set(cookieName(ctx, DEVICE), await rememberDevice(knex, now), {
      ...cookieOptions(ctx),
      maxAge: DEVICE_MS,
    });
  ctx.body = door(services, true);
}

/** The open pages of sessions that ended hear nothing more. */
export function endStreamsOf({ providers }: Services, sessions: readonly string[]): void {
  providers.each((stream, about) => {
    if (sessions.includes(about)) stream.end();
  });
}

export async function signOut(ctx: Context, services: Services): Promise<void> {
  const token = ctx.cookies.get(cookieName(ctx, SESSION));
  if (token) await closeSession(services.knex, token);
  endStreamsOf(services, [sessionOf(ctx)]);
  services.events.note('signed-out', ctx);
  ctx.cookies.set(cookieName(ctx, SESSION), null, cookieOptions(ctx));
  ctx.body = door(services, false);
}

const shareCookie = (shareId: string): string => `kobby_link_${shareId}`;

/** The token that the browser holds for a link. */
export const shareToken = (ctx: Context, shareId: string): string | undefined =>
  ctx.cookies.get(shareCookie(shareId));

/** Gives the browser the token of a link, for that link's addresses only. */
export function setShareToken(ctx: Context, shareId: string, token: string): void {
  const path = `/api/shared/${shareId}`;
  ctx.cookies.set(shareCookie(shareId), token, { ...cookieOptions(ctx), path, maxAge: SESSION_MS });
}
