import type { Book, EntityOf, Kind, Table } from '../../book/index.ts';

// So many single entities of a kind are noted apart; an answer that saw more of them stands on the whole kind.
const MOST_APART = 24;

/** Something that is read out of a book, and is the same value while it says the same; see {@link stableView}. */
export type View<V> = (book: Book) => V;

/**
 * A view of a book: a record of plain values, worked out once a book, and the same object as before while its values are. Why beside
 * tables and entities: what is drawn from a few entities of a large table must not be worked out anew with each of the others.
 */
export function stableView<V extends Readonly<Record<string, string | number>>>(of: View<V>): View<V> {
  const known = new WeakMap<Book, V>();
  let before: V | undefined;
  return (book) => {
    let now = known.get(book);
    if (now === undefined) {
      now = of(book);
      if (before !== undefined && isSameRecord(before, now)) now = before;
      known.set(book, now);
      before = now;
    }
    return now;
  };
}

type Plain = Readonly<Record<string, string | number>>;
function isSameRecord(a: Plain, b: Plain): boolean {
  const keys = Object.keys(b);
  return keys.length === Object.keys(a).length && keys.every((key) => a[key] === b[key]);
}

/**
 * What an answer saw of a book: whole tables, single entities of others, and views. It holds in another book when all of that is
 * there the same. Why not the book itself: two books share every table that no gesture between them touched, so a few
 * comparisons tell whether an answer has to be worked out anew, and a book that is gone is not kept alive.
 */
export class Ground {
  readonly #tables = new Map<Kind, unknown>();
  // With what the table was when they were seen: most books have the same one, and nothing has to be looked at apart.
  readonly #apart = new Map<Kind, { table: unknown; readonly entities: Map<string, unknown> }>();

  readonly #views = new Map<View<unknown>, unknown>();

  noteView(view: View<unknown>, value: unknown): void {
    this.#views.set(view, value);
  }

  noteTable(kind: Kind, table: unknown): void {
    this.#tables.set(kind, table);
    this.#apart.delete(kind);
  }

  noteOne(kind: Kind, table: unknown, id: string, entity: unknown): void {
    if (this.#tables.has(kind)) return;
    const seen = this.#apart.get(kind);
    if (!seen) this.#apart.set(kind, { table, entities: new Map([[id, entity]]) });
    else if (seen.entities.size < MOST_APART) seen.entities.set(id, entity);
    else this.noteTable(kind, table);
  }

  /** Takes over what another answer saw in the same book. */
  noteAll(other: Ground): void {
    for (const [kind, table] of other.#tables) this.noteTable(kind, table);
    for (const [kind, { table, entities }] of other.#apart)
      for (const [id, entity] of entities) this.noteOne(kind, table, id, entity);
    for (const [view, value] of other.#views) this.noteView(view, value);
  }

  holdsIn(book: Book): boolean {
    for (const [kind, table] of this.#tables) if (book[kind] !== table) return false;
    for (const [kind, seen] of this.#apart) {
      if (book[kind] === seen.table) continue;
      for (const [id, entity] of seen.entities) if (book[kind][id] !== entity) return false;
      seen.table = book[kind];
    }
    for (const [view, value] of this.#views) if (view(book) !== value) return false;
    return true;
  }
}

/**
 * A book, seen by an answer that is being worked out: what it looks at is noted. It is there while the answer is worked out
 * and must not be kept.
 */
export class Look {
  constructor(
    readonly book: Book,
    readonly ground: Ground,
  ) {}

  /** All entities of a kind: any change of any of them is a change of the answer's ground. */
  table<K extends Kind>(kind: K): Table<EntityOf<K>> {
    this.ground.noteTable(kind, this.book[kind]);
    return this.book[kind];
  }

  /** What a view shows: whatever else becomes of its tables does not matter. */
  see<V>(view: View<V>): V {
    const value = view(this.book);
    this.ground.noteView(view, value);
    return value;
  }

  /** One entity, null when it is not there: what becomes of the others of its kind does not matter. */
  one<K extends Kind>(kind: K, id: string): EntityOf<K> | null {
    const entity = this.book[kind][id] as EntityOf<K> | undefined;
    this.ground.noteOne(kind, this.book[kind], id, entity);
    return entity ?? null;
  }
}

/** Who asks: somebody with a book, or an answer that is being worked out and asks others on its way. */
export type Asking = Book | Look;
