/** Jotting: what somebody writes into a plan, understood as far as it goes, by plain rules. */
export * from './facts.ts';
export * from './line.ts';
export * from './written-in.ts';
export * from './piece.ts';
