import {
  groupBy,
  kindOf,
  KINDS,
  referencesOf,
  refKey,
  type Book,
  type Entity,
  type EntityRef,
} from '../../book/index.ts';
import type { ChildId } from '../../house/index.ts';
import { isInList, withoutEntries, type Path } from '../../kind/index.ts';
import { replacedInTexts, wholeWords } from '../../measure/index.ts';
import type { Pen } from './pen.ts';

/** What stands where a forgotten name stood. */
const FORGOTTEN = 'a child';

/**
 * A value with every one of the words taken out of its texts, wherever they stand as whole words, whatever their
 * case. Ids and keys are left alone. The same object back when none of them occurs.
 */
export function withoutWords<T>(value: T, words: readonly string[], instead = FORGOTTEN): T {
  if (words.length === 0) return value;
  return replacedInTexts(value, wholeWords(words), () => instead);
}

/**
 * Takes a child out of the book: the child, all that is about it, and its names wherever they stand in a text. What holds the
 * child in a list loses that entry; what is about the child as a whole goes, with all that is about that.
 */
export function forgetChild(pen: Pen, childId: ChildId, words: readonly string[]): void {
  takeOut(pen, { kind: 'children', id: childId });
  // Made once: a home of many years has many texts.
  const pattern = words.length === 0 ? null : wholeWords(words);
  for (const kind of KINDS) {
    for (const entity of pen.all(kind)) {
      if (kindOf(kind).isAbout(entity, childId)) {
        pen.drop(kind, entity.id);
        continue;
      }
      const without = (instead: string): Entity =>
        pattern === null ? entity : replacedInTexts<Entity>(entity, pattern, () => instead);
      if (without(FORGOTTEN) === entity) continue;
      // A dash where the longer words do not fit: nothing is stored that cannot be read again.
      const redacted = [FORGOTTEN, '–']
        .map(without)
        .find((one) => one !== entity && kindOf(kind).schema.safeParse(one).success);
      if (redacted) pen.put(kind, redacted as never);
    }
  }
}

/** Who refers to an entity, with the places where. */
type Referrers = ReadonlyMap<string, readonly { readonly ref: EntityRef; readonly paths: readonly Path[] }[]>;

// The book is gone through once, however much goes with the child.
function referrersIn(pen: Pen): Referrers {
  const found = new Map<string, { ref: EntityRef; paths: Path[] }[]>();
  for (const kind of KINDS) {
    for (const entity of pen.all(kind)) {
      const ref = { kind, id: entity.id };
      const byTarget = groupBy(referencesOf(kind, entity as never), ({ target }) => refKey(target));
      for (const [key, held] of byTarget) {
        const by = { ref, paths: held.map(({ path }) => path) };
        const known = found.get(key);
        if (known) known.push(by);
        else found.set(key, [by]);
      }
    }
  }
  return found;
}

// What holds it as a whole goes too, and what holds that; what only lists it loses that entry.
function takeOut(pen: Pen, ref: EntityRef): void {
  const referrers = referrersIn(pen);
  const gone = new Map([[refKey(ref), ref]]);
  const listed = new Map<string, { readonly ref: EntityRef; readonly paths: Path[] }>();
  // What is found on the way is gone through as well.
  for (const key of gone.keys()) {
    for (const { ref: by, paths } of referrers.get(key) ?? []) {
      if (!paths.every(isInList)) gone.set(refKey(by), by);
      else listed.set(refKey(by), { ref: by, paths: [...(listed.get(refKey(by))?.paths ?? []), ...paths] });
    }
  }
  for (const [key, { ref: by, paths }] of listed) {
    const entity = pen.get(by.kind, by.id);
    if (entity && !gone.has(key)) pen.put(by.kind, withoutEntries(entity, paths) as never);
  }
  for (const { kind, id } of [...gone.values()].toReversed()) pen.drop(kind, id);
}

/** An entity in whose texts one of some words stands. */
export interface WordPlace {
  /** `supplies/cup`. */
  readonly key: string;
  readonly name: string;
}

/** Where words stand in the texts of a book, the child that they belong to and all about its days left out. */
export const placesOf = (book: Book, words: readonly string[], childId: ChildId): readonly WordPlace[] =>
  KINDS.flatMap((kind) =>
    (Object.values(book[kind]) as Entity[])
      .filter((entity) => entity.id !== childId && !('childId' in entity && entity.childId === childId))
      .filter((entity) => withoutWords(entity, words) !== entity)
      .map((entity) => ({
        key: refKey({ kind, id: entity.id }),
        name: kindOf(kind).nameOf(entity) ?? kindOf(kind).noun,
      })),
  );
