import { z } from 'zod';
import { thingRoleSchema } from '../library/index.ts';
import { lineSchema } from '../measure/index.ts';
import { spokenSchema } from '../spoken/index.ts';

const linesSchema = z.array(lineSchema).readonly();

/** What is known of the name of a thing. Null or empty where nothing is known: nothing is made up. */
export const toldWordSchema = z.object({
  name: lineSchema,
  spoken: spokenSchema.nullable(),
  /** Many of it, where that is not the rule's. */
  many: lineSchema.nullable(),
  rhymes: linesSchema,
  kind: lineSchema.nullable(),
  role: thingRoleSchema.nullable(),
  rank: z.int().min(1).max(999).nullable(),
  /** About how large the real one is, in millimetres. */
  sizeMm: z.number().gt(0).nullable(),
  parts: linesSchema,
  pair: lineSchema.nullable(),
  colour: lineSchema.nullable(),
});
export type ToldWord = z.infer<typeof toldWordSchema>;
/** A thing that is offered for a theme: a name with what is known of it. */
export type OfferedThing = ToldWord;

/** `GET /api/words/things?theme=`: what belongs to a theme, the most telling first. */
export const themeOffersSchema = z.object({
  /** Written for Kobby, from the word book, or by a letter; null where nothing is offered. */
  from: z.enum(['scene', 'word-book', 'letter']).nullable(),
  /** What the theme can mean, in plain words, where that is more than one thing. */
  senses: linesSchema,
  /** Which of them these are for; null where there is one meaning only. */
  sense: z.int().min(0).nullable(),
  things: z.array(toldWordSchema).readonly(),
  /** Words of the theme that nothing is known of. */
  missing: linesSchema,
  /** What may have been meant by them. */
  meant: linesSchema,
});
export type ThemeOffers = z.infer<typeof themeOffersSchema>;

/** What is asked of the word book. */
export const themeQuerySchema = z.object({
  theme: lineSchema,
  sense: z.coerce.number().int().min(0).max(9).optional(),
});
/** So many names are looked up at once. */
export const MOST_NAMES = 60;
export const wordsQuerySchema = z.object({
  name: z.preprocess(
    (said) => (Array.isArray(said) ? said : [said]),
    z.array(lineSchema).min(1).max(MOST_NAMES, `At most ${MOST_NAMES} at once`),
  ),
});
/** `GET /api/words/told?name=&name=`: what is known of each, in the order in which they were asked for. */
export const toldWordsSchema = z.object({ words: z.array(toldWordSchema).readonly() });
