import type { Book } from '../../book/index.ts';
import type { PlainDay } from '../../calendar/index.ts';
import { ageInMonths, CORNER_KINDS, formatAge, type Child } from '../../house/index.ts';
import { ACTIVITY_MODES, type ActivityMode } from '../../library/index.ts';
import type { Area, SkillId } from '../../skills/index.ts';
import type { LibraryKind } from './entry.ts';
import type { LibraryWish } from './search.ts';

/** A question as it was understood: what it narrows down to, the words that are left to look for, and what to say of it. */
export interface Question {
  readonly wish: LibraryWish;
  readonly words: string;
  /** A part of the question each, as Kobby read it: `for Ada, 9 months`, `prepared in 10 min`, `with what is here`. */
  readonly said: readonly string[];
}

type Read = (match: RegExpExecArray) => readonly [LibraryWish, string] | null;
interface Part {
  readonly pattern: RegExp;
  readonly read: Read;
  /** It is only said by somebody who asks: nothing is called so. */
  readonly asks?: true;
}

const NUMBERS: Readonly<Record<string, number>> = {
  ...{ one: 1, two: 2, three: 3, four: 4, five: 5, six: 6, seven: 7, eight: 8, nine: 9, ten: 10 },
  ...{ fifteen: 15, twenty: 20, thirty: 30 },
};
const numberIn = (word: string): number => NUMBERS[word.toLowerCase()] ?? Number(word);
const COUNT = `(\\d{1,3}|${Object.keys(NUMBERS).join('|')})`;

// What somebody calls an area of skills. The first that is said counts.
const AREA_WORDS: Readonly<Partial<Record<Area, string>>> = {
  hands: 'hands|fingers',
  language: 'language|talking|words to say',
  print: 'letters|writing|reading',
  number: 'numbers?|counting|maths',
  world: 'science|finding out',
  senses: 'senses|touching|looking',
  body: 'the body|whole body|moving|legs',
  art: 'art|painting|drawing',
  music: 'music|singing',
  people: 'getting along|playing together',
  self: 'practical life|helping themselves',
};
// What somebody calls a single skill, where that says more than its area.
const SKILL_WORDS: Readonly<Partial<Record<SkillId, string>>> = {
  feelings: 'feelings',
  cutting: 'scissors|cutting',
  'pouring-and-scooping': 'pouring|scooping',
  threading: 'threading|lacing|sewing',
  dressing: 'dressing|buttons and zips',
  signing: 'signs|signing',
  'smell-and-taste': 'smelling|tasting',
  balance: 'balancing|balance',
};
const MODE_WORDS: Readonly<Partial<Record<ActivityMode, string>>> = {
  'whole-group': 'everyone|everybody|the whole group|all of us|all together',
  'small-group': 'a few(?: of them)?|a small group|two or three',
  'shelf-work': 'one child(?: alone)?|by themselves|alone',
};
const KIND_WORDS: Readonly<Partial<Record<LibraryKind, string>>> = {
  songs: 'songs?|finger plays?|rhymes?|chants?',
  recipes: 'recipes?',
  bookTitles: 'books?',
};
const words = (list: string): RegExp => new RegExp(`\\b(?:${list})\\b`, 'iu');

const plain = (pattern: RegExp, wish: LibraryWish, said: string, asks?: true): Part => ({
  pattern,
  read: () => [wish, said],
  ...(asks ? { asks } : {}),
});
const entries = <K extends string>(table: Readonly<Partial<Record<K, string>>>): [K, string][] =>
  Object.entries(table) as [K, string][];

