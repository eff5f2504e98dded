import { moneySchema, type PriceOffer } from '@kobby/core';

/** Where prices come from. A real shop would be asked over its network; the stand-in makes them up. */
export interface PriceService {
  /** What the shop is called. */
  readonly shop: string;
  /** What it offers, each pack once. */
  offers(): Promise<readonly PriceOffer[]>;
}

// In the shop's own words, which are not always those of a cupboard; prices in the smallest part of any currency.
const OFFERS: readonly (readonly [name: string, pack: string, price: number])[] = [
  ['Plain flour, milled fine', '1 kg', 145],
  ['Plain flour, milled fine', '2.5 kg', 325],
  ['Fine salt', '750 g', 75],
  ['Corn starch', '400 g', 160],
  ['Baking soda', '450 g', 105],
  ['White sugar', '1 kg', 135],
  ['Vegetable oil', '1 L', 255],
  ['White vinegar', '1 L', 110],
  ['Liquid dish soap', '750 mL', 210],
  ['White rice', '5 kg', 670],
  ['Rolled oats', '1 kg', 185],
  ['Tube pasta', '500 g', 115],
  ['Washed play sand', '10 kg', 560],
  ['Cotton balls, plain', '100', 150],
  ['Washable paint', '500 mL', 410],
  ['White glue', '240 mL', 240],
  ['Glue sticks', '5', 300],
  ['Copy paper, sheets', '500', 490],
  ['Tissue paper, sheets', '20', 265],
  ['Paper plates', '20', 195],
  ['Paper cups', '25', 160],
  ['Craft sticks', '100', 230],
  ['Cotton string', '50 m', 280],
  ['Masking tape', '25 m', 220],
  ['Felt squares', '10', 470],
  ['Fat crayons', '8', 350],
  ['Garden gnome, small', '1', 1290],
];

/** A small shop that does not exist. */
export const madeUpShop: PriceService = {
  shop: 'The sample shop',
  async offers() {
    return OFFERS.map(([name, pack, price]) => ({ name, pack, price: moneySchema.parse(price) }));
  },
};
