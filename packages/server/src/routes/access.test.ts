import { plainDay } from '@kobby/core';
import { afterEach, describe, expect, test } from 'vitest';
import { ATTEMPTS } from '../access/limits.ts';
import { aGesture, EventReader, startTestServer, type Caller, type TestServer } from '../testing/server.ts';

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
    expect(headers.get('content-security-policy')).toContain("script-src 'self' 'wasm-unsafe-eval'");
    expect(headers.get('content-security-policy')).not.toContain('upgrade-insecure-requests');
    expect(headers.get('strict-transport-security')).toBeNull();
    expect(headers.get('x-content-type-options')).toBe('nosniff');
  });
});

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

describe('a link', () => {
  let mara: Caller;
  let sol: Caller;
  let secret: string;
  const at = '2027-03-11T14:00:00.000Z';
  const share = {
    id: 'link-sol',
    unitId: 'unit-kites',
    label: 'Sol',
    fromDay: 4,
    toDay: 5,
    lastDate: null as string | null,
  };
  const tick = (rest: object = {}) => ({
    gestureId: 'tick-from-sol-1',
    at: '2027-03-11T16:00:00.000Z',
    subject: { placementId: 'unit-kites-18', day: 4, supplyId: null },
    done: true,
    ...rest,
  });

  async function enter(options: { today?: string; lastDate?: string } = {}): Promise<void> {
    server = await startTestServer(options.today ? { today: plainDay(options.today) } : {});
    mara = await server.provider();
    sol = server.caller();
    const order = { gestureId: 'make-link-sol', at, share: { ...share, lastDate: options.lastDate ?? null } };
    const made = await mara.ask('POST', '/api/shares', order);
    expect(made.status).toBe(200);
    ({ secret } = made.body);
  }

  test('opens with its secret, for its days and nothing else', async () => {
    await enter();
    expect((await sol.ask('GET', '/api/shared/link-sol')).status).toBe(401);
    const { status, body, headers } = await sol.ask('POST', '/api/shared/link-sol/enter', { secret });
    expect([status, body.days.map((day: { number: number }) => day.number)]).toEqual([200, [4, 5]]);
    expect(headers.get('set-cookie')).toMatch(/path=\/api\/shared\/link-sol;.*samesite=strict;.*httponly/i);
    expect((await sol.ask('GET', '/api/shared/link-sol')).body).toEqual(body);
    for (const [method, path] of [
      ['GET', '/api/book'],
      ['GET', '/api/live?since=0'],
      ['POST', '/api/gestures'],
      ['POST', '/api/shares'],
    ] as const) {
      expect((await sol.ask(method, path, method === 'POST' ? {} : undefined)).status).toBe(401);
    }
    const [kept] = await server.app.services.knex('share_secrets').select('*');
    expect(kept.secret_hash).not.toContain(secret);
  });

  test('does not open with another secret, nor for another link', async () => {
    await enter();
    const wrong = await sol.ask('POST', '/api/shared/link-sol/enter', { secret: 'guess' });
    expect([wrong.status, wrong.body.type]).toEqual([404, 'urn:kobby:problem:not-found']);
    expect((await sol.ask('POST', '/api/shared/nothing/enter', { secret })).status).toBe(404);
    expect((await sol.ask('POST', '/api/shared/link-sol/enter', {})).body.errors[0].path).toEqual(['secret']);
  });

  test('is made once, and its secret is told once, however often it is asked for', async () => {
    await enter();
    const again = { gestureId: 'make-link-sol', at, share };
    const { status, body } = await mara.ask('POST', '/api/shares', again);
    expect([status, body.type, body.secret]).toEqual([409, 'urn:kobby:problem:id-reused', undefined]);
    expect((await sol.ask('POST', '/api/shared/link-sol/enter', { secret })).status).toBe(200);
  });

  test('lets its holder tick what it shows, once, and take the tick back', async () => {
    await enter();
    await sol.ask('POST', '/api/shared/link-sol/enter', { secret });
    const first = await sol.ask('POST', '/api/shared/link-sol/ticks', tick());
    expect([first.status, first.body.outcome]).toEqual([200, 'kept']);
    expect((await sol.ask('POST', '/api/shared/link-sol/ticks', tick())).body).toEqual(first.body);
    const ticks = () => Object.values(server.app.services.keeper.book.ticks).map(({ by, day }) => [by, day]);
    expect(ticks()).toEqual([['Sol', 4]]);
    await sol.ask('POST', '/api/shared/link-sol/ticks', tick({ gestureId: 'tick-from-sol-2', done: false }));
    expect(ticks()).toEqual([]);
  });

  test('lets its holder tick what is made ready for its days, and take that back', async () => {
    await enter();
    const { body } = await sol.ask('POST', '/api/shared/link-sol/enter', { secret });
    const tasks = body.days.flatMap((day: { ready: { taskId: string }[] }) => day.ready);
    const { taskId } = tasks.find((one: { ticked: unknown }) => one.ticked === null);
    const subject = { taskId };
    const done = await sol.ask('POST', '/api/shared/link-sol/ticks', tick({ subject }));
    expect([done.status, done.body.outcome]).toEqual([200, 'kept']);
    const mark = () => server.app.services.keeper.book.prepMarks[taskId]?.by ?? null;
    expect(mark()).toBe('Sol');
    const back = tick({ subject, gestureId: 'tick-from-sol-2', done: false });
    await sol.ask('POST', '/api/shared/link-sol/ticks', back);
    expect(mark()).toBeNull();
    const other = tick({ subject: { taskId: 'unit-lanterns-5:p1' }, gestureId: 'tick-from-sol-3' });
    expect((await sol.ask('POST', '/api/shared/link-sol/ticks', other)).status).toBe(422);
  });

  test.each([
    [{ subject: { placementId: 'unit-kites-13', day: 1, supplyId: null } }, 422, 'subject'],
    [{ subject: { placementId: 'unit-lanterns-1', day: 4, supplyId: null } }, 422, 'subject'],
    [{ subject: { placementId: 'unit-kites-18', day: 4, supplyId: 'plain-flour' } }, 422, 'subject'],
    [{ subject: { placementId: 'unit-kites-18', day: 0, supplyId: null } }, 422, 'subject.day'],
    [{ gestureId: 'x' }, 422, 'gestureId'],
    [{ done: 'yes' }, 422, 'done'],
  ])('lets its holder tick nothing else: %o', async (wrong, status, path) => {
    await enter();
    await sol.ask('POST', '/api/shared/link-sol/enter', { secret });
    const reply = await sol.ask('POST', '/api/shared/link-sol/ticks', tick(wrong));
    expect([reply.status, reply.body.errors[0].path.join('.')]).toEqual([status, path]);
    expect(server.app.services.keeper.book.ticks).toEqual({});
  });

  test('shows at once what changes, and the tick is heard by the provider', async () => {
    await enter();
    await sol.ask('POST', '/api/shared/link-sol/enter', { secret });
    const watching = new EventReader(await sol.open('GET', '/api/shared/link-sol/live'));
    expect(await watching.next()).toMatchObject({ event: 'handover' });
    const listening = new EventReader(
      await mara.open('GET', `/api/live?since=${server.app.services.keeper.seq}`),
    );
    await sol.ask('POST', '/api/shared/link-sol/ticks', tick());
    expect(await listening.next()).toMatchObject({ data: { actor: { kind: 'share', name: 'Sol' } } });
    const shown = (await watching.next())!.data as {
      days: { items: { placementId: string; ticked: unknown }[] }[];
    };
    expect(shown.days[0]!.items.find((item) => item.placementId === 'unit-kites-18')?.ticked).toEqual({
      by: 'Sol',
    });
    await Promise.all([watching.close(), listening.close()]);
  });

  test('that is taken back closes at once, for the stream as for everything else', async () => {
    await enter();
    await sol.ask('POST', '/api/shared/link-sol/enter', { secret });
    const watching = new EventReader(await sol.open('GET', '/api/shared/link-sol/live'));
    await watching.next();
    const bases = { 'shares/link-sol': 1 };
    await mara.send([{ type: 'share/revoke', shareId: 'link-sol' }], { bases });
    expect(await watching.next()).toMatchObject({ event: 'closed' });
    expect(await watching.next()).toBeNull();
    for (const [method, path, body] of [
      ['GET', '', undefined],
      ['POST', '/ticks', tick()],
      ['POST', '/enter', { secret }],
    ] as const) {
      const reply = await sol.ask(method, `/api/shared/link-sol${path}`, body);
      expect([reply.status, reply.type, reply.body.type]).toEqual([
        410,
        'application/problem+json',
        'urn:kobby:problem:link-revoked',
      ]);
    }
  });

  test('that has run out says until when it could be used', async () => {
    await enter({ today: '2027-03-12', lastDate: '2027-03-11' });
    const { status, body } = await sol.ask('POST', '/api/shared/link-sol/enter', { secret });
    expect([status, body.type]).toEqual([410, 'urn:kobby:problem:link-expired']);
    expect(body.detail).toContain('2027-03-11');
  });

  test('cannot be made for a unit that is not there, nor with days that run backwards', async () => {
    await enter();
    const make = (rest: object) =>
      mara.ask('POST', '/api/shares', {
        gestureId: 'another-link',
        at,
        share: { ...share, id: 'other', ...rest },
      });
    expect((await make({ unitId: 'gone' })).body.errors[0].path).toEqual(['changes', 0, 'share', 'unitId']);
    expect((await make({ fromDay: 5, toDay: 4 })).body.errors[0].path).toEqual(['share', 'toDay']);
    expect((await make({ label: '' })).body.errors[0].path).toEqual(['share', 'label']);
    expect(await server.app.services.knex('share_secrets').select('*')).toHaveLength(1);
  });
});
