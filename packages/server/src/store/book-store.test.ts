import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { KINDS, type Book } from '@kobby/core';
import { afterEach, beforeEach, expect, inject, test } from 'vitest';
import { loadBook, writeTouched } from './book-store.ts';
import { connect, openStorage, type Storage } from './database.ts';
import { DATABASE_FILE } from '../backups/places.ts';

let folder: string;
let storage: Storage;
let demo: Book;
beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'kobby-book-'));
  storage = await openStorage(folder);
  const made = connect(join(inject('demoFolder'), DATABASE_FILE));
  demo = await loadBook(made);
  await made.destroy();
});
afterEach(async () => {
  await storage.close();
  rmSync(folder, { recursive: true, force: true });
});

const refsOf = (book: Book) => KINDS.flatMap((kind) => Object.keys(book[kind]).map((id) => ({ kind, id })));
const write = (book: Book, refs = refsOf(book)) =>
  storage.knex.transaction((trx) => writeTouched(trx, book, refs));

test('a whole home is written in whatever order it is named, and read as it was', async () => {
  await write(demo, refsOf(demo).toReversed());
  const read = await loadBook(storage.knex);
  expect(read).toEqual(demo);
  expect(Object.isFrozen(read.placements)).toBe(true);
});

test('only what is named is written, again and again; what is gone is deleted, its referrers first', async () => {
  await write(demo);
  const [placement, ...placements] = Object.values(demo.placements).filter(
    ({ unitId }) => unitId === 'unit-lanterns',
  );
  expect(placement).toBeDefined();
  const less = {
    ...demo,
    units: { ...demo.units, 'unit-kites': { ...demo.units['unit-kites']!, title: 'Other', version: 9 } },
    supplies: { ...demo.supplies, ribbon: { ...demo.supplies['ribbon' as never]!, name: 'Not written' } },
    placements: Object.fromEntries(Object.entries(demo.placements).filter(([id]) => id !== placement!.id)),
  } as unknown as Book;
  await write(less, [
    { kind: 'placements', id: placement!.id },
    { kind: 'units', id: 'unit-kites' },
  ]);
  const read = await loadBook(storage.knex);
  expect([read.units['unit-kites' as never], read.placements[placement!.id]]).toMatchObject([
    { title: 'Other', version: 9 },
    undefined,
  ]);
  expect(Object.values(read.supplies).some(({ name }) => name === 'Not written')).toBe(false);
  expect(Object.keys(read.placements)).toHaveLength(Object.keys(demo.placements).length - 1);
  expect(placements.every(({ id }) => read.placements[id])).toBe(true);
});
