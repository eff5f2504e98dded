import { mkdtempSync, rmSync } from 'node:fs';
import { request } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { EMPTY_BOOK, SIGNED_IN_IDLE_MS, type Book, type ShareId } from '@kobby/core';
import Koa from 'koa';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { openStorage, type Storage } from '../store/database.ts';
import { DEVICE_MS, deviceOf, rememberDevice } from './devices.ts';
import { knownHostsOnly } from './hosts.ts';
import { isKnown } from './known.ts';
import { AttemptLimit, ATTEMPTS, STRANGERS, type Attempter } from './limits.ts';
import { sameOriginOnly } from './same-origin.ts';
import { newSecret, newSetUpCode, sameText, secretHash } from './secrets.ts';
import {
  actorOfSession,
  closeSession,
  endSessions,
  enterShare,
  keepShareSecret,
  passPhraseHash,
  noteOpened,
  openingsOf,
  openSession,
  openSessions,
  opensShare,
  personByPassPhrase,
  SESSION_MS,
  setPassPhrase,
} from './sessions.ts';

let folder: string;
let storage: Storage;
beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'kobby-access-'));
  storage = await openStorage(folder);
  // Whoever is signed in stands in the book, which this test makes up.
  await storage.knex.raw('PRAGMA foreign_keys = OFF');
});
afterEach(async () => {
  await storage.close();
  rmSync(folder, { recursive: true, force: true });
});

const NOW = Date.parse('2027-03-11T12:00:00.000Z');
const BOOK = {
  ...EMPTY_BOOK,
  people: { mara: { id: 'mara', name: 'Mara' }, wren: { id: 'wren', name: 'Wren' } },
} as unknown as Book;

describe('a session', () => {
  const who = async (token: string, now: number, book: Book = BOOK) =>
    (await actorOfSession(storage.knex, book, token, now))?.name ?? null;

  test('lasts thirty days to the millisecond, and not longer', async () => {
    expect(SESSION_MS).toBe(30 * 86_400_000);
    const token = await openSession(storage.knex, 'mara', 'computer', NOW);
    for (const [after, name] of [
      [0, 'Mara'],
      [SIGNED_IN_IDLE_MS - 1, 'Mara'],
      [2 * SIGNED_IN_IDLE_MS - 2, 'Mara'],
      [SESSION_MS - 1, 'Mara'],
      [SESSION_MS, null],
      [SESSION_MS + 1, null],
    ] as const)
      expect([after, await who(token, NOW + after)]).toEqual([after, name]);
  });

  test('ends when nobody was there for fourteen days', async () => {
    expect(SIGNED_IN_IDLE_MS).toBe(14 * 86_400_000);
    const token = await openSession(storage.knex, 'mara', 'computer', NOW);
    expect(await who(token, NOW + SIGNED_IN_IDLE_MS)).toBeNull();
    expect(await openSessions(storage.knex, '', NOW + SIGNED_IN_IDLE_MS)).toEqual([]);
  });

  test('is told apart from others by what opens nothing, and ends by it', async () => {
    const [own] = [await openSession(storage.knex, 'mara', 'computer', NOW)];
    await openSession(storage.knex, 'mara', 'phone', NOW + 1);
    const list = await openSessions(storage.knex, secretHash(own), NOW + 2);
    expect(list.map(({ device, isThis }) => [device, isThis])).toEqual([
      ['phone', false],
      ['computer', true],
    ]);
    expect(await endSessions(storage.knex, (id) => id === list[0]!.id)).toHaveLength(1);
    expect(await openSessions(storage.knex, '', NOW + 2)).toHaveLength(1);
    expect(await who(own, NOW + 2)).toBe('Mara');
    expect(await who(list[1]!.id, NOW + 2)).toBeNull();
  });

  test('is for its person, and for nobody who is not in the book any more', async () => {
    const [mara, wren] = [
      await openSession(storage.knex, 'mara', 'computer', NOW),
      await openSession(storage.knex, 'wren', 'computer', NOW),
    ];
    expect([await who(mara, NOW), await who(wren, NOW)]).toEqual(['Mara', 'Wren']);
    expect(await who(mara, NOW, EMPTY_BOOK)).toBeNull();
    expect(await who(`${mara}x`, NOW)).toBeNull();
    expect(await who('', NOW)).toBeNull();
  });

  test('ends when it is closed, alone', async () => {
    const [one, other] = [
      await openSession(storage.knex, 'mara', 'computer', NOW),
      await openSession(storage.knex, 'mara', 'computer', NOW),
    ];
    await closeSession(storage.knex, one);
    expect([await who(one, NOW), await who(other, NOW)]).toEqual([null, 'Mara']);
  });

  test('that has run out is swept away when the next one opens; one that runs stays', async () => {
    await openSession(storage.knex, 'mara', 'computer', NOW - SESSION_MS - 1);
    const running = await openSession(storage.knex, 'mara', 'computer', NOW - SIGNED_IN_IDLE_MS + 1000);
    await openSession(storage.knex, 'wren', 'computer', NOW);
    expect(await storage.knex('sessions').select('*')).toHaveLength(2);
    expect(await who(running, NOW)).toBe('Mara');
  });

  test('is kept as a hash alone', async () => {
    const token = await openSession(storage.knex, 'mara', 'computer', NOW);
    const [row] = await storage.knex('sessions').select('*');
    expect(row.token_hash).toBe(secretHash(token));
    expect(JSON.stringify(row)).not.toContain(token);
  });
});

