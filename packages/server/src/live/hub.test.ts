import { EventEmitter } from 'node:events';
import type { PassThrough } from 'node:stream';
import type { Context } from 'koa';
import { expect, test, vi } from 'vitest';
import { Hub, LiveStream, MOST_STREAMS } from './hub.ts';

const aContext = () => ({ req: new EventEmitter(), set: () => undefined, body: null as PassThrough | null });
const asContext = (one: ReturnType<typeof aContext>): Context => one as unknown as Context;

test('who does not read is let go, who reads hears everything', async () => {
  const ends = { reads: vi.fn(), sleeps: vi.fn() };
  const [reads, sleeps] = [aContext(), aContext()];
  const [one, other] = [
    new LiveStream(asContext(reads), ends.reads),
    new LiveStream(asContext(sleeps), ends.sleeps),
  ];
  let heard = 0;
  reads.body!.on('data', (chunk: Buffer) => (heard += chunk.length));
  const words = 'x'.repeat(1_000_000);
  for (let i = 0; i < 12; i += 1) {
    one.send('kept', words, i);
    other.send('kept', words, i);
    await new Promise((resolve) => setImmediate(resolve));
  }
  await vi.waitFor(() => expect(ends.sleeps).toHaveBeenCalledOnce());
  expect(ends.reads).not.toHaveBeenCalled();
  expect(heard).toBeGreaterThan(12_000_000);
  one.end();
});

test('with one stream more than there may be the oldest ends', async () => {
  const hub = new Hub<number>();
  const contexts = Array.from({ length: MOST_STREAMS + 1 }, aContext);
  contexts.forEach((one, i) => {
    hub.add(asContext(one), i);
    one.body!.resume();
  });
  const open = () => {
    const about: number[] = [];
    hub.each((_, i) => about.push(i));
    return about;
  };
  await vi.waitFor(() => expect(open()).toHaveLength(MOST_STREAMS));
  expect(open()).not.toContain(0);
  hub.each((stream) => stream.end());
});
