/** What is remembered at one point on the way through the arguments. */
export interface MemoNode {
  byObject?: WeakMap<object, MemoNode>;
  byValue?: Map<unknown, MemoNode>;
  held?: { readonly value: unknown };
}

/**
 * Remembers what a pure function answered, by the identity of its arguments. The first argument must be an
 * object: what was remembered for it goes when it goes, so nothing has to be thrown away by hand.
 *
 * Why identity: a book shares with the one before it everything that a gesture left alone, so the same object means the same
 * content, and comparing costs nothing. What is handed over must therefore come from the book or from another remembered answer;
 * a list that is made on the way is new each time and remembers nothing. All that is handed over counts: given to `map` as it is,
 * it would be asked with the list as well. For questions about the book itself: answer.ts.
 */
export function memoised<A extends readonly [object, ...unknown[]], R>(
  compute: (...args: A) => R,
): (...args: A) => R {
  const root: MemoNode = {};
  return (...args) => {
    const node = args.reduce<MemoNode>(memoStep, root);
    node.held ??= { value: compute(...args) };
    return node.held.value as R;
  };
}

/** One argument further. */
export function memoStep(node: MemoNode, argument: unknown): MemoNode {
  if (typeof argument === 'object' && argument !== null) {
    node.byObject ??= new WeakMap();
    return childOf(node.byObject, argument);
  }
  node.byValue ??= new Map();
  return childOf(node.byValue, argument);
}

function childOf<K>(
  children: { get(key: K): MemoNode | undefined; set(key: K, node: MemoNode): unknown },
  key: K,
): MemoNode {
  const known = children.get(key);
  if (known) return known;
  const made: MemoNode = {};
  children.set(key, made);
  return made;
}
