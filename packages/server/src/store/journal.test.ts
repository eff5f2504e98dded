import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Actor, Gesture } from '@kobby/core';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { openStorage, type Storage } from './database.ts';
import {
  append,
  earlierAnswer,
  hashOf,
  condenseSome,
  historyOf,
  keptSince,
  newestSeq,
  orderRedaction,
  redactSome,
  type JournalEntry,
} from './journal.ts';

const MARA: Actor = { kind: 'person', id: 'mara', name: 'Mara' };
const WREN: Actor = { kind: 'person', id: 'wren', name: 'Wren' };
const LINK: Actor = { kind: 'share', id: 'mara', name: 'Sol' };

let folder: string;
let storage: Storage;
beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'kobby-journal-'));
  storage = await openStorage(folder);
});
afterEach(async () => {
  await storage.close();
  rmSync(folder, { recursive: true, force: true });
});

const entry = (id: string, rest: Partial<JournalEntry> = {}): JournalEntry => ({
  gesture: {
    id,
    at: '2027-03-11T15:00:00.000Z',
    bases: {},
    changes: [{ type: 'x', text: `of ${id}` }],
  } as unknown as Gesture,
  bodyHash: hashOf(id),
  actor: MARA,
  label: `what ${id} did`,
  touched: [{ kind: 'wishes', id: `w-${id}`, before: 0, after: 1 }],
  inverse: { type: 'book/restore', entities: [{ kind: 'wishes', id: `w-${id}`, to: null }] } as never,
  keptAt: '2027-03-11T15:00:01.000Z',
  ...rest,
});
const write = (...entries: JournalEntry[]) =>
  storage.knex.transaction(async (trx) => {
    const numbers: number[] = [];
    for (const one of entries) numbers.push(await append(trx, one));
    return numbers;
  });
const idsSince = async (seq: number, most: number) =>
  (await keptSince(storage.knex, seq, most))?.map(({ gesture }) => gesture.id as string) ?? null;

describe('the journal', () => {
  test('counts from one on, without a gap', async () => {
    expect(await newestSeq(storage.knex)).toBe(0);
    expect(await write(entry('a'), entry('b'), entry('c'))).toEqual([1, 2, 3]);
    expect(await newestSeq(storage.knex)).toBe(3);
  });

  test('knows what was answered to a gesture, and the hash of its body', async () => {
    await write(entry('a'), entry('b'));
    expect(await earlierAnswer(storage.knex, 'b')).toEqual({
      bodyHash: hashOf('b'),
      answer: {
        outcome: 'kept',
        id: 'b',
        seq: 2,
        touched: [{ kind: 'wishes', id: 'w-b', before: 0, after: 1 }],
      },
    });
    expect(await earlierAnswer(storage.knex, 'c')).toBeNull();
  });

  test('tells what came since a number, up to as many as are wanted and not one more', async () => {
    await write(entry('a'), entry('b', { actor: LINK }), entry('c'));
    expect(await idsSince(0, 3)).toEqual(['a', 'b', 'c']);
    expect(await idsSince(0, 2)).toBeNull();
    expect(await idsSince(1, 2)).toEqual(['b', 'c']);
    expect(await idsSince(3, 2)).toEqual([]);
    expect((await keptSince(storage.knex, 1, 9))![0]).toEqual({
      seq: 2,
      actor: LINK,
      gesture: entry('b').gesture,
    });
  });

  test('tells a person only their own newest steps, the oldest first', async () => {
    await write(
      entry('a'),
      entry('b', { actor: WREN }),
      entry('c', { inverse: null }),
      entry('d', { actor: LINK }),
      entry('e'),
    );
    const history = await historyOf(storage.knex, MARA, 2);
    expect(history.map(({ id, label, inverse }) => [id, label, inverse === null])).toEqual([
      ['c', 'what c did', true],
      ['e', 'what e did', false],
    ]);
    expect((await historyOf(storage.knex, MARA, 9)).map(({ id }) => id)).toEqual(['a', 'c', 'e']);
    expect((await historyOf(storage.knex, WREN, 9)).map(({ undoes }) => undoes)).toEqual([null]);
  });

  test('forgets somebody: what touched them keeps only its id, names go from all others, and nothing is played again', async () => {
    const about = { ...entry('b'), touched: [{ kind: 'children' as const, id: 'ada', before: 1, after: 0 }] };
    const beside = entry('c', {
      label: 'a cup for Ada',
      gesture: { ...entry('c').gesture, changes: [{ type: 'x', text: 'Cup of Ada, blue' }] } as never,
      inverse: { type: 'x', text: 'Cup of Ada, red' } as never,
    });
    await write(entry('a'), about, beside, entry('d', { inverse: null }));
    await storage.knex.transaction((trx) => orderRedaction(trx, new Set(['children/ada']), ['Ada']));
    // What is told of it is clean already, before the lines themselves are.
    expect(JSON.stringify(await historyOf(storage.knex, MARA, 9))).not.toMatch(/\bAda\b/);
    while (await redactSome(storage.knex));
    expect(await storage.knex('redactions')).toEqual([]);
    const rows = await storage.knex('journal').orderBy('seq');
    expect(JSON.stringify(rows)).not.toMatch(/\bAda\b/);
    expect(rows.map(({ label }) => label)).toEqual([
      'what a did',
      'about a child',
      'a cup for a child',
      'what d did',
    ]);
    expect(JSON.parse(rows[1].gesture).changes).toEqual([]);
    expect([rows[1].inverse, rows[3].inverse]).toEqual([null, null]);
    expect(JSON.parse(rows[2].inverse).text).toBe('Cup of a child, red');
    expect(JSON.parse(rows[0].gesture)).toEqual(entry('a').gesture);
    expect(await idsSince(3, 9)).toBeNull();
    expect(await idsSince(4, 9)).toEqual([]);
    await write(entry('e'));
    expect(await idsSince(4, 9)).toEqual(['e']);
  });
});

