import type { Book, ChangeInput, Kind } from '@kobby/core';
import {
  FIRST_REVISION,
  nameOf,
  saidBy,
  SHIPPED_KINDS,
  shippedEntries,
  type ShippedEntry,
} from './shipped.ts';

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
  /** The home has it as it came once, and nobody changed it there; by now it says something else. */
  readonly isNewer: boolean;
  readonly change: ChangeInput;
}

// Of these a home has a text of Kobby's; things of the cupboard are its own from the first day.
const TEXTS: ReadonlySet<Kind> = new Set<Kind>([
  'activities',
  'recipes',
  'songs',
  'watchPatterns',
  'readyUnits',
]);

/**
 * What of Kobby's own library a home does not have, because it was made before that came, or because it was taken away; and what it has as
 * it came once, where it says something else by now.
 */
export function lackingIn(book: Book): readonly LackingEntry[] {
  const entityOf = ({ kind, id }: ShippedEntry) => book[kind][id] as { readonly version: number } | undefined;
  const all = shippedEntries();
  const missing = new Map(
    all.filter((entry) => entityOf(entry) === undefined).map((entry) => [entry.key, entry]),
  );
  const newer = all.filter((entry) => {
    const had = TEXTS.has(entry.kind) ? entityOf(entry) : undefined;
    return had?.version === FIRST_REVISION && saidBy(had) !== entry.said;
  });
  const names = new Set(
    SHIPPED_KINDS.flatMap((kind) =>
      Object.values(book[kind]).map((entity) => nameKey(kind, nameOf(kind, entity as never))),
    ),
  );
  const told = (entry: ShippedEntry) => ({
    ...{ key: entry.key, kind: entry.kind, title: entry.title, change: entry.change },
    needs: [...neededBy(entry, missing)],
  });
  return [
    ...[...missing.values()].map((entry) => ({
      ...told(entry),
      isNamed: names.has(nameKey(entry.kind, entry.title)),
      isNewer: false,
    })),
    ...newer.map((entry) => ({ ...told(entry), isNamed: false, isNewer: true })),
  ];
}

/** Everything lacking that something leads to, through others too. */
function neededBy(entry: ShippedEntry, missing: ReadonlyMap<string, ShippedEntry>): ReadonlySet<string> {
  const found = new Set<string>();
  const follow = ({ refs }: ShippedEntry): void => {
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

const nameKey = (kind: Kind, name: string): string => `${kind} ${name.trim().toLocaleLowerCase('en')}`;