describe('a pass-phrase', () => {
  test('belongs to whoever set it last, however its letters are composed', async () => {
    await setPassPhrase(storage.knex, 'mara', 'a\u0308pfel und drachen');
    await setPassPhrase(storage.knex, 'wren', 'four paper boats');
    const whose = (phrase: string) => personByPassPhrase(storage.knex, phrase);
    expect(await whose('\u00e4pfel und drachen')).toBe('mara');
    expect(await whose('four paper boats')).toBe('wren');
    expect(await whose('five paper boats')).toBeNull();
    await setPassPhrase(storage.knex, 'mara', 'another one now');
    expect(await whose('\u00e4pfel und drachen')).toBeNull();
    expect(await whose('another one now')).toBe('mara');
    expect(await storage.knex('credentials').select('*')).toHaveLength(2);
  });
});

describe('a pass-phrase that guessers try first', () => {
  test.each([
    ['password1234', true],
    ['qwertyuiop12', true],
    ['aaaaaaaaaaaaaaa', true],
    ['Low Shelf House 1', true],
    ['three blue kites', false],
    ['four green paper boats', false],
  ])('%s: %s', (phrase, known) => expect(isKnown(phrase, ['Low Shelf House'])).toBe(known));
});

describe('the secret of a link', () => {
  const sol = 'link-sol' as ShareId;
  const locked = 'link-locked' as ShareId;
  beforeEach(async () => {
    await keepShareSecret(storage.knex, sol, { secret: 'right', passPhraseHash: null });
    await keepShareSecret(storage.knex, locked, {
      secret: 'right too',
      passPhraseHash: await passPhraseHash('blue door'),
    });
  });

  test.each([
    ['link-sol', 'right', undefined, 'token'],
    ['link-sol', 'right', 'whatever', 'token'],
    ['link-sol', 'wrong', undefined, 'wrong-secret'],
    ['link-sol', 'right too', undefined, 'wrong-secret'],
    ['link-none', 'right', undefined, 'wrong-secret'],
    ['link-locked', 'right too', undefined, 'locked'],
    ['link-locked', 'right too', 'red door', 'wrong-phrase'],
    ['link-locked', 'right', 'blue door', 'wrong-secret'],
    ['link-locked', 'right too', 'blue door', 'token'],
  ])('%s with %s and %s gives %s', async (id, secret, phrase, expected) => {
    const got = await enterShare(storage.knex, id as ShareId, secret, phrase, NOW);
    expect(typeof got === 'string' ? got : 'token').toBe(expected);
    if (typeof got === 'string') return;
    expect(await opensShare(storage.knex, id as ShareId, got.token, NOW)).toBe(true);
    expect(await opensShare(storage.knex, id as ShareId, got.token, NOW + SESSION_MS)).toBe(false);
    for (const other of [sol, locked].filter((one) => one !== id))
      expect(await opensShare(storage.knex, other, got.token, NOW)).toBe(false);
    expect(await opensShare(storage.knex, id as ShareId, `${got.token}x`, NOW)).toBe(false);
  });

  test('tells when its own link was opened last', async () => {
    await noteOpened(storage.knex, sol, NOW);
    expect(await openingsOf(storage.knex)).toEqual([
      { shareId: sol, openedAt: '2027-03-11T12:00:00.000Z' },
      { shareId: locked, openedAt: null },
    ]);
  });
});

