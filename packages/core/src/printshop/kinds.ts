import { unique } from '../book/index.ts';
import { cardOf, counted, picture, several, within, words, type CardThing, type ShopCard } from './cards.ts';
import type { Size } from './layout.ts';

/** A kind of set: the cards that a theme's things make of it, or in a line what the table of things lacks for it. */
export interface CardKind {
  readonly name: string;
  readonly hint: string;
  readonly make: (things: readonly CardThing[], card: Size) => readonly ShopCard[] | string;
}

const WITH_NAME = [0, 0.74] as const;
const NAME = [0.78, 1] as const;
const FEW = 2;
const MOST_COUNTED = 10;

const each =
  (make: (thing: CardThing, card: Size, i: number) => readonly ShopCard[]): CardKind['make'] =>
  (things, card) =>
    things.length === 0 ? 'The theme has no things yet.' : things.flatMap((thing, i) => make(thing, card, i));

// What is told by its picture alone is made of what has one.
const eachShown =
  (make: (thing: CardThing, card: Size) => readonly ShopCard[]): CardKind['make'] =>
  (things, card) => {
    const shown = things.filter((thing) => thing.isShown);
    return shown.length === 0
      ? 'No thing has a picture: choose or take one beside it.'
      : shown.flatMap((thing) => make(thing, card));
  };

const whole = (thing: CardThing, card: Size): ShopCard => cardOf(thing.name, picture(thing, within(card)));
const nameAlone = (thing: CardThing, card: Size): ShopCard =>
  cardOf(`${thing.name}, the word`, words(thing.name, within(card), 11));
const named = (thing: CardThing, card: Size): ShopCard =>
  thing.isShown
    ? cardOf(
        `${thing.name} and its word`,
        picture(thing, within(card, ...WITH_NAME)),
        words(thing.name, within(card, ...NAME)),
      )
    : nameAlone(thing, card);

function inOrder(things: readonly CardThing[], card: Size): readonly ShopCard[] | string {
  const ranked = things.filter(({ rank }) => rank !== null).toSorted((a, b) => a.rank! - b.rank!);
  if (ranked.length < FEW) return 'No two things have an order: write it beside them.';
  return ranked.map((thing, i) =>
    cardOf(
      `${i + 1}. ${thing.name}`,
      picture(thing, within(card, 0, 0.88)),
      counted(i + 1, ranked.length, card),
    ),
  );
}

function partners(things: readonly CardThing[], card: Size): readonly ShopCard[] | string {
  const byName = new Map(things.map((thing) => [thing.name.toLowerCase(), thing]));
  const paired = things.flatMap((thing) => {
    const other = byName.get((thing.pair ?? '').toLowerCase());
    return other ? [[thing, other] as const] : [];
  });
  const once = paired.filter(([a, b]) => !paired.some(([c, d]) => c === b && d === a) || a.name < b.name);
  if (once.length === 0) return 'No thing has a partner among the others: write it beside one.';
  return once.flatMap((pair) => pair.map((thing) => whole(thing, card)));
}

function parts(things: readonly CardThing[], card: Size): readonly ShopCard[] | string {
  const apart = things.filter((thing) => thing.parts.length > 0);
  if (apart.length === 0) return 'No thing has parts: write them beside one.';
  return apart.flatMap((thing) => [
    named(thing, card),
    ...thing.parts.map((part) => cardOf(`${part} of ${thing.name}`, words(part, within(card), 9))),
  ]);
}

const sorted =
  (what: 'kind' | 'colour'): CardKind['make'] =>
  (things, card) => {
    const told = things.filter((thing) => thing[what] !== null);
    const heads = unique(told.map((thing) => thing[what]!));
    if (heads.length < FEW) return `Fewer than two ${what}s are told apart: write them beside the things.`;
    return [
      ...heads.map((head) => cardOf(`${head}, to sort by`, words(head, within(card), 13))),
      ...told.map((thing) => whole(thing, card)),
    ];
  };

// Where the right one of three stands, so that it is not found by its place.
const PLACES = [0, 1, 2, 0, 2, 1, 1, 0, 2, 1] as const;

function clips(things: readonly CardThing[], card: Size): readonly ShopCard[] | string {
  if (things.length === 0) return 'The theme has no things yet.';
  return Array.from({ length: MOST_COUNTED }, (_, i) => {
    const number = i + 1;
    const first = Math.max(1, number - PLACES[i]!);
    const area = within(card, 0.72, 1);
    const width = area.width / 3;
    const thing = things[i % things.length]!;
    return cardOf(
      `${number} × ${thing.name}, to clip`,
      several(thing, number, within(card, 0, 0.68)),
      ...[first, first + 1, first + 2].map((choice, k) => ({
        marks: [
          { kind: 'frame' as const, ...area, x: area.x + k * width, width },
          ...words(String(choice), { ...area, x: area.x + k * width, width }, 10).marks,
        ],
        untold: null,
      })),
    );
  });
}

