import type { Song, WordList } from '../library/index.ts';
import { counted, nounOf, oneOfNoun, withArticle, type Pronoun } from './nouns.ts';
import { numberWord } from './numbers.ts';

/** What the slots of one verse stand for. A list that is empty leaves its slots open. */
export interface Filling {
  /** The number of the verse and the one after it; null in songs that do not count. */
  readonly n: number | null;
  readonly next: number | null;
  readonly what: string | null;
  readonly who: string | null;
  readonly colour: string | null;
  /** The list that the verses go over: `{word}` is its word. */
  readonly over: WordList;
  /** What the lists in step have for this verse, by their names. */
  readonly steps?: Readonly<Record<string, string>>;
}

const SLOT = /\{([^{}]*)\}/g;

/**
 * A line with its slots filled:
 *
 * - `{n}` and `{next}` the number and the one after it, in words;
 * - `{n what}`, `{n bright what}` the number with the thing, both in the right form: `one kite`, `five kites`, `no kites`;
 * - `{n:is|are}` the first after one, the second after any other number;
 * - `{what}` a thing, `{whats}` many of them, `{a what}` with `a` or `an`; `{who}`, `{colour}`, `{a colour}` alike;
 * - `{word}` the word that this verse is about, whichever list it is from;
 * - `{it}`, `{its}`, `{them}` what stands for the thing, and `{it:flies|fly}` what follows it or them;
 * - `{motion}` or whatever a list in step is called: its entry for this verse.
 *
 * A slot that nothing is given for stays as it stands.
 */
export const fillLine = (line: string, filling: Filling): string =>
  line.replaceAll(SLOT, (slot, inside: string) => filled(inside.trim(), filling) ?? slot);

/** The slots of a text that Kobby does not know, each once. `{each}` stands only in lines of songs that grow. */
export const unknownSlots = (text: string, lists: readonly string[] = []): readonly string[] => [
  ...new Set(
    [...text.matchAll(SLOT)]
      .map(([, inside]) => inside!.trim())
      .filter(
        (inside) =>
          !/^(?:an?\s+)?each$/.test(inside) && !lists.includes(inside) && filled(inside, EVERYTHING) === null,
      ),
  ),
];

const OF_LIST: Readonly<Record<WordList, RegExp>> = {
  what: /\bwhats?$/,
  who: /^who$/,
  colour: /\bcolours?$/,
};

/** Whether a text has a slot for a list of words: `{what}`, `{n bright what}`, `{a colour}`. */
export const namesList = (text: string, list: WordList): boolean =>
  [...text.matchAll(SLOT)].some(([, inside]) => OF_LIST[list].test(inside!.trim()));

/** Whether a song has to say a number before its things: `{n what}`. What is not counted cannot be sung of in it. */
export const saysNumbers = ({
  verses,
  opening,
  refrain,
  ending,
}: Pick<Song, 'verses' | 'opening' | 'refrain' | 'ending'>): boolean =>
  [...[opening, ...verses, refrain, ending].join('\n').matchAll(SLOT)].some(([, inside]) =>
    /^(?:n|next)\s.*what$/.test(inside!.trim()),
  );

/** The lists of words that a song is sung with: those that its slots name, and the one that its verses go over. */
export function listsOf({
  verses,
  opening,
  refrain,
  ending,
  rule,
}: Pick<Song, 'verses' | 'opening' | 'refrain' | 'ending' | 'rule'>): ReadonlySet<WordList> {
  const text = [opening, ...verses, refrain, ending].join('\n');
  const slots = [...text.matchAll(SLOT)].map(([, inside]) => inside!.trim());
  const named = (Object.keys(OF_LIST) as WordList[]).filter((list) =>
    slots.some((slot) => OF_LIST[list].test(slot)),
  );
  return new Set('over' in rule ? [...named, rule.over] : named);
}

const EVERYTHING: Filling = { n: 2, next: 1, what: 'thing', who: 'friend', colour: 'red', over: 'what' };

function filled(inside: string, filling: Filling): string | null {
  return (
    inStep(inside, filling) ??
    byNumber(inside, filling) ??
    withNumber(inside, filling) ??
    byPronoun(inside, filling) ??
    byWord(inside, filling)
  );
}

const inStep = (inside: string, { steps }: Filling): string | null =>
  steps && Object.hasOwn(steps, inside) ? steps[inside]! : null;

const FORMS: Readonly<Record<Pronoun, Readonly<Record<'it' | 'its' | 'them', string>>>> = {
  it: { it: 'it', its: 'its', them: 'it' },
  he: { it: 'he', its: 'his', them: 'him' },
  she: { it: 'she', its: 'her', them: 'her' },
  they: { it: 'they', its: 'their', them: 'them' },
};

// `it`, `its`, `them`, `it:flies|fly`
function byPronoun(inside: string, { what }: Filling): string | null {
  const [, form, one, many] = /^(it|its|them)(?::([^|]*)\|(.*))?$/.exec(inside) ?? [];
  if (!form || what === null) return null;
  const { pronoun } = nounOf(what);
  if (one === undefined) return FORMS[pronoun][form as 'it'];
  return form === 'it' ? `${FORMS[pronoun].it} ${pronoun === 'they' ? many! : one}` : null;
}

type NumberSlot = 'n' | 'next';

// `n:is|are`
function byNumber(inside: string, filling: Filling): string | null {
  const [, id, one, many] = /^(n|next):([^|]*)\|(.*)$/.exec(inside) ?? [];
  const n = id ? filling[id as NumberSlot] : null;
  return n === null ? null : n === 1 ? one! : many!;
}

// `n`, `n what`, `n bright what`
function withNumber(inside: string, { what, ...numbers }: Filling): string | null {
  const [, id, between = '', thing] = /^(n|next)(?:\s+(.*?)\s*(what))?$/.exec(inside) ?? [];
  const n = id ? numbers[id as NumberSlot] : null;
  if (n === null) return null;
  if (!thing) return numberWord(n);
  if (what === null) return null;
  return [n === 0 ? 'no' : numberWord(n), between, counted(nounOf(what), n)].filter(Boolean).join(' ');
}

// `what`, `whats`, `a what`, `who`, `colour`, `word`
function byWord(inside: string, filling: Filling): string | null {
  const [, article, id, plural] = /^(an?\s+)?(what|who|colour|word)(s?)$/.exec(inside) ?? [];
  if (!id) return null;
  const list = id === 'word' ? filling.over : (id as WordList);
  const word = filling[list];
  if (word === null) return null;
  // Names and colours are sung as they are written.
  if (list !== 'what') return article ? withArticle(word) : word;
  const noun = nounOf(word);
  if (plural) return noun.many;
  return article ? oneOfNoun(noun) : noun.one;
}
