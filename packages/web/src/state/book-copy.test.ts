// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { problem, SIGNED_IN_IDLE_MS, type Actor, type ChangeInput } from '@kobby/core';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { testBook } from '../../../core/src/testing/home.ts';
import { BookCopy } from './book-copy.ts';
import { BookSync } from './sync.ts';

const MARA: Actor = { kind: 'person', id: 'mara', name: 'Mara' };
const person = (id: string, name: string): ChangeInput => ({
  type: 'house/put-person',
  person: { id, name, role: 'assistant' },
});

let reach: 'there' | 'gone' | 'signed-out' | 'broken' = 'there';
let sent: string[] = [];
let streams: NearStream[] = [];
class NearStream extends EventTarget {
  static readonly CLOSED = 2;
  readyState = 1;
  constructor() {
    super();
    streams.push(this);
  }
  emit(name: string, data: unknown = null): void {
    this.dispatchEvent(new MessageEvent(name, { data: JSON.stringify(data) }));
  }
  close(): void {}
}
const book = testBook(person('bo', 'Bo'));
const shipped = { edition: 'x1', ids: { people: ['bo'] } };

async function answer(path: string, init: RequestInit): Promise<Response> {
  if (reach === 'gone') throw new TypeError('no network');
  if (reach === 'signed-out')
    return new Response(JSON.stringify(problem('sign-in-needed', '')), { status: 401 });
  if (reach === 'broken')
    return new Response(JSON.stringify(problem('our-mistake', 'It stumbled.')), { status: 500 });
  const tables = { edition: 'x1', tables: { people: book.people } };
  if (path.startsWith('/api/library/shipped')) return new Response(JSON.stringify(tables));
  if (path === '/api/gestures') {
    const { gestures } = JSON.parse(String(init.body)) as { gestures: { id: string }[] };
    sent.push(...gestures.map(({ id }) => id));
    const answers = gestures.map(({ id }, i) => ({ outcome: 'kept', id, seq: 6 + i, touched: [] }));
    return new Response(JSON.stringify({ answers }));
  }
  if (path.includes('since=')) return new Response(JSON.stringify({ seq: 5, gestures: [] }));
  const home = { seq: 5, epoch: 'e1', today: '2027-03-11', me: MARA, demo: false, publicAddress: null };
  return new Response(JSON.stringify({ ...home, history: [], book: { ...book, people: {} }, shipped }));
}

beforeEach(async () => {
  [reach, sent, streams] = ['there', [], []];
  localStorage.clear();
  vi.stubGlobal('fetch', (path: string, init: RequestInit) => answer(path, init));
  vi.stubGlobal('EventSource', NearStream);
  await new BookCopy().forget();
});
afterEach(() => vi.unstubAllGlobals());

const opened: BookSync[] = [];
afterEach(() => opened.splice(0).forEach((sync) => sync.stopListening()));
async function open(): Promise<BookSync> {
  const sync = new BookSync();
  opened.push(sync);
  await sync.load();
  return sync;
}
const names = (sync: BookSync) => Object.values(sync.replica.value.shown.people).map(({ name }) => name);
// What is written to the device is on its way for a moment.
const written = () => new Promise((done) => setTimeout(done, 60));

test('the pages open without a network: with what ships, and what was kept since', async () => {
  const first = await open();
  streams.at(-1)!.emit('kept', {
    seq: 6,
    actor: { kind: 'person', id: 'wren', name: 'Wren' },
    gesture: { id: 'gesture-of-wren', at: '2027-03-11T10:00:00.000Z', changes: [person('tove', 'Tove')] },
  });
  await written();
  first.stopListening();
  reach = 'gone';
  const second = await open();
  expect([second.connection.value, second.me.value, names(second)]).toEqual([
    'unreachable',
    MARA,
    ['Bo', 'Tove'],
  ]);
  expect(second.replica.value.seq).toBe(6);
});

test('what is done without a network waits, outlives the page, and arrives once', async () => {
  await open();
  await written();
  reach = 'gone';
  const second = await open();
  expect(second.perform([person('ada', 'Ada')])).toEqual({ done: true });
  const third = await open();
  expect(names(third)).toEqual(['Bo', 'Ada']);
  third.undo();
  expect(names(third)).toEqual(['Bo']);
  third.redo();
  reach = 'there';
  streams.at(-1)!.emit('open');
  await written();
  // Two windows may both send what waits: its id makes it one.
  expect([third.connection.value, new Set(sent).size]).toEqual(['connected', 3]);
});

test('signing out, and a door that closed meanwhile, leave nothing on the device', async () => {
  for (const how of ['leave', 'closed'] as const) {
    reach = 'there';
    const first = await open();
    await written();
    if (how === 'leave') first.leave();
    else {
      reach = 'signed-out';
      expect((await open()).connection.value).toBe('signed-out');
    }
    await written();
    reach = 'gone';
    const second = await open();
    expect([how, second.me.value, second.connection.value]).toEqual([how, null, 'unreachable']);
  }
});

test('nobody was there for as long as a door stays open: the copy opens no more', async () => {
  await open();
  await written();
  const copy = new BookCopy();
  expect(await copy.open(Date.now() + SIGNED_IN_IDLE_MS - 60_000)).not.toBeNull();
  expect(await copy.open(Date.now() + SIGNED_IN_IDLE_MS + 60_000)).toBeNull();
  expect(await copy.open(Date.now())).toBeNull();
});

test('a new whole book is all that is left of the one before', async () => {
  await open();
  const copy = new BookCopy();
  const kept = {
    actor: MARA,
    gesture: { id: 'gesture-of-mara', at: '2027-03-11T10:00:00.000Z', changes: [person('x', 'X')] },
  };
  await copy.keepNext({ seq: 6, ...kept } as never, Date.now());
  await copy.keepNext({ seq: 8, ...kept } as never, Date.now());
  // What comes after a gap does not stand on what is there.
  expect((await copy.open(Date.now()))!.gestures.map(({ seq }) => seq)).toEqual([6]);
  const { snapshot } = (await copy.open(Date.now()))!;
  await copy.keep({ ...snapshot, seq: 8 }, Date.now());
  expect((await copy.open(Date.now()))!.gestures).toEqual([]);
});

test('a server that stumbles is not a closed door: it is told, and opens when it answers', async () => {
  reach = 'broken';
  const sync = await open();
  expect([sync.connection.value, sync.refused.value?.detail]).toEqual(['troubled', 'It stumbled.']);
  reach = 'there';
  await sync.load();
  expect([sync.connection.value, sync.refused.value]).toEqual(['connected', null]);
  sync.cutOff();
  expect(sync.connection.value).toBe('unreachable');
  sync.back();
  await written();
  expect(sync.connection.value).toBe('connected');
});
