import { kindOf, referencesOf, refKey, type Book, type ChangeInput, type Kind } from '@kobby/core';
import { starterChanges } from './library.ts';

/** An entry of Kobby's own library. */
export interface ShippedEntry {
  /** Its kind and id, as others name it. */
  readonly key: string;
  readonly kind: Kind;
  readonly id: string;
  readonly title: string;
  /** The keys of what it names. */
  readonly refs: readonly string[];
  /** As it is in a home that has just begun. */
  readonly entity: object;
  /** All that it says, its revision excepted. */
  readonly said: string;
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
/** The kinds of which Kobby's own library has entries. */
export const SHIPPED_KINDS: readonly Kind[] = Object.values(PUTS).map(([kind]) => kind);

/** The revision of an entity that was put once and never changed. */
export const FIRST_REVISION = 1;

/** All that an entity says, its revision excepted. */
export const saidBy = ({ version: _, ...rest }: { readonly version: number }): string => JSON.stringify(rest);
/** How an entity is called; empty where it has no name. */
export const nameOf = (kind: Kind, entity: never): string => kindOf(kind).nameOf(entity) ?? '';

// Read once: what ships does not change while it runs.
let entries: readonly ShippedEntry[] | null = null;

/** Everything that ships with Kobby, in its order. */
export const shippedEntries = (): readonly ShippedEntry[] =>
  (entries ??= starterChanges().flatMap((change): readonly ShippedEntry[] => {
    const put = PUTS[change.type];
    if (!put) return [];
    const [kind, field] = put;
    const said = (change as unknown as Record<string, Record<string, unknown>>)[field]!;
    const entity = kindOf(kind).schema.parse({ ...said, version: FIRST_REVISION }) as never;
    const { id } = entity as { readonly id: string };
    return [
      {
        ...{ key: refKey({ kind, id }), kind, id, change, entity, said: saidBy(entity) },
        title: nameOf(kind, entity) || id,
        refs: referencesOf(kind, entity).map(({ target }) => refKey(target)),
      },
    ];
  }));

type Tables = Readonly<Record<string, Readonly<Record<string, unknown>>>>;

let tables: Tables | null = null;
/** Everything that ships, as the tables of a home that has just begun have it. */
export const shippedTables = (): Tables =>
  (tables ??= Object.fromEntries(
    SHIPPED_KINDS.map((kind) => [
      kind,
      Object.fromEntries(
        shippedEntries().flatMap((one) => (one.kind === kind ? [[one.id, one.entity]] : [])),
      ),
    ]),
  ));

// Whether an entity is as it ships follows from itself; it is asked again with every snapshot.
const known = new WeakMap<object, boolean>();
let saidOf: ReadonlyMap<string, string> | null = null;
function isAsShipped(kind: Kind, id: string, entity: { readonly version: number }): boolean {
  const before = known.get(entity);
  if (before !== undefined) return before;
  saidOf ??= new Map(shippedEntries().map(({ key, said }) => [key, said]));
  const is = entity.version === FIRST_REVISION && saidOf.get(refKey({ kind, id })) === saidBy(entity);
  known.set(entity, is);
  return is;
}

/** A book without what is in it as it ships, and the ids of the tables from which something is left out, in their order. */
export function apartFromShipped(book: Book): {
  readonly book: Book;
  readonly ids: Readonly<Record<string, readonly string[]>>;
} {
  const own = Object.fromEntries(
    SHIPPED_KINDS.map((kind) => [
      kind,
      Object.fromEntries(
        Object.entries(book[kind]).filter(([id, entity]) => !isAsShipped(kind, id, entity as never)),
      ),
    ]),
  );
  const ids = Object.fromEntries(SHIPPED_KINDS.map((kind) => [kind, Object.keys(book[kind])]));
  return { book: { ...book, ...own } as Book, ids };
}
