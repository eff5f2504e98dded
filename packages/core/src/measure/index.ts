/** Measure: quantities, units and the plain texts and ids that everything above is made of. The ground floor. */
export * from './quantity.ts';
export * from './text.ts';
