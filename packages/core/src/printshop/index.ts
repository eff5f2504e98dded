/** The print shop: cards of a theme's things, laid out true to size in millimetres. Pages know nothing of how they are drawn. */
export { type CardThing, type Mark } from './cards.ts';
export { printJob, type CardJob } from './job.ts';
export { CARD_KINDS, type CardKindId } from './kinds.ts';
export { CARD_SIZES, PAPERS, type CardSizeId, type PaperId } from './paper.ts';
