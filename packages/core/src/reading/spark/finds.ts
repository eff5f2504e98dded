import type { Book } from '../../book/index.ts';
import type { Supply } from '../../cupboard/index.ts';
import {
  FEATURE_KINDS,
  featureKey,
  isShownIn,
  type Feature,
  type Thing,
  type Unit,
  type UnitId,
} from '../../unit/index.ts';
import { membersIn } from '../plan/of-unit.ts';
import type { Frame } from '../plan/plan.ts';
import type { LibraryEntry } from '../search/entry.ts';
import type { LibrarySearch, LibraryWish } from '../search/search.ts';

/** Something that the house already has for a unit, with what speaks for it. */
export interface Find<T> {
  readonly found: T;
  readonly because: readonly string[];
}

/** What the library, the cupboard and earlier units already have for a theme. */
export interface SparkFinds {
  readonly entries: readonly Find<LibraryEntry>[];
  readonly supplies: readonly Find<Supply>[];
  readonly units: readonly Find<Unit>[];
}

const SMALL_WORDS = new Set([
  'and',
  'the',
  'for',
  'with',
  'all',
  'about',
  'our',
  'from',
  'week',
  'day',
  'night',
  // What kind of thing a unit features is no word of its theme: a letter week is not about letters.
  ...['letter', 'letters', 'number', 'numbers', 'colour', 'colours', 'color', 'colors', 'shape', 'shapes'],
  ...['weeks', 'days', 'theme', 'unit', 'month'],
]);
const FEWEST_LETTERS = 3;
const MOST_SHOWN = 12;

/**
 * What is there for a theme: by the words of its title, its things and its new words, and by what it features. What
 * several of them speak for comes first.
 */
export function sparkFinds(
  search: LibrarySearch,
  book: Book,
  { unit, featured }: Pick<Frame, 'unit' | 'featured'>,
  things: readonly Pick<Thing, 'name'>[],
): SparkFinds {
  const terms = termsOf([unit.title, ...unit.words, ...things.map(({ name }) => name)]);
  const wishes: readonly { readonly because: string; readonly wish: LibraryWish }[] = [
    ...terms.map((words) => ({ because: words, wish: { words } })),
    ...featured.flatMap((feature) => {
      const wish = wishFor(feature);
      return wish ? [{ because: featureText(feature), wish }] : [];
    }),
  ];
  return {
    entries: gathered(
      wishes.flatMap(({ because, wish }) => search.find(wish).map((found) => ({ found, because }))),
    ),
    supplies: gathered(suppliesFor(book, terms, featured)),
    units: gathered(unitsFor(book, unit.id, featured, terms)),
  };
}

/**
 * Members that earlier themes of this home had and this one could take: those of units that share a word of their title or their new
 * words with this one, the newest unit first, each name once and none that is there already.
 */
export function earlierThings(book: Book, unit: Pick<Unit, 'id' | 'title' | 'words'>): readonly Thing[] {
  const terms = new Set(termsOf([unit.title, ...unit.words]));
  const alike = Object.values(book.units)
    .filter(
      ({ id, title, words }) => id !== unit.id && termsOf([title, ...words]).some((term) => terms.has(term)),
    )
    .toSorted((a, b) => ((a.start ?? '') < (b.start ?? '') ? 1 : -1));
  const seen = new Set(membersIn(book, unit.id).map(({ name }) => name.toLocaleLowerCase('en')));
  return alike
    .flatMap(({ id }) => membersIn(book, id))
    .filter(({ name }) => {
      const key = name.toLocaleLowerCase('en');
      return !seen.has(key) && !!seen.add(key);
    });
}

/** The words by which something can be found: small and short ones left out, each once. */
const termsOf = (texts: readonly string[]): readonly string[] => [
  ...new Set(
    texts
      .flatMap((text) => text.toLocaleLowerCase('en').split(/[^\p{L}\p{N}]+/u))
      .filter((word) => word.length >= FEWEST_LETTERS && !SMALL_WORDS.has(word)),
  ),
];

/** `letter W`, `colour blue`. */
export const featureText = ({ kind, value }: Feature): string =>
  `${FEATURE_KINDS[kind].toLowerCase()} ${value}`;

function wishFor({ kind, value }: Feature): LibraryWish | null {
  if (kind === 'letter') return { letter: value };
  if (kind === 'number') return { number: Number(value) };
  return kind === 'colour' ? { colour: value } : { shape: value };
}

interface Reason<T> {
  readonly found: T;
  readonly because: string;
}

function gathered<T>(reasons: readonly Reason<T>[]): readonly Find<T>[] {
  const by = new Map<T, string[]>();
  for (const { found, because } of reasons) by.set(found, [...(by.get(found) ?? []), because]);
  return [...by]
    .map(([found, because]) => ({ found, because }))
    .toSorted((a, b) => b.because.length - a.because.length)
    .slice(0, MOST_SHOWN);
}

// What a thing is, without what it is like: `White glue` is a thing with G, `Water of tinned chickpeas` one with W.
const nounOfName = (name: string): string =>
  name
    .split(/,| of | in | with | to /)[0]!
    .split(/\s+/)
    .at(-1)!;

// A number is met in how many there are, not in what a thing is called.
function suppliesFor(book: Book, terms: readonly string[], featured: readonly Feature[]): Reason<Supply>[] {
  const met = featured.filter(({ kind }) => kind !== 'number');
  return Object.values(book.supplies)
    .filter(({ retired }) => !retired)
    .flatMap((found) => {
      const name = ` ${found.name.toLocaleLowerCase('en')}`;
      return [
        ...terms.filter((word) => name.includes(` ${word}`)),
        ...met
          .filter((feature) =>
            isShownIn(feature, feature.kind === 'letter' ? nounOfName(found.name) : found.name),
          )
          .map(featureText),
      ].map((because) => ({ found, because }));
    });
}

function unitsFor(
  book: Book,
  unitId: UnitId,
  featured: readonly Feature[],
  terms: readonly string[],
): Reason<Unit>[] {
  const keys = new Map(featured.map((feature) => [featureKey(feature), featureText(feature)]));
  return Object.values(book.units)
    .filter(({ id }) => id !== unitId)
    .flatMap((found) => {
      const theirs = termsOf([found.title, ...found.words]);
      const shared = terms.filter((term) => theirs.includes(term));
      const features = found.featured.map(featureKey).flatMap((key) => keys.get(key) ?? []);
      return [...shared, ...features].map((because) => ({ found, because }));
    });
}
