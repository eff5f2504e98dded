/** Formats: what comes in from outside, shown row by row before anything is kept, and files that others can read. */
export * from './calendar-out.ts';
export * from './calendars.ts';
export * from './closures-ics.ts';
export * from './paste-list.ts';
export type { ImportPreview, ImportRow } from './rows.ts';
