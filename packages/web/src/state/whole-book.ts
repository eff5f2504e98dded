import { shippedTablesSchema, snapshotSchema, withShipped } from '@kobby/core';
import { ask, type Said } from './api.ts';
import type { BookCopy, Snapshot } from './book-copy.ts';

/**
 * The whole book as the server has it; this device keeps a copy of it. What is in it as it ships comes apart, by its edition, and is kept by
 * the browser: so only what is the home's own is sent each time.
 */
export async function askWhole(copy: BookCopy): Promise<Said<Snapshot>> {
  const said = await ask('GET', '/api/book?apart', snapshotSchema);
  if (said.kind !== 'ok') return said;
  const { shipped, book } = said.data;
  void copy.keep(said.data, Date.now());
  if (shipped === null) return said;
  const kobby = await ask('GET', `/api/library/shipped?edition=${shipped.edition}`, shippedTablesSchema);
  if (kobby.kind !== 'ok') return kobby;
  void copy.keepShipped(kobby.data);
  const whole = kobby.data.edition === shipped.edition ? withShipped(book, shipped, kobby.data.tables) : null;
  // Another edition came between the two.
  return whole ? { ...said, data: { ...said.data, book: whole } } : ask('GET', '/api/book', snapshotSchema);
}
