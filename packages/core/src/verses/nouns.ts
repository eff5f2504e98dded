import pluralize from 'pluralize';
import { takesAn } from '../spoken/index.ts';

/** What stands for a noun afterwards: `it` for a thing, `they` for a pair or for somebody of whom no more is said. */
export type Pronoun = 'it' | 'he' | 'she' | 'they';

/** A word in both its numbers. */
export interface Noun {
  readonly one: string;
  readonly many: string;
  readonly pronoun: Pronoun;
  /** Whether one can say a number before it: five kites, but not five lavas or five scissors. */
  readonly counted: boolean;
}

// Alike for one and for many, and counted all the same.
const ALIKE: ReadonlySet<string> = new Set(
  'sheep fish deer moose salmon trout shrimp squid bison swine aircraft spacecraft hovercraft series species offspring reindeer'.split(
    ' ',
  ),
);
// Two that hang together: they, and a pair of them.
const PAIRS =
  /(?:^|\s)(?:scissors|trousers|pants|shorts|jeans|pyjamas|pajamas|glasses|sunglasses|goggles|binoculars|tongs|tweezers|pliers|tights|leggings|overalls|shears)$/;
const PRONOUN = /:(it|he|she|they)$/;

/**
 * A noun from what somebody wrote: `kite`; `mouse/mice` where the many cannot be told from the one; `sand/sand` for what is not
 * counted; `king:he` where it is not `it`. Begins with a small letter unless more of it is in capitals: it stands within a line.
 */
export function nounOf(written: string): Noun {
  const said = PRONOUN.exec(written.trim())?.[1] as Pronoun | undefined;
  const [one = '', many = ''] = written
    .trim()
    .replace(PRONOUN, '')
    .split('/')
    .map((part) => withSmallStart(part.trim().replace(/^(?:an?|An?)\s+(?=\p{Ll}{2})/u, '')));
  const last = one.split(' ').at(-1)!;
  const isPair = PAIRS.test(one);
  const isMass = many !== '' && many === one && !ALIKE.has(last);
  return {
    one,
    many: many || (isPair || ALIKE.has(last) ? one : pluralize.plural(one)),
    pronoun: said ?? (isPair ? 'they' : 'it'),
    counted: !isPair && !isMass,
  };
}

// A letter that names a thing stays large: `K thing`, `X-ray`, `T-shirt`. An `A` before a word is an article.
const withSmallStart = (text: string): string =>
  text.slice(1) === text.slice(1).toLocaleLowerCase('en') && !/^(?:[A-Z](?:$|-)|[B-Z] )/.test(text)
    ? text.charAt(0).toLocaleLowerCase('en') + text.slice(1)
    : text;

/** The noun as it stands after a number: the one after 1, the many after all others, none included. */
export const counted = ({ one, many }: Noun, n: number): string => (n === 1 ? one : many);

/** A word with `a` or `an` before it, by how it sounds. */
export function withArticle(word: string): string {
  return `${takesAn(word) ? 'an' : 'a'} ${word}`;
}

/** One of a noun with what stands before it: `a kite`, `some sand`, `a pair of scissors`. */
export const oneOfNoun = ({ one, counted: isCounted, pronoun }: Noun): string =>
  isCounted ? withArticle(one) : pronoun === 'they' ? `a pair of ${one}` : `some ${one}`;
