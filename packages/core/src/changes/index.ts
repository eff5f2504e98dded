/** Changes: the one language in which the book is altered. Schema, apply, what takes it back, how it is called. */
export * from './pen/actor.ts';
export * from './apply.ts';
export * from './change.ts';
export { placesOf, withoutWords } from './pen/forget.ts';
export * from './history.ts';
export type { Refusal, RefusalReason } from './pen/refusal.ts';
export * from './start-from.ts';
export * from './swap.ts';
export { asIf } from './tried.ts';
export type { Touch } from './pen/pen.ts';
