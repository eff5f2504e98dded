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
export const withGaps = (text: string): string => text.replaceAll(SLOT, '…').replaceAll('….', '…');

/** Words for slots, by the slot's name, and how they are spoken where that is known. */
export interface SlotWords {
  readonly words: Readonly<Record<string, string>>;
  readonly spoken?: Readonly<Record<string, Spoken | null>>;
}
// A slot may be called as what every object answers to.
const wordFor = ({ words }: SlotWords, id: string): string =>
  Object.hasOwn(words, id) ? words[id]!.trim() : '';

/**
 * A text with its slots filled: `{things}` becomes the words given for it, and `a {thing}` takes the article that they need. Words at
 * the beginning of a text or sentence begin with a capital; slots for which nothing is given stay open.
 */
export const fillText = (text: string, filling: SlotWords): string =>
  text
    .replaceAll(WITH_ARTICLE, (written, a: string, id: string) => {
      const word = wordFor(filling, id);
      return word ? `${a}${takesAn(word, filling.spoken?.[id] ?? null) ? 'n' : ''} ` : written;
    })
    .replaceAll(SLOT, (slot, id: string, at: number, whole: string) => {
      const word = wordFor(filling, id);
      if (!word) return slot;
      return at === 0 || /[.!?] $/.test(whole.slice(0, at)) ? capital(word) : word;
    });

/**
 * A pattern with its slots filled in all of its texts: see {@link fillText}. The same object back when nothing was filled.
 */
export function fillSlots(content: ActivityContent, filling: SlotWords): ActivityContent {
  if (!openSlots(content).some((id) => wordFor(filling, id))) return content;
  const filled = eachText(content, (text) => fillText(text, filling));
  return { ...filled, slots: content.slots.filter(({ id }) => !wordFor(filling, id)) };
}

const capital = (text: string): string => text.charAt(0).toLocaleUpperCase('en') + text.slice(1);

// Every text of the content, its ids and closed lists excepted: braces occur in none of those.
function eachText<T>(value: T, change: (text: string) => string): T {
  if (typeof value === 'string') return change(value) as T;
  if (Array.isArray(value)) return value.map((one) => eachText(one, change)) as T;
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([key, inner]) => [key, eachText(inner, change)])) as T;
}
