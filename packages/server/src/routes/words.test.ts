import { themeOffersSchema, toldWordsSchema } from '@kobby/core';
import { afterEach, expect, test } from 'vitest';
import { startTestServer, type TestServer } from '../testing/server.ts';

let server: TestServer;
afterEach(() => server.stop());

test('what belongs to a theme and what is known of names is told to whoever plans, and to nobody else', async () => {
  server = await startTestServer();
  const mara = await server.provider();
  const { things, senses } = themeOffersSchema.parse(
    (await mara.ask('GET', '/api/words/things?theme=crane')).body,
  );
  expect(senses).toHaveLength(2);
  expect(things.map(({ name }) => name)).toContain('hook');
  const other = themeOffersSchema.parse(
    (await mara.ask('GET', '/api/words/things?theme=crane&sense=1')).body,
  );
  expect(other.things.map(({ name }) => name)).toContain('heron');
  const { words } = toldWordsSchema.parse(
    (await mara.ask('GET', '/api/words/told?name=kite&name=xqzt')).body,
  );
  expect(words.map(({ name, spoken }) => [name, spoken])).toEqual([
    ['kite', 'K AY1 T'],
    ['xqzt', null],
  ]);
  for (const path of ['/api/words/things', '/api/words/told', '/api/words/things?theme=a&sense=x'])
    expect((await mara.ask('GET', path)).status, path).toBe(422);
  const many = Array.from({ length: 61 }, (_, i) => `name=${i}`).join('&');
  expect((await mara.ask('GET', `/api/words/told?${many}`)).status).toBe(422);
  expect((await server.caller().ask('GET', '/api/words/things?theme=kites')).status).toBe(401);
});
