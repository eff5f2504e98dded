import pluralize from 'pluralize';
import type { z } from 'zod';
import type { Book } from '../../book/index.ts';
import type { Supply } from '../../cupboard/index.ts';
import {
  activityContentSchema,
  onceForAll,
  type ActivityContent,
  type BookTitle,
  type Song,
} from '../../library/index.ts';
import { firstSoundOf, type Spoken } from '../../spoken/index.ts';
import type { Thing } from '../../unit/index.ts';

/** How a word is spoken; null where nobody knows. */
type SpokenOfWord = (word: string) => Spoken | null;

/** What of the house begins with a letter, and what has it further in. */
export interface LetterFinds {
  readonly begins: LetterSide;
  readonly has: LetterSide;
}
interface LetterSide {
  readonly things: readonly Thing[];
  readonly supplies: readonly Supply[];
  readonly songs: readonly Song[];
  readonly books: readonly BookTitle[];
}

// What a child is handed is told by the noun: of `wooden spoons, large` that is spoons.
const headNoun = (name: string): string =>
  pluralize.singular(
    name
      .split(/[,(]| of | with /)[0]!
      .trim()
      .split(/\s+/)
      .at(-1)!
      .toLocaleLowerCase('en'),
  );

/** The words by which a thing of the cupboard may begin with a letter: the noun of its name, one of it. */
export const nounsOf = (supplies: readonly Pick<Supply, 'name'>[]): readonly string[] => [
  ...new Set(supplies.map(({ name }) => headNoun(name)).filter(Boolean)),
];

// Letters that are silent at the beginning of a word that is spoken with another sound: k of knight, w of wrench.
const SILENT: ReadonlySet<string> = new Set(['kn', 'gn', 'wr', 'ps', 'pn', 'pt', 'mn']);

function beginsWith(word: string, letter: string, spokenOf: SpokenOfWord): boolean {
  const plain = word.toLocaleLowerCase('en');
  if (!plain.startsWith(letter)) return false;
  const spoken = spokenOf(plain);
  if (!spoken) return !(letter.length === 1 && SILENT.has(plain.slice(0, 2)));
  return !(SILENT.has(plain.slice(0, 2)) && firstSoundOf(spoken) !== letter);
}

// What can be laid into a box and taken out again.
const handled = (supplies: Book['supplies']): readonly Supply[] =>
  Object.values(supplies).filter(
    ({ retired, unit, use }) => !retired && unit === 'piece' && use === 'reusable',
  );

const SMALL: ReadonlySet<string> = new Set('a an the my our one two'.split(' '));
const firstWord = (title: string): string =>
  title
    .toLocaleLowerCase('en')
    .split(/[^\p{L}\p{N}]+/u)
    .find((word) => word !== '' && !SMALL.has(word)) ?? '';

/**
 * What the house has for a letter: the theme's things, what can be handled in the cupboard, songs and books. What only looks so and is
 * spoken otherwise does not begin with it: a knight is no word for K. What is poured, weighed or used up is no object to lay in a box.
 */
export function lettersFound(
  { supplies, songs, bookTitles }: Pick<Book, 'supplies' | 'songs' | 'bookTitles'>,
  things: readonly Thing[],
  given: string,
  spokenOf: SpokenOfWord,
): LetterFinds {
  const letter = given.toLocaleLowerCase('en');
  const here = handled(supplies);
  const said = (thing: Thing): string => thing.name.split('/')[0]!;
  const spokenOfThing =
    (thing: Thing): SpokenOfWord =>
    () =>
      thing.spoken;
  const split = <T>(list: readonly T[], word: (one: T) => string, begins: (one: T) => boolean) => ({
    begins: list.filter(begins),
    has: list.filter((one) => !begins(one) && word(one).toLocaleLowerCase('en').includes(letter)),
  });
  const all = {
    things: split(things, said, (thing) => beginsWith(said(thing), letter, spokenOfThing(thing))),
    supplies: split(
      here,
      ({ name }) => headNoun(name),
      ({ name }) => beginsWith(headNoun(name), letter, spokenOf),
    ),
    songs: split(
      Object.values(songs).filter(({ retired }) => !retired),
      ({ title }) => firstWord(title),
      ({ title }) => beginsWith(firstWord(title), letter, spokenOf),
    ),
    books: split(
      Object.values(bookTitles).filter(({ retired }) => !retired),
      ({ title }) => firstWord(title),
      ({ title }) => beginsWith(firstWord(title), letter, spokenOf),
    ),
  };
  const side = (which: 'begins' | 'has'): LetterSide => ({
    things: all.things[which],
    supplies: all.supplies[which],
    songs: all.songs[which],
    books: all.books[which],
  });
  return { begins: side('begins'), has: side('has') };
}

/** How many objects are laid into a box at most: what is told apart at one look, twice over. */
const MOST_OBJECTS = 12;

const VERSIONS: Input['versions'] = [
  {
    id: 'v1',
    fromMonths: 12,
    untilMonths: 30,
    does: 'Takes out one large thing at a time and puts it back.',
    changes: 'Two or three things, none that fits into a mouth.',
    say: 'What have you got?',
  },
  {
    id: 'v2',
    fromMonths: 30,
    untilMonths: 54,
    does: 'Names each thing and listens for how it begins.',
    changes: 'All of them, with the letter to lay them on.',
    say: 'Say it slowly: how does it begin?',
    word: 'begin: what comes first',
  },
  {
    id: 'v3',
    fromMonths: 54,
    untilMonths: null,
    does: 'Finds the stranger that begins otherwise, and writes a label for one.',
    changes: 'With cards to write on.',
    say: 'Which one does not belong, and why?',
    word: 'stranger: one that does not belong',
  },
];

/**
 * The object box of a letter as something to place: what begins with it to be handled, at most twelve, and one thing that has nothing of
 * it, to be found out. Null where nothing of the house begins with it.
 */
export function objectBox(
  { supplies }: Pick<Book, 'supplies'>,
  { begins, has }: LetterFinds,
  letter: string,
): ActivityContent | null {
  const ofThings = begins.things.flatMap(({ supplyId }) => supplyId ?? []);
  const ids = [...new Set([...ofThings, ...begins.supplies.map(({ id }) => id)])].slice(0, MOST_OBJECTS);
  if (ids.length === 0) return null;
  const known = new Set([
    ...ids,
    ...begins.supplies.map(({ id }) => id),
    ...has.supplies.map(({ id }) => id),
  ]);
  const stranger = handled(supplies)
    .filter(({ id, set, inside }) => !known.has(id) && set === null && inside === null)
    .toSorted((a, b) => (a.name < b.name ? -1 : 1))[0];
  const big = letter.toLocaleUpperCase('en');
  const content: Input = {
    title: `Object box: ${big}`,
    summary: `Real things that begin with ${big}, and a stranger among them, to be named, sorted and laid on the letter.`,
    mode: 'shelf-work',
    cornerKinds: ['writing', 'table-trays', 'books'],
    skills: ['letter-sounds', 'letters', 'naming'],
    features: { letters: [big] },
    energy: 'calm',
    atOnce: 2,
    versions: VERSIONS,
    materials: [...ids, ...(stranger ? [stranger.id] : [])].map((id) => onceForAll(id, 1)),
    steps: [{ text: 'Leave out what fits into a mouth while the youngest plays there.', owner: 'adult' }],
    cleanUpMinutes: 0,
  };
  return activityContentSchema.parse(content);
}
type Input = z.input<typeof activityContentSchema>;
