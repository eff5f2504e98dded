import type { Spoken, ToldWord } from '@kobby/core';
import { plainWord } from './forms.ts';
import type { Noun, WordBook } from './word-book.ts';

const MOST_RHYMES = 6;

/**
 * What is known of the name of a thing, whoever typed it: how it is spoken, what rhymes with it, many of it, its kind and about how
 * large it is. A name of several words is of the kind of its last one. Whatever nothing is known of is null or empty.
 */
export function told(book: WordBook, name: string): ToldWord {
  const words = name
    .trim()
    .toLocaleLowerCase('en')
    .split(/[\s-]+/)
    .filter(Boolean);
  const whole = words.join(' ');
  const noun = book.nounOf.get(whole) ?? book.nounOf.get(plainWord(whole)) ?? null;
  const head = noun ?? headOf(book, words);
  const spoken = spokenTogether(book, words);
  const last = words.length === 1 ? spoken : book.spokenOf(words.at(-1) ?? '');
  return {
    name,
    spoken,
    many: noun?.many ?? null,
    rhymes: last
      ? book
          .rhymesWith(last)
          .filter((word) => word !== words.at(-1))
          .slice(0, MOST_RHYMES)
      : [],
    kind: head?.kind ?? null,
    sizeMm: head?.sizeMm ?? null,
    parts: noun?.parts ?? [],
    pair: noun?.pair ?? null,
    colour: noun?.colour ?? null,
    role: null,
    rank: null,
  };
}

const headOf = (book: WordBook, words: readonly string[]): Noun | null =>
  words.length > 1
    ? (book.nounOf.get(words.at(-1)!) ?? book.nounOf.get(plainWord(words.at(-1)!)) ?? null)
    : null;

// A name is spoken as its words are; null when one of them is unknown.
function spokenTogether(book: WordBook, words: readonly string[]): Spoken | null {
  const each = words.map((word) => book.spokenOf(word));
  return each.length > 0 && each.every(Boolean) ? (each.join(' ') as Spoken) : null;
}
