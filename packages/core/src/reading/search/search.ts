import MiniSearch from 'minisearch';
import type { Book } from '../../book/index.ts';
import type { CornerKind } from '../../house/index.ts';
import type { ActivityContent, RecipeKind } from '../../library/index.ts';
import type { Area, SkillId } from '../../skills/index.ts';
import { isShownIn, type FeatureKind } from '../../unit/index.ts';
import { stockOf } from '../stock/ledger.ts';
import { libraryEntries, type LibraryEntry, type LibraryKind } from './entry.ts';

/** What is looked for: words in any order, and what they are narrowed down by. What is left out does not narrow. */
export interface LibraryWish {
  readonly words?: string;
  readonly kinds?: readonly LibraryKind[] | null;
  readonly cornerKind?: CornerKind | null;
  readonly area?: Area | null;
  readonly skill?: SkillId | null;
  /** Has a version for this age, in completed months. */
  readonly ageMonths?: number | null;
  readonly mess?: ActivityContent['mess'] | null;
  readonly place?: 'indoors' | 'outdoors' | null;
  readonly prepMinutes?: number | null;
  /** What it is about by its own account, or by the words of its title. */
  readonly letter?: string | null;
  readonly number?: number | null;
  readonly colour?: string | null;
  readonly shape?: string | null;
  /** Something of everything that it needs is there. */
  readonly onHand?: boolean;
  readonly usedBefore?: boolean;
  /** Never placed in any unit. */
  readonly unused?: boolean;
  readonly energy?: ActivityContent['energy'] | null;
  readonly mode?: ActivityContent['mode'] | null;
  readonly recipeKind?: RecipeKind | null;
  readonly lovedBefore?: boolean;
  /** Without words: what takes the least preparing first, instead of by title. */
  readonly easiestFirst?: boolean;
  /** With those that are no longer proposed. */
  readonly retired?: boolean;
}

const SHORT_LETTERS = 4;
const LONG_LETTERS = 8;

// Words as they are typed: beginnings count. In short words a slip makes another word (kite and bite); in longer ones one is
// forgiven, in long ones two.
const OPTIONS = {
  prefix: true,
  fuzzy: ({ length }: string): number | boolean =>
    length <= SHORT_LETTERS ? false : length < LONG_LETTERS ? 1 : 2,
  boost: { title: 4, tags: 2 },
  combineWith: 'AND',
} as const;

/**
 * Finds entries of the library. It keeps an index of words and follows the book: only entries that changed are
 * indexed again. Each screen that searches keeps one.
 */
