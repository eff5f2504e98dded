/** Daybook: what happened. Ticks, what was got and used, what was made, and timers. */
export * from './batch.ts';
export * from './circle-record.ts';
export * from './gathering.ts';
export * from './tick.ts';
