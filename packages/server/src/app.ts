import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { constants } from 'node:zlib';
import { bodyParser } from '@koa/bodyparser';
import { send } from '@koa/send';
import Koa, { type Middleware } from 'koa';
import compress from 'koa-compress';
import helmet from 'koa-helmet';
import type { Logger } from 'pino';
import { MAX_GESTURES_BYTES, type PlainDay } from '@kobby/core';
import { knownHostsOnly } from './access/hosts.ts';
import { SecurityLog } from './access/events.ts';
import { ActLimit, AttemptLimit } from './access/limits.ts';
import { sameOriginOnly } from './access/same-origin.ts';
import { newSetUpCode } from './access/secrets.ts';
import { Backups } from './backups/backups.ts';
import { dateOf, homeClock } from './clock.ts';
import { Keeper } from './keeper.ts';
import { quietLog } from './log.ts';
import { Hub } from './live/hub.ts';
import { ShareViews } from './live/share-views.ts';
import { errorBoundary, fail } from './problems.ts';
import { routes } from './routes/index.ts';
import type { Replace, Services } from './routes/services.ts';
import { FolderOutbox } from './standins/outbox.ts';
import { madeUpShop } from './standins/shop.ts';
import { seededWeather } from './standins/weather.ts';
import { openStorage, type Storage } from './store/database.ts';
import { FileStore } from './store/files.ts';
import { startUpkeep } from './upkeep.ts';

// A tenth less of a large book than its packer takes by itself, in the same time.
const ANSWERS = { br: { params: { [constants.BROTLI_PARAM_QUALITY]: 6 } } };

/** How the application is to run. */
export interface AppOptions {
  readonly folder: string;
  /** The built web client; null to serve only the interface for programs. */
  readonly webFolder: string | null;
  /** A home date that stands still, as in the demo; null for the machine's clock in the home's zone. */
  readonly fixedToday: PlainDay | null;
  readonly demoPassPhrase: string | null;
  readonly publicAddress: string | null;
  /** Names under which it answers besides its own address. */
  readonly names?: readonly string[];
  /** How many proxies stand before it, whose word about who asks is taken; 0 for none. */
  readonly proxies?: number;
  /** Browsers are told to come by https only, for a year. */
  readonly onlyHttps?: boolean;
  /** Where what happens is written down; null for nowhere. */
  readonly log?: Logger;
  /** How many of the daily backups are kept. */
  readonly keepsDaily?: number;
  /** How the folder is replaced under the application (host.ts). */
  readonly replace: Replace;
}

/** The application, ready to listen, and what it stands on. */
export interface App {
  readonly koa: Koa;
  readonly services: Services;
  /** Ends what is open and listened to. */
  endStreams(): void;
  /** Lets go of the data folder. */
  close(): Promise<void>;
}

// Largest request: what a queue is cut into, and everything else, is far below it.
const BODY_BYTES = 1_000_000;
// A single act of a person may hold a whole list.
const LARGE_BODY = { path: '/api/gestures', bytes: MAX_GESTURES_BYTES };

/** Opens the data folder and builds the application. It does not listen: tests need no fixed port. */
export async function buildApp(options: AppOptions): Promise<App> {
  const storage = await openStorage(options.folder);
  const log = options.log ?? quietLog();
  const keeper = await Keeper.open(storage.knex, {
    now: () => Date.now(),
    today: (book) => dateOf(book, options.fixedToday),
    wentWrong: (error) => log.error({ err: error }, 'keeper'),
  }).catch(async (error: unknown) => {
    await storage.close();
    throw error;
  });
  const services = makeServices(options, storage, keeper, log);
  const { proxies = 0, names = [], publicAddress } = options;
  const koa = new Koa({ proxy: proxies > 0, maxIpsCount: proxies });
  // A listener that goes away in the middle of a stream is everyday life.
  koa.on('error', (error: NodeJS.ErrnoException) => {
    if (error.code !== 'ERR_STREAM_PREMATURE_CLOSE' && error.code !== 'ECONNRESET')
      log.error({ err: error }, 'http');
  });
  const stopWatching = watchTheDay(services);
  koa.use(securityHeaders(options.onlyHttps ?? false));
  koa.use(compress(ANSWERS));
  koa.use(errorBoundary(log));
  koa.use(knownHostsOnly([...names, ...(publicAddress ? [new URL(publicAddress).hostname] : [])]));
  koa.use(sameOriginOnly(publicAddress));
  koa.use(neverKept());
  koa.use(readJson());
  const router = routes(services);
  koa.use(router.routes());
  koa.use(wrongMethod());
  if (options.webFolder) koa.use(webClient(options.webFolder));
  const stopUpkeep = startUpkeep(services.backups, keeper, log);
  const endStreams = (): void => {
    services.providers.each((stream) => stream.end());
    services.shareViews.stop();
  };
  const close = async (): Promise<void> => {
    stopWatching();
    stopUpkeep();
    endStreams();
    await keeper.close();
    await storage.close();
  };
  return { koa, services, endStreams, close };
}

