import type { z } from 'zod';
import { waysOf, type Spread, type ColumnWay } from './columns.ts';
import { referencesIn, type NamedAt } from './references.ts';

/** The schema of entities: an object with an id and a version. */
export type EntitySchema = z.ZodType<{ readonly id: string; readonly version: number }>;

/** Whether an entry can be taken away once nothing uses it. What is in use is retired. */
export type Dropped = 'when-unused' | 'never';
/** Whether an act that touched it can be undone; what was written down or sent is corrected instead. */
export type Undone = 'restored' | 'never';
/** What becomes of two people who write at once: the second one is told, or both count and the order does not matter. */
export type AtOnce = 'clash' | 'commute';

interface Said<S extends EntitySchema, D extends Dropped, U extends Undone> {
  readonly schema: S;
  /** What one of them is called, with its article, for sentences: `an activity in a unit` still uses this. */
  readonly word: `a ${string}` | `an ${string}`;
  /** What one of them is called by itself, in a list or a message; null for a kind whose members have no names. */
  readonly name: ((entity: z.infer<S>) => string) | null;
  /** @defaultValue `when-unused` */
  readonly dropped?: D;
  /** @defaultValue `restored` */
  readonly undone?: U;
  /** @defaultValue `clash` */
  readonly atOnce?: AtOnce;
  /** Fields that lie otherwise in the database than their schema tells. */
  readonly columns?: { readonly [F in keyof z.infer<S>]?: 'blank' | Spread<z.infer<S>[F]> };
  /** Whether it is about a child in a way that its references do not tell: it goes when the child is forgotten. */
  readonly isAbout?: (entity: z.infer<S>, childId: string) => boolean;
}

/** All that is to be known of a kind of entity, whoever asks. */
export interface EntityKind<
  S extends EntitySchema = EntitySchema,
  D extends Dropped = Dropped,
  U extends Undone = Undone,
> {
  readonly schema: S;
  /** `an activity in a unit`. */
  readonly word: string;
  /** `activity in a unit`. */
  readonly noun: string;
  readonly dropped: D;
  readonly undone: U;
  readonly atOnce: AtOnce;
  /** Every field with the way in which it lies in the database. */
  readonly ways: readonly (readonly [string, ColumnWay])[];
  nameOf(entity: z.infer<S>): string | null;
  referencesOf(entity: z.infer<S>): readonly NamedAt[];
  isAbout(entity: z.infer<S>, childId: string): boolean;
}

/**
 * Says what a kind of entity is, in one place beside its schema: what it is called, what may become of it, and, from the schema
 * itself, how it lies in the database and what it refers to. Codecs, foreign keys, refusals, forgetting, undoing and the words
 * for people all ask here, so that a new kind is this, a migration and its views. The book lists the kinds (book/book.ts).
 * @throws {Error} for a schema with ids in a union whose shapes no field tells apart.
 */
export function entityKind<
  S extends EntitySchema,
  D extends Dropped = 'when-unused',
  U extends Undone = 'restored',
>(said: Said<S, D, U>): EntityKind<S, D, U> {
  const { schema, word, name, columns = {}, isAbout } = said;
  return {
    schema,
    word,
    noun: word.slice(word.indexOf(' ') + 1),
    dropped: said.dropped ?? ('when-unused' as D),
    undone: said.undone ?? ('restored' as U),
    atOnce: said.atOnce ?? 'clash',
    ways: waysOf(schema, columns as Readonly<Record<string, ColumnWay | undefined>>),
    nameOf: (entity) => name?.(entity) ?? null,
    referencesOf: referencesIn(schema) as EntityKind<S>['referencesOf'],
    isAbout: isAbout ?? (() => false),
  };
}
