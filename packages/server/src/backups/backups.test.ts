import {
  cpSync,
  existsSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  utimesSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Book } from '@kobby/core';
import { Ajv2020 } from 'ajv/dist/2020.js';
import addFormats from 'ajv-formats';
import Database from 'better-sqlite3';
import { strToU8, zipSync } from 'fflate';
import yauzl from 'yauzl';
import { afterEach, beforeEach, describe, expect, inject, test, vi } from 'vitest';
import { runCommand } from '../commands.ts';
import { DEMO_PASS_PHRASE } from '../demo.ts';
import { loadBook } from '../store/book-store.ts';
import { connect, openStorage } from '../store/database.ts';
import { aGesture, EventReader, startTestServer, type Caller, type TestServer } from '../testing/server.ts';
import { Backups } from './backups.ts';
import { makeBackup } from './make.ts';
import { DATABASE_FILE } from './places.ts';
import { restoreBackup, tryBackup } from './restore.ts';

let room: string;
let server: TestServer;
let mara: Caller;
beforeEach(async () => {
  room = mkdtempSync(join(tmpdir(), 'kobby-backups-'));
  server = await startTestServer();
  mara = await server.provider();
});
afterEach(async () => {
  await server.stop();
  rmSync(room, { recursive: true, force: true });
});

const wish = (id: string, words = 'Long tubes') => ({
  type: 'cupboard/put-wish' as const,
  wish: { id, words, supplyId: null },
});

async function bookIn(folder: string): Promise<Book> {
  const { knex, close } = await openStorage(folder);
  const book = await loadBook(knex);
  await close();
  return book;
}

const filesIn = (folder: string): Record<string, string> =>
  Object.fromEntries(
    ['files', 'outbox'].flatMap((name) =>
      existsSync(join(folder, name))
        ? readdirSync(join(folder, name)).map((file) => [
            `${name}/${file}`,
            readFileSync(join(folder, name, file)).toString('base64'),
          ])
        : [],
    ),
  );

const PNG = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAQAAAC1HAwCAAAAC0lEQVR42mP8/x8AAwMCAO+ip1sAAAAASUVORK5CYII=',
  'base64',
);

const askForBackup = async (): Promise<string> => {
  const { status, body } = await mara.ask('POST', '/api/backups', {});
  expect(status).toBe(200);
  return body.backups[0].name as string;
};

const bring = (content: Buffer) =>
  mara.ask('POST', '/api/backups/brought', new Uint8Array(content), {
    'content-type': 'application/octet-stream',
  });

/** Restores over HTTP and waits until the home is back. */
async function restored(name: string): Promise<void> {
  const { epoch } = server.app.services.keeper;
  expect((await mara.ask('POST', '/api/restore', { name, passPhrase: DEMO_PASS_PHRASE })).status).toBe(202);
  await vi.waitUntil(() => server.app.services.keeper.epoch !== epoch, { timeout: 30_000 });
  await vi.waitUntil(async () => (await server.caller().ask('GET', '/api/door')).status === 200);
}

