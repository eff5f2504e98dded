import {
  apart,
  clips,
  firstLetters,
  frames,
  halves,
  inOrder,
  namedPictures,
  numbers,
  pairs,
  partners,
  parts,
  pictures,
  shadows,
  sizes,
  sorted,
} from './card-sets.ts';
import { board, dice, patterns, rolled, sums } from './games.ts';
import {
  cutting,
  dots,
  hunts,
  lacing,
  letters,
  names,
  nameTiles,
  numerals,
  paths,
  tracedWords,
  wordTiles,
  type Make,
} from './hands.ts';
import type { Size } from './layout.ts';
import { bunting, crown, flaps, labels, places, puppets, wheel } from './made.ts';

/** A kind of set: the cards that a theme's things make of it, or in a line what the table of things lacks for it. */
export interface CardKind {
  readonly name: string;
  readonly hint: string;
  readonly family: FamilyId;
  /** What it is cut from: a card of the chosen size, a whole page upright or across, or a size of its own. */
  readonly format: 'card' | 'page' | 'across' | 'tile' | Size;
  readonly make: Make;
  /** What it is printed on, where that is not what its family is printed on. */
  readonly paper?: 'plain' | 'card' | 'label';
  /** What is done to it last, with what. */
  readonly finishing?: readonly string[];
}

/** What sets there are, in the order in which they are offered. */
export const FAMILIES = {
  cards: 'Cards',
  counting: 'Counting and games',
  hands: 'Hands and letters',
  made: 'To be made',
} as const;
export type FamilyId = keyof typeof FAMILIES;

