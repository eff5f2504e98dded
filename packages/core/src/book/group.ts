/** Values in groups by a key, groups and members in the order in which they come. */
export function groupBy<T, K>(values: Iterable<T>, keyOf: (value: T) => K): ReadonlyMap<K, readonly T[]> {
  const groups = new Map<K, T[]>();
  for (const value of values) {
    const key = keyOf(value);
    const group = groups.get(key);
    if (group) group.push(value);
    else groups.set(key, [value]);
  }
  return groups;
}

/** Each value once, in the order in which it comes first. */
export const unique = <T>(values: Iterable<T>): T[] => [...new Set(values)];
