/** Formats: what comes in from outside, shown row by row before anything is kept. */
export * from './closures-ics.ts';
export * from './paste-list.ts';
export type { ImportPreview, ImportRow } from './rows.ts';
