import { generateKeyBetween } from 'fractional-indexing';
import { z } from 'zod';

/** Longest one-line text (a name, a title) that a home may store, in characters. */
export const MAX_LINE_LENGTH = 120;
/** Longest free text (a note, a step), in characters. */
export const MAX_TEXT_LENGTH = 2000;

// Control characters and angle brackets never belong in a name; refusing them keeps every export and print simple.
const PLAIN_LINE = /^[^<>\p{Cc}]*$/u;
const PLAIN_TEXT = /^(?:[^\p{Cc}]|[\n\t])*$/u;

/** Without half of a sign, as a text cut off in its middle ends with: no database gives that back as it was. */
export const wellFormed = (text: string): string => text.toWellFormed();

/** One line of plain text: trimmed, 1 to {@link MAX_LINE_LENGTH} characters, no angle brackets. */
export const lineSchema = z
  .string('Text is needed here')
  .trim()
  .min(1, 'This cannot be empty')
  .max(MAX_LINE_LENGTH, `At most ${MAX_LINE_LENGTH} characters fit here`)
  .regex(PLAIN_LINE, 'Use plain text without < or >')
  .overwrite(wellFormed);

/** Free text of up to {@link MAX_TEXT_LENGTH} characters, possibly empty, line breaks allowed. */
export const textSchema = z
  .string('Text is needed here')
  .trim()
  .max(MAX_TEXT_LENGTH, `At most ${MAX_TEXT_LENGTH} characters fit here`)
  .regex(PLAIN_TEXT, 'Use plain text without control characters')
  .overwrite(wellFormed);

/**
 * The schema of an entity's id: 1 to 64 letters, digits, dashes, dots or colons.
 * Each kind of entity brands its own, so that ids of different kinds cannot be mixed.
 */
export const idSchema = z
  .string('An id is needed here')
  .regex(/^[A-Za-z0-9:._-]{1,64}$/, 'This is not an id');

/**
 * How often an entity has been changed: 1 when it is new. Callers leave it out or send what they have; only
 * applying a change sets it.
 */
export const versionSchema = z.int().min(0).default(0);

/** A web address that can be opened: http or https, without a name and pass-word in it. */
export const linkSchema = z
  .string('An address is needed here')
  .trim()
  .max(500, 'At most 500 characters fit here')
  .overwrite(wellFormed)
  .regex(/^https?:\/\/[^\s/@]+(?:\/\S*)?$/i, 'Write an address that begins with https://');

// Another key has to fit behind it: the library refuses whatever it did not make itself.
function isOrderKey(key: string): boolean {
  try {
    return generateKeyBetween(key, null) > key;
  } catch {
    return false;
  }
}

/** A fractional key: entities are kept in the order of these texts, and a new one fits between any two. */
export const orderKeySchema = z
  .string()
  .regex(/^[0-9A-Za-z]{1,120}$/, 'This is not an order key')
  .refine(isOrderKey, 'This is not an order key');
