import pluralize from 'pluralize';
import { DRAWN } from './drawn.ts';
import { eachShown } from './shown.ts';

/** A picture that ships with Kobby. */
export interface ShippedPicture {
  /** What it is called in an address: `/pictures/<id>.svg`. */
  readonly id: string;
  /** The names under which it is found, the plainest first. */
  readonly names: readonly string[];
  /** From the open set, or drawn for Kobby. */
  readonly from: 'open set' | 'drawn';
}

const linesOf = (text: string): readonly string[] => text.trim().split('\n');
const namesOf = (id: string, names: string | undefined): readonly string[] =>
  names ? names.split(', ') : [id.replaceAll('-', ' ')];

/** All pictures that ship, those of the open set first. */
export const PICTURES: readonly ShippedPicture[] = [
  ...eachShown().map(({ id, names }): ShippedPicture => ({
    id,
    names: namesOf(id, names),
    from: 'open set',
  })),
  ...linesOf(DRAWN).map((line): ShippedPicture => {
    const [id = '', names = ''] = line.split(' | ')[0]!.split(': ');
    return { id, names: namesOf(id, names), from: 'drawn' };
  }),
];

// As names are compared: no article, no matter of capitals, one and many alike.
const plain = (name: string): string =>
  name
    .split('/')[0]!
    .trim()
    .toLocaleLowerCase('en')
    .replaceAll('’', "'")
    .replace(/^(?:an?|the) /, '');

const byName = new Map<string, string>();
// The first that has a name keeps it, and what was drawn for a name stands before what only resembles it.
for (const { id, names } of PICTURES.toReversed()) for (const name of names) byName.set(plain(name), id);
for (const { id, names, from } of PICTURES)
  if (from === 'drawn') for (const name of names) byName.set(plain(name), id);
const ids = new Set(PICTURES.map(({ id }) => id));

/**
 * The picture that goes by a name, one or many of it; null when none does. Only a whole name finds one: a keyword within a name would
 * show something else often enough to mislead a child.
 */
export function pictureNamed(name: string): string | null {
  // What stands behind a comma or in brackets says which one: `buttons, 4 cm`.
  for (const said of [plain(name), plain(name.split(/[,(]/)[0]!)])
    for (const word of [said, pluralize.singular(said)]) {
      const id = byName.get(word);
      if (id !== undefined) return id;
    }
  return null;
}

/** Whether a picture of this id ships. */
export const isShipped = (id: string): boolean => ids.has(id);

/** Pictures whose names begin with what was typed, then those that have it as a word within; at most `most`. */
export function picturesLike(typed: string, most: number): readonly ShippedPicture[] {
  const said = plain(typed);
  if (said === '') return [];
  const rank = ({ names }: ShippedPicture): number => {
    const all = names.map(plain);
    if (all.some((name) => name === said)) return 0;
    if (all.some((name) => name.startsWith(said))) return 1;
    return all.some((name) => name.includes(` ${said}`)) ? 2 : 3;
  };
  return PICTURES.map((picture) => ({ picture, at: rank(picture) }))
    .filter(({ at }) => at < 3)
    .toSorted((a, b) => a.at - b.at)
    .slice(0, most)
    .map(({ picture }) => picture);
}
