import type { ShownBy } from '../measure/index.ts';
import type { Size } from './layout.ts';
import type { Stroke } from './strokes.ts';
import { layWords } from './words.ts';

/** What is drawn on a card, in millimetres from its upper left corner. */
export type Mark =
  | {
      readonly kind: 'picture';
      readonly of: ShownBy;
      readonly x: number;
      readonly y: number;
      readonly size: number;
      readonly as: 'whole' | 'shadow' | 'left' | 'right';
    }
  /** Centred on x, on the baseline y. */
  | {
      readonly kind: 'words';
      readonly text: string;
      readonly x: number;
      readonly y: number;
      readonly size: number;
    }
  | {
      readonly kind: 'dot';
      readonly x: number;
      readonly y: number;
      readonly r: number;
      readonly isFilled: boolean;
    }
  | {
      readonly kind: 'frame';
      readonly x: number;
      readonly y: number;
      readonly width: number;
      readonly height: number;
    }
  /** Through points: `dotted` to be traced, `dashed` to be cut or folded; `paper` covers what lies under it. */
  | {
      readonly kind: 'line';
      readonly points: Stroke;
      readonly width: number;
      readonly line: 'full' | 'dotted' | 'dashed';
      readonly tone: 'ink' | 'soft' | 'paper';
    };

/** Something drawn, and a word that found no room in it: told, never cut off. */
export interface Piece {
  readonly marks: readonly Mark[];
  readonly untold: string | null;
}

/** How dark a line is, as a part of white: what is dotted or paper-coloured is never told by this alone. */
export const TONES = { ink: 0.067, soft: 0.463, paper: 1 } as const;

/** Dashes of a line, in millimetres drawn and left out; none for a whole one. Dots are drawn by round ends of nothing. */
export const dashesOf = ({ line: how, width }: Extract<Mark, { kind: 'line' }>): readonly number[] =>
  how === 'full' ? [] : how === 'dotted' ? [0, width * 2.4] : [3, 2];

/** A card as it is cut: what is on it, and what it is called where it is listed. */
export interface ShopCard extends Piece {
  readonly name: string;
}

/** A member of the theme, as cards use it. */
export interface CardThing extends ShownBy {
  readonly kind: string | null;
  readonly colour: string | null;
  readonly rank: number | null;
  readonly pair: string | null;
  readonly parts: readonly string[];
  /** Whether there is a picture of it: where there is none its name stands large in its place. */
  readonly isShown: boolean;
}

/** What a unit gives the shop: the members of its theme, the children as they are called, and what it features. */
export interface ShopTable {
  readonly title: string;
  readonly things: readonly CardThing[];
  readonly names: readonly string[];
  readonly letter: string | null;
  readonly number: number | null;
}

const PAD = 4;
const NAME_MM = 7;

/** A part of a card, in millimetres from its upper left corner. */
export interface Area {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}
/** All of a card but its rim, or a part of its height from `from` to `to`, of one. */
export const within = (card: Size, from = 0, to = 1): Area => {
  const height = card.height - 2 * PAD;
  return { x: PAD, y: PAD + from * height, width: card.width - 2 * PAD, height: (to - from) * height };
};

/** Words in an area, centred; the word itself is told where it does not fit. */
export function words(text: string, area: Area, most: number = NAME_MM): Piece {
  const laid = layWords(text, area, most);
  if (!laid) return { marks: [], untold: text };
  const x = area.x + area.width / 2;
  return {
    marks: laid.lines.map((line) => ({ kind: 'words', text: line.text, x, y: line.y, size: laid.size })),
    untold: null,
  };
}

/** A picture as large as an area takes, or the name where there is none. */
export function picture(
  thing: CardThing,
  area: Area,
  as: 'whole' | 'shadow' | 'left' | 'right' = 'whole',
  part = 1,
): Piece {
  if (!thing.isShown) return words(thing.name, area, Math.min(area.height / 3, 14) * part);
  const size = Math.min(area.width, area.height) * part;
  const x = area.x + (area.width - size) / 2;
  const y = area.y + (area.height - size) / 2;
  const { name, picture: shown } = thing;
  return { marks: [{ kind: 'picture', of: { name, picture: shown }, x, y, size, as }], untold: null };
}

/** As many of a thing as asked, in rows of five, in an area, each as large as if there were at least `room` of them. */
export function several(thing: CardThing, count: number, area: Area, room = count): Piece {
  const across = Math.min(count, 5);
  const down = Math.ceil(count / across);
  const size = Math.min(area.width / Math.min(room, 5), area.height / Math.ceil(room / 5));
  const left = area.x + (area.width - across * size) / 2;
  const top = area.y + (area.height - down * size) / 2;
  const { name, picture: shown } = thing;
  const marks = Array.from({ length: count }, (_, i): Mark => {
    const x = left + (i % across) * size;
    const y = top + Math.floor(i / across) * size;
    return thing.isShown
      ? { kind: 'picture', of: { name, picture: shown }, x, y, size: size * 0.9, as: 'whole' }
      : { kind: 'dot', x: x + size / 2, y: y + size / 2, r: size * 0.32, isFilled: true };
  });
  return { marks, untold: null };
}

/** Marks in which there is no word that might not fit. */
export const drawn = (...marks: readonly Mark[]): Piece => ({ marks, untold: null });

/** A line through points: to be followed with a finger, a pencil or scissors. */
export const line = (
  points: Stroke,
  {
    width = 0.5,
    line: how = 'full',
    tone = 'ink',
  }: Partial<Omit<Extract<Mark, { kind: 'line' }>, 'kind'>> = {},
): Mark => ({ kind: 'line', points, width, line: how, tone });

/** A card made of pieces. */
export const cardOf = (name: string, ...pieces: readonly Piece[]): ShopCard => ({
  name,
  marks: pieces.flatMap(({ marks }) => marks),
  untold: pieces.find(({ untold }) => untold !== null)?.untold ?? null,
});

/** Rings of a row at the foot of a card: filled up to its number, so that the order is checked without reading. */
export function counted(number: number, of: number, card: Size): Piece {
  const area = within(card, 0.93, 1);
  const step = Math.min(area.width / of, 6);
  const left = area.x + (area.width - of * step) / 2;
  const marks = Array.from({ length: of }, (_, i): Mark => {
    const x = left + (i + 0.5) * step;
    return { kind: 'dot', x, y: area.y + area.height / 2, r: step * 0.3, isFilled: i < number };
  });
  return { marks, untold: null };
}
