/** Measure: quantities, units, money and the plain texts and ids that everything above is made of. The ground floor. */
export * from './about.ts';
export * from './exact.ts';
export * from './in-texts.ts';
export * from './kept-file.ts';
export * from './memoised.ts';
export * from './money.ts';
export * from './quantity.ts';
export * from './random.ts';
export * from './text.ts';
export * from './units.ts';
