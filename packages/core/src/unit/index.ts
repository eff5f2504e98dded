/** Unit: a themed unit, its numbered days and what is placed in its corners and on its days. */
export * from './placement.ts';
export * from './unit.ts';
