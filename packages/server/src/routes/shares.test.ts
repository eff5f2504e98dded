import { handoverPatchSchema, handoverSchema, LINK_QUOTAS, patched, plainDay } from '@kobby/core';
import { afterEach, describe, expect, test } from 'vitest';
import { ATTEMPTS } from '../access/limits.ts';
import { EventReader, startTestServer, type Caller, type TestServer } from '../testing/server.ts';
import { ENDPOINTS, type Endpoint } from './contract.ts';

let server: TestServer;
afterEach(() => server.stop());

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
  const HALVES = { placementId: 'unit-kites-18', day: 4, supplyId: null };
  const tick = (rest: object = {}, gestureId = 'tick-from-sol-1') => ({
    gestureId,
    at: '2027-03-11T16:00:00.000Z',
    act: { kind: 'tick', subject: HALVES, done: true, ...rest },
  });
  const send = (...acts: readonly unknown[]) => sol.ask('POST', '/api/shared/link-sol/acts', { acts });

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

  test('writes no more than anybody writes: what is beyond waits, or is told, and the rest goes on', async () => {
    await enter();
    await sol.ask('POST', '/api/shared/link-sol/enter', { secret });
    const { knex, keeper } = server.app.services;
    const timer = (i: number) => ({
      gestureId: `timer-of-sol-${i}`,
      at: '2027-03-11T16:00:00.000Z',
      act: {
        kind: 'start-timer',
        timer: {
          id: `t-${i}`,
          label: 'Rice',
          startedAt: '2027-03-11T16:00:00.000Z',
          endsAt: '2027-03-11T17:00:00.000Z',
        },
      },
    });
    const { body } = await send(
      ...Array.from({ length: LINK_QUOTAS.timers + 1 }, (_, i) => timer(i)),
      tick(),
    );
    const outcomes = (body.answers as { outcome: string }[]).map(({ outcome }) => outcome);
    expect(outcomes.slice(-3)).toEqual(['kept', 'not-kept', 'kept']);
    expect(Object.values(keeper.book.timers).filter(({ shareId }) => shareId === 'link-sol')).toHaveLength(
      LINK_QUOTAS.timers,
    );
    const flood = Array.from({ length: 200 }, () => ({ nothing: true }));
    for (let i = 0; i < 2; i += 1) expect((await send(...flood)).status).toBe(200);
    const { status, body: told, headers } = await send(...flood);
    expect([status, told.type, Number(headers.get('retry-after')) > 0]).toEqual([
      429,
      'urn:kobby:problem:too-much',
      true,
    ]);
    expect(await knex('marks').first()).toBeDefined();
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
    const first = await send(tick());
    expect([first.status, first.body.answers[0].outcome]).toEqual([200, 'kept']);
    expect((await send(tick())).body).toEqual(first.body);
    const ticks = () => Object.values(server.app.services.keeper.book.ticks).map(({ by, day }) => [by, day]);
    expect(ticks()).toEqual([['Sol', 4]]);
    await send(tick({ done: false }, 'tick-from-sol-2'));
    expect(ticks()).toEqual([]);
  });

  test('takes a queue in its order, each once, and says of each what became of it', async () => {
    await enter();
    await sol.ask('POST', '/api/shared/link-sol/enter', { secret });
    const note = (text: string, gestureId: string, rest: object = {}) => ({
      gestureId,
      at: '2027-03-11T16:05:00.000Z',
      act: {
        kind: 'note',
        note: { id: `note-${gestureId}`, day: 4, placementId: 'unit-kites-18', kind: 'note', text, ...rest },
      },
    });
    const queue = [
      tick(),
      note('Noor stayed the longest', 'note-from-sol-1'),
      tick({ subject: { ...HALVES, placementId: 'unit-kites-13', day: 1 } }, 'tick-from-sol-3'),
      { nonsense: true },
      note('Two more scarves, please', 'note-from-sol-2', { kind: 'help', placementId: null }),
    ];
    const { body } = await send(...queue);
    expect(body.answers.map((one: { outcome: string }) => one.outcome)).toEqual([
      'kept',
      'kept',
      'not-kept',
      'not-kept',
      'kept',
    ]);
    expect(body.answers[2].problem.detail).toBe('This is not on your list any more.');
    // A queue that was sent and whose answer was lost is sent again.
    await send(...queue);
    const notes = Object.values(server.app.services.keeper.book.notes).filter(({ shareId }) => shareId);
    expect(notes.map(({ kind, text, by, shareId }) => [kind, text, by, shareId])).toEqual([
      ['note', 'Noor stayed the longest', 'Sol', 'link-sol'],
      ['help', 'Two more scarves, please', 'Sol', 'link-sol'],
    ]);
    const shown = (await sol.ask('GET', '/api/shared/link-sol')).body.notes;
    expect(shown.map((one: { text: string }) => one.text)).toHaveLength(2);
  });

  test('keeps what was acknowledged although the thing is gone when it is sent again', async () => {
    await enter();
    await sol.ask('POST', '/api/shared/link-sol/enter', { secret });
    await send(tick());
    await send(tick({ done: false }, 'tick-from-sol-2'));
    const { placements, leadings } = server.app.services.keeper.book;
    await mara.send([{ type: 'unit/unplace', placementId: 'unit-kites-18' as never }], {
      bases: {
        'placements/unit-kites-18': placements['unit-kites-18']!.version,
        'leadings/unit-kites-18:4': leadings['unit-kites-18:4']!.version,
      },
    });
    expect((await send(tick())).body.answers[0].outcome).toBe('kept');
    expect((await send(tick({}, 'tick-from-sol-4'))).body.answers[0].problem.type).toBe(
      'urn:kobby:problem:refused',
    );
  });

  test('starts timers and stops only its own', async () => {
    await enter();
    await sol.ask('POST', '/api/shared/link-sol/enter', { secret });
    const timer = { label: 'Paint dries', startedAt: at, endsAt: '2027-03-11T14:08:00.000Z' };
    await mara.send([{ type: 'kitchen/start-timer', timer: { ...timer, id: 'timer-mara' } }]);
    const stop = (timerId: string, gestureId: string) => ({
      ...{ gestureId, at },
      act: { kind: 'stop-timer', timerId },
    });
    const start = {
      gestureId: 'timer-from-sol',
      at,
      act: { kind: 'start-timer', timer: { ...timer, id: 'timer-sol' } },
    };
    const outcomes = (await send(start, stop('timer-mara', 'stop-timer-1'))).body.answers;
    expect(outcomes.map((one: { outcome: string }) => one.outcome)).toEqual(['kept', 'not-kept']);
    const shown = (await sol.ask('GET', '/api/shared/link-sol')).body.timers;
    expect(shown.map((one: { id: string }) => one.id)).toEqual(['timer-sol']);
    await send(stop('timer-sol', 'stop-timer-2'));
    expect(Object.keys(server.app.services.keeper.book.timers)).toEqual(['timer-mara']);
  });

  test('lets its holder tick what is made ready for its days, and take that back', async () => {
    await enter();
    const { body } = await sol.ask('POST', '/api/shared/link-sol/enter', { secret });
    const tasks = body.days.flatMap((day: { ready: { taskId: string }[] }) => day.ready);
    const { taskId } = tasks.find((one: { ticked: unknown }) => one.ticked === null);
    const subject = { taskId };
    expect((await send(tick({ subject }))).body.answers[0].outcome).toBe('kept');
    const mark = () => server.app.services.keeper.book.prepMarks[taskId]?.by ?? null;
    expect(mark()).toBe('Sol');
    await send(tick({ subject, done: false }, 'tick-from-sol-2'));
    expect(mark()).toBeNull();
    const other = tick({ subject: { taskId: 'unit-lanterns-5:p1' } }, 'tick-from-sol-3');
    expect((await send(other)).body.answers[0].outcome).toBe('not-kept');
  });

  test.each([
    [{ subject: { placementId: 'unit-kites-13', day: 1, supplyId: null } }, 'act'],
    [{ subject: { placementId: 'unit-lanterns-1', day: 4, supplyId: null } }, 'act'],
    [{ subject: { placementId: 'unit-kites-18', day: 4, supplyId: 'plain-flour' } }, 'act'],
    [{ subject: { placementId: 'unit-kites-18', day: 0, supplyId: null } }, 'act.subject.day'],
    [{ done: 'yes' }, 'act.done'],
    [{ kind: 'unit/unplace' }, 'act.kind'],
  ])('lets its holder do nothing else: %o', async (wrong, path) => {
    await enter();
    await sol.ask('POST', '/api/shared/link-sol/enter', { secret });
    const { problem } = (await send(tick(wrong))).body.answers[0];
    expect([problem.status, problem.errors[0].path.join('.')]).toEqual([422, path]);
    expect(server.app.services.keeper.book.ticks).toEqual({});
  });

  test('shows at once what changes, day by day, and the tick is heard by the provider', async () => {
    await enter();
    await sol.ask('POST', '/api/shared/link-sol/enter', { secret });
    const watching = new EventReader(await sol.open('GET', '/api/shared/link-sol/live'));
    const whole = (await watching.next())!;
    expect(whole).toMatchObject({ event: 'handover' });
    const listening = new EventReader(
      await mara.open('GET', `/api/live?since=${server.app.services.keeper.seq}`),
    );
    await send(tick());
    expect(await listening.next()).toMatchObject({ data: { actor: { kind: 'share', name: 'Sol' } } });
    const patch = handoverPatchSchema.parse((await watching.next())!.data);
    expect([patch.numbers, patch.days.map(({ number }) => number)]).toEqual([[4, 5], [4]]);
    const now = patched(handoverSchema.parse(whole.data), patch);
    expect(now.days[0]!.items.find((item) => item.placementId === 'unit-kites-18')?.ticked).toEqual({
      by: 'Sol',
    });
    expect(now).toEqual((await sol.ask('GET', '/api/shared/link-sol')).body);
    await Promise.all([watching.close(), listening.close()]);
  });

  test('asks for its pass-phrase where it has one, and limits guessing', async () => {
    await enter();
    const order = {
      gestureId: 'make-locked',
      at,
      share: { ...share, id: 'locked' },
      passPhrase: 'blue door',
    };
    const { body } = await mara.ask('POST', '/api/shares', order);
    const open = (passPhrase?: string) =>
      sol.ask('POST', '/api/shared/locked/enter', { secret: body.secret, passPhrase });
    expect((await open()).body.type).toBe('urn:kobby:problem:link-locked');
    expect((await open('red door')).body.errors[0].path).toEqual(['passPhrase']);
    expect((await open('blue door')).status).toBe(200);
    const [row] = await server.app.services.knex('share_secrets').where({ share_id: 'locked' });
    expect(row.pass_phrase_hash).toMatch(/^\$argon2id\$/);
    expect(server.app.services.keeper.book.shares.locked?.locked).toBe(true);
    for (let i = 0; i < ATTEMPTS.points; i++) {
      // To ask whether one is needed guesses nothing, and forgets nothing.
      await open();
      await open('red door');
    }
    expect((await open('blue door')).status).toBe(429);
  });

  test('tells the provider when it was last opened', async () => {
    await enter();
    const openings = async () => (await mara.ask('GET', '/api/shares')).body.openings;
    expect(await openings()).toEqual([{ shareId: 'link-sol', openedAt: null }]);
    await sol.ask('POST', '/api/shared/link-sol/enter', { secret });
    const [{ openedAt }] = await openings();
    expect(Date.parse(openedAt)).toBeGreaterThan(0);
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
      ['POST', '/acts', { acts: [tick()] }],
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

describe('every route', () => {
  const PATHS: Readonly<Record<string, string>> = {
    ':shareId': 'link-sol',
    ':sha256': 'a'.repeat(64),
    ':name': 'nothing.eml',
  };
  const pathOf = (path: string): string =>
    path.replaceAll(/:\w+/g, (parameter) => PATHS[parameter] ?? 'nothing');

  /** Everyone who can knock: nobody in particular, the provider, the link, another link, and one that was taken back. */
  async function everyone(): Promise<Record<string, Caller>> {
    server = await startTestServer();
    const mara = await server.provider();
    const callers: Record<string, Caller> = { nobody: server.caller(), provider: mara };
    for (const id of ['link-sol', 'link-other', 'link-revoked']) {
      const { body } = await mara.ask('POST', '/api/shares', {
        gestureId: `make-${id}`,
        at: '2027-03-11T14:00:00.000Z',
        share: { id, unitId: 'unit-kites', label: id, fromDay: 4, toDay: 4, lastDate: null },
      });
      const caller = server.caller();
      await caller.ask('POST', `/api/shared/${id}/enter`, { secret: body.secret });
      callers[id] = caller;
    }
    await mara.send([{ type: 'share/revoke', shareId: 'link-revoked' }], {
      bases: { 'shares/link-revoked': 1 },
    });
    return callers;
  }

  test('lets in those for whom it is made, and nobody with another key', async () => {
    const callers = await everyone();
    const turnedAway = [401, 404, 410];
    for (const [name, endpoint] of Object.entries(ENDPOINTS) as [string, Endpoint][]) {
      if (endpoint.audience === 'anyone') continue;
      for (const [who, caller] of Object.entries(callers)) {
        const mayEnter = endpoint.audience === 'provider' ? who === 'provider' : who === 'link-sol';
        const body = endpoint.method === 'post' ? {} : undefined;
        const reply = await caller.open(endpoint.method.toUpperCase(), pathOf(endpoint.path), body);
        await reply.body?.cancel();
        const isIn = reply.status !== 401 && reply.status !== 410;
        expect([name, who, isIn]).toEqual([name, who, mayEnter]);
        if (!mayEnter) expect(turnedAway).toContain(reply.status);
      }
    }
  });

  test('of a link that was taken back, or of another one, answers with nothing of the home', async () => {
    const callers = await everyone();
    for (const [who, id] of [
      ['link-revoked', 'link-revoked'],
      ['link-other', 'link-sol'],
      ['provider', 'link-sol'],
    ] as const) {
      const { status, body } = await callers[who]!.ask('GET', `/api/shared/${id}`);
      expect([401, 410]).toContain(status);
      expect(JSON.stringify(body)).not.toMatch(/Wind and Kites|Low Shelf/);
    }
  });
});
