/** Handover: who leads what, links through which others see a part of the plan, and notes home. */
export * from './leading.ts';
export * from './letter.ts';
export * from './share.ts';
