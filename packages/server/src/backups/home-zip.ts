import { existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { filesNamed, homeFileOf, KINDS, readHomeFile, type EntityRef, type OutboxEntry } from '@kobby/core';
import { strFromU8, strToU8, unzipSync, zipSync, type Zippable } from 'fflate';
import { z } from 'zod';
import { loadBook, writeTouched } from '../store/book-store.ts';
import { connect, openStorage } from '../store/database.ts';
import { checksum, putInPlace } from './disk.ts';
import { FILE_PATH, filesOf, makeBackup } from './make.ts';
import { BACKUPS_FOLDER, DATABASE_FILE } from './places.ts';

const OUTBOX = 'outbox.json';
// The earliest that a ZIP can say: the same home gives the same bytes whenever it is taken out.
const NO_TIME = new Date(1980, 0, 1);
// Pictures and PDFs hold no air; texts do.
const STORED = { level: 0, mtime: NO_TIME } as const;
const PACKED = { level: 6, mtime: NO_TIME } as const;

/** What a file that is unpacked may come to, in bytes and in number. */
const MOST_UNPACKED = { bytes: 1_500_000_000, files: 20_000 } as const;

/**
 * Writes a whole home as one file for other programs: a ZIP of lists and files (core/formats/home-file.ts). It is written from the
 * database as it is at one moment, also while Kobby runs, and gets its name last.
 */
export async function writeHomeZip(folder: string, path: string): Promise<{ readonly bytes: number }> {
  const place = join(folder, BACKUPS_FOLDER);
  mkdirSync(place, { recursive: true, mode: 0o700 });
  const room = mkdtempSync(join(place, '.out-'));
  try {
    const copy = join(room, DATABASE_FILE);
    makeBackup(folder, copy);
    const knex = connect(copy);
    const [book, sent] = await readBoth(knex).finally(() => knex.destroy());
    const entries: Zippable = {};
    for (const [name, text] of homeFileOf(book)) entries[name] = [strToU8(text), PACKED];
    entries[OUTBOX] = [strToU8(`${JSON.stringify(sent, null, 1)}\n`), PACKED];
    // What nothing names any more is not the home's.
    const named = new Set(filesNamed(book).map(({ sha256 }) => `files/${sha256}`));
    for (const name of filesOf(folder))
      if (named.has(name) || name.startsWith('outbox/'))
        entries[name] = [readFileSync(join(folder, name)), STORED];
    writeFileSync(`${path}.part`, zipSync(entries));
    putInPlace(`${path}.part`, path);
    return { bytes: statSync(path).size };
  } finally {
    rmSync(`${path}.part`, { force: true });
    rmSync(room, { recursive: true, force: true });
  }
}

const readBoth = async (knex: ReturnType<typeof connect>) =>
  [
    await loadBook(knex),
    (await knex('outbox').select('name', 'to', 'subject', 'at').orderBy('name')) as OutboxEntry[],
  ] as const;

const outboxListSchema = z.array(
  z.object({ name: z.string().max(220), to: z.string(), subject: z.string(), at: z.string() }),
);

/** Whether a file begins as a ZIP does. */
export const isZip = (content: Buffer): boolean =>
  content.subarray(0, 4).toString('latin1') === 'PK\u0003\u0004';

/**
 * Makes a backup out of the file of a whole home, so that it is tried and restored as any other.
 * @returns what of it cannot be read, in words.
 * @throws {Error} with a sentence when it is no such file, too large, or damaged.
 */
export async function backupFromZip(from: string, path: string): Promise<readonly string[]> {
  const entries = unpacked(readFileSync(from));
  const texts = new Map(
    Object.entries(entries).flatMap(([name, content]) =>
      name.endsWith('.json') || name.endsWith('.md') ? [[name, strFromU8(content)] as const] : [],
    ),
  );
  const { book, unreadable: left } = readHomeFile(texts);
  const unreadable = [...left];
  const room = mkdtempSync(join(dirname(path), '.in-'));
  try {
    const { knex, close } = await openStorage(room);
    const refs = KINDS.flatMap((kind) => Object.keys(book[kind]).map((id): EntityRef => ({ kind, id })));
    const sent = sentIn(texts.get(OUTBOX), entries, unreadable);
    try {
      await knex.transaction(async (trx) => {
        await writeTouched(trx, book, refs);
        for (const entry of sent) await trx('outbox').insert(entry);
      });
    } finally {
      await close();
    }
    for (const file of filesNamed(book)) {
      const content = entries[`files/${file.sha256}`];
      if (content && checksum(Buffer.from(content)) === file.sha256)
        put(join(room, 'files', file.sha256), content);
      else unreadable.push(`files/${file.sha256}: the file “${file.name}” is not there, or not whole`);
    }
    for (const { name } of sent) put(join(room, 'outbox', name), entries[`outbox/${name}`]!);
    makeBackup(room, path);
    return unreadable;
  } finally {
    rmSync(room, { recursive: true, force: true });
  }
}

function sentIn(
  text: string | undefined,
  entries: Readonly<Record<string, Uint8Array>>,
  unreadable: string[],
): readonly OutboxEntry[] {
  if (text === undefined) return [];
  const list = outboxListSchema.safeParse(safeJson(text));
  if (!list.success) {
    unreadable.push(`${OUTBOX}: this is not the list of messages`);
    return [];
  }
  return list.data.filter(({ name }) => {
    const isThere = FILE_PATH.test(`outbox/${name}`) && entries[`outbox/${name}`] !== undefined;
    if (!isThere) unreadable.push(`${OUTBOX}: the message ${name} is not there`);
    return isThere;
  });
}

function safeJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}

function put(path: string, content: Uint8Array): void {
  mkdirSync(dirname(path), { recursive: true, mode: 0o700 });
  if (!existsSync(path)) writeFileSync(path, content);
}

function unpacked(content: Buffer): Readonly<Record<string, Uint8Array>> {
  let [bytes, files] = [0, 0];
  try {
    return unzipSync(content, {
      filter: ({ originalSize }) => {
        bytes += originalSize;
        files += 1;
        if (bytes > MOST_UNPACKED.bytes || files > MOST_UNPACKED.files) throw new TooMuch();
        return true;
      },
    });
  } catch (error) {
    if (error instanceof TooMuch) throw error;
    throw new Error(`This ZIP is damaged: ${(error as Error).message}`, { cause: error });
  }
}

class TooMuch extends Error {
  constructor() {
    super(`At most ${MOST_UNPACKED.bytes / 1_000_000_000} GB fit in the file of a home.`);
  }
}
