// @vitest-environment happy-dom
import type { Answer } from '@kobby/core';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { z } from 'zod';
import { Outbox } from './outbox.ts';

interface Act {
  readonly id: string;
  readonly text: string;
}
const actSchema = z.object({ id: z.string(), text: z.string() });
const act = (id: string): Act => ({ id, text: `does ${id}` });
const KEPT = { outcome: 'kept' } as Answer;

/** A server that answers, or cannot be reached, as told. */
function aPost() {
  const got: string[][] = [];
  const answered: string[] = [];
  let says: 'kept' | 'again' | 'closed' = 'kept';
  const outbox = (key: string | null = 'acts'): Outbox<Act> => {
    const made = new Outbox<Act>(actSchema, ({ id }) => id, {
      send: async (items) => {
        got.push(items.map(({ id }) => id));
        return says === 'kept' ? items.map(() => KEPT) : says;
      },
      answered: ({ id }) => void answered.push(id),
    });
    if (key) made.takeUp(key);
    return made;
  };
  return { got, answered, outbox, say: (now: typeof says) => (says = now) };
}
const onDevice = (): string[] =>
  (JSON.parse(localStorage.getItem('acts') ?? '[]') as Act[]).map(({ id }) => id);
const ids = (outbox: Outbox<Act>): string[] => outbox.waiting.value.map(({ id }) => id);

beforeEach(() => {
  vi.useFakeTimers();
  localStorage.clear();
});
afterEach(() => {
  vi.useRealTimers();
  vi.restoreAllMocks();
});

test('what is done before there is a way out waits, in order, and goes in one', async () => {
  const post = aPost();
  const outbox = post.outbox();
  outbox.add(act('a'));
  outbox.add(act('b'));
  expect([post.got, ids(outbox), onDevice()]).toEqual([[], ['a', 'b'], ['a', 'b']]);
  outbox.open();
  await vi.advanceTimersByTimeAsync(1);
  expect([post.got, post.answered, ids(outbox)]).toEqual([[['a', 'b']], ['a', 'b'], []]);
  expect(localStorage.length).toBe(0);
});

test('what could not be sent is sent again, together with what came since, until it was answered', async () => {
  const post = aPost();
  const outbox = post.outbox();
  outbox.open();
  post.say('again');
  outbox.add(act('a'));
  await vi.advanceTimersByTimeAsync(100);
  outbox.add(act('b'));
  expect(ids(outbox)).toEqual(['a', 'b']);
  post.say('kept');
  await vi.advanceTimersByTimeAsync(5000);
  expect([post.answered, onDevice()]).toEqual([['a', 'b'], []]);
});

test('behind a closed door nothing is sent and nothing is lost', async () => {
  const post = aPost();
  const outbox = post.outbox();
  outbox.open();
  post.say('closed');
  outbox.add(act('a'));
  await vi.advanceTimersByTimeAsync(10_000);
  outbox.add(act('b'));
  expect([post.got, onDevice()]).toEqual([[['a']], ['a', 'b']]);
  post.say('kept');
  outbox.open();
  await vi.advanceTimersByTimeAsync(1);
  expect(post.answered).toEqual(['a', 'b']);
});

test('two windows of one device lose nothing of each other, and a new one takes up all', async () => {
  const post = aPost();
  const [one, other] = [post.outbox(), post.outbox()];
  one.add(act('a'));
  other.add(act('b'));
  one.add(act('c'));
  expect([ids(one), ids(other), onDevice()]).toEqual([['a', 'c'], ['b'], ['a', 'b', 'c']]);
  one.open();
  await vi.advanceTimersByTimeAsync(1);
  expect(onDevice()).toEqual(['b']);
  expect(ids(post.outbox())).toEqual(['b']);
});

test('one that cannot be read any more does not take the others with it', () => {
  localStorage.setItem('acts', JSON.stringify([act('a'), { id: 7 }, act('c')]));
  expect(ids(aPost().outbox())).toEqual(['a', 'c']);
  localStorage.setItem('acts', 'not a list');
  expect(ids(aPost().outbox())).toEqual([]);
});

test('on a device that keeps nothing the page still has it all', async () => {
  vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
    throw new Error('full');
  });
  const post = aPost();
  const outbox = post.outbox();
  outbox.add(act('a'));
  outbox.add(act('b'));
  outbox.open();
  await vi.advanceTimersByTimeAsync(1);
  expect(post.answered).toEqual(['a', 'b']);
});

test('let go of, it stays on the device; cleared, it does not', () => {
  const outbox = aPost().outbox();
  outbox.add(act('a'));
  outbox.letGo();
  expect([ids(outbox), onDevice()]).toEqual([[], ['a']]);
  outbox.clear();
  expect(localStorage.length).toBe(0);
});

test('what one person left on the way is not sent when another one signs in', async () => {
  const post = aPost();
  const outbox = post.outbox();
  outbox.add(act('a'));
  outbox.takeUp('acts of another');
  outbox.open();
  await vi.advanceTimersByTimeAsync(1);
  expect([post.got, ids(outbox), onDevice()]).toEqual([[], [], ['a']]);
  outbox.takeUp('acts');
  await outbox.flush();
  expect(post.got).toEqual([['a']]);
});
