import type { Knex } from 'knex';
import { newSecret, secretHash } from './secrets.ts';

/** How long a device stays known after somebody got in on it, in milliseconds: as long as browsers keep a cookie. */
export const DEVICE_MS = 400 * 24 * 60 * 60 * 1000;

/** Remembers a device on which somebody got in: a token for its cookie comes back, only its hash is kept. It opens nothing. */
export async function rememberDevice(db: Knex, now: number): Promise<string> {
  const token = newSecret();
  await db('devices').where('known_until', '<', new Date(now).toISOString()).delete();
  await db('devices').insert({
    token_hash: secretHash(token),
    known_until: new Date(now + DEVICE_MS).toISOString(),
  });
  return token;
}

/** By what a device is told from others; null for one on which nobody got in, or too long ago. */
export async function deviceOf(db: Knex, token: string | undefined, now: number): Promise<string | null> {
  if (token === undefined) return null;
  const tokenHash = secretHash(token);
  const row: unknown = await db('devices')
    .where({ token_hash: tokenHash })
    .where('known_until', '>', new Date(now).toISOString())
    .first();
  return row ? tokenHash : null;
}
