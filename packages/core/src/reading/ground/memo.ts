import { groupBy } from '../../book/index.ts';
import { memoised, memoStep, type MemoNode } from '../../measure/index.ts';

export { memoised } from '../../measure/index.ts';

interface Told<T, R> {
  readonly list: readonly T[];
  readonly results: readonly R[];
}

/**
 * What each member of a list gives in a context, remembered member by member: while the context stays, a list that
 * has changed asks only its new members. The same array back for the same list.
 */
export function perMember<T extends object, C extends readonly unknown[], R>(
  of: (member: T, ...context: C) => R,
): (list: readonly T[], ...context: C) => readonly R[] {
  const root: MemoNode = {};
  return (list, ...context) => {
    const node = context.reduce<MemoNode>(memoStep, root);
    const before = node.held?.value as Told<T, R> | undefined;
    if (before?.list === list) return before.results;
    let known: Map<T, R> | null = null;
    const results = list.map((member, i) => {
      if (!before) return of(member, ...context);
      if (before.list[i] === member) return before.results[i]!;
      known ??= new Map(before.list.map((one, j) => [one, before.results[j]!]));
      return known.has(member) ? known.get(member)! : of(member, ...context);
    });
    node.held = { value: { list, results } satisfies Told<T, R> };
    return results;
  };
}

/**
 * Groups a table or a list by a key, remembered by its identity. A group whose members stayed as they were keeps its
 * own identity when the table changes, so that what was remembered about it stays.
 */
export function stableGroups<T, K>(
  keyOf: (value: T) => K,
): (table: Readonly<Record<string, T>> | readonly T[]) => ReadonlyMap<K, readonly T[]> {
  let before: ReadonlyMap<K, readonly T[]> = new Map();
  return memoised((table) => {
    const now = new Map(
      [...groupBy(Object.values<T>(table), keyOf)].map(([key, group]) => {
        const old = before.get(key);
        return [key, old && sameMembers(old, group) ? old : group] as const;
      }),
    );
    return (before = now);
  });
}

const sameMembers = <T>(a: readonly T[], b: readonly T[]): boolean =>
  a.length === b.length && a.every((member, i) => member === b[i]);

/** What {@link perMember} gave, in one list: the same list for the same results. */
export const flattened = memoised((lists: readonly (readonly unknown[])[]) => lists.flat()) as <T>(
  lists: readonly (readonly T[])[],
) => readonly T[];
