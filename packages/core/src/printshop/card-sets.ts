import { unique } from '../book/index.ts';
import { cardOf, counted, picture, several, within, words, type CardThing, type ShopCard } from './cards.ts';
import { NO_THINGS, type Make } from './hands.ts';
import type { Size } from './layout.ts';

const WITH_NAME = [0, 0.74] as const;
const NAME = [0.78, 1] as const;
const FEW = 2;
const MOST_COUNTED = 10;

const each =
  (make: (thing: CardThing, card: Size) => readonly ShopCard[]): Make =>
  ({ things }, card) =>
    things.length === 0 ? NO_THINGS : things.flatMap((thing) => make(thing, card));

// What is told by its picture alone is made of what has one.
const eachShown =
  (make: (thing: CardThing, card: Size) => readonly ShopCard[]): Make =>
  ({ things }, card) => {
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

/** Things in their order, with as many rings filled as tell the place. */
export const inOrder: Make = ({ things }, card) => {
  const ranked = things.filter(({ rank }) => rank !== null).toSorted((a, b) => a.rank! - b.rank!);
  if (ranked.length < FEW) return 'No two things have an order: write it beside them.';
  return ranked.map((thing, i) =>
    cardOf(
      `${i + 1}. ${thing.name}`,
      picture(thing, within(card, 0, 0.88)),
      counted(i + 1, ranked.length, card),
    ),
  );
};

/** Both of each two that go together, once. */
export const partners: Make = ({ things }, card) => {
  const byName = new Map(things.map((thing) => [thing.name.toLowerCase(), thing]));
  const paired = things.flatMap((thing) => {
    const other = byName.get((thing.pair ?? '').toLowerCase());
    return other ? [[thing, other] as const] : [];
  });
  const once = paired.filter(([a, b]) => !paired.some(([c, d]) => c === b && d === a) || a.name < b.name);
  if (once.length === 0) return 'No thing has a partner among the others: write it beside one.';
  return once.flatMap((pair) => pair.map((thing) => whole(thing, card)));
};

/** Each thing that has parts, and a card with the word of each. */
export const parts: Make = ({ things }, card) => {
  const apart = things.filter((thing) => thing.parts.length > 0);
  if (apart.length === 0) return 'No thing has parts: write them beside one.';
  return apart.flatMap((thing) => [
    named(thing, card),
    ...thing.parts.map((part) => cardOf(`${part} of ${thing.name}`, words(part, within(card), 9))),
  ]);
};

/** A head for each kind or colour, and the things that belong under one. */
export const sorted =
  (what: 'kind' | 'colour'): Make =>
  ({ things }, card) => {
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

/** One to ten of a thing, with three numbers of which one is clipped. */
export const clips: Make = ({ things }, card) => {
  if (things.length === 0) return NO_THINGS;
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
};

/** One to ten with as many dots. */
export const numbers: Make = (_, card) =>
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

/** One to ten of a thing in two rows of five. */
export const frames: Make = ({ things }, card) => {
  if (things.length === 0) return NO_THINGS;
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
};

/** A card a letter, and the things that begin with it. */
export const firstLetters: Make = ({ things }, card) => {
  if (things.length === 0) return NO_THINGS;
  const letters = unique(things.map(({ name }) => [...name][0]!.toLocaleLowerCase())).filter((first) =>
    /\p{L}/u.test(first),
  );
  return [
    ...letters.map((letter) =>
      cardOf(`${letter}, the letter`, words(`${letter.toLocaleUpperCase()} ${letter}`, within(card), 24)),
    ),
    ...things.map((thing) => whole(thing, card)),
  ];
};

/** The picture of each thing. */
export const pictures = each((thing, card) => [whole(thing, card)]);
/** Each picture with its word. */
export const namedPictures = each((thing, card) => [named(thing, card)]);
/** The picture, the word, and a card that has both to check by. */
export const apart = eachShown((thing, card) => [
  whole(thing, card),
  nameAlone(thing, card),
  named(thing, card),
]);
/** Each picture twice. */
export const pairs = each((thing, card) => [whole(thing, card), whole(thing, card)]);
/** The left and the right half of each. */
export const halves = eachShown((thing, card) => [
  cardOf(`${thing.name}, the left half`, picture(thing, within(card), 'left')),
  cardOf(`${thing.name}, the right half`, picture(thing, within(card), 'right')),
]);
/** Each thing and its shadow. */
export const shadows = eachShown((thing, card) => [
  whole(thing, card),
  cardOf(`the shadow of ${thing.name}`, picture(thing, within(card), 'shadow')),
]);
const SIZES = [
  ['a large', 1],
  ['a middling', 0.65],
  ['a little', 0.35],
] as const;
/** Each thing large, middling and little. */
export const sizes = eachShown((thing, card) =>
  SIZES.map(([size, part]) => cardOf(`${size} ${thing.name}`, picture(thing, within(card), 'whole', part))),
);
