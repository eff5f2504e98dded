import { groupBy } from '../book/index.ts';

interface Node {
  byObject?: WeakMap<object, Node>;
  byValue?: Map<unknown, Node>;
  held?: { readonly value: unknown };
}

/**
 * Remembers what a pure function answered, by the identity of its arguments. The first argument must be an
 * object: what was remembered for it goes when it goes, so nothing has to be thrown away by hand.
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

/**
 * Groups a table by a key, remembered by the table's identity. A group whose members stayed as they were keeps its
 * own identity when the table changes, so that what was remembered about it stays.
 */
export function stableGroups<T, K>(
  keyOf: (value: T) => K,
): (table: Readonly<Record<string, T>>) => ReadonlyMap<K, readonly T[]> {
  let before: ReadonlyMap<K, readonly T[]> = new Map();
  return memoised((table) => {
    const now = new Map(
      [...groupBy(Object.values(table), keyOf)].map(([key, group]) => {
        const old = before.get(key);
        return [key, old && sameMembers(old, group) ? old : group] as const;
      }),
    );
    return (before = now);
  });
}

const sameMembers = <T>(a: readonly T[], b: readonly T[]): boolean =>
  a.length === b.length && a.every((member, i) => member === b[i]);
