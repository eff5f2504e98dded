// Ids and closed lists are small letters, digits and dashes; names and notes are not.
const SLUG = /^[a-z0-9:._-]*$/;

/**
 * A value with what a pattern finds in its texts replaced, however deep they stand. Ids and keys are left alone. The same object
 * back when nothing is found.
 */
export function replacedInTexts<T>(value: T, pattern: RegExp, instead: (found: string) => string): T {
  if (typeof value === 'string')
    return SLUG.test(value) ? value : (value.replaceAll(pattern, (found) => instead(found)) as T);
  if (typeof value !== 'object' || value === null) return value;
  const entries = Object.entries(value).map(
    ([key, inner]) => [key, replacedInTexts(inner as unknown, pattern, instead)] as const,
  );
  if (entries.every(([key, inner]) => inner === (value as Record<string, unknown>)[key])) return value;
  return (Array.isArray(value) ? entries.map(([, inner]) => inner) : Object.fromEntries(entries)) as T;
}

/** A pattern for words where they stand by themselves, whatever their case and the space between them; the longest first. */
export function wholeWords(words: readonly string[]): RegExp {
  const longestFirst = words
    .map((word) => word.trim())
    .toSorted((a, b) => b.length - a.length)
    .map((word) => escaped(word).replaceAll(/\s+/g, String.raw`\s+`));
  return new RegExp(`(?<![\\p{L}\\p{N}])(?:${longestFirst.join('|')})(?![\\p{L}\\p{N}])`, 'giu');
}

// Outside of a class a dash means itself, and a pattern by Unicode refuses it escaped.
const escaped = (text: string): string => text.replaceAll(/[$()*+./?[\\\]^{|}]/g, String.raw`\$&`);

/** A name as it is compared: whatever its case and the space in it. */
export const asName = (name: string): string => name.trim().replaceAll(/\s+/g, ' ').toLowerCase();
