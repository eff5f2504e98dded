import type { Song, VerseRule } from '../library/index.ts';
import { linesOf, type Singer, type Voice, type WrittenLine } from './notation.ts';
import { nounOf } from './nouns.ts';
import { saysNumbers, fillLine, namesList, type Filling } from './slots.ts';

/** The words that a song is sung with: an empty list leaves it to the song's own. */
export interface SongWords {
  readonly what: readonly string[];
  readonly who: readonly string[];
  readonly colour: readonly string[];
}
export const OWN_WORDS: SongWords = { what: [], who: [], colour: [] };

/** How much of a song is sung; null leaves it to the song. */
export interface Cut {
  /** The number at which a counted song begins. */
  readonly from: number | null;
  /** How many verses; a song that counts down still ends where it ends, and begins nearer to it. */
  readonly count: number | null;
  /** Which of its written verses, counted from 1, in the order in which they are sung; one may come twice. Null for all of them. */
  readonly verses: readonly number[] | null;
}
export const WHOLE: Cut = { from: null, count: null, verses: null };

/** A line as it is sung. */
export interface SungLine {
  readonly text: string;
  readonly motion: string;
  readonly voice: Voice;
  readonly by: Singer | '';
  /** The same line as it was written for: with the song's own first word. See `offBeat`. */
  readonly measure: string;
  /** Words in it that stand where others stood when it was written. */
  readonly swaps: readonly WordSwap[];
}

/** A word that is sung where a line was written with another. */
export interface WordSwap {
  readonly sung: string;
  readonly written: string;
}

/** What of a song is sung at one time: its opening, a verse with the refrain behind it, its ending. */
export type SungPart = 'opening' | 'verse' | 'refrain' | 'ending';

/** A verse as it is sung, and what it is about: `five`, `kite`; empty for what is as written. */
export interface SungVerse {
  readonly about: string;
  readonly part: SungPart;
  readonly lines: readonly SungLine[];
}

/** A song that goes over words has so many verses unless somebody says otherwise; one over children sings of each. */
const USUAL_VERSES = 4;
/** No song goes on longer: from thirty down to none. */
export const MOST_VERSES = 31;

/**
 * The verses of a song as they are sung with some words. None when a song that goes over words is given none and has none
 * of its own. Each line comes with its measure, so that those which the words make too long or too short can be marked.
 */
export function sing(song: Song, words: SongWords = OWN_WORDS, cut: Cut = WHOLE): readonly SungVerse[] {
  const steps = stepsOf(song, words, cut);
  const [first] = steps;
  if (!first) return [];
  const model = stepsOf(song, OWN_WORDS, WHOLE)[0] ?? first;
  const beside = (text: string, part: SungPart, step: Step): readonly SungVerse[] =>
    text === '' ? [] : [sungVerse(grown(linesOf(text), step.soFar), { ...step, about: '' }, model, part)];
  const verses = steps.flatMap((step) => [
    ...writtenFor(song, step).map((lines) => sungVerse(lines, step, model, 'verse')),
    ...beside(song.refrain, 'refrain', step),
  ]);
  const last = steps.at(-1)!;
  return [
    ...beside(song.opening, 'opening', first),
    ...verses,
    ...(reachesEnd(song.rule, last) ? beside(song.ending, 'ending', last) : []),
  ];
}

/** One time through the written verses: what their slots stand for, and what came so far in a song that grows. */
interface Step {
  readonly filling: Filling;
  readonly about: string;
  readonly soFar: readonly string[];
  /** The written verse that is sung, from 0; null where all of them are sung each time. */
  readonly verse: number | null;
}

/** What of a singing decides how many verses there can be. */
type Chosen = Pick<Cut, 'verses'>;

