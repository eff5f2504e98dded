import { dayInZone, homeOf, MAX_GESTURES_BYTES } from '@kobby/core';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { aGesture, EventReader, startTestServer, type Caller, type TestServer } from '../testing/server.ts';

let server: TestServer;
let mara: Caller;
beforeEach(async () => {
  server = await startTestServer();
  mara = await server.provider();
});
afterEach(() => server.stop());

const paper = { id: 'paper', title: 'Paper', style: 'theme', start: '2027-04-05', dayCount: 5 } as const;
const start = { type: 'unit/start', unit: paper } as const;
const place = (id: string) =>
  ({
    type: 'unit/place',
    id,
    unitId: 'unit-kites',
    activityId: 'ribbon-stick-dance',
    where: { kind: 'corner', cornerId: 'corner-music', fromDay: 4, toDay: 10 },
  }) as const;

describe('a gesture', () => {
  test('that is kept is in the book, in the journal and in the answer', async () => {
    const { seq } = server.app.services.keeper;
    const { status, body } = await mara.send([start]);
    expect(status).toBe(200);
    expect(body.answers).toEqual([
      expect.objectContaining({
        outcome: 'kept',
        seq: seq + 1,
        touched: [{ kind: 'units', id: 'paper', before: 0, after: 1 }],
      }),
    ]);
    const snapshot = await mara.ask('GET', '/api/book');
    expect(snapshot.body.book.units.paper).toMatchObject({ title: 'Paper', version: 1 });
    expect(snapshot.body.history.at(-1)).toMatchObject({ label: 'start Paper' });
  });

  test('sent twice is applied once and gets the same answer', async () => {
    const gesture = aGesture([place('p-twice')]);
    const first = await mara.ask('POST', '/api/gestures', { gestures: [gesture] });
    const again = await mara.ask('POST', '/api/gestures', { gestures: [gesture, gesture] });
    expect(again.body.answers).toEqual([first.body.answers[0], first.body.answers[0]]);
    expect(server.app.services.keeper.seq).toBe(first.body.answers[0].seq);
  });

  test('with an id that was used for something else is a conflict, and the first one stays', async () => {
    const gesture = aGesture([start]);
    await mara.ask('POST', '/api/gestures', { gestures: [gesture] });
    const other = { ...gesture, changes: [{ ...start, unit: { ...paper, title: 'Mirrors' } }] };
    const { status, type, body } = await mara.ask('POST', '/api/gestures', { gestures: [other] });
    expect([status, type, body.type]).toEqual([
      409,
      'application/problem+json',
      'urn:kobby:problem:id-reused',
    ]);
    expect(body.errors[0].path).toEqual(['id']);
    expect(server.app.services.keeper.book.units.paper?.title).toBe('Paper');
  });

  test('with a stale version is a conflict that carries the current state', async () => {
    await mara.send([start]);
    const bases = { 'units/paper': 1 };
    await mara.send([{ type: 'unit/revise', unit: { ...paper, title: 'Paper boats' } }], { bases });
    const late = await mara.send([{ type: 'unit/revise', unit: { ...paper, dayCount: 3 } }], { bases });
    expect([late.status, late.body.type]).toEqual([409, 'urn:kobby:problem:clash']);
    expect(late.body.errors[0].path).toEqual(['bases', 'units/paper']);
    expect(late.body.answers[0].current).toEqual([
      {
        kind: 'units',
        id: 'paper',
        entity: expect.objectContaining({ title: 'Paper boats', dayCount: 5, version: 2 }),
      },
    ]);
  });

  test('is whole or not at all, on the disk too', async () => {
    const { status, body } = await mara.send([start, { ...place('p1'), activityId: 'unknown' }]);
    expect([status, body.errors[0].path]).toEqual([422, ['changes', 1, 'activityId']]);
    expect(await server.app.services.knex('units').where({ id: 'paper' })).toEqual([]);
  });

  test('in a queue is judged on its own, in order', async () => {
    const gestures = [aGesture([start]), { id: 'bad' }, aGesture([start]), aGesture([place('p1')])];
    const { status, body } = await mara.ask('POST', '/api/gestures', { gestures });
    expect(status).toBe(200);
    expect(body.answers.map((answer: { outcome: string }) => answer.outcome)).toEqual([
      'kept',
      'not-kept',
      'not-kept',
      'kept',
    ]);
    expect(body.answers[1].problem.errors.map((e: { path: string[] }) => e.path.join())).toEqual([
      'id',
      'at',
      'changes',
    ]);
  });
});

