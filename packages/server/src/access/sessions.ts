import {
  SIGNED_IN_IDLE_MS,
  type Actor,
  type Book,
  type OpenSession,
  type PersonId,
  type SessionDevice,
  type ShareId,
} from '@kobby/core';
import { hash, verify } from '@node-rs/argon2';
import type { Knex } from 'knex';
import { newSecret, sameText, secretHash } from './secrets.ts';

/** How long a provider stays signed in, in milliseconds. */
export const SESSION_MS = 30 * 24 * 60 * 60 * 1000;

/** How a pass-phrase is kept: by argon2id, so that guessing it is slow. */
export const passPhraseHash = (passPhrase: string): Promise<string> => hash(passPhrase.normalize('NFC'));

/** Writes the pass-phrase of a person, hashed. */
export async function setPassPhrase(db: Knex, personId: string, passPhrase: string): Promise<void> {
  const row = { person_id: personId, pass_phrase_hash: await passPhraseHash(passPhrase) };
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

const MINUTE_MS = 60_000;
// That somebody was there is noted no more often than this.
const SEEN_EVERY_MS = 5 * MINUTE_MS;

const stamp = (ms: number): string => new Date(ms).toISOString();

interface SessionRow {
  readonly token_hash: string;
  readonly person_id: PersonId;
  readonly expires_at: string;
  readonly opened_at: string;
  readonly seen_at: string;
  readonly device: SessionDevice;
}

/** Opens a session; the token for the cookie comes back and only its hash is kept. */
export async function openSession(
  db: Knex,
  personId: string,
  device: SessionDevice,
  now: number,
): Promise<string> {
  const token = newSecret();
  await db('sessions').where('expires_at', '<', stamp(now)).delete();
  await db('sessions')
    .where('seen_at', '<', stamp(now - SIGNED_IN_IDLE_MS))
    .delete();
  await db('sessions').insert({
    token_hash: secretHash(token),
    person_id: personId,
    expires_at: stamp(now + SESSION_MS),
    opened_at: stamp(now),
    seen_at: stamp(now),
    device,
  });
  return token;
}

/** Who a session's token belongs to; null when it is unknown, has run out, or nobody was there for too long. */
export async function actorOfSession(
  db: Knex,
  book: Book,
  token: string,
  now: number,
): Promise<Actor | null> {
  const row = (await open(db, now)
    .where({ token_hash: secretHash(token) })
    .first()) as SessionRow | undefined;
  const person = row && book.people[row.person_id];
  if (!person) return null;
  if (row.seen_at < stamp(now - SEEN_EVERY_MS))
    await db('sessions')
      .where({ token_hash: row.token_hash })
      .update({ seen_at: stamp(now) });
  return { kind: 'person', id: person.id, name: person.name };
}

const open = (db: Knex, now: number): Knex.QueryBuilder =>
  db('sessions')
    .where('expires_at', '>', stamp(now))
    .where('seen_at', '>', stamp(now - SIGNED_IN_IDLE_MS));

// What a session is called: of its hash, so that the name opens nothing.
const nameOf = (tokenHash: string): string => secretHash(tokenHash).slice(0, 16);

/** The sessions that are open, the one last used first; `own` is the hash of the one that asks. */
export async function openSessions(db: Knex, own: string, now: number): Promise<readonly OpenSession[]> {
  const rows = (await open(db, now).orderBy('seen_at', 'desc')) as SessionRow[];
  return rows.map((row) => ({
    id: nameOf(row.token_hash),
    device: row.device,
    openedAt: row.opened_at,
    seenAt: row.seen_at,
    isThis: row.token_hash === own,
  }));
}

/** Ends the sessions that `isMeant` says, by name and hash; the hashes of those that ended come back. */
export async function endSessions(
  db: Knex,
  isMeant: (id: string, hash: string) => boolean,
): Promise<readonly string[]> {
  const hashes = (await db('sessions').pluck('token_hash')) as string[];
  const meant = hashes.filter((hash) => isMeant(nameOf(hash), hash));
  await db('sessions').whereIn('token_hash', meant).delete();
  return meant;
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
  now: number,
): Promise<{ readonly token: string } | 'wrong-secret' | 'locked' | 'wrong-phrase'> {
  const known = (await db('share_secrets').where({ share_id: shareId }).first()) as SecretRow | undefined;
  if (!known || !sameText(known.secret_hash, secretHash(secret))) return 'wrong-secret';
  if (known.pass_phrase_hash !== null) {
    if (passPhrase === undefined) return 'locked';
    if (!(await verify(known.pass_phrase_hash, passPhrase.normalize('NFC')))) return 'wrong-phrase';
  }
  const token = newSecret();
  await db('share_sessions').where('expires_at', '<', stamp(now)).delete();
  await db('share_sessions').insert({
    token_hash: secretHash(token),
    share_id: shareId,
    expires_at: stamp(now + SESSION_MS),
  });
  return { token };
}

/** Whether a token opens a link, and has not run out. */
export const opensShare = async (db: Knex, shareId: ShareId, token: string, now: number): Promise<boolean> =>
  Boolean(
    await db('share_sessions')
      .where({ token_hash: secretHash(token), share_id: shareId })
      .where('expires_at', '>', stamp(now))
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
