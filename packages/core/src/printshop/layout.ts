import { MARGIN_MM, PAPERS, type PaperId } from './paper.ts';

/** Width and height, in millimetres. */
export interface Size {
  readonly width: number;
  readonly height: number;
}

/** How cards of one size lie on sheets: edge to edge, so that one cut parts two of them. Lengths in millimetres. */
export interface CardGrid {
  readonly page: Size;
  readonly across: number;
  readonly down: number;
  readonly pages: number;
  /** Where the first card begins. */
  readonly left: number;
  readonly top: number;
  /** Straight cuts with sheets laid on each other, and without. */
  readonly cuts: number;
  /** Which cuts go through whole sheets first: those between the rows, or those between the columns. */
  readonly first: 'rows' | 'columns';
  readonly singleCuts: number;
}

/** As many sheets of card as an ordinary paper cutter takes at once. */
export const STACK = 6;

// First the cuts one way through whole sheets, then the strips the other way, as many on each other as the cutter takes.
function cutsFor(pages: number, first: number, second: number): number {
  let cuts = 0;
  for (let left = pages; left > 0; left -= STACK) {
    const stack = Math.min(left, STACK);
    cuts += first + 1 + Math.ceil((first * stack) / STACK) * (second + 1);
  }
  return cuts;
}

// Each sheet by itself: between the rows that are used, then each row.
function singleCutsFor(count: number, across: number, down: number): number {
  const cutsOf = (rows: number): number => rows + 1 + rows * (across + 1);
  const left = count % (across * down);
  return (
    Math.floor(count / (across * down)) * cutsOf(down) + (left > 0 ? cutsOf(Math.ceil(left / across)) : 0)
  );
}

/**
 * Lays `count` cards of a size on sheets, upright or across: the fewest sheets, then the fewest cuts. Cards of one size fit nowhere
 * better than in a grid of one direction for a cutter that goes straight through; a mixed one costs cuts.
 * @returns null when not even one card fits between the margins, or there is none.
 */
export function layCards(count: number, card: Size, paper: PaperId): CardGrid | null {
  const { width, height } = PAPERS[paper];
  const ways = [
    { width, height },
    { width: height, height: width },
  ].flatMap((page): CardGrid[] => {
    const across = Math.floor((page.width - 2 * MARGIN_MM) / card.width);
    const down = Math.floor((page.height - 2 * MARGIN_MM) / card.height);
    if (across < 1 || down < 1 || count < 1) return [];
    const pages = Math.ceil(count / (across * down));
    // What is left of a last row that nothing lies on is not cut.
    const rows = Math.min(down, Math.ceil(count / across));
    const [byRows, byColumns] = [cutsFor(pages, rows, across), cutsFor(pages, across, rows)];
    return [
      {
        page,
        across,
        down,
        pages,
        left: (page.width - across * card.width) / 2,
        top: (page.height - down * card.height) / 2,
        cuts: Math.min(byRows, byColumns),
        first: byRows <= byColumns ? 'rows' : 'columns',
        singleCuts: singleCutsFor(count, across, down),
      },
    ];
  });
  return ways.toSorted((a, b) => a.pages - b.pages || a.cuts - b.cuts)[0] ?? null;
}

/** A straight cut, in millimetres of its sheet; which of them go through whole sheets, and which through strips then. */
export interface Cut {
  readonly from: readonly [x: number, y: number];
  readonly to: readonly [x: number, y: number];
  readonly isFirst: boolean;
}

/** Where a sheet with `count` cards is cut: round the cards and between them, drawn out a little past them. */
export function cutLines({ left, top, across, first }: CardGrid, card: Size, count: number): readonly Cut[] {
  const OUT_MM = 4;
  const down = Math.ceil(count / across);
  const [right, bottom] = [left + across * card.width, top + down * card.height];
  const rows = Array.from({ length: down + 1 }, (_, i): Cut => {
    const y = top + i * card.height;
    return { from: [left - OUT_MM, y], to: [right + OUT_MM, y], isFirst: first === 'rows' };
  });
  const columns = Array.from({ length: across + 1 }, (_, i): Cut => {
    const x = left + i * card.width;
    return { from: [x, top - OUT_MM], to: [x, bottom + OUT_MM], isFirst: first === 'columns' };
  });
  return [...rows, ...columns];
}
