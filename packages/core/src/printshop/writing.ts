import { drawn, line, words, type Area, type Mark, type Piece } from './cards.ts';
import { along, handwriting, type Handwriting, type Point, type Stroke } from './strokes.ts';

/** How something is written to be traced: to be seen, along dots, or inside an outline. */
type Hand = 'solid' | 'dotted' | 'hollow';

/** Smaller letters are not traced, in millimetres of a small x. */
const LEAST_X_MM = 3.5;
const HOLLOW = 0.42;

interface Set {
  readonly hand: Hand;
  /** No larger than this, in millimetres of a small x. */
  readonly most: number;
  readonly middle: boolean;
  /** A filled dot where each stroke begins, and its number where there are several. */
  readonly starts: boolean;
}

/** Where a word lies in an area: its scale, and where its baseline begins. */
interface Place {
  readonly scale: number;
  readonly left: number;
  readonly base: number;
}

function placeIn(word: Handwriting, area: Area, { most, middle, hand }: Set): Place | null {
  const rim = hand === 'hollow' ? HOLLOW * 0.6 : 0.2;
  const [wide, high] = [word.width + 2 * rim, word.highest - word.lowest + 2 * rim];
  const scale = Math.min(most, area.width / wide, area.height / high);
  if (scale < LEAST_X_MM) return null;
  const left = area.x + rim * scale + (middle ? (area.width - wide * scale) / 2 : 0);
  // Words of one row stand on one line, whether a letter of them reaches below or above it.
  const base = area.y + (area.height + (word.highest + word.lowest) * scale) / 2;
  return { scale, left, base };
}

const laid = (stroke: Stroke, { scale, left, base }: Place): Stroke =>
  stroke.map(([x, y]): Point => [left + x * scale, base - y * scale]);

function strokeMarks(stroke: Stroke, scale: number, hand: Hand): readonly Mark[] {
  const [[x, y]] = stroke as [Point];
  if (stroke.length === 1) return [{ kind: 'dot', x, y, r: scale * 0.12, isFilled: hand === 'solid' }];
  const pen = Math.min(scale * 0.16, 2.4);
  if (hand === 'solid') return [line(stroke, { width: pen })];
  if (hand === 'dotted') return [line(stroke, { width: Math.min(pen, 1.4), line: 'dotted', tone: 'soft' })];
  return [line(stroke, { width: scale * HOLLOW })];
}

// A smaller dot has no room for the number of its stroke.
const LEAST_NUMBERED_MM = 2.2;

// The number of a stroke stands at its beginning, where a dot says so, unless another begins there too.
function startMarks(strokes: readonly Stroke[], scale: number): readonly Mark[] {
  const r = Math.min(scale * 0.14, 2.6);
  return strokes.flatMap((stroke, i): readonly Mark[] => {
    const [[x, y]] = stroke as [Point];
    const isTaken = strokes.slice(0, i).some(([other]) => Math.hypot(other![0] - x, other![1] - y) < 2 * r);
    const at = isTaken && stroke.length > 1 ? along(stroke, scale * 0.5)[1]! : ([x, y] as Point);
    const dot: Mark = {
      kind: 'dot',
      x: at[0],
      y: at[1],
      r,
      isFilled: strokes.length === 1 || r < LEAST_NUMBERED_MM,
    };
    if (dot.isFilled) return [dot];
    const size = r * 1.5;
    return [
      line([at, at], { width: 2 * r, tone: 'paper' }),
      dot,
      { kind: 'words', text: String(i + 1), x: at[0], y: at[1] + size * 0.36, size },
    ];
  });
}

/**
 * A word written by hand into an area, in a line; the word itself is told where it would be too small to trace, or where a letter of it
 * is none that can be written.
 */
export function write(text: string, area: Area, how: Partial<Set> = {}): Piece {
  const set: Set = { hand: 'dotted', most: 14, middle: false, starts: false, ...how };
  const word = handwriting(text);
  const place = word && placeIn(word, area, set);
  if (!word || !place) return words(text, area, Math.min(set.most, area.height));
  const letters = word.letters.map(({ strokes }) => strokes.map((stroke) => laid(stroke, place)));
  const ink = letters.flat().flatMap((stroke) => strokeMarks(stroke, place.scale, set.hand));
  // What is hollow is a broad line with a narrower one of paper over it, so that strokes that meet run into each other.
  const inside =
    set.hand === 'hollow'
      ? letters
          .flat()
          .filter((stroke) => stroke.length > 1)
          .map((stroke) => line(stroke, { width: place.scale * HOLLOW - 0.9, tone: 'paper' }))
      : [];
  const starts = set.starts ? letters.flatMap((strokes) => startMarks(strokes, place.scale)) : [];
  return drawn(...ink, ...inside, ...starts);
}

/** The lines that are written on: below, above, and a dotted one between for the height of a small x. */
export function ruled({ x, y, width, height }: Area): Piece {
  const from = (part: number): Stroke => [
    [x, y + part * height],
    [x + width, y + part * height],
  ];
  return drawn(
    line(from(0), { width: 0.3, tone: 'soft' }),
    line(from(0.5), { width: 0.3, tone: 'soft', line: 'dotted' }),
    line(from(1), { width: 0.3, tone: 'soft' }),
  );
}

/** How a way goes from one thing to another, the easiest first. */
export const WAYS = ['straight', 'bow', 'waves', 'zigzag', 'steps', 'loops'] as const;
export type Way = (typeof WAYS)[number];

/** A way through an area from its left to its right, at half its height at both ends. */
export function wayThrough(way: Way, { x, y, width, height }: Area): Stroke {
  const middle = y + height / 2;
  const swing = height * 0.4;
  const samples = 96;
  const curve = (of: (t: number) => number): Stroke =>
    Array.from({ length: samples + 1 }, (_, i): Point => [
      x + (width * i) / samples,
      middle - swing * of(i / samples),
    ]);
  switch (way) {
    case 'straight':
      return [
        [x, middle],
        [x + width, middle],
      ];
    case 'bow':
      return curve((t) => Math.sin(Math.PI * t));
    case 'waves':
      return curve((t) => Math.sin(4 * Math.PI * t));
    case 'zigzag':
      return Array.from({ length: 7 }, (_, i): Point => {
        const side = i === 0 || i === 6 ? 0 : i % 2 === 1 ? 1 : -1;
        return [x + (width * i) / 6, middle - swing * side];
      });
    case 'steps':
      // Along, then up or down, in turns; along at both ends.
      return Array.from({ length: 12 }, (_, i): Point => {
        const side = i < 2 || i > 9 ? 0 : Math.floor(i / 2) % 2 === 1 ? 1 : -1;
        return [x + (width * Math.ceil(i / 2)) / 6, middle - swing * side];
      });
    case 'loops': {
      const r = Math.min(swing, width / 10);
      return Array.from({ length: 3 * samples + 1 }, (_, i): Point => {
        const t = i / (3 * samples);
        const turn = 2 * Math.PI * 4 * t;
        return [
          x + r + (width - 2 * r) * t - r * Math.cos(turn) * edge(t),
          middle - r * Math.sin(turn) * edge(t),
        ];
      });
    }
  }
}

// Loops begin and end on the way itself.
const edge = (t: number): number => Math.min(1, t * 8, (1 - t) * 8);
