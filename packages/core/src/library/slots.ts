import { takesAn, type Spoken } from '../spoken/index.ts';
import type { ActivityContent } from './content.ts';

const SLOT = /\{([a-z][a-z-]{0,23})\}/g;
// With the article before it, which follows what fills the slot: `a {thing}` is `an umbrella`.
const WITH_ARTICLE = /(?<=^|[^\p{L}])([Aa])n? (?=\{([a-z][a-z-]{0,23})\})/gu;

/** The slots that still stand open in the texts of an activity, each once, in the order of their first place. */
export function openSlots(content: ActivityContent): readonly string[] {
  const found = new Set<string>();
  seeTexts(content, (text) => {
    for (const [, id] of text.matchAll(SLOT)) found.add(id!);
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
  if (Object.keys(filling.words).length === 0) return content;
  if (!openSlots(content).some((id) => wordFor(filling, id))) return content;
  const filled = changeTexts(content, (text) => fillText(text, filling));
  return { ...filled, slots: content.slots.filter(({ id }) => !wordFor(filling, id)) };
}

const capital = (text: string): string => text.charAt(0).toLocaleUpperCase('en') + text.slice(1);

// Every text with a brace in it. A home of many years has thousands of activities, each with hundreds of texts, most without one.
function seeTexts(value: unknown, see: (text: string) => void): void {
  if (typeof value === 'string') {
    if (value.includes('{')) see(value);
  } else if (Array.isArray(value)) {
    for (const one of value) seeTexts(one, see);
  } else if (typeof value === 'object' && value !== null) {
    for (const key in value) seeTexts((value as Readonly<Record<string, unknown>>)[key], see);
  }
}

// What stays as it was is the same object: ids and closed lists have no braces.
function changeTexts<T>(value: T, change: (text: string) => string): T {
  if (typeof value === 'string') return (value.includes('{') ? change(value) : value) as T;
  if (Array.isArray(value)) {
    const list = value.map((one: unknown) => changeTexts(one, change));
    return list.every((one, i) => one === value[i]) ? value : (list as T);
  }
  if (typeof value !== 'object' || value === null) return value;
  const entries = Object.entries(value).map(
    ([key, inner]) => [key, changeTexts<unknown>(inner, change)] as const,
  );
  const isSame = entries.every(([key, inner]) => inner === (value as Record<string, unknown>)[key]);
  return isSame ? value : (Object.fromEntries(entries) as T);
}
