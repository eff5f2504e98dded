import {
  kindOf,
  KINDS,
  referencesOf,
  refKey,
  type Book,
  type Entity,
  type EntityRef,
} from '../../book/index.ts';
import type { ChildId } from '../../house/index.ts';
import type { Path } from '../../kind/index.ts';
import type { Pen } from './pen.ts';

/** What stands where a forgotten name stood. */
const FORGOTTEN = 'a child';

// Ids and closed lists are small letters, digits and dashes; names and notes are not.
const SLUG = /^[a-z0-9:._-]*$/;

/**
 * A value with every one of the words taken out of its texts, wherever they stand as whole words, whatever their
 * case. Ids and keys are left alone. The same object back when none of them occurs.
 */
export function withoutWords<T>(value: T, words: readonly string[], instead = FORGOTTEN): T {
  if (words.length === 0) return value;
  // The longest first: a family name would otherwise stay behind when the first name goes.
  const longestFirst = words.toSorted((a, b) => b.length - a.length).map((word) => escaped(word.trim()));
  const pattern = new RegExp(`(?<![\\p{L}\\p{N}])(?:${longestFirst.join('|')})(?![\\p{L}\\p{N}])`, 'giu');
  return redact(value, pattern, instead);
}

// Outside of a class a dash means itself, and a pattern by Unicode refuses it escaped.
const escaped = (text: string): string => text.replaceAll(/[$()*+./?[\\\]^{|}]/g, String.raw`\$&`);

function redact<T>(value: T, pattern: RegExp, instead: string): T {
  if (typeof value === 'string') return SLUG.test(value) ? value : (value.replaceAll(pattern, instead) as T);
  if (typeof value !== 'object' || value === null) return value;
  const entries = Object.entries(value).map(
    ([key, inner]) => [key, redact(inner, pattern, instead)] as const,
  );
  if (entries.every(([key, inner]) => inner === (value as Record<string, unknown>)[key])) return value;
  return (Array.isArray(value) ? entries.map(([, inner]) => inner) : Object.fromEntries(entries)) as T;
}

/**
 * Takes a child out of the book: the child, all that is about it, and its names wherever they stand in a text. What holds the
 * child in a list loses that entry; what is about the child as a whole goes, with all that is about that.
 */
export function forgetChild(pen: Pen, childId: ChildId, words: readonly string[]): void {
  takeOut(pen, { kind: 'children', id: childId });
  for (const kind of KINDS) {
    for (const entity of pen.all(kind)) {
      if (kindOf(kind).isAbout(entity, childId)) {
        pen.drop(kind, entity.id);
        continue;
      }
      // A dash where the longer words do not fit: nothing is stored that cannot be read again.
      const redacted = [FORGOTTEN, '–']
        .map((instead) => withoutWords<Entity>(entity, words, instead))
        .find((one) => one !== entity && kindOf(kind).schema.safeParse(one).success);
      if (redacted) pen.put(kind, redacted as never);
    }
  }
}

function takeOut(pen: Pen, ref: EntityRef): void {
  for (const kind of KINDS) {
    for (const entity of pen.all(kind)) {
      const paths = referencesOf(kind, entity as never)
        .filter(({ target }) => target.kind === ref.kind && target.id === ref.id)
        .map(({ path }) => path);
      if (paths.length === 0) continue;
      if (paths.every(isInList)) pen.put(kind, withoutEntries(entity, paths) as never);
      else takeOut(pen, { kind, id: entity.id });
    }
  }
  pen.drop(ref.kind, ref.id);
}

const isInList = (path: Path): boolean => path.some((step) => typeof step === 'number');

/** A value without the innermost list entries that some paths lead through. */
function withoutEntries<T>(value: T, paths: readonly Path[]): T {
  const copy = structuredClone(value);
  const entries = paths.map((path) =>
    path.slice(0, path.findLastIndex((step) => typeof step === 'number') + 1),
  );
  // An entry that names the child twice goes once.
  const once = [...new Map(entries.map((path) => [path.join('.'), path])).values()];
  // From the end of each list: places before what is taken out stay what they are.
  for (const path of once.toReversed()) {
    const list = path.slice(0, -1).reduce<unknown>((inner, step) => (inner as never)[step], copy);
    (list as unknown[]).splice(path.at(-1) as number, 1);
  }
  return copy;
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
