import { z } from 'zod';
import { allergenIdSchema, withImplied, type AllergenId } from '../house/index.ts';
import { idSchema, lineSchema, measureSchema, versionSchema } from '../measure/index.ts';

export const supplyIdSchema = idSchema.brand<'SupplyId'>();
export type SupplyId = z.infer<typeof supplyIdSchema>;

/** Used up, or taken out and put back. */
export const supplyUseSchema = z.enum(['consumable', 'reusable'], 'A supply is consumable or reusable');
export type SupplyUse = z.infer<typeof supplyUseSchema>;

/** Something the home keeps, buys or is lent. How much is there follows from the stock ledger. */
export const supplySchema = z.object({
  id: supplyIdSchema,
  version: versionSchema,
  name: lineSchema,
  unit: measureSchema,
  use: supplyUseSchema,
  /** Where it is kept, in the home's own words; null when nobody said. */
  keptIn: lineSchema.nullable(),
  allergens: z.array(allergenIdSchema).max(20),
});
export type Supply = z.infer<typeof supplySchema>;

/** The allergens of a supply, with those that they always bring along. */
export const allergensOf = (supply: Supply): ReadonlySet<AllergenId> => withImplied(supply.allergens);
