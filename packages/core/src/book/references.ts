import { HOME_ID } from '../house/index.ts';
import type { Path } from '../kind/index.ts';
import { kindOf, KINDS, type Book, type Entity, type EntityOf, type EntityRef, type Kind } from './book.ts';

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

/** What leads nowhere in an entity: where it stands, the id, and what it should be, without an article. */
export interface Broken {
  readonly path: Path;
  readonly id: string;
  readonly noun: string;
}

/** A reference to nothing in an entity of the book; null when all of them lead somewhere. */
export function brokenReference(book: Book, kind: Kind, entity: Entity): Broken | null {
  for (const { kind: named, id, path } of kindOf(kind).referencesOf(entity)) {
    if (named === BLOCKS && !hasBlock(book, id)) return { path, id, noun: 'block of the day' };
    if (isKind(named) && !book[named][id]) return { path, id, noun: kindOf(named).noun };
  }
  return null;
}

const hasBlock = (book: Book, id: string): boolean =>
  book.homes[HOME_ID]?.blocks.some((block) => block.id === id) ?? false;

/** The first entity found that refers to the one given, itself excepted; null when nothing does. */
export function referrerTo(book: Book, ref: EntityRef): EntityRef | null {
  for (const kind of KINDS) {
    for (const entity of Object.values(book[kind]) as Entity[]) {
      if (kind === ref.kind && entity.id === ref.id) continue;
      if (refersTo(kind, entity, ref)) return { kind, id: entity.id };
    }
  }
  return null;
}

/** Whether an entity holds a reference to another one. */
export const refersTo = (kind: Kind, entity: Entity, ref: EntityRef): boolean =>
  kindOf(kind)
    .referencesOf(entity)
    .some(({ kind: named, id }) => named === ref.kind && id === ref.id);