const PARTS: readonly Part[] = [
  {
    pattern: new RegExp(
      `\\b(?:in|within|under|at most|no more than) ${COUNT} ?(?:min|mins|minutes?)\\b`,
      'iu',
    ),
    read: ([, count]) => [{ prepMinutes: numberIn(count!) }, `prepared in ${numberIn(count!)} min`],
    asks: true,
  },
  plain(
    words('nothing to prepare|without preparing|no preparation|right now|at once'),
    { prepMinutes: 0 },
    'nothing to prepare',
    true,
  ),
  plain(
    words('with what (?:is here|we have|is in the house)|without shopping|on hand|what is here'),
    { onHand: true },
    'with what is here',
    true,
  ),
  {
    pattern: new RegExp(`\\bfor (?:a |an )?(?:child of )?${COUNT}[ -]?(months?|years?)(?:[ -]old)?\\b`, 'iu'),
    read: ([, count, unit]) => forAge(numberIn(count!) * (/^y/i.test(unit!) ? 12 : 1)),
    asks: true,
  },
  { pattern: words('for (?:the )?(?:bab(?:y|ies)|laps?)'), read: () => forAge(7), asks: true },
  { pattern: words('for (?:the )?toddlers?'), read: () => forAge(20), asks: true },
  {
    pattern: words('for (?:the )?(?:school children|school[ -]age|older ones)'),
    read: () => forAge(76),
    asks: true,
  },
  plain(
    words('we have never done|not used before|not done before|something new'),
    { unused: true },
    'not used before',
    true,
  ),
  plain(words('they loved|loved before'), { lovedBefore: true }, 'loved before', true),
  plain(words('outside|outdoors|in the yard|in the garden'), { place: 'outdoors' }, 'outdoors'),
  plain(words('inside|indoors|when it rains|a rainy day'), { place: 'indoors' }, 'indoors'),
  plain(words('no mess|without (?:a )?mess|clean'), { mess: 'clean' }, 'clean'),
  plain(words('messy|with mess'), { mess: 'messy' }, 'messy'),
  plain(
    words('(?:(?:calm|quiet)[, ]+)?before (?:the )?(?:nap|rest)|to calm down|calm|quiet'),
    { energy: 'calm' },
    'calm',
  ),
  plain(words('lively|wild|to let off steam'), { energy: 'lively' }, 'lively'),
  plain(words('to eat|snacks?'), { kinds: ['recipes'], recipeKind: 'food' }, 'to eat'),
  plain(
    words('to show|demonstrations?|experiments?'),
    { kinds: ['recipes'], recipeKind: 'science' },
    'to show',
  ),
  ...entries(KIND_WORDS).map(([kind, list]) => plain(words(list), { kinds: [kind] }, list.split(/[?|]/)[0]!)),
  ...entries(MODE_WORDS).map(([mode, list]) =>
    plain(words(`(?:for |with )?(?:${list})`), { mode }, ACTIVITY_MODES[mode].name.toLowerCase()),
  ),
  ...CORNER_KINDS.map((cornerKind) => {
    const name = cornerKind.replaceAll('-', ' ');
    return plain(words(`(?:in|at|for) the ${name}(?: corner)?`), { cornerKind }, `for ${name}`);
  }),
  ...entries(SKILL_WORDS).map(([skill, list]) =>
    plain(words(`(?:for |with )?(?:${list})`), { skill }, `for ${skill.replaceAll('-', ' ')}`),
  ),
  ...entries(AREA_WORDS).map(([area, list]) => plain(words(`(?:for )?(?:${list})`), { area }, `for ${area}`)),
];

const forAge = (months: number): readonly [LibraryWish, string] => [
  { ageMonths: months },
  `for ${formatAge(months as never)}`,
];

const ASKING =
  /\b(?:some|any)thing\b|\bwhat (?:can|could|shall|do|is there)\b|\ba (?:song|recipe|book|game|rhyme)\b/iu;
// What is left of a sentence when its parts are taken out.
const SMALL = new Set(
  'something anything what can could shall do is are there we us i a an the to of for with and or that which have has need needs find show give me my our it they them please game play some any who but in on at about while'.split(
    ' ',
  ),
);

/** The child who is meant by `for Ada`, by first name as it is shown or whole. */
function childMeant(text: string, children: readonly Child[]): { child: Child; pattern: RegExp } | null {
  for (const child of children) {
    const [first = ''] = child.name.split(/\s+/);
    for (const name of [child.name, child.shownAs, first]) {
      const escaped = name.replaceAll(/[.*+?^${}()|[\]\\]/g, String.raw`\$&`);
      const pattern = new RegExp(`\\bfor ${escaped}(?!\\p{L})`, 'iu');
      if (name !== '' && pattern.test(text)) return { child, pattern };
    }
  }
  return null;
}

/**
 * Reads a question as a provider asks it: `something for hands in ten minutes, with what is here, for Ada`. What it says narrows down,
 * what is left are words to look for. Null for words that only look for something: nothing is guessed into a title.
 */
export function readQuestion(
  text: string,
  { children }: Pick<Book, 'children'>,
  today: PlainDay,
): Question | null {
  let left = text;
  let wish: LibraryWish = {};
  const said: string[] = [];
  let isAsked = ASKING.test(text);
  const meant = childMeant(text, Object.values(children));
  if (meant) {
    const months = ageInMonths(meant.child.birth, today);
    wish = { ageMonths: months };
    said.push(`for ${meant.child.shownAs}, ${formatAge(months)}`);
    left = left.replace(meant.pattern, ' ');
    isAsked = true;
  }
  for (const { pattern, read, asks } of PARTS) {
    const match = pattern.exec(left);
    const found = match && read(match);
    if (!match || !found) continue;
    const [part, words] = found;
    // The first of a sort counts: what is said twice stays a word.
    if (Object.keys(part).some((key) => key in wish)) continue;
    wish = { ...wish, ...part };
    said.push(words);
    left = `${left.slice(0, match.index)} ${left.slice(match.index + match[0].length)}`;
    isAsked ||= asks === true;
  }
  if (!isAsked || said.length === 0) return null;
  const rest = (left.match(/[\p{L}\p{N}]+(?:['’-]\p{L}+)*/gu) ?? []).filter(
    (word) => !SMALL.has(word.toLowerCase()),
  );
  return { wish: { ...wish, easiestFirst: true }, words: rest.join(' '), said };
}
