import { existsSync } from 'node:fs';
import { mkdir, open, readFile, rename, rm } from 'node:fs/promises';
import { basename, join } from 'node:path';
import { MAX_FILE_BYTES, type KeptFile } from '@kobby/core';
import { JobRefused, runAside, type Bounds } from '../aside/run.ts';
import { checksum } from '../backups/disk.ts';
import { FileRefused } from './look-into.ts';

const FOLDER = 'files';
// A photograph of a phone takes a second, the largest that fits a few.
const LOOKING: Bounds = { milliseconds: 20_000, megabytes: 1000 };

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
   * Keeps a file after looking into it, as it was made anew then. The same content twice is kept once.
   * @throws {FileRefused} when it is not what its name says, of an unknown kind, too large, damaged, or carries scripts.
   */
  async keep(name: string, given: Buffer): Promise<KeptFile> {
    if (given.length > MAX_FILE_BYTES)
      throw new FileRefused(`At most ${MAX_FILE_BYTES / 1_000_000} MB fit here.`);
    const { type, content: made } = await runAside('look-into-file', { name, content: given }, LOOKING).catch(
      (error: unknown) => {
        if (!(error instanceof JobRefused)) throw error;
        throw new FileRefused(
          error.kind === 'FileRefused' ? error.message : 'It takes too much to look into this file.',
        );
      },
    );
    const content = Buffer.from(made);
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

// On the disk before it is answered, and under its name only when it is whole.
async function writeWhole(path: string, content: Buffer): Promise<void> {
  const unfinished = `${path}.part`;
  try {
    const file = await open(unfinished, 'w', 0o600);
    await file.writeFile(content);
    await file.sync();
    await file.close();
    await rename(unfinished, path);
  } catch (error) {
    await rm(unfinished, { force: true });
    throw error;
  }
}