export class LibrarySearch {
  readonly #index = new MiniSearch<LibraryEntry>({
    idField: 'key',
    fields: ['title', 'tags', 'text'],
    searchOptions: OPTIONS,
  });
  #entries: ReadonlyMap<string, LibraryEntry> = new Map();
  #book: Book | null = null;

  /** Takes in what is new in a book; the same book twice costs nothing. */
  follow(book: Book): void {
    if (this.#book !== null && sameLibrary(this.#book, book)) {
      this.#book = book;
      return;
    }
    const next = new Map(libraryEntries(book).map((entry) => [entry.key, entry]));
    for (const [key, entry] of this.#entries) if (next.get(key) !== entry) this.#index.remove(entry);
    for (const [key, entry] of next) if (this.#entries.get(key) !== entry) this.#index.add(entry);
    this.#entries = next;
    this.#book = book;
  }

  // What is there as it is typed is meant: nothing like it is added. Else two of its letters may have changed places, the
  // commonest slip; else it is a slip of another kind.
  #search(words: string): readonly { readonly id: unknown }[] {
    const isKnown = (term: string): boolean => this.#index.search(term, { fuzzy: false }).length > 0;
    const terms = words.split(/\s+/).map((typed) => {
      // Many of something are found by one of it, which begins as they do.
      const one = /[^s]s$/i.test(typed) && typed.length > SHORT_LETTERS ? typed.slice(0, -1) : typed;
      const term = one !== typed && isKnown(one) ? one : typed;
      if (term.length <= SHORT_LETTERS || isKnown(term)) return term;
      return swapsOf(term).find(isKnown) ?? term;
    });
    return this.#index.search(terms.join(' '), {
      fuzzy: (term) => !isKnown(term) && OPTIONS.fuzzy(term),
    });
  }

  /** What fits a wish: with words the best first, without words by title. None before a book was followed. */
  find(wish: LibraryWish): readonly LibraryEntry[] {
    const book = this.#book;
    if (!book) return [];
    const isWanted = narrowing(book, wish);
    const words = wish.words?.trim() ?? '';
    if (words === '') {
      const minutes = ({ facets }: LibraryEntry): number =>
        wish.easiestFirst ? (facets.prepMinutes ?? 0) : 0;
      return [...this.#entries.values()]
        .filter(isWanted)
        .toSorted((a, b) => minutes(a) - minutes(b) || (a.title < b.title ? -1 : a.title > b.title ? 1 : 0));
    }
    const named = this.#search(words).map((found) => this.#entries.get(found.id as string)!);
    const needing = needs(book, words);
    const others = needing ? [...this.#entries.values()].filter((entry) => needing(entry)) : [];
    return [...new Set([...named, ...others])].filter(isWanted);
  }
}

// Every way in which two neighbouring letters of a word could have been swapped.
const swapsOf = (term: string): readonly string[] =>
  Array.from(
    { length: term.length - 1 },
    (_, i) => term.slice(0, i) + term[i + 1]! + term[i]! + term.slice(i + 2),
  );

const sameLibrary = (a: Book, b: Book): boolean =>
  a.activities === b.activities &&
  a.recipes === b.recipes &&
  a.songs === b.songs &&
  a.bookTitles === b.bookTitles &&
  a.sheets === b.sheets;

type Test = (entry: LibraryEntry) => boolean;

// One test for each thing that is asked; what is not asked is not tested.
function narrowing(book: Book, wish: LibraryWish): Test {
  const tests: (Test | false | null | undefined | '')[] = [
    !wish.retired && (({ entity }) => !entity.retired),
    wish.kinds && (({ kind }) => wish.kinds!.includes(kind)),
    ...byFacet(wish),
    wish.onHand && onHandTest(book),
    wish.usedBefore && usedTest(book),
    wish.unused && unusedTest(book),
    wish.lovedBefore && (({ facets }) => facets.loved),
  ];
  const asked = tests.filter((test) => typeof test === 'function');
  return (entry) => asked.every((test) => test(entry));
}

const isGiven = <T>(value: T | null | undefined): value is T => value !== null && value !== undefined;

const shows = (kind: FeatureKind, value: string, title: string): boolean => isShownIn({ kind, value }, title);

function byFacet(wish: LibraryWish): (Test | false | null | undefined | '')[] {
  const same = (list: readonly string[], text: string): boolean =>
    list.some((one) => one.toLowerCase() === text.trim().toLowerCase());
  const { cornerKind, area, skill, ageMonths, mess, place, prepMinutes, letter, number, colour, shape } =
    wish;
  const { energy, mode, recipeKind } = wish;
  return [
    energy && (({ facets }) => facets.energy === energy),
    mode && (({ entity }) => 'content' in entity && entity.content.mode === mode),
    recipeKind &&
      (({ entity, kind }) => kind === 'recipes' && 'kind' in entity && entity.kind === recipeKind),
    cornerKind && (({ facets }) => facets.cornerKinds.includes(cornerKind)),
    area && (({ facets }) => facets.areas.has(area)),
    skill && (({ facets }) => facets.skills.includes(skill)),
    isGiven(ageMonths) &&
      (({ facets }) =>
        facets.ages.some(({ from, until }) => from <= ageMonths && (until === null || ageMonths < until))),
    mess && (({ facets }) => facets.mess === mess),
    place && (({ facets }) => facets.place === place || facets.place === 'either'),
    isGiven(prepMinutes) &&
      (({ facets }) => facets.prepMinutes !== null && facets.prepMinutes <= prepMinutes),
    letter && (({ facets, title }) => same(facets.letters, letter) || shows('letter', letter, title)),
    isGiven(number) &&
      (({ facets, title }) => facets.numbers.includes(number) || shows('number', `${number}`, title)),
    colour && (({ facets, title }) => same(facets.colours, colour) || shows('colour', colour, title)),
    shape && (({ facets, title }) => same(facets.shapes, shape) || shows('shape', shape, title)),
  ];
}

// What needs a thing of that name; null where nothing in the cupboard is called so.
function needs({ supplies }: Book, words: string): Test | null {
  const terms = words.toLowerCase().split(/\s+/);
  const meant = new Set<string>(
    Object.values(supplies).flatMap(({ id, name }) =>
      terms.every((term) => term.length >= SHORT_LETTERS && name.toLowerCase().includes(term)) ? [id] : [],
    ),
  );
  return meant.size === 0 ? null : ({ facets }) => facets.supplyIds.some((id) => meant.has(id));
}

function onHandTest({ supplies, stockMoves }: Book): Test {
  return ({ facets, kind }) =>
    (kind === 'activities' || kind === 'recipes') &&
    facets.supplyIds.every((id) => supplies[id] && stockOf(supplies[id], stockMoves).amount > 0);
}

function unusedTest(book: Book): Test {
  const isUsed = usedTest(book);
  return (entry) => entry.kind === 'activities' && !isUsed(entry);
}

function usedTest({ placements }: Book): Test {
  const used = new Set<string | null>(Object.values(placements).map(({ originId }) => originId));
  return ({ entity, kind }) => kind === 'activities' && used.has(entity.id);
}
