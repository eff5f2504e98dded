import { afterEach, describe, expect, test } from 'vitest';
import { ATTEMPTS } from '../access/limits.ts';
import { aGesture, EventReader, startTestServer, type TestServer } from '../testing/server.ts';

let server: TestServer;
afterEach(() => server.stop());

describe('the door', () => {
  test('opens with the pass-phrase, and the cookie is for this server alone', async () => {
    server = await startTestServer();
    const caller = server.caller();
    expect((await caller.ask('GET', '/api/book')).body.type).toBe('urn:kobby:problem:sign-in-needed');
    expect((await caller.ask('GET', '/api/door')).body).toMatchObject({
      state: 'sign-in-needed',
      homeName: 'Low Shelf House',
    });
    const { status, headers } = await caller.signIn();
    expect(status).toBe(200);
    expect(headers.get('set-cookie')).toMatch(/kobby_session=.*path=\/api;.*samesite=strict;.*httponly/i);
    expect((await caller.ask('GET', '/api/book')).status).toBe(200);
    await caller.ask('DELETE', '/api/session');
    expect((await caller.ask('GET', '/api/book')).status).toBe(401);
  });

  test('tells under which address others reach it, for the links that are handed on', async () => {
    server = await startTestServer({ publicAddress: 'https://kobby.example' });
    const { body } = await (await server.provider()).ask('GET', '/api/book');
    expect(body.publicAddress).toBe('https://kobby.example');
  });

  test('keeps neither pass-phrase nor tokens as they are', async () => {
    server = await startTestServer();
    await server.provider();
    const { knex } = server.app.services;
    const [credential] = await knex('credentials').select('*');
    expect(credential.pass_phrase_hash).toMatch(/^\$argon2id\$/);
    const [session] = await knex('sessions').select('*');
    expect(session.token_hash).toHaveLength(43);
  });

  test('closes for a while after too many wrong attempts', async () => {
    server = await startTestServer();
    const caller = server.caller();
    for (let i = 0; i < ATTEMPTS.points; i++) {
      const { status, body } = await caller.signIn('wrong');
      expect([status, body.errors[0].path]).toEqual([401, ['passPhrase']]);
    }
    const { status, headers, body } = await caller.signIn();
    expect([status, body.type]).toEqual([429, 'urn:kobby:problem:too-many-attempts']);
    expect(Number(headers.get('retry-after'))).toBeGreaterThan(0);
  });

  test('looks at no more of many wrong guesses at once than may be wrong, and never locks out who lives here', async () => {
    server = await startTestServer();
    const mara = server.caller();
    await mara.signIn();
    await mara.ask('DELETE', '/api/session');
    const guesses = await Promise.all(Array.from({ length: 60 }, () => server.caller().signIn('wrong')));
    const statuses = guesses.map(({ status }) => status);
    expect(statuses.filter((status) => status === 401)).toHaveLength(ATTEMPTS.points);
    expect(statuses.filter((status) => status === 429)).toHaveLength(60 - ATTEMPTS.points);
    expect((await server.caller().signIn()).status).toBe(429);
    // The same address, but a device on which she got in before.
    expect((await mara.signIn()).status).toBe(200);
  });

  test('sets cookies that only a secure line can have set, behind a proxy that is trusted', async () => {
    server = await startTestServer({ proxies: 1 });
    const secure = { 'x-forwarded-proto': 'https', 'x-forwarded-for': '203.0.113.9' };
    const { headers } = await server.caller().signIn(undefined, secure);
    for (const cookie of headers.getSetCookie())
      expect(cookie).toMatch(/^__Host-kobby_(?:session|device)=.*path=\/;.*secure;/i);
    expect(headers.getSetCookie()).toHaveLength(2);
  });

  test('takes the word of no proxy that it was not told of', async () => {
    server = await startTestServer();
    for (let i = 0; i < ATTEMPTS.points; i += 1)
      await server.caller().signIn('wrong', { 'x-forwarded-for': `203.0.113.${i}` });
    const more = { 'x-forwarded-for': '203.0.113.99', 'x-forwarded-proto': 'https' };
    const { status } = await server.caller().signIn('wrong', more);
    expect(status).toBe(429);
  });

  test('is told to no cache, and asks for https alone where that is set', async () => {
    server = await startTestServer({ onlyHttps: true });
    const mara = await server.provider();
    for (const path of ['/api/door', '/api/book', '/api/shares', '/api/nothing'])
      expect([path, (await mara.ask('GET', path)).headers.get('cache-control')]).toEqual([path, 'no-store']);
    const { headers } = await mara.ask('GET', '/api/door');
    expect(headers.get('strict-transport-security')).toMatch(/^max-age=31536000/);
  });

  test('lets no other site act in the name of whoever is signed in', async () => {
    server = await startTestServer();
    const mara = await server.provider();
    const body = { gestures: [aGesture([])] };
    const reply = await mara.ask('POST', '/api/gestures', body, { origin: 'http://elsewhere.example' });
    expect([reply.status, reply.body.type]).toEqual([403, 'urn:kobby:problem:not-from-here']);
  });

  test('sends security headers', async () => {
    server = await startTestServer();
    const { headers } = await server.caller().ask('GET', '/api/door');
    expect(headers.get('content-security-policy')?.split(';').toSorted()).toEqual([
      "base-uri 'self'",
      "connect-src 'self'",
      "default-src 'self'",
      "font-src 'self'",
      "form-action 'self'",
      "frame-ancestors 'none'",
      "img-src 'self' data: blob:",
      "object-src 'none'",
      "script-src 'self' 'wasm-unsafe-eval'",
      "style-src 'self' 'unsafe-inline'",
      "worker-src 'self' blob:",
    ]);
    expect(headers.get('cross-origin-opener-policy')).toBeNull();
    expect(headers.get('origin-agent-cluster')).toBeNull();
    expect(headers.get('referrer-policy')).toBe('no-referrer');
    expect(headers.get('strict-transport-security')).toBeNull();
    expect(headers.get('x-content-type-options')).toBe('nosniff');
  });
});

