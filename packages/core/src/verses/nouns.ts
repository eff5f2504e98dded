import pluralize from 'pluralize';
import { takesAn } from '../spoken/index.ts';

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
  text.slice(1) === text.slice(1).toLocaleLowerCase('en') && !/^[A-Z](?:$|-)/.test(text)
    ? text.charAt(0).toLocaleLowerCase('en') + text.slice(1)
    : text;

/** The noun as it stands after a number: the one after 1, the many after all others, none included. */
export const counted = ({ one, many }: Noun, n: number): string => (n === 1 ? one : many);

/** A word with `a` or `an` before it, by how it sounds. */
export function withArticle(word: string): string {
  return `${takesAn(word) ? 'an' : 'a'} ${word}`;
}