/** The most verses that a song can have with some words; of what is as written those that are chosen, else all. */
export function mostVerses(song: Song, words: SongWords = OWN_WORDS, cut: Chosen = WHOLE): number {
  const { rule } = song;
  if (rule.kind === 'as-written') return chosenVerses(song, { verses: cut.verses, count: null }).length;
  return rule.kind === 'counted' ? MOST_VERSES : listFor(song, rule.over, words).length;
}

/** How many verses a song has when nobody says how many; opening, refrain and ending are not counted. */
export function usualVerses(song: Song, words: SongWords = OWN_WORDS, cut: Chosen = WHOLE): number {
  const { rule } = song;
  if (rule.kind === 'counted') return Math.min(MOST_VERSES, Math.abs(rule.to - rule.from) + 1);
  const most = mostVerses(song, words, cut);
  return rule.kind === 'as-written' || rule.over === 'who' ? most : Math.min(most, USUAL_VERSES);
}

/** How many verses are sung, of what is as written no more than there are. */
export function versesSung(song: Song, words: SongWords, cut: Pick<Cut, 'verses' | 'count'>): number {
  const usual = usualVerses(song, words, cut);
  if (cut.count === null) return usual;
  return song.rule.kind === 'as-written' ? Math.min(cut.count, usual) : cut.count;
}

function stepsOf(song: Song, words: SongWords, cut: Cut): readonly Step[] {
  const { rule } = song;
  const base = baseOf(song, words);
  // Lists in step begin again from their first entry where they are shorter.
  const steps = (i: number): NonNullable<Filling['steps']> =>
    Object.fromEntries(
      song.lists.map(({ slot, words: list }) => [
        slot,
        list[((i % list.length) + list.length) % list.length]!,
      ]),
    );
  if (rule.kind === 'as-written')
    return chosenVerses(song, cut).map((verse) => ({
      filling: { ...base, steps: steps(verse) },
      ...{ about: '', soFar: [], verse },
    }));
  if (rule.kind === 'counted')
    return numbersOf(rule, cut).map((n) => {
      const way = Math.sign(rule.to - rule.from || 1);
      // What comes with a number comes with it wherever the counting begins.
      const filling = { ...base, n, next: Math.max(0, n + way), steps: steps((n - rule.from) * way) };
      return { filling, about: String(n), soFar: [], verse: null };
    });
  const list = listFor(song, rule.over, words);
  const count = Math.min(list.length, cut.count ?? usualVerses(song, words));
  return list.slice(0, count).map((word, i) => ({
    filling: { ...base, [rule.over]: word, steps: steps(i) },
    ...{ about: word, soFar: list.slice(0, i + 1), verse: null },
  }));
}

// Those that were chosen and are still there, else all of them; no more than are asked for.
function chosenVerses(
  { verses }: Song,
  { verses: chosen, count }: Pick<Cut, 'verses' | 'count'>,
): readonly number[] {
  const all = verses.map((_, i) => i);
  const wanted = chosen?.map((n) => n - 1).filter((i) => i >= 0 && i < verses.length) ?? all;
  return (wanted.length > 0 ? wanted : all).slice(0, count ?? undefined);
}

/** The numbers of a counted song, in the order in which they are sung. */
function numbersOf({ from, to }: Extract<VerseRule, { kind: 'counted' }>, cut: Cut): readonly number[] {
  const step = from <= to ? 1 : -1;
  const start = cut.from ?? (cut.count !== null && step < 0 ? to + cut.count - 1 : from);
  const whole = Math.max(1, (to - start) * step + 1);
  const count = Math.min(MOST_VERSES, cut.count ?? whole, step < 0 ? start + 1 : Infinity);
  return Array.from({ length: count }, (_, i) => start + i * step);
}

const baseOf = (song: Song, words: SongWords): Filling => {
  const { rule } = song;
  const over = 'over' in rule ? rule.over : 'what';
  const first = (list: 'what' | 'who' | 'colour'): string | null => listFor(song, list, words)[0] ?? null;
  return { n: null, next: null, what: first('what'), who: first('who'), colour: first('colour'), over };
};

