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
