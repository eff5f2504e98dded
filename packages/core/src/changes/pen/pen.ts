import equal from 'fast-deep-equal';
import {
  brokenReferences,
  copyOfTable,
  freezeDeep,
  referrerToAny,
  refKey,
  type Book,
  type Broken,
  type Entity,
  type EntityOf,
  type EntityRef,
  type Kind,
} from '../../book/index.ts';

/** What a gesture did to one entity: its versions before and after, 0 where there is none. */
export interface Touch extends EntityRef {
  readonly before: number;
  readonly after: number;
}

/** Why the pen cannot put down what was written: the book would not hold together. */
export type Unsound =
  | { readonly kind: 'leads-nowhere'; readonly ref: EntityRef; readonly broken: Broken }
  | { readonly kind: 'still-used'; readonly ref: EntityRef; readonly by: EntityRef }
  | { readonly kind: 'no-id'; readonly ref: EntityRef };

// The one name that no object can be relied on to hold: some readers of JSON leave it out.
const NO_ID = '__proto__';

/**
 * Writes a new book from an old one. Nothing of the old book is altered, tables are copied when first
 * written to, and an entity that ends as it began is not touched at all.
 *
 * Why changes do not make books themselves: a gesture is several changes that happen together or not at all. Each sees what
 * those before it wrote; only at the end is looked whether the book holds together (a reference that leads nowhere for a moment
 * is none then), whether somebody else was quicker, and what the inverse is. So a change is a few lines that say what it means,
 * and none can forget the versions, the references or the way back.
 */
export class Pen {
  readonly #before: Book;
  readonly #tables: { [K in Kind]?: Record<string, Entity> } = {};
  readonly #written = new Map<string, EntityRef>();
  readonly #broughtBack = new Map<string, number>();

  constructor(before: Book) {
    this.#before = before;
  }

  /** The entity as it is now, changes of this gesture included. */
  get<K extends Kind>(kind: K, id: string): EntityOf<K> | null {
    const table = this.#tables[kind] ?? this.#before[kind];
    return (table[id] as EntityOf<K> | undefined) ?? null;
  }

  /** All entities of a kind as they are now. */
  all<K extends Kind>(kind: K): readonly EntityOf<K>[] {
    return Object.values(this.#tables[kind] ?? this.#before[kind]) as EntityOf<K>[];
  }

  /** Makes or replaces an entity. Its version is the pen's to set, whatever it carries. */
  put<K extends Kind>(kind: K, entity: EntityOf<K>): void {
    this.#write(kind, entity.id)[entity.id] = entity;
  }

  /**
   * Makes what was there before, as an undo does. The version that it carries is the last that anybody saw of it: the new one
   * is beyond, so that nobody takes the one for the other.
   */
  bringBack<K extends Kind>(kind: K, entity: EntityOf<K>): void {
    this.put(kind, entity);
    this.#broughtBack.set(refKey({ kind, id: entity.id }), entity.version);
  }

  drop(kind: Kind, id: string): void {
    delete this.#write(kind, id)[id];
  }

  #write(kind: Kind, id: string): Record<string, Entity> {
    this.#written.set(refKey({ kind, id }), { kind, id });
    return (this.#tables[kind] ??= copyOfTable<Entity>(this.#before[kind]));
  }

  /** Ends the writing: the new book and what was touched, or what does not hold together. */
  finish(): { readonly book: Book; readonly touched: readonly Touch[] } | Unsound {
    const touched = [...this.#written.values()].flatMap((ref) => this.#settle(ref));
    if (touched.length === 0) return { book: this.#before, touched };
    const book = Object.freeze({ ...this.#before, ...this.#touchedTables(touched) }) as Book;
    return findUnsound(book, touched) ?? { book, touched };
  }

  // Gives an entity its version, or puts the old object back when nothing about it changed.
  #settle({ kind, id }: EntityRef): Touch[] {
    const table = this.#tables[kind]!;
    const before = this.#before[kind][id] as Entity | undefined;
    const after = table[id];
    if (!after) return before ? [{ kind, id, before: before.version, after: 0 }] : [];
    if (before && equal({ ...after, version: before.version }, before)) {
      table[id] = before;
      return [];
    }
    // What comes back after it was dropped: two on, the dropping counts as one.
    const seen = this.#broughtBack.get(refKey({ kind, id })) ?? 0;
    const version = before ? Math.max(before.version, seen) + 1 : seen === 0 ? 1 : seen + 2;
    table[id] = freezeDeep({ ...after, version });
    return [{ kind, id, before: before?.version ?? 0, after: version }];
  }

  #touchedTables(touched: readonly Touch[]): Partial<Book> {
    const kinds = new Set(touched.map((touch) => touch.kind));
    return Object.fromEntries([...kinds].map((kind) => [kind, Object.freeze(this.#tables[kind])]));
  }
}

function findUnsound(book: Book, touched: readonly Touch[]): Unsound | null {
  for (const touch of touched) {
    const ref = { kind: touch.kind, id: touch.id };
    if (touch.id === NO_ID) return { kind: 'no-id', ref };
    const entity = book[touch.kind][touch.id];
    if (entity) {
      const [broken] = brokenReferences(book, touch.kind, entity);
      if (broken) return { kind: 'leads-nowhere', ref, broken };
    }
  }
  // The book is gone through once for all that was dropped.
  const used = referrerToAny(
    book,
    touched.filter(({ kind, id }) => !book[kind][id]),
  );
  return used && { kind: 'still-used', ...used };
}