describe('secrets', () => {
  test('are long, never the same, and compared whole', () => {
    const many = new Set(Array.from({ length: 200 }, newSecret));
    expect(many.size).toBe(200);
    for (const one of many) expect(one).toMatch(/^[\w-]{43}$/);
    expect([sameText('abc', 'abc'), sameText('abc', 'abd'), sameText('abc', 'ab'), sameText('', '')]).toEqual(
      [true, false, false, true],
    );
    expect(secretHash('abc')).toBe('ungWv48Bz-pBQUDeXa4iI7ADYaOWF3qctBD_YfIAFa0');
  });

  test('typed from a terminal use no letters that look alike', () => {
    const codes = Array.from({ length: 100 }, newSetUpCode);
    for (const code of codes) expect(code).toMatch(/^(?:[A-HJKMNP-Z2-9]{4}-){2}[A-HJKMNP-Z2-9]{4}$/);
    expect(new Set(codes).size).toBe(100);
  });
});

describe('attempts', () => {
  const outcome = (promise: Promise<unknown>) =>
    promise.then(
      () => 'looked at',
      (error: { problem: { status: number } }) => error.problem.status,
    );
  const from = (address: string, rest: Partial<Attempter> = {}): Attempter => ({
    door: 'provider',
    address,
    device: null,
    ...rest,
  });

  test('are counted before they are looked at: of many at once no more than may be wrong', async () => {
    const limit = new AttemptLimit();
    const all = await Promise.all(Array.from({ length: 200 }, () => outcome(limit.take(from('here')))));
    expect(all.filter((one) => one === 'looked at')).toHaveLength(ATTEMPTS.points);
    expect(all.filter((one) => one === 429)).toHaveLength(200 - ATTEMPTS.points);
    expect(await outcome(limit.take(from('there')))).toBe('looked at');
    expect([ATTEMPTS, STRANGERS]).toEqual([
      { points: 8, seconds: 900 },
      { points: 60, seconds: 900 },
    ]);
  });

  test('that were right are forgotten with those before, those that guessed nothing by themselves', async () => {
    const limit = new AttemptLimit();
    for (let round = 0; round < 3; round += 1) {
      for (let i = 1; i < ATTEMPTS.points; i += 1) await limit.take(from('here'));
      await (await limit.take(from('here'))).wasRight();
    }
    for (let i = 1; i < ATTEMPTS.points; i += 1) await limit.take(from('here'));
    for (let i = 0; i < 20; i += 1) await (await limit.take(from('here'))).wasNone();
    expect(await outcome(limit.take(from('here')))).toBe('looked at');
    expect(await outcome(limit.take(from('here')))).toBe(429);
  });

  test('from many addresses together are no more than strangers have, and lock out no known device', async () => {
    const limit = new AttemptLimit();
    const all: unknown[] = [];
    for (let i = 0; i < 200; i += 1) all.push(await outcome(limit.take(from(`address-${i}`))));
    expect(all.filter((one) => one === 'looked at')).toHaveLength(STRANGERS.points);
    const known = from('address-1', { device: 'mine' });
    for (let i = 0; i < ATTEMPTS.points; i += 1) expect(await outcome(limit.take(known))).toBe('looked at');
    expect(await outcome(limit.take(known))).toBe(429);
  });

  test('at one door close no other', async () => {
    const limit = new AttemptLimit();
    for (let i = 0; i < ATTEMPTS.points; i += 1) await limit.take(from('here', { door: 'link:a' }));
    expect(await outcome(limit.take(from('here', { door: 'link:a' })))).toBe(429);
    expect(await outcome(limit.take(from('here', { door: 'link:b' })))).toBe('looked at');
    expect(await outcome(limit.take(from('here')))).toBe('looked at');
  });
});

