import { z } from 'zod';
import { minutesSchema } from '../calendar/index.ts';
import { blockIdSchema } from '../house/index.ts';
import { entityKind, idOf } from '../kind/index.ts';
import { bookTitleIdSchema, songIdSchema } from '../library/index.ts';
import { lineSchema, orderKeySchema, textSchema, versionSchema } from '../measure/index.ts';
import { dayNumberSchema, unitIdSchema } from './unit.ts';

/** How much is going on in a piece: the same words as for activities and songs. */
export type PieceEnergy = 'calm' | 'middling' | 'lively';

interface PieceKind {
  readonly name: string;
  /** Where it stands in a circle: first, then what gathers, then everything else, the close last. */
  readonly rank: 0 | 1 | 2 | 3;
  /** What goes on in it when its song does not say otherwise. */
  readonly energy: PieceEnergy;
}

/** What a circle is made of. */
export const PIECE_KINDS = {
  welcome: { name: 'Welcome', rank: 0, energy: 'middling' },
  attention: { name: 'Gathering attention', rank: 1, energy: 'middling' },
  talk: { name: 'Something to talk about', rank: 2, energy: 'calm' },
  song: { name: 'Song', rank: 2, energy: 'middling' },
  'finger-play': { name: 'Finger play', rank: 2, energy: 'middling' },
  story: { name: 'Story', rank: 2, energy: 'calm' },
  'find-and-move': { name: 'Find and move', rank: 2, energy: 'lively' },
  moving: { name: 'Moving song', rank: 2, energy: 'lively' },
  recorded: { name: 'Recorded', rank: 2, energy: 'middling' },
  close: { name: 'Calm close', rank: 3, energy: 'calm' },
} as const satisfies Record<string, PieceKind>;
export type PieceKindId = keyof typeof PIECE_KINDS;
const KIND_IDS = Object.keys(PIECE_KINDS) as [PieceKindId, ...PieceKindId[]];

const wordListSchema = z.array(lineSchema).max(31, 'At most 31').default([]);

/** How a song is sung in a piece. */
export const singingSchema = z.object({
  /** Verses, its ending not counted; null for as many as the song has by itself. */
  count: z
    .int('A whole number is needed here')
    .min(1, 'At least one')
    .max(31, 'At most 31')
    .nullable()
    .default(null),
  /** The number at which a counted song begins; null for its own. */
  from: z
    .int('A whole number is needed here')
    .min(0, 'This cannot be below zero')
    .max(30, 'At most 30')
    .nullable()
    .default(null),
  /** Which verses of a song that is as written, counted from 1, in the order in which they are sung; null for all. */
  verses: z
    .array(z.int('A whole number is needed here').min(1, 'The first is 1').max(30, 'At most 30'))
    .min(1, 'At least one')
    .max(60, 'At most 60')
    .nullable()
    .default(null),
  /** Words in place of those of the unit. */
  what: wordListSchema,
  colour: wordListSchema,
});
export type Singing = z.infer<typeof singingSchema>;

export const circlePieceIdSchema = idOf('circlePieces').brand<'CirclePieceId'>();
export type CirclePieceId = z.infer<typeof circlePieceIdSchema>;

/** What a piece of a circle is, wherever it stands. */
export const pieceFields = {
  kind: z.enum(KIND_IDS, 'A circle has no such piece'),
  songId: songIdSchema.nullable().default(null),
  /** The book of a story; a story without one takes the book that is read aloud on the day. */
  bookId: bookTitleIdSchema.nullable().default(null),
  words: textSchema.default(''),
  singing: singingSchema.default(singingSchema.parse({})),
  /** As somebody noted it; null for as long as its lines take, or the home's value for its kind. */
  minutes: minutesSchema.nullable().default(null),
  /** What it uses that is made in the plan: drums, puppets. */
  uses: z.array(lineSchema).max(8, 'At most 8').default([]),
  /** Stays as it is when the circle is made longer or shorter. */
  pinned: z.boolean().default(false),
};

/**
 * One piece of a circle, or one at the seam after a block. A piece of every day can be left out on some of them, and
 * another one can take its place on one day: the same all week, with one thing changing.
 */
export const circlePieceSchema = z
  .object({
    id: circlePieceIdSchema,
    version: versionSchema,
    unitId: unitIdSchema,
    blockId: blockIdSchema,
    /** In the block, or between it and the next one. */
    moment: z.enum(['in', 'after'], 'In the block, or after it').default('in'),
    /** Null for every day of the unit. */
    day: dayNumberSchema.nullable().default(null),
    /** On its day it takes the place of this piece of every day. */
    insteadOf: circlePieceIdSchema.nullable().default(null),
    /** Days on which a piece of every day is left out. */
    notOn: z.array(dayNumberSchema).max(60, 'At most 60').default([]),
    ...pieceFields,
    order: orderKeySchema,
  })
  .refine(({ insteadOf, day }) => insteadOf === null || day !== null, {
    path: ['day'],
    message: 'What takes the place of something does so on one day',
  })
  .refine(({ kind, songId, words }) => kind === 'story' || songId !== null || words !== '', {
    path: ['words'],
    message: 'Choose a song, or say in words',
  });
export type CirclePiece = z.infer<typeof circlePieceSchema>;

/** What a piece of a circle is to the book. */
export const circlePieceKind = entityKind({
  schema: circlePieceSchema,
  word: 'a piece of a circle',
  name: ({ words }) => words,
});
