import { ENTITY_SCHEMAS, KINDS, refKey, type Book, type Entity } from '../book/index.ts';
import type { DayRecord } from '../daybook/index.ts';
import type { ChildId } from '../house/index.ts';
import type { Gesture } from './change.ts';
import { nameOf } from './describe.ts';
import type { Placement } from '../unit/index.ts';
import type { Pen } from './pen.ts';

/** What stands where a forgotten name stood. */
const FORGOTTEN = 'a child';

/** Whether a gesture forgets a child: it can neither be taken back nor be played again. */
export const forgets = (gesture: Pick<Gesture, 'changes'>): boolean =>
  gesture.changes.some((change) => change.type === 'house/forget-child');

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

/** Takes a child out of the book: the child, all about its days, and its names wherever they stand in a text. */
export function forgetChild(pen: Pen, childId: ChildId, words: readonly string[]): void {
  for (const kind of ['absences', 'extras', 'arrivals', 'keepsakes'] as const) {
    for (const one of pen.all(kind)) if (one.childId === childId) pen.drop(kind, one.id);
  }
  for (const placement of pen.all('placements')) forgetIn(pen, placement, childId);
  for (const leading of pen.all('leadings')) {
    const groups = leading.groups.map((group) => ({
      ...group,
      childIds: group.childIds.filter((id) => id !== childId),
    }));
    pen.put('leadings', { ...leading, groups });
  }
  for (const record of pen.all('records')) pen.put('records', recordWithout(record, childId));
  // What was kept about the child is named by its id.
  for (const { id, key } of pen.all('keepings'))
    if (key.split(':').includes(childId)) pen.drop('keepings', id);
  pen.drop('children', childId);
  for (const kind of KINDS) {
    for (const entity of pen.all(kind)) {
      // A dash where the longer words do not fit: nothing is stored that cannot be read again.
      const redacted = [FORGOTTEN, '–']
        .map((instead) => withoutWords<Entity>(entity, words, instead))
        .find((one) => one !== entity && ENTITY_SCHEMAS[kind].safeParse(one).success);
      if (redacted) pen.put(kind, redacted as never);
    }
  }
}

const recordWithout = (record: DayRecord, childId: ChildId): DayRecord => {
  const others = <T extends { readonly childId: ChildId }>(list: readonly T[]): T[] =>
    list.filter((one) => one.childId !== childId);
  return {
    ...record,
    children: others(record.children),
    test: record.test && { ...record.test, guesses: others(record.test.guesses) },
  };
};

// What stood in the child's bin goes with the child; elsewhere only what was chosen for it.
function forgetIn(pen: Pen, placement: Placement, childId: ChildId): void {
  const { id, where, choices } = placement;
  if (where.kind === 'bin' && where.childId === childId) {
    for (const kind of ['ticks', 'records', 'notes', 'keepsakes', 'leadings'] as const)
      for (const one of pen.all(kind)) if (one.placementId === id) pen.drop(kind, one.id);
    pen.drop('placements', id);
  } else if (choices.some((choice) => choice.childId === childId))
    pen.put('placements', { ...placement, choices: choices.filter((choice) => choice.childId !== childId) });
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
      .map((entity) => ({ key: refKey({ kind, id: entity.id }), name: nameOf(entity) ?? kind })),
  );