/** The sets that the shop makes, as they are offered. */
export const CARD_KINDS = {
  picture: { name: 'Pictures', hint: 'one card a thing', family: 'cards', format: 'card', make: pictures },
  named: {
    name: 'Picture and word',
    hint: 'one card a thing',
    family: 'cards',
    format: 'card',
    make: namedPictures,
  },
  apart: {
    name: 'Picture and word apart',
    hint: 'to be matched, with one that has both to check by',
    family: 'cards',
    format: 'card',
    make: apart,
  },
  pairs: {
    name: 'Pairs and memory',
    hint: 'each picture twice',
    family: 'cards',
    format: 'card',
    make: pairs,
  },
  halves: {
    name: 'Halves',
    hint: 'left and right of each, to be put together',
    family: 'cards',
    format: 'card',
    make: halves,
  },
  shadows: {
    name: 'Shadows',
    hint: 'each thing and its shadow',
    family: 'cards',
    format: 'card',
    make: shadows,
  },
  sizes: {
    name: 'Big and small',
    hint: 'each thing large, middling and little',
    family: 'cards',
    format: 'card',
    make: sizes,
  },
  order: {
    name: 'In order',
    hint: 'with dots that tell the place',
    family: 'cards',
    format: 'card',
    make: inOrder,
  },
  partners: {
    name: 'What goes together',
    hint: 'things and their partners',
    family: 'cards',
    format: 'card',
    make: partners,
  },
  parts: {
    name: 'Parts of one',
    hint: 'a thing and the words of its parts',
    family: 'cards',
    format: 'card',
    make: parts,
  },
  'by-kind': {
    name: 'Sorted by kind',
    hint: 'a head for each kind, and the things',
    family: 'cards',
    format: 'card',
    make: sorted('kind'),
  },
  'by-colour': {
    name: 'Sorted by colour',
    hint: 'the word of each colour, and the things',
    family: 'cards',
    format: 'card',
    make: sorted('colour'),
  },
  letters: {
    name: 'First letters',
    hint: 'letters, and what begins with them',
    family: 'cards',
    format: 'card',
    make: firstLetters,
  },
  clips: {
    name: 'Count and clip',
    hint: 'one to ten, with three numbers to choose from',
    family: 'counting',
    format: 'card',
    make: clips,
  },
  frames: {
    name: 'Frames of ten',
    hint: 'one to ten in two rows of five',
    family: 'counting',
    format: 'card',
    make: frames,
  },
  numbers: {
    name: 'Numbers and dots',
    hint: 'one to ten',
    family: 'counting',
    format: 'card',
    make: numbers,
  },
  sums: {
    name: 'Two heaps together',
    hint: 'to five; small ones to ten',
    family: 'counting',
    format: 'card',
    make: sums,
  },
  patterns: {
    name: 'Patterns',
    hint: 'strips with two places for what comes next',
    family: 'counting',
    format: { width: 186, height: 34 },
    make: patterns,
  },
  rolled: {
    name: 'Throw and cover',
    hint: 'a page for one or two dice',
    family: 'counting',
    format: 'page',
    make: rolled,
    paper: 'plain',
  },
  board: {
    name: 'A path to play on',
    hint: 'squares from a start to an end',
    family: 'counting',
    format: 'across',
    make: board,
  },
  dice: {
    name: 'Dice',
    hint: 'one with things and one with dots, to be glued',
    family: 'counting',
    format: 'page',
    make: dice,
    finishing: ['cut out', 'glue'],
  },
  paths: {
    name: 'Ways to trace',
    hint: 'from thing to thing, broad or narrow',
    family: 'hands',
    format: 'page',
    make: paths,
  },
  cutting: {
    name: 'Lines to cut',
    hint: 'straight before bent, each to a thing',
    family: 'hands',
    format: 'page',
    make: cutting,
  },
  'letter-traced': {
    name: 'A letter to trace',
    hint: 'large with the order of its strokes, and in rows',
    family: 'hands',
    format: 'page',
    make: letters,
  },
  names: { name: 'Names to trace', hint: 'a page a child', family: 'hands', format: 'across', make: names },
  words: {
    name: 'Words to trace',
    hint: 'beside their pictures',
    family: 'hands',
    format: 'page',
    make: tracedWords,
  },
  numerals: {
    name: 'Numbers to trace',
    hint: 'beside as many things',
    family: 'hands',
    format: 'page',
    make: numerals,
  },
  tiles: {
    name: 'Letters to lay words',
    hint: 'for one word of the theme at a time',
    family: 'hands',
    format: 'tile',
    make: wordTiles,
  },
  'name-tiles': {
    name: 'Letters to lay names',
    hint: 'for all names at the same time',
    family: 'hands',
    format: 'tile',
    make: nameTiles,
  },
  dots: {
    name: 'A letter of dots',
    hint: 'circles as large as a dauber makes them',
    family: 'hands',
    format: 'page',
    make: dots,
  },
  lacing: {
    name: 'To lace',
    hint: 'a thing in a ring of holes',
    family: 'hands',
    format: { width: 124, height: 124 },
    make: lacing,
    paper: 'card',
    finishing: ['punch the holes', 'a lace'],
  },
  hunt: {
    name: 'A letter among others',
    hint: 'to be found and counted',
    family: 'hands',
    format: 'page',
    make: hunts,
  },
  bunting: {
    name: 'Flags on a string',
    hint: 'they spell the name of the unit',
    family: 'made',
    format: { width: 94, height: 125 },
    make: bunting,
    finishing: ['cut out', 'a string'],
  },
  places: {
    name: 'Cards for places',
    hint: 'folded, with a thing to know it by',
    family: 'made',
    format: { width: 94, height: 84 },
    make: places,
    finishing: ['fold'],
  },
  labels: {
    name: 'Labels for folders and bins',
    hint: 'a name on each',
    family: 'made',
    format: { width: 63, height: 38 },
    make: labels,
    paper: 'label',
  },
  puppets: {
    name: 'Things on sticks',
    hint: 'to be cut out, with a handle for a stick',
    family: 'made',
    format: { width: 94, height: 125 },
    make: puppets,
    finishing: ['cut out', 'sticks'],
  },
  crown: {
    name: 'A crown',
    hint: 'to the size of the head',
    family: 'made',
    format: 'across',
    make: crown,
    finishing: ['cut out', 'glue'],
  },
  wheel: {
    name: 'A wheel of stages',
    hint: 'with a cover that has a window; needs a fastener',
    family: 'made',
    format: 'page',
    make: wheel,
    finishing: ['cut out', 'a fastener'],
  },
  flaps: {
    name: 'Flaps',
    hint: 'things, and flaps with their words to be glued over',
    family: 'made',
    format: 'page',
    make: flaps,
    finishing: ['cut out', 'glue'],
  },
} as const satisfies Record<string, CardKind>;
export type CardKindId = keyof typeof CARD_KINDS;