test('old lines are condensed: who did what stays, what it changed goes, and what is sent again is known', async () => {
  const knex = storage.knex;
  await write(...Array.from({ length: 30 }, (_, i) => entry(`g${i}`)));
  await knex('journal').where('seq', '<=', 20).update({ kept_at: '2026-11-01T00:00:00.000Z' });
  const now = Date.parse('2027-03-11T00:00:00.000Z');
  while (await condenseSome(knex, now));
  const whole = () => knex('journal').whereNotNull('inverse').pluck('seq');
  expect(await whole()).toHaveLength(30);
  // As if two thousand more had come since.
  await knex.raw(`WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < 2000)
    INSERT INTO journal (gesture_id, body_hash, actor_kind, actor_id, actor_name, label, gesture, touched, kept_at)
    SELECT 'more-' || i, 'h', 'person', 'wren', 'Wren', 'more', '{}', '[]', '2027-03-10T00:00:00.000Z' FROM n`);
  while (await condenseSome(knex, now));
  expect(await whole()).toEqual([21, 22, 23, 24, 25, 26, 27, 28, 29, 30]);
  const [line] = await knex('journal').where({ seq: 3 });
  expect([line.label, JSON.parse(line.gesture).changes, line.touched]).toEqual(['what g2 did', [], '[]']);
  expect(await earlierAnswer(knex, 'g2')).toMatchObject({ bodyHash: hashOf('g2'), answer: { seq: 3 } });
});

describe('the hash of a value', () => {
  test('does not depend on the order of its fields, and on everything else', () => {
    const one = { a: 1, b: [{ c: null, d: 'x' }] };
    expect(hashOf(one)).toBe(hashOf({ b: [{ d: 'x', c: null }], a: 1 }));
    for (const other of [
      { a: 1, b: [{ c: null, d: 'y' }] },
      { a: 1, b: [{ d: 'x' }] },
      { a: '1', b: [{ c: null, d: 'x' }] },
      { a: 1, b: { 0: { c: null, d: 'x' } } },
      { a: 1, b: [{ c: null, d: 'x' }, null] },
      { A: 1, b: [{ c: null, d: 'x' }] },
    ])
      expect(hashOf(other)).not.toBe(hashOf(one));
    expect(hashOf([1, 2])).not.toBe(hashOf([2, 1]));
    expect(hashOf(undefined)).toBe(hashOf(null));
    expect(hashOf('a')).toMatch(/^[0-9a-f]{64}$/);
  });
});
