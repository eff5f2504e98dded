// @vitest-environment happy-dom
import {
  applyGesture,
  EMPTY_BOOK,
  gestureSchema,
  problem,
  type Actor,
  type Answer,
  type ChangeInput,
  type KeptGesture,
} from '@kobby/core';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { BookSync } from './sync.ts';

const MARA: Actor = { kind: 'person', id: 'mara', name: 'Mara' };
const WREN: Actor = { kind: 'person', id: 'wren', name: 'Wren' };
const person = (id: string, name: string): ChangeInput => ({
  type: 'house/put-person',
  person: { id, name, role: 'assistant' },
});

/** A stand-in for the server behind fetch and EventSource: judges as the real one does, and can be out of reach. */
class FakeServer {
  book = EMPTY_BOOK;
  readonly kept: KeptGesture[] = [];
  reach: 'there' | 'gone' | 'signed-out' = 'there';
  readonly streams: FakeStream[] = [];

  judge(raw: unknown, actor: Actor): Answer {
    const gesture = gestureSchema.parse(raw);
    const known = this.kept.find((line) => line.gesture.id === gesture.id);
    const outcome = applyGesture(this.book, gesture, actor);
    if (known) return { outcome: 'kept', id: gesture.id, seq: known.seq, touched: [] };
    if (outcome.outcome !== 'kept') {
      return {
        outcome: 'not-kept',
        id: gesture.id,
        problem: problem('clash', 'Somebody was faster.'),
        current: [],
      };
    }
    this.book = outcome.book;
    const line = { seq: this.kept.length + 1, actor, gesture };
    this.kept.push(line);
    return { outcome: 'kept', id: gesture.id, seq: line.seq, touched: [...outcome.touched] };
  }

  /** Somebody else does something, and everybody who listens hears it. */
  elsewhere(id: string, changes: ChangeInput[], bases: Record<string, number> = {}): void {
    this.judge({ id, at: '2027-03-11T10:00:00.000Z', changes, bases }, WREN);
    this.streams.at(-1)!.emit('kept', this.kept.at(-1));
  }

  async fetch(path: string, init: RequestInit): Promise<Response> {
    if (this.reach === 'gone') throw new TypeError('no network');
    const reply = (body: unknown, status = 200) => new Response(JSON.stringify(body), { status });
    if (this.reach === 'signed-out') return reply(problem('sign-in-needed', 'Sign in.'), 401);
    if (path === '/api/gestures') {
      const { gestures } = JSON.parse(String(init.body)) as { gestures: unknown[] };
      return reply({ answers: gestures.map((gesture) => this.judge(gesture, MARA)) });
    }
    const since = /since=(\d+)/.exec(path)?.[1];
    if (since) return reply({ seq: this.kept.length, gestures: this.kept.slice(Number(since)) });
    return reply({
      seq: this.kept.length,
      today: '2027-03-11',
      me: MARA,
      demo: false,
      epoch: 'e1',
      publicAddress: null,
      history: [],
      book: this.book,
    });
  }
}

class FakeStream extends EventTarget {
  static readonly CLOSED = 2;
  readyState = 1;

  constructor() {
    super();
    server.streams.push(this);
  }

  emit(name: string, data: unknown): void {
    this.dispatchEvent(new MessageEvent(name, { data: JSON.stringify(data) }));
  }

  close(): void {
    this.readyState = FakeStream.CLOSED;
  }
}

