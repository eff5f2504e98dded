// @vitest-environment happy-dom
import { MAX_GESTURES, problem, type Answer, type Problem } from '@kobby/core';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
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

/** A device that takes nothing more, until there is room again. */
function withoutRoom(): () => void {
  const device = localStorage;
  const full = {
    getItem: (key: string) => device.getItem(key),
    removeItem: (key: string) => device.removeItem(key),
    setItem: () => {
      throw new DOMException('full', 'QuotaExceededError');
    },
  };
  vi.stubGlobal('localStorage', full);
  return () => void vi.unstubAllGlobals();
}

beforeEach(() => {
  vi.useFakeTimers();
  localStorage.clear();
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
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

test('while nothing answers, it is tried again at one time, however much is added', async () => {
  const post = aPost();
  const outbox = post.outbox();
  outbox.open();
  post.say('again');
  for (let i = 0; i < 40; i += 1) {
    outbox.add(act(`act-${i}`));
    await vi.advanceTimersByTimeAsync(1);
  }
  const before = post.got.length;
  await vi.advanceTimersByTimeAsync(15_000);
  expect(post.got.length - before).toBeLessThanOrEqual(11);
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
  withoutRoom();
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

describe('a server that answers, but does not take what is sent', () => {
  /** A server that has a say about each request. */
  function aServer(
    judge: (ids: readonly string[]) => Problem | null,
    isUrgent?: (item: Act) => boolean,
    retryAfterMs: number | null = null,
  ) {
    const got: string[][] = [];
    const answers = new Map<string, Answer['outcome']>();
    const outbox = new Outbox<Act>(actSchema, ({ id }) => id, {
      send: async (items) => {
        got.push(items.map(({ id }) => id));
        const refused = judge(got.at(-1)!);
        return refused ? { problem: refused, retryAfterMs } : items.map(() => KEPT);
      },
      answered: ({ id }, { outcome }) => void answers.set(id, outcome),
      ...(isUrgent && { isUrgent }),
    });
    outbox.takeUp('acts');
    return { got, answers, outbox };
  }
  const TOO_LARGE = problem('too-large', 'At most so much fits.');
  const OUR_MISTAKE = problem('our-mistake', 'Something went wrong.');
  const settle = () => vi.advanceTimersByTimeAsync(200_000);

  test('gets smaller requests, until what is too large by itself is known: that one is told, all others arrive', async () => {
    const { got, answers, outbox } = aServer((ids) => (ids.includes('f') ? TOO_LARGE : null));
    for (const id of 'abcdefghij') outbox.add(act(id));
    outbox.open();
    await settle();
    expect([...answers].filter(([, outcome]) => outcome === 'not-kept')).toEqual([['f', 'not-kept']]);
    expect([answers.size, ids(outbox), onDevice(), outbox.trouble.value]).toEqual([10, [], [], null]);
    expect(got.length).toBeLessThan(12);
  });

  test('never gets more bytes or more acts at once than it takes', async () => {
    const sizes: number[] = [];
    const { got, answers, outbox } = aServer(() => null);
    for (let i = 0; i < 120; i += 1) outbox.add({ id: `edit-${i}`, text: '–'.repeat(10_000) });
    for (let i = 0; i < MAX_GESTURES + 50; i += 1) outbox.add(act(`small-${i}`));
    outbox.open();
    await settle();
    for (const request of got)
      sizes.push(request.filter((id) => id.startsWith('edit')).length * 30_000 + request.length * 40);
    expect(Math.max(...sizes)).toBeLessThan(1_000_000);
    expect(Math.max(...got.map((request) => request.length))).toBe(MAX_GESTURES);
    expect(answers.size).toBe(MAX_GESTURES + 170);
  });

  test('stumbles over one: what stands behind it arrives, and it is tried again, seldom, until it is taken', async () => {
    let isMended = false;
    const { got, answers, outbox } = aServer((ids) => (ids.includes('b') && !isMended ? OUR_MISTAKE : null));
    for (const id of 'abcd') outbox.add(act(id));
    outbox.open();
    await settle();
    expect([[...answers.keys()].toSorted(), ids(outbox), onDevice()]).toEqual([
      ['a', 'c', 'd'],
      ['b'],
      ['b'],
    ]);
    expect(outbox.trouble.value).toEqual(OUR_MISTAKE);
    const before = got.length;
    await vi.advanceTimersByTimeAsync(120_000);
    expect(got.length - before).toBeLessThanOrEqual(2);
    isMended = true;
    await settle();
    expect([answers.get('b'), ids(outbox), outbox.trouble.value]).toEqual(['kept', [], null]);
  });

  test('stumbles over two: each has its turn again', async () => {
    let isMended = false;
    const { answers, outbox } = aServer((ids) =>
      ids.includes('b') || (ids.includes('d') && !isMended) ? OUR_MISTAKE : null,
    );
    for (const id of 'abcd') outbox.add(act(id));
    outbox.open();
    await settle();
    expect(ids(outbox)).toEqual(['b', 'd']);
    isMended = true;
    await settle();
    expect([answers.get('d'), ids(outbox)]).toEqual(['kept', ['b']]);
  });

  test('that says when it has time again is asked then, for all of them', async () => {
    let isBusy = true;
    const tooMuch = problem('too-much', 'Wait.');
    const { got, outbox } = aServer(() => (isBusy ? tooMuch : null), undefined, 60_000);
    for (const id of 'abc') outbox.add(act(id));
    outbox.open();
    await vi.advanceTimersByTimeAsync(59_000);
    expect([got.length, ids(outbox)]).toEqual([1, ['a', 'b', 'c']]);
    isBusy = false;
    await vi.advanceTimersByTimeAsync(2000);
    expect([got.at(-1), ids(outbox)]).toEqual([['a', 'b', 'c'], []]);
  });

  test('a call for help goes before everything that waits', async () => {
    const { got, outbox } = aServer(
      () => null,
      ({ id }) => id === 'help',
    );
    for (const id of ['a', 'b', 'help', 'c']) outbox.add(act(id));
    outbox.open();
    await settle();
    expect(got).toEqual([['help', 'a', 'b', 'c']]);
  });
});

test('a device without room is told, and everything goes out from the page', async () => {
  const post = aPost();
  const outbox = post.outbox();
  for (let i = 0; i < 10; i += 1) outbox.add(act(`early-${i}`));
  expect(outbox.isOnDevice.value).toBe(true);
  const makeRoom = withoutRoom();
  for (let i = 0; i < 190; i += 1) outbox.add(act(`late-${i}`));
  expect([outbox.isOnDevice.value, ids(outbox).length, onDevice().length]).toEqual([false, 200, 10]);
  outbox.open();
  await vi.advanceTimersByTimeAsync(1);
  makeRoom();
  expect([post.answered.length, ids(outbox), outbox.isOnDevice.value]).toEqual([200, [], true]);
});

test('what had no room is written down as soon as there is some', () => {
  const outbox = aPost().outbox();
  const makeRoom = withoutRoom();
  outbox.add(act('a'));
  expect(onDevice()).toEqual([]);
  makeRoom();
  outbox.add(act('b'));
  expect(onDevice()).toEqual(['a', 'b']);
});
