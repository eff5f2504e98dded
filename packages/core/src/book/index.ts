/** Book: everything a home owns as one frozen value, and what refers to what in it. */
export * from './book.ts';
export * from './references.ts';
export * from './group.ts';
