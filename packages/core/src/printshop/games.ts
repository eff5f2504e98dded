import {
  cardOf,
  drawn,
  line,
  picture,
  several,
  within,
  words,
  type Area,
  type CardThing,
  type Mark,
  type Piece,
} from './cards.ts';
import { NO_THINGS, part, rowsOf, type Make } from './hands.ts';

/** The outline of an area. */
export const frameMark = ({ x, y, width, height }: Area): Mark => ({ kind: 'frame', x, y, width, height });
const inset = ({ x, y, width, height }: Area, by: number): Area => ({
  x: x + by,
  y: y + by,
  width: width - 2 * by,
  height: height - 2 * by,
});
const framed = (area: Area, ...pieces: readonly Piece[]): readonly Piece[] => [
  drawn(frameMark(area)),
  ...pieces,
];
const grid = (area: Area, across: number, down: number): readonly Area[] =>
  rowsOf(area, down, 0).flatMap((row) =>
    Array.from({ length: across }, (_, i) => part(row, i / across, (i + 1) / across)),
  );

const BOARD = { small: [8, 6], middle: [6, 4], large: [5, 3] } as const;
const STOPS = 4;
/** A path of squares from a start to an end, from side to side; on each fourth stands a thing. */
export const board: Make = ({ things }, card, size) => {
  if (things.length === 0) return NO_THINGS;
  const [across, down] = BOARD[size];
  const cells = grid(within(card), across, down);
  const inOrder = Array.from({ length: across * down }, (_, i) => {
    const row = Math.floor(i / across);
    return cells[row * across + (row % 2 === 0 ? i % across : across - 1 - (i % across))]!;
  });
  const last = inOrder.length - 1;
  return [
    cardOf(
      `a path of ${inOrder.length} squares`,
      ...inOrder.flatMap((cell, i) => {
        const inner = inset(cell, 2);
        const corner = { ...inner, width: inner.width * 0.3, height: inner.height * 0.25 };
        const below = { ...inner, y: inner.y + inner.height * 0.25, height: inner.height * 0.75 };
        if (i === 0 || i === last) return framed(cell, words(i === 0 ? 'Start' : 'Here!', inner, 12));
        const stands = i % STOPS === 0 ? [picture(things[(i / STOPS - 1) % things.length]!, below)] : [];
        return framed(cell, ...stands, words(String(i), corner, 8));
      }),
      // From row to row it goes on where the row ends.
      ...Array.from({ length: down - 1 }, (_, row) => {
        const end = inOrder[(row + 1) * across - 1]!;
        const x = end.x + end.width / 2;
        const y = end.y + end.height;
        return drawn(
          line(
            [
              [x, y - 3],
              [x, y + 3],
            ],
            { width: 3 },
          ),
        );
      }),
    ),
  ];
};

const DIE_MM = { small: 34, middle: 44, large: 58 } as const;
// A cross of four faces down and one to each side, with tabs to glue.
const FACES = [
  [1, 0],
  [0, 1],
  [1, 1],
  [2, 1],
  [1, 2],
  [1, 3],
] as const;
// Seven on each two that lie opposite, folded.
const DOTS = [1, 3, 2, 4, 6, 5] as const;
const DIE_TABS = [
  [0, 1, 'up'],
  [2, 1, 'up'],
  [0, 1, 'down'],
  [2, 1, 'down'],
  [1, 0, 'up'],
  [1, 3, 'left'],
  [1, 3, 'right'],
] as const;

function tabOf(face: Area, side: (typeof DIE_TABS)[number][2]): Mark {
  const { x, y, width } = face;
  const deep = width * 0.2;
  const points: Readonly<Record<typeof side, readonly (readonly [number, number])[]>> = {
    up: [
      [x, y],
      [x + deep, y - deep],
      [x + width - deep, y - deep],
      [x + width, y],
    ],
    down: [
      [x, y + width],
      [x + deep, y + width + deep],
      [x + width - deep, y + width + deep],
      [x + width, y + width],
    ],
    left: [
      [x, y],
      [x - deep, y + deep],
      [x - deep, y + width - deep],
      [x, y + width],
    ],
    right: [
      [x + width, y],
      [x + width + deep, y + deep],
      [x + width + deep, y + width - deep],
      [x + width, y + width],
    ],
  };
  return line(points[side], { width: 0.4 });
}

/** Two dice to fold and glue: one with things, one with dots from one to six. */
export const dice: Make = ({ things }, card, size) => {
  if (things.length === 0) return NO_THINGS;
  const side = Math.min(DIE_MM[size], (card.height - 8) / 4.4, (card.width - 8) / 3.4);
  const [left, top] = [(card.width - 3 * side) / 2, (card.height - 4 * side) / 2];
  const faceAt = ([x, y]: readonly [number, number, ...unknown[]]): Area => ({
    ...{ x: left + x * side, y: top + y * side, width: side, height: side },
  });
  const net = (name: string, face: (i: number, area: Area) => Piece) =>
    cardOf(
      name,
      ...FACES.flatMap((place, i) => framed(faceAt(place), face(i, inset(faceAt(place), side * 0.12)))),
      drawn(...DIE_TABS.map((tab) => tabOf(faceAt(tab), tab[2]))),
    );
  return [
    net('a die of things', (i, area) => picture(things[i % things.length]!, area)),
    net('a die of dots', (i, area) => drawn(...pips(DOTS[i]!, area))),
  ];
};

