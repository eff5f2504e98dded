import {
  fillText,
  THING_ROLES,
  withGaps,
  type ActivityContent,
  type ContentCount,
  type Slot,
  type SlotTake,
  type SlotWords,
} from '../library/index.ts';
import pluralize from 'pluralize';
import { memoised } from '../measure/index.ts';
import type { Spoken } from '../spoken/index.ts';
import { nounOf, type Noun } from '../verses/index.ts';
import { featuredNumber } from './featured.ts';
import { seriesIn, type Thing } from './thing.ts';
import type { Unit } from './unit.ts';

/**
 * A theme as patterns ask for it: its members in their order, what it is called and what it features. Why apart from the unit: what is
 * placed is filled from it whenever it is read, so that a member that is renamed, added or taken out is there in every pattern at once.
 */
export interface Theme {
  readonly title: string;
  readonly words: readonly string[];
  readonly featured: Unit['featured'];
  readonly things: readonly Thing[];
  /** The member that something in it is about by itself; left out where it is about what the whole theme is. */
  readonly about?: Thing;
}

/** The theme of a unit with its members. The same object for the same unit and members. */
export const themeOf = memoised(({ title, words, featured }: Unit, things: readonly Thing[]): Theme => ({
  title,
  words,
  featured,
  things,
}));

/** A member's name, one and many of it. */
export const nounOfThing = ({ name, many }: Pick<Thing, 'name' | 'many'>): Noun =>
  nounOf(many === null ? name : `${name.split('/')[0]!}/${many}`);

const plain = (text: string): string => text.trim().toLocaleLowerCase('en');

/** The same theme for something that is about one of its members; as it is where that is nobody's, or gone. */
export const themeAbout = memoised((theme: Theme, aboutId: string | null): Theme => {
  const about = aboutId === null ? undefined : theme.things.find(({ id }) => id === aboutId);
  return about ? { ...theme, about } : theme;
});

/**
 * The member that the theme is about: who was chosen, else the one that its title names, else the first; null when there is
 * none.
 */
export const mainThing = memoised(({ title, things, about }: Theme): Thing | null => {
  if (about) return about;
  const said = ` ${plain(title).replaceAll(/[^\p{L}\p{N}]+/gu, ' ')} `;
  const isNamed = (thing: Thing): boolean => {
    const { one, many } = nounOfThing(thing);
    return [one, many].some((word) => said.includes(` ${plain(word)} `));
  };
  return things.find(isNamed) ?? things[0] ?? null;
});

const words = (text: string): readonly string[] =>
  (plain(text).match(/[\p{L}\p{N}]+/gu) ?? []).map((word) => pluralize.singular(word));
// What stands in the name of many a theme.
const EMPTY: ReadonlySet<string> = new Set(
  'a an and the of in at on our my all about with for to from week day fun'.split(' '),
);

/** The words that say what a theme is about, one of each: of its title, its new words and its members. */
export const termsOfTheme = memoised(
  ({ title, words: said, things }: Theme): ReadonlySet<string> =>
    new Set(
      [title, ...said.map((word) => word.split(':')[0]!), ...things.map(({ name }) => name)]
        .flatMap(words)
        .filter((word) => word.length > 2 && !EMPTY.has(word)),
    ),
);

/** Whether something of the library belongs to a theme, to others, or to any. */
export function belongsTo(
  { themes }: Pick<ActivityContent, 'themes'>,
  theme: Theme | null,
): 'own' | 'other' | 'any' {
  if (themes.length === 0) return 'any';
  const terms = theme ? termsOfTheme(theme) : new Set();
  return themes.some((one) => words(one).some((word) => terms.has(word))) ? 'own' : 'other';
}

