import { existsSync, readFileSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import type { AddressInfo } from 'node:net';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { HOME_ID, parsePlainDay } from '@kobby/core';
import { DEMO_TODAY } from '@kobby/starter';
import { buildApp, type App } from './app.ts';
import { DEMO_PASS_PHRASE, makeDemoHome } from './demo.ts';

// What is written is for whoever runs Kobby: names of children are in it.
process.umask(0o077);

const { values: options } = parseArgs({
  options: {
    data: { type: 'string', default: 'data' },
    port: { type: 'string', default: '4310' },
    host: { type: 'string', default: '127.0.0.1' },
    demo: { type: 'boolean', default: false },
    today: { type: 'string' },
    web: { type: 'string' },
    address: { type: 'string' },
    names: { type: 'string', default: '' },
    proxies: { type: 'string', default: '0' },
    'only-https': { type: 'boolean', default: false },
    cert: { type: 'string' },
    key: { type: 'string' },
  },
});

const MOST_PROXIES = 5;

/** Ends the program with a sentence instead of a stack. */
function stopWith(message: string): never {
  console.error(message);
  process.exit(1);
}

function fixedDay() {
  if (options.today === undefined) return options.demo ? DEMO_TODAY : null;
  return parsePlainDay(options.today) ?? stopWith(`--today: there is no such day: ${options.today}`);
}

function fewProxies(): number {
  const count = Number(options.proxies);
  return Number.isInteger(count) && count >= 0 && count <= MOST_PROXIES
    ? count
    : stopWith(`--proxies: a whole number up to ${MOST_PROXIES} is needed: ${options.proxies}`);
}

function makeServer(app: App): Server {
  const callback = app.koa.callback();
  if (!options.cert && !options.key) return createServer(callback);
  if (!options.cert || !options.key) stopWith('--cert and --key belong together');
  return createSecureServer({ cert: readFileSync(options.cert), key: readFileSync(options.key) }, callback);
}

function announce(app: App, server: Server): void {
  const { port } = server.address() as AddressInfo;
  const scheme = options.cert ? 'https' : 'http';
  if (options.demo) console.log(`Demo home. Pass-phrase: ${DEMO_PASS_PHRASE}`);
  if (!app.services.keeper.book.homes[HOME_ID]) {
    console.log(
      `This home is new. Set it up in the browser with this one-time code: ${app.services.setUpCode}`,
    );
  }
  console.log(`Kobby is ready: ${options.address ?? `${scheme}://${options.host}:${port}`}/`);
}

const here = dirname(fileURLToPath(import.meta.url));
const webFolder = resolve(options.web ?? join(here, '../../web/dist'));
const app = await buildApp({
  folder: resolve(options.data),
  webFolder: existsSync(webFolder) ? webFolder : null,
  fixedToday: fixedDay(),
  demoPassPhrase: options.demo ? DEMO_PASS_PHRASE : null,
  publicAddress: options.address ?? null,
  names: [options.host, ...options.names.split(',').map((name) => name.trim())].filter(Boolean),
  proxies: fewProxies(),
  onlyHttps: options['only-https'],
}).catch((error: Error) => stopWith(error.message));

if (options.demo) await makeDemoHome(app);
const server = makeServer(app);
server.on('error', (error) => stopWith(`Cannot listen on ${options.host}:${options.port}: ${error.message}`));
server.listen(Number(options.port), options.host, () => announce(app, server));

/** Lets go of streams and of the data folder. What was acknowledged is on the disk already. */
async function stop(): Promise<void> {
  server.close();
  server.closeAllConnections();
  await app.close();
  process.exit(0);
}
process.on('SIGINT', () => void stop());
process.on('SIGTERM', () => void stop());
