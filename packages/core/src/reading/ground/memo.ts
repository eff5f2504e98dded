import { groupBy } from '../../book/index.ts';

interface Node {
  byObject?: WeakMap<object, Node>;
  byValue?: Map<unknown, Node>;
  held?: { readonly value: unknown };
}

/**
 * Remembers what a pure function answered, by the identity of its arguments. The first argument must be an
 * object: what was remembered for it goes when it goes, so nothing has to be thrown away by hand.
 *
 * Why identity: a book shares with the one before it everything that a gesture left alone, so the same object means the same
 * content, and comparing costs nothing. What is handed over must therefore come from the book or from another remembered answer;
 * a list that is made on the way is new each time and remembers nothing. For questions about the book itself: answer.ts.
 */
export function memoised<A extends readonly [object, ...unknown[]], R>(
  compute: (...args: A) => R,
): (...args: A) => R {
  const root: Node = {};
  return (...args) => {
    const node = args.reduce<Node>(step, root);
    node.held ??= { value: compute(...args) };
    return node.held.value as R;
  };
}

function step(node: Node, argument: unknown): Node {
  if (typeof argument === 'object' && argument !== null) {
    node.byObject ??= new WeakMap();
    return childOf(node.byObject, argument);
  }
  node.byValue ??= new Map();
  return childOf(node.byValue, argument);
}

function childOf<K>(
  children: { get(key: K): Node | undefined; set(key: K, node: Node): unknown },
  key: K,
): Node {
  const known = children.get(key);
  if (known) return known;
  const made: Node = {};
  children.set(key, made);
  return made;
}

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
  const root: Node = {};
  return (list, ...context) => {
    const node = context.reduce<Node>(step, root);
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