// As on any die.
const PIPS: Readonly<Record<number, readonly (readonly [number, number])[]>> = {
  1: [[1, 1]],
  2: [
    [0, 0],
    [2, 2],
  ],
  3: [
    [0, 0],
    [1, 1],
    [2, 2],
  ],
  4: [
    [0, 0],
    [2, 0],
    [0, 2],
    [2, 2],
  ],
  5: [
    [0, 0],
    [2, 0],
    [1, 1],
    [0, 2],
    [2, 2],
  ],
  6: [
    [0, 0],
    [2, 0],
    [0, 1],
    [2, 1],
    [0, 2],
    [2, 2],
  ],
};
const pips = (count: number, area: Area): readonly Mark[] =>
  PIPS[count]!.map(([x, y]) => ({
    kind: 'dot',
    x: area.x + ((x + 0.5) * area.width) / 3,
    y: area.y + ((y + 0.5) * area.height) / 3,
    r: area.width * 0.11,
    isFilled: true,
  }));

const COVERED = { small: [5, 4, 12], middle: [4, 3, 6], large: [3, 2, 6] } as const;
/** Throw a die, cover as many: dots of a die, or numbers up to twelve for two of them, each with a thing. */
export const rolled: Make = ({ things }, card, size) => {
  if (things.length === 0) return NO_THINGS;
  const [down, across, most] = COVERED[size];
  const cells = grid(within(card, 0.06, 1), across, down);
  const least = most > 6 ? 2 : 1;
  return [
    cardOf(
      `throw and cover, ${least} to ${most}`,
      words(most > 6 ? 'Throw two dice and cover.' : 'Throw and cover.', within(card, 0, 0.05)),
      ...cells.flatMap((cell, i) => {
        const value = least + (i % (most - least + 1));
        const inner = inset(cell, 4);
        const upper = { ...inner, height: inner.height * 0.6 };
        const lower = { ...inner, y: inner.y + inner.height * 0.66, height: inner.height * 0.34 };
        const side = Math.min(lower.width, lower.height);
        const told =
          value > 6 ? words(String(value), lower, 14) : drawn(...pips(value, squareIn(lower, side)));
        return framed(cell, picture(things[i % things.length]!, upper), told);
      }),
    ),
  ];
};
const squareIn = ({ x, y, width }: Area, side: number): Area => ({
  ...{ x: x + (width - side) / 2, y, width: side, height: side },
});

const PATTERNS = ['AB', 'AAB', 'ABB', 'ABC', 'AABB', 'ABCB'] as const;
const SHOWN = 6;
const TO_FIND = 2;
/** Strips of a pattern that goes on, with places for what comes next; those with three need three things. */
export const patterns: Make = ({ things }, card) => {
  if (things.length < 2) return 'A pattern needs two things: write another beside the first.';
  const made = PATTERNS.filter((one) => !one.includes('C') || things.length > 2);
  return made.map((one, k) => {
    const cells = grid(within(card), SHOWN + TO_FIND, 1);
    const of = (letter: string): CardThing => things[(k + 'ABC'.indexOf(letter)) % things.length]!;
    return cardOf(
      `a pattern ${[...one].map((letter) => of(letter).name).join(', ')}`,
      ...cells.map((cell, i) => {
        const side = Math.min(cell.width, cell.height) - 3;
        const square: Area = {
          x: cell.x + (cell.width - side) / 2,
          y: cell.y + (cell.height - side) / 2,
          ...{ width: side, height: side },
        };
        return i < SHOWN ? picture(of(one[i % one.length]!), square) : drawn(frameMark(square));
      }),
    );
  });
};

const MOST_SUM = 10;
const LEAST_SUM = 5;
/** Two heaps of things and how many there are together: to five for the first ones, to ten then. */
export const sums: Make = ({ things }, card, size) => {
  if (things.length === 0) return NO_THINGS;
  const most = size === 'small' ? MOST_SUM : LEAST_SUM;
  const pairs = Array.from({ length: most - 1 }, (_, i) => i + 1).flatMap((a) =>
    Array.from({ length: most - a }, (_, i) => [a, i + 1] as const).filter(([, b]) => b <= a),
  );
  return pairs.map(([a, b], i) => {
    const thing = things[i % things.length]!;
    const upper = within(card, 0, 0.66);
    return cardOf(
      `${a} and ${b} of ${thing.name}`,
      several(thing, a, part(upper, 0, 0.45), Math.max(a, b)),
      several(thing, b, part(upper, 0.55, 1), Math.max(a, b)),
      words(`${a} + ${b} =`, part(within(card, 0.72, 1), 0, 0.72), 11),
      drawn(frameMark(part(within(card, 0.72, 1), 0.74, 1))),
    );
  });
};
