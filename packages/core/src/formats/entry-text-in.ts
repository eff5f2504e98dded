import type { z } from 'zod';
import type { Book } from '../book/index.ts';
import type { ChangeInput } from '../changes/index.ts';
import type { Supply, SupplyId } from '../cupboard/index.ts';
import { WAITING_PLACES } from '../house/index.ts';
import { factIn, supplyBegun, supplyNamed } from '../jotting/index.ts';
import {
  OWNERS,
  PACES,
  PROP_COUNTS,
  RECIPE_KINDS,
  recipeSchema,
  SONG_KINDS,
  SONG_PURPOSES,
  songSchema,
  WORD_LISTS,
} from '../library/index.ts';
import { amountAhead, asName, measureOf, parseAmount, type MeasureId } from '../measure/index.ts';
import { fieldProblems } from '../wire/index.ts';
import { recipeText, songText } from './entry-text.ts';
import { oneLine } from './one-line.ts';
import { partsOf, unreadable } from './read-table.ts';
import { ALSO, alsoIn } from './recipe-also.ts';
import { noPreview, type ImportPreview, type ImportRow } from './rows.ts';

/** A recipe or song that was read from a text. */
export interface EntryRead {
  readonly kind: 'recipes' | 'songs';
  readonly title: string;
  /** `same` is here already, word by word. */
  readonly as: 'new' | 'same';
  /** What takes it in: supplies that are not here yet, then the entry. */
  readonly changes: readonly ChangeInput[];
}

const BEGINS = /^(recipe|song):/i;

/** The changes that take what was read in; a supply that several of them begin comes once. */
export function entryChanges(entries: readonly EntryRead[]): readonly ChangeInput[] {
  const begun = new Set<string>();
  return entries
    .flatMap(({ changes }) => changes)
    .filter((change) => {
      if (change.type !== 'cupboard/put-supply') return true;
      const isNew = !begun.has(change.supply.id);
      begun.add(change.supply.id);
      return isNew;
    });
}

/** Whether a text is one of recipes or songs, as {@link readEntryTexts} reads it. */
export const isEntryText = (text: string): boolean => BEGINS.test(text.trim());

/**
 * Reads recipes and songs from a text, each beginning with `Recipe:` or `Song:` and its title. Lines `Kind: …` and the like come
 * first, an empty line ends them. In a recipe a line that begins with a dash or an amount goes in, every other one is a step; a song
 * has a verse between empty lines. What goes in is a supply of that name, or a new one of which nothing is known yet. What is not
 * said is told. An entry that cannot be kept says at which line.
 */
export function readEntryTexts(text: string, book: Book, newId: () => string): ImportPreview<EntryRead> {
  const problem = unreadable(text);
  if (problem) return noPreview(problem);
  const lines = text.replaceAll('\r', '').split('\n');
  const starts = lines.flatMap((line, i) => (BEGINS.test(line.trim()) ? [i] : []));
  if (starts.length === 0)
    return noPreview('A recipe begins with “Recipe:” and its title, a song with “Song:”.');
  const reader = new EntryReader(book, newId);
  return {
    problem: null,
    rows: starts.map((start, i) => reader.read(lines.slice(start, starts[i + 1]), start + 1)),
  };
}

interface Parts {
  readonly head: ReadonlyMap<string, string>;
  /** What follows the head, and at which line of the text. */
  readonly body: readonly string[];
  readonly bodyLine: number;
}

const KEYS = {
  song: [
    'song',
    'kind',
    'place',
    'tune',
    'verses',
    'words',
    'sung of',
    'in step',
    'whole',
    'link',
    'hands',
    'voice',
    'pace',
    'energy',
    'from',
    'props',
    'source',
  ],
  recipe: [
    'recipe',
    'kind',
    'about',
    'makes',
    'a part',
    'takes',
    'cooked',
    'waits',
    'keeps',
    'kept',
    'shows',
    'source',
  ],
} as const;

// The head ends at an empty line, or where a line says none of the keys: whoever leaves the empty line out is understood too.
function partsIn(lines: readonly string[], line: number, keys: readonly string[]): Parts {
  const head = new Map<string, string>();
  let at = 0;
  for (; at < lines.length; at++) {
    const [, key = '', value = ''] = /^\s*([\p{L} ]+?)\s*:\s*(.*)$/u.exec(lines[at]!) ?? [];
    if (!keys.includes(key.toLowerCase())) break;
    head.set(key.toLowerCase(), value.trim());
  }
  return { head, body: lines.slice(at), bodyLine: line + at };
}

