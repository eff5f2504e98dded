/** The print shop: cards of a theme's things, laid out true to size in millimetres. Pages know nothing of how they are drawn. */
export { dashesOf, TONES, type CardThing, type Mark, type ShopTable } from './cards.ts';
export { printJob, sizeOf, type CardJob, type CardOrder } from './job.ts';
export { CARD_KINDS, FAMILIES, type CardKind, type CardKindId } from './kinds.ts';
export { CARD_SIZES, PAPERS, type CardSizeId, type PaperId } from './paper.ts';
export {
  jobChanges,
  jobFigures,
  keptAsSet,
  levelFor,
  LEVELS,
  setFor,
  type GoesTo,
  type JobFigures,
  type JobSet,
} from './keep.ts';
export { cutLines } from './layout.ts';
export { calledName, shopTable } from './table.ts';
