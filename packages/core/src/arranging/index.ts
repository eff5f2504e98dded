/** Arranging: what people do to a circle, as changes to be kept in one step. */
export * from './pieces.ts';
export * from './fitting.ts';