test('who signs out closes the session itself, not only its cookie', async () => {
  server = await startTestServer();
  const caller = server.caller();
  const { headers } = await caller.signIn();
  const cookie = headers.getSetCookie()[0]!.split(';')[0]!;
  expect((await server.caller().ask('GET', '/api/book', undefined, { cookie })).status).toBe(200);
  const out = await caller.ask('DELETE', '/api/session');
  expect(out.status).toBe(200);
  expect((await server.caller().ask('GET', '/api/book', undefined, { cookie })).status).toBe(401);
});

test('who signs out hears nothing more on the pages of that session, and others go on', async () => {
  server = await startTestServer();
  const [here, there] = [await server.provider(), await server.provider()];
  const live = `/api/live?since=${server.app.services.keeper.seq}`;
  const [closed, open] = await Promise.all(
    [here, there].map(async (one) => new EventReader(await one.open('GET', live))),
  );
  await here.ask('DELETE', '/api/session');
  while ((await closed!.next()) !== null);
  await there.send([aClosure]);
  for (;;) {
    const event = await open!.next();
    expect(event).not.toBeNull();
    if (JSON.stringify(event!.data).includes('Roof is mended')) break;
  }
  await open!.close();
});

const aClosure = {
  type: 'house/put-closure',
  closure: { id: 'roof', from: '2027-06-01', to: '2027-06-02', why: 'Roof is mended' },
} as never;

describe('a new home', () => {
  const fields = {
    homeName: 'Oak Corner',
    providerName: 'Ren',
    zone: 'Europe/Stockholm',
    passPhrase: 'four green paper boats',
  };

  test('is made once, with the code from the terminal', async () => {
    server = await startTestServer({ demo: false });
    const caller = server.caller();
    expect((await caller.ask('GET', '/api/door')).body.state).toBe('set-up-needed');
    const wrong = await caller.ask('POST', '/api/setup', { ...fields, code: 'AAAA-BBBB-CCCC' });
    expect([wrong.status, wrong.body.errors[0].path]).toEqual([422, ['code']]);
    const code = server.app.services.setUpCode;
    expect((await caller.ask('POST', '/api/setup', { ...fields, code })).status).toBe(200);
    const { body } = await caller.ask('GET', '/api/book');
    expect([body.me.name, Object.keys(body.book.corners).length, body.history]).toEqual(['Ren', 14, []]);
    expect((await server.caller().signIn(fields.passPhrase)).status).toBe(200);
    expect((await caller.ask('POST', '/api/setup', { ...fields, code })).body.type).toBe(
      'urn:kobby:problem:already-set-up',
    );
  });

  test.each([
    [{ passPhrase: 'short' }, 'passPhrase'],
    [{ zone: 'Mars/Olympus' }, 'zone'],
    [{ homeName: '<b>' }, 'homeName'],
    [{ providerName: ' ' }, 'providerName'],
    [{ code: '' }, 'code'],
  ])('is refused with %o at its field', async (wrong, field) => {
    server = await startTestServer({ demo: false });
    const code = server.app.services.setUpCode;
    const { status, body } = await server.caller().ask('POST', '/api/setup', { ...fields, code, ...wrong });
    expect([status, body.errors.map((error: { path: string[] }) => error.path.join())]).toEqual([
      422,
      [field],
    ]);
  });
});
