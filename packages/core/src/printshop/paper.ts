import type { ShopMade } from '../library/index.ts';

export type PaperId = ShopMade['paper'];
export type CardSizeId = ShopMade['size'];

/** Papers that are printed on, upright, in millimetres. */
export const PAPERS = {
  letter: { name: 'Letter', width: 215.9, height: 279.4 },
  a4: { name: 'A4', width: 210, height: 297 },
} as const satisfies Record<PaperId, { name: string; width: number; height: number }>;

/** What home printers leave white at each side, in millimetres. */
export const MARGIN_MM = 10;

/** How large a card can be, in millimetres: four, three or two across on either paper. */
export const CARD_SIZES = {
  small: { name: 'Small', width: 46, height: 50 },
  middle: { name: 'Middle', width: 63, height: 70 },
  large: { name: 'Large', width: 94, height: 84 },
} as const satisfies Record<CardSizeId, { name: string; width: number; height: number }>;

/** How large a tile for one letter is. */
export const TILE_SIZES = { small: 22, middle: 30, large: 40 } as const satisfies Record<CardSizeId, number>;
