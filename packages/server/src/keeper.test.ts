import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { plainDay, type Actor, type Answer } from '@kobby/core';
import type { Knex } from 'knex';
import { afterEach, beforeEach, describe, expect, inject, test } from 'vitest';
import { Keeper } from './keeper.ts';
import { loadBook } from './store/book-store.ts';
import { openStorage, type Storage } from './store/database.ts';
import { newestSeq } from './store/journal.ts';
import { aGesture } from './testing/server.ts';

const MARA: Actor = { kind: 'person', id: 'mara', name: 'Mara' };

let folder: string;
let storage: Storage;
let fault: string | null;
let keeper: Keeper;
beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'kobby-keeper-'));
  cpSync(inject('demoFolder'), folder, { recursive: true });
  storage = await openStorage(folder);
  fault = null;
  const clocks = { now: () => Date.parse('2027-03-11T15:00:00Z'), today: () => plainDay('2027-03-11') };
  keeper = await Keeper.open(faulty(storage.knex), clocks);
});
afterEach(async () => {
  await keeper.close();
  await storage.close();
  rmSync(folder, { recursive: true, force: true });
});

function failAt(step: string): void {
  if (fault !== step) return;
  fault = null;
  throw new Error(`fault: ${step}`);
}

/** A database that fails once at the step named: before and after the transaction, at each table, at the end of the log. */
const faulty = (knex: Knex): Knex =>
  new Proxy(knex, {
    apply: (target, self, args: [string]) => {
      failAt(`read ${args[0]}`);
      return Reflect.apply(target, self, args) as unknown;
    },
    get: (target, name: keyof Knex) => {
      if (name === 'raw')
        return async (sql: string) => {
          failAt('raw');
          return target.raw(sql);
        };
      if (name !== 'transaction') return target[name];
      return async (work: (trx: Knex.Transaction) => Promise<unknown>) => {
        failAt('begin');
        const result = await target.transaction((trx) => work(faultyInside(trx)));
        failAt('after commit');
        return result;
      };
    },
  });

const faultyInside = (trx: Knex.Transaction): Knex.Transaction =>
  new Proxy(trx, {
    apply: (target, self, args: [string]) => {
      failAt(`write ${args[0]}`);
      return Reflect.apply(target, self, args) as unknown;
    },
    get: (target, name: keyof Knex.Transaction) => target[name],
  });

const wish = (id: string) => ({ type: 'cupboard/put-wish', wish: { id, words: 'Tubes', supplyId: null } });
const keep = (gesture: unknown): Promise<Answer | Error> =>
  keeper.keep(gesture, MARA).catch((error: Error) => error);

describe('what is in memory and what is in the file are one, whatever fails', () => {
  test.each(['read journal', 'begin', 'write wishes', 'write journal', 'after commit'])(
    'at: %s',
    async (step) => {
      const gesture = aGesture([wish('one')]);
      fault = step;
      expect(await keep(gesture)).toEqual(new Error(`fault: ${step}`));
      // Whoever asked sends it again; it is kept once.
      expect(await keep(gesture)).toMatchObject({ outcome: 'kept' });
      expect(await keep(aGesture([wish('two')]))).toMatchObject({ outcome: 'kept' });
      expect(keeper.book.wishes).toMatchObject({ one: { version: 1 }, two: { version: 1 } });
      expect(await loadBook(storage.knex)).toEqual(keeper.book);
      expect(keeper.seq).toBe(await newestSeq(storage.knex));
    },
  );

  test('while somebody who was forgotten goes from the journal', async () => {
    const child = {
      id: 'zq',
      name: 'Zyra Quill',
      shownAs: 'Zyra',
      birth: '2023-02-02',
      attendance: {},
      allergies: [],
      mouthsThings: false,
    };
    await keep(aGesture([{ type: 'house/put-child', child }]));
    const forget = { type: 'house/forget-child', childId: 'zq', words: ['Zyra Quill'] };
    fault = 'raw';
    expect(await keep(aGesture([forget], { bases: { 'children/zq': 1 } }))).toMatchObject({
      outcome: 'kept',
    });
    await keeper.settled();
    expect(keeper.book.children.zq).toBeUndefined();
    expect(await loadBook(storage.knex)).toEqual(keeper.book);
  });

  test('when one who listens fails, the others are told and the answer comes', async () => {
    const heard: number[] = [];
    keeper.listen(() => {
      throw new Error('gone');
    });
    keeper.listen(({ seq }) => heard.push(seq));
    for (const id of ['one', 'two'])
      expect(await keep(aGesture([wish(id)]))).toMatchObject({ outcome: 'kept' });
    expect(heard).toEqual([keeper.seq - 1, keeper.seq]);
  });
});
