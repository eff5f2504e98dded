import { writeHomeZip } from '../backups/home-zip.ts';
import { makeBackup } from '../backups/make.ts';
import { lookIntoFile } from '../store/look-into.ts';
import { bringIn, restoreBackup, tryBackup } from '../backups/restore.ts';

/** What takes long and is done in a process of its own, so that the server goes on answering. Each blocks as it likes there. */
export const JOBS = {
  'make-backup': ({ folder, path }: { folder: string; path: string }) => makeBackup(folder, path),
  'try-backup': ({ folder, path }: { folder: string; path: string }) => tryBackup(folder, path),
  'bring-in': ({ folder, from, path }: { folder: string; from: string; path: string }) =>
    bringIn(folder, from, path),
  'restore-backup': ({
    folder,
    path,
    passPhrase,
  }: {
    folder: string;
    path: string;
    passPhrase: string | null;
  }) => restoreBackup(folder, path, passPhrase),
  'look-into-file': ({ name, content }: { name: string; content: Buffer }) =>
    lookIntoFile(name, Buffer.from(content)),
  'write-home': ({ folder, path }: { folder: string; path: string }) => writeHomeZip(folder, path),
} as const;

export type JobName = keyof typeof JOBS;
export type JobInput<J extends JobName> = Parameters<(typeof JOBS)[J]>[0];
export type JobResult<J extends JobName> = Awaited<ReturnType<(typeof JOBS)[J]>>;
