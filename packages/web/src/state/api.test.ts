// @vitest-environment happy-dom
import { problem } from '@kobby/core';
import { afterEach, expect, test, vi } from 'vitest';
import { z } from 'zod';
import { ask } from './api.ts';

afterEach(() => vi.unstubAllGlobals());
const schema = z.object({ count: z.number() });
const reply =
  (body: string, status: number, headers: Record<string, string> = {}) =>
  async () =>
    new Response(body, { status, headers });
const said = JSON.stringify(problem('too-many-attempts', 'Wait a minute.'));

/** Each way in which a request can end, and what whoever asked is told. */
const ENDS: readonly (readonly [name: string, fetch: () => Promise<Response>, told: object])[] = [
  ['an answer', reply('{"count":3}', 200), { kind: 'ok', data: { count: 3 } }],
  [
    'no network',
    async () => {
      throw new TypeError('no network');
    },
    { kind: 'unreachable' },
  ],
  [
    'no answer in its time',
    async () => {
      throw new DOMException('too long', 'TimeoutError');
    },
    { kind: 'unreachable' },
  ],
  ['a proxy that finds nobody', reply('<h1>Bad gateway</h1>', 502), { kind: 'unreachable' }],
  ['an answer that is cut off', reply('{"count":', 200), { kind: 'unreachable' }],
  [
    'an answer in another shape',
    reply('{"count":"three"}', 200),
    { kind: 'problem', problem: { status: 500, detail: expect.stringContaining('Load the page anew') } },
  ],
  [
    'refused',
    reply(JSON.stringify(problem('refused', 'It is in use.')), 422),
    { kind: 'problem', problem: { status: 422, detail: 'It is in use.' } },
  ],
  [
    'too large, said by a proxy',
    reply('<h1>Payload too large</h1>', 413),
    { kind: 'problem', problem: { status: 413, type: 'urn:kobby:problem:too-large' } },
  ],
  [
    'too many, with a time to wait',
    reply(said, 429, { 'Retry-After': '30' }),
    { kind: 'problem', retryAfterMs: 30_000, problem: { status: 429, detail: 'Wait a minute.' } },
  ],
  [
    'the server stumbles, without a word',
    reply('', 500),
    { kind: 'problem', problem: { status: 500, type: 'urn:kobby:problem:our-mistake' } },
  ],
  [
    'signed out',
    reply(JSON.stringify(problem('sign-in-needed', '')), 401),
    { kind: 'problem', problem: { status: 401 } },
  ],
];

test.each(ENDS)('every request has an end that is told: %s', async (_, answer, told) => {
  const asked: RequestInit[] = [];
  vi.stubGlobal('fetch', (_path: string, init: RequestInit) => {
    asked.push(init);
    return answer();
  });
  expect(await ask('GET', '/api/anything', schema)).toMatchObject(told);
  expect(asked[0]!.signal).toBeInstanceOf(AbortSignal);
});
