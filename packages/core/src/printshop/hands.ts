import { unique } from '../book/index.ts';
import { along, handwriting } from './strokes.ts';
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
  type ShopCard,
  type ShopTable,
} from './cards.ts';
import type { Size } from './layout.ts';
import type { CardSizeId } from './paper.ts';
import { ruled, WAYS, wayThrough, write, type Way } from './writing.ts';

/** Makes the pages or cards of a kind, or says in a line what the table lacks. `size` is how large what is on a page is. */
export type Make = (table: ShopTable, card: Size, size: CardSizeId) => readonly ShopCard[] | string;

/** What a table lacks, in a line. */
export const NO_THINGS = 'The theme has no things yet.';
/** What a table without children lacks, in a line. */
export const NO_NAMES = 'No child comes on the days of this unit.';

/** Equal rows of an area, with a little between them. */
export const rowsOf = (area: Area, count: number, between = 4): readonly Area[] =>
  Array.from({ length: count }, (_, i) => ({
    ...area,
    y: area.y + (i * (area.height + between)) / count,
    height: (area.height + between) / count - between,
  }));
/** A part of an area's width, from `from` to `to`, of one. */
export const part = (area: Area, from: number, to: number): Area => ({
  ...area,
  x: area.x + from * area.width,
  width: (to - from) * area.width,
});
/** A list in pieces of `each`, the last one with what is left. */
export const inPages = <T>(list: readonly T[], each: number): readonly (readonly T[])[] =>
  Array.from({ length: Math.ceil(list.length / each) }, (_, i) => list.slice(i * each, (i + 1) * each));

const ROWS = { small: 6, middle: 5, large: 3 } as const satisfies Record<CardSizeId, number>;
const TRACK_MM = { small: 5, middle: 9, large: 15 } as const satisfies Record<CardSizeId, number>;

// Each thing goes to the next one, each by another way; where a page has room left they go again.
function fromThingToThing(
  things: readonly CardThing[],
  rows: number,
): readonly (readonly [CardThing, CardThing, Way])[] {
  const count = Math.ceil(things.length / rows) * rows;
  return Array.from({ length: count }, (_, i) => [
    things[i % things.length]!,
    things[(i + 1) % things.length]!,
    WAYS[i % WAYS.length]!,
  ]);
}

/** Ways from thing to thing: a broad track with a dotted line, wide for small hands, and a filled dot where it begins. */
export const paths: Make = ({ things }, card, size) =>
  things.length === 0
    ? NO_THINGS
    : inPages(fromThingToThing(things, ROWS[size]), ROWS[size]).map((rows) =>
        cardOf(
          `ways: ${rows.map(([from, to]) => `${from.name} to ${to.name}`).join(', ')}`,
          ...rows.flatMap(([from, to, way], i) => {
            const row = rowsOf(within(card), ROWS[size])[i]!;
            const track = TRACK_MM[size];
            const inner = part(row, 0.2, 0.8);
            const room = { ...inner, y: inner.y + track / 2, height: inner.height - track };
            const points = wayThrough(way, room);
            return [
              picture(from, part(row, 0, 0.17)),
              picture(to, part(row, 0.83, 1)),
              drawn(
                line(points, { width: track + 0.8, tone: 'soft' }),
                line(points, { width: track, tone: 'paper' }),
                line(points, { width: 0.7, line: 'dotted' }),
                { kind: 'dot', x: points[0]![0], y: points[0]![1], r: 1.8, isFilled: true },
              ),
            ];
          }),
        ),
      );

/** Strips to be cut along: straight before bent, from the edge of the paper to a thing. */
export const cutting: Make = ({ things }, card, size) =>
  things.length === 0
    ? NO_THINGS
    : inPages(fromThingToThing(things, ROWS[size]), ROWS[size]).map((rows) =>
        cardOf(
          `lines to cut: ${rows.map(([thing]) => thing.name).join(', ')}`,
          ...rows.flatMap(([thing, , way], i) => {
            const row = rowsOf(within(card), ROWS[size])[i]!;
            // What loops is not cut.
            const points = wayThrough(way === 'loops' ? 'bow' : way, part(row, 0, 0.8));
            return [
              picture(thing, part(row, 0.83, 1)),
              drawn(line(points, { width: size === 'large' ? 1.6 : 0.8, line: 'dashed' })),
            ];
          }),
        ),
      );

const firstOf = ({ name }: CardThing): string => [...name][0]!;
/** The letter that the unit features; else those with which its things begin. */
function lettersOf({ letter, things }: ShopTable): readonly string[] {
  const all = letter === null ? unique(things.map((thing) => firstOf(thing).toLocaleLowerCase())) : [letter];
  return all.filter((one) => handwriting(one) !== null);
}