// The song's own words are for the list that its verses go over; otherwise for things. Of its own words a song may be sung with no
// others, and where it says a number before its things it takes only those that are counted.
function listFor(song: Song, list: 'what' | 'who' | 'colour', words: SongWords): readonly string[] {
  const { rule, wordsFrom } = song;
  const isOwn = list === ('over' in rule ? rule.over : 'what');
  if (isOwn && wordsFrom.own) return rule.words;
  const given =
    list === 'what' && saysNumbers(song) ? words.what.filter((word) => nounOf(word).counted) : words[list];
  if (given.length > 0) return given;
  return isOwn ? rule.words : [];
}

/** Of some words those that a song cannot be sung with, because it says a number before them and they are not counted: lava, scissors. */
export const uncountedFor = (song: Song, { what }: SongWords): readonly string[] =>
  song.wordsFrom.own || !saysNumbers(song) ? [] : what.filter((word) => !nounOf(word).counted);

// A song that counts down has its end where nothing more is left of it; one that stops before leaves it out.
const reachesEnd = (rule: VerseRule, { filling }: Step): boolean =>
  rule.kind !== 'counted' || rule.from <= rule.to || filling.n! <= rule.to;

/** A written line, and the word that it is sung for in a song that grows. */
interface LineOfVerse extends WrittenLine {
  readonly each: string | null;
}

const EACH = /\{(an?\s+)?each\}/;

function writtenFor({ rule, verses }: Song, { soFar, verse }: Step): readonly (readonly LineOfVerse[])[] {
  const each = rule.kind === 'growing' && rule.order === 'newest-first' ? soFar.toReversed() : soFar;
  const sung = verse === null ? verses : [verses[verse]!];
  return sung.map((written) => grown(linesOf(written), each));
}

// A line with `{each}` is sung once for each word so far; in songs that do not grow there is none.
const grown = (lines: readonly WrittenLine[], words: readonly string[]): readonly LineOfVerse[] =>
  lines.flatMap((line): LineOfVerse[] =>
    EACH.test(line.text) ? words.map((each) => ({ ...line, each })) : [{ ...line, each: null }],
  );

function sungVerse(
  lines: readonly LineOfVerse[],
  { filling, about }: Step,
  model: Step,
  part: SungPart,
): SungVerse {
  return {
    about,
    part,
    lines: lines.map(({ text, motion, voice, by, each }) => {
      const sung = capital(fillLine(withEach(text, each, filling), filling));
      // Entries in step are words of the song's own: only what was swapped moves the beat.
      const measure = fillLine(withEach(text, each && model.about, filling), {
        ...model.filling,
        ...(filling.steps ? { steps: filling.steps } : {}),
      });
      const swaps = swapsIn(text, filling, model, each);
      return { text: sung, motion: fillLine(motion, filling), voice, by, measure, swaps };
    }),
  };
}

function swapsIn(text: string, filling: Filling, model: Step, each: string | null): readonly WordSwap[] {
  const swaps = (['what', 'who', 'colour'] as const)
    .filter((list) => namesList(text, list) || (list === filling.over && /\{(?:an? )?word\}/.test(text)))
    .map((list) => ({ sung: filling[list], written: model.filling[list] }));
  if (each !== null) swaps.push({ sung: each, written: model.about });
  return swaps.filter(
    (swap): swap is WordSwap => swap.sung !== null && swap.written !== null && swap.sung !== swap.written,
  );
}

function withEach(text: string, each: string | null, { over }: Filling): string {
  if (each === null) return text;
  const word = { n: null, next: null, what: null, who: null, colour: null, over, [over]: each };
  return text.replace(EACH, (_, article: string | undefined) => fillLine(`{${article ?? ''}word}`, word));
}

const capital = (text: string): string => text.charAt(0).toLocaleUpperCase('en') + text.slice(1);
