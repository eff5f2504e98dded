import { existsSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { passPhraseSchema } from '@kobby/core';
import { isKnown } from './access/known.ts';
import { setPassPhrase } from './access/sessions.ts';
import { Backups } from './backups/backups.ts';
import { forgetInBackups } from './backups/forget.ts';
import { makeBackup } from './backups/make.ts';
import { BACKUPS_FOLDER, DATABASE_FILE, stampOf } from './backups/places.ts';
import { restoreBackup, tryBackup } from './backups/restore.ts';
import { connect, lockFolder } from './store/database.ts';
import { refuseShared } from './store/soundness.ts';

/** What a command is asked for with. */
export interface Asked {
  /** The data folder. */
  readonly folder: string;
  /** What stands behind the command. */
  readonly words: readonly string[];
  /** `--to`: where something is written. */
  readonly to: string | null;
  /** Asks whoever sits there for a line. */
  readonly read: (question: string) => Promise<string>;
}

// Each says in a sentence what it did, or throws one.
const COMMANDS = {
  backup: ({ folder, to }: Asked): string => {
    const name = `asked-${stampOf(Date.now())}.sqlite`;
    const path = to === null ? join(folder, BACKUPS_FOLDER, name) : resolve(to);
    if (existsSync(path)) throw new Error(`${path} is there already. Nothing was written.`);
    const { bytes, files } = makeBackup(folder, path);
    return `A backup of ${(bytes / 1_000_000).toFixed(1)} MB with ${files} files: ${path}`;
  },
  restore: async ({ folder, words: [from] }: Asked): Promise<string> => {
    if (from === undefined) throw new Error('Say which backup: restore FILE');
    const path = resolve(from);
    if (!existsSync(path)) throw new Error(`There is no such file: ${path}`);
    const { homeName, madeAt, unreadable, hasPassPhrase } = await tryBackup(folder, path);
    const release = lockFolder(folder);
    try {
      refuseShared(join(folder, DATABASE_FILE), folder);
      await restoreBackup(folder, path, null);
    } finally {
      release();
    }
    const next = hasPassPhrase ? [] : ['Nobody in it has a pass-phrase yet: give one by “new-pass-phrase”.'];
    const lines = [`${homeName} is as it was${madeAt === null ? '' : ` at ${madeAt}`}.`];
    return [...lines, ...next, ...unreadable].join('\n');
  },
  'forget-in-backups': async ({ folder, words }: Asked): Promise<string> => {
    const beside = new Backups(folder, () => Date.now())
      .list()
      .map(({ name }) => join(folder, BACKUPS_FOLDER, name));
    const paths = words.length > 0 ? words.map((path) => resolve(path)) : beside;
    const changed = await forgetInBackups(folder, paths);
    return `Whoever is forgotten in the home was in ${changed} of ${paths.length} backups, and is in none of them now.`;
  },
  'new-pass-phrase': async ({ folder, read }: Asked): Promise<string> => {
    const typed = passPhraseSchema.safeParse(
      (await read('The new pass-phrase, three or four words: ')).trim(),
    );
    if (!typed.success) throw new Error(`Nothing was changed. ${typed.error.issues[0]!.message}.`);
    const passPhrase = typed.data;
    if (isKnown(passPhrase))
      throw new Error(
        'Nothing was changed. This one is guessed first: take words that do not belong together.',
      );
    const file = join(folder, DATABASE_FILE);
    if (!existsSync(file)) throw new Error(`There is no home in ${folder}.`);
    const knex = connect(file);
    try {
      const provider = (await knex('people').where({ role: 'provider' }).orderBy('rowid').first()) as
        { readonly id: string; readonly name: string } | undefined;
      if (!provider) throw new Error('Nobody in this home is a provider.');
      await setPassPhrase(knex, provider.id, passPhrase);
      await knex('sessions').delete();
      return `${provider.name} signs in with it from now on; everybody has to sign in again.`;
    } finally {
      await knex.destroy();
    }
  },
} as const satisfies Record<string, (asked: Asked) => string | Promise<string>>;

type Command = keyof typeof COMMANDS;

/** Whether a word is one of the commands. */
export const isCommand = (word: string): word is Command => Object.hasOwn(COMMANDS, word);

/** Does what was asked for. @throws {Error} with a plain sentence when it cannot be done; then nothing was changed. */
export const runCommand = async (command: Command, asked: Asked): Promise<string> => COMMANDS[command](asked);
