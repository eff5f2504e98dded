import { CARD_SIZES, PAPERS, type CardSizeId, type PaperId } from './paper.ts';
import type { CardThing, ShopCard } from './cards.ts';
import { CARD_KINDS, type CardKindId } from './kinds.ts';
import { layCards, type CardGrid } from './layout.ts';

/** A card on a sheet, with where its upper left corner lies, in millimetres. */
interface LaidCard {
  readonly card: ShopCard;
  readonly x: number;
  readonly y: number;
}

/** A set as it is printed: its sheets, and what it takes. */
export interface CardJob {
  readonly grid: CardGrid;
  readonly card: { readonly width: number; readonly height: number };
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
  /** How many of the whole set, 1 to 20. */
  readonly copies: number;
}

/**
 * Lays a set out, sheet by sheet, in the order in which its cards are made.
 * @returns a sentence when the table of things lacks something, or nothing fits.
 */
export function printJob(order: CardOrder, things: readonly CardThing[]): CardJob | string {
  const card = CARD_SIZES[order.size];
  const made = CARD_KINDS[order.kind].make(things, card);
  if (typeof made === 'string') return made;
  const all = Array.from({ length: order.copies }, () => made).flat();
  const grid = layCards(all.length, card, order.paper);
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
  return { grid, card, sheets, cards: all.length, untold };
}