class EntryReader {
  readonly #book: Book;
  readonly #newId: () => string;
  /** Supplies that are begun for what goes in, by their names. */
  readonly #begun = new Map<string, Supply>();
  readonly #seen = new Set<string>();

  constructor(book: Book, newId: () => string) {
    this.#book = book;
    this.#newId = newId;
  }

  read(lines: readonly string[], line: number): ImportRow<EntryRead> {
    const kind = BEGINS.exec(lines[0]!.trim())![1]!.toLowerCase() as 'recipe' | 'song';
    const parts = partsIn(lines, line, KEYS[kind]);
    const title = parts.head.get(kind) ?? '';
    const at = { line, text: oneLine(lines[0]!) };
    const hints: string[] = [];
    const key = `${kind} ${asName(title)}`;
    if (this.#seen.has(key)) return { ...at, ok: false, why: 'It stands in the text already' };
    this.#seen.add(key);
    const read = kind === 'song' ? this.#song(title, parts, hints) : this.#recipe(title, parts, hints);
    return 'why' in read ? { ...at, ok: false, why: read.why } : { ...at, ok: true, value: read, hints };
  }

  #song(title: string, { head, body }: Parts, hints: string[]): EntryRead | { readonly why: string } {
    const { opening, verses, refrain, ending } = versesIn(body);
    const parsed = songSchema.safeParse({
      id: `song-${this.#newId()}`,
      title,
      kind: idIn(SONG_KINDS, head.get('kind')) ?? told('song', 'kind', head, hints),
      purpose: idIn(SONG_PURPOSES, head.get('place')) ?? told('gather', 'place', head, hints),
      tune: head.get('tune') ?? '',
      opening,
      verses,
      refrain,
      ending,
      wordsFrom: wordsFromIn(head.get('sung of') ?? ''),
      lists: listsIn(head.get('in step') ?? ''),
      whole: asName(head.get('whole') ?? '') === 'yes',
      link: head.get('link') || null,
      rule: ruleIn(head, hints),
      actions: head.get('hands') ?? '',
      voice: head.get('voice') ?? '',
      pace:
        Object.entries(PACES).find(([, { name }]) => name === asName(head.get('pace') ?? ''))?.[0] ??
        'relaxed',
      energy: head.get('energy')?.toLowerCase() ?? 'middling',
      fromMonths: Number(/^\d+/.exec(head.get('from') ?? '')?.[0] ?? 0),
      props: partsOf(head.get('props')).map(propIn),
      source: head.get('source') ?? '',
    });
    if (!parsed.success) return { why: whyNot(parsed.error) };
    const song = parsed.data;
    const same = Object.values(this.#book.songs).some((one) => songText(one) === songText(song));
    return {
      kind: 'songs',
      title,
      as: same ? 'same' : 'new',
      changes: same ? [] : [{ type: 'library/put-song', song }],
    };
  }

  #recipe(title: string, parts: Parts, hints: string[]): EntryRead | { readonly why: string } {
    const { head } = parts;
    const partMl = head.has('a part') ? amountOf(head.get('a part')!, 'mL') : null;
    const fresh: Supply[] = [];
    const body = this.#body(parts, partMl !== null, fresh, hints);
    if ('why' in body) return body;
    const made = this.#made(head.get('makes'), hints);
    const parsed = recipeSchema.safeParse({
      id: `recipe-${this.#newId()}`,
      title,
      kind: idIn(RECIPE_KINDS, head.get('kind')) ?? told('other', 'kind', head, hints),
      summary: head.get('about') ?? '',
      ...body,
      partMl,
      ...made,
      minutes: numberAhead(head.get('takes')) ?? 0,
      cooked: asName(head.get('cooked') ?? '') === 'yes',
      waitHours: numberAhead(head.get('waits')) ?? 0,
      keepsDays: numberAhead(head.get('keeps')),
      keptHow: head.get('kept') ?? '',
      shows: head.get('shows') ?? '',
      source: head.get('source') ?? '',
    });
    if (!parsed.success) return { why: whyNot(parsed.error) };
    const recipe = parsed.data;
    const same = Object.values(this.#book.recipes).some(
      (one) => recipeText(one, this.#book) === recipeText(recipe, this.#book),
    );
    if (same) return { kind: 'recipes', title, as: 'same', changes: [] };
    const supplies = fresh.map((supply): ChangeInput => ({ type: 'cupboard/put-supply', supply }));
    return {
      kind: 'recipes',
      title,
      as: 'new',
      changes: [...supplies, { type: 'library/put-recipe', recipe }],
    };
  }

  #body(
    { body, bodyLine }: Parts,
    inParts: boolean,
    fresh: Supply[],
    hints: string[],
  ): BodyRead | { readonly why: string } {
    const ingredients: object[] = [];
    const steps: object[] = [];
    const also = { swaps: [] as object[], variants: [] as object[] };
    const supplyOf = (name: string): SupplyId | null =>
      supplyNamed(this.#book, name)?.id ?? this.#begun.get(asName(name))?.id ?? null;
    for (const [i, written] of body.entries()) {
      const line = written.trim();
      const numbered = /^\d+[.)]\s+(.*)$/.exec(line);
      const dashed = /^[-*•]\s+(.*)$/.exec(line);
      const goesIn = numbered ? null : (dashed?.[1] ?? (factIn(line)?.kind === 'thing' ? line : null));
      if (line === '') continue;
      if (line.startsWith(ALSO)) {
        const read = alsoIn(line, supplyOf, this.#newId);
        if (read.kind === 'unread') hints.push(read.why);
        else also[read.kind].push(read.value);
        continue;
      }
      if (goesIn === null) steps.push(stepIn(numbered?.[1] ?? line));
      else {
        const read = this.#ingredient(goesIn, inParts, fresh, hints);
        if ('why' in read) return { why: `line ${bodyLine + i}: ${read.why}` };
        ingredients.push(read);
      }
    }
    return { ingredients, steps, ...also };
  }

  #ingredient(
    text: string,
    inParts: boolean,
    fresh: Supply[],
    hints: string[],
  ): { readonly supplyId: string } | { readonly why: string } {
    const ahead = amountAhead(text);
    if (!ahead) return { why: `“${text}” begins with no amount` };
    const [name, how] = this.#nameAhead(inParts ? ahead.rest.replace(/^parts?\s+/i, '') : ahead.rest);
    if (name === '') return { why: `“${text}” does not say of what` };
    const word = ahead.amount.replace(/^[^\p{L}]+/u, '');
    const supply = this.#supply(name, (word && measureOf(word)) || 'piece', fresh, hints);
    const read = inParts
      ? parseAmount(ahead.amount, 'piece')
      : parseAmount(ahead.amount, supply.unit, supply.gramsPerMl);
    if (!read.ok) return { why: `${supply.name}: ${read.message}` };
    return Object.assign({ supplyId: supply.id }, { amount: read.quantity.amount, goesIn: how });
  }

