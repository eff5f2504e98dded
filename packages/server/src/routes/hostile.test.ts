// Requests that nobody sends in good faith, made from the contract: none of them is our mistake, none tells of the inside, and
// the home opens again afterwards. A few hundred each run, a hundred thousand in check:deep, which also prints what they cost.
import { Agent, request, type OutgoingHttpHeaders } from 'node:http';
import { afterEach, beforeEach, expect, test } from 'vitest';
import { filledFrom } from '../../../core/src/testing/from-schema.ts';
import { seeded } from '../../../core/src/testing/problems.ts';
import { startTestServer, type TestServer } from '../testing/server.ts';
import { ENDPOINTS, type Endpoint, type EndpointName } from './contract.ts';

const COUNT = process.env.KOBBY_DEEP ? 100_000 : 600;
// Each begins a process of its own: some are enough.
const SLOW: ReadonlySet<EndpointName> = new Set<EndpointName>([
  ...(['makeBackup', 'bringBackup', 'homeFile', 'keepFile', 'setUpBrought', 'restore', 'tryBackup'] as const),
]);
const SLOW_SHARE = process.env.KOBBY_DEEP ? 0.002 : 0.05;

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer();
});
afterEach(() => server.stop());

const deep = (depth: number): string => '['.repeat(depth) + ']'.repeat(depth);
const NASTY: readonly unknown[] = [
  ...[null, true, -1, 0, 1e308, 2 ** 53, 0.1, '', ' ', 'x'.repeat(5000), '\ud800', 'a\udfffb', '\u0000', '‮'],
  ...['__proto__', 'constructor', '../../etc/passwd', '%2e%2e%2f', "' OR 1=1 --", '<script>', '${7*7}'],
  ...[
    [],
    {},
    [[[[]]]],
    { length: 9 },
    { __proto__: null },
    { toString: 1 },
    Array.from({ length: 300 }, () => 0),
  ],
  ...['2027-02-30', '9999-12-31T23:59:59.999Z', '-000001-01-01T00:00:00Z', '25:61', 'NaN', '1e999'],
];

type Random = () => number;
const pick = <T>(random: Random, list: readonly T[]): T => list[Math.floor(random() * list.length)]!;

/** A value with something nasty somewhere in it. */
function spoiled(value: unknown, random: Random): unknown {
  if (typeof value !== 'object' || value === null || random() < 0.25) return pick(random, NASTY);
  if (Array.isArray(value)) {
    if (value.length === 0) return [pick(random, NASTY)];
    const at = Math.floor(random() * value.length);
    return value.map((one, i) => (i === at ? spoiled(one, random) : (one as unknown)));
  }
  const entries = Object.entries(value);
  if (entries.length === 0 || random() < 0.15)
    return { ...value, [JSON.stringify(pick(random, NASTY))]: pick(random, NASTY) };
  const at = Math.floor(random() * entries.length);
  return Object.fromEntries(
    entries.map(([key, one], i) => [key, i === at ? spoiled(one, random) : one] as const),
  );
}

function bodyFor(endpoint: Endpoint, random: Random): string {
  if (random() < 0.1)
    return pick(random, ['', '{', 'null', '"x"', deep(20_000), '{"a":'.repeat(3000), '\ufeff{}', '7']);
  let value: unknown = {};
  try {
    if (endpoint.request) value = filledFrom(endpoint.request, random);
  } catch {
    // What cannot be filled is sent spoiled all the same.
  }
  return JSON.stringify(random() < 0.85 ? spoiled(value, random) : value) ?? 'null';
}

const HEADERS: readonly (readonly [string, readonly string[]])[] = [
  [
    'content-type',
    ['application/json', 'application/json; charset=utf-7', 'text/plain', 'x', 'multipart/form-data', ''],
  ],
  ['last-event-id', ['-1', '9'.repeat(40), 'x', '\u00ff', '0']],
  [
    'cookie',
    ['kobby_session=', 'kobby_session=x; kobby_session=y', ';;;==', `a=${'b'.repeat(3000)}`, '\u00e9=\u00ff'],
  ],
  ['accept-encoding', ['gzip;q=x', 'br, *;q=0', '\u00ff']],
  ['origin', ['null', 'https://elsewhere.invalid', 'not a url', '']],
  ['sec-fetch-site', ['cross-site', 'same-origin', '?']],
  ['host', ['', 'elsewhere.invalid', '[::1', 'localhost:99999', '\u00ff']],
  ['x-forwarded-for', ['1.2.3.4', "'", 'unknown, ,']],
  ['content-length', ['-1', '99999999', 'x']],
  ['kobby-code', ['\u00ff', 'x'.repeat(2000)]],
];

function headersFor(random: Random, cookie: string): OutgoingHttpHeaders {
  const headers: OutgoingHttpHeaders = { 'content-type': 'application/json', cookie };
  for (const [name, values] of HEADERS)
    if (random() < 0.06 && name !== 'content-length') headers[name] = pick(random, values);
  return headers;
}

const ODD_QUERIES = [
  '',
  '?since=-1',
  '?since=1&since=2',
  '?since=%00',
  '?name=%F0%9F',
  '?name[]=x',
  '?epoch=x&since=0',
  '?%',
];