describe('a backup', () => {
  test('made while people go on working is the home at one moment, file by file', async () => {
    await mara.ask('POST', '/api/files?name=a.png', PNG, { 'content-type': 'application/octet-stream' });
    const { keeper } = server.app.services;
    const books = new Map([[keeper.seq, keeper.book]]);
    keeper.listen(({ seq }) => books.set(seq, keeper.book));
    let isMade = false;
    const making = askForBackup().finally(() => (isMade = true));
    for (let i = 0; !isMade; i += 1) await mara.send([wish(`w-${i}`)]);
    const path = join(server.folder, 'backups', await making);
    expect(await restoreBackup(room, path, null)).toBe(Object.keys(filesIn(server.folder)).length);
    const { knex, close } = await openStorage(room);
    const { seq } = (await knex('journal').max('seq as seq').first()) as { seq: number };
    expect(await loadBook(knex)).toEqual(books.get(seq));
    await close();
    expect(filesIn(room)).toEqual(filesIn(server.folder));
    expect(books.size).toBeGreaterThan(3);
  });

  test('holds nobody who is signed in, and is taken home as one file', async () => {
    const name = await askForBackup();
    const got = await mara.open('GET', `/api/backups/${name}`);
    const path = join(room, 'taken.sqlite');
    writeFileSync(path, Buffer.from(await got.arrayBuffer()));
    const copy = new Database(path, { readonly: true });
    expect(copy.prepare('SELECT count(*) FROM sessions').pluck().get()).toBe(0);
    copy.close();
    const { body } = await bring(readFileSync(path));
    expect(body).toMatchObject({ homeName: 'Low Shelf House', unreadable: [], counts: { children: 7 } });
    expect((await mara.ask('POST', `/api/backups/${name}/tried`, {})).body.counts).toEqual(body.counts);
  });

  test('is taken away when somebody says so, alone, and once', async () => {
    const [first, second] = [await askForBackup(), await askForBackup()];
    const { body } = await mara.ask('DELETE', `/api/backups/${first}`);
    expect(body.backups.map(({ name }: { name: string }) => name)).toEqual([second]);
    expect((await mara.ask('DELETE', `/api/backups/${first}`)).status).toBe(404);
    expect((await mara.ask('DELETE', '/api/backups/..%2fkobby.sqlite')).status).toBe(404);
    expect((await server.caller().ask('DELETE', `/api/backups/${second}`)).status).toBe(401);
    expect(existsSync(join(server.folder, DATABASE_FILE))).toBe(true);
  });

  test('is made by itself each day; the newest are kept', async () => {
    const backups = new Backups(server.folder, () => Date.now(), 2);
    for (let i = 0; i < 4; i += 1) {
      await backups.makeDaily();
      for (const { name } of backups.list()) {
        const path = join(server.folder, 'backups', name);
        const { madeAt } = backups.list().find((one) => one.name === name)!;
        const dayBefore = new Date(Date.parse(madeAt) - 25 * 3_600_000);
        utimesSync(path, dayBefore, dayBefore);
      }
    }
    expect(backups.list().map(({ why }) => why)).toEqual(['daily', 'daily']);
    await backups.makeDaily();
    await backups.makeDaily();
    expect(backups.list()).toHaveLength(2);
  });
});

