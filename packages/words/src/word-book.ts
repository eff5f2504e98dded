import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { brotliDecompressSync } from 'node:zlib';
import { rhymeOf, type Spoken } from '@kobby/core';
import { wordsOf } from './forms.ts';
import { scenes, type Scene } from './scenes/index.ts';

/** A noun that may be offered, with what is known of it. Made by `build/make.mjs`, which says where each of them comes from. */
export interface Noun {
  readonly word: string;
  readonly kind: string;
  /** About how large the real one is, in millimetres; null where nothing says so. */
  readonly sizeMm: number | null;
  readonly picture: string | null;
  readonly parts: readonly string[];
  readonly pair: string | null;
  readonly colour: string | null;
  /** Many of it, where that is not the rule's. */
  readonly many: string | null;
  /** How common it is: 10 for the most common, 99 for what no list has. */
  readonly level: number;
}

/** One thing that a word can mean, in plain words, and what leads to it. */
interface Sense {
  readonly means: string;
  readonly scene: string;
  readonly list: readonly number[];
}

/** The word book, opened: a few thousand nouns, how some thirty thousand words are spoken, what belongs to some twelve thousand themes. */
export interface WordBook {
  readonly nouns: readonly Noun[];
  readonly nounOf: ReadonlyMap<string, Noun>;
  readonly scenes: readonly Scene[];
  readonly sceneOf: ReadonlyMap<string, Scene>;
  /** Every name of a scene, as the words by which it is looked up. */
  readonly sceneNames: readonly { readonly scene: Scene; readonly words: readonly string[] }[];
  readonly sensesOf: ReadonlyMap<string, readonly Sense[]>;
  /** What belongs to a word, the most telling first; nothing for words that it does not know. */
  readonly listOf: (word: string) => readonly Noun[];
  /** How one word is spoken; null for one that it does not know. */
  readonly spokenOf: (word: string) => Spoken | null;
  /** Nouns that rhyme, the most common first. */
  readonly rhymesWith: (spoken: Spoken) => readonly string[];
  /** Every word that can be a theme. */
  readonly themes: ReadonlySet<string>;
}

const PER = 24;

/** Opens the word book: some 50 ms, once. */
export function openWordBook(): WordBook {
  const file = createRequire(import.meta.url).resolve('@kobby/words/data');
  const all = brotliDecompressSync(readFileSync(file));
  const length = all.readUInt32LE(0);
  const [phonemes = '', said = '', rows = '', words = '', senses = ''] = all
    .toString('utf8', 4, 4 + length)
    .split('\n\n');
  const numbers = all.subarray(4 + length);
  const nouns = rows.split('\n').map(nounOf);
  const packed = new Map(said.split('\n').map((line) => line.split('\t') as [string, string]));
  const names = phonemes.split(' ');
  const spokenOf = (word: string): Spoken | null => {
    const sounds = packed.get(word);
    return sounds === undefined ? null : unpacked(sounds, names);
  };
  const at = new Map(words.split('\n').map((word, i) => [word, i] as const));
  const listOf = (word: string): readonly Noun[] => {
    const k = at.get(word);
    return k === undefined
      ? []
      : Array.from({ length: PER }, (_, j) => nouns[numbers.readUInt16LE((k * PER + j) * 2)]!);
  };
  const sceneOf = new Map(scenes.flatMap((scene) => scene.themes.map((theme) => [theme, scene] as const)));
  return {
    nouns,
    nounOf: new Map(nouns.map((noun) => [noun.word, noun])),
    scenes,
    sceneOf,
    sceneNames: [...sceneOf]
      .map(([name, scene]) => ({ scene, words: wordsOf(name) }))
      .filter(({ words: said }) => said.length > 0),
    sensesOf: new Map(
      (JSON.parse(senses) as { word: string; senses: Sense[] }[]).map((one) => [one.word, one.senses]),
    ),
    listOf,
    spokenOf,
    rhymesWith: rhymer(nouns, spokenOf),
    themes: new Set([...at.keys(), ...sceneOf.keys()]),
  };
}

function nounOf(line: string): Noun {
  const [word = '', kind = '', size, picture, parts, pair, colour, many, level] = line.split('\t');
  return {
    word,
    kind,
    sizeMm: size ? Number(size) : null,
    picture: picture || null,
    parts: parts ? parts.split(',') : [],
    pair: pair || null,
    colour: colour || null,
    many: many || null,
    level: Number(level),
  };
}

// One letter a phoneme, from A on; a vowel is followed by ' where it is stressed, by " where it is a little.
function unpacked(sounds: string, names: readonly string[]): Spoken {
  const phonemes = sounds.match(/[^'"]['"]?/g) ?? [];
  return phonemes
    .map((one) => {
      const name = names[one.charCodeAt(0) - 65]!;
      if (!/^[AEIOU]/.test(name)) return name;
      return name + (one[1] === "'" ? '1' : one[1] === '"' ? '2' : '0');
    })
    .join(' ') as Spoken;
}

function rhymer(
  nouns: readonly Noun[],
  spokenOf: (word: string) => Spoken | null,
): (spoken: Spoken) => readonly string[] {
  const by = new Map<string, string[]>();
  for (const { word } of nouns.toSorted((a, b) => a.level - b.level)) {
    const spoken = /^[a-z]+$/.test(word) ? spokenOf(word) : null;
    if (spoken) by.set(rhymeOf(spoken), [...(by.get(rhymeOf(spoken)) ?? []), word]);
  }
  return (spoken) => by.get(rhymeOf(spoken)) ?? [];
}