/** A page a letter: large with the order of its strokes, then to be traced, and what begins with it. */
export const letters: Make = (table, card, size) => {
  const all = lettersOf(table);
  if (all.length === 0) return 'No letter is featured, and no thing begins with one.';
  const rows = ROWS[size];
  return all.map((letter) => {
    const [big, small] = [letter.toLocaleUpperCase(), letter.toLocaleLowerCase()];
    const thing = table.things.find((one) => firstOf(one).toLocaleLowerCase() === small);
    const top = within(card, 0, 0.34);
    return cardOf(
      `${big} and ${small} to trace`,
      write(big, part(top, 0, 0.38), { hand: 'hollow', most: 40, middle: true, starts: true }),
      write(small, part(top, 0.38, 0.66), { hand: 'hollow', most: 40, middle: true, starts: true }),
      ...(thing
        ? [
            picture(thing, { ...part(top, 0.7, 1), height: top.height * 0.8 }),
            words(thing.name, {
              ...part(top, 0.7, 1),
              y: top.y + top.height * 0.84,
              height: top.height * 0.16,
            }),
          ]
        : []),
      ...rowsOf(within(card, 0.4, 1), rows, 6).flatMap((row, i) => traced(i % 2 === 0 ? big : small, row, 4)),
    );
  });
};

// A row of one word: to be seen first, then to be traced as often as there is room.
function traced(text: string, row: Area, times: number): ReturnType<typeof write>[] {
  const cells = Array.from({ length: times }, (_, i) => part(row, i / times, (i + 0.92) / times));
  return cells.map((cell, i) =>
    write(text, cell, { hand: i === 0 ? 'solid' : 'dotted', most: row.height / 3.4, starts: i > 0 }),
  );
}

/** A page a child: the name to be seen, to be traced twice, and lines to write it on. */
export const names: Make = ({ names: all }, card) =>
  all.length === 0
    ? NO_NAMES
    : all.map((name) => {
        const rows = rowsOf(within(card), 4, 10);
        return cardOf(
          `the name ${name} to trace`,
          write(name, rows[0]!, { hand: 'hollow', most: 18 }),
          ...rows.slice(1, 3).map((row) => write(name, row, { hand: 'dotted', most: 18, starts: true })),
          ruled({ ...rows[3]!, y: rows[3]!.y + rows[3]!.height / 4, height: rows[3]!.height / 2 }),
        );
      });

/** The words of things to be traced beside their pictures. */
export const tracedWords: Make = ({ things }, card, size) =>
  things.length === 0
    ? NO_THINGS
    : inPages(things, ROWS[size]).map((rows) =>
        cardOf(
          `words to trace: ${rows.map(({ name }) => name).join(', ')}`,
          ...rows.flatMap((thing, i) => {
            const row = rowsOf(within(card), ROWS[size])[i]!;
            return [
              ...(thing.isShown ? [picture(thing, part(row, 0, 0.2))] : []),
              write(thing.name, part(row, 0.25, 1), { most: row.height / 3.4, starts: size === 'large' }),
            ];
          }),
        ),
      );

const MOST_TRACED = 10;
/** Numbers to trace, each beside as many of a thing. */
export const numerals: Make = ({ things, number }, card, size) => {
  if (things.length === 0) return NO_THINGS;
  const all =
    number === null
      ? Array.from({ length: MOST_TRACED }, (_, i) => i + 1)
      : Array.from({ length: ROWS[size] }, () => number);
  return inPages(all, ROWS[size]).map((rows) =>
    cardOf(
      `numbers to trace: ${unique(rows).join(', ')}`,
      ...rows.flatMap((value, i) => {
        const row = rowsOf(within(card), ROWS[size])[i]!;
        return [
          several(things[value % things.length]!, Math.min(value, MOST_TRACED), part(row, 0, 0.4)),
          ...traced(String(value), part(row, 0.45, 1), 3),
        ];
      }),
    ),
  );
};

const countOf = (text: string): ReadonlyMap<string, number> => {
  const counts = new Map<string, number>();
  for (const letter of text.toLocaleLowerCase().match(/\p{L}/gu) ?? [])
    counts.set(letter, (counts.get(letter) ?? 0) + 1);
  return counts;
};
const tilesOf = (counts: ReadonlyMap<string, number>, card: Size): readonly ShopCard[] =>
  [...counts]
    .toSorted(([a], [b]) => a.localeCompare(b))
    .flatMap(([letter, count]) =>
      Array.from({ length: count }, () =>
        cardOf(`the letter ${letter}`, words(letter, within(card), card.height)),
      ),
    );

/** Letters to lay one word of the theme after another: each as often as the word that needs it most. */
export const wordTiles: Make = ({ things }, card) => {
  if (things.length === 0) return NO_THINGS;
  const most = new Map<string, number>();
  for (const { name } of things)
    for (const [letter, count] of countOf(name)) most.set(letter, Math.max(most.get(letter) ?? 0, count));
  return tilesOf(most, card);
};

