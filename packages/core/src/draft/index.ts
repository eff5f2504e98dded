/** Draft: a whole plan for what is still free of a unit, proposed with reasons; nothing is placed by it. */
export { DRAFT_PARTS, WHOLE_DRAFT, type DraftAsk, type DraftedAt, type DraftPart } from './ask.ts';
export { circleChanges, type DraftedCircle } from './circles.ts';
export { Drafting, placingOf } from './drafting.ts';
export { DRAFT_EFFORT, gapOf, proposals, soundness, type DraftEffort, type Proposal } from './proposal.ts';
export type { ProposedPiece } from './piece.ts';
export type { DraftSpot } from './spots.ts';
export { unfilledLines, type Unfilled } from './why-empty.ts';
export { CHARACTERS, DRAFT_MUST, DRAFT_TERMS, weightsOf, type Character, type DraftTerm } from './weights.ts';
export { MOVE_TERMS, NOTHING_HAPPENED, type Disruption } from './disruption.ts';
export { reshuffle, type PlannedMove, type Reshuffled } from './reshuffle.ts';
