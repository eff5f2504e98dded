/** Reading: what a plan says about itself. One folder a question; nothing here is stored. */
export { explainLine } from './amounts/explain.ts';
export { peakOf } from './amounts/peak.ts';
export type { SupplyLine } from './amounts/supply-list.ts';
export { PIECES_PER_SPARE } from './amounts/uses.ts';
export { freeBlock, freeSpan, type Cubby } from './balance/shelf.ts';
export { CAUTION_LINE, formatDays, listed, type Finding, type Level } from './finding.ts';
export {
  handoverSchema,
  mayTick,
  project,
  type Handover,
  type HandoverDay,
  type HandoverItem,
} from './handover/project.ts';
export { phaseOf, sessionsOf, whoDoesWhat, type Frame, type Session } from './plan/plan.ts';
export { read, type Reading } from './read.ts';
export type { Suggestion } from './suggest.ts';
