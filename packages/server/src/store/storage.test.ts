import { randomBytes } from 'node:crypto';
import {
  chmodSync,
  copyFileSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { KINDS, referencesOf, unrecorded, type Entity, type Supply } from '@kobby/core';
import type { Knex } from 'knex';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { anyEntity } from '../../../core/src/testing/entities.ts';
import { seeded } from '../../../core/src/testing/problems.ts';
import { startTestServer } from '../testing/server.ts';
import { loadBook } from './book-store.ts';
import { codecOf } from './codecs.ts';
import { DATABASE_FILE } from '../backups/places.ts';
import { connect, openStorage, STORAGE_SETTINGS } from './database.ts';

interface ForeignKey {
  readonly table: string;
  readonly from: string;
}

/** An entity with another value at a path. */
function withAt(entity: Entity, path: readonly (string | number)[], value: string): Entity {
  const copy = structuredClone(entity);
  const holder = path.slice(0, -1).reduce<unknown>((inner, step) => (inner as never)[step], copy);
  (holder as Record<string | number, string>)[path.at(-1)!] = value;
  return copy;
}

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'kobby-store-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

test('the storage settings read back as they were set', async () => {
  const { knex, close } = await openStorage(folder);
  for (const [name, value] of Object.entries(STORAGE_SETTINGS)) {
    const [row] = await knex.raw(`PRAGMA ${name}`);
    expect([name, Object.values(row)[0]]).toEqual([name, value]);
  }
  await close();
});

test('a second process on the same folder is refused, and may come when the first has gone', async () => {
  const first = await openStorage(folder);
  await expect(openStorage(folder)).rejects.toThrow('already running');
  await first.close();
  const second = await openStorage(folder);
  await second.close();
});

test('what was kept is there after a restart', async () => {
  const server = await startTestServer({ folder });
  const mara = await server.provider();
  await mara.send([
    {
      type: 'unit/start',
      unit: { id: 'paper', title: 'Paper', style: 'letter', start: '2027-04-05', dayCount: 5 },
    },
  ]);
  const { book, seq } = server.app.services.keeper;
  await server.stop({ keepFolder: true });
  const again = await startTestServer({ folder });
  expect(again.app.services.keeper.book).toEqual(book);
  expect(again.app.services.keeper.seq).toBe(seq);
  expect((await (await again.provider()).ask('GET', '/api/book')).body.history).toHaveLength(1);
  await again.stop();
});

test('a version beyond counting is not taken from whoever sends it, and the home opens again', async () => {
  const server = await startTestServer({ folder });
  const mara = await server.provider();
  const wish = { id: 'tubes', words: 'Long tubes', version: Number.MAX_SAFE_INTEGER };
  const { body } = await mara.send([{ type: 'cupboard/put-wish', wish } as never]);
  expect(body.answers[0].outcome).toBe('kept');
  const { book } = server.app.services.keeper;
  expect(book.wishes.tubes?.version).toBe(1);
  await server.stop({ keepFolder: true });
  const again = await startTestServer({ folder });
  expect(again.app.services.keeper.book).toEqual(book);
  await again.stop();
});

test('a home that took such a version before is read again, and only that step cannot be taken back', async () => {
  const server = await startTestServer({ folder });
  const mara = await server.provider();
  for (const id of ['tubes', 'lids'])
    await mara.send([{ type: 'cupboard/put-wish', wish: { id, words: 'Old' } } as never]);
  await server.stop({ keepFolder: true });
  const knex = connect(join(folder, DATABASE_FILE));
  await knex('wishes')
    .where({ id: 'tubes' })
    .update({ version: 2 ** 53 });
  await knex('journal')
    .whereLike('touched', '%tubes%')
    .update({ touched: `[{"kind":"wishes","id":"tubes","before":0,"after":${2 ** 53}}]` });
  await knex('knex_migrations').where({ name: '0010-versions' }).delete();
  await knex.destroy();
  const again = await startTestServer({ folder });
  const { body } = await (await again.provider()).ask('GET', '/api/book');
  expect([body.book.wishes.tubes.version, body.book.wishes.lids.version]).toEqual([1, 1]);
  const undoable = body.history.map((line: { label: string; inverse: unknown }) => line.inverse !== null);
  expect(undoable).toEqual([false, true]);
  await again.stop();
});

test('things that came with Kobby are asked for nothing new, and what a home said of them stays', async () => {
  const server = await startTestServer({ folder });
  const ours = { id: 'ours', name: 'Our bells', unit: 'piece', use: 'reusable', keptIn: null, allergens: [] };
  await (await server.provider()).send([{ type: 'cupboard/put-supply', supply: ours } as never]);
  const { supplies } = server.app.services.keeper.book;
  await server.stop({ keepFolder: true });
  const knex = connect(join(folder, DATABASE_FILE));
  const old = { loosePart: { acrossMm: 7, longMm: 180, material: 'firm' }, magnet: 'none', latex: false };
  await knex('supplies')
    .where({ id: 'pencils' })
    .update({ properties: JSON.stringify({ ...old, stick: 'pointed' }) });
  await knex('supplies')
    .where({ id: 'aprons' })
    .update({ properties: JSON.stringify({ cord: { lengthMm: 600, canLoop: true } }) });
  await knex('knex_migrations').whereIn('name', ['0011-asked-of-all', '0014-warm-and-sun']).delete();
  await knex.destroy();
  const again = await startTestServer({ folder });
  const {
    pencils,
    aprons,
    ours: bells,
  } = again.app.services.keeper.book.supplies as unknown as Record<string, Supply>;
  expect(pencils?.properties).toEqual((supplies as unknown as Record<string, Supply>).pencils?.properties);
  expect([unrecorded('fabric-and-yarn', aprons!.properties), aprons?.properties.cord]).toEqual([
    ['loosePart', 'roundNeck'],
    { lengthMm: 600, canLoop: true },
  ]);
  expect(bells?.properties).toEqual({});
  await again.stop();
});

test('a home with keys that nothing fits behind gets others, in the order that it had', async () => {
  const server = await startTestServer({ folder });
  const inOrder = (things: Record<string, { id: string; order: string }>): string[] =>
    Object.values(things)
      .toSorted((a, b) => (a.order < b.order ? -1 : 1))
      .map(({ id }) => id);
  const before = inOrder(server.app.services.keeper.book.things as never);
  await server.stop({ keepFolder: true });
  const knex = connect(join(folder, DATABASE_FILE));
  await knex('things')
    .where({ id: before.at(-1)! })
    .update({ order: 'y0' });
  await knex('knex_migrations').where({ name: '0015-order-keys' }).delete();
  await knex.destroy();
  const again = await startTestServer({ folder });
  expect(inOrder(again.app.services.keeper.book.things as never)).toEqual(before);
  await again.stop();
});

test('what was kept is in the file itself soon after: a copy of it while Kobby runs has it', async () => {
  const { knex, close } = await openStorage(folder, { settleEveryMs: 10 });
  await knex('marks').insert({ name: 'a-mark', seq: 7 });
  const copy = join(folder, 'copied');
  mkdirSync(copy);
  const marks = await vi.waitUntil(
    async () => {
      copyFileSync(join(folder, DATABASE_FILE), join(copy, DATABASE_FILE));
      const copied = connect(join(copy, DATABASE_FILE));
      const found = await copied('marks')
        .where({ name: 'a-mark' })
        .catch(() => []);
      await copied.destroy();
      return found.length > 0 && found;
    },
    { timeout: 10_000, interval: 20 },
  );
  expect(marks).toMatchObject([{ seq: 7 }]);
  await close();
  expect(readdirSync(folder).filter((name) => name.endsWith('-wal'))).toEqual([]);
});

test('a second process is refused also when the lock file was deleted', async () => {
  const first = await openStorage(folder);
  rmSync(join(folder, 'lock.sqlite'));
  await expect(openStorage(folder)).rejects.toThrow('already running');
  await first.close();
  await (await openStorage(folder)).close();
});

describe('a row that cannot be read', () => {
  const damage = async (work: (knex: Knex) => Promise<unknown>): Promise<void> => {
    const server = await startTestServer({ folder });
    await server.stop({ keepFolder: true });
    const knex = connect(join(folder, DATABASE_FILE));
    await knex.raw('PRAGMA foreign_keys = OFF');
    await work(knex);
    await knex.destroy();
  };

  test('is set aside with what refers to it; the rest opens, and it is told', async () => {
    const { book: whole } = (await startAndStop()).keeper;
    const [bad] = Object.keys(whole.bookTitles);
    await damage((knex) => knex('book_titles').where({ id: bad }).update({ title: '' }));
    const server = await startTestServer({ folder });
    const { book } = server.app.services.keeper;
    expect(Object.keys(book.bookTitles)).toEqual(Object.keys(whole.bookTitles).slice(1));
    expect(book.children).toEqual(whole.children);
    const { body } = await (await server.provider()).ask('GET', '/api/backups');
    expect(body.setAside[0]).toMatchObject({ kind: 'bookTitles', id: bad });
    expect(body.setAside[0].why).toBe('title: This cannot be empty');
    await server.stop({ keepFolder: true });
    const again = await startTestServer({ folder });
    expect(again.app.services.keeper.book).toEqual(book);
    await again.stop();
  });

  test('that a unit only lists takes nothing with it; what is made with it goes', async () => {
    const { book: whole } = (await startAndStop()).keeper;
    await damage((knex) => knex('book_titles').where({ id: 'book-wind' }).update({ skills: '{"Zyra' }));
    const server = await startTestServer({ folder });
    const { book } = server.app.services.keeper;
    expect(Object.keys(book.units)).toEqual(Object.keys(whole.units));
    expect(book.units['unit-kites' as never]!.bookIds).not.toContain('book-wind');
    expect(book.placements).toEqual(whole.placements);
    const rows = await server.app.services.knex('set_aside').orderBy('number');
    expect(rows[0]).toMatchObject({ kind: 'bookTitles', why: expect.stringMatching(/^skills: /) });
    expect(JSON.stringify(rows.map(({ why }) => why))).not.toContain('Zyra');
    const unit = rows.find(({ kind, entity_id: id }) => kind === 'units' && id === 'unit-kites');
    expect(JSON.parse(unit.row).book_ids).toContain('book-wind');
    await server.stop({ keepFolder: true });
    const milk = Object.values(whole.recipes).flatMap(({ ingredients }) => ingredients)[0]!.supplyId;
    await damage((knex) => knex('supplies').where({ id: milk }).update({ unit: 'elbow' }));
    const again = await startTestServer({ folder });
    const { recipes } = again.app.services.keeper.book;
    for (const { ingredients } of Object.values(recipes))
      expect(ingredients.map(({ supplyId }) => supplyId)).not.toContain(milk);
    for (const [id, recipe] of Object.entries(recipes)) expect(recipe).toEqual(whole.recipes[id as never]);
    await again.stop();
  });

  test('with references to nothing is one, and the browsers that knew it take a snapshot', async () => {
    const { book, epoch, seq } = (await startAndStop()).keeper;
    await damage((knex) =>
      knex('observations')
        .where({
          id: Object.keys(book.sightings).length ? Object.values(book.sightings)[0]!.observationId : '',
        })
        .delete(),
    );
    const server = await startTestServer({ folder });
    const { keeper } = server.app.services;
    expect([keeper.epoch === epoch, keeper.seq]).toEqual([false, seq]);
    const mara = await server.provider();
    expect((await mara.ask('GET', `/api/book?since=${seq - 1}`)).body.type).toContain('take-a-snapshot');
    await server.stop();
  });

  test('that is the home itself, or too many of them, are refused with a sentence', async () => {
    await damage((knex) => knex('supplies').update({ unit: 'elbow' }));
    await expect(startTestServer({ folder })).rejects.toThrow(/^\d+ rows cannot be read. Restore a backup/);
    const knex = connect(join(folder, DATABASE_FILE));
    await knex('homes').update({ zone: 'nowhere' });
    await knex.destroy();
    await expect(startTestServer({ folder })).rejects.toThrow(
      'The home itself cannot be read. Restore a backup.',
    );
  });

  test('of a child who is forgotten later goes as well', async () => {
    const [first] = Object.keys((await startAndStop()).keeper.book.notes);
    await damage((knex) =>
      knex('notes').where({ id: first }).update({ at: 'someday', text: 'Zyra Quill cried' }),
    );
    const server = await startTestServer({ folder });
    const mara = await server.provider();
    const child = {
      id: 'zq',
      name: 'Zyra Quill',
      shownAs: 'Zyra',
      birth: '2023-02-02',
      attendance: {},
      allergies: [],
      mouthsThings: false,
    };
    await mara.send([{ type: 'house/put-child', child } as never]);
    await mara.send([{ type: 'house/forget-child', childId: 'zq', words: ['Zyra Quill'] } as never], {
      bases: { 'children/zq': 1 },
    });
    expect(await server.app.services.knex('set_aside')).toEqual([]);
    await server.stop();
  });

  async function startAndStop() {
    const server = await startTestServer({ folder });
    const { keeper } = server.app.services;
    await server.stop({ keepFolder: true });
    return { keeper };
  }
});

test('a damaged row is named', async () => {
  const server = await startTestServer({ folder });
  await server.stop({ keepFolder: true });
  const knex = connect(join(folder, DATABASE_FILE));
  await knex('units').where({ id: 'unit-kites' }).update({ start: 'someday' });
  await expect(loadBook(knex)).rejects.toThrow('table units, row unit-kites is damaged');
  await knex.destroy();
});

describe('a folder is refused with a sentence, and left as it is', () => {
  const file = () => join(folder, DATABASE_FILE);
  const refused = async (): Promise<string> => {
    const before = readFileSync(file());
    const { message } = await openStorage(folder).then(
      () => new Error('opened'),
      (error: Error) => error,
    );
    expect(readFileSync(file()).equals(before)).toBe(true);
    return message;
  };

  test('whose file is empty, or is none of ours', async () => {
    writeFileSync(file(), '');
    expect(await refused()).toContain('is empty');
    for (const content of ['words', randomBytes(5000), Buffer.alloc(4096)]) {
      writeFileSync(file(), content);
      expect(await refused()).toContain("is no file of Kobby's");
    }
  });

  test('whose pages are damaged', async () => {
    const server = await startTestServer({ folder });
    await server.stop({ keepFolder: true });
    const whole = readFileSync(file());
    // The first page stays: it is still a database.
    writeFileSync(file(), Buffer.concat([whole.subarray(0, 4096), randomBytes(whole.length - 4096)]));
    expect(await refused()).toMatch(/damaged|malformed/);
  });

  test('that a newer Kobby worked on', async () => {
    const { close } = await openStorage(folder);
    await close();
    const knex = connect(file());
    await knex('knex_migrations').insert({ name: '9999-later', batch: 9, migration_time: 0 });
    await knex.raw('PRAGMA wal_checkpoint(TRUNCATE)');
    await knex.destroy();
    expect(await refused()).toContain('A newer Kobby has worked on this folder');
  });
});

test('a data folder is for whoever runs Kobby alone', async () => {
  chmodSync(folder, 0o755);
  const { close } = await openStorage(folder);
  expect(statSync(folder).mode & 0o777).toBe(0o700);
  await close();
});

describe('migrations', () => {
  test('begin with a backup that is whole, also where one before broke off', async () => {
    const server = await startTestServer({ folder });
    const { book } = server.app.services.keeper;
    await server.stop({ keepFolder: true });
    const steps = await openStorage(folder);
    const done = (await steps.knex('knex_migrations').select('name')) as { name: string }[];
    await steps.knex('knex_migrations').where({ name: '0015-order-keys' }).delete();
    await steps.close();
    const backup = join(folder, `backups/before-migration-${done.length}.sqlite`);
    mkdirSync(join(folder, 'backups'));
    writeFileSync(`${backup}.part`, 'half of one');
    const { close } = await openStorage(folder);
    await close();
    const copy = connect(backup);
    expect(await loadBook(copy)).toEqual(book);
    await copy.destroy();
    expect(readdirSync(join(folder, 'backups')).filter((name) => name.endsWith('.part'))).toEqual([]);
  });

  test('run on a filled folder change nothing and leave no backup behind', async () => {
    const server = await startTestServer({ folder });
    const { book } = server.app.services.keeper;
    await server.stop({ keepFolder: true });
    const { knex, close } = await openStorage(folder);
    expect(await loadBook(knex)).toEqual(book);
    await close();
    expect(existsSync(join(folder, 'backups'))).toBe(false);
  });

  test.each(KINDS)('mirror what %s refer to with foreign keys', async (kind) => {
    const { knex, close } = await openStorage(folder);
    const random = seeded(KINDS.indexOf(kind) + 7);
    const keys = (await knex.raw(`PRAGMA foreign_key_list(${codecOf(kind).table})`)) as ForeignKey[];
    const declared = new Set(keys.map(({ from, table }) => `${from} → ${table}`));
    const wanted = Array.from({ length: 60 }, () => anyEntity(kind, random)).flatMap((entity) =>
      referencesOf(kind, entity as never).flatMap(({ path, target }) => {
        // What stands inside a JSON column is the core's to check.
        const row = Object.entries(codecOf(kind).toRow(withAt(entity, path, 'the-one')));
        const column = row.find(([, cell]) => cell === 'the-one');
        return column ? [`${column[0]} → ${codecOf(target.kind).table}`] : [];
      }),
    );
    await close();
    expect([...declared].toSorted()).toEqual([...new Set(wanted)].toSorted());
  });
});
