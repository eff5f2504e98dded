import type { ActivityContent } from './content.ts';

const SLOT = /\{([a-z][a-z-]{0,23})\}/g;

/** The slots that still stand open in the texts of an activity, each once, in the order of their first place. */
export function openSlots(content: ActivityContent): readonly string[] {
  const found = new Set<string>();
  eachText(content, (text) => {
    for (const [, id] of text.matchAll(SLOT)) found.add(id!);
    return text;
  });
  return [...found];
}

/** A text of a pattern as it is shown before its slots are filled: `A shop for …`. */
export const withGaps = (text: string): string => text.replaceAll(SLOT, '…');

/**
 * A pattern with its slots filled: every `{things}` in its texts becomes the words given for it. Slots for which
 * nothing is given stay open. The same object back when nothing was filled.
 */
export function fillSlots(
  content: ActivityContent,
  words: Readonly<Record<string, string>>,
): ActivityContent {
  // A slot may be called as what every object answers to.
  const wordFor = (id: string): string => (Object.hasOwn(words, id) ? words[id]!.trim() : '');
  if (!openSlots(content).some(wordFor)) return content;
  const filled = eachText(content, (text) =>
    text.replaceAll(SLOT, (slot, id: string) => wordFor(id) || slot),
  );
  return { ...filled, slots: content.slots.filter(({ id }) => !wordFor(id)) };
}

// Every text of the content, its ids and closed lists excepted: braces occur in none of those.
function eachText<T>(value: T, change: (text: string) => string): T {
  if (typeof value === 'string') return change(value) as T;
  if (Array.isArray(value)) return value.map((one) => eachText(one, change)) as T;
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([key, inner]) => [key, eachText(inner, change)])) as T;
}