describe('restoring', () => {
  test('brings the home back; what was there is kept, everybody signs in again, open pages notice', async () => {
    await mara.send([wish('before')]);
    const name = await askForBackup();
    const { book, seq, epoch } = server.app.services.keeper;
    await mara.send([wish('after')]);
    const late = server.app.services.keeper.book;
    const stream = new EventReader(await mara.open('GET', `/api/live?since=${seq + 1}&epoch=${epoch}`));
    const wrong = await mara.ask('POST', '/api/restore', { name, passPhrase: 'three red kites' });
    expect([wrong.status, server.app.services.keeper.book]).toEqual([401, late]);
    await restored(name);
    expect(await stream.next()).toBeNull();
    expect(server.app.services.keeper.book).toEqual(book);
    expect((await mara.ask('GET', '/api/book')).status).toBe(401);
    mara = await server.provider();
    const since = await mara.ask('GET', `/api/book?since=${seq}&epoch=${epoch}`);
    expect(since.body.type).toBe('urn:kobby:problem:take-a-snapshot');
    const { body } = await mara.ask('GET', '/api/backups');
    const before = body.backups.find(({ why }: { why: string }) => why === 'before-restore');
    await restoreBackup(room, join(server.folder, 'backups', before.name), null);
    expect(await bookIn(room)).toEqual(late);
  });

  test('leaves nothing of another epoch to be taken for this one', async () => {
    await mara.send([wish('cup')]);
    const name = await askForBackup();
    const { epoch } = server.app.services.keeper;
    await restored(name);
    mara = await server.provider();
    const stale = aGesture([wish('cup', 'Another cup')], { bases: { 'wishes/cup': 1 }, epoch });
    const { body } = await mara.ask('POST', '/api/gestures', { gestures: [stale] });
    expect([body.type, body.answers[0].current[0].entity.words]).toEqual([
      'urn:kobby:problem:clash',
      'Long tubes',
    ]);
    const fresh = aGesture([wish('lid')], { epoch });
    expect((await mara.ask('POST', '/api/gestures', { gestures: [fresh] })).status).toBe(200);
  });

  test('keeps closed what was taken back since, open what is given out, and the pass-phrase of now', async () => {
    const make = (id: string) =>
      mara.ask('POST', '/api/shares', {
        gestureId: `make-${id}-link`,
        at: '2027-03-11T14:00:00.000Z',
        share: { id, unitId: 'unit-kites', label: 'Sol', fromDay: 4, toDay: 5, lastDate: null },
      });
    const [open, closed] = [(await make('open')).body.secret, (await make('closed')).body.secret];
    const name = await askForBackup();
    await mara.send([{ type: 'share/revoke', shareId: 'closed' } as never], {
      bases: { 'shares/closed': 1 },
    });
    await restored(name);
    const enter = (id: string, secret: string) =>
      server.caller().ask('POST', `/api/shared/${id}/enter`, { secret });
    expect([(await enter('open', open)).status, (await enter('closed', closed)).status]).toEqual([200, 404]);
    expect((await server.caller().signIn()).status).toBe(200);
  });

  test('of what is no backup changes nothing, and says why', async () => {
    const { book } = server.app.services.keeper;
    const name = await askForBackup();
    const whole = readFileSync(join(server.folder, 'backups', name));
    const bad: readonly (readonly [Buffer, RegExp])[] = [
      [Buffer.from(''), /is empty/],
      [Buffer.from('words'), /^Nothing was changed\. This file is no backup of Kobby's\.$/],
      [Buffer.concat([whole.subarray(0, 8192), Buffer.alloc(whole.length - 8192, 7)]), /damaged|malformed/],
      [whole.subarray(0, 40_000), /damaged|malformed/],
    ];
    for (const [content, why] of bad) {
      const { status, body } = await bring(content);
      expect([status, body.detail]).toEqual([422, expect.stringMatching(why)]);
    }
    const path = join(room, 'newer.sqlite');
    writeFileSync(path, whole);
    const newer = new Database(path);
    newer.exec("INSERT INTO knex_migrations (name, batch, migration_time) VALUES ('9999-later', 9, 0)");
    newer.close();
    await expect(tryBackup(room, path)).rejects.toThrow('A newer Kobby made this backup');
    const foreign = new Database(path);
    foreign.exec("DELETE FROM knex_migrations WHERE name = '9999-later'");
    foreign.prepare('INSERT INTO backup_files VALUES (?, ?, ?)').run('../x', 'y', Buffer.from('z'));
    foreign.close();
    await expect(tryBackup(room, path)).rejects.toThrow(/the file \.\.\/x is not whole/);
    expect(server.app.services.keeper.book).toBe(book);
    expect(readdirSync(room)).not.toContain(DATABASE_FILE);
    expect((await mara.ask('GET', '/api/backups')).body.backups).toHaveLength(1);
    const unknown = await mara.ask('POST', '/api/restore', {
      name: 'asked-x.sqlite',
      passPhrase: DEMO_PASS_PHRASE,
    });
    expect(unknown.status).toBe(422);
  });

  test('that fails leaves the home as it was, and asks to wait meanwhile', async () => {
    const { book, epoch } = server.app.services.keeper;
    const asked: number[] = [];
    const failing = server.app.services.replace(async () => {
      const { status, headers } = await server.caller().ask('GET', '/api/door');
      asked.push(status, Number(headers.get('retry-after')));
      throw new Error('no room on the disk');
    });
    await expect(failing).rejects.toThrow('no room');
    expect(asked).toEqual([503, 2]);
    expect([server.app.services.keeper.book, server.app.services.keeper.epoch]).toEqual([book, epoch]);
    expect((await mara.ask('GET', '/api/book')).status).toBe(200);
  });

  test('does not lay a file anywhere else, whatever it calls itself', async () => {
    const path = join(server.folder, 'backups', await askForBackup());
    const foreign = new Database(path);
    const empty = 'e3b0c44298fc1c149afbf4c8996fb92427ae41e4649b934ca495991b7852b855';
    foreign.prepare('INSERT INTO backup_files VALUES (?, ?, ?)').run('files/../../x', empty, Buffer.alloc(0));
    foreign.close();
    await expect(restoreBackup(room, path, null)).rejects.toThrow('a file with a foreign name');
  });
});

describe('the file of the whole home', () => {
  const homeFile = async (): Promise<Buffer> => {
    const got = await mara.open('GET', '/api/home-file');
    expect([got.status, got.headers.get('content-type')]).toEqual([200, 'application/zip']);
    return Buffer.from(await got.arrayBuffer());
  };

  test('out, in and out again is the same byte for byte, and is read by others', async () => {
    const { body: kept } = await mara.ask('POST', '/api/files?name=a.png', PNG, {
      'content-type': 'application/octet-stream',
    });
    const sheet = {
      ...Object.values(server.app.services.keeper.book.sheets)[0]!,
      id: 'ours',
      file: kept,
    };
    expect((await mara.send([{ type: 'library/put-sheet', sheet } as never])).status).toBe(200);
    const { book } = server.app.services.keeper;
    const first = await homeFile();
    const { body: tried } = await bring(first);
    expect(tried).toMatchObject({ homeName: 'Low Shelf House', hasPassPhrase: false, unreadable: [] });
    await mara.send([wish('later')]);
    await restored(tried.name);
    mara = await server.provider();
    expect(server.app.services.keeper.book).toEqual(book);
    expect((await homeFile()).equals(first)).toBe(true);
    const names = await entriesBy(first);
    expect([...names.keys()]).toEqual(
      expect.arrayContaining(['README.md', 'schema.json', 'data/children.json', `files/${kept.sha256}`]),
    );
    expect(names.get(`files/${kept.sha256}`)!.length).toBe(kept.bytes);
    const ajv = new Ajv2020({ strict: false });
    addFormats.default(ajv);
    const data = Object.fromEntries(
      [...names].flatMap(([name, content]) =>
        name.startsWith('data/') ? [[name.slice(5, -5), JSON.parse(content.toString()) as unknown]] : [],
      ),
    );
    const validate = ajv.compile(JSON.parse(names.get('schema.json')!.toString()) as object);
    expect([validate(data), validate.errors]).toEqual([true, null]);
    expect(JSON.stringify(data)).not.toMatch(/pass_?phrase_?hash|token|secret_hash/i);
  });

  test('begins a new home, for whoever has the code from the terminal', async () => {
    const { book } = server.app.services.keeper;
    const content = new Uint8Array(await homeFile());
    await server.stop();
    server = await startTestServer({ demo: false });
    const ask = (code: string) =>
      server.caller().ask('POST', '/api/setup/brought', content, {
        'content-type': 'application/octet-stream',
        'kobby-code': code,
      });
    const code = server.app.services.setUpCode;
    expect((await ask('WRONG')).status).toBe(422);
    const { name } = (await ask(code)).body;
    const begin = (passPhrase: string | null) =>
      server.caller().ask('POST', '/api/setup/restore', { code, name, passPhrase });
    for (const phrase of [null, 'password1234'])
      expect((await begin(phrase)).body.errors[0].path).toEqual(['passPhrase']);
    expect((await begin('four green paper boats')).status).toBe(202);
    await vi.waitUntil(async () => (await server.caller().ask('GET', '/api/door')).body.homeName, {
      timeout: 30_000,
    });
    expect((await server.caller().signIn('four green paper boats')).status).toBe(200);
    expect(server.app.services.keeper.book).toEqual(book);
    expect((await ask(code)).status).toBe(409);
  });

  test('that is damaged, too large when unpacked, or of something else is refused with a sentence', async () => {
    const whole = await homeFile();
    const cases: readonly (readonly [Buffer, RegExp])[] = [
      [whole.subarray(0, whole.length / 2), /This ZIP is damaged/],
      [Buffer.from(zipSync({ 'a.txt': strToU8('a') })), /not the file of a home/],
      [bomb(), /At most 1.5 GB fit/],
    ];
    for (const [content, why] of cases) {
      const { status, body } = await bring(content);
      expect([status, body.detail]).toEqual([422, expect.stringMatching(why)]);
    }
    expect((await mara.ask('GET', '/api/backups')).body.backups).toEqual([]);
  });
});

// By a reader of ZIP files that is not the one that wrote them.
const entriesBy = (content: Buffer): Promise<ReadonlyMap<string, Buffer>> =>
  new Promise((done, failed) => {
    yauzl.fromBuffer(content, { lazyEntries: true, validateEntrySizes: true }, (error, zip) => {
      if (error) return failed(error);
      const found = new Map<string, Buffer>();
      zip.on('entry', (entry: yauzl.Entry) =>
        zip.openReadStream(entry, (wrong, stream) => {
          if (wrong) return failed(wrong);
          const chunks: Buffer[] = [];
          stream.on('data', (chunk: Buffer) => chunks.push(chunk));
          stream.on('end', () => {
            found.set(entry.fileName, Buffer.concat(chunks));
            zip.readEntry();
          });
        }),
      );
      zip.on('end', () => done(found));
      zip.on('error', failed);
      zip.readEntry();
    });
  });

// Says of a few bytes that they come to two gigabytes.
function bomb(): Buffer {
  const zip = Buffer.from(zipSync({ 'manifest.json': strToU8('{}') }));
  const directory = zip.indexOf(Buffer.from('504b0102', 'hex'));
  zip.writeUInt32LE(0x7fff_ffff, directory + 24);
  return zip;
}

describe('from the terminal', () => {
  const read = async (): Promise<string> => 'four green paper boats';

  test('whoever was forgotten goes from the backups that still hold them, which stay what they are', async () => {
    const child = {
      ...{ id: 'zq', name: 'Zyra Quill', shownAs: 'Zyra', birth: '2023-02-02' },
      ...{ attendance: {}, allergies: [], mouthsThings: false },
    };
    const older = await askForBackup();
    await mara.ask('POST', '/api/shares', {
      gestureId: 'make-a-link-here',
      at: '2027-03-11T14:00:00.000Z',
      share: { id: 'open', unitId: 'unit-kites', label: 'Sol', fromDay: 4, toDay: 5, lastDate: null },
    });
    await mara.send([{ type: 'house/put-child', child } as never, wish('cup', 'A cup for Zyra')]);
    const name = await askForBackup();
    const path = join(server.folder, 'backups', name);
    expect(readFileSync(path, 'latin1')).toMatch(/zyra/i);
    await mara.send([{ type: 'house/forget-child', childId: 'zq', words: ['Zyra Quill', 'Zyra'] } as never], {
      bases: { 'children/zq': 1, 'wishes/cup': 1 },
    });
    const list = (await mara.ask('GET', '/api/backups')).body.backups as { name: string; madeAt: string }[];
    const asked = { folder: server.folder, words: [], to: null, read };
    expect(await runCommand('forget-in-backups', asked)).toContain('in 1 of 2 backups');
    expect(readFileSync(path, 'latin1')).not.toMatch(/zyra|quill/i);
    const copy = new Database(path, { readonly: true });
    expect(copy.prepare('SELECT share_id FROM share_secrets').pluck().all()).toEqual(['open']);
    copy.close();
    const after = (await mara.ask('GET', '/api/backups')).body.backups as typeof list;
    expect(after.map(({ name: one, madeAt }) => [one, madeAt.slice(0, 19)])).toEqual(
      list.map(({ name: one, madeAt }) => [one, madeAt.slice(0, 19)]),
    );
    const { book } = server.app.services.keeper;
    await restoreBackup(room, path, null);
    expect((await bookIn(room)).wishes).toEqual(book.wishes);
    expect(existsSync(join(server.folder, 'backups', older))).toBe(true);
  });

  test('whoever sits at the machine gives a new pass-phrase, and everybody signs in again', async () => {
    const asked = { folder: server.folder, words: [], to: null, read };
    expect(await runCommand('new-pass-phrase', asked)).toContain('signs in with it from now on');
    expect((await mara.ask('GET', '/api/book')).status).toBe(401);
    expect((await server.caller().signIn()).status).toBe(401);
    expect((await server.caller().signIn('four green paper boats')).status).toBe(200);
    for (const [phrase, why] of [
      ['short', 'at least 12'],
      ['password1234', 'guessed first'],
    ] as const)
      await expect(runCommand('new-pass-phrase', { ...asked, read: async () => phrase })).rejects.toThrow(
        why,
      );
  });

  test('backup and restore do the same, and never lay one over another', async () => {
    const folder = join(room, 'home');
    cpSync(inject('demoFolder'), folder, { recursive: true });
    const to = join(room, 'one.sqlite');
    expect(await runCommand('backup', { folder, words: [], to, read })).toContain(to);
    await expect(runCommand('backup', { folder, words: [], to, read })).rejects.toThrow('is there already');
    const before = await bookIn(folder);
    const knex = connect(join(folder, DATABASE_FILE));
    await knex('wishes').delete();
    await knex.destroy();
    expect(await runCommand('restore', { folder, words: [to], to: null, read })).toContain('is as it was at');
    expect(await bookIn(folder)).toEqual(before);
    await expect(runCommand('restore', { folder, words: [], to: null, read })).rejects.toThrow(
      'Say which backup',
    );
  });

  test('a folder that is open is not restored, and one whose home is damaged is', async () => {
    const to = join(room, 'one.sqlite');
    makeBackup(server.folder, to);
    const asked = { folder: server.folder, words: [to], to: null, read };
    await expect(runCommand('restore', asked)).rejects.toThrow('already running');
    const folder = join(room, 'damaged');
    cpSync(inject('demoFolder'), folder, { recursive: true });
    const file = join(folder, DATABASE_FILE);
    const whole = readFileSync(file);
    writeFileSync(file, Buffer.concat([whole.subarray(0, 4096), Buffer.alloc(whole.length - 4096, 3)]));
    await runCommand('restore', { ...asked, folder });
    expect(await bookIn(folder)).toEqual(server.app.services.keeper.book);
    const kept = readdirSync(join(folder, 'backups')).find((name) => name.startsWith('unreadable-'))!;
    expect(readFileSync(join(folder, 'backups', kept)).length).toBe(whole.length);
  });
});
