import { ACCENTS, GLYPHS } from './glyphs.ts';

/** A point in millimetres, or in the height of a small x where letters are described. */
export type Point = readonly [x: number, y: number];
/** A line through points in the direction in which a hand goes; one point alone is a dot. */
export type Stroke = readonly Point[];

interface Glyph {
  readonly width: number;
  readonly strokes: readonly Stroke[];
}

const STEP_DEGREES = 10;
const RADIANS = Math.PI / 180;
const pointOf = (text: string): Point => {
  const [x, y] = text.split(',').map(Number);
  return [x!, y!];
};

/** Points on a part of an ellipse, ends included; degrees from the right, counter-clockwise where `to` is more. */
function arc([cx, cy]: Point, [rx, ry]: Point, from: number, to: number): Stroke {
  const steps = Math.max(2, Math.ceil(Math.abs(to - from) / STEP_DEGREES));
  return Array.from({ length: steps + 1 }, (_, i): Point => {
    const at = (from + ((to - from) * i) / steps) * RADIANS;
    return [cx + rx * Math.cos(at), cy + ry * Math.sin(at)];
  });
}

function strokeOf(text: string): Stroke {
  const words = text.trim().split(/\s+/);
  const points: Point[] = [];
  for (let i = 0; i < words.length; i += 1) {
    if (!words[i]!.startsWith('o')) points.push(pointOf(words[i]!));
    else {
      const [from, to] = words[i + 2]!.split('>').map(Number);
      points.push(...arc(pointOf(words[i]!.slice(1)), pointOf(words[i + 1]!), from!, to!));
      i += 2;
    }
  }
  return points;
}

const WRITTEN: ReadonlyMap<string, Glyph> = new Map(
  GLYPHS.trim()
    .split('\n')
    .map((line): [string, Glyph] => {
      const [head, ...strokes] = line.split(' | ');
      const [letter, width] = head!.split(' ');
      return [letter!, { width: Number(width), strokes: strokes.map(strokeOf) }];
    }),
);
const OVER: ReadonlyMap<string, readonly Stroke[]> = new Map(
  Object.entries(ACCENTS).map(([mark, text]) => [mark, text.split(' | ').map(strokeOf)]),
);

const BETWEEN = 0.45;
const SPACE = 1;
const CAPITAL_OVER = 0.95;
const BELOW = '\u0327';

// A letter with its marks; the dot of an i gives way to what stands above it.
function written(letter: string): Glyph | null {
  const [base, ...marks] = letter.normalize('NFD');
  const glyph = WRITTEN.get(base!);
  if (!glyph) return null;
  if (marks.length === 0) return glyph;
  const plain = base === 'i' || base === 'j' ? glyph.strokes.slice(0, -1) : glyph.strokes;
  const isCapital = base !== base!.toLowerCase();
  const over: Stroke[] = [];
  for (const mark of marks) {
    const strokes = OVER.get(mark);
    if (!strokes) return null;
    const up = isCapital && mark !== BELOW ? CAPITAL_OVER : 0;
    over.push(...strokes.map((stroke) => stroke.map(([x, y]): Point => [x + glyph.width / 2, y + up])));
  }
  return { width: glyph.width, strokes: [...plain, ...over] };
}

/** A word as a hand writes it, from left to right; in the height of a small x, the baseline at 0, upward is more. */
export interface Handwriting {
  readonly width: number;
  readonly letters: readonly { readonly strokes: readonly Stroke[] }[];
  readonly highest: number;
  readonly lowest: number;
}

/**
 * The strokes of a word in print letters, in their order and direction.
 * @returns null when a letter of it is none that Kobby can write.
 */
export function handwriting(text: string): Handwriting | null {
  let x = 0;
  const letters: { strokes: readonly Stroke[] }[] = [];
  for (const letter of text.normalize('NFC').trim()) {
    if (/\s/.test(letter)) {
      x += SPACE;
      continue;
    }
    const glyph = written(letter);
    if (!glyph) return null;
    const left = x;
    letters.push({
      strokes: glyph.strokes.map((stroke) => stroke.map(([px, y]): Point => [px + left, y])),
    });
    x += glyph.width + BETWEEN;
  }
  if (letters.length === 0) return null;
  const ys = letters.flatMap(({ strokes }) => strokes.flat().map(([, y]) => y));
  return {
    width: x - BETWEEN,
    letters,
    highest: Math.max(2, ...ys),
    lowest: Math.min(0, ...ys),
  };
}

/** How long a line is. */
export const lengthOf = (stroke: Stroke): number =>
  stroke.slice(1).reduce((sum, [x, y], i) => sum + Math.hypot(x - stroke[i]![0], y - stroke[i]![1]), 0);

/** Points along a line, evenly spaced, no closer than `least`, with both ends; a dot is its own only point. */
export function along(stroke: Stroke, least: number): Stroke {
  const total = lengthOf(stroke);
  const count = Math.max(1, Math.floor(total / least));
  if (total === 0) return stroke.slice(0, 1);
  const marks: Point[] = [stroke[0]!];
  let walked = 0;
  for (let i = 1; i < stroke.length; i += 1) {
    const [[x, y], [tx, ty]] = [stroke[i - 1]!, stroke[i]!];
    const piece = Math.hypot(tx - x, ty - y);
    while (marks.length < count && marks.length * (total / count) <= walked + piece) {
      const part = (marks.length * (total / count) - walked) / piece;
      marks.push([x + (tx - x) * part, y + (ty - y) * part]);
    }
    walked += piece;
  }
  return [...marks, stroke.at(-1)!];
}
