import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { problemSchema, readActivityList } from '@kobby/core';
import { afterEach, expect, test } from 'vitest';
import { startTestServer, type TestServer } from '../testing/server.ts';

let server: TestServer | null = null;
afterEach(async () => {
  await server?.stop();
  server = null;
});

test('the examples of docs/formats.md are what the server takes and gives', async () => {
  const text = readFileSync(join(import.meta.dirname, '../../../../docs/formats.md'), 'utf8');
  const [request, shown] = [...text.matchAll(/```json\n([\s\S]*?)```/g)].map(([, json]) => JSON.parse(json!));
  server = await startTestServer();
  const mara = await server.provider();
  const kept = await mara.ask('POST', '/api/gestures', request);
  expect(kept.body.answers).toEqual([expect.objectContaining({ outcome: 'kept' })]);

  expect(problemSchema.parse(shown)).toEqual(shown);
  const unit = { id: 'paper', title: 'Paper', style: 'theme', start: '2027-04-05', dayCount: 0 } as const;
  const { answers: _, ...given } = (await mara.send([{ type: 'unit/start', unit }])).body;
  expect(given).toEqual(shown);
});

test('the list in docs/formats.md is understood whole', () => {
  const text = readFileSync(join(import.meta.dirname, '../../../../docs/formats.md'), 'utf8');
  const [, list] = /```csv\n([\s\S]*?)```/.exec(text)!;
  expect(readActivityList(list!).rows).toEqual([
    expect.objectContaining({
      ok: true,
      hints: [],
      value: expect.objectContaining({ title: 'Straws, blown' }),
    }),
  ]);
});
