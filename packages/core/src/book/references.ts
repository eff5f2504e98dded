import { HOME_ID } from '../house/index.ts';
import type { Path } from '../kind/index.ts';
import {
  kindOf,
  KINDS,
  refKey,
  type Book,
  type Entity,
  type EntityOf,
  type EntityRef,
  type Kind,
} from './book.ts';

/** A reference that an entity holds, with the path at which it stands in it. */
export interface HeldReference {
  readonly path: Path;
  readonly target: EntityRef;
}

// Blocks are parts of the home, not entities of their own.
const BLOCKS = 'blocks';

const isKind = (name: string): name is Kind => (KINDS as readonly string[]).includes(name);

/** The references that an entity holds, as its schema tells. */
export const referencesOf = <K extends Kind>(kind: K, entity: EntityOf<K>): readonly HeldReference[] =>
  kindOf(kind)
    .referencesOf(entity)
    .flatMap(({ kind: named, id, path }) => (isKind(named) ? [{ path, target: { kind: named, id } }] : []));

/** What leads nowhere in an entity: where it stands, the id, the kind that it names and what that is called, without an article. */
export interface Broken {
  readonly path: Path;
  readonly id: string;
  readonly kind: string;
  readonly noun: string;
}

/** The references to nothing in an entity of the book; none when all of them lead somewhere. */
export const brokenReferences = (book: Book, kind: Kind, entity: Entity): readonly Broken[] =>
  kindOf(kind)
    .referencesOf(entity)
    .flatMap(({ kind: named, id, path }) => {
      if (named === BLOCKS)
        return hasBlock(book, id) ? [] : [{ path, id, kind: named, noun: 'block of the day' }];
      return isKind(named) && !book[named][id] ? [{ path, id, kind: named, noun: kindOf(named).noun }] : [];
    });

const hasBlock = (book: Book, id: string): boolean =>
  book.homes[HOME_ID]?.blocks.some((block) => block.id === id) ?? false;

/** The first entity found that refers to one of those given, itself excepted, and to which of them; null when nothing does. */
export function referrerToAny(
  book: Book,
  refs: readonly EntityRef[],
): { readonly ref: EntityRef; readonly by: EntityRef } | null {
  if (refs.length === 0) return null;
  const asked = new Map(refs.map((ref) => [refKey(ref), ref]));
  for (const kind of KINDS) {
    for (const entity of Object.values(book[kind]) as Entity[]) {
      const by = { kind, id: entity.id };
      for (const held of kindOf(kind).referencesOf(entity)) {
        const ref = asked.get(`${held.kind}/${held.id}`);
        if (ref && refKey(ref) !== refKey(by)) return { ref, by };
      }
    }
  }
  return null;
}
