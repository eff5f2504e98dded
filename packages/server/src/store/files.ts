import { createHash } from 'node:crypto';
import { existsSync } from 'node:fs';
import { mkdir, open, readFile, rename, rm } from 'node:fs/promises';
import { basename, extname, join } from 'node:path';
import { inflateSync } from 'node:zlib';
import { FILE_TYPES, MAX_FILE_BYTES, type FileType, type KeptFile } from '@kobby/core';
import { fileTypeFromBuffer } from 'file-type';

/** Why a file is not taken in, in words for people. */
export class FileRefused extends Error {}

const FOLDER = 'files';

// The endings that go with each type; a file that is called otherwise is not what it says.
const ENDINGS: Readonly<Record<FileType, readonly string[]>> = {
  'application/pdf': ['.pdf'],
  'image/png': ['.png'],
  'image/jpeg': ['.jpg', '.jpeg'],
  'image/webp': ['.webp'],
};

/**
 * The home's own files: each under the checksum of its content, beside the database and part of the same folder,
 * so that whoever copies the folder has them.
 */
export class FileStore {
  readonly #folder: string;

  constructor(dataFolder: string) {
    this.#folder = join(dataFolder, FOLDER);
  }

  /**
   * Keeps a file after looking into it. The same content twice is kept once.
   * @throws {FileRefused} when it is not what its name says, of an unknown kind, too large, or carries scripts.
   */
  async keep(name: string, content: Buffer): Promise<KeptFile> {
    const type = await typeOf(name, content);
    if (type === 'application/pdf') refuseScripts(content);
    const sha256 = checksum(content);
    await mkdir(this.#folder, { recursive: true });
    const path = join(this.#folder, sha256);
    if (!existsSync(path)) await writeWhole(path, content);
    return { sha256, bytes: content.length, type, name: basename(name).slice(0, 120) };
  }

  /** The content of a kept file; null when it is not there or no longer what it was. */
  async read(sha256: string): Promise<Buffer | null> {
    const path = join(this.#folder, sha256);
    if (!existsSync(path)) return null;
    const content = await readFile(path);
    return checksum(content) === sha256 ? content : null;
  }
}

const checksum = (content: Buffer): string => createHash('sha256').update(content).digest('hex');

// On the disk before it is answered, and under its name only when it is whole.
async function writeWhole(path: string, content: Buffer): Promise<void> {
  const unfinished = `${path}.part`;
  try {
    const file = await open(unfinished, 'w');
    await file.writeFile(content);
    await file.sync();
    await file.close();
    await rename(unfinished, path);
  } catch (error) {
    await rm(unfinished, { force: true });
    throw error;
  }
}

async function typeOf(name: string, content: Buffer): Promise<FileType> {
  if (content.length === 0) throw new FileRefused('This file is empty.');
  if (content.length > MAX_FILE_BYTES)
    throw new FileRefused(`At most ${MAX_FILE_BYTES / 1_000_000} MB fit here.`);
  const found = await fileTypeFromBuffer(content);
  const mime = found?.mime;
  if (!mime || !(mime in FILE_TYPES))
    throw new FileRefused('Kobby keeps PDF files and PNG, JPEG or WebP pictures; this is none of them.');
  const type = mime as FileType;
  const ending = extname(name).toLowerCase();
  if (!ENDINGS[type].includes(ending))
    throw new FileRefused(`Its name ends in “${ending || 'nothing'}”, but it is a ${FILE_TYPES[type]}.`);
  return type;
}

// Names in a PDF that run or open something; a # with two digits may hide any of their letters.
const ACTIVE = /\/(?:JavaScript|JS|Launch|EmbeddedFile|RichMedia|XFA)\b/;
const MAX_STREAM_BYTES = 20_000_000;

function refuseScripts(content: Buffer): void {
  const text = content.toString('latin1');
  if ([text, ...innerTexts(content, text)].some((one) => ACTIVE.test(unhidden(one))))
    throw new FileRefused('This PDF carries scripts or other files. Print it to a plain PDF and try again.');
}

const unhidden = (text: string): string =>
  text.replaceAll(/#([0-9a-f]{2})/gi, (_, hex: string) => String.fromCharCode(Number.parseInt(hex, 16)));

// Objects may lie compressed in streams: what can be unpacked is looked through as well.
function innerTexts(content: Buffer, text: string): string[] {
  return [...text.matchAll(/\/Type\s*\/ObjStm[\s\S]{0,400}?stream\r?\n/g)].flatMap((found) => {
    const from = found.index + found[0].length;
    const to = text.indexOf('endstream', from);
    try {
      const packed = content.subarray(from, to < 0 ? undefined : to);
      return [inflateSync(packed, { maxOutputLength: MAX_STREAM_BYTES }).toString('latin1')];
    } catch {
      return [];
    }
  });
}
