import { z } from 'zod';
import { lineSchema, moneySchema } from '../measure/index.ts';

/** A pack as a shop offers it: the shop's own words for it, how much is in it, and the price. */
export const priceOfferSchema = z.object({
  name: lineSchema,
  /** `500 g`, `12`, `2 L`: as amounts are typed. */
  pack: lineSchema,
  price: moneySchema,
});
export type PriceOffer = z.infer<typeof priceOfferSchema>;
