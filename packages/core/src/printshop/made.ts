import {
  cardOf,
  drawn,
  line,
  picture,
  within,
  words,
  type Area,
  type Mark,
  type Piece,
  type ShopCard,
} from './cards.ts';
import { frameMark } from './games.ts';
import { circle, inPages, NO_NAMES, NO_THINGS, part, rowsOf, type Make } from './hands.ts';
import type { Point } from './strokes.ts';

const cut = (points: readonly Point[]): Mark => line(points, { width: 0.5, line: 'dashed' });
const fold = (points: readonly Point[]): Mark => line(points, { width: 0.4, line: 'dotted', tone: 'soft' });

const LETTERS = /[\p{L}\p{N}]/u;
/** Flags that spell the theme's name between two of its things, with a rim that is folded over a string. */
export const bunting: Make = ({ title, things }, card) => {
  const { width, height } = card;
  const letters = [...title].filter((letter) => LETTERS.test(letter));
  if (letters.length === 0) return 'The unit has no name to spell.';
  const rim = 16;
  const outline = drawn(
    cut([
      [4, 4],
      [width - 4, 4],
      [width - 4, 4 + rim],
      [width / 2, height - 4],
      [4, 4 + rim],
      [4, 4],
    ]),
    fold([
      [4, 4 + rim],
      [width - 4, 4 + rim],
    ]),
  );
  const inside: Area = {
    ...{ x: width * 0.28, y: rim + 8 },
    ...{ width: width * 0.44, height: height * 0.42 },
  };
  const flags: readonly ShopCard[] = letters.map((letter) =>
    cardOf(
      `a flag with ${letter.toLocaleUpperCase()}`,
      outline,
      words(letter.toLocaleUpperCase(), inside, 60),
    ),
  );
  const ends = things
    .slice(0, 2)
    .map((thing) => cardOf(`a flag with ${thing.name}`, outline, picture(thing, inside)));
  return [...ends.slice(0, 1), ...flags, ...ends.slice(1)];
};

/** A card for each child's place, folded so that it stands, each with a thing of its own to know it by. */
export const places: Make = ({ names, things }, card) =>
  names.length === 0
    ? NO_NAMES
    : names.map((name, i) => {
        const thing = things.length > 0 ? things[i % things.length]! : null;
        const lower = within(card, 0.54, 1);
        return cardOf(
          `the place of ${name}`,
          drawn(
            fold([
              [1, card.height / 2],
              [card.width - 1, card.height / 2],
            ]),
          ),
          ...(thing ? [picture(thing, part(lower, 0, 0.3))] : []),
          words(name, part(lower, thing ? 0.34 : 0, 1), 16),
        );
      });

/** Labels for folders and bins: the child's name, and the unit. */
export const labels: Make = ({ names, title }, card) =>
  names.length === 0
    ? NO_NAMES
    : names.map((name) =>
        cardOf(
          `the label of ${name}`,
          words(name, within(card, 0, 0.66), 12),
          words(title, within(card, 0.72, 1), 4.5),
        ),
      );

/** Things on a handle for a stick. */
export const puppets: Make = ({ things }, card) =>
  things.length === 0
    ? NO_THINGS
    : things.map((thing) => {
        const { width, height } = card;
        const neck = height * 0.76;
        const outline: readonly Point[] = [
          [4, 4],
          [width - 4, 4],
          [width - 4, neck],
          [width / 2 + 9, neck],
          [width / 2 + 9, height - 4],
          [width / 2 - 9, height - 4],
          [width / 2 - 9, neck],
          [4, neck],
          [4, 4],
        ];
        const head = { x: 8, y: 8, width: width - 16, height: neck - 12 };
        return cardOf(`${thing.name} on a stick`, picture(thing, head), drawn(cut(outline)));
      });

/** Head sizes of children, about: at one, at three and at five years, in centimetres round. Kobby's own starting points. */
const HEADS_CM = [46, 49, 51, 53] as const;
const OVERLAP_MM = 20;

// A crown's points, and how far they rise.
const POINTS = 7;
const RISE_MM = 22;
const BAND_MM = 26;

