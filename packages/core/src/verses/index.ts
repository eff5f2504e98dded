/** Verses: the texts of songs and finger plays, filled with words and numbers, and whether they still scan. Knows no homes. */
export * from './notation.ts';
export * from './pasted.ts';
export * from './nouns.ts';
export * from './numbers.ts';
export * from './scansion.ts';
export * from './sing.ts';
export { listsOf, unknownSlots } from './slots.ts';
