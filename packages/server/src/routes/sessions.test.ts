import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { EventReader, startTestServer, type Caller, type TestServer } from '../testing/server.ts';

let server: TestServer;
let mara: Caller;
beforeEach(async () => {
  server = await startTestServer();
  mara = await server.provider();
});
afterEach(() => server.stop());

const PHONE = { 'user-agent': 'Anything (Android; Mobile)' };

describe('where somebody is signed in', () => {
  test('is listed, and ended from anywhere; its stream ends with it', async () => {
    const phone = server.caller();
    await phone.signIn('three blue kites', PHONE);
    const { body } = await mara.ask('GET', '/api/sessions');
    const list = body.sessions as { id: string; device: string; isThis: boolean }[];
    expect(list.map(({ device, isThis }) => [device, isThis]).toSorted()).toEqual([
      ['computer', true],
      ['phone', false],
    ]);
    const stream = new EventReader(await phone.open('GET', '/api/live?since=9999'));
    const { id } = list.find(({ isThis }) => !isThis)!;
    expect((await mara.ask('DELETE', `/api/sessions/${id}`)).body.sessions).toHaveLength(1);
    expect(await stream.next()).toBeNull();
    expect((await phone.ask('GET', '/api/book')).status).toBe(401);
    expect((await mara.ask('DELETE', `/api/sessions/${id}`)).status).toBe(404);
    await phone.signIn('three blue kites', PHONE);
    expect((await mara.ask('DELETE', '/api/sessions/others')).body.sessions).toMatchObject([
      { isThis: true },
    ]);
  });

  test('ends everywhere else when the pass-phrase is changed by who knows the old one', async () => {
    const phone = await server.provider();
    const change = (old: string, passPhrase: string) =>
      mara.ask('POST', '/api/pass-phrase', { old, passPhrase });
    expect((await change('three red kites', 'four green paper boats')).status).toBe(401);
    const known = await change('three blue kites', 'password1234');
    expect([known.status, known.body.errors[0].path]).toEqual([422, ['passPhrase']]);
    expect((await change('three blue kites', 'too short')).status).toBe(422);
    expect((await change('three blue kites', 'four green paper boats')).status).toBe(200);
    expect((await phone.ask('GET', '/api/book')).status).toBe(401);
    expect((await mara.ask('GET', '/api/book')).status).toBe(200);
    expect((await server.caller().signIn()).status).toBe(401);
    expect((await server.caller().signIn('four green paper boats')).status).toBe(200);
  });
});

test('the health of the server says nothing of the home', async () => {
  const { status, body } = await server.caller().ask('GET', '/api/health');
  expect([status, body]).toEqual([200, { ok: true, database: 'answers', disk: 'enough', lastBackup: null }]);
  await server.app.services.backups.make('asked');
  const after = await server.caller().ask('GET', '/api/health');
  expect(after.body.lastBackup).toBe(new Date().toISOString().slice(0, 10));
});
