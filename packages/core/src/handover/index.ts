/** Handover: links through which others see a part of the plan. */
export * from './share.ts';