test('a clock that is ahead writes nothing into days to come; what was done long ago stays when it was', async () => {
  const tick = (day: number) => ({
    type: 'daybook/tick',
    subject: { placementId: 'unit-kites-18', day, supplyId: null },
  });
  for (const [day, at] of [
    [4, '2099-01-01T00:00:00.000Z'],
    [5, '2027-03-09T15:00:00.000Z'],
  ] as const)
    expect((await mara.send([tick(day) as never], { at })).status).toBe(200);
  const ticks = Object.values(server.app.services.keeper.book.ticks).filter(
    ({ placementId }) => placementId === 'unit-kites-18',
  );
  // Days are the home's: in the evening there it is tomorrow already by universal time.
  const { zone } = homeOf(server.app.services.keeper.book);
  const days = ticks.map(({ at }) => dayInZone(Date.parse(at), zone));
  expect(days.toSorted()).toEqual(['2027-03-09', '2027-03-11']);
});

describe('bad input is refused at its field, and nothing is stored', () => {
  const unit = (wrong: object) => [{ type: 'unit/start', unit: { ...paper, ...wrong } }];
  test.each<[string, unknown[], string]>([
    ['no title', unit({ title: '' }), 'changes.0.unit.title'],
    ['a missing title', unit({ title: undefined }), 'changes.0.unit.title'],
    ['a title of 10,000 characters', unit({ title: 'x'.repeat(10_000) }), 'changes.0.unit.title'],
    ['HTML in a title', unit({ title: '<img src=x onerror=alert(1)>' }), 'changes.0.unit.title'],
    ['a date that does not exist', unit({ start: '2027-02-30' }), 'changes.0.unit.start'],
    ['a start on a closed day', unit({ start: '2027-03-15' }), 'changes.0.unit.start'],
    ['a start on a Sunday', unit({ start: '2027-04-04' }), 'changes.0.unit.start'],
    ['0 days', unit({ dayCount: 0 }), 'changes.0.unit.dayCount'],
    ['61 days', unit({ dayCount: 61 }), 'changes.0.unit.dayCount'],
    ['an unknown style', unit({ style: 'chaos' }), 'changes.0.unit.style'],
    ['an unknown kind of change', [{ type: 'unit/explode' }], 'changes.0.type'],
    [
      'an unknown corner',
      [{ ...place('p'), where: { kind: 'corner', cornerId: 'nowhere', fromDay: 1, toDay: 2 } }],
      'changes.0.where.cornerId',
    ],
    ['no changes', [], 'changes'],
  ])('%s', async (_, changes, path) => {
    const before = server.app.services.keeper.book;
    const { status, type, body } = await mara.ask('POST', '/api/gestures', { gestures: [aGesture(changes)] });
    expect([status, type]).toEqual([422, 'application/problem+json']);
    expect(body.errors.map((error: { path: unknown[] }) => error.path.join('.'))).toEqual([path]);
    expect(body.errors[0].message).not.toMatch(/invalid|expected|undefined/i);
    expect(server.app.services.keeper.book).toBe(before);
  });

  test('JSON that is broken, too large, or of another kind', async () => {
    const broken = await mara.ask('POST', '/api/gestures', '{"gestures": [');
    expect([broken.status, broken.type, broken.body.type]).toEqual([
      400,
      'application/problem+json',
      'urn:kobby:problem:not-json',
    ]);
    const large = await mara.ask(
      'POST',
      '/api/gestures',
      JSON.stringify({ gestures: ['x'.repeat(MAX_GESTURES_BYTES)] }),
    );
    expect([large.status, large.body.type]).toEqual([413, 'urn:kobby:problem:too-large']);
    const text = await mara.ask('POST', '/api/gestures', 'hello', { 'content-type': 'text/plain' });
    expect([text.status, text.body.errors[0].path]).toEqual([422, ['gestures']]);
  });

  test('a list of a thousand rows, brought in at once, is not too large', async () => {
    const changes = Array.from({ length: 1000 }, (_, i) => ({
      type: 'cupboard/put-wish',
      wish: { id: `row-${i}`, words: `${i}${'–'.repeat(100)}`, supplyId: null },
    }));
    const body = JSON.stringify({ gestures: [aGesture(changes)], padding: ' '.repeat(2_500_000) });
    const { status } = await mara.ask('POST', '/api/gestures', body);
    expect([status, Object.keys(server.app.services.keeper.book.wishes).length >= 1000]).toEqual([200, true]);
  });

  test('an address that leads nowhere', async () => {
    const { status, type } = await mara.ask('GET', '/api/nothing');
    expect([status, type]).toEqual([404, 'application/problem+json']);
  });
});

