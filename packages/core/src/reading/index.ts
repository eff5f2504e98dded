/** Reading: what a plan says about itself. One folder a question; nothing here is stored. */
export { explainLine, materialText } from './amounts/explain.ts';
export { peakOf } from './amounts/peak.ts';
export type { SupplyLine } from './amounts/supply-list.ts';
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
export { cornersOnShelf, phaseOf, sessionsOf, whoDoesWhat, type Frame, type Session } from './plan/plan.ts';
export { read, type Reading } from './read.ts';
export type { Suggestion } from './suggest.ts';
export { cupboardOf, type CupboardRow } from './house/cupboard.ts';
export { daysAhead, type DayAhead } from './house/days-ahead.ts';
export { houseNotes, SUPPLY_RULES, type HouseNote } from './house/house.ts';
export { LIBRARY_KINDS, type LibraryEntity, type LibraryEntry, type LibraryKind } from './search/entry.ts';
export { LibrarySearch, type LibraryWish } from './search/search.ts';