  // A name may have a comma in it: the longest beginning that the cupboard knows, else what stands before the first one.
  #nameAhead(text: string): readonly [name: string, how: string] {
    const parts = text.split(/,\s*/);
    const isKnown = (name: string): boolean =>
      Object.values(this.#book.supplies).some((one) => asName(one.name) === asName(name));
    const upTo = parts.findLastIndex((_, i) => isKnown(parts.slice(0, i + 1).join(', '))) + 1 || 1;
    return [parts.slice(0, upTo).join(', '), parts.slice(upTo).join(', ')];
  }

  // Of what is like nothing here no more is known than that it may be eaten: its label is asked for.
  #supply(name: string, unit: MeasureId, fresh: Supply[], hints: string[]): Supply {
    const own = supplyNamed(this.#book, name, unit) ?? supplyNamed(this.#book, name);
    if (own) {
      if (asName(own.name) !== asName(name)) hints.push(`“${name}” is taken as ${own.name}`);
      return own;
    }
    const before = this.#begun.get(asName(name));
    const supply = before ?? supplyBegun(this.#book, `supply-${this.#newId()}`, name, unit, AS_FOOD);
    this.#begun.set(asName(name), supply);
    fresh.push(supply);
    if (!before) hints.push(`“${name}” is not in the cupboard: it is begun there, ${begunAs(supply)}`);
    return supply;
  }

  #made(words: string | undefined, hints: string[]): object {
    const ahead = words ? amountAhead(words) : null;
    if (!ahead) {
      hints.push('say how much one batch gives');
      return { yields: { amount: 1, unit: 'piece' } };
    }
    const unit = measureOf(ahead.amount.replace(/^[^\p{L}]+/u, '')) ?? 'piece';
    const supply = supplyNamed(this.#book, ahead.rest, unit);
    if (ahead.rest && !supply) hints.push(`“${ahead.rest}” is not in the cupboard`);
    return { yields: { amount: amountOf(ahead.amount, unit), unit }, makesId: supply?.id ?? null };
  }
}

const AS_FOOD = { category: 'food', use: 'consumable' } as const;
const begunAs = ({ unit, takenFrom }: Supply): string =>
  `${unit === 'piece' ? 'counted' : `in ${unit}`}, as ${takenFrom ?? 'food'}`;

const whyNot = (error: z.ZodError): string => {
  const [first] = fieldProblems(error);
  return `${first!.path.join(' ')}: ${first!.message}`;
};

const idIn = (names: Readonly<Record<string, string>>, word: string | undefined): string | undefined =>
  Object.entries(names).find(([id, name]) => word !== undefined && [id, name].includes(asName(word)))?.[0];

// What is not understood is told with what is taken instead.
function told(instead: string, key: string, head: Parts['head'], hints: string[]): string {
  const word = head.get(key);
  hints.push(word ? `${key} “${word}” is not known: ${instead}` : `no ${key} is given: ${instead}`);
  return instead;
}

const numberAhead = (text: string | undefined): number | null => {
  const [found] = /^\d+(?:\.\d+)?/.exec(text ?? '') ?? [];
  return found === undefined ? null : Number(found);
};

function amountOf(text: string, measure: MeasureId): number | null {
  const read = parseAmount(text, measure);
  return read.ok ? read.quantity.amount : null;
}

function stepIn(text: string): object {
  const [, words = text, beside] = /^(.*?)\s*\[([^[\]]*)\]$/.exec(text) ?? [];
  const said = partsOf(beside);
  const after = (ahead: string): string | undefined =>
    said.find((one) => one.startsWith(ahead))?.slice(ahead.length);
  return {
    text: words,
    owner: Object.keys(OWNERS).find((owner) => said.includes(owner)) ?? 'together',
    minutes: numberAhead(said.find((one) => /^\d+ min$/.test(one))) ?? 0,
    waitMinutes: numberAhead(after('waits ')) ?? 0,
    mostWaitMinutes: numberAhead(/^[\d.]+ to (.*)$/.exec(after('waits ') ?? '')?.[1]),
    waitsIn: idIn(WAITING_PLACES, after('in the ')) ?? null,
    coldHours: numberAhead(after('or ')),
    sign: after('until ') ?? '',
  };
}

interface BodyRead {
  readonly ingredients: object[];
  readonly steps: object[];
  readonly swaps: object[];
  readonly variants: object[];
}

interface SongParts {
  readonly opening: string;
  readonly verses: readonly string[];
  readonly refrain: string;
  readonly ending: string;
}

function versesIn(body: readonly string[]): SongParts {
  const blocks = body
    .join('\n')
    .split(/\n\s*\n/)
    .map((block) => block.trim())
    .filter(Boolean);
  const HEADS = /^(opening|refrain|ending):\s*/i;
  const headed = (head: string): string =>
    blocks.find((block) => HEADS.exec(block)?.[1]?.toLowerCase() === head)?.replace(HEADS, '') ?? '';
  return {
    opening: headed('opening'),
    verses: blocks.filter((block) => !HEADS.test(block)),
    refrain: headed('refrain'),
    ending: headed('ending'),
  };
}

function wordsFromIn(text: string): object {
  const said = (head: string): string | null =>
    partsOf(text)
      .find((part) => part.startsWith(`${head} `))
      ?.slice(head.length + 1) ?? null;
  return { own: /^its own\b/i.test(text), kind: said('kind'), role: said('role') };
}

const listsIn = (text: string): readonly object[] =>
  text
    .split(' | ')
    .filter((list) => list.includes(' = '))
    .map((list) => {
      const [slot = '', ...words] = list.split(' = ');
      return { slot: slot.trim(), words: partsOf(words.join(' = ')) };
    });

function ruleIn(head: Parts['head'], hints: string[]): object {
  const text = asName(head.get('verses') ?? '');
  const words = partsOf(head.get('words'));
  const over = Object.entries(WORD_LISTS).find(([, name]) => new RegExp(`\\b${name}\\b`).test(text))?.[0];
  const counted = /(\d+) to (\d+)/.exec(text);
  if (counted) return { kind: 'counted', from: Number(counted[1]), to: Number(counted[2]), words };
  if (text.startsWith('one for each')) return { kind: 'for-words', over: over ?? 'what', words };
  if (text.startsWith('growing'))
    return {
      kind: 'growing',
      over: over ?? 'what',
      words,
      order: text.includes('oldest') ? 'oldest-first' : 'newest-first',
    };
  if (text !== '') hints.push(`verses “${text}” is not understood: as written`);
  return { kind: 'as-written', words };
}

function propIn(text: string): object {
  const [words = text, per] = text.split(/,\s*(?=in all$|for each)/);
  const ahead = amountAhead(words);
  return {
    words: ahead ? words.replace(/^\S+\s*/, '') : words,
    count: ahead ? Number.parseInt(words, 10) : 1,
    per: Object.entries(PROP_COUNTS).find(([, name]) => name === per)?.[0] ?? 'once',
  };
}
