import { createHash, randomBytes, timingSafeEqual } from 'node:crypto';

/** A new secret of 256 random bits, as text that fits in a link. */
export const newSecret = (): string => randomBytes(32).toString('base64url');

/** How a secret with this much chance in it is kept: its hash is enough to know it again and useless otherwise. */
export const secretHash = (secret: string): string => createHash('sha256').update(secret).digest('base64url');

/** Compares two texts in a time that tells nothing about where they differ. */
export const sameText = (a: string, b: string): boolean =>
  timingSafeEqual(createHash('sha256').update(a).digest(), createHash('sha256').update(b).digest());

// No letters or digits that look alike.
const CODE_LETTERS = 'ABCDEFGHJKMNPQRSTUVWXYZ23456789';

/** A one-time code to be typed from a terminal: three groups of four. */
export function newSetUpCode(): string {
  const letters = [...randomBytes(12)].map((byte) => CODE_LETTERS[byte % CODE_LETTERS.length]);
  return [0, 4, 8].map((from) => letters.slice(from, from + 4).join('')).join('-');
}
