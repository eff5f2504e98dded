import type { ChangeInput } from '@kobby/core';

type SheetInput = Extract<ChangeInput, { type: 'library/put-sheet' }>['sheet'];

/** Sheets that activities of the starter library print: what paper, how they are cut and finished. */
export const STARTER_SHEETS: readonly SheetInput[] = [
  {
    id: 'sheet-number-kites',
    title: 'Number kites, one to six',
    from: 'Kobby starter library',
    pages: '1',
    paper: 'card',
    colour: true,
    level: 'dots and numerals',
    laminate: true,
    cut: 'after',
    cardsPerPage: 6,
    finishing: ['hole and ring'],
    about: ['counting', 'kites'],
  },
  {
    id: 'sheet-wind-lines',
    title: 'Lines of wind to trace',
    from: 'Kobby starter library',
    pages: '1-2',
    paper: 'plain',
    level: 'wide, middle and narrow',
    about: ['tracing', 'wind'],
  },
  {
    id: 'sheet-kite-halves',
    title: 'Kite corners to match',
    from: 'Kobby starter library',
    pages: '1',
    paper: 'card',
    colour: true,
    cut: 'plain',
    cardsPerPage: 8,
    cutAtOnce: 4,
    about: ['matching', 'kites'],
  },
];