describe('a device', () => {
  test('is known for four hundred days by what it was given, and by nothing else', async () => {
    const token = await rememberDevice(storage.knex, NOW);
    const { length } = await storage.knex('devices').where({ token_hash: token });
    expect(length).toBe(0);
    expect(await deviceOf(storage.knex, token, NOW + DEVICE_MS - 1)).toBe(secretHash(token));
    expect(await deviceOf(storage.knex, token, NOW + DEVICE_MS)).toBeNull();
    expect(await deviceOf(storage.knex, newSecret(), NOW)).toBeNull();
    expect(await deviceOf(storage.knex, undefined, NOW)).toBeNull();
    await rememberDevice(storage.knex, NOW + DEVICE_MS + 1);
    expect(await storage.knex('devices').select('*')).toHaveLength(1);
  });
});

describe('the name of the server', () => {
  const answers = async (host: string, names: readonly string[] = []) => {
    const koa = new Koa();
    koa.silent = true;
    koa.use(knownHostsOnly(names));
    koa.use((ctx) => void (ctx.body = 'here'));
    const server = koa.listen(0);
    const { port } = server.address() as { port: number };
    const status = await new Promise((resolve) => {
      const asked = request({ port, host: '127.0.0.1', headers: { host } }, (reply) => {
        reply.resume();
        resolve(reply.statusCode);
      });
      asked.end();
    });
    server.close();
    return status === 200;
  };
  test.each<[string, readonly string[], boolean]>([
    ['127.0.0.1:4310', [], true],
    ['192.168.1.20', [], true],
    ['[::1]:4310', [], true],
    ['localhost:4310', [], true],
    ['LOCALHOST', [], true],
    ['kobby.example', [], false],
    ['kobby.example:4310', ['Kobby.example'], true],
    ['kobby.example.elsewhere.example', ['kobby.example'], false],
    ['localhost.elsewhere.example', [], false],
    ['127.0.0.1.elsewhere.example', [], false],
    ['x@y', [], false],
  ])('%s with %j: %s', async (host, names, is) => expect(await answers(host, names)).toBe(is));
});

describe('only pages of this server alter anything', () => {
  const passes = async (method: string, origin: string | null, publicAddress: string | null) => {
    const koa = new Koa();
    let came = false;
    koa.use(sameOriginOnly(publicAddress));
    koa.use(() => void (came = true));
    koa.silent = true;
    const server = koa.listen(0);
    const { port } = server.address() as { port: number };
    const own = origin?.replace('OWN', `http://127.0.0.1:${port}`) ?? null;
    const url = `http://127.0.0.1:${port}/`;
    await fetch(url, { method, headers: own === null ? {} : { origin: own } });
    server.closeAllConnections();
    server.close();
    return came;
  };
  const HOME = 'https://home.example:8443/kobby/';

  test.each([
    ['POST', null, null, true],
    ['POST', 'OWN', null, true],
    ['POST', 'http://elsewhere.example', null, false],
    ['POST', 'OWN', HOME, true],
    ['POST', 'https://home.example:8443', HOME, true],
    ['POST', 'https://home.example', HOME, false],
    ['POST', 'http://home.example:8443', HOME, false],
    ['POST', 'https://home.example:8443', null, false],
    ['POST', 'null', HOME, false],
    ['PUT', 'http://elsewhere.example', null, false],
    ['PATCH', 'http://elsewhere.example', null, false],
    ['DELETE', 'http://elsewhere.example', null, false],
    ['DELETE', 'OWN', null, true],
    ['GET', 'http://elsewhere.example', null, true],
    ['OPTIONS', 'http://elsewhere.example', null, true],
  ])('%s from %s, known as %s: %s', async (method, origin, address, expected) => {
    expect(await passes(method, origin, address)).toBe(expected);
  });
});
