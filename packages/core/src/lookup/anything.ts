import MiniSearch from 'minisearch';
import { homeOf, type Book } from '../book/index.ts';
import type { PlainDay } from '../calendar/index.ts';
import { formatQuantity } from '../measure/index.ts';
import { frameOf, libraryEntries, unitsByNearness } from '../reading/index.ts';
import { stockOf } from '../reading/stock/ledger.ts';
import { PRINTED } from '../sheets/index.ts';
import type { UnitId } from '../unit/index.ts';

/** What can be found, in the order in which equals are shown. */
export const FOUND_KINDS = {
  begin: 'to begin',
  page: 'page',
  children: 'child',
  units: 'unit',
  supplies: 'in the cupboard',
  activities: 'activity',
  songs: 'song',
  recipes: 'recipe',
  bookTitles: 'book',
  sheets: 'sheet of your own',
  people: 'adult',
  corners: 'corner',
  print: 'to print',
} as const;
export type FoundKind = keyof typeof FOUND_KINDS;

/** Something that was found. */
export interface Found {
  /** The same for the same thing, so that it can be remembered as used. */
  readonly key: string;
  readonly kind: FoundKind;
  /** The id of what it is, or the name of a page, a sheet, or what is begun. */
  readonly id: string;
  readonly title: string;
  /** What else is to be known at once: where a thing is kept and how much of it is there. */
  readonly hint: string;
  /** The unit that a page or a sheet belongs to. */
  readonly unitId: UnitId | null;
  /** The day that was named, for what is there day by day. */
  readonly day: number | null;
}

/** Something that has a name and other words for it. */
export interface Findable {
  readonly name: string;
  readonly words: string;
}
type Findables = Readonly<Record<string, Findable>>;

/** What can be gone to and begun, by its own names: whoever shows the pages knows them. */
export interface Places {
  readonly ofHome: Findables;
  readonly ofUnit: Findables;
  readonly toBegin: Findables;
}

interface Entry extends Found {
  /** By what it is found besides its title. */
  readonly words: string;
  readonly isPerDay: boolean;
}

const SHORT_LETTERS = 4;
const OPTIONS = {
  prefix: true,
  fuzzy: ({ length }: string): number | boolean => (length <= SHORT_LETTERS ? false : 1),
  boost: { title: 4 },
  combineWith: 'AND',
} as const;
/** What was used lately stands before what merely fits. */
const RECENT_BOOST = 3;

/**
 * Everything of a home under one field. Made when it is opened: it does not follow the book. Words are beginnings in any order; a number is
 * the day of what is there day by day (`folder 4`).
 */
export class AnythingSearch {
  readonly #entries: ReadonlyMap<string, Entry>;
  readonly #index = new MiniSearch<Entry>({
    idField: 'key',
    fields: ['title', 'words'],
    searchOptions: OPTIONS,
  });
  readonly #dayCount: number;

  /**
   * @param open the unit that is open; where none is, or it is gone, the nearest one is meant.
   */
  constructor(book: Book, places: Places, today: PlainDay, open: string | null) {
    const isThere = (id: string | null): id is UnitId => id !== null && id in book.units;
    const unitId = isThere(open) ? open : (unitsByNearness(book, today)[0]?.unit.id ?? null);
    const entries = entriesOf(book, places, unitId);
    this.#entries = new Map(entries.map((entry) => [entry.key, entry]));
    this.#dayCount = unitId ? frameOf(book, unitId).calendar.days.length : 0;
    this.#index.addAll(entries);
  }

  /**
   * The best `most` for some words, what was used lately first; without words what was used lately.
   * @param recent keys of what was used, the newest first.
   */
  find(text: string, recent: readonly string[], most = 12): readonly Found[] {
    const rank = new Map(recent.map((key, i) => [key, recent.length - i]));
    const words = text.trim();
    if (words === '') return recent.flatMap((key) => this.#entries.get(key) ?? []).slice(0, most);
    const number = /(?:^|\s)(\d{1,2})(?=\s|$)/.exec(words)?.[1];
    const day = number ? Number(number) : null;
    const hits = this.#index.search(day === null ? words : words.replace(/(?:^|\s)\d{1,2}(?=\s|$)/, ' '), {
      boostDocument: (key) => (rank.has(String(key)) ? RECENT_BOOST : 1),
    });
    const isDay = day !== null && day >= 1 && day <= this.#dayCount;
    return hits
      .map(({ id }) => this.#entries.get(String(id))!)
      .flatMap((entry): Entry[] => {
        if (!entry.isPerDay || !isDay) return day === null || entry.title.includes(number!) ? [entry] : [];
        return [{ ...entry, day, title: `${entry.title}, Day ${day}` }];
      })
      .slice(0, most);
  }
}

function entriesOf(book: Book, places: Places, unitId: UnitId | null): readonly Entry[] {
  const { units: system } = homeOf(book);
  const plain = { unitId: null, day: null, isPerDay: false } as const;
  const entry = (kind: FoundKind, id: string, title: string, hint = '', words = ''): Entry => ({
    ...plain,
    ...{ key: `${kind}/${id}`, kind, id, title, hint, words: `${words} ${hint} ${FOUND_KINDS[kind]}` },
  });
  const here = Object.values(book.supplies).filter(({ retired }) => !retired);
  const ofUnit = unitId
    ? [
        ...Object.entries(places.ofUnit).map(([id, { name, words }]) => ({
          ...entry('page', id, name, book.units[unitId]!.title, words),
          unitId,
        })),
        ...Object.entries(PRINTED).map(([id, { name, hint, perDay }]) => ({
          ...entry('print', id, name, hint, 'print paper sheet day'),
          ...{ unitId, isPerDay: perDay },
        })),
      ]
    : [];
  return [
    ...Object.entries(places.toBegin).map(([id, { name, words }]) => entry('begin', id, name, '', words)),
    ...Object.entries(places.ofHome).map(([id, { name, words }]) => entry('page', id, name, '', words)),
    ...ofUnit,
    ...Object.values(book.children).map(({ id, name }) => entry('children', id, name)),
    ...Object.values(book.people).map(({ id, name }) => entry('people', id, name)),
    ...Object.values(book.corners).map(({ id, name }) => entry('corners', id, name)),
    ...Object.values(book.units).map(({ id, title }) => entry('units', id, title)),
    ...here.map((supply) => {
      const amount = formatQuantity(stockOf(supply, book.stockMoves), system);
      return entry(
        'supplies',
        supply.id,
        supply.name,
        [supply.keptIn ?? '', `${amount} here`].filter(Boolean).join(' · '),
      );
    }),
    ...libraryEntries(book)
      .filter(({ entity }) => !entity.retired)
      .map(({ kind, entity, title, tags }) => entry(kind, entity.id, title, '', tags)),
  ];
}
