/** Wire: what the server and the browser say to each other. */
export * from './messages.ts';
export * from './problem.ts';
export * from './new-entries.ts';
export * from './words.ts';
export * from './shipped.ts';
