/** Unit: a themed unit, what it is about, its numbered days and what is placed in its corners and on its days. */
export * from './circle.ts';
export * from './day-line.ts';
export * from './event.ts';
export * from './featured.ts';
export * from './keeping.ts';
export * from './omission.ts';
export { shownIn } from './in-hand.ts';
export * from './placement.ts';
export * from './preparation.ts';
export * from './ready-unit.ts';
export * from './theme.ts';
export * from './thing.ts';
export * from './thing-list.ts';
export * from './unit.ts';
export * from './written.ts';
