import { kindOf, referencesOf, refKey, type Book, type ChangeInput, type Kind } from '@kobby/core';
import { starterChanges } from './library.ts';

/** Something of Kobby's own library that a home does not have, with what it needs of what is lacking too. */
export interface LackingEntry {
  /** Its kind and id, as others name it. */
  readonly key: string;
  readonly kind: Kind;
  readonly title: string;
  /** The keys of what has to come with it: things, recipes, what comes before it. */
  readonly needs: readonly string[];
  /** The home has something of the same name: it is only taken in where something else needs it. */
  readonly isNamed: boolean;
  readonly change: ChangeInput;
}

// What a change puts, by its type: the kind, and the field in which it stands. Corners are the home's own.
const PUTS: Readonly<Record<string, readonly [Kind, string]>> = {
  'cupboard/put-supply': ['supplies', 'supply'],
  'library/put-sheet': ['sheets', 'sheet'],
  'library/put-activity': ['activities', 'activity'],
  'library/put-recipe': ['recipes', 'recipe'],
  'library/put-song': ['songs', 'song'],
  'library/put-book': ['bookTitles', 'book'],
  'library/put-watch-pattern': ['watchPatterns', 'pattern'],
  'library/put-ready-unit': ['readyUnits', 'readyUnit'],
};

interface Entry {
  readonly key: string;
  readonly kind: Kind;
  readonly id: string;
  readonly title: string;
  readonly refs: readonly string[];
  readonly change: ChangeInput;
}

// Read once: what ships does not change while it runs.
let entries: readonly Entry[] | null = null;
const starterEntries = (): readonly Entry[] =>
  (entries ??= starterChanges().flatMap((change): readonly Entry[] => {
    const put = PUTS[change.type];
    if (!put) return [];
    const [kind, field] = put;
    const said = (change as unknown as Record<string, Record<string, unknown>>)[field]!;
    const entity = kindOf(kind).schema.parse({ ...said, version: 0 }) as never;
    const { id } = entity as { readonly id: string };
    return [
      {
        ...{ key: refKey({ kind, id }), kind, id, change },
        title: nameOf(kind, entity) || id,
        refs: referencesOf(kind, entity).map(({ target }) => refKey(target)),
      },
    ];
  }));

/**
 * What of Kobby's own library a home does not have, because it was made before that came, or because it was taken away.
 */
export function lackingIn(book: Book): readonly LackingEntry[] {
  const missing = new Map(
    starterEntries()
      .filter(({ kind, id }) => book[kind][id] === undefined)
      .map((entry) => [entry.key, entry]),
  );
  const names = new Set(
    Object.values(PUTS).flatMap(([kind]) =>
      Object.values(book[kind]).map((entity) => nameKey(kind, nameOf(kind, entity as never))),
    ),
  );
  return [...missing.values()].map((entry) => ({
    ...{ key: entry.key, kind: entry.kind, title: entry.title, change: entry.change },
    needs: [...neededBy(entry, missing)],
    isNamed: names.has(nameKey(entry.kind, entry.title)),
  }));
}

/** Everything lacking that something leads to, through others too. */
function neededBy(entry: Entry, missing: ReadonlyMap<string, Entry>): ReadonlySet<string> {
  const found = new Set<string>();
  const follow = ({ refs }: Entry): void => {
    for (const key of refs) {
      const other = missing.get(key);
      if (!other || key === entry.key || found.has(key)) continue;
      found.add(key);
      follow(other);
    }
  };
  follow(entry);
  return found;
}

const nameOf = (kind: Kind, entity: never): string => kindOf(kind).nameOf(entity) ?? '';
const nameKey = (kind: Kind, name: string): string => `${kind} ${name.trim().toLocaleLowerCase('en')}`;
