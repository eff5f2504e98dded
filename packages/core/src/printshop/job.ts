import { CARD_SIZES, MARGIN_MM, PAPERS, TILE_SIZES, type CardSizeId, type PaperId } from './paper.ts';
import type { ShopCard, ShopTable } from './cards.ts';
import { CARD_KINDS, type CardKind, type CardKindId } from './kinds.ts';
import { layCards, type CardGrid, type Size } from './layout.ts';

/** A card on a sheet, with where its upper left corner lies, in millimetres. */
interface LaidCard {
  readonly card: ShopCard;
  readonly x: number;
  readonly y: number;
}

/** A set as it is printed: its sheets, and what it takes. */
export interface CardJob {
  readonly grid: CardGrid;
  readonly card: Size;
  /** Whether its pages stay whole, so that nothing is cut through them. */
  readonly isPages: boolean;
  readonly sheets: readonly (readonly LaidCard[])[];
  readonly cards: number;
  /** Words that fit on no card of this size: told, never cut off. */
  readonly untold: readonly string[];
}

/** A set of cards of a theme's things. */
export interface CardOrder {
  readonly kind: CardKindId;
  readonly size: CardSizeId;
  readonly paper: PaperId;
  /** How many of the whole set: 1 to {@link MOST_COPIES}. */
  readonly copies: number;
}

/** The size of what a kind is made of, in millimetres: a card, or all of a page between its margins. */
export function sizeOf(kind: CardKindId, size: CardSizeId, paper: PaperId): Size {
  const { format }: CardKind = CARD_KINDS[kind];
  const [width, height] = [PAPERS[paper].width - 2 * MARGIN_MM, PAPERS[paper].height - 2 * MARGIN_MM];
  if (format === 'page') return { width, height };
  if (format === 'across') return { width: height, height: width };
  if (format === 'tile') return { width: TILE_SIZES[size], height: TILE_SIZES[size] };
  return format === 'card' ? CARD_SIZES[size] : format;
}

/**
 * Lays a set out, sheet by sheet, in the order in which its cards are made.
 * @returns a sentence when the table of things lacks something, or nothing fits.
 */
export function printJob(order: CardOrder, table: ShopTable): CardJob | string {
  const kind: CardKind = CARD_KINDS[order.kind];
  const card = sizeOf(order.kind, order.size, order.paper);
  const made = kind.make(table, card, order.size);
  if (typeof made === 'string') return made;
  const all = Array.from({ length: order.copies }, () => made).flat();
  const isPages = kind.format === 'page' || kind.format === 'across';
  const laid = layCards(all.length, card, order.paper);
  const grid = laid && isPages ? { ...laid, cuts: 0, singleCuts: 0 } : laid;
  if (!grid)
    return `A card of ${card.width} × ${card.height} mm does not fit on ${PAPERS[order.paper].name}.`;
  const perSheet = grid.across * grid.down;
  const sheets = Array.from({ length: grid.pages }, (_, page) =>
    all.slice(page * perSheet, (page + 1) * perSheet).map((one, i) => ({
      card: one,
      x: grid.left + (i % grid.across) * card.width,
      y: grid.top + Math.floor(i / grid.across) * card.height,
    })),
  );
  const untold = [...new Set(made.flatMap((one) => (one.untold === null ? [] : [one.untold])))];
  return { grid, card, isPages, sheets, cards: all.length, untold };
}
