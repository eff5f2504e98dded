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

/** A kind of set: what a unit's table makes of it, or in a line what the table lacks for it. */
export interface CardKind {
  readonly name: string;
  readonly hint: string;
  readonly family: FamilyId;
  /** What it is cut from: a card of the chosen size, a tile, a whole page upright or across, or a size of its own. */
  readonly format: 'card' | 'page' | 'across' | 'tile' | Size;
  readonly make: Make;
  /** What the chosen size decides: how large a card is, how large what is on it is, or nothing. */
  readonly sized: 'card' | 'on-it' | null;
  /** What goes into the bin of a child: a set of its own, of the set what is its own, or none of it. */
  readonly bins: 'set' | 'own' | 'none';
  readonly paper: Stock;
  /** What is done to it last, with what. */
  readonly finishing: readonly string[];
}

/** What is printed on. */
export type Stock = 'plain' | 'card' | 'label';

/** What sets there are, in the order in which they are offered. */
export const FAMILIES = {
  cards: 'Cards',
  counting: 'Counting and games',
  hands: 'Hands and letters',
  made: 'To be made',
} as const;
export type FamilyId = keyof typeof FAMILIES;

type Rest = Partial<Pick<CardKind, 'sized' | 'bins' | 'paper' | 'finishing'>>;
type Said = readonly [family: FamilyId, name: string, hint: string, make: Make, rest?: Rest];
const kind =
  (format: CardKind['format'], usual: Pick<CardKind, 'sized' | 'paper'>) =>
  (...[family, name, hint, make, rest = {}]: Said): CardKind => ({
    ...{ name, hint, family, format, make, bins: 'set', finishing: [] },
    ...usual,
    ...rest,
  });
const card = kind('card', { sized: 'card', paper: 'card' });
const tile = kind('tile', { sized: 'card', paper: 'card' });
const page = (format: 'page' | 'across', ...said: Said): CardKind =>
  kind(format, { sized: 'on-it', paper: said[0] === 'hands' ? 'plain' : 'card' })(...said);
const piece = (format: Size, ...said: Said): CardKind =>
  kind(format, { sized: null, paper: 'card' })(...said);

/** The sets that the shop makes, as they are offered. */
export const CARD_KINDS = {
  picture: card('cards', 'Pictures', 'one card a thing', pictures),
  named: card('cards', 'Picture and word', 'one card a thing', namedPictures),
  apart: card('cards', 'Picture and word apart', 'to be matched, with one that has both to check by', apart),
  pairs: card('cards', 'Pairs and memory', 'each picture twice', pairs),
  halves: card('cards', 'Halves', 'left and right of each, to be put together', halves),
  shadows: card('cards', 'Shadows', 'each thing and its shadow', shadows),
  sizes: card('cards', 'Big and small', 'each thing large, middling and little', sizes),
  order: card('cards', 'In order', 'with dots that tell the place', inOrder),
  partners: card('cards', 'What goes together', 'things and their partners', partners),
  parts: card('cards', 'Parts of one', 'a thing and the words of its parts', parts),
  'by-kind': card('cards', 'Sorted by kind', 'a head for each kind, and the things', sorted('kind')),
  'by-colour': card('cards', 'Sorted by colour', 'the word of each colour, and the things', sorted('colour')),
  letters: card('cards', 'First letters', 'letters, and what begins with them', firstLetters),
  clips: card('counting', 'Count and clip', 'one to ten, with three numbers to choose from', clips),
  frames: card('counting', 'Frames of ten', 'one to ten in two rows of five', frames),
  numbers: card('counting', 'Numbers and dots', 'one to ten', numbers),
  sums: card('counting', 'Two heaps together', 'to five; small ones to ten', sums),
  patterns: piece(
    { width: 186, height: 34 },
    'counting',
    'Patterns',
    'strips with two places for what comes next',
    patterns,
  ),
  rolled: page('page', 'counting', 'Throw and cover', 'a page for one or two dice', rolled, {
    paper: 'plain',
  }),
  board: page('across', 'counting', 'A path to play on', 'squares from a start to an end', board),
  dice: page('page', 'counting', 'Dice', 'one with things and one with dots, to be glued', dice, {
    finishing: ['cut out', 'glue'],
  }),
  paths: page('page', 'hands', 'Ways to trace', 'from thing to thing, broad or narrow', paths),
  cutting: page('page', 'hands', 'Lines to cut', 'straight before bent, each to a thing', cutting),
  'letter-traced': page(
    'page',
    'hands',
    'A letter to trace',
    'large with the order of its strokes, and in rows',
    letters,
  ),
  names: page('across', 'hands', 'Names to trace', 'a page a child', names, { sized: null, bins: 'own' }),
  words: page('page', 'hands', 'Words to trace', 'beside their pictures', tracedWords),
  numerals: page('page', 'hands', 'Numbers to trace', 'beside as many things', numerals),
  tiles: tile('hands', 'Letters to lay words', 'for one word of the theme at a time', wordTiles),
  'name-tiles': tile('hands', 'Letters to lay names', 'for all names at the same time', nameTiles, {
    bins: 'none',
  }),
  dots: page('page', 'hands', 'A letter of dots', 'circles as large as a dauber makes them', dots),
  lacing: piece({ width: 124, height: 124 }, 'hands', 'To lace', 'a thing in a ring of holes', lacing, {
    sized: 'on-it',
    finishing: ['punch the holes', 'a lace'],
  }),
  hunt: page('page', 'hands', 'A letter among others', 'to be found and counted', hunts),
  bunting: piece(
    { width: 94, height: 125 },
    'made',
    'Flags on a string',
    'they spell the name of the unit',
    bunting,
    { finishing: ['cut out', 'a string'], bins: 'none' },
  ),
  places: piece(
    { width: 94, height: 84 },
    'made',
    'Cards for places',
    'folded, with a thing to know it by',
    places,
    { finishing: ['fold'], bins: 'none' },
  ),
  labels: piece({ width: 63, height: 38 }, 'made', 'Labels for folders and bins', 'a name on each', labels, {
    paper: 'label',
    bins: 'none',
  }),
  puppets: piece(
    { width: 94, height: 125 },
    'made',
    'Things on sticks',
    'to be cut out, with a handle for a stick',
    puppets,
    { finishing: ['cut out', 'sticks'] },
  ),
  crown: page('across', 'made', 'A crown', 'to the size of the head', crown, {
    sized: null,
    finishing: ['cut out', 'glue'],
  }),
  wheel: page(
    'page',
    'made',
    'A wheel of stages',
    'with a cover that has a window; needs a fastener',
    wheel,
    { sized: null, finishing: ['cut out', 'a fastener'] },
  ),
  flaps: page('page', 'made', 'Flaps', 'things, and flaps with their words to be glued over', flaps, {
    sized: null,
    finishing: ['cut out', 'glue'],
  }),
} as const satisfies Record<string, CardKind>;
export type CardKindId = keyof typeof CARD_KINDS;
