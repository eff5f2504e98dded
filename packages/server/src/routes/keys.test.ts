// Who may do what: every route with every key and every method, and every act of every link.
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { aGesture, startTestServer, type Caller, type TestServer } from '../testing/server.ts';
import { ENDPOINTS, type Endpoint } from './contract.ts';

let server: TestServer;
let mara: Caller;
let callers: Record<string, Caller>;
afterEach(() => server.stop());

const AT = '2027-03-11T14:00:00.000Z';
const LINKS: Readonly<Record<string, object>> = {
  'link-sol': { fromDay: 4, toDay: 5 },
  // What Sol leads on the fourth day, and nothing else.
  'link-stations': { fromDay: 4, toDay: 4, personId: 'person-sol', scope: 'stations' },
  'link-other': { fromDay: 1, toDay: 1 },
  'link-revoked': { fromDay: 4, toDay: 5 },
  'link-expired': { fromDay: 4, toDay: 5, lastDate: '2027-03-10' },
};

beforeEach(async () => {
  server = await startTestServer();
  mara = await server.provider();
  callers = { nobody: server.caller(), provider: mara };
  for (const [id, rest] of Object.entries(LINKS)) {
    const share = { id, unitId: 'unit-kites', label: id, lastDate: null, ...rest };
    const order = { gestureId: `make-${id}`, at: AT, share };
    const { status, body } = await mara.ask('POST', '/api/shares', order);
    expect([id, status]).toEqual([id, 200]);
    const caller = server.caller();
    await caller.ask('POST', `/api/shared/${id}/enter`, { secret: body.secret });
    callers[id] = caller;
  }
  await mara.send([{ type: 'share/revoke', shareId: 'link-revoked' }], {
    bases: { 'shares/link-revoked': 1 },
  });
});

const METHODS = ['GET', 'POST', 'PUT', 'PATCH', 'DELETE'] as const;
const FILLED: Readonly<Record<string, string>> = { ':sha256': 'a'.repeat(64), ':name': 'nothing.eml' };
const pathOf = (path: string, shareId: string): string =>
  path.replaceAll(/:\w+/g, (name) => (name === ':shareId' ? shareId : (FILLED[name] ?? 'nothing')));

/** The answer's status; the body is left unread, for streams have no end. */
async function statusOf(caller: Caller, method: string, path: string): Promise<number> {
  const body = method === 'POST' || method === 'PUT' || method === 'PATCH' ? {} : undefined;
  const reply = await caller.open(method, path, body);
  await reply.body?.cancel();
  return reply.status;
}

describe('every route', () => {
  const SHUT = new Set([401, 404, 405, 410]);
  const mayEnter = ({ audience }: Endpoint, who: string, shareId: string): boolean =>
    audience === 'anyone' || (audience === 'provider' ? who === 'provider' : who === shareId);

  test('answers whom it is made for, and nobody with another key, for each link', async () => {
    for (const shareId of ['link-sol', 'link-stations', 'link-revoked', 'link-expired', 'nothing'])
      for (const [name, endpoint] of Object.entries(ENDPOINTS) as [string, Endpoint][]) {
        if (shareId !== 'link-sol' && !endpoint.path.includes(':shareId')) continue;
        if (endpoint.audience === 'anyone') continue;
        for (const [who, caller] of Object.entries(callers)) {
          const isClosed = ['link-revoked', 'link-expired', 'nothing'].includes(shareId);
          const status = await statusOf(
            caller,
            endpoint.method.toUpperCase(),
            pathOf(endpoint.path, shareId),
          );
          const isIn = status !== 401 && status !== 410 && !(isClosed && status === 404);
          const expected = mayEnter(endpoint, who, shareId) && !isClosed;
          expect([shareId, name, who, isIn]).toEqual([shareId, name, who, expected]);
        }
      }
  });

  test('knows its own methods and no other', async () => {
    const known = new Map<string, Set<string>>();
    for (const { path, method } of Object.values(ENDPOINTS) as Endpoint[])
      known.set(path, (known.get(path) ?? new Set()).add(method.toUpperCase()));
    for (const [path, methods] of known)
      for (const method of METHODS.filter((one) => !methods.has(one)))
        for (const who of ['nobody', 'provider', 'link-sol']) {
          const status = await statusOf(callers[who]!, method, pathOf(path, 'link-sol'));
          expect([method, path, who, SHUT.has(status)]).toEqual([method, path, who, true]);
        }
  });
});

