import type { OfferedThing, ThemeOffers } from '@kobby/core';
import { isSlip, plainWord, wordsOf } from './forms.ts';
import { ROLE_OF_KIND, type Scene, type SceneThing } from './scenes/index.ts';
import { told } from './told.ts';
import type { Noun, WordBook } from './word-book.ts';

/** So many are offered for a theme, and so many again once more is asked for. */
const MOST = 24;

/** The letter that a theme is about: `w` of `Letter W`; null for all others. */
export const letterOf = (theme: string): string | null =>
  /^(?:the )?letter\s+([a-z])\b|^([a-z])[- ]week$|^([a-z])$/i
    .exec(theme.trim())
    ?.slice(1)
    .find(Boolean)
    ?.toLocaleLowerCase('en') ?? null;

/**
 * What belongs to a theme, the most telling first: from the scenes that were written for Kobby, for all other themes from the word
 * book. A word that means two things is asked for first (`senses`), unless `sense` says which. Words that nothing is known of stand
 * in `missing`, with what may have been meant by a slip of the hand.
 */
export function offers(book: WordBook, theme: string, sense: number | null = null): ThemeOffers {
  const letter = letterOf(theme);
  if (letter !== null) return found(book, 'letter', ofLetter(book, letter));
  const written = scenesFor(book, theme);
  const words = wordsOf(theme);
  const senses = words.length === 1 ? (book.sensesOf.get(words[0]!) ?? []) : [];
  if (senses.length > 0) {
    // What the theme is called in full says which is meant, unless somebody said.
    const named = senses.findIndex((one) => written.some(({ themes }) => themes[0] === one.scene));
    const at = sense !== null && sense < senses.length ? sense : Math.max(0, named);
    const chosen = senses[at]!;
    const scene = book.sceneOf.get(chosen.scene);
    const list = scene
      ? found(book, 'scene', scene.things)
      : found(
          book,
          'word-book',
          chosen.list.map((i) => book.nouns[i]!),
        );
    return { ...list, senses: senses.map(({ means }) => means), sense: at };
  }
  if (written.length > 0) return found(book, 'scene', inTurns(written.map(({ things }) => things)));
  const together = twoWords(words).filter((two) => book.themes.has(two));
  const isMet = (word: string): boolean =>
    book.themes.has(word) || together.some((two) => two.split(' ').includes(word));
  const missing = words.filter((word) => !isMet(word));
  // A name of two words that is known as one is what is meant, not what its words mean by themselves.
  const single = words.filter((word) => !together.some((two) => two.split(' ').includes(word)));
  const lists = [...together, ...single].map((word) => book.listOf(word));
  return {
    ...found(book, 'word-book', inTurns(lists.filter(({ length }) => length > 0))),
    missing,
    meant: missing.flatMap((word) => meantBy(book, word)),
  };
}

const found = (
  book: WordBook,
  from: ThemeOffers['from'],
  things: readonly (Noun | SceneThing)[],
): ThemeOffers => ({
  from: things.length > 0 ? from : null,
  senses: [],
  sense: null,
  things: things.slice(0, MOST).map((thing) => offered(book, thing)),
  missing: [],
  meant: [],
});

function offered(book: WordBook, thing: Noun | SceneThing): OfferedThing {
  if ('word' in thing) return told(book, thing.word);
  const known = told(book, thing.name);
  const kind = (thing.isPartner ? known.kind : null) ?? thing.kind;
  const { rank } = thing;
  const role = ROLE_OF_KIND[kind] ?? null;
  return {
    ...known,
    ...{ kind, role, rank },
    parts: thing.parts.length > 0 ? thing.parts : known.parts,
    pair: thing.pair ?? known.pair,
  };
}

// The scenes of which a name lies wholly in it, the longest names only.
function scenesFor(book: WordBook, theme: string): readonly Scene[] {
  const said = new Set(wordsOf(theme));
  if (said.size === 0) return [];
  const met = book.sceneNames.filter(({ words }) => words.every((word) => said.has(word)));
  const most = Math.max(0, ...met.map(({ words }) => words.length));
  return [...new Set(met.filter(({ words }) => words.length === most).map(({ scene }) => scene))];
}

const twoWords = (words: readonly string[]): readonly string[] =>
  words.slice(1).map((word, i) => `${words[i]} ${word}`);

// What stands in several lists comes first, then the first of each, the second of each.
function inTurns<T extends Noun | SceneThing>(lists: readonly (readonly T[])[]): readonly T[] {
  const nameOf = (thing: T): string => ('word' in thing ? thing.word : thing.name);
  const longest = Math.max(0, ...lists.map(({ length }) => length));
  const all = Array.from({ length: longest }, (_, i) => lists.flatMap((list) => list[i] ?? [])).flat();
  const times = new Map<string, number>();
  for (const thing of all) times.set(nameOf(thing), (times.get(nameOf(thing)) ?? 0) + 1);
  const once = all.filter((thing, i) => all.findIndex((other) => nameOf(other) === nameOf(thing)) === i);
  return once.toSorted((a, b) => times.get(nameOf(b))! - times.get(nameOf(a))!);
}

// Things that begin with a letter, those that the scenes use most first.
function ofLetter(book: WordBook, letter: string): readonly Noun[] {
  const uses = new Map<string, number>();
  for (const { things } of book.scenes)
    for (const { name } of things) uses.set(name, (uses.get(name) ?? 0) + 1);
  return book.nouns
    .filter(({ word }) => word.startsWith(letter) && !word.includes(' '))
    .toSorted(
      (a, b) =>
        Number(b.picture !== null) - Number(a.picture !== null) ||
        (uses.get(b.word) ?? 0) - (uses.get(a.word) ?? 0) ||
        a.level - b.level,
    );
}

function meantBy(book: WordBook, word: string): readonly string[] {
  if (word.length < 4) return [];
  // What children meet before what only leads to something.
  const isUsual = (theme: string): boolean => book.nounOf.has(theme) || book.sceneOf.has(theme);
  return [...book.themes]
    .filter((theme) => theme[0] === word[0] && isSlip(plainWord(theme), word))
    .toSorted(
      (a, b) =>
        Number(isUsual(b)) - Number(isUsual(a)) ||
        Number(b.length === word.length) - Number(a.length === word.length),
    )
    .slice(0, 3);
}
