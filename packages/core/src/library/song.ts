import { z } from 'zod';
import { supplyIdSchema } from '../cupboard/index.ts';
import { entityKind, idOf } from '../kind/index.ts';
import { lineSchema, linkSchema, textSchema, versionSchema } from '../measure/index.ts';
import { skillIdSchema } from '../skills/index.ts';
import { thingRoleSchema } from './role.ts';

/** What is sung, spoken or played with the fingers. */
export const SONG_KINDS = {
  song: 'song',
  'finger-play': 'finger play',
  chant: 'chant',
  transition: 'transition',
} as const;
export type SongKind = keyof typeof SONG_KINDS;

/** Where in a circle or a day it has its place. */
export const SONG_PURPOSES = {
  welcome: 'welcome',
  gather: 'gathers attention',
  look: 'looking and pointing',
  count: 'counting',
  move: 'moving',
  calm: 'calming down',
  tidy: 'tidying up',
  goodbye: 'goodbye',
} as const;
export type SongPurpose = keyof typeof SONG_PURPOSES;

const countSchema = z
  .int('A whole number is needed here')
  .min(0, 'This cannot be below zero')
  .max(30, 'At most 30');

/** Which list of words a slot is filled from: things of the theme, people who are there, colours. */
export const WORD_LISTS = { what: 'things', who: 'children', colour: 'colours' } as const;
export type WordList = keyof typeof WORD_LISTS;
const overSchema = z.enum(['what', 'who', 'colour'], 'Over things, children or colours').default('what');

/** What a song is sung with when nothing else is given: one word each, `mouse/mice` where the many are told apart. */
const ownWordsSchema = z.array(lineSchema).max(30, 'At most 30').default([]);

/**
 * How verses come about: as written; the same verse counted from one number to another, up or down; the same verse for
 * each word of a list; or one that grows by a word with each verse. Which slots the lines may hold, see `verses/slots.ts`.
 */
export const verseRuleSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('as-written'), words: ownWordsSchema }),
  z.object({ kind: z.literal('counted'), from: countSchema, to: countSchema, words: ownWordsSchema }),
  z.object({ kind: z.literal('for-words'), over: overSchema, words: ownWordsSchema }),
  z.object({
    kind: z.literal('growing'),
    over: overSchema,
    words: ownWordsSchema,
    /** In which order a verse names what came before. */
    order: z.enum(['newest-first', 'oldest-first'], 'The newest or the oldest first').default('newest-first'),
  }),
]);
export type VerseRule = z.infer<typeof verseRuleSchema>;

/** Slots that every song knows: a list in step cannot be called so. */
export const KNOWN_SLOTS: ReadonlySet<string> = new Set(
  'n next what whats who colour colours word each it its them a an'.split(' '),
);

/**
 * A list that goes in step with the verses: the first of it is sung in the first verse, the second in the second. Why beside the words
 * that the verses go over: a word and its motion, a number and what comes with it, a line that is another one in each verse, change
 * together and would come apart in lists of their own.
 */
export const stepListSchema = z.object({
  slot: z
    .string('A name is needed here')
    .regex(/^[a-z][a-z-]{0,15}$/, 'A list is named by small letters and dashes')
    .refine((slot) => !KNOWN_SLOTS.has(slot), 'This name means something else in a song'),
  words: z.array(lineSchema).min(1, 'A list has at least one entry').max(31, 'At most 31'),
});
export type StepList = z.infer<typeof stepListSchema>;

/**
 * Whose words a song is sung with: those of the theme, of all its things or of one kind or role; or only its own. A list of body
 * parts, names or sayings is never replaced by lanterns.
 */
export const wordsFromSchema = z.object({
  own: z.boolean().default(false),
  /** Only things of this kind; null for any. */
  kind: lineSchema.nullable().default(null),
  /** Only things with this role; null for any. */
  role: thingRoleSchema.nullable().default(null),
});
export type WordsFrom = z.infer<typeof wordsFromSchema>;

/** How fast it is sung: in per cent of the home's time for a line. Kobby's own starting points from practice. */
export const PACES = {
  slow: { name: 'slow', percent: 140 },
  relaxed: { name: 'relaxed', percent: 100 },
  brisk: { name: 'brisk', percent: 75 },
} as const;
export type Pace = keyof typeof PACES;

/** How often a prop is there: so many in all, so many for each verse, or for each child. */
export const PROP_COUNTS = { once: 'in all', verse: 'for each verse', child: 'for each child' } as const;
export type PropCount = keyof typeof PROP_COUNTS;

export const songIdSchema = idOf('songs').brand<'SongId'>();
export type SongId = z.infer<typeof songIdSchema>;

/** A song, finger play, chant or transition: its verses, what the hands do, and what must be there. */
export const songSchema = z.object({
  id: songIdSchema,
  version: versionSchema,
  title: lineSchema,
  kind: z.enum(Object.keys(SONG_KINDS) as [SongKind, ...SongKind[]], 'This is not a kind of song'),
  purpose: z.enum(
    Object.keys(SONG_PURPOSES) as [SongPurpose, ...SongPurpose[]],
    'This is not a place in a circle',
  ),
  /** The tune, in words; empty for what is spoken. */
  tune: textSchema.default(''),
  /** Each verse with a line of text a line: what is sung, and after ` // ` what the hands do; `All:` and the like say who sings it. */
  verses: z
    .array(textSchema.min(1, 'A verse has words'))
    .min(1, 'At least one verse')
    .max(30, 'At most 30 verses'),
  rule: verseRuleSchema.default({ kind: 'as-written', words: [] }),
  wordsFrom: wordsFromSchema.default(wordsFromSchema.parse({})),
  /** Lists that change together with the verses. */
  lists: z.array(stepListSchema).max(4, 'At most 4 lists').default([]),
  /** What is sung once before the first verse; empty for none. */
  opening: textSchema.default(''),
  /** What is sung after each verse; empty for none. */
  refrain: textSchema.default(''),
  /** What is sung once at the end; empty for none. A song that counts down has it only where nothing is left. */
  ending: textSchema.default(''),
  /** It loses its sense when a verse is left out: making a circle shorter leaves it as it is. */
  whole: z.boolean().default(false),
  /** What the hands do all through it. */
  actions: textSchema.default(''),
  pace: z.enum(Object.keys(PACES) as [Pace, ...Pace[]], 'This is not a pace').default('relaxed'),
  /** How to use the voice, in a few words. */
  voice: textSchema.default(''),
  props: z
    .array(
      z.object({
        words: lineSchema,
        supplyId: supplyIdSchema.nullable().default(null),
        count: countSchema,
        per: z
          .enum(
            Object.keys(PROP_COUNTS) as [PropCount, ...PropCount[]],
            'In all, for each verse or each child',
          )
          .default('once'),
      }),
    )
    .max(12, 'At most 12')
    .default([]),
  energy: z.enum(['calm', 'middling', 'lively'], 'It is calm, middling or lively').default('middling'),
  fromMonths: z.int('Whole months are needed here').min(0).max(144).default(0),
  skills: z.array(skillIdSchema).max(12).default([]),
  /** Minutes of recorded music, when it is played and not sung. */
  recordedMinutes: z.int('Whole minutes are needed here').min(0).max(60).default(0),
  /** Where a recording or clip of it is. */
  link: linkSchema.nullable().default(null),
  source: textSchema.default(''),
  notes: textSchema.default(''),
  retired: z.boolean().default(false),
});
export type Song = z.infer<typeof songSchema>;

/** What a song is to the book. */
export const songKind = entityKind({
  schema: songSchema,
  word: 'a song',
  name: ({ title }) => title,
});
