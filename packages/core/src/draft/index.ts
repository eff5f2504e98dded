/** Draft: a whole plan for what is still free of a unit, proposed with reasons; nothing is placed by it. */
export { DRAFT_PARTS, WHOLE_DRAFT, type DraftAsk, type DraftedAt, type DraftPart } from './ask.ts';
export { Drafting } from './drafting.ts';
export {
  DRAFT_EFFORT,
  gapOf,
  proposals,
  type DraftEffort,
  type Proposal,
  type ProposedPiece,
} from './proposal.ts';
export type { DraftSpot } from './spots.ts';
export { CHARACTERS, DRAFT_TERMS, weightsOf, type Character, type DraftTerm } from './weights.ts';
