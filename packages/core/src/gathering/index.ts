/** Gathering: what becomes of the cupboard when something was bought, made or used, as changes to be kept in one step. */
export * from './gathering.ts';
