import { existsSync, readFileSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import type { AddressInfo } from 'node:net';
import { dirname, join, resolve } from 'node:path';
import { createInterface } from 'node:readline/promises';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { HOME_ID, parsePlainDay } from '@kobby/core';
import { DEMO_TODAY } from '@kobby/starter';
import type { App } from './app.ts';
import { isCommand, runCommand } from './commands.ts';
import { DEMO_PASS_PHRASE, makeDemoHome } from './demo.ts';
import { Host } from './host.ts';
import { fileLog } from './log.ts';
import { setAsideRows } from './store/set-aside.ts';
import { KEEPS_DAILY } from './backups/backups.ts';

// What is written is for whoever runs Kobby: names of children are in it.
process.umask(0o077);

const { values: options, positionals } = parseArgs({
  allowPositionals: true,
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
    'keep-backups': { type: 'string', default: String(KEEPS_DAILY) },
    to: { type: 'string' },
    cert: { type: 'string' },
    key: { type: 'string' },
  },
});

const MOST_PROXIES = 5;
const MOST_BACKUPS = 1000;

/** Ends the program with a sentence instead of a stack. */
function stopWith(message: string): never {
  console.error(message);
  process.exit(1);
}

function fixedDay() {
  if (options.today === undefined) return options.demo ? DEMO_TODAY : null;
  return parsePlainDay(options.today) ?? stopWith(`--today: there is no such day: ${options.today}`);
}

function whole(name: 'proxies' | 'keep-backups', most: number): number {
  const count = Number(options[name]);
  return Number.isInteger(count) && count >= 0 && count <= most
    ? count
    : stopWith(`--${name}: a whole number up to ${most} is needed: ${options[name]}`);
}

function makeServer({ answer }: Host): Server {
  if (!options.cert && !options.key) return createServer(answer);
  if (!options.cert || !options.key) stopWith('--cert and --key belong together');
  return createSecureServer({ cert: readFileSync(options.cert), key: readFileSync(options.key) }, answer);
}

async function announce(app: App, server: Server): Promise<void> {
  const aside = await setAsideRows(app.services.knex);
  if (aside.length > 0)
    console.log(
      `Something of this home could not be read; ${aside.length} entries were set aside or lost a line: see the page Kept.`,
    );
  const { port } = server.address() as AddressInfo;
  const scheme = options.cert ? 'https' : 'http';
  if (options.demo) console.log(`Demo home. Pass-phrase: ${DEMO_PASS_PHRASE}`);
  const address = options.address ?? `${scheme}://${options.host}:${port}`;
  if (!app.services.keeper.book.homes[HOME_ID]) {
    const { setUpCode } = app.services;
    console.log(`This home is new. Set it up in the browser with this one-time code: ${setUpCode}`);
    // What stands behind the sign never reaches a server or its log.
    console.log(`Or open this, and the code is there already: ${address}/enter#${setUpCode}`);
  }
  console.log(`Kobby is ready: ${address}/`);
}

const here = dirname(fileURLToPath(import.meta.url));
const webFolder = resolve(options.web ?? join(here, '../../web/dist'));
const [command, ...words] = positionals;
if (command !== undefined) {
  if (!isCommand(command)) stopWith(`Kobby does not know “${command}”.`);
  await runCommand(command, {
    folder: resolve(options.data),
    words,
    to: options.to ?? null,
    read: (question) => createInterface({ input: process.stdin, output: process.stdout }).question(question),
  }).then(
    (said) => console.log(said),
    (error: Error) => stopWith(error.message),
  );
  process.exit(0);
}

const host = await Host.open({
  folder: resolve(options.data),
  webFolder: existsSync(webFolder) ? webFolder : null,
  fixedToday: fixedDay(),
  demoPassPhrase: options.demo ? DEMO_PASS_PHRASE : null,
  publicAddress: options.address ?? null,
  names: [options.host, ...options.names.split(',').map((name) => name.trim())].filter(Boolean),
  proxies: whole('proxies', MOST_PROXIES),
  keepsDaily: whole('keep-backups', MOST_BACKUPS),
  onlyHttps: options['only-https'],
  log: fileLog(resolve(options.data)),
}).catch((error: Error) => stopWith(error.message));

if (options.demo) await makeDemoHome(host.app);
const server = makeServer(host);
server.on('error', (error) => stopWith(`Cannot listen on ${options.host}:${options.port}: ${error.message}`));
server.listen(Number(options.port), options.host, () => void announce(host.app, server));

/** Lets go of streams and of the data folder. What was acknowledged is on the disk already. */
async function stop(): Promise<void> {
  server.close();
  server.closeAllConnections();
  await host.close();
  process.exit(0);
}
process.on('SIGINT', () => void stop());
process.on('SIGTERM', () => void stop());
