import Router from '@koa/router';
import type { Context } from 'koa';
import { keepGestures, listenLive, showBook } from './book.ts';
import { ENDPOINTS, openApiDocument, type Endpoint, type EndpointName } from './contract.ts';
import { setUp, showDoor, signIn, signOut } from './door.ts';
import { keepFile, showFile } from './files.ts';
import { sendOut, showMessage, showOutbox, showWeather } from './outbox.ts';
import type { Services } from './services.ts';
import { actShared, enter, makeShare, showShared, showShares, watchShared } from './shares.ts';

type Handler = (ctx: Context, services: Services, params: Record<string, string>) => Promise<void> | void;

// One handler for each endpoint of the contract; leaving one out does not compile.
const HANDLERS: Readonly<Record<EndpointName, Handler>> = {
  health: (ctx) => {
    ctx.body = { ok: true };
  },
  openapi: (ctx) => {
    ctx.body = openApiDocument();
  },
  door: showDoor,
  setUp,
  signIn,
  signOut,
  book: showBook,
  gestures: keepGestures,
  live: listenLive,
  keepFile,
  showFile,
  makeShare,
  shares: showShares,
  outbox: showOutbox,
  sendOut,
  message: showMessage,
  weather: showWeather,
  enterShare: enter,
  shared: showShared,
  sharedActs: actShared,
  sharedLive: watchShared,
};

/** The routes of the contract. */
export function routes(services: Services): Router {
  const router = new Router();
  for (const [name, endpoint] of Object.entries(ENDPOINTS) as [EndpointName, Endpoint][]) {
    router.register(endpoint.path, [endpoint.method], async (ctx: Context) => {
      const { params } = ctx as unknown as { params: Record<string, string> };
      await HANDLERS[name](ctx, services, params);
    });
  }
  return router;
}