/** Letters to lay all names at the same time. */
export const nameTiles: Make = ({ names: all }, card) =>
  all.length === 0 ? NO_NAMES : tilesOf(countOf(all.join('')), card);

const DAUBER_MM = { small: 14, middle: 18, large: 24 } as const satisfies Record<CardSizeId, number>;

// Circles along the strokes, none upon another.
function daubed(text: string, area: Area, across: number): readonly Mark[] {
  const word = handwriting(text)!;
  const high = word.highest - word.lowest;
  const scale = Math.min((area.width - across) / word.width, (area.height - across) / high);
  const left = area.x + (area.width - word.width * scale) / 2;
  const top = area.y + (area.height - high * scale) / 2;
  const placed: Extract<Mark, { kind: 'dot' }>[] = [];
  for (const stroke of word.letters.flatMap(({ strokes }) => strokes))
    for (const [px, py] of along(stroke, (across + 1) / scale)) {
      const [x, y] = [left + px * scale, top + (word.highest - py) * scale];
      if (placed.every((dot) => Math.hypot(dot.x - x, dot.y - y) >= across))
        placed.push({ kind: 'dot', x, y, r: across / 2, isFilled: false });
    }
  return placed;
}

/** A page a letter or number, of circles as large as a dauber makes them. */
export const dots: Make = (table, card, size) => {
  const all = [...lettersOf(table).slice(0, 1), ...(table.number === null ? [] : [String(table.number)])];
  if (all.length === 0) return 'No letter is featured, and no thing begins with one.';
  return all.map((one) => {
    const text = one.toLocaleUpperCase();
    return cardOf(`${text} of dots`, drawn(...daubed(text, within(card), DAUBER_MM[size])));
  });
};

const HOLE_MM = 6;
/** A thing on a round card with holes to lace, a hand's breadth from each other for small hands. */
export const lacing: Make = ({ things }, card, size) =>
  things.length === 0
    ? NO_THINGS
    : things.map((thing) => {
        const r = Math.min(card.width, card.height) / 2 - 6;
        const [x, y] = [card.width / 2, card.height / 2];
        const holes = { small: 24, middle: 16, large: 10 }[size];
        const ring = Array.from({ length: holes }, (_, i): Mark => {
          const at = (2 * Math.PI * i) / holes;
          const [hx, hy] = [x + (r - 8) * Math.cos(at), y + (r - 8) * Math.sin(at)];
          return { kind: 'dot', x: hx, y: hy, r: HOLE_MM / 2, isFilled: false };
        });
        const side = r * 1.05;
        return cardOf(
          `${thing.name} to lace`,
          picture(thing, { x: x - side / 2, y: y - side / 2, width: side, height: side }),
          drawn(...ring, line(circle(x, y, r), { width: 0.7, line: 'dashed' })),
        );
      });

/** A closed circle, in points. */
export const circle = (x: number, y: number, r: number): readonly (readonly [number, number])[] =>
  Array.from({ length: 73 }, (_, i) => {
    const at = (2 * Math.PI * i) / 72;
    return [x + r * Math.cos(at), y + r * Math.sin(at)] as const;
  });

// A number that looks like chance and is the same each time.
const mixed = (i: number): number => Math.floor(Math.abs(Math.sin(i * 12.9898 + 4.1) * 43758.5453)) % 997;
const OTHERS = 'aeomnrstuldkbphigvwcfjyzqx';
const GRID = { small: 8, middle: 6, large: 5 } as const satisfies Record<CardSizeId, number>;
/** A page a letter: it among others, to be found and counted; the same page each time it is made. */
export const hunts: Make = (table, card, size) => {
  const all = lettersOf(table);
  if (all.length === 0) return 'No letter is featured, and no thing begins with one.';
  const across = GRID[size];
  return all.map((letter) => {
    const cells = rowsOf(within(card, 0.16, 1), across, 0).flatMap((row) =>
      Array.from({ length: across }, (_, i) => part(row, i / across, (i + 1) / across)),
    );
    const others = [...OTHERS].filter((one) => one !== letter.toLocaleLowerCase());
    const isIt = (i: number): boolean => mixed(i) % 5 < 2;
    const found = cells.filter((_, i) => isIt(i)).length;
    const most = (cells[0]!.height * 2) / 3;
    return cardOf(
      `${letter} among other letters`,
      words(`${letter.toLocaleUpperCase()} ${letter.toLocaleLowerCase()}`, within(card, 0, 0.09), 18),
      words(`Find all ${found}`, within(card, 0.1, 0.14)),
      ...cells.map((cell, i) =>
        words(isIt(i) ? cased(letter, i) : cased(others[mixed(i + 100) % others.length]!, i), cell, most),
      ),
    );
  });
};
const cased = (letter: string, i: number): string =>
  mixed(i + 7) % 3 === 0 ? letter.toLocaleUpperCase() : letter.toLocaleLowerCase();
