import { mkdir, readFile, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import type { OutboxEntry } from '@kobby/core';
import type { Knex } from 'knex';
import MailComposer from 'nodemailer/lib/mail-composer/index.js';

/** A message on its way out. */
export interface OutgoingMessage {
  /** Name of its file, without an ending; the same message sent again takes the same name. */
  readonly name: string;
  readonly from: { readonly name: string; readonly address: string };
  readonly to: string;
  readonly subject: string;
  readonly text: string;
  /** A calendar that goes with it. */
  readonly calendar?: { readonly fileName: string; readonly content: string };
  readonly at: string;
}

/** How messages leave the home. A real one would hand them to a mail server. */
export interface Outbox {
  /** Sends messages, all or none of them, in the transaction given. */
  send(trx: Knex, messages: readonly OutgoingMessage[]): Promise<void>;
  /** What was sent, the newest first. */
  entries(): Promise<readonly OutboxEntry[]>;
  /** The file of a message; null when there is none of that name. */
  file(name: string): Promise<Buffer | null>;
}

const FOLDER = 'outbox';

/** The outbox that ships with Kobby: real message files (RFC 5322) in the data folder, and nothing leaves the machine. */
export class FolderOutbox implements Outbox {
  readonly #folder: string;
  readonly #knex: Knex;

  constructor(dataFolder: string, knex: Knex) {
    this.#folder = join(dataFolder, FOLDER);
    this.#knex = knex;
  }

  async send(trx: Knex, messages: readonly OutgoingMessage[]): Promise<void> {
    await mkdir(this.#folder, { recursive: true });
    for (const message of messages) {
      const name = `${message.name}.eml`;
      await writeFile(join(this.#folder, name), await composed(message), { flush: true });
      const row = { name, to: message.to, subject: message.subject, at: message.at };
      await trx('outbox').insert(row).onConflict('name').merge();
    }
  }

  async entries(): Promise<readonly OutboxEntry[]> {
    return (await this.#knex('outbox')
      .select('name', 'to', 'subject', 'at')
      .orderBy('at', 'desc')
      .orderBy('name')) as OutboxEntry[];
  }

  async file(name: string): Promise<Buffer | null> {
    // Only names that were written here: nothing else of the disk can be asked for.
    const known = (await this.#knex('outbox').where({ name }).first()) as OutboxEntry | undefined;
    return known ? readFile(join(this.#folder, known.name)).catch(() => null) : null;
  }
}

function composed({ from, to, subject, text, calendar, at, name }: OutgoingMessage): Promise<Buffer> {
  const mail = new MailComposer({
    from,
    to,
    subject,
    text,
    date: new Date(at),
    messageId: `<${name}@kobby.invalid>`,
    // Nothing is fetched and no file is read: all content is given.
    disableFileAccess: true,
    disableUrlAccess: true,
    ...(calendar
      ? {
          attachments: [
            {
              filename: calendar.fileName,
              content: calendar.content,
              contentType: 'text/calendar; charset=utf-8; method=PUBLISH',
            },
          ],
        }
      : {}),
  });
  return mail.compile().build();
}
