/** Daybook: what happened. Who came, how things went, ticks, words from the room, what was got and used, and timers. */
export * from './arrival.ts';
export * from './batch.ts';
export * from './circle-record.ts';
export * from './gathering.ts';
export * from './keepsake.ts';
export * from './note.ts';
export * from './record.ts';
export * from './tick.ts';