function makeServices(options: AppOptions, storage: Storage, keeper: Keeper, log: Logger): Services {
  const clock = homeClock(() => keeper.book, options.fixedToday);
  const providers = new Hub<string>();
  keeper.listen((kept) => providers.each((stream) => stream.send('kept', kept, kept.seq)));
  return {
    folder: options.folder,
    knex: storage.knex,
    keeper,
    clock,
    files: new FileStore(options.folder),
    backups: new Backups(options.folder, () => Date.now(), options.keepsDaily),
    replace: options.replace,
    outbox: new FolderOutbox(options.folder, storage.knex),
    weather: seededWeather,
    prices: madeUpShop,
    log,
    attempts: new AttemptLimit(),
    acts: new ActLimit(),
    events: new SecurityLog(log),
    providers,
    shareViews: new ShareViews(keeper, clock),
    setUpCode: newSetUpCode(),
    publicAddress: options.publicAddress,
    demoPassPhrase: options.demoPassPhrase,
  };
}

const DAY_CHECK_MS = 20_000;

// Pages stay open over night: when the home's date changes, all that depends on it is told.
function watchTheDay({ clock, providers, shareViews }: Services): () => void {
  let known = clock.today();
  const timer = setInterval(() => {
    const today = clock.today();
    if (today === known) return;
    known = today;
    providers.each((stream) => stream.send('today', today));
    shareViews.refresh();
  }, DAY_CHECK_MS);
  timer.unref();
  return () => clearInterval(timer);
}

// What is told of a home stays in no cache on the way.
const neverKept = (): Middleware => async (ctx, next) => {
  if (ctx.path.startsWith('/api/')) ctx.set('Cache-Control', 'no-store');
  await next();
};

const securityHeaders = (onlyHttps: boolean): Middleware =>
  helmet({
    // Homes run on plain http inside the house: asking for https there would only break it, so it is asked for by a setting.
    hsts: onlyHttps,
    crossOriginOpenerPolicy: false,
    originAgentCluster: false,
    referrerPolicy: { policy: 'no-referrer' },
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'self'"],
        scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
        workerSrc: ["'self'", 'blob:'],
        styleSrc: ["'self'", "'unsafe-inline'"],
        imgSrc: ["'self'", 'data:', 'blob:'],
        fontSrc: ["'self'"],
        connectSrc: ["'self'"],
        objectSrc: ["'none'"],
        baseUri: ["'self'"],
        formAction: ["'self'"],
        frameAncestors: ["'none'"],
      },
    },
  });

const readJson = (): Middleware => {
  const [usual, large] = [readJsonOf(BODY_BYTES), readJsonOf(LARGE_BODY.bytes)];
  return (ctx, next) => (ctx.path === LARGE_BODY.path ? large : usual)(ctx as never, next);
};

const readJsonOf = (bytes: number): Middleware =>
  bodyParser({
    enableTypes: ['json'],
    jsonLimit: bytes,
    onError: (error) => {
      const tooLarge = 'status' in error && error.status === 413;
      throw tooLarge
        ? fail('too-large', `Nothing was kept. At most ${bytes / 1_000_000} MB fit in one request.`)
        : fail('not-json', `Nothing was kept. ${error.message}`, [{ path: [], message: error.message }]);
    },
  });

// What starts with /api and was not answered has no page of the web client behind it.
const wrongMethod = (): Middleware => async (ctx, next) => {
  if (!ctx.path.startsWith('/api/')) return next();
  throw fail('not-found', 'There is nothing at this address.');
};

const YEAR_MS = 365 * 24 * 60 * 60 * 1000;

// Built files carry their hash in their names and never change; every other address is a page of the client.
const webClient =
  (folder: string): Middleware =>
  async (ctx) => {
    if (ctx.method !== 'GET' && ctx.method !== 'HEAD') throw fail('wrong-method', 'Pages can only be read.');
    const isAsset = ctx.path.startsWith('/assets/');
    const isFile = isAsset || (ctx.path.includes('.') && existsSync(join(folder, ctx.path.slice(1))));
    if (!isFile) ctx.set('Cache-Control', 'no-cache');
    try {
      const options = { root: folder, maxAge: isAsset ? YEAR_MS : 0, immutable: isAsset };
      await send(ctx, isFile ? ctx.path : '/index.html', options);
    } catch {
      throw fail('not-found', 'There is nothing at this address.');
    }
  };