function pathFor(endpoint: Endpoint, random: Random): string {
  const path = endpoint.path.replaceAll(/:\w+/g, (name) =>
    name === ':shareId' && random() < 0.6
      ? 'link-sol'
      : pick(random, ['x', '%00', '%2e%2e%2f', '%F0', '__proto__', 'a'.repeat(900), '%ud800', '..%5c', "'"]),
  );
  return path + (random() < 0.3 ? pick(random, ODD_QUERIES) : '');
}

interface Sent {
  readonly status: number;
  readonly text: string;
}

/** Sends as it is, whatever a well-behaved client would refuse to; 0 when the connection was closed without a word. */
function send(
  port: number,
  agent: Agent,
  said: { method: string; path: string; headers: OutgoingHttpHeaders; body: string },
): Promise<Sent> {
  return new Promise((done) => {
    let text = '';
    try {
      const asked = request(
        { port, agent, host: '127.0.0.1', setHost: said.headers.host === undefined, ...said },
        (answer) => {
          const end = (): void => done({ status: answer.statusCode ?? 0, text });
          // A stream does not end by itself.
          if (String(answer.headers['content-type']).startsWith('text/event-stream')) {
            answer.destroy();
            return end();
          }
          answer.setEncoding('utf8');
          answer.on('data', (chunk: string) => (text = (text + chunk).slice(0, 20_000)));
          answer.on('end', end);
          answer.on('error', end);
        },
      );
      asked.on('error', () => done({ status: 0, text }));
      asked.end(said.method === 'GET' || said.method === 'HEAD' ? undefined : said.body);
    } catch {
      done({ status: 0, text: 'not sent' });
    }
  });
}

// Frames of a stack, words of the database, names of folders.
const INSIDE = /\n\s+at \w|SQLITE|SqliteError|node_modules|packages\/server|better-sqlite3|select \*|\/tmp\//;

const part = (sorted: readonly number[], share: number): number =>
  sorted[Math.floor((sorted.length - 1) * share)]!;

test(`${COUNT} hostile requests are none of our mistakes`, { timeout: 3_600_000 }, async () => {
  const mara = await server.provider();
  const share = { id: 'link-sol', unitId: 'unit-kites', label: 'Sol', fromDay: 4, toDay: 5, lastDate: null };
  const made = await mara.ask('POST', '/api/shares', {
    gestureId: 'make-link-sol',
    at: '2027-03-11T14:00:00.000Z',
    share,
  });
  const sol = server.caller();
  await sol.ask('POST', '/api/shared/link-sol/enter', { secret: made.body.secret });
  const cookies = ['', mara.cookie, sol.cookie];
  const random = seeded(22);
  const agent = new Agent({ keepAlive: true, maxSockets: 8 });
  const names = Object.keys(ENDPOINTS) as EndpointName[];
  const statuses = new Map<number, number>();
  const told: string[] = [];
  const waits: number[] = [];
  const memory: number[] = [];
  let left = COUNT;
  const one = async (): Promise<void> => {
    while (left > 0) {
      const name = pick(random, names);
      if (SLOW.has(name) && random() > SLOW_SHARE) continue;
      // Whoever signs out or ends all sessions ends the test.
      if (name === 'signOut' || name === 'endSession' || name === 'restore') continue;
      const endpoint: Endpoint = ENDPOINTS[name];
      const method =
        random() < 0.9 ? endpoint.method.toUpperCase() : pick(random, ['PUT', 'PATCH', 'HEAD', 'DELETE']);
      if (method === 'DELETE') continue;
      left -= 1;
      const said = {
        method,
        path: pathFor(endpoint, random),
        headers: headersFor(random, pick(random, cookies)),
        body: bodyFor(endpoint, random),
      };
      const { status, text } = await send(server.port, agent, said);
      statuses.set(status, (statuses.get(status) ?? 0) + 1);
      if (status >= 500 || INSIDE.test(text))
        told.push(`${status} ${JSON.stringify(said).slice(0, 900)} → ${text.slice(0, 400)}`);
      if (left % 50 === 0) {
        const began = performance.now();
        expect((await mara.ask('GET', '/api/weather')).status).toBe(200);
        waits.push(performance.now() - began);
      }
      if (left % 5000 === 0) memory.push(Math.round(process.memoryUsage().heapUsed / 1_000_000));
    }
  };
  await Promise.all(Array.from({ length: 6 }, one));
  agent.destroy();
  expect(told.slice(0, 5)).toEqual([]);
  expect([...statuses.keys()].filter((status) => status >= 200 && status < 500).length).toBeGreaterThan(5);
  waits.sort((a, b) => a - b);
  if (process.env.KOBBY_DEEP)
    console.log(
      `statuses ${[...statuses]
        .toSorted()
        .map(([status, count]) => `${status}: ${count}`)
        .join(', ')}; ` +
        `an ordinary request meanwhile: median ${part(waits, 0.5).toFixed(0)} ms, 99 % ${part(waits, 0.99).toFixed(0)} ms; ` +
        `megabytes in use: ${memory.join(' ')}`,
    );
  const { book } = server.app.services.keeper;
  await server.stop({ keepFolder: true });
  server = await startTestServer({ folder: server.folder });
  expect(server.app.services.keeper.book).toEqual(book);
});
