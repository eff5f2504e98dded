import { shippedTablesSchema, snapshotSchema, usualStockSchema, withShipped } from '@kobby/core';
import { afterEach, expect, test } from 'vitest';
import { startTestServer, type TestServer } from '../testing/server.ts';

let server: TestServer;
afterEach(() => server.stop());

test('what ships comes apart from the book, is kept by its edition, and makes the book whole again', async () => {
  server = await startTestServer();
  const mara = await server.provider();
  const whole = snapshotSchema.parse((await mara.ask('GET', '/api/book')).body);
  expect(whole.shipped).toBeNull();
  const apart = snapshotSchema.parse((await mara.ask('GET', '/api/book?apart')).body);
  const edition = apart.shipped!.edition;
  const kept = await mara.ask('GET', `/api/library/shipped?edition=${edition}`);
  expect(kept.headers.get('cache-control')).toContain('immutable');
  const { tables, edition: has } = shippedTablesSchema.parse(kept.body);
  expect(has).toBe(edition);
  expect(JSON.stringify(withShipped(apart.book, apart.shipped!, tables))).toBe(JSON.stringify(whole.book));
  // Of another edition, or of none, nothing is kept.
  for (const path of ['/api/library/shipped', '/api/library/shipped?edition=old'])
    expect((await mara.ask('GET', path)).headers.get('cache-control')).toBe('no-store');
  expect((await server.caller().ask('GET', '/api/library/shipped')).status).toBe(401);
});

test('what an ordinary home has is an amount above nothing of supplies that a new home knows', async () => {
  server = await startTestServer();
  const mara = await server.provider();
  const { amounts } = usualStockSchema.parse((await mara.ask('GET', '/api/library/usual-stock')).body);
  const { book } = snapshotSchema.parse((await mara.ask('GET', '/api/book')).body);
  expect(Object.keys(amounts).length).toBeGreaterThan(100);
  for (const [id, amount] of Object.entries(amounts)) {
    expect(amount).toBeGreaterThan(0);
    expect(book.supplies, id).toHaveProperty(id);
  }
});
