const SHINGLE = 3;

// Runs of three words, whatever their case: what two texts have in common when one was copied from the other.
function shingles(text: string): ReadonlySet<string> {
  const words = text.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? [];
  const count = Math.max(1, words.length - SHINGLE + 1);
  return new Set(Array.from({ length: count }, (_, i) => words.slice(i, i + SHINGLE).join(' ')));
}

/** How much of the shorter of two texts also stands in the other, from 0 to 1, by runs of three words. */
export function sharedText(a: string, b: string): number {
  const [one, other] = [shingles(a), shingles(b)];
  const [short, long] = one.size <= other.size ? [one, other] : [other, one];
  return [...short].filter((run) => long.has(run)).length / short.size;
}