let server: FakeServer;
let sync: BookSync;
beforeEach(async () => {
  server = new FakeServer();
  localStorage.clear();
  vi.useFakeTimers();
  vi.stubGlobal('fetch', (path: string, init: RequestInit) => server.fetch(path, init));
  vi.stubGlobal('EventSource', FakeStream);
  sync = new BookSync();
  await sync.load();
});
afterEach(() => {
  sync.stopListening();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const names = () => Object.values(sync.replica.value.shown.people).map((one) => one.name);
const waiting = () => sync.replica.value.waiting.length;
const settle = () => vi.advanceTimersByTimeAsync(0);

test('an act is shown at once, kept by the server, and can be taken back and done again', async () => {
  expect(sync.perform([person('a', 'Ada')])).toEqual({ done: true });
  expect([names(), waiting()]).toEqual([['Ada'], 1]);
  await settle();
  expect([waiting(), Object.keys(server.book.people)]).toEqual([0, ['a']]);
  sync.undo();
  await settle();
  expect([names(), Object.keys(server.book.people)]).toEqual([[], []]);
  sync.redo();
  await settle();
  expect(Object.keys(server.book.people)).toEqual(['a']);
});

test('what is wrong is said with its path, and nothing is sent', async () => {
  const result = sync.perform([person('a', '<b>')]);
  expect(result).toMatchObject({ done: false, errors: [{ path: ['changes', 0, 'person', 'name'] }] });
  await settle();
  expect([waiting(), server.kept]).toEqual([0, []]);
});

test('work goes on without the server and arrives once when it is back', async () => {
  server.reach = 'gone';
  sync.perform([person('a', 'Ada')]);
  sync.perform([person('b', 'Bo')]);
  await settle();
  expect([sync.connection.value, names(), waiting()]).toEqual(['unreachable', ['Ada', 'Bo'], 2]);
  server.reach = 'there';
  await vi.advanceTimersByTimeAsync(2000);
  expect([sync.connection.value, waiting(), server.kept.length]).toEqual(['connected', 0, 2]);
});

test('what waits outlives a reload of the page, and can still be taken back', async () => {
  server.reach = 'gone';
  sync.perform([person('a', 'Ada')]);
  await settle();
  sync.stopListening();
  server.reach = 'there';
  sync = new BookSync();
  await sync.load();
  await settle();
  expect([names(), waiting(), server.kept.length]).toEqual([['Ada'], 0, 1]);
  sync.undo();
  await settle();
  expect(names()).toEqual([]);
});

test('what others do is heard; a gap is caught up', async () => {
  server.elsewhere('theirs-01', [person('w', 'Wren')]);
  expect(names()).toEqual(['Wren']);
  server.judge({ id: 'theirs-02', at: '2027-03-11T10:00:00.000Z', changes: [person('x', 'Xenia')] }, WREN);
  server.elsewhere('theirs-03', [person('y', 'Yara')]);
  await settle();
  expect(names()).toEqual(['Wren', 'Xenia', 'Yara']);
});

test('who was slower is told, and sees what is there now', async () => {
  server.elsewhere('theirs-01', [person('p', 'Pia')]);
  server.reach = 'gone';
  sync.perform([person('p', 'Paul')]);
  await settle();
  server.elsewhere('theirs-02', [person('p', 'Petra')], { 'people/p': 1 });
  server.reach = 'there';
  await vi.advanceTimersByTimeAsync(2000);
  expect(sync.notice.value).toBe('Not kept: Paul. Somebody was faster.');
  expect([names(), waiting()]).toEqual([['Petra'], 0]);
});

test('a step from which somebody else went on is not taken back, and the reason is said', async () => {
  sync.perform([person('p', 'Paul')]);
  await settle();
  server.elsewhere('theirs-01', [person('p', 'Petra')], { 'people/p': 1 });
  sync.undo();
  expect(sync.notice.value).toContain('cannot be taken back: somebody changed the same thing since');
  expect(names()).toEqual(['Petra']);
});

test('whoever is signed out keeps what was done, and no longer knocks', async () => {
  server.reach = 'signed-out';
  sync.perform([person('a', 'Ada')]);
  await settle();
  expect([sync.connection.value, names(), waiting()]).toEqual(['signed-out', ['Ada'], 1]);
  expect(server.streams.at(-1)!.readyState).toBe(FakeStream.CLOSED);
  server.reach = 'there';
  await sync.load();
  await settle();
  expect([sync.connection.value, waiting(), server.kept.length]).toEqual(['connected', 0, 1]);
});

test('what was asked for before somebody left is not shown after it', async () => {
  const asked = sync.load();
  sync.leave();
  await asked;
  expect([sync.me.value, names(), sync.connection.value]).toEqual([null, [], 'signed-out']);
});

test('whoever signed out without a network does not come in by the next one: the server is told first', async () => {
  sync.leave();
  server.reach = 'gone';
  localStorage.setItem('kobby.signing-out', 'true');
  sync.back();
  await settle();
  expect([sync.me.value, sync.connection.value]).toEqual([null, 'unreachable']);
  server.reach = 'there';
  const told: string[] = [];
  vi.stubGlobal('fetch', async (path: string, init: RequestInit) => {
    told.push(`${init.method} ${path}`);
    server.reach = 'signed-out';
    return server.fetch(path, init);
  });
  sync.back();
  await settle();
  expect(told[0]).toBe('DELETE /api/session');
  expect([sync.me.value, sync.connection.value]).toEqual([null, 'signed-out']);
});

test('a new day is heard', () => {
  server.streams.at(-1)!.emit('today', '2027-03-12');
  expect(sync.today.value).toBe('2027-03-12');
});

test('a child whom somebody else forgot goes from the own history too', async () => {
  const child = {
    id: 'uma',
    name: 'Uma Reed',
    shownAs: 'Uma',
    birth: '2023-04-05',
    attendance: {},
    allergies: [],
    mouthsThings: false,
  };
  sync.perform([{ type: 'house/put-child', child }]);
  await settle();
  expect(JSON.stringify(sync.history.value)).toContain('uma');
  server.elsewhere('theirs-01', [{ type: 'house/forget-child', childId: 'uma', words: ['Uma Reed'] }], {
    'children/uma': 1,
  });
  await settle();
  expect(JSON.stringify([sync.history.value, sync.replica.value])).not.toMatch(/uma/i);
});

test('a birthday still to come is refused before it is sent', () => {
  const child = {
    id: 'uma',
    name: 'Uma',
    shownAs: 'Uma',
    birth: '2027-03-12',
    attendance: {},
    allergies: [],
    mouthsThings: false,
  };
  expect(sync.perform([{ type: 'house/put-child', child }])).toEqual({
    done: false,
    errors: [{ path: ['changes', 0, 'child', 'birth'], message: 'This day is still to come' }],
  });
});
