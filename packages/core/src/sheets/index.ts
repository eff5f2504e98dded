/** Sheets: what is printed and sent, made from a plan. */
export * from './note-home.ts';
export type { PrintedLayout, PrintedPage, PrintedPart } from './page.ts';
export * from './printed.ts';
