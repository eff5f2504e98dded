/** What belongs to a theme, and what is known of a word: scenes written for Kobby and a word book made from open language data. */
export { offers, letterOf } from './offers.ts';
export { openWordBook, type WordBook } from './word-book.ts';
export { told } from './told.ts';
