import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { aGesture, EventReader, startTestServer, type Caller, type TestServer } from '../testing/server.ts';

let server: TestServer;
let mara: Caller;
beforeEach(async () => {
  server = await startTestServer();
  mara = await server.provider();
});
afterEach(() => server.stop());

const CHILD = {
  id: 'child-zq',
  name: 'Zyra Quill',
  shownAs: 'Zyra',
  birth: '2023-02-02',
  attendance: { '1': ['morning'] },
  allergies: [{ allergen: 'egg' as const, words: 'Zyra swells up' }],
  mouthsThings: false,
};

async function liveWithTheChild(): Promise<void> {
  await mara.send([{ type: 'house/put-child', child: CHILD }]);
  await mara.send([{ type: 'house/put-child', child: { ...CHILD, notes: 'Loves Bo' } }], {
    bases: { 'children/child-zq': 1 },
  });
  await mara.send([
    {
      type: 'house/put-absence',
      absence: { id: 'a-zq', childId: 'child-zq', from: '2027-03-15', to: '2027-03-16' },
    },
  ]);
  await mara.send([
    { type: 'cupboard/put-wish', wish: { id: 'wish-zq', words: 'A cup for Zyra Quill', supplyId: null } },
  ]);
}

const forget = () =>
  mara.send([{ type: 'house/forget-child', childId: 'child-zq', words: ['Zyra Quill', 'Zyra'] }], {
    bases: { 'children/child-zq': 2, 'absences/a-zq': 1, 'wishes/wish-zq': 1 },
  });

describe('a child who is forgotten', () => {
  test('is nowhere any more: not in the book, the journal, the history, nor in any byte of the files', async () => {
    await liveWithTheChild();
    expect((await mara.ask('GET', '/api/book')).body.history).toHaveLength(4);
    expect((await forget()).body.answers[0].outcome).toBe('kept');
    const { body } = await mara.ask('GET', '/api/book');
    expect(JSON.stringify(body)).not.toMatch(/zyra|quill/i);
    await server.app.services.keeper.settled();
    expect(body.book.wishes['wish-zq'].words).toBe('A cup for a child');
    expect(JSON.stringify(await server.app.services.knex('journal').select('*'))).not.toMatch(/zyra|quill/i);
    for (const name of readdirSync(server.folder).filter((file) => file.startsWith('kobby.sqlite')))
      expect([name, /zyra|quill/i.test(readFileSync(join(server.folder, name), 'latin1'))]).toEqual([
        name,
        false,
      ]);
  });

  test('cannot come back by undo, and what was sent twice is still known', async () => {
    const first = aGesture([{ type: 'house/put-child', child: CHILD }]);
    const send = () => mara.ask('POST', '/api/gestures', { gestures: [first] });
    const { body: kept } = await send();
    await mara.send([{ type: 'house/forget-child', childId: 'child-zq', words: [] }], {
      bases: { 'children/child-zq': 1 },
    });
    expect((await send()).body).toEqual(kept);
    expect(server.app.services.keeper.book.children['child-zq']).toBeUndefined();
    const { history } = (await mara.ask('GET', '/api/book')).body;
    expect(history.every((line: { inverse: unknown }) => line.inverse === null)).toBe(true);
  });

  test('is told to who listens; whoever was away takes a snapshot instead of the gestures of before', async () => {
    await liveWithTheChild();
    const { seq } = (await mara.ask('GET', '/api/book')).body;
    const stream = new EventReader(await mara.open('GET', `/api/live?since=${seq}`));
    await forget();
    expect((await stream.next())?.data).toMatchObject({
      gesture: { changes: [{ type: 'house/forget-child' }] },
    });
    await stream.close();
    const { status, body } = await mara.ask('GET', `/api/book?since=${seq}`);
    expect([status, body.type]).toEqual([409, 'urn:kobby:problem:take-a-snapshot']);
    expect((await mara.ask('GET', `/api/book?since=${seq + 1}`)).body.gestures).toEqual([]);
  });
});

test('a birthday that is still to come is refused with its place', async () => {
  const { status, body } = await mara.send([
    { type: 'house/put-child', child: { ...CHILD, birth: '2027-03-12' } },
  ]);
  expect([status, body.errors]).toEqual([
    422,
    [{ path: ['changes', 0, 'child', 'birth'], message: 'This day is still to come' }],
  ]);
  expect(server.app.services.keeper.book.children['child-zq']).toBeUndefined();
});
