import pluralize from 'pluralize';

/** A word in both its numbers. */
export interface Noun {
  readonly one: string;
  readonly many: string;
}

/**
 * A noun from what somebody wrote: `kite`, or `mouse/mice` where the many cannot be told from the one. Begins with a small
 * letter unless more of it is in capitals: it stands within a line.
 */
export function nounOf(written: string): Noun {
  const [one = '', many = ''] = written.split('/').map((part) => withSmallStart(part.trim()));
  return { one, many: many || pluralize.plural(one) };
}

const withSmallStart = (text: string): string =>
  text.slice(1) === text.slice(1).toLocaleLowerCase('en') && !/^[A-Z]$/.test(text)
    ? text.charAt(0).toLocaleLowerCase('en') + text.slice(1)
    : text;

/** The noun as it stands after a number: the one after 1, the many after all others, none included. */
export const counted = ({ one, many }: Noun, n: number): string => (n === 1 ? one : many);

// By sound, not by letter: `an hour`, `a unicycle`, `a one-eyed owl`.
const SILENT_H = /^(?:hour|honest|honou?r|heir)/i;
const SOUNDS_LIKE_YOU = /^(?:uni(?!n|m)|use|usu|ute|eu|ewe|one|once|u-|[uU]$)/i;

/** A word with `a` or `an` before it, by how it sounds. */
export function withArticle(word: string): string {
  const isVowel = SILENT_H.test(word) || (/^[aeiou]/i.test(word) && !SOUNDS_LIKE_YOU.test(word));
  return `${isVowel ? 'an' : 'a'} ${word}`;
}