/** A crown of two strips and a plain band that joins them: glued at the mark that fits the head. */
export const crown: Make = ({ things }, card) => {
  if (things.length === 0) return NO_THINGS;
  const strip = { x: 1, width: card.width - 2, height: (card.height - BAND_MM - 16) / 2 };
  const [first, second] = [2, strip.height + 8];
  const outlineAt = (y: number): readonly Point[] => [
    [strip.x, y + strip.height],
    ...Array.from({ length: 2 * POINTS + 1 }, (_, i): Point => [
      strip.x + (strip.width * i) / (2 * POINTS),
      y + (i % 2 === 0 ? RISE_MM : 0),
    ]),
    [strip.x + strip.width, y + strip.height],
    [strip.x, y + strip.height],
  ];
  const along = (y: number, from: number): readonly Piece[] =>
    Array.from({ length: POINTS - 1 }, (_, i) => {
      const cell = part({ ...strip, y: y + RISE_MM + 2 }, (i + 0.6) / POINTS, (i + 1.4) / POINTS);
      return picture(things[(from + i) % things.length]!, { ...cell, height: strip.height - RISE_MM - 16 });
    });
  const band: Area = { x: 1, y: card.height - BAND_MM - 2, width: strip.width / 2, height: BAND_MM };
  // Where the free ends come to lie: on each other where the head is smaller than the strips, else as far apart on the band.
  const round = 2 * strip.width - OVERLAP_MM;
  const marks = HEADS_CM.map((cm): Piece => {
    const gap = cm * 10 - round;
    const [x, y] =
      gap < 0
        ? [strip.x + strip.width + gap, second + strip.height]
        : [band.x + OVERLAP_MM + gap, band.y + band.height];
    const from: Point = [x, y - 6];
    const told = words(
      String(cm),
      { x: Math.min(x - 4, card.width - 9), y: y - 12, width: 8, height: 5 },
      3.6,
    );
    return { ...told, marks: [line([from, [x, y]], { width: 0.4 }), ...told.marks] };
  });
  return [
    cardOf(
      'a crown in two strips, with a band that joins them',
      drawn(cut(outlineAt(first)), cut(outlineAt(second)), frameMark(band)),
      ...along(first, 0),
      ...along(second, POINTS - 1),
      ...marks,
      words(
        'The free ends are glued at the mark of the head, in centimetres.',
        {
          ...{ x: band.x + band.width + 4, y: band.y },
          ...{ width: strip.width / 2 - 8, height: BAND_MM },
        },
        4.5,
      ),
    ),
  ];
};

const LEAST_STAGES = 3;
const MOST_STAGES = 8;
/** A wheel of stages, and its cover with a window: a fastener goes through both middles. */
export const wheel: Make = ({ things }, card) => {
  const stages = things
    .filter(({ rank }) => rank !== null)
    .toSorted((a, b) => a.rank! - b.rank!)
    .slice(0, MOST_STAGES);
  if (stages.length < LEAST_STAGES) return 'Three things with an order are needed: write it beside them.';
  const r = Math.min(card.width, card.height) / 2 - 2;
  const [x, y] = [card.width / 2, card.height / 2];
  const at = (turn: number, far: number): Point => [x + far * Math.cos(turn), y + far * Math.sin(turn)];
  const step = (2 * Math.PI) / stages.length;
  // The middle of a stage lies above the middle of the wheel when its turn is there.
  const turnOf = (i: number): number => -Math.PI / 2 + i * step;
  const side = Math.min(r * 0.52, 2 * r * 0.6 * Math.sin(Math.min(step, Math.PI / 2) / 2));
  const pin: Mark = { kind: 'dot', x, y, r: 2, isFilled: false };
  const [, wy] = at(-Math.PI / 2, r * 0.62);
  const window = { x: x - side * 0.6, y: wy - side * 0.6, width: side * 1.2, height: side * 1.2 };
  return [
    cardOf(
      `a wheel of ${stages.map(({ name }) => name).join(', ')}`,
      drawn(cut(circle(x, y, r)), pin),
      ...stages.flatMap((thing, i) => {
        const [px, py] = at(turnOf(i), r * 0.62);
        const area = { x: px - side / 2, y: py - side / 2, width: side, height: side };
        const [nx, ny] = at(turnOf(i), r * 0.2);
        return [
          picture(thing, area),
          words(String(i + 1), { x: nx - 5, y: ny - 5, width: 10, height: 10 }, 8),
          drawn(
            line([at(turnOf(i) + step / 2, r * 0.1), at(turnOf(i) + step / 2, r)], {
              width: 0.3,
              tone: 'soft',
            }),
          ),
        ];
      }),
    ),
    cardOf(
      'the cover of the wheel, with its window',
      drawn(
        cut(circle(x, y, r)),
        pin,
        cut([
          [window.x, window.y],
          [window.x + window.width, window.y],
          [window.x + window.width, window.y + window.height],
          [window.x, window.y + window.height],
          [window.x, window.y],
        ]),
      ),
      words('What comes next?', { x: x - r * 0.6, y: y + r * 0.3, width: r * 1.2, height: 18 }, 11),
    ),
  ];
};

const FLAPS = 6;
/** A page of things, and a page of flaps with their words to be glued over them. */
export const flaps: Make = ({ things }, card) =>
  things.length === 0
    ? NO_THINGS
    : inPages(things, FLAPS).flatMap((some) => {
        const cells = rowsOf(within(card), 3, 8).flatMap((row) => [part(row, 0, 0.48), part(row, 0.52, 1)]);
        const inner = ({ x, y, width, height }: Area): Area => ({
          ...{ x: x + 6, y: y + 14, width: width - 12, height: height - 20 },
        });
        const told = some.map(({ name }) => name).join(', ');
        return [
          cardOf(
            `under flaps: ${told}`,
            ...some.flatMap((thing, i) => [drawn(frameMark(cells[i]!)), picture(thing, inner(cells[i]!))]),
          ),
          cardOf(
            `flaps: ${told}`,
            ...some.flatMap((thing, i) => {
              const { x, y, width } = cells[i]!;
              const rim = fold([
                [x, y + 10],
                [x + width, y + 10],
              ]);
              return [drawn(frameMark(cells[i]!), rim), words(thing.name, inner(cells[i]!), 14)];
            }),
          ),
        ];
      });
