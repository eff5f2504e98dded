/** Book: everything a home owns as one frozen value, and what refers to what in it. */
export * from './book.ts';
export * from './kept-files.ts';
export * from './references.ts';
export * from './group.ts';
export * from './placed.ts';
export * from './sound.ts';
export * from './for-others.ts';
