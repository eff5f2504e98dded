import Router from '@koa/router';
import type { Context } from 'koa';
import {
  bringBackup,
  dropBackup,
  makeBackup,
  restore,
  setUpBrought,
  setUpRestored,
  showBackup,
  showBackups,
  showHomeFile,
  tryBackup,
} from './backups.ts';
import { keepGestures, listenLive, showBook } from './book.ts';
import { showHealth } from './health.ts';
import { ENDPOINTS, type Endpoint, type EndpointName } from './contract.ts';
import { openApiDocument } from './openapi.ts';
import { setUp, showDoor, signIn, signOut } from './door.ts';
import { changePassPhrase, endSession, showSessions } from './sessions.ts';
import { keepFile, showFile, showSharedFile } from './files.ts';
import { showLacking, showShipped, showUsualStock } from './library.ts';
import { sendOut, showMessage, showOutbox, showPrices, showWeather } from './outbox.ts';
import type { Services } from './services.ts';
import { showThemeThings, showToldWords } from './words.ts';
import { actShared, enter, makeShare, showShared, showShares, watchShared } from './shares.ts';

type Handler = (ctx: Context, services: Services, params: Record<string, string>) => Promise<void> | void;

// One handler for each endpoint of the contract; leaving one out does not compile.
const HANDLERS: Readonly<Record<EndpointName, Handler>> = {
  health: showHealth,
  openapi: (ctx) => {
    ctx.body = openApiDocument();
  },
  door: showDoor,
  setUp,
  setUpBrought,
  setUpRestored,
  signIn,
  signOut,
  sessions: showSessions,
  endSession,
  changePassPhrase,
  book: showBook,
  gestures: keepGestures,
  live: listenLive,
  keepFile,
  showFile,
  sharedFile: showSharedFile,
  makeShare,
  shares: showShares,
  outbox: showOutbox,
  sendOut,
  message: showMessage,
  lacking: showLacking,
  shipped: showShipped,
  usualStock: showUsualStock,
  themeThings: showThemeThings,
  toldWords: showToldWords,
  weather: showWeather,
  prices: showPrices,
  backups: showBackups,
  makeBackup,
  bringBackup,
  dropBackup,
  backup: showBackup,
  tryBackup,
  homeFile: showHomeFile,
  restore,
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
