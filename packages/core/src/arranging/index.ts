/** Arranging: what people do to a circle and to the rest of a day, as changes to be kept in one step. */
export * from './carry-on.ts';
export * from './change-of-plan.ts';
export * from './for-next-time.ts';
export * from './packet.ts';
export * from './pieces.ts';
export * from './recipe-begun.ts';
export * from './recipe-in-plan.ts';
export * from './fitting.ts';
export * from './taken-things.ts';
