import { z } from 'zod';
import { supplyIdSchema } from '../cupboard/index.ts';
import { idSchema, lineSchema, textSchema, versionSchema } from '../measure/index.ts';
import { skillIdSchema } from '../skills/index.ts';

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

/**
 * How verses come about: as written; the same verse counted from one number to another (up or down), `{n}` in
 * its lines being the number and `{next}` the one after it; or the same verse for each of some words, `{word}`.
 */
export const verseRuleSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('as-written') }),
  z.object({ kind: z.literal('counted'), from: countSchema, to: countSchema }),
  z.object({ kind: z.literal('for-words'), words: z.array(lineSchema).max(30, 'At most 30') }),
]);
export type VerseRule = z.infer<typeof verseRuleSchema>;

export const songIdSchema = idSchema.brand<'SongId'>();
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
  /** Each verse with a line of text a line. */
  verses: z.array(textSchema.min(1, 'A verse has words')).min(1, 'At least one verse').max(30, 'At most 30'),
  rule: verseRuleSchema.default({ kind: 'as-written' }),
  actions: textSchema.default(''),
  props: z
    .array(
      z.object({ words: lineSchema, supplyId: supplyIdSchema.nullable().default(null), count: countSchema }),
    )
    .max(12, 'At most 12')
    .default([]),
  energy: z.enum(['calm', 'middling', 'lively'], 'It is calm, middling or lively').default('middling'),
  fromMonths: z.int('Whole months are needed here').min(0).max(144).default(0),
  skills: z.array(skillIdSchema).max(12).default([]),
  /** Minutes of recorded music, when it is played and not sung. */
  recordedMinutes: z.int('Whole minutes are needed here').min(0).max(60).default(0),
  source: textSchema.default(''),
  notes: textSchema.default(''),
  retired: z.boolean().default(false),
});
export type Song = z.infer<typeof songSchema>;

const NUMBER_WORDS = [
  'no',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
];
const inWords = (n: number): string => NUMBER_WORDS[n] ?? String(n);

/**
 * The verses as they are sung, each a list of lines. A counted song gives its verse once for each number from
 * the first to the last, both included; one for words once for each word; others as they stand.
 */
export function versesOf(song: Song): readonly (readonly string[])[] {
  const { rule } = song;
  const written = song.verses.map((verse) => verse.split('\n').map((line) => line.trim()));
  if (rule.kind === 'as-written') return written;
  const fillings: Readonly<Record<string, string>>[] =
    rule.kind === 'for-words'
      ? rule.words.map((word) => ({ word }))
      : numbersBetween(rule.from, rule.to).map((n) => ({
          n: inWords(n),
          next: inWords(Math.max(0, n + Math.sign(rule.to - rule.from))),
        }));
  return fillings.flatMap((filling) =>
    written.map((lines) =>
      lines.map((line) => capital(line.replaceAll(/\{(\w+)\}/g, (slot, id: string) => filling[id] ?? slot))),
    ),
  );
}

function numbersBetween(from: number, to: number): number[] {
  const step = from <= to ? 1 : -1;
  return Array.from({ length: Math.abs(to - from) + 1 }, (_, i) => from + i * step);
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
