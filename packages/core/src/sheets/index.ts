/** Sheets: what is printed and sent, made from a plan. */
export * from './child-letter.ts';
export * from './note-home.ts';
export { gridPoints, ideasBySubject, overviewGrid, subjectLens, type SubjectRow } from './overview.ts';
export type { PrintedGrid, PrintedLayout, PrintedPage, PrintedPart } from './page.ts';
export * from './printed.ts';