const MOST_LISTED = 12;
function listed(names: readonly string[]): string {
  if (names.length > MOST_LISTED)
    return `${names.slice(0, MOST_LISTED).join(', ')} and ${names.length - MOST_LISTED} more`;
  return names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)!}`;
}
const oneOf = (thing: Thing): string => nounOfThing(thing).one;

/** The ordered set that a theme is asked for: the one of what it is about, else its first; none while nothing has a place in an order. */
export function inOrder(theme: Theme): readonly Thing[] {
  const all = seriesIn(theme.things);
  const main = mainThing(theme);
  return (all.find(({ members }) => main !== null && members.includes(main)) ?? all[0])?.members ?? [];
}

/** Two members that go together, each pair once. */
export function pairsIn(things: readonly Thing[]): readonly (readonly [Thing, Thing])[] {
  const seen = new Set<Thing>();
  return things.flatMap((thing) => {
    const partner =
      thing.pair === null ? undefined : things.find(({ name }) => plain(name) === plain(thing.pair!));
    if (!partner || partner === thing || seen.has(thing) || seen.has(partner)) return [];
    seen.add(thing).add(partner);
    return [[thing, partner] as const];
  });
}

/** Different kinds among the members; those without one are none. */
export const kindsIn = (things: readonly Thing[]): readonly string[] => [
  ...new Set(things.flatMap(({ kind }) => (kind === null ? [] : [plain(kind)]))),
];

type Members = (theme: Theme, main: Thing, slot: Slot) => readonly Thing[];
// Whom a slot takes of the table. Where the table does not say, the nearest that it does say: nothing is asked.
const MEMBERS: Readonly<Record<SlotTake, Members>> = {
  one: (_, main) => [main],
  many: (_, main) => [main],
  all: ({ things }) => things,
  pair: ({ things }, main) => {
    const pairs = pairsIn(things);
    const pair = pairs.find((both) => both.includes(main)) ?? pairs[0];
    const other = things.find((thing) => thing !== main);
    return pair ?? (other ? [main, other] : [main]);
  },
  parts: ({ things }, main) => [
    main.parts.length > 0 ? main : (things.find(({ parts }) => parts.length > 0) ?? main),
  ],
  order: (theme) => {
    const ranked = inOrder(theme);
    return ranked.length > 1 ? ranked : theme.things;
  },
  kinds: ({ things }) => things,
  role: ({ things }, main, { role }) => [things.find((thing) => thing.role === role) ?? main],
};

type Said = (members: readonly Thing[]) => string;
const SAID: Readonly<Partial<Record<SlotTake, Said>>> = {
  many: ([main]) => nounOfThing(main!).many,
  pair: (both) => (both.length > 1 ? listed(both.map(oneOf)) : `${oneOf(both[0]!)} and its twin`),
  parts: ([whole]) => listed(whole!.parts) || 'its parts',
  kinds: (things) => listed(kindsIn(things)) || 'one kind and another',
};
const said = (slot: Slot, members: readonly Thing[]): string =>
  SAID[slot.takes]?.(members) ?? listed(members.map(oneOf));

/**
 * The members that a slot is filled with, in the order in which they are told: those that somebody named for it, else those that it
 * takes of the table. None while the theme has no members, and for what is no thing.
 */
export function membersTaken(slot: Slot, theme: Theme, words: string | null): readonly Thing[] {
  const main = mainThing(theme);
  if (slot.kind !== 'thing' || main === null) return [];
  if (words === null) return MEMBERS[slot.takes](theme, main, slot);
  const named = new Set(words.split(/,| and /u).map(plain));
  return theme.things.filter((thing) => {
    const { one, many } = nounOfThing(thing);
    return named.has(plain(one)) || named.has(plain(many));
  });
}

/** What a slot may be filled with otherwise, from the table: each member, each ordered set, each pair; what it has now is among them. */
export function choicesFor(slot: Slot, theme: Theme): readonly string[] {
  const { things } = theme;
  if (slot.kind !== 'thing') return [];
  const each: Readonly<Record<SlotTake, () => readonly (readonly Thing[])[]>> = {
    one: () => things.map((thing) => [thing]),
    role: () => things.map((thing) => [thing]),
    many: () => things.map((thing) => [thing]),
    parts: () => things.filter(({ parts }) => parts.length > 0).map((thing) => [thing]),
    pair: () => pairsIn(things),
    order: () => seriesIn(things).map(({ members }) => members),
    all: () => [things],
    kinds: () => [things],
  };
  return [...new Set(each[slot.takes]().map((members) => said(slot, members)))];
}

/** What a pattern asks of a theme's table beyond a name, in words: what the table has, and what it lacks. */
export function askedOfTable(
  { slots }: Pick<ActivityContent, 'slots'>,
  { things }: Theme,
): { readonly has: readonly string[]; readonly lacks: readonly string[] } {
  const told = slots.flatMap(({ takes, role }): [string, boolean][] => {
    if (takes === 'order') return [['an order', seriesIn(things).some(({ members }) => members.length > 1)]];
    if (takes === 'pair') return [['partners', pairsIn(things).length > 0]];
    if (takes === 'parts') return [['parts', things.some(({ parts }) => parts.length > 0)]];
    if (takes === 'kinds') return [['kinds', kindsIn(things).length > 1]];
    if (takes === 'role' && role) return [[THING_ROLES[role], things.some((thing) => thing.role === role)]];
    return [];
  });
  return {
    has: told.flatMap(([what, isThere]) => (isThere ? [what] : [])),
    lacks: told.flatMap(([what, isThere]) => (isThere ? [] : [what])),
  };
}

/** Whether a pattern asks for a role that no member has: it can be filled, but with something that was not meant. */
export const lacksRole = ({ slots }: Pick<ActivityContent, 'slots'>, theme: Theme | null): boolean =>
  slots.some(({ takes, role }) => takes === 'role' && !theme?.things.some((thing) => thing.role === role));

const featured = ({ featured: all }: Theme, kind: Unit['featured'][number]['kind']): string | null =>
  all.find((one) => one.kind === kind)?.value ?? null;
const mostMet = (values: readonly (string | null)[]): string | null => {
  const times = new Map<string, number>();
  for (const value of values) if (value !== null) times.set(value, (times.get(value) ?? 0) + 1);
  return [...times].toSorted((a, b) => b[1] - a[1])[0]?.[0] ?? null;
};

/** Counting goes no further than this where a theme features no number. */
const MOST_COUNTED = 10;

function wordOf(slot: Slot, theme: Theme, main: Thing): string {
  const { things } = theme;
  switch (slot.kind) {
    case 'thing':
      return said(slot, MEMBERS[slot.takes](theme, main, slot));
    case 'letter':
      return featured(theme, 'letter') ?? main.name.charAt(0).toLocaleUpperCase('en');
    case 'number':
      return String(featuredNumber(theme.featured) ?? Math.min(MOST_COUNTED, things.length));
    case 'colour':
      return featured(theme, 'colour') ?? mostMet(things.map(({ colour }) => colour)) ?? 'one colour';
    case 'shape':
      return featured(theme, 'shape') ?? 'circle';
    case 'word':
      return theme.words[0]?.split(':')[0]!.trim() ?? oneOf(main);
  }
}

const NOTHING: Required<SlotWords> = { words: {}, spoken: {} };

/** What a theme's table says to the slots of a pattern, and how that is spoken where it is known: nothing while it has no members. */
export const fillingFrom = memoised(
  (slots: ActivityContent['slots'], theme: Theme | null): Required<SlotWords> => {
    const main = theme && mainThing(theme);
    if (!theme || !main || slots.length === 0) return NOTHING;
    const words = Object.fromEntries(slots.map((slot) => [slot.id, wordOf(slot, theme, main)]));
    const spokenOf = (word: string): Spoken | null =>
      theme.things.find((thing) => oneOf(thing) === word)?.spoken ?? null;
    return { words, spoken: Object.fromEntries(slots.map(({ id }) => [id, spokenOf(words[id]!)])) };
  },
);

/** Whether something of the library has to ask for words before it can stand in a theme: a pattern, while the theme has no members. */
export const asksFirst = ({ slots }: Pick<ActivityContent, 'slots'>, theme: Theme | null): boolean =>
  slots.length > 0 && (theme === null || mainThing(theme) === null);

/** A text of something of the library as it would stand in a theme: what the table does not say is a gap. */
const textIn = (text: string, slots: ActivityContent['slots'], theme: Theme | null): string =>
  withGaps(fillText(text, fillingFrom(slots, theme)));
/** Its title as it would stand in a theme. */
export const titleIn = (
  { title, slots }: Pick<ActivityContent, 'title' | 'slots'>,
  theme: Theme | null,
): string => textIn(title, slots, theme);
/** What it is in a sentence, as it would stand in a theme. */
export const summaryIn = (
  { summary, slots }: Pick<ActivityContent, 'summary' | 'slots'>,
  theme: Theme | null,
): string => textIn(summary, slots, theme);

/** Letters of a name or word: spaces, dashes and points are not written on tiles. */
export const lettersIn = (name: string): number => [...name].filter((sign) => /\p{L}/u.test(sign)).length;

/** A letter, and how many of it are needed. */
export interface LetterCount {
  readonly letter: string;
  /** To lay all of the words at the same time. */
  readonly atOnce: number;
  /** To lay one after the other. */
  readonly most: number;
}

/** How many of each letter some words need, in the order of the alphabet; small and large letters are one. */
export function lettersEach(words: readonly string[]): readonly LetterCount[] {
  const counts = new Map<string, { atOnce: number; most: number }>();
  for (const word of words) {
    const here = new Map<string, number>();
    for (const sign of word.toLocaleLowerCase('en'))
      if (/\p{L}/u.test(sign)) here.set(sign, (here.get(sign) ?? 0) + 1);
    for (const [letter, n] of here) {
      const { atOnce = 0, most = 0 } = counts.get(letter) ?? {};
      counts.set(letter, { atOnce: atOnce + n, most: Math.max(most, n) });
    }
  }
  return [...counts]
    .map(([letter, count]) => ({ letter, ...count }))
    .toSorted((a, b) => (a.letter < b.letter ? -1 : 1));
}

/** How many there are of what an amount can be counted by. */
export type ThemeCounts = Readonly<
  Record<Extract<ContentCount, `${string}things` | 'pairs' | 'kinds' | 'stages'>, number>
>;

const THEME_COUNTS: ReadonlySet<ContentCount> = new Set<keyof ThemeCounts>([
  ...(['things', 'pairs', 'kinds', 'stages', 'letters-of-things'] as const),
]);
/** Whether an amount is counted by the theme's table. */
export const isThemeCount = (times: ContentCount): times is keyof ThemeCounts => THEME_COUNTS.has(times);

/** How many members, pairs, kinds, stages and letters a theme's table has; null while it has no members. */
export const countsOf = memoised((theme: Theme): ThemeCounts | null => {
  const { things } = theme;
  if (things.length === 0) return null;
  const ranked = inOrder(theme).length;
  return {
    things: things.length,
    pairs: Math.max(1, pairsIn(things).length),
    kinds: Math.max(1, kindsIn(things).length),
    stages: ranked > 1 ? ranked : things.length,
    'letters-of-things': things.reduce((sum, thing) => sum + lettersIn(oneOf(thing)), 0),
  };
});
