import { z } from 'zod';
import { plainDaySchema } from '../calendar/index.ts';
import { entityKind, idOf } from '../kind/index.ts';
import {
  idSchema,
  keptFileSchema,
  lineSchema,
  linkSchema,
  textSchema,
  versionSchema,
} from '../measure/index.ts';
import { skillIdSchema } from '../skills/index.ts';

export const bookTitleIdSchema = idOf('bookTitles').brand<'BookTitleId'>();
export type BookTitleId = z.infer<typeof bookTitleIdSchema>;
/** The levels of a book, easiest first. */
export const BOOK_LEVELS = {
  lap: 'lap book',
  picture: 'picture book',
  story: 'story book',
  reader: 'reads alone',
} as const;
export type BookLevel = keyof typeof BOOK_LEVELS;

/** Whom a level suits when it is read aloud: ages in completed months, `until` not included. Kobby's own starting points. */
export const BOOK_SUITS: Readonly<Record<BookLevel, { readonly from: number; readonly until: number }>> = {
  lap: { from: 0, until: 30 },
  picture: { from: 15, until: 72 },
  story: { from: 36, until: 120 },
  reader: { from: 60, until: 144 },
};

/** A book to read aloud or to stand on the rail. */
export const bookTitleSchema = z.object({
  id: bookTitleIdSchema,
  version: versionSchema,
  title: lineSchema,
  level: z.enum(Object.keys(BOOK_LEVELS) as [BookLevel, ...BookLevel[]], 'This is not a level of a book'),
  /** Read aloud by an adult, stands on the open rail, or both. */
  use: z.enum(['read-aloud', 'rail', 'both'], 'Read aloud, on the rail, or both').default('both'),
  /** Too delicate for the open rail. */
  keptHigh: z.boolean().default(false),
  /** What it is about: words to find it by. */
  about: z.array(lineSchema).max(20, 'At most 20').default([]),
  keptIn: lineSchema.nullable().default(null),
  borrowedFrom: lineSchema.nullable().default(null),
  backBy: plainDaySchema.nullable().default(null),
  skills: z.array(skillIdSchema).max(12).default([]),
  notes: textSchema.default(''),
  retired: z.boolean().default(false),
});
export type BookTitle = z.infer<typeof bookTitleSchema>;

/** What a book is to the book. */
export const bookTitleKind = entityKind({
  schema: bookTitleSchema,
  word: 'a book',
  name: ({ title }) => title,
});

export const sheetIdSchema = idOf('sheets').brand<'SheetId'>();
export type SheetId = z.infer<typeof sheetIdSchema>;

/** The most of one set that is made in one go. */
export const MOST_COPIES = 20;

/** How Kobby's own print shop made a sheet, so that it is made again: for whoever was away, or of another unit's things. */
export const shopMadeSchema = z.object({
  /** What was kept in one step: printed, laminated and cut as one task. */
  job: idSchema,
  kind: z.string().regex(/^[a-z][a-z-]{0,23}$/, 'A kind of set is needed here'),
  size: z.enum(['small', 'middle', 'large'], 'Small, middle or large'),
  paper: z.enum(['letter', 'a4'], 'Letter or A4'),
  copies: z
    .int('A whole number is needed here')
    .min(1, 'At least one')
    .max(MOST_COPIES, `At most ${MOST_COPIES}`),
});
export type ShopMade = z.infer<typeof shopMadeSchema>;

/** A sheet of the home: made, downloaded, or only a link. Found again by any of what is written here. */
export const sheetSchema = z.object({
  id: sheetIdSchema,
  version: versionSchema,
  title: lineSchema,
  file: keptFileSchema.nullable().default(null),
  link: linkSchema.nullable().default(null),
  /** Where it is from. */
  from: textSchema.default(''),
  /** The pages that are used, as they are printed: `2-4, 7`. */
  pages: z
    .string()
    .trim()
    .max(60, 'At most 60 characters fit here')
    .regex(/^(?:\d{1,4}(?:\s*-\s*\d{1,4})?(?:\s*,\s*\d{1,4}(?:\s*-\s*\d{1,4})?)*)?$/, 'Write pages as 2-4, 7')
    .default(''),
  paper: z.enum(['plain', 'card', 'label', 'sticker', 'photo'], 'This is not a paper').default('plain'),
  colour: z.boolean().default(false),
  level: lineSchema.nullable().default(null),
  laminate: z.boolean().default(false),
  cut: z.enum(['none', 'before', 'after', 'plain'], 'Cut before or after laminating, or not').default('none'),
  /** How many cards are cut from a page; 0 where it stays whole. */
  cardsPerPage: z.int('A whole number is needed here').min(0).max(60, 'At most 60').default(0),
  /** How many pages are cut at one go; 1 where each is cut by itself. */
  cutAtOnce: z.int('A whole number is needed here').min(1, 'At least one').max(10, 'At most 10').default(1),
  finishing: z.array(lineSchema).max(12, 'At most 12').default([]),
  skills: z.array(skillIdSchema).max(12).default([]),
  about: z.array(lineSchema).max(20, 'At most 20').default([]),
  notes: textSchema.default(''),
  /** What the print shop needs to make it again; null for what came from elsewhere. */
  made: shopMadeSchema.nullable().default(null),
  retired: z.boolean().default(false),
});
export type Sheet = z.infer<typeof sheetSchema>;

/** What a sheet is to the book. */
export const sheetKind = entityKind({
  schema: sheetSchema,
  word: 'a sheet',
  name: ({ title }) => title,
});
