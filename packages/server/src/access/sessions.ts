import type { Actor, Book, PersonId, ShareId } from '@kobby/core';
import { hash, verify } from '@node-rs/argon2';
import type { Knex } from 'knex';
import { newSecret, sameText, secretHash } from './secrets.ts';

/** How long a provider stays signed in, in milliseconds. */
export const SESSION_MS = 30 * 24 * 60 * 60 * 1000;

/** Writes the pass-phrase of a person, hashed with argon2id. */
export async function setPassPhrase(db: Knex, personId: string, passPhrase: string): Promise<void> {
  const row = { person_id: personId, pass_phrase_hash: await hash(passPhrase.normalize('NFC')) };
  await db('credentials').insert(row).onConflict('person_id').merge();
}

/** Whose pass-phrase it is; null when it is nobody's. */
export async function personByPassPhrase(db: Knex, passPhrase: string): Promise<PersonId | null> {
  const rows = (await db('credentials').select('*')) as { person_id: PersonId; pass_phrase_hash: string }[];
  for (const row of rows) {
    if (await verify(row.pass_phrase_hash, passPhrase.normalize('NFC'))) return row.person_id;
  }
  return null;
}

/** Opens a session; the token for the cookie comes back and only its hash is kept. */
export async function openSession(db: Knex, personId: string, now: number): Promise<string> {
  const token = newSecret();
  await db('sessions').where('expires_at', '<', new Date(now).toISOString()).delete();
  await db('sessions').insert({
    token_hash: secretHash(token),
    person_id: personId,
    expires_at: new Date(now + SESSION_MS).toISOString(),
  });
  return token;
}

/** Who a session's token belongs to; null when it is unknown or has run out. */
export async function actorOfSession(
  db: Knex,
  book: Book,
  token: string,
  now: number,
): Promise<Actor | null> {
  const row = (await db('sessions')
    .where({ token_hash: secretHash(token) })
    .where('expires_at', '>', new Date(now).toISOString())
    .first()) as { person_id: PersonId } | undefined;
  const person = row && book.people[row.person_id];
  return person ? { kind: 'person', id: person.id, name: person.name } : null;
}

export const closeSession = async (db: Knex, token: string): Promise<void> => {
  await db('sessions')
    .where({ token_hash: secretHash(token) })
    .delete();
};

/** Keeps the hash of a link's secret and of its pass-phrase, in the transaction that makes the link. */
export const keepShareSecret = async (
  trx: Knex,
  shareId: ShareId,
  { secret, passPhraseHash }: { readonly secret: string; readonly passPhraseHash: string | null },
): Promise<void> => {
  await trx('share_secrets').insert({
    share_id: shareId,
    secret_hash: secretHash(secret),
    pass_phrase_hash: passPhraseHash,
  });
};

/** How the pass-phrase of a link is kept: it has less chance in it than a secret, so guessing it is made slow. */
export const linkPhraseHash = (passPhrase: string): Promise<string> => hash(passPhrase.normalize('NFC'));

interface SecretRow {
  readonly secret_hash: string;
  readonly pass_phrase_hash: string | null;
}

/**
 * Exchanges a link's secret, and its pass-phrase where it has one, for a token of its own. `wrong-secret` also when there is
 * no such link: nobody is told which links exist.
 */
export async function enterShare(
  db: Knex,
  shareId: ShareId,
  secret: string,
  passPhrase: string | undefined,
): Promise<{ readonly token: string } | 'wrong-secret' | 'locked' | 'wrong-phrase'> {
  const known = (await db('share_secrets').where({ share_id: shareId }).first()) as SecretRow | undefined;
  if (!known || !sameText(known.secret_hash, secretHash(secret))) return 'wrong-secret';
  if (known.pass_phrase_hash !== null) {
    if (passPhrase === undefined) return 'locked';
    if (!(await verify(known.pass_phrase_hash, passPhrase.normalize('NFC')))) return 'wrong-phrase';
  }
  const token = newSecret();
  await db('share_sessions').insert({ token_hash: secretHash(token), share_id: shareId });
  return { token };
}

/** Whether a token opens a link. */
export const opensShare = async (db: Knex, shareId: ShareId, token: string): Promise<boolean> =>
  Boolean(
    await db('share_sessions')
      .where({ token_hash: secretHash(token), share_id: shareId })
      .first(),
  );

/** Notes that a link was opened. */
export const noteOpened = async (db: Knex, shareId: ShareId, now: number): Promise<void> => {
  await db('share_secrets')
    .where({ share_id: shareId })
    .update({ opened_at: new Date(now).toISOString() });
};

/** When each link was last opened; null for never. */
export async function openingsOf(
  db: Knex,
): Promise<readonly { readonly shareId: ShareId; readonly openedAt: string | null }[]> {
  const rows = (await db('share_secrets').select('share_id', 'opened_at')) as {
    share_id: ShareId;
    opened_at: string | null;
  }[];
  return rows.map((row) => ({ shareId: row.share_id, openedAt: row.opened_at }));
}
