import { createHash } from 'node:crypto';
import { closeSync, fsyncSync, openSync, renameSync } from 'node:fs';
import { dirname } from 'node:path';

/** Waits until what was written to a file, or what a folder lists, is on the disk. */
function syncPath(path: string): void {
  const opened = openSync(path, 'r');
  try {
    fsyncSync(opened);
  } finally {
    closeSync(opened);
  }
}

/** Gives a whole file its name: before, there is what was there; after, all of it is. */
export function putInPlace(unfinished: string, path: string): void {
  syncPath(unfinished);
  renameSync(unfinished, path);
  syncPath(dirname(path));
}

/** The SHA-256 of a file's content. */
export const checksum = (content: Buffer): string => createHash('sha256').update(content).digest('hex');
