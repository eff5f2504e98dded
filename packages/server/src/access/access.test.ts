import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { EMPTY_BOOK, type Book, type ShareId } from '@kobby/core';
import Koa from 'koa';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { openStorage, type Storage } from '../store/database.ts';
import { AttemptLimit, ATTEMPTS } from './limits.ts';
import { sameOriginOnly } from './same-origin.ts';
import { newSecret, newSetUpCode, sameText, secretHash } from './secrets.ts';
import {
  actorOfSession,
  closeSession,
  enterShare,
  keepShareSecret,
  linkPhraseHash,
  noteOpened,
  openingsOf,
  openSession,
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
    const token = await openSession(storage.knex, 'mara', NOW);
    for (const [after, name] of [
      [0, 'Mara'],
      [SESSION_MS - 1, 'Mara'],
      [SESSION_MS, null],
      [SESSION_MS + 1, null],
    ] as const)
      expect([after, await who(token, NOW + after)]).toEqual([after, name]);
  });

  test('is for its person, and for nobody who is not in the book any more', async () => {
    const [mara, wren] = [
      await openSession(storage.knex, 'mara', NOW),
      await openSession(storage.knex, 'wren', NOW),
    ];
    expect([await who(mara, NOW), await who(wren, NOW)]).toEqual(['Mara', 'Wren']);
    expect(await who(mara, NOW, EMPTY_BOOK)).toBeNull();
    expect(await who(`${mara}x`, NOW)).toBeNull();
    expect(await who('', NOW)).toBeNull();
  });

  test('ends when it is closed, alone', async () => {
    const [one, other] = [
      await openSession(storage.knex, 'mara', NOW),
      await openSession(storage.knex, 'mara', NOW),
    ];
    await closeSession(storage.knex, one);
    expect([await who(one, NOW), await who(other, NOW)]).toEqual([null, 'Mara']);
  });

  test('that has run out is swept away when the next one opens; one that runs stays', async () => {
    await openSession(storage.knex, 'mara', NOW - SESSION_MS - 1);
    const running = await openSession(storage.knex, 'mara', NOW - SESSION_MS + 1000);
    await openSession(storage.knex, 'wren', NOW);
    expect(await storage.knex('sessions').select('*')).toHaveLength(2);
    expect(await who(running, NOW)).toBe('Mara');
  });

  test('is kept as a hash alone', async () => {
    const token = await openSession(storage.knex, 'mara', NOW);
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

describe('the secret of a link', () => {
  const sol = 'link-sol' as ShareId;
  const locked = 'link-locked' as ShareId;
  beforeEach(async () => {
    await keepShareSecret(storage.knex, sol, { secret: 'right', passPhraseHash: null });
    await keepShareSecret(storage.knex, locked, {
      secret: 'right too',
      passPhraseHash: await linkPhraseHash('blue door'),
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
    const got = await enterShare(storage.knex, id as ShareId, secret, phrase);
    expect(typeof got === 'string' ? got : 'token').toBe(expected);
    if (typeof got === 'string') return;
    expect(await opensShare(storage.knex, id as ShareId, got.token)).toBe(true);
    for (const other of [sol, locked].filter((one) => one !== id))
      expect(await opensShare(storage.knex, other, got.token)).toBe(false);
    expect(await opensShare(storage.knex, id as ShareId, `${got.token}x`)).toBe(false);
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

describe('failed attempts', () => {
  test('are counted by address, forgotten after a success, and close the door at their number', async () => {
    const limit = new AttemptLimit();
    const isOpen = (key: string) =>
      limit.check(key).then(
        () => true,
        () => false,
      );
    for (let i = 0; i < ATTEMPTS.points - 1; i += 1) await limit.failed('here');
    expect(await isOpen('here')).toBe(true);
    await limit.succeeded('here');
    for (let i = 0; i < ATTEMPTS.points - 1; i += 1) await limit.failed('here');
    expect(await isOpen('here')).toBe(true);
    await limit.failed('here');
    expect([await isOpen('here'), await isOpen('there')]).toEqual([false, true]);
    const refused = await limit.check('here').catch((error: unknown) => error);
    expect(refused).toMatchObject({ problem: { type: 'urn:kobby:problem:too-many-attempts', status: 429 } });
    expect(ATTEMPTS).toEqual({ points: 8, seconds: 900 });
  });
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
