import { takesAn, type Spoken } from '../spoken/index.ts';
import type { ActivityContent } from './content.ts';

const SLOT = /\{([a-z][a-z-]{0,23})\}/g;
// With the article before it, which follows what fills the slot: `a {thing}` is `an umbrella`.
const WITH_ARTICLE = /(?<=^|[^\p{L}])([Aa])n? (?=\{([a-z][a-z-]{0,23})\})/gu;

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
 * A pattern with its slots filled: every `{things}` in its texts becomes the words given for it, and `a {thing}` takes the article
 * that they need. Slots for which nothing is given stay open; words at the beginning of a text begin with a capital. The same
 * object back when nothing was filled. `spoken` says how words are spoken, where that is known.
 */
export function fillSlots(
  content: ActivityContent,
  words: Readonly<Record<string, string>>,
  spoken: Readonly<Record<string, Spoken | null>> = {},
): ActivityContent {
  // A slot may be called as what every object answers to.
  const wordFor = (id: string): string => (Object.hasOwn(words, id) ? words[id]!.trim() : '');
  if (!openSlots(content).some(wordFor)) return content;
  const filled = eachText(content, (text) =>
    text
      .replaceAll(WITH_ARTICLE, (written, a: string, id: string) =>
        wordFor(id) ? `${a}${takesAn(wordFor(id), spoken[id] ?? null) ? 'n' : ''} ` : written,
      )
      .replaceAll(SLOT, (slot, id: string, at: number) => {
        const word = wordFor(id);
        if (!word) return slot;
        return at === 0 || /[.!?] $/.test(text.slice(0, at)) ? capital(word) : word;
      }),
  );
  return { ...filled, slots: content.slots.filter(({ id }) => !wordFor(id)) };
}

const capital = (text: string): string => text.charAt(0).toLocaleUpperCase('en') + text.slice(1);

// Every text of the content, its ids and closed lists excepted: braces occur in none of those.
function eachText<T>(value: T, change: (text: string) => string): T {
  if (typeof value === 'string') return change(value) as T;
  if (Array.isArray(value)) return value.map((one) => eachText(one, change)) as T;
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([key, inner]) => [key, eachText(inner, change)])) as T;
}
