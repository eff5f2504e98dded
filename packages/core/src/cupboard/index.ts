/** Cupboard: supplies and the ledger of their stock. */
export * from './stock.ts';
export * from './supply.ts';