describe('listening', () => {
  test('brings what was missed, then what others do, in order', async () => {
    const { seq } = server.app.services.keeper;
    await mara.send([start]);
    const events = new EventReader(await mara.open('GET', `/api/live?since=${seq}`));
    expect(await events.next()).toMatchObject({
      event: 'kept',
      data: { seq: seq + 1, actor: { name: 'Mara' } },
    });
    const other = await server.provider();
    await other.send([place('p-live')]);
    expect(await events.next()).toMatchObject({
      data: { seq: seq + 2, gesture: { changes: [place('p-live')] } },
    });
    await events.close();
  });

  test('tells who is far behind to take a snapshot', async () => {
    const { keeper, knex } = server.app.services;
    const rows = Array.from({ length: 510 }, (_, i) => ({
      gesture_id: `filler-${i}`,
      body_hash: 'x',
      actor_kind: 'person',
      actor_id: 'x',
      actor_name: 'X',
      label: 'x',
      gesture: '{}',
      touched: '[]',
      kept_at: 'x',
    }));
    await keeper.exclusive(() => knex.batchInsert('journal', rows, 50));
    const events = new EventReader(await mara.open('GET', '/api/live?since=0'));
    expect(await events.next()).toMatchObject({ event: 'take-a-snapshot' });
    await events.close();
    expect((await mara.ask('GET', '/api/book?since=0')).body.type).toBe('urn:kobby:problem:take-a-snapshot');
  });

  test('needs a number to begin from', async () => {
    const { status, body } = await mara.ask('GET', '/api/live?since=soon');
    expect([status, body.errors[0].path]).toEqual([422, ['since']]);
  });

  test('the book since a number is what was kept after it', async () => {
    const { seq } = server.app.services.keeper;
    await mara.send([start]);
    const { body } = await mara.ask('GET', `/api/book?since=${seq}`);
    expect([body.seq, body.gestures.length]).toEqual([seq + 1, 1]);
  });
});

// What a route says of itself, its schemas as their types only.
const outline = (value: unknown, depth = 0): unknown => {
  if (typeof value !== 'object' || value === null) return value;
  if ('type' in value && depth > 2) return (value as { type: unknown }).type;
  if (Array.isArray(value)) return value.map((one) => outline(one, depth + 1));
  return Object.fromEntries(Object.entries(value).map(([key, inner]) => [key, outline(inner, depth + 1)]));
};

test('the OpenAPI document describes every route and no other', async () => {
  const { body } = await mara.ask('GET', '/api/openapi.json');
  expect(body.openapi).toBe('3.1.0');
  // Each route as it was approved, but for what the shapes of the book say in it: those have a test of their own.
  const routes = Object.entries(body.paths as Record<string, Record<string, object>>).map(
    ([path, methods]) => [
      path,
      Object.fromEntries(Object.entries(methods).map(([method, says]) => [method, outline(says)])),
    ],
  );
  await expect(JSON.stringify(routes, null, 1)).toMatchFileSnapshot('approved/openapi.json');
  for (const [path, methods] of Object.entries(body.paths as Record<string, Record<string, object>>)) {
    for (const method of Object.keys(methods)) {
      const probe = await server.caller().ask(method.toUpperCase(), path.replaceAll(/[{}]/g, ''));
      // Whatever it says, it is not that the address is unknown.
      expect([path, probe.body.detail]).not.toEqual([path, 'There is nothing at this address.']);
    }
  }
});