const numbers: CardKind['make'] = (_, card) =>
  Array.from({ length: MOST_COUNTED }, (__, i) =>
    cardOf(
      String(i + 1),
      words(String(i + 1), within(card, 0, 0.6), 26),
      several(DOT, i + 1, within(card, 0.64, 1)),
    ),
  );
const DOT: CardThing = {
  ...{ name: 'dot', picture: null, kind: null, colour: null, rank: null, pair: null, parts: [] },
  isShown: false,
};

function frames(things: readonly CardThing[], card: Size): readonly ShopCard[] | string {
  if (things.length === 0) return 'The theme has no things yet.';
  return Array.from({ length: MOST_COUNTED }, (_, i) => {
    const thing = things[i % things.length]!;
    const area = within(card, 0.2, 0.8);
    const side = Math.min(area.width / 5, area.height / 2);
    const [left, top] = [area.x + (area.width - 5 * side) / 2, area.y + (area.height - 2 * side) / 2];
    const at = (k: number) => ({ x: left + (k % 5) * side, y: top + Math.floor(k / 5) * side });
    const cells = Array.from({ length: 10 }, (__, k) => k);
    return cardOf(
      `${i + 1} × ${thing.name} in a frame of ten`,
      {
        marks: cells.map((k) => ({ kind: 'frame' as const, ...at(k), width: side, height: side })),
        untold: null,
      },
      ...cells.slice(0, i + 1).map((k) => several(thing, 1, { ...at(k), width: side, height: side })),
    );
  });
}

function firstLetters(things: readonly CardThing[], card: Size): readonly ShopCard[] | string {
  if (things.length === 0) return 'The theme has no things yet.';
  const letters = unique(things.map(({ name }) => [...name][0]!.toLocaleLowerCase())).filter((first) =>
    /\p{L}/u.test(first),
  );
  return [
    ...letters.map((letter) =>
      cardOf(`${letter}, the letter`, words(`${letter.toLocaleUpperCase()} ${letter}`, within(card), 24)),
    ),
    ...things.map((thing) => whole(thing, card)),
  ];
}

/** The sets that the shop makes, as they are offered. */
export const CARD_KINDS = {
  picture: { name: 'Pictures', hint: 'one card a thing', make: each((t, card) => [whole(t, card)]) },
  named: { name: 'Picture and word', hint: 'one card a thing', make: each((t, card) => [named(t, card)]) },
  apart: {
    name: 'Picture and word apart',
    hint: 'to be matched, with one that has both to check by',
    make: eachShown((t, card) => [whole(t, card), nameAlone(t, card), named(t, card)]),
  },
  pairs: {
    name: 'Pairs and memory',
    hint: 'each picture twice',
    make: each((t, card) => [whole(t, card), whole(t, card)]),
  },
  halves: {
    name: 'Halves',
    hint: 'left and right of each, to be put together',
    make: eachShown((t, card) => [
      cardOf(`${t.name}, the left half`, picture(t, within(card), 'left')),
      cardOf(`${t.name}, the right half`, picture(t, within(card), 'right')),
    ]),
  },
  shadows: {
    name: 'Shadows',
    hint: 'each thing and its shadow',
    make: eachShown((t, card) => [
      whole(t, card),
      cardOf(`the shadow of ${t.name}`, picture(t, within(card), 'shadow')),
    ]),
  },
  sizes: {
    name: 'Big and small',
    hint: 'each thing large, middling and little',
    make: eachShown((t, card) =>
      ([1, 0.65, 0.35] as const).map((part, i) =>
        cardOf(
          `${['a large', 'a middling', 'a little'][i]} ${t.name}`,
          picture(t, within(card), 'whole', part),
        ),
      ),
    ),
  },
  order: { name: 'In order', hint: 'with dots that tell the place', make: inOrder },
  partners: { name: 'What goes together', hint: 'things and their partners', make: partners },
  parts: { name: 'Parts of one', hint: 'a thing and the words of its parts', make: parts },
  'by-kind': { name: 'Sorted by kind', hint: 'a head for each kind, and the things', make: sorted('kind') },
  'by-colour': {
    name: 'Sorted by colour',
    hint: 'the word of each colour, and the things',
    make: sorted('colour'),
  },
  letters: { name: 'First letters', hint: 'letters, and what begins with them', make: firstLetters },
  clips: { name: 'Count and clip', hint: 'one to ten, with three numbers to choose from', make: clips },
  frames: { name: 'Frames of ten', hint: 'one to ten in two rows of five', make: frames },
  numbers: { name: 'Numbers and dots', hint: 'one to ten', make: numbers },
} as const satisfies Record<string, CardKind>;
export type CardKindId = keyof typeof CARD_KINDS;
