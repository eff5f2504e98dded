import { createWriteStream, existsSync, mkdirSync, readdirSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { Backup, BackupTried } from '@kobby/core';
import { JobRefused, runAside, WHOLE_HOME } from '../aside/run.ts';
import { BACKUPS_FOLDER, stampOf } from './places.ts';

/** How many of the backups that are made every day are kept when nothing else is said. */
export const KEEPS_DAILY = 14;
/** The largest file that is brought in as a backup, in bytes. */
const MOST_BROUGHT_BYTES = 4_000_000_000;

const NAME = /^(daily|asked|before-migration|before-restore|brought)-[\w-]{1,60}\.sqlite$/;
const DAY_MS = 24 * 60 * 60 * 1000;

/** A file that is not taken in as a backup, in words for people. */
export class BackupRefused extends Error {}

/**
 * The backups beside a home, in its data folder: made while Kobby runs, one at a time, in a process of their own. Every day one is
 * made by itself; of those, and of what was brought in, only the newest stay. What somebody asked for, and what was made before a
 * migration or a restore, stays until somebody takes it away.
 */
export class Backups {
  readonly #folder: string;
  readonly #place: string;
  readonly #now: () => number;
  readonly keepsDaily: number;
  #turn: Promise<unknown> = Promise.resolve();

  constructor(folder: string, now: () => number, keepsDaily = KEEPS_DAILY) {
    this.#folder = folder;
    this.#place = join(folder, BACKUPS_FOLDER);
    this.#now = now;
    this.keepsDaily = keepsDaily;
  }

  /** What there is, the newest first. */
  list(): readonly Backup[] {
    if (!existsSync(this.#place)) return [];
    return readdirSync(this.#place)
      .flatMap((name) => {
        const why = NAME.exec(name)?.[1] as Backup['why'] | undefined;
        if (!why) return [];
        const { size: bytes, mtime } = statSync(join(this.#place, name));
        return [{ name, madeAt: mtime.toISOString(), bytes, why }];
      })
      .toSorted((a, b) => (a.madeAt < b.madeAt ? 1 : -1));
  }

  /** Where a backup lies; null when there is none of that name. */
  pathOf(name: string): string | null {
    const path = join(this.#place, name);
    return NAME.test(name) && existsSync(path) ? path : null;
  }

  /** Makes one. @throws {JobRefused} with its sentence when it cannot be made. */
  make(why: 'daily' | 'asked'): Promise<void> {
    return this.#inTurn(async () => {
      const path = join(this.#place, `${why}-${stampOf(this.#now())}.sqlite`);
      await runAside('make-backup', { folder: this.#folder, path }, WHOLE_HOME);
      this.#prune();
    });
  }

  /** Makes the one of today when the last one is a day old. */
  async makeDaily(): Promise<void> {
    const newest = this.list().find(({ why }) => why === 'daily');
    if (newest && this.#now() - Date.parse(newest.madeAt) < DAY_MS) return;
    await this.make('daily');
  }

  /** Takes in a file as a backup, after it was tried. @throws {BackupRefused} when it is none. */
  async bringIn(content: Readable): Promise<BackupTried> {
    mkdirSync(this.#place, { recursive: true, mode: 0o700 });
    const name = `brought-${stampOf(this.#now())}.sqlite`;
    const unfinished = join(this.#place, `${name}.part`);
    try {
      await pipeline(content, atMost(MOST_BROUGHT_BYTES), createWriteStream(unfinished, { mode: 0o600 }));
      const asked = { folder: this.#folder, from: unfinished, path: join(this.#place, name) };
      const tried = await runAside('bring-in', asked, WHOLE_HOME).catch(told);
      this.#prune();
      return { name, ...tried };
    } finally {
      rmSync(unfinished, { force: true });
    }
  }

  /** What is in one. @throws {BackupRefused} when it cannot be restored. */
  async try(name: string): Promise<BackupTried> {
    const asked = { folder: this.#folder, path: this.#pathThere(name) };
    return { name, ...(await runAside('try-backup', asked, WHOLE_HOME).catch(told)) };
  }

  /** Takes one away for good. @throws {BackupRefused} when it is not there. */
  drop(name: string): Promise<void> {
    return this.#inTurn(async () => rmSync(this.#pathThere(name)));
  }

  #pathThere(name: string): string {
    const path = this.pathOf(name);
    if (!path) throw new BackupRefused('There is no such backup any more.');
    return path;
  }

  /** Puts one in the place of the home, whose folder nobody has open meanwhile. */
  async restore(name: string, passPhrase: string | null): Promise<void> {
    const asked = { folder: this.#folder, path: this.#pathThere(name), passPhrase };
    await this.#inTurn(() => runAside('restore-backup', asked, WHOLE_HOME));
  }

  /** Writes the whole home as one file for other programs; whoever asked takes it away when it was sent. */
  async writeHome(): Promise<string> {
    mkdirSync(this.#place, { recursive: true, mode: 0o700 });
    const path = join(this.#place, `.home-${stampOf(this.#now())}.zip`);
    await this.#inTurn(() => runAside('write-home', { folder: this.#folder, path }, WHOLE_HOME));
    return path;
  }

  #inTurn<T>(work: () => Promise<T>): Promise<T> {
    const turn = this.#turn.then(work);
    this.#turn = turn.catch(() => undefined);
    return turn;
  }

  #prune(): void {
    const all = this.list();
    for (const [kind, keeps] of [
      ['daily', this.keepsDaily],
      ['brought', 3],
    ] as const)
      for (const { name } of all.filter(({ why }) => why === kind).slice(keeps))
        rmSync(join(this.#place, name), { force: true });
    // What somebody was interrupted over, long ago.
    for (const name of readdirSync(this.#place)) {
      const path = join(this.#place, name);
      const isLeft = name.startsWith('.') || name.endsWith('.part');
      if (isLeft && this.#now() - statSync(path).mtimeMs > DAY_MS)
        rmSync(path, { recursive: true, force: true });
    }
  }
}

const told = (error: unknown): never => {
  throw error instanceof JobRefused ? new BackupRefused(error.message) : error;
};

// More than fits is never written.
const atMost = (bytes: number) =>
  async function* (chunks: AsyncIterable<Buffer>): AsyncGenerator<Buffer> {
    let length = 0;
    for await (const chunk of chunks) {
      length += chunk.length;
      if (length > bytes) throw new BackupRefused(`At most ${bytes / 1_000_000_000} GB fit in a backup.`);
      yield chunk;
    }
  };
