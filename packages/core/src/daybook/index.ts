/** Daybook: what happened. So far the ticks of people in the room. */
export * from './tick.ts';
