/** Cupboard: supplies and their properties, sets, wishes, and the stock ledger. */
export * from './pack-choice.ts';
export * from './asks.ts';
export * from './price-offer.ts';
export * from './properties.ts';
export * from './stock.ts';
export * from './supply.ts';