describe('every act of every link', () => {
  let number = 0;
  const tick = (subject: object) => ({ kind: 'tick', subject, done: true });
  const note = (day: number, placementId: string | null) => ({
    kind: 'note',
    note: { id: `note-${number}`, day, placementId, kind: 'note', text: 'x' },
  });
  const timer = { label: 'Paint dries', startedAt: AT, endsAt: '2027-03-11T14:08:00.000Z' };

  /** Sends an act with a key to a link; whether it was kept. */
  async function isKept(who: string, shareId: string, make: () => object): Promise<boolean> {
    number += 1;
    const act = { gestureId: `act-of-a-link-${number}`, at: AT, act: make() };
    const { status, body } = await callers[who]!.ask('POST', `/api/shared/${shareId}/acts`, { acts: [act] });
    return status === 200 && body.answers[0].outcome === 'kept';
  }

  /** What stands where in the demo's unit, looked up in the book so that the table below stays readable. */
  function found() {
    const { placements, leadings } = server.app.services.keeper.book;
    const ofUnit = Object.values(placements).filter(({ unitId }) => unitId === 'unit-kites');
    const onDay = (day: number) =>
      ofUnit.filter(({ where }) => where.kind === 'day' && where.day === day).map(({ id }) => id as string);
    const ledBySol = Object.values(leadings)
      .filter(({ day, groups }) => day === 4 && groups.some(({ personId }) => personId === 'person-sol'))
      .map(({ placementId }) => placementId as string);
    return {
      mine: ledBySol[0]!,
      notMine: ofUnit.find(
        ({ id, where }) =>
          where.kind === 'corner' && where.fromDay <= 4 && where.toDay >= 4 && !ledBySol.includes(id),
      )!.id as string,
      day5: onDay(5)[0]!,
      day1: onDay(1)[0]!,
    };
  }

  test('is kept when the link shows what it is about, and by no other key', async () => {
    const { mine, notMine, day5, day1 } = found();
    const about = (placementId: string, day: number, supplyId: string | null = null) =>
      tick({ placementId, day, supplyId });
    // What, then whether the link of days 4 and 5 may, the link of Sol's groups on day 4, and the link of day 1.
    const table: readonly [string, () => object, boolean, boolean, boolean][] = [
      ['ticks what Sol leads', () => about(mine, 4), true, true, false],
      ['ticks what others lead', () => about(notMine, 4), true, false, false],
      ['ticks something of the next day', () => about(day5, 5), true, false, false],
      ['ticks something of the first day', () => about(day1, 1), false, false, true],
      ['ticks it on another day', () => about(mine, 5), false, false, false],
      ['ticks a thing that is not needed', () => about(mine, 4, 'plain-flour'), false, false, false],
      ['ticks what is in another unit', () => about('unit-lanterns-1', 4), false, false, false],
      ['ticks a task of another unit', () => tick({ taskId: 'unit-lanterns-5:p1' }), false, false, false],
      ['writes about what Sol leads', () => note(4, mine), true, true, false],
      ['writes about what others lead', () => note(4, notMine), true, false, false],
      ['writes about a day', () => note(4, null), true, true, false],
      ['writes about the next day', () => note(5, null), true, false, false],
      ['writes about the first day', () => note(1, null), false, false, true],
      ['writes about a day that is not there', () => note(9, null), false, false, false],
      ['writes about something on the wrong day', () => note(5, mine), false, false, false],
      ['writes about what is in another unit', () => note(4, 'unit-lanterns-1'), false, false, false],
      [
        'starts a timer',
        () => ({ kind: 'start-timer', timer: { ...timer, id: `timer-${number}` } }),
        true,
        true,
        true,
      ],
      [
        'stops the timer of the house',
        () => ({ kind: 'stop-timer', timerId: 'timer-mara' }),
        false,
        false,
        false,
      ],
    ];
    await mara.send([{ type: 'kitchen/start-timer', timer: { ...timer, id: 'timer-mara' } }]);
    for (const [what, act, ...may] of table)
      for (const [i, shareId] of ['link-sol', 'link-stations', 'link-other'].entries())
        for (const who of Object.keys(callers)) {
          const expected = who === shareId && may[i]!;
          expect([what, shareId, who, await isKept(who, shareId, act)]).toEqual([
            what,
            shareId,
            who,
            expected,
          ]);
        }
  });

  test('is kept of no link that is closed, whoever sends it', async () => {
    for (const shareId of ['link-revoked', 'link-expired', 'nothing'])
      for (const who of Object.keys(callers))
        expect([shareId, who, await isKept(who, shareId, () => note(4, null))]).toEqual([
          shareId,
          who,
          false,
        ]);
  });

  test('shows the same view while nothing changes, and another one after that', async () => {
    const { shareViews } = server.app.services;
    const view = () => shareViews.view('link-sol' as never);
    const before = view();
    expect(view()).toBe(before);
    await isKept('link-sol', 'link-sol', () => note(4, null));
    expect(view()).not.toBe(before);
    expect(view().notes).toHaveLength(before.notes.length + 1);
  });
});

describe('a gesture that is sent again', () => {
  test('is answered as it was to the same person, and refused to anybody else', async () => {
    const sent = aGesture([{ type: 'cupboard/put-wish', wish: { id: 'wish-1', words: 'Kite string' } }]);
    const { keeper } = server.app.services;
    const as = (id: string) => keeper.keep(sent, { kind: 'person', id, name: 'Somebody' });
    const first = await as('mara');
    expect(first.outcome).toBe('kept');
    expect(await as('mara')).toEqual(first);
    expect(await as('wren')).toMatchObject({
      outcome: 'not-kept',
      problem: { type: 'urn:kobby:problem:id-reused' },
    });
    const asShare = await keeper.keep(sent, { kind: 'share', id: 'mara', name: 'Somebody' });
    expect(asShare.outcome).toBe('not-kept');
  });
});
