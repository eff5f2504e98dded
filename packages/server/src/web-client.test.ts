import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { startTestServer, type Caller, type TestServer } from './testing/server.ts';

let web: string;
let server: TestServer;
let caller: Caller;
beforeEach(async () => {
  web = mkdtempSync(join(tmpdir(), 'kobby-web-'));
  mkdirSync(join(web, 'assets'));
  writeFileSync(join(web, 'index.html'), '<title>Kobby</title>');
  writeFileSync(join(web, 'assets/index-abc.js'), 'let kobby;');
  writeFileSync(join(web, 'robots.txt'), 'User-agent: *');
  writeFileSync(join(web, '..', 'kobby-outside.txt'), 'outside');
  server = await startTestServer({ webFolder: web });
  caller = server.caller();
});
afterEach(async () => {
  await server.stop();
  rmSync(web, { recursive: true, force: true });
});

describe('the web client', () => {
  test.each(['/', '/units', '/units/unit-kites/corners', '/with/link-1'])(
    'has a page at %s, asked for anew each time',
    async (path) => {
      const { status, body, headers } = await caller.ask('GET', path);
      expect([status, body, headers.get('cache-control')]).toEqual([200, '<title>Kobby</title>', 'no-cache']);
    },
  );

  test('is kept by the browser where names carry a hash', async () => {
    const { status, headers } = await caller.ask('GET', '/assets/index-abc.js');
    expect([status, headers.get('cache-control')]).toEqual([200, 'max-age=31536000,immutable']);
    expect((await caller.ask('GET', '/robots.txt')).body).toBe('User-agent: *');
  });

  test('is sent as it was packed when it was built, to whoever can unpack it', async () => {
    writeFileSync(join(web, 'assets/index-abc.js.br'), brotliCompressSync('let kobby;'));
    writeFileSync(join(web, 'assets/index-abc.js.gz'), gzipSync('let kobby;'));
    for (const [asked, sent] of [
      ['br, gzip', 'br'],
      ['gzip', 'gzip'],
      ['identity', null],
    ] as const) {
      const { body, headers, type } = await caller.ask('GET', '/assets/index-abc.js', undefined, {
        'accept-encoding': asked,
      });
      expect([body, headers.get('content-encoding'), headers.get('vary')]).toEqual([
        'let kobby;',
        sent,
        expect.stringContaining('Accept-Encoding'),
      ]);
      expect(type).toMatch(/javascript/);
    }
  });

  test.each([
    '/assets/gone.js',
    '/assets/../../kobby-outside.txt',
    '/assets/%2e%2e/%2e%2e/kobby-outside.txt',
    '/%2e%2e/kobby-outside.txt',
  ])('gives nothing away at %s', async (path) => {
    expect((await caller.ask('GET', path)).body).not.toBe('outside');
  });

  test('cannot be written to, and does not stand in for the interface of programs', async () => {
    const posted = await caller.ask('POST', '/units', {});
    expect([posted.status, posted.body.type]).toEqual([405, 'urn:kobby:problem:wrong-method']);
    const unknown = await caller.ask('GET', '/api/unknown');
    expect([unknown.status, unknown.type]).toEqual([404, 'application/problem+json']);
  });
});
